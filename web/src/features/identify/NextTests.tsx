import { Text } from '@mantine/core';
import { costsOf, testLabel } from '@stoichos/core/studies/identify';
import type { HeldBack, Model, RankedTest, UnknownKind } from '@stoichos/core/studies/identify';
import { useState } from 'react';
import type { ReactNode } from 'react';
import { Fold } from '../../shared/parts/Fold';
import { BlankChoice } from '../../shared/unknowns/BlankChoice';
import type { Blank } from '../../shared/unknowns/BlankChoice';
import type { KeptResult } from '../../shared/unknowns/unknownState';
import classes from '../../shared/unknowns/Unknowns.module.css';
import { TestCard } from './TestCard';

/** How many tests stand open; the others are folded away. */
const openTests = 3;

interface NextTestsProps {
  readonly kind: UnknownKind;
  readonly ranked: readonly RankedTest[];
  readonly held: readonly HeldBack[];
  readonly model: Model;
  readonly onRecord: (result: KeptResult) => void;
  /** A test that is done once more. */
  readonly again: string | undefined;
  /** What stands between the next tests and the others. */
  readonly children: ReactNode;
}

/** The tests that could come next, with the answers to tap. */
export function NextTests({
  kind,
  ranked,
  held,
  model,
  onRecord,
  again,
  children,
}: NextTestsProps) {
  const [blank, setBlank] = useState<Blank>('clean');
  const card = (test: RankedTest, first: boolean) => (
    <TestCard
      key={test.test}
      kind={kind}
      ranked={test}
      model={model}
      first={first}
      onRecord={(outcome) => onRecord({ test: test.test, outcome, blank, note: '' })}
    />
  );
  return (
    <>
      <div className="no-print">
        {ranked.length === 0 && (
          <Text mt="sm">
            No test that can be done now tells more. Prove it by a derivative or by its own test
            once again.
          </Text>
        )}
        {ranked.length > 0 && <BlankChoice value={blank} onChange={setBlank} />}
        {again !== undefined && card(onceMore(kind, again), true)}
        {ranked
          .filter(({ test }) => test !== again)
          .slice(0, openTests)
          .map((test, at) => card(test, at === 0 && again === undefined))}
      </div>
      {children}
      <div className="no-print">
        {ranked.length > openTests && (
          <Fold title={`${ranked.length - openTests} other tests`}>
            {ranked.slice(openTests).map((test) => card(test, false))}
          </Fold>
        )}
        {held.length > 0 && (
          <Fold title={`${held.length} that cannot be done now`}>
            <ul className={classes.plain}>
              {held.map(({ test, why }) => (
                <li key={test}>
                  {testLabel(kind, test)}: {why}
                </li>
              ))}
            </ul>
          </Fold>
        )}
      </div>
    </>
  );
}

/** A test that was done already, as a card to tap: what it tells now is not what it is done for. */
function onceMore(kind: UnknownKind, test: string): RankedTest {
  const { label = test, minutes = 1, sampleMg = 0, hazard = 1 } = costsOf(kind, test) ?? {};
  return {
    test,
    label: `Once more: ${label}`,
    bits: 0,
    splits: [],
    minutes,
    sampleMg,
    hazard,
    bitsPerMinute: 0,
    bitsPerHazard: 0,
    why: '',
  };
}
