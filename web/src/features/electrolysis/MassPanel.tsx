import { Alert, Button, Group, Text } from '@mantine/core';
import { cellMass } from '@stoichos/core/labday';
import { findElectrode } from '@stoichos/core/vessel';
import type { CellRunWithRecord } from '@stoichos/core/labday';
import { useState } from 'react';
import type { Failure } from '../../data/worker/chemistry';
import { Amount } from '../../shared/study/Amount';
import classes from '../../shared/study/Study.module.css';
import type { WriteLine } from './useCellRun';
import { atMostFigures, formatNumber } from '@stoichos/core/common';

/** Lighter than any electrode: a balance in kilograms, or a slip of the point. */
const lighterThanAnyG = 0.2;
/** More than this share of itself no electrode changes in a class: a slip, or the other electrode. */
const changesAtMost = 0.5;

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

function OneMass({
  run,
  write,
  electrode,
  when,
}: {
  readonly run: CellRunWithRecord;
  readonly write: WriteLine;
  readonly electrode: 'cathode' | 'anode';
  readonly when: 'before' | 'after';
}) {
  const known = cellMass(run.entries, electrode, when);
  const [typed, setTyped] = useState<number | ''>('');
  const [asked, setAsked] = useState<string>();
  const [problem, setProblem] = useState<Failure>();
  const before = cellMass(run.entries, electrode, 'before');
  const sign = electrode === 'cathode' ? 'Minus' : 'Plus';
  const keep = (massG: number) => {
    const failure = write({ kind: 'mass', electrode, when, massG });
    setProblem(failure);
    setAsked(undefined);
    if (!failure) setTyped('');
  };
  const enter = () => {
    if (typed === '') return;
    if (typed > 0 && typed < lighterThanAnyG) {
      setAsked(
        `${formatNumber(typed)} g is lighter than any electrode. Does the balance show kilograms? Then it is ${atMostFigures(typed * 1000, 6)} g.`,
      );
      return;
    }
    if (
      when === 'after' &&
      before !== undefined &&
      Math.abs(typed - before) > changesAtMost * before
    ) {
      setAsked(
        `${formatNumber(typed)} g is far from the ${formatNumber(before)} g before. Is it the same electrode, and in grams?`,
      );
      return;
    }
    keep(typed);
  };
  return (
    <div>
      <Amount
        label={`${sign}, ${when}`}
        step={0.01}
        value={typed}
        onChange={setTyped}
        {...(known !== undefined && { description: `on record: ${formatNumber(known)} g` })}
      />
      <Button variant="default" mt={6} fullWidth disabled={typed === ''} onClick={enter}>
        {known === undefined ? 'Write' : 'Correct'}
      </Button>
      {asked && typed !== '' && (
        <Alert variant="outline" color="gray" title="Is that right?" role="alert" mt="xs">
          <Text size="sm">{asked}</Text>
          <Group gap="xs" mt="xs">
            {typed < lighterThanAnyG && (
              <Button onClick={() => keep(Number((typed * 1000).toPrecision(6)))}>
                {atMostFigures(typed * 1000, 6)} g
              </Button>
            )}
            <Button variant="default" onClick={() => keep(typed)}>
              Keep {formatNumber(typed)} g
            </Button>
          </Group>
        </Alert>
      )}
      {problem && (
        <Text role="alert" size="sm">
          {problem.message} {problem.remedy}
        </Text>
      )}
    </div>
  );
}
