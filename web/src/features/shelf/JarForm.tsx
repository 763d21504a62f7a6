import { Alert, Button, Group, Modal, Select, Stack, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import type { UseFormReturnType } from '@mantine/form';
import { findSubstance } from '@stoichos/core/matter/substances';
import { shelfItemSchema, stockUnits } from '@stoichos/core/planning/shelf';
import type { Kept } from '@stoichos/contract';
import type { ShelfItem } from '@stoichos/core/planning/shelf';
import { useState } from 'react';
import { NumberField } from '../../shared/parts/NumberField';
import { useDropJarMutation, useSaveJarMutation } from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { saveWhole } from '../../data/saving/saveWhole';
import { jarAsWhole } from '../../data/saving/wholes';
import { schemaErrors } from '../../shared/parts/schemaErrors';
import { DataSheetField } from './DataSheetField';
import { ShelfSearch } from '../../shared/reagents/ShelfSearch';

interface JarFormProps {
  readonly opened: boolean;
  readonly close: () => void;
  readonly jar: Kept<ShelfItem> | undefined;
}

/** A jar: what is in it, how much, where. */
export function JarForm({ opened, close, jar }: JarFormProps) {
  return (
    <Modal opened={opened} onClose={close} title={jar ? 'A jar on the shelf' : 'New jar'} size="lg">
      <Fields key={jar?.id ?? 'new'} close={close} jar={jar} />
    </Modal>
  );
}

/** A number that is being typed may be none yet. */
type Draft = Omit<ShelfItem, 'purityPercent' | 'amount' | 'least' | 'expires'> & {
  readonly purityPercent: number | '';
  readonly amount: number | '';
  readonly least: number | '';
  readonly expires: string;
};

const asItem = ({ expires, ...draft }: Draft) => ({ ...draft, expires: expires || null });

const newJar = (): Draft => ({
  id: crypto.randomUUID(),
  substance: '',
  form: '',
  purityPercent: 99,
  place: '',
  amount: 100,
  unit: 'g',
  least: 0,
  expires: '',
});

function Fields({ close, jar }: Omit<JarFormProps, 'opened'>) {
  const form = useForm<Draft>({
    initialValues: jar ? { ...jar, expires: jar.expires ?? '' } : newJar(),
    validate: (draft) => schemaErrors(shelfItemSchema, asItem(draft)),
  });
  // As it was when the form was opened: what others change meanwhile is seen against it.
  const [base] = useState(jar);
  const [problem, setProblem] = useState('');
  const [save, { isLoading }] = useSaveJarMutation();
  const [drop] = useDropJarMutation();
  const attempt = async (work: () => Promise<unknown>) => {
    try {
      await work();
      close();
    } catch (error) {
      const { message, remedy } = explainError(error);
      setProblem(`${message} ${remedy}`);
    }
  };
  const submit = form.onSubmit((draft) =>
    attempt(() =>
      saveWhole(
        jarAsWhole(draft.id, (one) => save(one).unwrap()),
        base,
        shelfItemSchema.parse(asItem(draft)),
      ),
    ),
  );
  return (
    <form noValidate onSubmit={submit}>
      <Stack>
        <WhatIsIn form={form} />
        <Group grow align="flex-end">
          <NumberField label="Amount" min={0} {...form.getInputProps('amount')} />
          <Select label="Unit" data={[...stockUnits]} {...form.getInputProps('unit')} />
          <NumberField label="Order below" min={0} {...form.getInputProps('least')} />
        </Group>
        <Group grow align="flex-end">
          <NumberField
            label="Purity"
            suffix=" %"
            min={1}
            max={100}
            {...form.getInputProps('purityPercent')}
          />
          <TextInput label="Place" {...form.getInputProps('place')} />
          <TextInput label="Expires" type="date" {...form.getInputProps('expires')} />
        </Group>
        {jar && <DataSheetField jar={jar} />}
        {problem && (
          <Alert title="Not saved" role="alert">
            {problem}
          </Alert>
        )}
        <Group justify="space-between">
          {jar ? (
            <Button onClick={() => void attempt(() => drop(jar).unwrap())}>
              Take off the shelf
            </Button>
          ) : (
            <span />
          )}
          <Button
            variant="filled"
            type="submit"
            loading={isLoading}
            disabled={form.values.substance === ''}
          >
            Save
          </Button>
        </Group>
      </Stack>
    </form>
  );
}

/** The substance, and in which of its forms it stands in the jar. */
function WhatIsIn({ form }: { form: UseFormReturnType<Draft> }) {
  const { substance: named } = form.values;
  const forms = named === '' ? [] : findSubstance(named).substance.forms;
  return (
    <>
      <ShelfSearch
        label="What is in it"
        value={named}
        onlySubstances
        onChange={(name) => {
          const { substance } = findSubstance(name);
          form.setValues({
            substance: substance.formula,
            form: substance.forms[0].formula,
            unit: substance.state === 'liquid' ? 'mL' : 'g',
          });
        }}
      />
      {forms.length > 1 && (
        <Select
          label="Form in the jar"
          data={forms.map(({ formula }) => formula)}
          {...form.getInputProps('form')}
        />
      )}
    </>
  );
}
