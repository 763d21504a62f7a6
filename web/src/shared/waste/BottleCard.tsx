import { Group, Text, Title } from '@mantine/core';
import { nameOnShelf } from '@stoichos/core/matter/substances';
import { dischargeLimits, unlimitedElements } from '@stoichos/core/planning/waste';
import type { BottlePlan, Clearing } from '@stoichos/core/planning/waste';
import { IconAlertOctagon } from '@tabler/icons-react';
import { useSettings } from '../../data/settings/useSettings';
import { Formula } from '../chemistry/Formula';
import classes from './BottleCard.module.css';
import { atMostFigures, formatNumber, withPlaces } from '@stoichos/core/common';

const amount = (value: number): string => atMostFigures(value, 3);

/** One bottle of waste: what goes in, what makes it harmless, what proves it. */
export function BottleCard({ bottle }: { bottle: BottlePlan }) {
  const { naming } = useSettings();
  return (
    <section
      className="card keep-together"
      aria-label={bottle.bottle}
      style={{ marginBottom: 14 }}
      data-testid="bottle"
    >
      <Group justify="space-between" align="baseline">
        <Title>{bottle.bottle}</Title>
        <Text>
          {[
            ...(bottle.volumeMl > 0 ? [`${amount(bottle.volumeMl)} mL`] : []),
            ...(bottle.solidG > 0.0005 ? [`${amount(bottle.solidG)} g of solid`] : []),
          ].join(' with ')}
        </Text>
      </Group>
      <Text className="quiet" size="sm">
        {bottle.because}.
      </Text>
      {bottle.clashes.map(({ one, other, gives, never }) => (
        <Text key={gives} size="sm" fw={600} mt={4}>
          <IconAlertOctagon size={18} aria-hidden className="in-line" />{' '}
          {never ? 'Never in one bottle: ' : 'Mind: '}
          <Formula text={one} /> and <Formula text={other} /> give {gives}.
        </Text>
      ))}
      {bottle.first.map((line) => (
        <Text key={line} mt={4}>
          {line}
        </Text>
      ))}
      {bottle.neutralising && (
        <Text mt={4}>
          pH {withPlaces(bottle.neutralising.pH, 1)}:{' '}
          {bottle.neutralising.volumeMl === undefined ? (
            <>more than is sensible of any weak acid or carbonate; collect it as it is.</>
          ) : (
            <>
              {amount(bottle.neutralising.volumeMl)} mL of{' '}
              {nameOnShelf(naming, bottle.neutralising.substance)}{' '}
              {formatNumber(bottle.neutralising.concentrationM)} mol/L bring it to pH{' '}
              {withPlaces(bottle.neutralising.afterPH ?? 7, 1)}.{' '}
            </>
          )}
          {bottle.neutralising.caution}
        </Text>
      )}
      {bottle.clearings.map((clearing) => (
        <ClearingWords key={clearing.element} clearing={clearing} />
      ))}
      <BottleWorking bottle={bottle} />
    </section>
  );
}

/** What goes into the bottle, from where. */
function BottleWorking({ bottle }: { readonly bottle: BottlePlan }) {
  const count = bottle.vessels.reduce((sum, { times }) => sum + times, 0);
  return (
    <details>
      <summary className={classes.summary}>
        {count} {count === 1 ? 'vessel goes' : 'vessels go'} into it
      </summary>
      <ul className={classes.working}>
        {bottle.vessels.map(({ from, vessel, times, volumeMl, colour, solids }) => (
          <li key={`${from} ${vessel}`}>
            {from}, {vessel}, {times} ×: {volumeMl > 0 && `${amount(volumeMl)} mL ${colour}`}
            {solids.length > 0 && (
              <>
                {volumeMl > 0 && ' with '}
                <Formula
                  text={solids
                    .map(({ formula, massG }) => `${amount(massG)} g ${formula}`)
                    .join(', ')}
                  wrap
                />
              </>
            )}
          </li>
        ))}
      </ul>
    </details>
  );
}

function ClearingWords({ clearing }: { clearing: Clearing }) {
  const { element, precipitant, neededMl, addMl, leftMgPerL, limitMgPerL } = clearing;
  const name =
    [...dischargeLimits, ...unlimitedElements].find((one) => one.element === element)?.name ??
    element;
  const reagent = (
    <>
      <Formula text={precipitant.substance} /> {formatNumber(precipitant.concentrationM)} mol/L
    </>
  );
  if (neededMl === undefined || addMl === undefined)
    return (
      <Text mt={4}>
        {name}: {reagent} does not bring it under {formatNumber(limitMgPerL)} mg/L; the least is{' '}
        {amount(leftMgPerL)} mg/L. Collect it as it is.
      </Text>
    );
  if (addMl === 0)
    return (
      <Text mt={4}>
        {name}: once it is neutral, {amount(leftMgPerL)} mg/L are left, under the{' '}
        {formatNumber(limitMgPerL)} mg/L. <Formula text={clearing.filtrateTest} wrap />
      </Text>
    );
  return (
    <div>
      <Text mt={4}>
        {name}, {amount(clearing.beforeMgPerL)} mg/L{clearing.afterNeutralising && ' once neutral'}:
        add {amount(addMl)} mL of {reagent} ({amount(neededMl)} mL are just enough).{' '}
        {amount(leftMgPerL)} mg/L are left; the limit is {formatNumber(limitMgPerL)} mg/L. Bag{' '}
        {amount(clearing.solidG)} g of <Formula text={clearing.solids.join(', ')} wrap />, dry, as
        hazardous solid.
      </Text>
      {clearing.redissolvesFromMl !== undefined && (
        <Text size="sm" fw={600}>
          Not too much: from {amount(clearing.redissolvesFromMl)} mL on it dissolves again.
        </Text>
      )}
      <Text size="sm">
        <Formula text={clearing.filtrateTest} wrap />
      </Text>
    </div>
  );
}
