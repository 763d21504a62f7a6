import { Button, Checkbox, Group, Modal, Stack, Text, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import type { LabDaySummary } from '@stoichos/core/labday/day';
import dayjs from 'dayjs';
import { useState } from 'react';
import { useCopyDaysMutation } from '../../data/api/api';
import { longDate } from '../../shared/parts/dates';
import { ProblemNote } from '../../shared/parts/ProblemNote';

interface CopyTermProps {
  readonly days: readonly LabDaySummary[];
  readonly opened: boolean;
  readonly close: () => void;
}

/** Plans several lab days again, all of them later by the same number of days. */
export function CopyTerm({ opened, close, days }: CopyTermProps) {
  return (
    <Modal opened={opened} onClose={close} title="Plan a term again" size="lg">
      <Fields days={days} close={close} />
    </Modal>
  );
}

function Fields({ days, close }: Omit<CopyTermProps, 'opened'>) {
  const [copy, { isLoading, error }] = useCopyDaysMutation();
  const inOrder = [...days].sort((a, b) => a.date.localeCompare(b.date));
  const form = useForm({ initialValues: { chosen: inOrder.map(({ id }) => id), date: '' } });
  const { chosen, date } = form.values;
  // Made once, so that pressing the button twice makes one day of each.
  const [ids] = useState(() => new Map(inOrder.map(({ id }) => [id, crypto.randomUUID()])));
  const picked = inOrder.filter(({ id }) => chosen.includes(id));
  const first = picked[0];
  const shift = first && date !== '' ? dayjs(date).diff(dayjs(first.date), 'day') : undefined;
  const moved = (day: LabDaySummary): string | undefined =>
    shift === undefined ? undefined : dayjs(day.date).add(shift, 'day').format('YYYY-MM-DD');
  const submit = form.onSubmit(async () => {
    const copies = picked.flatMap((day) => {
      const to = moved(day);
      const id = ids.get(day.id);
      return to && id ? [{ from: day.id, id, name: day.name, date: to }] : [];
    });
    const done = await copy(copies);
    if (!done.error) close();
  });
  return (
    <form onSubmit={submit}>
      <Stack gap="sm">
        <Text size="sm">
          Groups and procedures come along; records stay. All dates move by the same number of days.
        </Text>
        <TextInput type="date" label="The first of them falls on" {...form.getInputProps('date')} />
        <Checkbox.Group label="Lab days" {...form.getInputProps('chosen')}>
          <Stack gap={10} mt={6}>
            {inOrder.map((day) => {
              const to = chosen.includes(day.id) ? moved(day) : undefined;
              return (
                <Checkbox
                  key={day.id}
                  value={day.id}
                  label={`${day.name}, ${longDate(day.date)}${to ? ` → ${longDate(to)}` : ''}`}
                />
              );
            })}
          </Stack>
        </Checkbox.Group>
        <ProblemNote error={error} />
        <Group justify="flex-end">
          <Button onClick={close}>Cancel</Button>
          <Button
            variant="filled"
            type="submit"
            loading={isLoading}
            disabled={picked.length === 0 || shift === undefined || Number.isNaN(shift)}
          >
            Plan {picked.length} {picked.length === 1 ? 'day' : 'days'} again
          </Button>
        </Group>
      </Stack>
    </form>
  );
}
