import { Button, Group, Modal, Stack, Text, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { labDayInputSchema } from '@stoichos/core/labday/day';
import type { LabDay } from '@stoichos/core/labday/day';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useCopyDaysMutation } from '../../data/api/api';
import { schemaErrors } from '../../shared/parts/schemaErrors';
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

const copySchema = labDayInputSchema.pick({ name: true, date: true });

function Fields({ day, close }: { day: LabDay; close: () => void }) {
  const navigate = useNavigate();
  const [copy, { isLoading, error }] = useCopyDaysMutation();
  // Made once, so that pressing the button twice makes one day.
  const [id] = useState(() => crypto.randomUUID());
  const form = useForm({
    initialValues: { name: day.name, date: '' },
    validate: (values) => schemaErrors(copySchema, values),
  });
  const submit = form.onSubmit(async (values) => {
    const done = await copy([{ from: day.id, id, ...copySchema.parse(values) }]);
    if (done.error) return;
    close();
    void navigate(`/days/${id}/plan/procedures`);
  });
  return (
    <form onSubmit={submit}>
      <Stack gap="sm">
        <Text size="sm">
          Groups and procedures come along. What was recorded, weighed and prepared stays where it
          is.
        </Text>
        <TextInput label="Name" maxLength={120} {...form.getInputProps('name')} />
        <TextInput type="date" label="Date" {...form.getInputProps('date')} />
        <ProblemNote error={error} />
        <Group justify="flex-end">
          <Button onClick={close}>Cancel</Button>
          <Button
            variant="filled"
            type="submit"
            loading={isLoading}
            disabled={form.values.name.trim() === '' || form.values.date === ''}
          >
            Plan it again
          </Button>
        </Group>
      </Stack>
    </form>
  );
}
