import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import type { Announcements, DragEndEvent } from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { Button, Title } from '@mantine/core';
import {
  blankStep,
  mindOf,
  moveStep,
  orderProblems,
  shortText,
  stepSafety,
} from '@stoichos/core/planning/procedure';
import type { Procedure, ProcedureRun, ProcedureStep } from '@stoichos/core/planning/procedure';
import { IconPlus } from '@tabler/icons-react';
import { useMemo, useState } from 'react';
import { Row } from './StepRow';

interface StepListProps {
  readonly procedure: Procedure;
  readonly run: ProcedureRun;
  /** What is saved, run: to show what a change has changed. */
  readonly before: ProcedureRun;
  readonly onChange: (steps: Procedure['steps'], label: string) => void;
}

/** The steps of a procedure: dragged or moved by keyboard, each with what it should show beside it. */
export function StepList(props: StepListProps) {
  const { procedure, onChange } = props;
  const { steps } = procedure;
  const [open, setOpen] = useState<string | undefined>(steps[0]?.id);
  const add = () => {
    const step = newStep(steps);
    onChange([...steps, step], 'add step');
    setOpen(step.id);
  };
  return (
    <section aria-label="Steps">
      <Title mt="md" mb="xs">
        Steps
      </Title>
      <SortableSteps {...props} open={open} setOpen={setOpen} />
      {steps.length < 60 && (
        <Button mt="sm" leftSection={<IconPlus size={18} aria-hidden />} onClick={add}>
          Add a step
        </Button>
      )}
    </section>
  );
}

interface SortableStepsProps extends StepListProps {
  /** The step whose fields are open. */
  readonly open: string | undefined;
  readonly setOpen: (next: string | undefined) => void;
}

/** The steps, to be moved by hand or by keyboard. */
function SortableSteps({ procedure, run, before, onChange, open, setOpen }: SortableStepsProps) {
  const { steps } = procedure;
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const safety = useMemo(() => stepSafety(run, 'groups'), [run]);
  const problems = orderProblems(steps);
  const move = (from: number, to: number) => {
    if (to >= 0 && to < steps.length && to !== from)
      onChange(moveStep(steps, from, to), `move ${String(from)} ${String(to)}`);
  };
  const dropped = ({ active, over }: DragEndEvent) => {
    const place = (id: unknown): number => steps.findIndex((step) => step.id === id);
    if (over) move(place(active.id), place(over.id));
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      accessibility={{ announcements: announcements(steps) }}
      onDragEnd={dropped}
    >
      <SortableContext items={steps.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
        <ol className="bare">
          {steps.map((step, at) => (
            <Row
              key={step.id}
              step={step}
              at={at}
              count={steps.length}
              isOpen={open === step.id}
              onOpen={() => setOpen(open === step.id ? undefined : step.id)}
              problems={problems
                .filter(({ stepId }) => stepId === step.id)
                .map(({ message }) => message)}
              mind={safety.filter(({ stepId }) => stepId === step.id).flatMap(mindOf)}
              procedure={procedure}
              run={run}
              before={before}
              move={move}
              onChange={(next, label) =>
                onChange(
                  steps.map((one) => (one.id === step.id ? next : one)),
                  `${label} ${step.id}`,
                )
              }
              onRemove={() =>
                onChange(
                  steps.filter((one) => one.id !== step.id),
                  'remove step',
                )
              }
              onCopy={() => {
                const copy = { ...step, id: newStep(steps).id };
                onChange([...steps.slice(0, at + 1), copy, ...steps.slice(at + 1)], 'copy step');
                setOpen(copy.id);
              }}
            />
          ))}
        </ol>
      </SortableContext>
    </DndContext>
  );
}

/** What a screen reader says while a step is moved. */
function announcements(steps: Procedure['steps']): Announcements {
  const name = (id: string | number): string => {
    const at = steps.findIndex((step) => step.id === id);
    const step = steps[at];
    return step ? `step ${at + 1}, ${shortText(step)}` : String(id);
  };
  return {
    onDragStart: ({ active }) =>
      `Picked up ${name(active.id)}. Arrows move it, space puts it down, escape leaves it.`,
    onDragOver: ({ active, over }) =>
      over && over.id !== active.id ? `Now in the place of ${name(over.id)}.` : undefined,
    onDragEnd: ({ over }) => (over ? `Put down in the place of ${name(over.id)}.` : 'Left.'),
    onDragCancel: () => 'Left where it was.',
  };
}

function newStep(steps: Procedure['steps']): ProcedureStep {
  let number = steps.length + 1;
  while (steps.some(({ id }) => id === `step-${String(number)}`)) number += 1;
  return blankStep(`step-${String(number)}`);
}
