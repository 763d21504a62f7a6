import { ActionIcon, Text, TextInput } from '@mantine/core';
import { IconTrash } from '@tabler/icons-react';
import * as z from 'zod';
import { Amounts } from '../../shared/study/Amounts';
import classes from '../../shared/study/Study.module.css';

const typed = z.union([z.number(), z.literal('')]);

export const rowSchema = z.object({
  name: z.string(),
  currentA: typed,
  minutes: typed,
  cathodeG: typed,
  anodeG: typed,
});

export type Row = z.output<typeof rowSchema>;

export function RowFields({
  row,
  onChange,
  onDrop,
}: {
  readonly row: Row;
  readonly onChange: (part: Partial<Row>) => void;
  readonly onDrop: () => void;
}) {
  const signs = signSlip(row);
  return (
    <div role="group" aria-label={row.name} className={classes.block}>
      <div className={classes.saltAmount}>
        <TextInput
          label="Run"
          style={{ flex: 1, width: 'auto' }}
          value={row.name}
          onChange={(event) => onChange({ name: event.currentTarget.value })}
        />
        <ActionIcon variant="default" aria-label={`Leave out ${row.name}`} onClick={onDrop}>
          <IconTrash size={20} />
        </ActionIcon>
      </div>
      <div className={classes.pair}>
        <Amounts
          of={row}
          onChange={onChange}
          fields={{
            currentA: ['Current', 'A', 0.05],
            minutes: ['Time', 'min', 1],
            cathodeG: ['Minus changed', 'g', 0.01],
            anodeG: ['Plus changed', 'g', 0.01],
          }}
        />
      </div>
      {signs && (
        <Text size="sm" role="alert" mt={4}>
          {signs}
        </Text>
      )}
    </div>
  );
}

/** Minus gains and plus loses; anything else is a slip of the sign or swapped electrodes. */
export function signSlip({ cathodeG, anodeG }: Row): string | undefined {
  const [wrongMinus, wrongPlus] = [cathodeG !== '' && cathodeG < 0, anodeG !== '' && anodeG > 0];
  if (wrongMinus && wrongPlus)
    return 'Minus lost and plus gained: the electrodes, or the signs, are swapped.';
  if (wrongPlus) return 'Plus loses: type its change with a minus, as after less before.';
  return wrongMinus ? 'Minus gains: type its change without a minus.' : undefined;
}
