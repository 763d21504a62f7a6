import { Button, Group, SegmentedControl, Select, TextInput, Title } from '@mantine/core';
import { useForm, type UseFormReturnType } from '@mantine/form';
import { worksAsMade } from '@stoichos/core/labday/day';
import type { LabDay } from '@stoichos/core/labday/day';
import type { MessageInput, Oversight } from '@stoichos/core/labday/access';
import { useSendMessageMutation } from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { useLabDay } from '../../data/useLabDay';
import { Card } from '../../shared/parts/Card';

const kindWords = { message: 'Words', flag: 'Look again at', checked: 'Checked' } as const;

interface Draft {
  readonly to: string;
  readonly kind: MessageInput['kind'];
  /** The step it is about: the ids of its work and itself. */
  readonly place: string;
  readonly text: string;
}

const nothingSaid: Draft = { to: 'all', kind: 'message', place: '', text: '' };

export function Messages({ oversight }: { oversight: Oversight }) {
  const day = useLabDay();
  const [send, { error }] = useSendMessageMutation();
  const form = useForm({ initialValues: nothingSaid });
  const nameOf = (id: string | null) =>
    id === null ? 'all' : (day.groups.find((one) => one.id === id)?.name ?? '');
  const submit = async (draft: Draft) => {
    const done = await send({ dayId: day.id, message: messageOf(draft) });
    if (!done.error) form.setFieldValue('text', '');
  };
  const { kind, place, text } = form.values;
  return (
    <Card className="no-print" label="Messages" mt="md">
      <Title>Say something to a bench</Title>
      <form onSubmit={form.onSubmit((draft) => void submit(draft))}>
        <MessageTo form={form} day={day} />
        <TextInput
          label="Words"
          mt="xs"
          maxLength={400}
          {...form.getInputProps('text')}
          error={error ? explainError(error).message : undefined}
        />
        <Button
          variant="filled"
          type="submit"
          mt="sm"
          disabled={kind === 'message' ? text.trim() === '' : place === ''}
        >
          Send
        </Button>
      </form>
      <ul aria-label="Sent">
        {oversight.messages.slice(-6).map(({ id, groupId: to, kind: what, text: words }) => (
          <li key={id}>
            <span className="quiet">To {nameOf(to)}:</span>{' '}
            {what === 'message' ? '' : kindWords[what]} {words}
          </li>
        ))}
      </ul>
    </Card>
  );
}

function messageOf({ to, kind, place, text }: Draft): MessageInput {
  const [workId = null, stepId = null] = kind === 'message' || place === '' ? [] : place.split(' ');
  const groupId = to === 'all' ? null : to;
  return { id: crypto.randomUUID(), groupId, kind, workId, stepId, text: text.trim() };
}

/** To whom it goes, of what kind it is, and the step it is about. */
function MessageTo({ form, day }: { form: UseFormReturnType<Draft>; day: LabDay }) {
  const places = worksAsMade(day).flatMap((work) =>
    work.procedure.steps.map((step, at) => ({
      value: `${work.id} ${step.id}`,
      label: `${work.number} ${work.procedure.name}, step ${at + 1}`,
    })),
  );
  return (
    <>
      <Group mt="xs" align="flex-end">
        <Select
          label="To"
          data={[
            { value: 'all', label: 'all benches' },
            ...day.groups.map(({ id, name }) => ({ value: id, label: name })),
          ]}
          {...form.getInputProps('to')}
        />
        <SegmentedControl
          aria-label="What is sent"
          data={Object.entries(kindWords).map(([value, label]) => ({ value, label }))}
          {...form.getInputProps('kind')}
        />
      </Group>
      {form.values.kind !== 'message' && (
        <Select
          label="Step"
          mt="xs"
          placeholder="Choose"
          data={places}
          {...form.getInputProps('place')}
        />
      )}
    </>
  );
}
