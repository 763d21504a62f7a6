import {
  Alert,
  Button,
  Fieldset,
  Group,
  Modal,
  Select,
  SimpleGrid,
  Stack,
  TagsInput,
  TextInput,
} from '@mantine/core';
import { useForm } from '@mantine/form';
import { labDayInputSchema } from '@stoichos/core/labday/day';
import { kitKinds } from '@stoichos/core/planning/procedure';
import type { HeldDay, Kept } from '@stoichos/contract';
import type { LabDayInput } from '@stoichos/core/labday/day';
import type { KitKind } from '@stoichos/core/planning/procedure';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { NumberField } from '../../shared/parts/NumberField';
import { useSaveDayMutation } from '../../data/api/api';
import { saveWhole } from '../../data/saving/saveWhole';
import { dayAsWhole, inputOf } from '../../data/saving/wholes';
import { explainError } from '../../data/api/explainError';
import { today } from '../../shared/parts/dates';
import type { UseFormReturnType } from '@mantine/form';
import { schemaErrors } from '../../shared/parts/schemaErrors';

interface DayFormProps {
  readonly opened: boolean;
  readonly close: () => void;
  /** The day to change; a new one without. */
  readonly day?: HeldDay;
}

interface Values {
  name: string;
  date: string;
  groups: string[];
  sparePercent: number | string;
  lengthMin: number | string;
  groupSize: number | string;
  staff: string[];
  kit: Record<string, number | string>;
  balanceG: string;
}

/** Makes a lab day, or changes one. */
export function DayForm({ opened, close, day }: DayFormProps) {
  return (
    <Modal
      opened={opened}
      onClose={close}
      title={day ? 'Change the lab day' : 'New lab day'}
      size="lg"
    >
      <Fields close={close} {...(day && { day })} />
    </Modal>
  );
}

/** The fields of a lab day, checked as the server checks them, and how it is saved. */
function useDayForm({
  day,
  close,
  navigate,
}: {
  readonly day: HeldDay | undefined;
  readonly close: () => void;
  readonly navigate: ReturnType<typeof useNavigate>;
}) {
  const [save, { isLoading }] = useSaveDayMutation();
  const [problem, setProblem] = useState('');
  // As it was when the form was opened: what others change meanwhile is seen against it.
  const [base] = useState(() => day && inputOf(day));
  // Made once, so that pressing the button twice makes one day.
  const [id] = useState(() => day?.id ?? crypto.randomUUID());
  const form = useForm<Values>({
    initialValues: {
      name: day?.name ?? '',
      date: day?.date ?? today(),
      groups: day?.groups.map(({ name }) => name) ?? ['Bench 1', 'Bench 2', 'Bench 3', 'Bench 4'],
      sparePercent: day?.sparePercent ?? 20,
      lengthMin: day?.lengthMin ?? 90,
      groupSize: day?.groupSize ?? 3,
      staff: day?.staff ?? ['Instructor'],
      kit: Object.fromEntries(kitKinds.map((name) => [name, day?.kit[name] ?? usualKit[name]])),
      balanceG: String(day?.balanceG ?? 0.01),
    },
    validate: (values) => schemaErrors(labDayInputSchema, toInput(values, id, base), ['kit']),
  });
  const submit = form.onSubmit(async (values) => {
    const input = toInput(values, id, base);
    try {
      await saveWhole(
        dayAsWhole(id, (one) => save(one).unwrap()),
        base,
        input,
      );
      close();
      if (!day) void navigate(`/days/${input.id}/plan/procedures`);
    } catch (error) {
      const { message, remedy } = explainError(error);
      setProblem(`${message} ${remedy}`);
    }
  });
  return { submit, form, problem, isLoading };
}

function Fields({ close, day }: Omit<DayFormProps, 'opened'>) {
  const navigate = useNavigate();
  const { submit, form, problem, isLoading } = useDayForm({ day, close, navigate });
  return (
    <form onSubmit={submit} noValidate>
      <Stack>
        <TextInput
          label="Name"
          placeholder="What the class does that day"
          data-autofocus
          {...form.getInputProps('name')}
        />
        <TextInput type="date" label="Date" {...form.getInputProps('date')} />
        <TagsInput
          label="Groups"
          description="One name each; press Enter after it"
          {...form.getInputProps('groups')}
        />
        <ClassFields form={form} />
        <KitFields form={form} />
        <Select
          label="Balance"
          description="Finest mass it shows"
          data={['0.1', '0.01', '0.001', '0.0001'].map((value) => ({ value, label: `${value} g` }))}
          {...form.getInputProps('balanceG')}
        />
        <NumberField
          label="Spare solution"
          description="Made beyond what the groups use, in per cent"
          suffix=" %"
          min={0}
          max={200}
          {...form.getInputProps('sparePercent')}
        />
        {problem && (
          <Alert title="Not saved" role="alert">
            {problem}
          </Alert>
        )}
        <Group justify="flex-end">
          <Button onClick={close}>Cancel</Button>
          <Button variant="filled" type="submit" loading={isLoading}>
            {day ? 'Save' : 'Make the lab day'}
          </Button>
        </Group>
      </Stack>
    </form>
  );
}

/** How long, in what groups, with whom. */
function ClassFields({ form }: { readonly form: UseFormReturnType<Values> }) {
  return (
    <>
      <Group grow align="flex-start">
        <NumberField
          label="Length"
          description="First step to last"
          suffix=" min"
          {...form.getInputProps('lengthMin')}
        />
        <NumberField
          label="In one group"
          description="Pupils; two of them share a test"
          {...form.getInputProps('groupSize')}
        />
      </Group>
      <TagsInput
        label="People"
        description="Who helps and demonstrates, the instructor first; press Enter after each"
        {...form.getInputProps('staff')}
      />
    </>
  );
}

/** How much of each shared thing there is. */
function KitFields({ form }: { readonly form: UseFormReturnType<Values> }) {
  return (
    <Fieldset legend="Kit that the benches share">
      <SimpleGrid cols={{ base: 2, sm: 5 }} spacing="sm">
        {kitKinds.map((name) => (
          <NumberField
            key={name}
            label={`${name}s`}
            min={0}
            {...form.getInputProps(`kit.${name}`)}
          />
        ))}
      </SimpleGrid>
    </Fieldset>
  );
}

/** An empty field is no number. */
const filled = (value: number | string): number => (value === '' ? Number.NaN : Number(value));

/** What a teaching laboratory has, until somebody says otherwise. */
const usualKit: Readonly<Record<KitKind, number>> = {
  'hot plate': 4,
  balance: 2,
  hood: 1,
  burner: 8,
  desiccator: 2,
};

/** The typed values as a lab day; groups that keep their name keep their id. */
function toInput(values: Values, id: string, day: Kept<LabDayInput> | undefined): LabDayInput {
  return {
    id,
    name: values.name,
    date: values.date,
    sparePercent: filled(values.sparePercent),
    lengthMin: filled(values.lengthMin),
    groupSize: filled(values.groupSize),
    staff: values.staff,
    kit: Object.fromEntries(kitKinds.map((name) => [name, filled(values.kit[name] ?? 0)])),
    balanceG: Number(values.balanceG),
    groups: values.groups.map((name) => ({
      id: day?.groups.find((group) => group.name === name)?.id ?? crypto.randomUUID(),
      name,
    })),
  };
}
