import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { ActionIcon, Group, Text, UnstyledButton } from '@mantine/core';
import { shortText } from '@stoichos/core/planning/procedure';
import type {
  Procedure,
  ProcedureRun,
  ProcedureStep,
  RunStep,
} from '@stoichos/core/planning/procedure';
import {
  IconAlertTriangle,
  IconArrowDown,
  IconArrowUp,
  IconGripVertical,
} from '@tabler/icons-react';
import { MindLines } from '../../shared/chemistry/MindLines';
import classes from './EditorPage.module.css';
import { Expected, expectedWords } from './StepCard';
import { StepFields } from './StepFields';
import { formatNumber } from '@stoichos/core/common';

/** A step as it is written: what it shows, what is wrong with it, and what can be done to it. */
export interface WrittenStep {
  readonly step: ProcedureStep;
  readonly at: number;
  readonly isOpen: boolean;
  readonly problems: readonly string[];
  readonly mind: readonly string[];
  readonly onOpen: () => void;
  readonly onMove: (to: number) => void;
  readonly onChange: (step: ProcedureStep, label: string) => void;
  readonly onRemove: () => void;
  readonly onCopy: () => void;
}

interface StepRowProps extends WrittenStep {
  readonly procedure: Procedure;
  readonly run: ProcedureRun;
  readonly before: ProcedureRun;
}

export function StepRow({ procedure, run, before, ...written }: StepRowProps) {
  const { step, at, isOpen, onOpen, problems, mind, onMove } = written;
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: step.id,
  });
  const name = step.text === '' ? `Step ${at + 1}` : shortText(step);
  const own = run.steps.find((one) => one.step.id === step.id);
  return (
    <li
      ref={setNodeRef}
      className={classes.step}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      data-testid="edit-step"
      {...(isDragging && { 'data-dragging': '' })}
    >
      <div className={classes.head}>
        <UnstyledButton
          className={classes.grip}
          aria-label={`Drag ${name}`}
          {...attributes}
          {...listeners}
        >
          <IconGripVertical size={20} aria-hidden />
          {at + 1}
        </UnstyledButton>
        <UnstyledButton className={classes.open} aria-expanded={isOpen} onClick={onOpen}>
          <span>{step.text === '' ? <em>What is done?</em> : step.text}</span>
          <Text component="span" size="sm" className="quiet">
            {formatNumber(step.minutes)} min{step.attended ? '' : ', by itself'}
          </Text>
        </UnstyledButton>
        <Group gap={4} wrap="nowrap">
          <ActionIcon
            disabled={at === 0}
            onClick={() => onMove(at - 1)}
            aria-label={`${name} earlier`}
          >
            <IconArrowUp size={20} />
          </ActionIcon>
          <ActionIcon
            disabled={at === procedure.steps.length - 1}
            onClick={() => onMove(at + 1)}
            aria-label={`${name} later`}
          >
            <IconArrowDown size={20} />
          </ActionIcon>
        </Group>
        <div>
          <Expected run={own} vessels={procedure.vessels} />
          <MindLines lines={mind} />
          <WasBefore now={own} before={before.steps.find((one) => one.step.id === step.id)} />
        </div>
      </div>
      {problems.map((message) => (
        <p key={message} className={classes.problem} role="alert">
          <IconAlertTriangle size={20} aria-hidden /> {message}
        </p>
      ))}
      {isOpen && (
        <StepFields
          step={step}
          earlier={procedure.steps.slice(0, at)}
          procedure={procedure}
          runs={run.steps.slice(0, at + 1)}
          onChange={written.onChange}
          onRemove={written.onRemove}
          onCopy={written.onCopy}
        />
      )}
    </li>
  );
}

/** What the step showed before the change, where it shows something else now. */
function WasBefore({ now, before }: { now: RunStep | undefined; before: RunStep | undefined }) {
  if (!now || !before) return null;
  const [is, was] = [expectedWords(now).join('; '), expectedWords(before).join('; ')];
  if (is === was || was === '') return null;
  return (
    <Text size="sm" className="quiet" data-testid="was">
      Before: {was}
    </Text>
  );
}
