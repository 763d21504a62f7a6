import { LineTable } from '../../shared/parts/LineTable';
import { Text, Title } from '@mantine/core';
import { findSubstance } from '@stoichos/core/matter/substances';
import { diffusionOf, effusionWords, heapSource, nearReasons } from '@stoichos/core/studies/dish';
import type { Dish, Nearness } from '@stoichos/core/studies/dish';
import { Formula } from '../../shared/chemistry/Formula';
import { Fold } from '../../shared/parts/Fold';
import classes from './Dish.module.css';
import { withPlaces, formatSetTemperature, formatNumber } from '@stoichos/core/common';
import { Cited } from '../../shared/parts/Cited';

/** Why the line stands nearer to one side, what does not explain it, and the coefficients with their sources. */
export function WhyNear({ dish, nearness }: { dish: Dish; nearness: Nearness }) {
  const ions = [...new Set(dish.salts.flatMap(({ cation, anion }) => [cation, anion]))];
  return (
    <>
      <Title mb="xs">Why nearer this side</Title>
      <ul className={classes.reasons} data-testid="why-nearer">
        {nearReasons(dish, nearness).map(({ about, text }) => (
          <li key={about}>
            <Formula text={text} wrap />
          </li>
        ))}
      </ul>
      <Text size="sm">
        Together, in a straight channel between heaps that last: at{' '}
        {Math.round(100 * nearness.allTogether)} % of the gap. The round dish and heaps that run out
        move it from there to where the picture has it.
      </Text>
      <Text mt="sm" data-testid="effusion">
        <Formula text={effusionWords(dish)} wrap />
      </Text>
      <Fold title="What is computed, and from what">
        <Text size="sm" mb="xs">
          Two dimensions, water standing still at {formatSetTemperature(25)}. Each salt spreads with
          one coefficient, because its ions must keep pace (Nernst–Hartley); where the ion product
          passes its constant the solid forms at once; crystals keep the water round them saturated
          while they last. What the other ions do to the pace of a salt is not followed.
        </Text>
        <LineTable
          head={['Spreads', '10⁻⁹ m²/s', 'Saturated, mol/L']}
          rows={[
            ...dish.salts.map(({ formula, diffusion, saturationM }) => [
              <>
                <Formula text={formula} />, its ions in step
              </>,
              withPlaces(diffusion, 2),
              withPlaces(saturationM, 2),
            ]),
            ...ions.map((ion) => [
              <>
                <Formula text={ion} /> alone
              </>,
              withPlaces(diffusionOf(ion).coefficient, 2),
              '',
            ]),
          ]}
        />
        <small className="quiet source">
          <Cited source={diffusionOf(ions[0] ?? 'H^+').source} />
        </small>
        {dish.salts.map(({ formula }) => (
          <small key={formula} className="quiet source">
            <Formula text={formula} />, solubility:{' '}
            <Cited source={findSubstance(formula).substance.source} />
          </small>
        ))}
        <small className="quiet source">
          <Cited source={heapSource} />
        </small>
        <small className="quiet source">
          <Formula text={dish.solid.formula} />: pKsp {formatNumber(dish.solid.pKsp)};{' '}
          <Cited source={dish.solid.row.source} />
        </small>
      </Fold>
    </>
  );
}
