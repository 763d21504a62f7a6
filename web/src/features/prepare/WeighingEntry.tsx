import { Alert, Box, Button, Group, Text } from '@mantine/core';
import type { Weighing } from '@stoichos/core/labday/day';
import { useAnswer } from '../../data/worker/useAnswer';
import { NumberField } from '../../shared/parts/NumberField';
import { Formula } from '../../shared/chemistry/Formula';
import { strengthText } from '@stoichos/core/planning/prep';
import { ToleranceBand } from './ToleranceBand';
import { formatNumber, withFigures } from '@stoichos/core/common';
import { useWeighing } from './useWeighing';
import type { WeighingEntryProps } from './useWeighing';

/**
 * Enters the mass that was really weighed, with the boat taken off where it was not tared. A mass that looks like a slip is
 * asked about before it is kept, and what it changes in what will be seen is told.
 */
export function WeighingEntry({ day, line, making, forms, done }: WeighingEntryProps) {
  const weighing = useWeighing({ making, line, forms, day });
  const { fields, record, boat, actualG, result, challenge, concentrationM } = weighing;
  return (
    <form noValidate onSubmit={record}>
      <WeighedFields weighing={weighing} done={done} />
      <Button
        variant="subtle"
        size="compact-md"
        px={0}
        h={32}
        onClick={() => fields.setFieldValue('boat', boat === null ? '' : null)}
      >
        {boat === null ? 'Not tared: weigh the boat' : 'Tared: no boat to take off'}
      </Button>
      {result && <ToleranceBand ratio={result.ratio} />}
      {result && !challenge && (
        <Text size="sm" mt={6}>
          {boat !== null && `${formatNumber(actualG ?? 0)} g. `}Makes{' '}
          {withFigures(result.concentrationM, 3)} M: close enough to {strengthText(concentrationM)}.
        </Text>
      )}
      {result && challenge && (
        <Alert mt="sm" title="Is that right?" role="alert">
          <Formula text={challenge.message} wrap /> It makes {withFigures(result.concentrationM, 3)}{' '}
          M instead of {strengthText(concentrationM)}.
        </Alert>
      )}
      {actualG && <Effects day={day} line={line} making={making} actualG={actualG} />}
    </form>
  );
}

/** What the balance showed, and the volume it was made up to. */
function WeighedFields({
  weighing: { fields, boat, actualG, asked, isLoading },
  done,
}: {
  readonly weighing: ReturnType<typeof useWeighing>;
  readonly done: Weighing | undefined;
}) {
  return (
    <Group align="flex-end" gap="sm" mt="xs">
      {boat !== null && (
        <NumberField
          label="Boat alone"
          suffix=" g"
          min={0}
          decimalScale={4}
          w={120}
          {...fields.getInputProps('boat')}
        />
      )}
      <NumberField
        label={boat !== null ? 'With the boat' : done ? 'Weighed again' : 'Weighed, after tare'}
        suffix=" g"
        min={0}
        decimalScale={4}
        w={150}
        {...fields.getInputProps('shown')}
      />
      <Button
        type="submit"
        disabled={!actualG}
        loading={isLoading}
        variant={asked ? 'default' : 'filled'}
      >
        {asked ? `Keep ${actualG ?? ''} g all the same` : 'Record the mass'}
      </Button>
    </Group>
  );
}

/** What will be seen differently with this mass. */
function Effects({
  day,
  line: { substance, concentrationM, totalMl },
  making: { form, purityPercent },
  actualG,
}: Pick<WeighingEntryProps, 'day' | 'line' | 'making'> & { readonly actualG: number }) {
  const { value: effects } = useAnswer('weighingEffects', [
    day,
    [
      ...day.weighings,
      {
        id: day.id,
        substance,
        concentrationM,
        volumeMl: totalMl,
        form,
        purityPercent,
        actualG,
        // Later than any that was kept, so that it is the one that counts.
        recordedAt: '9999-12-31T23:59:59.000Z',
      },
    ],
  ]);
  if (!effects) return null;
  if (effects.length === 0)
    return (
      <Text size="sm" className="quiet" data-testid="effects">
        What is expected at the bench stays the same.
      </Text>
    );
  return (
    <div data-testid="effects">
      <Text size="sm" fw={600} mt={6}>
        This changes what is expected:
      </Text>
      <Box component="ul" m={0} pl="1.2rem">
        {effects.map(({ where, planned, asMade }) => (
          <li key={where}>
            <Text size="sm">
              {where}: {asMade} <span className="quiet">(planned: {planned})</span>
            </Text>
          </li>
        ))}
      </Box>
    </div>
  );
}
