import { Card } from '../../shared/parts/Card';
import { Box, Button, Group, Text, Title } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import {
  departuresFrom,
  followAmounts,
  procedureProblems,
  procedureSchema,
} from '@stoichos/core/planning/procedure';
import type { Kept } from '@stoichos/contract';
import type { Procedure, ProcedureRun } from '@stoichos/core/planning/procedure';
import {
  IconArrowBackUp,
  IconArrowForwardUp,
  IconArrowLeft,
  IconDeviceFloppy,
} from '@tabler/icons-react';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { useAnswer } from '../../data/worker/useAnswer';
import { DepartureList } from './DepartureList';
import classes from './EditorPage.module.css';
import { ProcedureFacts } from './ProcedureFacts';
import { StepList } from './StepList';
import { useProcedureDraft } from './useProcedureDraft';
import type { ProcedureDraft } from './useProcedureDraft';

interface EditorProps {
  readonly saved: Procedure;
  /** At which what is saved stands; null for what is not saved yet. */
  readonly version: number | null;
  /** The shipped procedure it departs from. */
  readonly original: Procedure | undefined;
  readonly draftKey: string;
  readonly title: string;
  /** Rank of the title: first on a page of its own, second within a lab day. */
  readonly rank: 1 | 2;
  readonly saving: boolean;
  readonly backTo: string;
  /** Nothing is stored under this id yet, so it may be saved as it is. */
  readonly isNew: boolean;
  /** Told also what the draft was begun from. */
  readonly onSave: (procedure: Procedure, base: Kept<Procedure> | undefined) => Promise<boolean>;
}

const nothingYet: ProcedureRun = { steps: [], end: {} };

/** Writes and adapts a procedure: steps by drag and keyboard, what they should show computed as one writes, undo and redo. */
export function Editor(props: EditorProps) {
  const { saved, version, original, draftKey, isNew, onSave } = props;
  const draft = useProcedureDraft(draftKey, { procedure: saved, version });
  const { procedure } = draft;
  const { value: run = nothingYet } = useAnswer('draft', [procedure]);
  const { value: [before = nothingYet] = [] } = useAnswer('runs', [[saved]]);
  const problems = useMemo(() => procedureProblems(procedure), [procedure]);
  const departures = original ? departuresFrom(original, procedure) : [];
  const refused = run.refused;
  const canSave = problems.length === 0 && !refused && (draft.isChanged || isNew);
  const save = async () => {
    const read = procedureSchema.safeParse(procedure);
    if (canSave && read.success && (await onSave(read.data, draft.base))) draft.forget();
  };
  useHotkeys(
    [
      ['mod+Z', draft.undo],
      ['mod+shift+Z', draft.redo],
      ['mod+S', () => void save()],
    ],
    [],
  );
  return (
    <>
      <EditorBar {...props} draft={draft} onSave={canSave ? () => void save() : undefined} />
      {(problems.length > 0 || refused) && (
        <Card label="Before it can be saved" role="status">
          <Text fw={600}>Before it can be saved</Text>
          <Box component="ul" my={0} mt={4} data-testid="problems">
            {problems.map((line) => (
              <li key={line}>{line}</li>
            ))}
            {refused && (
              <li>
                {refused.message} {refused.remedy}
              </li>
            )}
          </Box>
        </Card>
      )}
      <ProcedureFacts procedure={procedure} onChange={(part, label) => draft.change(part, label)} />
      {original && departures.length > 0 && (
        <DepartureList title={`Departures from “${original.name}”`} departures={departures} />
      )}
      <StepList
        procedure={procedure}
        run={run}
        before={before}
        onChange={(steps, label) =>
          draft.change(
            { steps, analyses: followAmounts(procedure.analyses, procedure, { steps }) },
            label,
          )
        }
      />
    </>
  );
}

interface EditorBarProps extends Pick<
  EditorProps,
  'title' | 'rank' | 'saving' | 'backTo' | 'isNew'
> {
  readonly draft: ProcedureDraft;
  /** Undefined while it cannot be saved. */
  readonly onSave: (() => void) | undefined;
}

/** Back, undo and redo, and what saves it. */
function EditorBar({ draft, title, rank, saving, backTo, isNew, onSave }: EditorBarProps) {
  return (
    <div className={classes.bar}>
      <Button
        component={Link}
        to={backTo}
        variant="subtle"
        px={0}
        leftSection={<IconArrowLeft size={18} aria-hidden />}
      >
        Back
      </Button>
      <Title order={rank} className={classes.title ?? ''}>
        {title}
      </Title>
      <Group gap="xs">
        <Button
          disabled={!draft.canUndo}
          onClick={draft.undo}
          leftSection={<IconArrowBackUp size={18} aria-hidden />}
          aria-keyshortcuts="Control+Z"
        >
          Undo
        </Button>
        <Button
          disabled={!draft.canRedo}
          onClick={draft.redo}
          leftSection={<IconArrowForwardUp size={18} aria-hidden />}
          aria-keyshortcuts="Control+Shift+Z"
        >
          Redo
        </Button>
        {draft.isChanged && (
          <Button onClick={draft.giveUp}>{isNew ? 'Start again' : 'Back to what is saved'}</Button>
        )}
        <Button
          variant="filled"
          loading={saving}
          disabled={!onSave}
          onClick={onSave}
          leftSection={<IconDeviceFloppy size={18} aria-hidden />}
          aria-keyshortcuts="Control+S"
        >
          Save
        </Button>
      </Group>
    </div>
  );
}
