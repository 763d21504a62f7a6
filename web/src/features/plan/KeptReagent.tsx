import { Button, Text } from '@mantine/core';
import { SubstanceSelect } from './SubstanceSelect';

/** The reagent that one has, and wants to keep. */
export function KeptReagent({
  keep,
  setKeep,
}: {
  readonly keep: string;
  readonly setKeep: (next: string) => void;
}) {
  return (
    <div>
      <Text fw={500}>One reagent stays</Text>
      <SubstanceSelect value={keep} error={undefined} onChange={setKeep} />
      {keep && (
        <Button variant="subtle" px={0} onClick={() => setKeep('')}>
          Neither need stay
        </Button>
      )}
    </div>
  );
}
