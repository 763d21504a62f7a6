import { Accordion, Text } from '@mantine/core';
import { workingOf } from '@stoichos/core/labday/prep';
import type { DayLine } from '@stoichos/core/labday/prep';
import { findSubstance } from '@stoichos/core/matter/substances';
import { hazardsOf } from '@stoichos/core/safety';
import { madeWords, massText, deviceText, strengthText } from '@stoichos/core/planning/prep';
import { Formula } from '../../shared/chemistry/Formula';
import { PictogramRow } from '../../shared/chemistry/Pictogram';
import classes from './PreparePage.module.css';
import { formatNumber } from '@stoichos/core/common';

/** How much to weigh or measure for one solution, large, with the cautions and the working. */
export function Recipe({ line, place }: { line: DayLine; place: string | undefined }) {
  const { making } = line;
  if (making.kind === 'askForm')
    return (
      <Text className="quiet" mt="sm">
        Read the label and choose: the hydrate and the anhydrous solid need different masses.
      </Text>
    );
  if (making.kind === 'impossible')
    return (
      <Text mt="sm" role="alert">
        {making.problem} {making.remedy}
      </Text>
    );
  const { steps, working, cautions } = workingOf(line);
  return (
    <div>
      <div className={classes.target} data-testid="target">
        <Amount line={line} place={place} />
      </div>
      {cautions.map((caution) => (
        <Text key={caution} size="sm">
          <Formula text={caution} wrap />
        </Text>
      ))}
      <Text size="sm" data-testid="made-strength">
        {madeWords(line)} {bottlesText(line)}.
      </Text>
      {making.kind === 'stock' && <Concentrate substance={line.substance} />}
      {line.slow && <Text size="sm">Begin with it: {line.slow}.</Text>}
      <Text size="sm" className="quiet">
        Keeps {line.keeps.words}.
      </Text>
      <Accordion variant="default" chevronPosition="left">
        <Fold title="Steps" lines={steps} className={classes.doing} />
        <Fold title="Working" lines={working} className={classes.working} />
      </Accordion>
    </div>
  );
}

/** Numbered lines that open under their title. */
function Fold({
  title,
  lines,
  className,
}: {
  title: string;
  lines: readonly string[];
  className: string | undefined;
}) {
  return (
    <Accordion.Item value={title} style={{ borderBottom: 0 }}>
      <Accordion.Control px={0}>
        <Text size="sm">{title}</Text>
      </Accordion.Control>
      <Accordion.Panel>
        <ol className={className}>
          {lines.map((line) => (
            <li key={line}>
              <Formula text={line} wrap />
            </li>
          ))}
        </ol>
      </Accordion.Panel>
    </Accordion.Item>
  );
}

/** What the concentrated reagent does to whoever pours it, beside where it is poured. */
function Concentrate({ substance }: { substance: string }) {
  const { signal, pictograms, statements } = hazardsOf(substance);
  return (
    <Text component="div" size="sm" data-testid="concentrate">
      <PictogramRow pictograms={pictograms} /> As supplied{signal && ` – ${signal}`}:{' '}
      {statements.map(({ text }) => text).join('. ')}.
    </Text>
  );
}

/** The bottles a solution is filled into. */
export function bottlesText({ bottles, isIntermediate }: DayLine): string {
  if (isIntermediate) return 'for diluting';
  const { count, sizeMl } = bottles;
  return `${count} ${count === 1 ? 'bottle' : 'bottles'} of ${formatNumber(sizeMl)} mL`;
}

function Amount({ line, place }: { line: DayLine; place: string | undefined }) {
  const { making, totalMl, substance } = line;
  const where = place ? ` · ${place}` : '';
  switch (making.kind) {
    case 'weigh':
      return (
        <>
          <span>{massText(making.roundedG)}</span>
          <small>
            of <Formula text={making.form} />, water to {formatNumber(totalMl)} mL{where}
          </small>
        </>
      );
    case 'stock':
      return (
        <>
          <span>{formatNumber(making.measured.roundedMl)} mL</span>
          <small>
            ({deviceText(making.measured)}) of <Formula text={substance} /> as supplied,{' '}
            {formatNumber(findSubstance(substance).substance.stock?.percentWW ?? 0)} %, into water,
            to {formatNumber(totalMl)} mL
            {where}
          </small>
        </>
      );
    case 'fromOther':
      return (
        <>
          <span>{formatNumber(making.measured.roundedMl)} mL</span>
          <small>
            ({deviceText(making.measured)}) of the {strengthText(making.otherM)} solution, water to{' '}
            {formatNumber(totalMl)} mL
          </small>
        </>
      );
    default:
      return null;
  }
}
