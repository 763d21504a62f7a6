import { skipToken } from '@reduxjs/toolkit/query/react';
import { notifications } from '@mantine/notifications';
import { library } from '@stoichos/core/planning/procedure';
import type { Kept } from '@stoichos/contract';
import type { Procedure } from '@stoichos/core/planning/procedure';
import { useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import {
  useRunQuery,
  useSaveDayProcedureMutation,
  useSaveProcedureMutation,
} from '../../data/api/api';
import { saveWhole } from '../../data/saving/saveWhole';
import { ownAsWhole, plannedAsWhole, plannedIn, plannedOf } from '../../data/saving/wholes';
import { sayProblem } from '../../shared/parts/sayProblem';
import { NotFoundPage } from '../../shared/parts/NotFoundPage';
import { useLabDay } from '../../data/useLabDay';
import { explainError } from '../../data/api/explainError';
import { LoadState } from '../../shared/parts/LoadState';
import { Editor } from './Editor';
import { blankProcedure, procedureFrom } from './procedureFrom';
import { useDayInMind } from './useDayInMind';
import { useProcedures } from '../../data/useProcedures';

/** Said when saving failed; the draft stays. */
const notSaved = 'Not saved; what you wrote is still here';

/** Writes a procedure, or copies and adapts one of the library, or changes one written here. */
export function LibraryEditorPage() {
  const { procedureId } = useParams();
  const { choices, isLoading, error, refetch } = useProcedures();
  if (isLoading) return <LoadState error={error} retry={() => void refetch()} />;
  if (procedureId === undefined) return <NewProcedure />;
  const choice = choices.find(({ procedure }) => procedure.id === procedureId);
  return choice ? (
    <LibraryEditor
      key={procedureId}
      saved={choice.procedure}
      isOwn={choice.isOwn}
      version={choice.version ?? null}
    />
  ) : (
    <NotFoundPage />
  );
}

/** An empty procedure, or one begun from a sequence that was kept in the study. */
function NewProcedure() {
  const [parameters] = useSearchParams();
  const runId = parameters.get('run');
  const { currentData: run, error, refetch } = useRunQuery(runId ?? skipToken);
  if (runId === null) return <LibraryEditor saved={blankProcedure} isOwn={false} />;
  if (error && explainError(error).code === 'notFound') return <NotFoundPage />;
  if (!run) return <LoadState error={error} retry={() => void refetch()} />;
  return <LibraryEditor saved={procedureFrom(run)} isOwn={false} />;
}

interface LibraryEditorProps {
  readonly saved: Procedure;
  readonly isOwn: boolean;
  /** Null for what is new here. */
  readonly version?: number | null;
}

function LibraryEditor({ saved, isOwn, version = null }: LibraryEditorProps) {
  const [ownId] = useState(() => (isOwn ? saved.id : crypto.randomUUID()));
  const [save, { isLoading }] = useSaveProcedureMutation();
  const navigate = useNavigate();
  const { keeping } = useDayInMind();
  const isCopy = !isOwn && saved.id !== blankProcedure.id;
  const original = library.find(({ id }) => id === (isCopy ? saved.id : saved.from));
  const [start] = useState<Procedure>(() =>
    isCopy ? { ...saved, name: `${saved.name}, adapted`.slice(0, 100), from: saved.id } : saved,
  );
  const store = async (procedure: Procedure, base: Kept<Procedure> | undefined) => {
    try {
      await saveWhole(
        ownAsWhole(ownId, (own) => save(own).unwrap()),
        base,
        { ...procedure, id: ownId },
      );
      notifications.show({ message: `${procedure.name} is saved.` });
      void navigate(keeping(`/procedures/${ownId}`));
      return true;
    } catch (failure) {
      sayProblem(failure, notSaved);
      return false;
    }
  };
  return (
    <Editor
      saved={isOwn ? saved : start}
      version={version}
      original={original}
      draftKey={`stoichos-procedure-${saved.id}`}
      title={isOwn ? 'Change a procedure' : isCopy ? 'Copy and adapt' : 'Write a procedure'}
      rank={1}
      saving={isLoading}
      backTo={keeping(saved.id === blankProcedure.id ? '/procedures' : `/procedures/${saved.id}`)}
      isNew={!isOwn}
      onSave={store}
    />
  );
}

/** Adapts a procedure for one lab day; the original stays as it is. */
export function DayEditorPage() {
  const day = useLabDay();
  const { plannedId } = useParams();
  const [save, { isLoading }] = useSaveDayProcedureMutation();
  const navigate = useNavigate();
  const planned = day.procedures.find(({ id }) => id === plannedId);
  if (!planned) return <NotFoundPage />;
  const backTo = `/days/${day.id}/plan/procedures/${planned.id}`;
  const original = library.find(
    ({ id }) => id === (planned.procedure.from ?? planned.procedure.id),
  );
  return (
    <Editor
      key={planned.id}
      saved={planned.procedure}
      version={plannedIn(day, planned).version}
      original={original}
      draftKey={`stoichos-planned-${planned.id}`}
      title={`For ${day.name}`}
      rank={2}
      saving={isLoading}
      backTo={backTo}
      isNew={false}
      onSave={async (procedure, base) => {
        const { manner } = planned;
        try {
          await saveWhole(
            plannedAsWhole(planned.id, (one) => save({ dayId: day.id, planned: one }).unwrap()),
            base && { ...base, manner },
            plannedOf({ ...planned, procedure }),
          );
          notifications.show({ message: 'Adapted for this day. The original stays as it is.' });
          void navigate(backTo);
          return true;
        } catch (error) {
          sayProblem(error, notSaved);
          return false;
        }
      }}
    />
  );
}
