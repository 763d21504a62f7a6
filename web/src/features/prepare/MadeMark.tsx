import { Button, Group, Text } from '@mantine/core';
import type { LabDay } from '@stoichos/core/labday/day';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import { IconCheck } from '@tabler/icons-react';
import { useConfirmPreparationMutation, useUndoPreparationMutation } from '../../data/api/api';
import { sayProblem } from '../../shared/parts/sayProblem';
import { atMostFigures } from '@stoichos/core/common';

interface MadeMarkProps {
  /** What is said when it is done. */
  readonly word: 'made' | 'set out';
  readonly day: LabDay;
  readonly lineKey: string;
  /** What it takes from a jar; none when nothing is on the shelf for it. */
  readonly taking?: { readonly jar: ShelfItem; readonly amount: number };
}

/** Marks a line of the sheet as made and takes what it needed from the jar; undone, it is given back. */
export function MadeMark({ word, day, lineKey, taking }: MadeMarkProps) {
  const [confirm, { isLoading }] = useConfirmPreparationMutation();
  const [undo, { isLoading: undoing }] = useUndoPreparationMutation();
  const made = day.preparations.find(({ key }) => key === lineKey);
  const attempt = async (work: Promise<unknown>) => {
    try {
      await work;
    } catch (error) {
      sayProblem(error, 'Not done');
    }
  };
  if (made)
    return (
      <Group gap="xs" data-testid="is-made">
        <IconCheck size={20} aria-hidden />
        <Text size="sm">
          {word === 'made' ? 'Made' : 'Set out'}
          {made.takings.length > 0 &&
            `, ${made.takings.map(({ amount }) => atMostFigures(amount, 4)).join(' + ')} ${taking?.jar.unit ?? ''} taken from the jar`}
        </Text>
        <Button
          loading={undoing}
          onClick={() => void attempt(undo({ dayId: day.id, id: made.id }).unwrap())}
        >
          Undo
        </Button>
      </Group>
    );
  return (
    <Button
      loading={isLoading}
      onClick={() =>
        void attempt(
          confirm({
            dayId: day.id,
            preparation: {
              id: crypto.randomUUID(),
              key: lineKey,
              madeBy: day.staff[0] ?? '',
              confirmedAt: new Date().toISOString(),
              takings: taking ? [{ itemId: taking.jar.id, amount: taking.amount }] : [],
            },
          }).unwrap(),
        )
      }
    >
      {taking
        ? `It is ${word}: take ${atMostFigures(taking.amount, 3)} ${taking.jar.unit} off the jar`
        : `It is ${word}`}
    </Button>
  );
}
