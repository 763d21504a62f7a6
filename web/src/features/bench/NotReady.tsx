import { Button, Group, List, Modal, Text } from '@mantine/core';
import type { StepProgress } from '@stoichos/core/labday/bench';
import { shortText } from '@stoichos/core/planning/procedure';
import type { ProcedureStep } from '@stoichos/core/planning/procedure';
import type { Recorder } from '../../shared/recording/useRecorder';

interface NotReadyProps {
  readonly opened: boolean;
  readonly close: () => void;
  readonly step: ProcedureStep;
  /** What should have been done before it. */
  readonly unmet: StepProgress['unmet'];
  readonly recorder: Recorder;
  readonly begin: () => void;
  readonly goTo: (stepId: string) => void;
}

/** The longest text a departure holds. */
const longestDeparture = 160;

/** Asks whether a step is begun before those that should have been done first; begun all the same, it is a departure. */
export function NotReady({ opened, close, step, unmet, recorder, begin, goTo }: NotReadyProps) {
  const first = unmet[0];
  const after = unmet.map((one) => shortText(one.step)).join('”, “');
  return (
    <Modal opened={opened} onClose={close} title="Not ready for this yet" size="lg">
      <Text mb="xs">Before “{shortText(step)}” these should have been done:</Text>
      <List spacing="sm">
        {unmet.map(({ step: needed, because }) => (
          <List.Item key={needed.id}>
            <strong>{shortText(needed)}</strong>: {because}.
          </List.Item>
        ))}
      </List>
      <Group mt="lg" justify="flex-end">
        <Button
          onClick={() => {
            recorder.add({
              kind: 'departure',
              what: 'order',
              planned: `after “${after}”`.slice(0, longestDeparture),
              done: 'begun before it',
            });
            begin();
            close();
          }}
        >
          Begin all the same
        </Button>
        <Button
          variant="filled"
          data-autofocus
          onClick={() => {
            close();
            if (first) goTo(first.step.id);
          }}
        >
          Go to that step first
        </Button>
      </Group>
    </Modal>
  );
}
