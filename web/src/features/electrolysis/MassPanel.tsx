import { Alert, Button, Group, Text } from '@mantine/core';
import { formatNumber } from '@stoichos/core/common';
import { cellMass } from '@stoichos/core/labday/cells';
import { massQuestion } from '@stoichos/core/studies/electrolysis';
import { findElectrode } from '@stoichos/core/vessel';
import type { CellRunWithRecord } from '@stoichos/core/labday/cells';
import { useState } from 'react';
import type { MassQuestion } from '@stoichos/core/studies/electrolysis';
import type { Failure } from '../../data/worker/chemistry';
import { Refusal } from '../../shared/parts/Refusal';
import { Amount } from '../../shared/study/Amount';
import classes from '../../shared/study/Study.module.css';
import type { WriteLine } from './useCellRun';

/** The electrodes that change, on the balance before and after. */
export function MassPanel({ run, write }: { run: CellRunWithRecord; write: WriteLine }) {
  // An inert plus does not change; graphite only crumbles.
  const sides = findElectrode(run.setup.cell.anode).inert
    ? (['cathode'] as const)
    : (['cathode', 'anode'] as const);
  return (
    <section aria-label="Masses">
      <Text fw={600} mt="md">
        Electrodes on the balance, g
      </Text>
      {sides.map((electrode) => (
        <div
          key={electrode}
          className={classes.pair}
          role="group"
          aria-label={electrode === 'cathode' ? 'Minus' : 'Plus'}
        >
          {(['before', 'after'] as const).map((when) => (
            <OneMass key={when} run={run} write={write} electrode={electrode} when={when} />
          ))}
        </div>
      ))}
      <Text size="sm" className="quiet" mt="xs">
        Rinse by dipping, dip in propanone (no flame), dry in air, weigh until it stays the same. Do
        not wipe: the fresh deposit rubs off.
      </Text>
    </section>
  );
}

interface OneMassProps {
  readonly run: CellRunWithRecord;
  readonly write: WriteLine;
  readonly electrode: 'cathode' | 'anode';
  readonly when: 'before' | 'after';
}

function OneMass({ run, write, electrode, when }: OneMassProps) {
  const known = cellMass(run.entries, electrode, when);
  const before = when === 'after' ? cellMass(run.entries, electrode, 'before') : undefined;
  const [typed, setTyped] = useState<number | ''>('');
  const [asked, setAsked] = useState<MassQuestion>();
  const [problem, setProblem] = useState<Failure>();
  const keep = (massG: number) => {
    const failure = write({ kind: 'mass', electrode, when, massG });
    setProblem(failure);
    setAsked(undefined);
    if (!failure) setTyped('');
  };
  const enter = () => {
    if (typed === '') return;
    const question = massQuestion(typed, before);
    if (question) setAsked(question);
    else keep(typed);
  };
  return (
    <div>
      <Amount
        label={`${electrode === 'cathode' ? 'Minus' : 'Plus'}, ${when}`}
        step={0.01}
        value={typed}
        onChange={setTyped}
        {...(known !== undefined && { description: `on record: ${formatNumber(known)} g` })}
      />
      <Button mt={6} fullWidth disabled={typed === ''} onClick={enter}>
        {known === undefined ? 'Write' : 'Correct'}
      </Button>
      {asked && typed !== '' && (
        <Alert title="Is that right?" role="alert" mt="xs">
          <Text size="sm">{asked.question}</Text>
          <Group gap="xs" mt="xs">
            {asked.ratherG !== undefined && (
              <Button variant="filled" onClick={() => keep(asked.ratherG ?? typed)}>
                {formatNumber(asked.ratherG)} g
              </Button>
            )}
            <Button onClick={() => keep(typed)}>Keep {formatNumber(typed)} g</Button>
          </Group>
        </Alert>
      )}
      <Refusal title="Not written" of={problem} />
    </div>
  );
}
