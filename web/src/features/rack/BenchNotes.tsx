import { Text, Title } from '@mantine/core';
import { eventWords } from '@stoichos/core/seeing/rack';
import type { RackEvent, ToldStep } from '@stoichos/core/seeing/rack';
import { Formula } from '../../shared/chemistry/Formula';
import { ObservationLine } from '../../shared/chemistry/ObservationLine';
import classes from './MixPage.module.css';

/** Everything done so far with what it showed, newest first. */
export function BenchNotes({
  steps,
}: {
  steps: readonly { readonly event: RackEvent; readonly told: ToldStep | undefined }[];
}) {
  return (
    <>
      <Title mt="lg" mb="xs">
        Bench notes
      </Title>
      <ol className={classes.notes} reversed data-testid="notes">
        {steps
          .map(({ event, told }, index) => (
            <li key={index}>
              <Formula text={eventWords(event)} wrap />
              <Text size="sm" className="quiet">
                <ObservationLine seen={told?.observations ?? []} />
              </Text>
            </li>
          ))
          .reverse()}
      </ol>
    </>
  );
}
