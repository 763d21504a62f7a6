import { Alert, Button, Group, Modal, Select, Stack, TextInput } from '@mantine/core';
import { findSubstance } from '@stoichos/core/matter/substances';
import { shelfItemSchema, stockUnits } from '@stoichos/core/planning/shelf';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import { useState } from 'react';
import { NumberField } from '../../shared/parts/NumberField';
import { useDropJarMutation, useSaveJarMutation } from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { ShelfSearch } from '../../shared/reagents/ShelfSearch';

interface JarFormProps {
  readonly opened: boolean;
  readonly close: () => void;
  readonly jar: ShelfItem | undefined;
}

/** A jar: what is in it, how much, where. */
export function JarForm({ opened, close, jar }: JarFormProps) {
  return (
    <Modal opened={opened} onClose={close} title={jar ? 'A jar on the shelf' : 'New jar'} size="lg">
      <Fields key={jar?.id ?? 'new'} close={close} jar={jar} />
    </Modal>
  );
}

type Draft = Omit<ShelfItem, 'purityPercent' | 'amount' | 'least'> & {
  readonly purityPercent: number | string;
  readonly amount: number | string;
  readonly least: number | string;
};

function Fields({ close, jar }: Omit<JarFormProps, 'opened'>) {
  const [draft, setDraft] = useState<Draft>(
    () =>
      jar ?? {
        id: crypto.randomUUID(),
        substance: '',
        form: '',
        purityPercent: 99,
        place: '',
        amount: 100,
        unit: 'g',
        least: 0,
        expires: null,
      },
  );
  const [problem, setProblem] = useState('');
  const [save, { isLoading }] = useSaveJarMutation();
  const [drop] = useDropJarMutation();
  const set = (part: Partial<Draft>) => {
    setDraft({ ...draft, ...part });
    setProblem('');
  };
  const attempt = async (work: () => Promise<unknown>) => {
    try {
      await work();
      close();
    } catch (error) {
      const { message, remedy } = explainError(error);
      setProblem(`${message} ${remedy}`);
    }
  };
  const submit = () => {
    const read = shelfItemSchema.safeParse(draft);
    if (read.success) void attempt(() => save(read.data).unwrap());
    else {
      const [issue] = read.error.issues;
      setProblem(`${String(issue?.path[0] ?? 'The jar')}: ${issue?.message ?? 'not valid'}.`);
    }
  };
  const forms =
    draft.substance === ''
      ? []
      : findSubstance(draft.substance).substance.forms.map(({ formula }) => formula);
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        submit();
      }}
    >
      <Stack>
        <ShelfSearch
          label="What is in it"
          value={draft.substance}
          onlySubstances
          onChange={(name) => {
            const { substance } = findSubstance(name);
            set({
              substance: substance.formula,
              form: substance.forms[0].formula,
              unit: substance.state === 'liquid' ? 'mL' : 'g',
            });
          }}
        />
        {forms.length > 1 && (
          <Select
            label="Form in the jar"
            data={forms}
            value={draft.form}
            onChange={(form) => set({ form: form ?? draft.form })}
          />
        )}
        <Group grow align="flex-end">
          <NumberField
            label="Amount"
            min={0}
            value={draft.amount}
            onChange={(amount) => set({ amount })}
          />
          <Select
            label="Unit"
            data={[...stockUnits]}
            value={draft.unit}
            onChange={(unit) => set({ unit: unit as ShelfItem['unit'] })}
          />
          <NumberField
            label="Order below"
            min={0}
            value={draft.least}
            onChange={(least) => set({ least })}
          />
        </Group>
        <Group grow align="flex-end">
          <NumberField
            label="Purity"
            suffix=" %"
            min={1}
            max={100}
            value={draft.purityPercent}
            onChange={(purityPercent) => set({ purityPercent })}
          />
          <TextInput
            label="Place"
            value={draft.place}
            onChange={(event) => set({ place: event.currentTarget.value })}
          />
          <TextInput
            label="Expires"
            type="date"
            value={draft.expires ?? ''}
            onChange={(event) =>
              set({ expires: event.currentTarget.value === '' ? null : event.currentTarget.value })
            }
          />
        </Group>
        {problem && (
          <Alert variant="outline" color="gray" title="Not saved" role="alert">
            {problem}
          </Alert>
        )}
        <Group justify="space-between">
          {jar ? (
            <Button variant="default" onClick={() => void attempt(() => drop(jar.id).unwrap())}>
              Take off the shelf
            </Button>
          ) : (
            <span />
          )}
          <Button type="submit" loading={isLoading} disabled={draft.substance === ''}>
            Save
          </Button>
        </Group>
      </Stack>
    </form>
  );
}
