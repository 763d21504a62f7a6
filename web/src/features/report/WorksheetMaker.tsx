import { Group, SegmentedControl, Select, Switch, Text } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { allReportParts, chooseParts } from '@stoichos/core/report/dayReport';
import { allQuestionKinds, mostCopies, questionKinds } from '@stoichos/core/report/worksheet';
import type { Procedure } from '@stoichos/core/planning/procedure';
import type { Version, ReportDocument } from '@stoichos/core/report/dayReport';
import type { QuestionKind } from '@stoichos/core/report/worksheet';
import { useEffect, useMemo, useState } from 'react';
import { NumberField } from '../../shared/parts/NumberField';
import { useSettings } from '../../data/settings/useSettings';
import { Chip } from '../../shared/parts/ChipRow';
import { DocumentView } from '../../shared/document/DocumentView';
import '../../shared/document/document.css';
import { TakeAway } from '../../shared/document/TakeAway';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { useTask } from '../../data/worker/useTask';

const usualCount = 6;
const settleMs = 300;

/** Makes worksheets of a procedure: a table to fill in and questions, in several copies, with the key apart. */
export function WorksheetMaker({ procedures }: { procedures: readonly Procedure[] }) {
  const settings = useSettings();
  const [procedureId, setProcedureId] = useState(procedures[0]?.id ?? '');
  const [table, setTable] = useState(true);
  const [kinds, setKinds] = useState<readonly QuestionKind[]>(allQuestionKinds);
  const [count, setCount] = useState<number | string>(usualCount);
  const [copies, setCopies] = useState<number | string>(1);
  const [seed, setSeed] = useState<number | string>(1);
  const [version, setVersion] = useState<Version>('class');
  const procedure = procedures.find(({ id }) => id === procedureId) ?? procedures[0];
  const { start, value: whole, share, cancel, failure } = useTask('worksheet');
  const wanted = useMemo(
    () => ({
      table,
      kinds,
      count: within(count, 0, 30),
      copies: within(copies, 1, mostCopies),
      seed: within(seed, 1, 9999),
    }),
    [table, kinds, count, copies, seed],
  );
  const [settled] = useDebouncedValue(wanted, settleMs);
  useEffect(() => {
    if (procedure) void start({ procedure, settings, ...settled });
  }, [procedure, settings, settled, start]);
  const document = useMemo(
    () => whole && chooseParts(whole, { parts: allReportParts, version }),
    [whole, version],
  );
  if (!procedure)
    return (
      <Text>A worksheet is made from a procedure; the day has none yet. Add one in Plan.</Text>
    );
  const toggle = (kind: QuestionKind) =>
    setKinds(kinds.includes(kind) ? kinds.filter((one) => one !== kind) : [...kinds, kind]);
  return (
    <>
      <div className="no-print">
        <QuestionChoice
          procedures={procedures}
          table={table}
          count={count}
          copies={copies}
          seed={seed}
          procedure={procedure}
          setProcedureId={setProcedureId}
          setCount={setCount}
          setCopies={setCopies}
          setSeed={setSeed}
          setTable={setTable}
        />
        <Group gap="xs" mb="sm" role="group" aria-label="Kinds of question">
          {allQuestionKinds.map((kind) => (
            <Chip key={kind} chosen={kinds.includes(kind)} onTap={() => toggle(kind)}>
              {questionKinds[kind]}
            </Chip>
          ))}
        </Group>
        <SheetChoice
          procedure={procedure}
          version={version}
          setVersion={setVersion}
          document={document}
        />
      </div>
      <TaskProgress what="Writing the questions" share={share} cancel={cancel} />
      <TaskFailure failure={failure} />
      {document && (
        <div className="card">
          <DocumentView document={document} drawChart={() => null} />
        </div>
      )}
    </>
  );
}

interface SheetChoiceProps {
  readonly procedure: Procedure;
  readonly version: 'instructor' | 'class';
  readonly setVersion: (next: 'instructor' | 'class') => void;
  readonly document: ReportDocument | undefined;
}

/** For whom the sheet is shown, and how it leaves. */
function SheetChoice({ procedure, version, setVersion, document }: SheetChoiceProps) {
  return (
    <Group gap="md" mb="md" align="flex-end">
      <SegmentedControl
        aria-label="For whom"
        data={[
          { value: 'class', label: 'Class' },
          { value: 'instructor', label: 'Key, with marks' },
        ]}
        value={version}
        onChange={(value) => setVersion(value === 'instructor' ? 'instructor' : 'class')}
      />
      {document && (
        <TakeAway
          document={document}
          name={`${procedure.name}${version === 'class' ? '' : ', key'}`}
        />
      )}
    </Group>
  );
}

interface QuestionChoiceProps {
  readonly procedures: readonly Procedure[];
  readonly table: boolean;
  readonly count: string | number;
  readonly copies: string | number;
  readonly seed: string | number;
  readonly procedure: Procedure;
  readonly setProcedureId: (next: string) => void;
  readonly setCount: (next: string | number) => void;
  readonly setCopies: (next: string | number) => void;
  readonly setSeed: (next: string | number) => void;
  readonly setTable: (next: boolean) => void;
}

/** Which questions, how many, in how many versions. */
function QuestionChoice({
  procedures,
  table,
  count,
  copies,
  seed,
  procedure,
  setProcedureId,
  setCount,
  setCopies,
  setSeed,
  setTable,
}: QuestionChoiceProps) {
  return (
    <Group align="flex-end" gap="md" mb="sm">
      {procedures.length > 1 && (
        <Select
          label="Procedure"
          miw={260}
          data={procedures.map(({ id, name }) => ({ value: id, label: name }))}
          value={procedure.id}
          onChange={(value) => value && setProcedureId(value)}
        />
      )}
      <NumberField
        w={150}
        label="Questions at most"
        min={0}
        max={30}
        value={count}
        onChange={setCount}
      />
      <NumberField
        w={110}
        label="Copies"
        min={1}
        max={mostCopies}
        value={copies}
        onChange={setCopies}
      />
      <NumberField
        w={150}
        label="Numbers by seed"
        min={1}
        max={9999}
        value={seed}
        onChange={setSeed}
      />
      <Switch
        label="Table to fill in"
        checked={table}
        onChange={(event) => setTable(event.currentTarget.checked)}
      />
    </Group>
  );
}

/** What was typed as a whole number within its bounds; the lower one while nothing is typed. */
function within(typed: number | string, least: number, most: number): number {
  const value = Math.round(Number(typed));
  return typed === '' || !Number.isFinite(value) ? least : Math.min(most, Math.max(least, value));
}
