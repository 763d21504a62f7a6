import { Button, Group, Modal, Stack, Text, TextInput, Title } from '@mantine/core';
import { describeRecord } from '@stoichos/core/labday/bench';
import { exchangeText, fileVersion } from '@stoichos/core/report/exchange';
import { entrySchema } from '@stoichos/core/labday/day';
import { useState } from 'react';
import { outboxSlice } from '../../data/outbox/outboxSlice';
import type { SetAside, Unsent } from '../../data/outbox/outboxSlice';
import { isOfSeat, staff } from '../../data/outbox/seat';
import { useAppDispatch, useAppSelector } from '../../data/store';
import { Card } from '../parts/Card';
import { longTime } from '../parts/dates';
import { save } from '../parts/save';

const { retried, takenIn, dropped } = outboxSlice.actions;

interface UnsentSheetProps {
  readonly opened: boolean;
  readonly close: () => void;
  readonly seat: string | undefined;
}

/** Entries that are not on the server and will not go there by themselves: what they say, why, and what can be done with each. */
export function UnsentSheet({ opened, close, seat }: UnsentSheetProps) {
  const { waiting, aside } = useAppSelector((state) => state.outbox);
  const elsewhere = waiting.filter((one) => !isOfSeat(one, seat));
  const all = [...aside, ...elsewhere];
  return (
    <Modal opened={opened} onClose={close} size="lg" title="Not on the server">
      <Stack>
        {all.length === 0 && <Text>Everything is on the server now.</Text>}
        {aside.map((one) => (
          <Aside key={one.entry.id} one={one} />
        ))}
        {elsewhere.length > 0 && (
          <>
            <Text>
              Made at another bench. They are sent when this tablet is back at that bench
              {seat === staff
                ? ', or when you take them in.'
                : ', or the instructor takes them in.'}
            </Text>
            {elsewhere.map((one) => (
              <Elsewhere key={one.entry.id} one={one} isStaff={seat === staff} />
            ))}
          </>
        )}
        {all.length > 0 && (
          <Group justify="flex-end">
            <Button onClick={() => saveAll(all)}>Save them as a file</Button>
          </Group>
        )}
      </Stack>
    </Modal>
  );
}

/** What the server would not take: it may be changed, tried again, or deleted for good. */
function Aside({ one }: { readonly one: SetAside }) {
  const dispatch = useAppDispatch();
  const { reason, ...unsent } = one;
  const texts = textsOf(one);
  const [typed, setTyped] = useState(texts);
  const [isSure, setSure] = useState(false);
  const changed = changedBy(unsent, typed);
  return (
    <Card label="An entry that is not stored">
      <Line one={one} />
      <Text>{reason}</Text>
      {Object.entries(typed).map(([name, value]) => (
        <TextInput
          key={name}
          mt="xs"
          label={fieldNames[name] ?? name}
          value={value}
          onChange={({ currentTarget }) => setTyped({ ...typed, [name]: currentTarget.value })}
          error={changed ? undefined : 'This cannot be recorded'}
        />
      ))}
      <Group gap="xs" mt="sm">
        <Button
          variant="filled"
          disabled={!changed}
          onClick={() => changed && dispatch(retried(changed))}
        >
          Try again
        </Button>
        <Button
          onClick={() => (isSure ? dispatch(dropped(one.entry.id)) : setSure(true))}
          onBlur={() => setSure(false)}
        >
          {isSure ? 'Yes, delete it for good' : 'Delete'}
        </Button>
      </Group>
    </Card>
  );
}

function Elsewhere({ one, isStaff }: { readonly one: Unsent; readonly isStaff: boolean }) {
  const dispatch = useAppDispatch();
  return (
    <Card label="An entry of another bench">
      <Line one={one} />
      {isStaff && (
        <Button mt="sm" onClick={() => dispatch(takenIn(one.entry.id))}>
          Take it in
        </Button>
      )}
    </Card>
  );
}

/** An entry in words, and when it was made. */
function Line({ one }: { readonly one: Unsent }) {
  return (
    <>
      <Title order={3} size="h5">
        {wordsOf(one)}
      </Title>
      <Text size="sm" className="quiet">
        {longTime(one.entry.recordedAt)}
      </Text>
    </>
  );
}

/** What an entry says, in words. */
function wordsOf(one: Unsent): string {
  const { record } = one.entry;
  if (record === null) return 'An earlier line is taken back';
  if ('dayId' in one) {
    const read = recordSchema.safeParse(record);
    if (read.success && read.data) return describeRecord(read.data);
  }
  return record.kind === 'note' && 'text' in record ? `note: “${record.text}”` : record.kind;
}

const recordSchema = entrySchema.shape.record;

/** What of a record is typed text, by its field. */
function textsOf({ entry: { record } }: Unsent): Readonly<Record<string, string>> {
  return Object.fromEntries(
    Object.entries(record ?? {}).filter(
      (field): field is [string, string] => field[0] in fieldNames && typeof field[1] === 'string',
    ),
  );
}
const fieldNames: Readonly<Record<string, string>> = {
  text: 'Text',
  reason: 'Reason',
  planned: 'Planned',
  done: 'Done',
  by: 'By',
};

/** The entry with other words; undefined where they cannot be recorded. */
function changedBy(unsent: Unsent, typed: Readonly<Record<string, string>>): Unsent | undefined {
  if (!('dayId' in unsent) || unsent.entry.record === null) return unsent;
  const record = recordSchema.safeParse({ ...unsent.entry.record, ...typed });
  return record.success
    ? { ...unsent, entry: { ...unsent.entry, record: record.data } }
    : undefined;
}

/** A file that the instructor takes in under Data. */
function saveAll(all: readonly Unsent[]): void {
  const entries = all.flatMap((one) => ('dayId' in one ? [one.entry] : []));
  const text = exchangeText({ format: 'stoichos/entries', version: fileVersion, entries });
  save(new Blob([text], { type: 'application/json' }), 'Entries not sent.json');
}
