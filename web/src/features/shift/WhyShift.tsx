import { LineTable } from '../../shared/parts/LineTable';
import { Select, Text, Title } from '@mantine/core';
import { Segments } from '../../shared/parts/Segments';
import { plainFormula } from '@stoichos/core/matter/formula';
import { deferral } from '@stoichos/core/safety';
import { fumesSource, powerText, shiftCautions } from '@stoichos/core/studies/shift';
import type {
  Stress,
  ShiftRun,
  ShiftStep,
  Watched,
  WatchedEquilibrium,
} from '@stoichos/core/studies/shift';
import type { Action } from '@stoichos/core/vessel';
import { useMemo, useState } from 'react';
import { Formula } from '../../shared/chemistry/Formula';
import { ReactionFacts } from '../../shared/chemistry/ReactionFacts';
import { Fold } from '../../shared/parts/Fold';
import type { EquilibriumState } from './equilibriumState';
import { QuotientScale } from './QuotientScale';
import { ShareBars } from './ShareBars';
import { withPlaces, formatSetTemperature } from '@stoichos/core/common';
import { Cited } from '../../shared/parts/Cited';

interface WhyShiftProps {
  readonly run: ShiftRun;
  readonly step: ShiftStep;
  readonly onWatch: (watched: Watched) => void;
}

const keyOf = (watched: Watched): string =>
  'equation' in watched ? watched.equation : watched.indicator;

/** Why it moved, for a class or with numbers; what is watched, how it is shared, and where the constants come from. */
export function WhyShift({ run, step, onWatch }: WhyShiftProps) {
  const [level, setLevel] = useState<'class' | 'instructor'>('class');
  const { watched, watchable } = run;
  if (!watched)
    return (
      <Text className="quiet">
        Nothing in this mixture can shift. Put in something that forms a complex, a solid, or that
        trades protons; what can be watched is then listed here.
      </Text>
    );
  const current = watched.indicator ?? watched.equation;
  const choices = [...new Set([current, ...watchable.map(keyOf)])];
  const { shift, words } = step;
  return (
    <>
      <Title mb="xs">Which way, and why</Title>
      <Select
        className="no-print"
        label="Watched"
        mb="sm"
        value={current}
        data={choices.map((key) => ({ value: key, label: plainFormula(key) }))}
        renderOption={({ option }) => <Formula text={option.value} wrap />}
        onChange={(key) => {
          const chosen = watchable.find((one) => keyOf(one) === key);
          if (chosen) onWatch(chosen);
        }}
      />
      <Text fw={600} mb="xs">
        <Formula text={watched.equation} wrap />
      </Text>
      <Segments
        className="no-print"
        fullWidth
        label="Told for"
        value={level}
        onChange={setLevel}
        of={{ class: 'For the class', instructor: 'For the instructor' }}
      />
      {shift && words ? (
        <>
          <Text my="sm" size="lg" data-testid="why" aria-live="polite">
            <Formula text={level === 'class' ? words.forClass : words.forInstructor} wrap />
          </Text>
          <QuotientScale shift={shift} />
          {level === 'instructor' && <Standings step={step} />}
        </>
      ) : (
        <Text my="sm" className="quiet">
          At rest: Q = K = <Formula text={powerText(watched.logK)} /> at {formatSetTemperature(25)}.
          Do something to it, and which way it goes and why is told here.
        </Text>
      )}
      <Title order={3} size="h5" mt="md">
        How it is shared
      </Title>
      <ShareBars shares={step.shares} />
      {step.told.reactions.length > 0 && (
        <Fold title="Reactions in this step">
          {step.told.reactions.map((reaction) => (
            <ReactionFacts key={reaction.netIonic} reaction={reaction} />
          ))}
        </Fold>
      )}
      <ConstantsFold watched={watched} />
    </>
  );
}

/** The constants that were taken, with their sources. */
function ConstantsFold({ watched }: { readonly watched: WatchedEquilibrium }) {
  return (
    <Fold title="Constants and sources">
      <Text size="sm">
        <Formula text={`K = ${powerText(watched.logK)} at 25 °C, in activities`} wrap />
      </Text>
      <Text size="sm" mb="xs">
        {watched.enthalpyKJPerMol === undefined
          ? `How K moves with temperature is not predicted: no enthalpy is in the tables for ${watched.lacking.join(', ')}.`
          : `ΔH° = ${withPlaces(watched.enthalpyKJPerMol, 0)} kJ/mol: K moves by van ’t Hoff’s equation.`}
      </Text>
      {watched.sources.map((source) => (
        <small key={source} className="quiet source">
          <Formula text={source} wrap />
        </small>
      ))}
    </Fold>
  );
}

function Standings({ step: { shift } }: { step: ShiftStep }) {
  if (!shift) return null;
  const rows = [
    ['Before', shift.before],
    ['Just after', shift.mixed],
    ['At rest', shift.after],
  ] as const;
  return (
    <LineTable
      data-testid="standings"
      head={['', 'Q', 'K']}
      rows={rows.map(([name, standing]) => [
        name,
        standing ? <Formula text={powerText(standing.logQ)} /> : 'not defined: one side is missing',
        standing ? <Formula text={powerText(standing.logK)} /> : '–',
      ])}
    />
  );
}

interface CautionsProps {
  readonly state: EquilibriumState;
  readonly actions: readonly Action[];
}

/** Cautions with this mixture and the reagents that stand ready, and where it goes afterwards. */
export function Cautions({ state: { vessel, stresses }, actions }: CautionsProps) {
  const { lines, hazards, waste } = useMemo(
    () => shiftCautions(vessel, actions, stresses as readonly Stress[]),
    [vessel, actions, stresses],
  );
  return (
    <>
      <Title mt="lg" mb="xs">
        Mind
      </Title>
      {lines.map((line) => (
        <Text key={line} size="sm" mb={4}>
          <Formula text={line} wrap />
        </Text>
      ))}
      {hazards.map(({ formula, signal, statements }) => (
        <Text key={formula} size="sm" mb={4}>
          <strong>
            <Formula text={formula} />
          </strong>
          {signal && ` (${signal})`}: {statements.join('; ')}
        </Text>
      ))}
      <Text size="sm" mb={4}>
        Waste: {waste.bottle}; {waste.because}.
      </Text>
      <small className="quiet source">{deferral}</small>
      {lines.length > 0 && (
        <small className="quiet source">
          <Cited source={fumesSource} />
        </small>
      )}
    </>
  );
}
