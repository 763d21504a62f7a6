import { Button, Group, Modal, Text } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import type { ExchangeFile } from '@stoichos/core/report/exchange';
import { useEffect } from 'react';
import { useNavigate } from 'react-router';
import { useTakeInMutation } from '../../data/api/api';
import { ProblemNote } from '../../shared/parts/ProblemNote';

const standings = {
  new: 'It is not here yet and comes in as it is.',
  same: 'It is here already, just so. There is nothing to do.',
  differs:
    'It is here already and differs. Nothing that is here is written over: it can come in as another one beside it.',
} as const;

/** Shows what taking a file in would change; only then is anything written. */
export function TakeInDialog({ file, close }: { file: ExchangeFile; close: () => void }) {
  const [ask, { data: plan, error, isLoading }] = useTakeInMutation();
  const navigate = useNavigate();
  useEffect(() => {
    void ask({ file, apply: false });
  }, [file, ask]);
  const take = async () => {
    const answer = await ask({ file, apply: true, asAnother: plan?.standing === 'differs' });
    if (answer.error) return;
    notifications.show({ message: `${answer.data.name} was taken in.` });
    close();
    if (answer.data.goTo) void navigate(answer.data.goTo);
  };
  return (
    <Modal
      opened
      onClose={close}
      title={plan ? `A ${plan.what}: ${plan.name}` : 'A file'}
      size="lg"
    >
      <ProblemNote error={error} />
      {plan && (
        <div data-testid="import-plan">
          <Text fw={600}>{standings[plan.standing]}</Text>
          <Text mt="xs">In the file: {plan.brings.join(', ') || 'nothing'}.</Text>
          {plan.differences.length > 0 && (
            <>
              <Text mt="xs">What differs:</Text>
              <ul>
                {plan.differences.map((one) => (
                  <li key={one}>{one}</li>
                ))}
              </ul>
            </>
          )}
        </div>
      )}
      <Group justify="flex-end" mt="md">
        <Button onClick={close}>Leave everything as it is</Button>
        {plan && plan.standing !== 'same' && (
          <Button variant="filled" loading={isLoading} onClick={() => void take()}>
            {plan.standing === 'new' ? 'Take it in' : 'Take it in beside it'}
          </Button>
        )}
      </Group>
    </Modal>
  );
}
