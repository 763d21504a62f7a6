import { Button, Group, Modal, Stack, Text, TextInput } from '@mantine/core';
import type { LabDay } from '@stoichos/core/labday/day';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useCopyDaysMutation } from '../../data/api/api';
import { ProblemNote } from '../../shared/parts/ProblemNote';

/** Plans a lab day again for another date. */
export function CopyDay({
  day,
  opened,
  close,
}: {
  day: LabDay;
  opened: boolean;
  close: () => void;
}) {
  return (
    <Modal opened={opened} onClose={close} title="Plan it again">
      <Fields day={day} close={close} />
    </Modal>
  );
}

function Fields({ day, close }: { day: LabDay; close: () => void }) {
  const navigate = useNavigate();
  const [copy, { isLoading, error }] = useCopyDaysMutation();
  // Made once, so that pressing the button twice makes one day.
  const [id] = useState(() => crypto.randomUUID());
  const [name, setName] = useState(day.name);
  const [date, setDate] = useState('');
  const submit = async () => {
    const done = await copy([{ from: day.id, id, name: name.trim(), date }]);
    if (done.error) return;
    close();
    void navigate(`/days/${id}/plan/procedures`);
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <Stack gap="sm">
        <Text size="sm">
          Groups and procedures come along. What was recorded, weighed and prepared stays where it
          is.
        </Text>
        <TextInput
          label="Name"
          maxLength={120}
          value={name}
          onChange={(event) => setName(event.currentTarget.value)}
        />
        <TextInput
          type="date"
          label="Date"
          value={date}
          onChange={(event) => setDate(event.currentTarget.value)}
        />
        <ProblemNote error={error} />
        <Group justify="flex-end">
          <Button onClick={close}>Cancel</Button>
          <Button
            variant="filled"
            type="submit"
            loading={isLoading}
            disabled={name.trim() === '' || date === ''}
          >
            Plan it again
          </Button>
        </Group>
      </Stack>
    </form>
  );
}
