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
import { StepRow } from './StepRow';
import type { WrittenStep } from './StepRow';

const mostSteps = 60;

interface StepListProps {
  readonly procedure: Procedure;
  readonly run: ProcedureRun;
  /** What is saved, run: to show what a change has changed. */
  readonly before: ProcedureRun;
  readonly onChange: (steps: Procedure['steps'], label: string) => void;
}

/** The steps of a procedure: dragged or moved by keyboard, each with what it should show beside it. */
export function StepList({ procedure, run, before, onChange }: StepListProps) {
  const { steps } = procedure;
  const [open, setOpen] = useState<string | undefined>(steps[0]?.id);
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
  const put = (step: ProcedureStep, at: number, label: string) => {
    onChange([...steps.slice(0, at), step, ...steps.slice(at)], label);
    setOpen(step.id);
  };
  const written = (step: ProcedureStep, at: number): WrittenStep => ({
    step,
    at,
    isOpen: open === step.id,
    problems: problems.filter(({ stepId }) => stepId === step.id).map(({ message }) => message),
    mind: safety.filter(({ stepId }) => stepId === step.id).flatMap(mindOf),
    onOpen: () => setOpen(open === step.id ? undefined : step.id),
    onMove: (to) => move(at, to),
    onChange: (next, label) => onChange(steps.with(at, next), `${label} ${step.id}`),
    onRemove: () => onChange(steps.toSpliced(at, 1), 'remove step'),
    onCopy: () => put({ ...step, id: newStep(steps).id }, at + 1, 'copy step'),
  });
  return (
    <section aria-label="Steps">
      <Title mt="md" mb="xs">
        Steps
      </Title>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        accessibility={{ announcements: announcements(steps) }}
        onDragEnd={dropped}
      >
        <SortableContext items={steps.map(({ id }) => id)} strategy={verticalListSortingStrategy}>
          <ol className="bare">
            {steps.map((step, at) => (
              <StepRow
                key={step.id}
                {...written(step, at)}
                procedure={procedure}
                run={run}
                before={before}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      {steps.length < mostSteps && (
        <Button
          mt="sm"
          leftSection={<IconPlus size={18} aria-hidden />}
          onClick={() => put(newStep(steps), steps.length, 'add step')}
        >
          Add a step
        </Button>
      )}
    </section>
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
