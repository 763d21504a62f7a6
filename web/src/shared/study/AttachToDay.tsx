import { Button, Select, Text } from '@mantine/core';
import { useState } from 'react';
import type { Procedure } from '@stoichos/core/planning/procedure';
import { useDaysQuery } from '../../data/api/api';
import { useRecent } from '../../data/kept/recent';
import { longDate, today } from '../parts/dates';
import { AddToDay } from './AddToDay';

const none = { items: [] } as const;

/** Puts the result of a study into a lab day as a procedure: what it should show is then computed at every bench. */
export function AttachToDay({ procedure }: { procedure: Procedure | undefined }) {
  const { currentData: { items: coming } = none } = useDaysQuery({
    which: 'coming',
    today: today(),
  });
  const { currentData: { items: held } = none } = useDaysQuery({ which: 'held', today: today() });
  const days = [...coming, ...held];
  const [chosen, setChosen] = useState<string | null>(null);
  // The day one comes from is meant before any other.
  const [recent] = useRecent();
  const last = recent
    .map(({ path }) => days.find(({ id }) => path.startsWith(`/days/${id}`)))
    .find((day) => day !== undefined);
  const dayId = chosen ?? last?.id ?? coming[0]?.id ?? held[0]?.id ?? null;
  if (days.length === 0)
    return (
      <Text size="sm" className="quiet">
        Make a lab day first; then this can be put into it as a procedure.
      </Text>
    );
  return (
    <div className="no-print">
      <Select
        label="Put it into a lab day"
        mb="xs"
        value={dayId}
        onChange={setChosen}
        data={days.map(({ id, name, date }) => ({
          value: id,
          label: `${name} · ${longDate(date)}`,
        }))}
      />
      {procedure && dayId ? (
        <AddToDay dayId={dayId} procedure={procedure} />
      ) : (
        <Button variant="filled" disabled>
          Add to the day
        </Button>
      )}
    </div>
  );
}
