import { Button, Group, Select, Text, TextInput, Title } from '@mantine/core';
import type { LabDay, RecordOf, StationJudgement } from '@stoichos/core/labday';
import type { Agreement, ChangeVerdict } from '@stoichos/core/seeing/judgement';
import { IconSignature } from '@tabler/icons-react';
import { useState } from 'react';
import { useRecorder } from '../../shared/recording/useRecorder';
import { Mark } from '../../shared/parts/Mark';
import type { Recorder } from '../../shared/recording/useRecorder';

const verdicts: readonly Agreement[] = ['agrees', 'partly', 'differs', 'incomplete'];
const changes: readonly ChangeVerdict['change'][] = ['chemical', 'physical', 'undecided'];

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
  const [by, setBy] = useState(day.staff[0] ?? '');
  const [reason, setReason] = useState('');
  const computed = comparison?.agreement;
  const stands = recorder.standing.findLast(({ record }) => record.kind === 'verdict');
  return (
    <section aria-label="The instructor’s word" className="no-print">
      <Title order={3} size="h5" mt="md" mb={4}>
        The instructor’s word
      </Title>
      {override && (
        <Group gap="sm" mb="xs">
          <Text>
            {override.by} says <strong>{override.verdict}</strong>: “{override.reason}”. Computed:
          </Text>
          <Mark of={computed ?? 'notPredicted'} />
          {stands && (
            <Button variant="default" onClick={() => recorder.withdraw(stands)}>
              Take it back
            </Button>
          )}
        </Group>
      )}
      <VerdictForm
        judgement={judgement}
        recorder={recorder}
        computed={computed}
        reason={reason}
        setReason={setReason}
        by={by}
        setBy={setBy}
        signed={signed}
      />
    </section>
  );
}

interface VerdictFormProps {
  readonly judgement: StationJudgement;
  readonly recorder: Recorder;
  readonly computed: Agreement | undefined;
  readonly reason: string;
  readonly setReason: (next: string) => void;
  readonly by: string;
  readonly setBy: (next: string) => void;
  readonly signed: SignOffProps['signed'];
}

/** Another verdict, with its reason, and the signature. */
function VerdictForm({
  judgement,
  recorder,
  computed,
  reason,
  setReason,
  by,
  setBy,
  signed,
}: VerdictFormProps) {
  const [verdict, setVerdict] = useState<string | null>(null);
  const [change, setChange] = useState<string | null>(null);
  const chosen = verdicts.find((one) => one === verdict);
  return (
    <Group align="flex-end" gap="xs">
      <Select
        label="Verdict instead"
        placeholder={computed ?? 'not predicted'}
        w={150}
        data={[...verdicts]}
        value={verdict}
        onChange={setVerdict}
      />
      <Select
        label="Change instead"
        placeholder={judgement.change.change}
        w={150}
        clearable
        data={[...changes]}
        value={change}
        onChange={setChange}
      />
      <TextInput
        label="Reason"
        style={{ flex: '1 1 12rem' }}
        maxLength={600}
        value={reason}
        onChange={(event) => setReason(event.currentTarget.value)}
      />
      <TextInput
        label="By"
        w={150}
        maxLength={160}
        value={by}
        onChange={(event) => setBy(event.currentTarget.value)}
      />
      <Button
        variant="default"
        disabled={!chosen || reason.trim() === '' || by.trim() === ''}
        onClick={() => {
          if (!chosen) return;
          const instead = changes.find((one) => one === change);
          recorder.record({
            kind: 'verdict',
            verdict: chosen,
            ...(instead && { change: instead }),
            reason: reason.trim(),
            by: by.trim(),
          });
          setVerdict(null);
          setReason('');
        }}
      >
        Override
      </Button>
      <Button
        variant={signed ? 'filled' : 'default'}
        leftSection={<IconSignature size={20} aria-hidden />}
        disabled={by.trim() === ''}
        onClick={() => recorder.record({ kind: 'signOff', by: by.trim() })}
      >
        {signed ? `Signed off by ${signed.by}` : 'Sign off'}
      </Button>
    </Group>
  );
}
