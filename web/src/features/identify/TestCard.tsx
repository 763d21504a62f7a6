import { Button, Group, Text } from '@mantine/core';
import { drawRecord } from '@stoichos/core/seeing/observation';
import {
  boilingPoint,
  inorganicTests,
  meltingPoint,
  observationsOf,
  organicTest,
  pointOutcome,
  testInSentence,
  unsure,
} from '@stoichos/core/studies/identify';
import type { UnknownTest } from '@stoichos/core/matter/substances';
import type { Model, RankedTest, UnknownKind } from '@stoichos/core/studies/identify';
import { useState } from 'react';
import { Chip } from '../../shared/parts/ChipRow';
import { Vessel } from '../../shared/glassware/Vessel';
import { CandidateName } from '../../shared/unknowns/CandidateName';
import { percent } from '../../shared/study/Likelihoods';
import classes from '../../shared/unknowns/Unknowns.module.css';
import { formatNumber, withPlaces, proseTold } from '@stoichos/core/common';
import { TemperatureField } from '../../shared/parts/TemperatureField';

/** How many candidates of an outcome are named. */
const namedMost = 5;

export function TestCard({
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
          {splits.length > 0 && `${withPlaces(bits, 2)} bits · `}
          {formatNumber(minutes)} min · {formatNumber(sampleMg)} mg
        </span>
      </div>
      {row?.how && <Text size="sm">{proseTold(row.how)}</Text>}
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
            ` With ${testInSentence(kind, then)} after it: ${withPlaces(bitsWithNext, 2)} bits.`}
          {row.falsePositive !== undefined &&
            row.falseNegative !== undefined &&
            ` False positive in about ${percent(row.falsePositive)} of classes, false negative in about ${percent(row.falseNegative)}.`}
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
      <TemperatureField
        w={140}
        label={label}
        min={-100}
        max={400}
        value={celsius}
        onChange={setCelsius}
      />
      <Button disabled={celsius === ''} onClick={() => celsius !== '' && onRecord(celsius)}>
        Record
      </Button>
    </Group>
  );
}
