import { Alert, Button, Group, NumberInput, Text } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { judgeWeighing, prepare } from '@stoichos/core';
import type { NeededSolution, Weighing } from '@stoichos/core';
import { useState } from 'react';
import { useAddWeighingMutation } from '../api/api';
import { explainError } from '../api/explainError';
import { Formula } from '../chemistry/Formula';

interface WeighingEntryProps {
  readonly dayId: string;
  readonly solution: NeededSolution;
  readonly form: string;
  readonly forms: readonly string[];
  readonly purityPercent: number;
  readonly done: Weighing | undefined;
}

/** Enters the mass that was really weighed. A mass that looks like a slip is asked about before it is kept. */
export function WeighingEntry({
  dayId,
  solution,
  form,
  forms,
  purityPercent,
  done,
}: WeighingEntryProps) {
  const [typed, setTyped] = useState<number | string>('');
  const [asked, setAsked] = useState(false);
  const [addWeighing, { isLoading }] = useAddWeighingMutation();
  const { substance, concentrationM, makeMl } = solution;
  const targetG =
    prepare({ substance, form, concentrationM, volumeMl: makeMl, purityPercent }).massG ?? 0;
  const actualG = typeof typed === 'number' && typed > 0 ? typed : undefined;
  const result = actualG && judgeWeighing(actualG, targetG, form, forms, makeMl, purityPercent);
  const challenge = result ? result.challenge : undefined;

  const record = async () => {
    if (!actualG) return;
    if (challenge && !asked) {
      setAsked(true);
      return;
    }
    const weighing: Weighing = {
      id: crypto.randomUUID(),
      substance,
      concentrationM,
      volumeMl: makeMl,
      form,
      purityPercent,
      actualG,
      recordedAt: new Date().toISOString(),
    };
    try {
      await addWeighing({ dayId, weighing }).unwrap();
      setTyped('');
      setAsked(false);
    } catch (error) {
      const { message, remedy } = explainError(error);
      notifications.show({ color: 'red', title: 'Not stored', message: `${message} ${remedy}` });
    }
  };

  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void record();
      }}
    >
      <Group align="flex-end" gap="sm" mt="xs">
        <NumberInput
          label={done ? 'Weighed again' : 'Weighed, after tare'}
          suffix=" g"
          min={0}
          decimalScale={4}
          size="md"
          w={150}
          value={typed}
          onChange={(value) => {
            setTyped(value);
            setAsked(false);
          }}
        />
        <Button
          type="submit"
          size="md"
          disabled={!actualG}
          loading={isLoading}
          variant={asked ? 'default' : 'filled'}
        >
          {asked ? `Keep ${actualG ?? ''} g all the same` : 'Record the mass'}
        </Button>
      </Group>
      {result && !challenge && (
        <Text size="sm" mt={6}>
          Makes {result.concentrationM.toPrecision(3)} M: close enough to {concentrationM} M.
        </Text>
      )}
      {result && challenge && (
        <Alert variant="outline" color="gray" mt="sm" title="Is that right?" role="alert">
          <Formula text={challenge.message} wrap /> It makes {result.concentrationM.toPrecision(3)}{' '}
          M instead of {concentrationM} M.
        </Alert>
      )}
    </form>
  );
}
