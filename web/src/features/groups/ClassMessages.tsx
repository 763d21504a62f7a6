import { Card } from '../../shared/parts/Card';
import { Button, Group, SegmentedControl, TextInput, Title } from '@mantine/core';
import { worksAsMade } from '@stoichos/core/labday';
import type { MessageInput, Oversight, LabDay, Work } from '@stoichos/core/labday';
import { useMemo, useState } from 'react';
import { useSendMessageMutation } from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { useLabDay } from '../../data/useLabDay';

const kindWords = { message: 'Words', flag: 'Look again at', checked: 'Checked' } as const;

export function Messages({ oversight }: { oversight: Oversight }) {
  const day = useLabDay();
  const works = useMemo(() => worksAsMade(day), [day]);
  const [send, { error }] = useSendMessageMutation();
  const [groupId, setGroupId] = useState('all');
  const [place, setPlace] = useState('');
  const [text, setText] = useState('');
  const nameOf = (id: string | null) =>
    id === null ? 'all' : (day.groups.find((one) => one.id === id)?.name ?? '');
  return (
    <Card className="no-print" label="Messages" mt="md">
      <Title>Say something to a bench</Title>
      <MessageForm
        day={day}
        works={works}
        place={place}
        groupId={groupId}
        text={text}
        send={send}
        setText={setText}
        setGroupId={setGroupId}
        setPlace={setPlace}
        error={error}
      />
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

interface MessageFormProps {
  readonly day: LabDay;
  readonly works: Work[];
  readonly place: string;
  readonly groupId: string;
  readonly text: string;
  readonly send: ReturnType<typeof useSendMessageMutation>[0];
  readonly setText: (next: string) => void;
  readonly setGroupId: (next: string) => void;
  readonly setPlace: (next: string) => void;
  readonly error: unknown;
}

/** What is said, to whom and to which step. */
function MessageForm({
  day,
  works,
  place,
  groupId,
  text,
  send,
  setText,
  setGroupId,
  setPlace,
  error,
}: MessageFormProps) {
  const [kind, setKind] = useState<MessageInput['kind']>('message');
  const submit = async () => {
    const [workId = null, stepId = null] =
      kind === 'message' || place === '' ? [] : place.split(' ');
    const message = {
      id: crypto.randomUUID(),
      groupId: groupId === 'all' ? null : groupId,
      kind,
      workId,
      stepId,
      text: text.trim(),
    };
    const done = await send({ dayId: day.id, message });
    if (!done.error) setText('');
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <MessageTo
        kind={kind}
        groupId={groupId}
        day={day}
        setGroupId={setGroupId}
        setKind={setKind}
      />
      {kind !== 'message' && <StepChoice works={works} place={place} setPlace={setPlace} />}
      <TextInput
        label="Words"
        mt="xs"
        maxLength={400}
        value={text}
        onChange={(event) => setText(event.currentTarget.value)}
        error={error ? explainError(error).message : undefined}
      />
      <Button
        type="submit"
        mt="sm"
        disabled={kind === 'message' ? text.trim() === '' : place === ''}
      >
        Send
      </Button>
    </form>
  );
}

/** The step it is about. */
function StepChoice({
  works,
  place,
  setPlace,
}: {
  readonly works: Work[];
  readonly place: string;
  readonly setPlace: (next: string) => void;
}) {
  const places = works.flatMap((work) =>
    work.procedure.steps.map((step, at) => ({
      value: `${work.id} ${step.id}`,
      label: `${work.number} ${work.procedure.name}, step ${at + 1}`,
    })),
  );
  return (
    <label style={{ display: 'block', marginTop: '0.6rem' }}>
      Step{' '}
      <select
        className="tappable"
        value={place}
        onChange={(event) => setPlace(event.currentTarget.value)}
      >
        <option value="">choose</option>
        {places.map(({ value, label }) => (
          <option key={value} value={value}>
            {label}
          </option>
        ))}
      </select>
    </label>
  );
}

interface MessageToProps {
  readonly kind: 'message' | 'flag' | 'checked';
  readonly groupId: string;
  readonly day: LabDay;
  readonly setGroupId: (next: string) => void;
  readonly setKind: React.Dispatch<React.SetStateAction<'message' | 'flag' | 'checked'>>;
}

/** To whom it goes, and what kind of message it is. */
function MessageTo({ kind, groupId, day, setGroupId, setKind }: MessageToProps) {
  return (
    <Group mt="xs" align="flex-end">
      <label>
        To{' '}
        <select
          className="tappable"
          value={groupId}
          onChange={(event) => setGroupId(event.currentTarget.value)}
        >
          <option value="all">all benches</option>
          {day.groups.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
      <SegmentedControl
        aria-label="What is sent"
        value={kind}
        data={Object.entries(kindWords).map(([value, label]) => ({ value, label }))}
        onChange={(next) => setKind(next as MessageInput['kind'])}
      />
    </Group>
  );
}
