import { Group, Select, Switch, Text } from '@mantine/core';
import { Segments } from '../../shared/parts/Segments';
import { useForm, type UseFormReturnType } from '@mantine/form';
import { useDebouncedValue } from '@mantine/hooks';
import { allReportParts, chooseParts } from '@stoichos/core/report/dayReport';
import { allQuestionKinds, mostCopies, questionKinds } from '@stoichos/core/report/worksheet';
import type { Procedure } from '@stoichos/core/planning/procedure';
import type { Version } from '@stoichos/core/report/dayReport';
import type { QuestionKind } from '@stoichos/core/report/worksheet';
import { useEffect, useMemo } from 'react';
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

const firstChoice = {
  procedureId: '',
  table: true,
  kinds: [...allQuestionKinds],
  count: usualCount as number | string,
  copies: 1 as number | string,
  seed: 1 as number | string,
  version: 'class' as Version,
};
type ChoiceForm = UseFormReturnType<typeof firstChoice>;

/** Makes worksheets of a procedure: a table to fill in and questions, in several copies, with the key apart. */
export function WorksheetMaker({ procedures }: { procedures: readonly Procedure[] }) {
  const settings = useSettings();
  const form = useForm({ initialValues: firstChoice });
  const { procedureId, table, kinds, count, copies, seed, version } = form.values;
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
  return (
    <>
      <div className="no-print">
        <QuestionChoice procedures={procedures} procedure={procedure} form={form} />
        <Group gap="md" mb="md" align="flex-end">
          <Segments
            label="For whom"
            of={{ class: 'Class', instructor: 'Key, with marks' }}
            value={version}
            onChange={(next) => form.setFieldValue('version', next)}
          />
          {document && (
            <TakeAway
              document={document}
              name={`${procedure.name}${version === 'class' ? '' : ', key'}`}
            />
          )}
        </Group>
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

interface QuestionChoiceProps {
  readonly procedures: readonly Procedure[];
  readonly procedure: Procedure;
  readonly form: ChoiceForm;
}

/** Which questions, how many, in how many versions. */
function QuestionChoice({ procedures, procedure, form }: QuestionChoiceProps) {
  const { kinds } = form.values;
  const toggle = (kind: QuestionKind) =>
    form.setFieldValue(
      'kinds',
      kinds.includes(kind) ? kinds.filter((one) => one !== kind) : [...kinds, kind],
    );
  const number = (field: 'count' | 'copies' | 'seed') => ({
    value: form.values[field],
    onChange: (next: number | string) => form.setFieldValue(field, next),
  });
  return (
    <>
      <Group align="flex-end" gap="md" mb="sm">
        {procedures.length > 1 && (
          <Select
            label="Procedure"
            miw={260}
            data={procedures.map(({ id, name }) => ({ value: id, label: name }))}
            {...form.getInputProps('procedureId')}
            value={procedure.id}
          />
        )}
        <NumberField w={150} label="Questions at most" min={0} max={30} {...number('count')} />
        <NumberField w={110} label="Copies" min={1} max={mostCopies} {...number('copies')} />
        <NumberField w={150} label="Numbers by seed" min={1} max={9999} {...number('seed')} />
        <Switch label="Table to fill in" {...form.getInputProps('table', { type: 'checkbox' })} />
      </Group>
      <Group gap="xs" mb="sm" role="group" aria-label="Kinds of question">
        {allQuestionKinds.map((kind) => (
          <Chip key={kind} chosen={kinds.includes(kind)} onTap={() => toggle(kind)}>
            {questionKinds[kind]}
          </Chip>
        ))}
      </Group>
    </>
  );
}

/** What was typed as a whole number within its bounds; the lower one while nothing is typed. */
function within(typed: number | string, least: number, most: number): number {
  const value = Math.round(Number(typed));
  return typed === '' || !Number.isFinite(value) ? least : Math.min(most, Math.max(least, value));
}
