import type { Told, contracts } from '@stoichos/contract';
import { Button, Group, Modal, Text, TextInput, Title } from '@mantine/core';
import { useForm } from '@mantine/form';
import { notifications } from '@mantine/notifications';
import { keptRunSchema } from '@stoichos/core/labday/day';
import type { KeptRun } from '@stoichos/core/labday/day';
import type { Rack } from '@stoichos/core/seeing/rack';
import { useState } from 'react';
import { Link } from 'react-router';
import { useDropRunMutation, useKeepRunMutation, useRunsQuery } from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { longDate } from '../../shared/parts/dates';
import { schemaErrors } from '../../shared/parts/schemaErrors';
import { LoadState } from '../../shared/parts/LoadState';
import { RestOfList } from '../../shared/parts/RestOfList';
import classes from './MixPage.module.css';

interface KeptRunsProps {
  readonly rack: Rack;
  readonly opened: boolean;
  readonly onClose: () => void;
  readonly onOpen: (rack: Rack) => void;
  readonly onCompare: (run: KeptRun) => void;
}

/** Keeps the sequence on the bench under a name, and lists those kept: to open, to compare with, to let go. */
export function KeptRuns({ rack, opened, onClose, onOpen, onCompare }: KeptRunsProps) {
  const { currentData: page, error, refetch } = useRunsQuery(undefined, { skip: !opened });
  // The comparison takes the focus, so it opens once the dialog has given it back.
  const [toCompare, setToCompare] = useState<KeptRun>();
  const compareAtLast = () => {
    if (toCompare) onCompare(toCompare);
    setToCompare(undefined);
  };
  return (
    <Modal
      opened={opened}
      onClose={onClose}
      onExitTransitionEnd={compareAtLast}
      title="Kept sequences"
      size="lg"
    >
      <KeepForm rack={rack} />
      <Title order={3} size="h5" mt="lg" mb="xs">
        Kept so far
      </Title>
      {!page ? (
        <LoadState error={error} retry={() => void refetch()} />
      ) : page.items.length === 0 ? (
        <Text className="quiet">
          Nothing is kept yet. Name what is on the bench and keep it; it stays here for every
          browser, to be opened again, compared with, and made into a procedure.
        </Text>
      ) : (
        <ul className={`bare ${classes.kept}`}>
          <KeptLines
            page={page}
            onOpen={(run) => {
              onOpen(run.rack);
              onClose();
            }}
            onCompare={(run) => {
              setToCompare(run);
              onClose();
            }}
          />
        </ul>
      )}
    </Modal>
  );
}

type KeptPage = Told<typeof contracts.runs>;
interface KeptLinesProps {
  readonly page: KeptPage;
  readonly onOpen: (run: KeptRun) => void;
  readonly onCompare: (run: KeptRun) => void;
}

/** A page of kept sequences, and the way to the next one. */
function KeptLines({ page: { items, next }, onOpen, onCompare }: KeptLinesProps) {
  return (
    <>
      {items.map((run) => (
        <KeptLine
          key={run.id}
          run={run}
          onOpen={() => onOpen(run)}
          onCompare={() => onCompare(run)}
        />
      ))}
      <RestOfList next={next} label="Earlier sequences">
        {(after) => <NextLines onOpen={onOpen} onCompare={onCompare} after={after} />}
      </RestOfList>
    </>
  );
}

function NextLines({ after, ...what }: Omit<KeptLinesProps, 'page'> & { readonly after: string }) {
  const { currentData, error, refetch } = useRunsQuery(after);
  return currentData ? (
    <KeptLines page={currentData} {...what} />
  ) : (
    <LoadState error={error} retry={() => void refetch()} />
  );
}

function KeepForm({ rack }: { rack: Rack }) {
  const form = useForm({
    initialValues: { name: '' },
    validate: (values) => schemaErrors(keptRunSchema.pick({ name: true }), values),
  });
  const [keep, { isLoading, error }] = useKeepRunMutation();
  const isEmpty = rack.events.length === 0;
  const send = form.onSubmit(async ({ name }) => {
    const answer = await keep({
      id: crypto.randomUUID(),
      name,
      rack,
      keptAt: new Date().toISOString(),
    });
    if (!answer.error) form.reset();
  });
  return (
    <form onSubmit={send}>
      <Group align="flex-end" wrap="nowrap">
        <TextInput
          label="Name for what is on the bench"
          flex={1}
          maxLength={80}
          {...form.getInputProps('name')}
          disabled={isEmpty}
          description={isEmpty ? 'Do something first; an empty bench is not kept.' : undefined}
          error={error ? explainError(error).message : undefined}
        />
        <Button
          variant="filled"
          type="submit"
          loading={isLoading}
          disabled={isEmpty || form.values.name.trim() === ''}
        >
          Keep
        </Button>
      </Group>
    </form>
  );
}

interface KeptLineProps {
  readonly run: KeptRun;
  readonly onOpen: () => void;
  readonly onCompare: () => void;
}

function KeptLine({ run, onOpen, onCompare }: KeptLineProps) {
  const [drop] = useDropRunMutation();
  const [keep] = useKeepRunMutation();
  const letGo = async () => {
    const answer = await drop(run.id);
    if (answer.error) {
      const { message, remedy } = explainError(answer.error);
      notifications.show({ title: message, message: remedy, color: 'red' });
      return;
    }
    notifications.show({
      title: `“${run.name}” was let go`,
      message: (
        <Button size="compact-md" onClick={() => void keep(run)}>
          Keep it after all
        </Button>
      ),
    });
  };
  const { vessels, events } = run.rack;
  return (
    <li>
      <div>
        <Text fw={600}>{run.name}</Text>
        <Text size="sm" className="quiet">
          {longDate(run.keptAt.slice(0, 10))} · {vessels.length}{' '}
          {vessels.length === 1 ? 'vessel' : 'vessels'}, {events.length}{' '}
          {events.length === 1 ? 'step' : 'steps'}
        </Text>
      </div>
      <Group gap="xs">
        <Button onClick={onOpen}>Open</Button>
        <Button onClick={onCompare}>Compare</Button>
        <Button component={Link} to={`/procedures/new?run=${run.id}`}>
          Write a procedure
        </Button>
        <Button onClick={() => void letGo()}>Let go</Button>
      </Group>
    </li>
  );
}
