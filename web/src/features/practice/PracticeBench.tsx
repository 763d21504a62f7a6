import { Button, Group, Select, Switch, Text } from '@mantine/core';
import { organicTests } from '@stoichos/core/matter/substances';
import {
  costsOf,
  inorganicTests,
  testInSentence,
  testLabel,
} from '@stoichos/core/studies/identify';
import { drawResult } from '@stoichos/core/studies/practice';
import type { Model } from '@stoichos/core/studies/identify';
import type { Drawn } from '@stoichos/core/studies/practice';
import { useState } from 'react';
import { Chip } from '../../shared/parts/ChipRow';
import { Sight } from './Sight';
import classes from './Practice.module.css';

export interface Round {
  readonly seed: number;
  readonly truth: string;
}

export interface Done extends Drawn {
  readonly test: string;
  /** What the learner wrote, which may be something else than what was to be seen. */
  readonly written: string;
}

interface BenchProps {
  readonly kind: 'organic' | 'inorganic';
  readonly model: Model;
  readonly round: Round;
  readonly done: readonly Done[];
  readonly ended: boolean;
  readonly onDone: (done: readonly Done[]) => void;
}

/** What a test showed and waits to be written down. */
type Open = Drawn & { readonly test: string };

export function Bench(props: BenchProps) {
  const { kind, done, ended } = props;
  const [withBlank, setWithBlank] = useState(true);
  const [open, setOpen] = useState<Open>();
  return (
    <>
      {done.length > 0 && (
        <ol className={classes.notes} data-testid="notes">
          {done.map(({ test, written, blank }, at) => (
            <li key={at}>
              {testLabel(kind, test)}: <strong>{written}</strong>{' '}
              <span className="quiet">
                {blank === 'same'
                  ? '(the blank too)'
                  : blank === 'clean'
                    ? '(blank as it should)'
                    : '(no blank)'}
              </span>
            </li>
          ))}
        </ol>
      )}
      {open && <Seen {...props} open={open} close={() => setOpen(undefined)} />}
      {!open && !ended && (
        <TestChoices {...props} {...{ withBlank, setWithBlank }} onOpen={setOpen} />
      )}
    </>
  );
}

/** What can be done next. */
function TestChoices({
  kind,
  model,
  done,
  round,
  withBlank,
  setWithBlank,
  onOpen,
}: BenchProps & {
  readonly withBlank: boolean;
  readonly setWithBlank: (next: boolean) => void;
  readonly onOpen: (next: Open) => void;
}) {
  const tests = (kind === 'organic' ? organicTests : inorganicTests).filter(({ name }) =>
    model.tests.some((one) => one.name === name),
  );
  const doTest = (test: string) => {
    const repeat = done.filter((one) => one.test === test).length;
    const drawn = drawResult({
      model,
      truth: round.truth,
      test,
      seed: round.seed,
      repeat,
      withBlank,
    });
    onOpen(drawn ? { ...drawn, test } : { test, outcome: '' });
  };
  return (
    <>
      <Switch
        mt="sm"
        label="With a blank"
        checked={withBlank}
        onChange={(event) => setWithBlank(event.currentTarget.checked)}
      />
      <Group gap={6} mt="xs" role="group" aria-label="Tests">
        {tests.map(({ name, label }) => (
          <Chip
            key={name}
            chosen={done.some((one) => one.test === name)}
            onTap={() => doTest(name)}
          >
            {label}
            {(costsOf(kind, name)?.hazard ?? 1) > 2 && (
              <span aria-label="needs hood, flame or more care"> ▲</span>
            )}
          </Chip>
        ))}
      </Group>
    </>
  );
}

/** What is to be seen now, and in what words it is written. */
function Seen({
  kind,
  model,
  done,
  round,
  open,
  close,
  onDone,
}: BenchProps & { readonly open: Open; readonly close: () => void }) {
  const write = (written: string) => {
    onDone([...done, { ...open, written }]);
    close();
  };
  return (
    <section className={classes.seen} aria-label="What is to be seen">
      {open.outcome === '' ? (
        <>
          <Text role="status">
            Not predicted: what this jar shows in {testInSentence(kind, open.test)} is outside the
            model. Choose another test.
          </Text>
          <Button mt="xs" onClick={close}>
            Go on
          </Button>
        </>
      ) : (
        <>
          <Sight kind={kind} model={model} truth={round.truth} seen={open} />
          <Text size="sm" mt="xs">
            Write down what you take it for:
          </Text>
          <Group gap={6} mt={4} role="group" aria-label="Write down">
            {(model.tests.find(({ name }) => name === open.test)?.outcomes ?? []).map((one) => (
              <Chip key={one} chosen={false} onTap={() => write(one)}>
                {one}
              </Chip>
            ))}
            <Chip chosen={false} onTap={() => write('unsure')}>
              unsure
            </Chip>
          </Group>
        </>
      )}
    </section>
  );
}

export function Answer({ model, onAnswer }: { model: Model; onAnswer: (name: string) => void }) {
  const [name, setName] = useState<string | null>(null);
  return (
    <Group align="end" mt="md" className={classes.answer}>
      <Select
        searchable
        label="It is"
        data={[...model.candidates]}
        value={name}
        onChange={setName}
        limit={60}
        flex={1}
      />
      <Button
        variant="filled"
        disabled={name === null}
        onClick={() => name !== null && onAnswer(name)}
      >
        Answer
      </Button>
    </Group>
  );
}
