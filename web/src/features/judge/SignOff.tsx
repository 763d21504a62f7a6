import { Button, Group, Select, Text, TextInput, Title } from '@mantine/core';
import { useForm } from '@mantine/form';
import type { LabDay, RecordOf } from '@stoichos/core/labday/day';
import type { StationJudgement } from '@stoichos/core/labday/judge';
import type { Agreement, ChangeVerdict } from '@stoichos/core/seeing/judgement';
import { IconSignature } from '@tabler/icons-react';
import { useSessionQuery } from '../../data/api/api';
import { useRecorder } from '../../shared/recording/useRecorder';
import { Mark } from '../../shared/parts/Mark';
import type { Recorder } from '../../shared/recording/useRecorder';

const verdicts: readonly Agreement[] = ['agrees', 'partly', 'differs', 'incomplete'];
const changes: readonly ChangeVerdict['change'][] = ['chemical', 'physical', 'undecided'];

/** What a verdict says of a record, in a sentence. */
const verdictWords: Readonly<Record<Agreement, string>> = {
  agrees: 'agrees',
  partly: 'agrees in part',
  differs: 'differs',
  incomplete: 'is incomplete',
};

interface SignOffProps {
  readonly day: LabDay;
  readonly judgement: StationJudgement;
  readonly signed: RecordOf<'signOff'> | undefined;
}

/** The instructor’s word: another verdict with its reason, which stands beside what was computed, and the signature. */
export function SignOff({ day, judgement, signed }: SignOffProps) {
  const { work, step, station, bench, comparison, override } = judgement;
  const recorder = useRecorder(day, {
    workId: work.id,
    stepId: step.id,
    groupId: bench.id,
    vessel: station.vessel,
    part: 'test',
  });
  const computed = comparison?.agreement;
  const { data: session } = useSessionQuery();
  const isInstructor = session?.role === 'instructor';
  const stands = recorder.standing.findLast(({ record }) => record.kind === 'verdict');
  return (
    <section aria-label="The instructor’s word on this record" className="no-print">
      <Title order={3} size="h5" mt="md" mb={4}>
        The instructor’s word on this record
      </Title>
      {override && (
        <Group gap="sm" mb="xs">
          <Text>
            {override.by} says that this record <strong>{verdictWords[override.verdict]}</strong>
            {override.change && `, and that what was seen is a ${override.change} change`}: “
            {override.reason}”. Calculated:
          </Text>
          <Mark of={computed ?? 'notPredicted'} />
          {stands && isInstructor && (
            <Button onClick={() => recorder.withdraw(stands)}>Take it back</Button>
          )}
        </Group>
      )}
      {isInstructor ? (
        <VerdictForm day={day} judgement={judgement} signed={signed} recorder={recorder} />
      ) : (
        <Text className="quiet">
          {signed
            ? `This record was signed off by ${signed.by}.`
            : 'Not signed off yet. Only the instructor signs.'}
        </Text>
      )}
    </section>
  );
}

/** Another verdict, with its reason, and the signature. */
function VerdictForm({
  day,
  judgement: { comparison, change },
  signed,
  recorder,
}: SignOffProps & { readonly recorder: Recorder }) {
  const form = useForm({
    initialValues: {
      verdict: null as Agreement | null,
      change: null as ChangeVerdict['change'] | null,
      reason: '',
      by: day.staff[0] ?? '',
    },
  });
  const { verdict, reason, by } = form.values;
  const override = form.onSubmit((said) => {
    if (!said.verdict) return;
    recorder.record({
      kind: 'verdict',
      verdict: said.verdict,
      ...(said.change && { change: said.change }),
      reason: said.reason.trim(),
      by: said.by.trim(),
    });
    form.setValues({ verdict: null, reason: '' });
  });
  return (
    <form onSubmit={override}>
      <Group align="flex-end" gap="xs">
        <Select
          label="Verdict instead"
          placeholder={comparison?.agreement ?? 'not predicted'}
          w={150}
          data={[...verdicts]}
          {...form.getInputProps('verdict')}
        />
        <Select
          label="Change it shows"
          placeholder={change.change}
          w={150}
          clearable
          data={[...changes]}
          {...form.getInputProps('change')}
        />
        <TextInput
          label="Reason"
          flex="1 1 12rem"
          maxLength={600}
          {...form.getInputProps('reason')}
        />
        <TextInput label="By" w={150} maxLength={160} {...form.getInputProps('by')} />
        <Button type="submit" disabled={!verdict || reason.trim() === '' || by.trim() === ''}>
          Override
        </Button>
        <Button
          variant={signed ? 'filled' : 'default'}
          leftSection={<IconSignature size={20} aria-hidden />}
          disabled={by.trim() === ''}
          onClick={() => recorder.record({ kind: 'signOff', by: by.trim() })}
        >
          {signed ? `Record signed off by ${signed.by}` : 'Sign off this record'}
        </Button>
      </Group>
    </form>
  );
}
