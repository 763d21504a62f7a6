import { Accordion, Text } from '@mantine/core';
import { workingOf } from '@stoichos/core/labday/prep';
import type { DayLine } from '@stoichos/core/labday/prep';
import { findSubstance } from '@stoichos/core/matter/substances';
import type { Measured } from '@stoichos/core/planning/prep';
import { Formula } from '../../shared/chemistry/Formula';
import classes from './PreparePage.module.css';
import { atMostFigures, formatNumber, withPlaces } from '@stoichos/core/common';

/** A strength without the dust of decimals. */
export const strengthText = (concentrationM: number): string => atMostFigures(concentrationM, 4);

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
  const { working, cautions } = workingOf(line);
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
      {line.slow && <Text size="sm">Begin with it: {line.slow}.</Text>}
      <Text size="sm" className="quiet">
        Keeps {line.keeps.words}.
      </Text>
      <Accordion variant="default" chevronPosition="left">
        <Accordion.Item value="working" style={{ borderBottom: 0 }}>
          <Accordion.Control px={0}>
            <Text size="sm">Working</Text>
          </Accordion.Control>
          <Accordion.Panel>
            <ol className={classes.working}>
              {working.map((step) => (
                <li key={step}>
                  <Formula text={step} wrap />
                </li>
              ))}
            </ol>
          </Accordion.Panel>
        </Accordion.Item>
      </Accordion>
    </div>
  );
}

/** A volume with what it is measured in. */
export function measuredText({ roundedMl, cylinderMl, drops }: Measured): string {
  return drops === undefined
    ? `${formatNumber(roundedMl)} mL (${formatNumber(cylinderMl ?? 0)} mL cylinder)`
    : `${drops} drops (${formatNumber(roundedMl)} mL)`;
}

function Amount({ line, place }: { line: DayLine; place: string | undefined }) {
  const { making, totalMl, substance } = line;
  const where = place ? ` · ${place}` : '';
  switch (making.kind) {
    case 'weigh':
      return (
        <>
          <span>{decimals(making.roundedG)} g</span>
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
            of <Formula text={substance} /> as supplied,{' '}
            {formatNumber(findSubstance(substance).substance.stock?.percentWW ?? 0)} %, into water,
            to {formatNumber(totalMl)} mL
            {where}
          </small>
        </>
      );
    case 'fromOther':
      return (
        <>
          <span>{measuredText(making.measured)}</span>
          <small>
            of the {strengthText(making.otherM)} M solution, water to {formatNumber(totalMl)} mL
          </small>
        </>
      );
    case 'chain':
      return (
        <>
          <span>{measuredText(making.measured)}</span>
          <small>
            of {strengthText(making.motherM)} M, water to {formatNumber(totalMl)} mL; that one from{' '}
            {decimals(making.motherG)} g of <Formula text={making.form} /> in{' '}
            {formatNumber(making.motherMl)} mL
            {where}
          </small>
        </>
      );
    default:
      return null;
  }
}

/** A mass as the balance shows it. */
export const decimals = (massG: number): string =>
  withPlaces(massG, Math.max(2, String(massG).split('.')[1]?.length ?? 0));
