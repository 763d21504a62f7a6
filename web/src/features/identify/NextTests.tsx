import { Button, Group, Text } from '@mantine/core';
import { drawRecord } from '@stoichos/core/seeing/observation';
import {
  boilingPoint,
  costsOf,
  inorganicTests,
  meltingPoint,
  observationsOf,
  organicTest,
  pointOutcome,
  testInSentence,
  testLabel,
  unsure,
} from '@stoichos/core/studies/identify';
import type { UnknownTest } from '@stoichos/core/matter/substances';
import type { HeldBack, Model, RankedTest, UnknownKind } from '@stoichos/core/studies/identify';
import { useState } from 'react';
import type { ReactNode } from 'react';
import { NumberField } from '../../shared/parts/NumberField';
import { Chip } from '../../shared/parts/ChipRow';
import { Vessel } from '../../shared/glassware/Vessel';
import { Fold } from '../../shared/parts/Fold';
import { BlankChoice } from '../../shared/unknowns/BlankChoice';
import type { Blank } from '../../shared/unknowns/BlankChoice';
import { CandidateName } from '../../shared/unknowns/CandidateName';
import { percent } from '../../shared/study/Likelihoods';
import type { KeptResult } from '../../shared/unknowns/unknownState';
import classes from '../../shared/unknowns/Unknowns.module.css';

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

/** How many candidates of an outcome are named. */
const namedMost = 5;

function TestCard({
  kind,
  ranked: { test, label, bits, splits, minutes, sampleMg, hazard, bitsWithNext, then },
  model,
  first,
  onRecord,
}: {
  kind: UnknownKind;
  ranked: RankedTest;
  model: Model;
  first: boolean;
  onRecord: (outcome: string) => void;
}) {
  const row: Partial<UnknownTest> | undefined =
    kind === 'organic' ? organicTest(test) : inorganicTests.find(({ name }) => name === test);
  const outcomes = model.tests.find(({ name }) => name === test)?.outcomes ?? [];
  const scale = [meltingPoint, boilingPoint].find(({ name }) => name === test);
  return (
    <section className={classes.test} aria-label={label} data-first={first || undefined}>
      <div className={classes.testHead}>
        <Text fw={600} size={first ? 'lg' : 'md'}>
          {label}
          {first && <span className="quiet"> — next</span>}
        </Text>
        <span className="quiet">
          {splits.length > 0 && `${bits.toFixed(2)} bits · `}
          {minutes} min · {sampleMg} mg
        </span>
      </div>
      {row?.how && <Text size="sm">{row.how}</Text>}
      {row?.caution && (
        <Text size="sm" mt={2}>
          <strong>Caution.</strong> {row.caution}
        </Text>
      )}
      {first && row?.blank && (
        <Text size="sm" className="quiet">
          {row.reagents && row.reagents.length > 0 && `Needs ${row.reagents.join(', ')}. `}
          {row.cost !== undefined && `Cost ${row.cost} of 5. `}Blank: {row.blank}.
          {bitsWithNext !== undefined &&
            then !== undefined &&
            ` With ${testInSentence(kind, then)} after it: ${bitsWithNext.toFixed(2)} bits.`}
          {row.falsePositive !== undefined &&
            row.falseNegative !== undefined &&
            ` Told wrongly: ${percent(row.falsePositive)} too many, ${percent(row.falseNegative)} overlooked.`}
        </Text>
      )}
      {hazard > 3 && !row?.caution && <Text size="sm">Only where the local rules allow it.</Text>}
      {scale ? (
        <PointInput label={label} onRecord={(celsius) => onRecord(pointOutcome(scale, celsius))} />
      ) : (
        <Group gap={6} mt={6} role="group" aria-label={`Seen: ${label}`}>
          {outcomes.map((outcome) => (
            <Chip key={outcome} chosen={false} onTap={() => onRecord(outcome)}>
              {outcome}
            </Chip>
          ))}
          <Chip chosen={false} onTap={() => onRecord(unsure)}>
            unsure
          </Chip>
        </Group>
      )}
      {first && !scale && splits.length > 0 && (
        <Expected kind={kind} test={test} label={label} splits={splits} />
      )}
    </section>
  );
}

/** What each outcome looks like, and whom it would leave. */
function Expected({
  kind,
  test,
  label,
  splits,
}: {
  kind: UnknownKind;
  test: string;
  label: string;
  splits: RankedTest['splits'];
}) {
  return (
    <ul className={classes.expected}>
      {splits.map(({ outcome, candidates }) => {
        const look = observationsOf(kind, test, outcome);
        return (
          <li key={outcome}>
            {look && (
              <Vessel
                container="testTube"
                view={drawRecord(look, 0.45)}
                label={`${label}, ${outcome}`}
                height={84}
              />
            )}
            <span>
              <strong>{outcome}</strong>:{' '}
              {candidates.slice(0, namedMost).map((one, index) => (
                <span key={one}>
                  {index > 0 && ', '}
                  <CandidateName kind={kind} name={one} />
                </span>
              ))}
              {candidates.length > namedMost && ` and ${candidates.length - namedMost} more`}
            </span>
          </li>
        );
      })}
    </ul>
  );
}

function PointInput({ label, onRecord }: { label: string; onRecord: (celsius: number) => void }) {
  const [celsius, setCelsius] = useState<number | ''>('');
  return (
    <Group align="end" mt={6}>
      <NumberField
        size="md"
        w={140}
        label={`${label}, °C`}
        min={-100}
        max={400}
        value={celsius}
        onChange={setCelsius}
      />
      <Button
        size="md"
        variant="default"
        disabled={celsius === ''}
        onClick={() => celsius !== '' && onRecord(celsius)}
      >
        Record
      </Button>
    </Group>
  );
}
