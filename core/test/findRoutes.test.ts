import { routesTo } from '../src/studies/gas/routes';
import { expect, it } from 'vitest';
import { findRoutes } from '../src/studies/gas/findRoutes';
import { routeTitle } from '../src/studies/gas/typedGas';

const routes = routesTo('CO2', ['NaHCO3', 'CaCO3', 'HCl']);
const titles = (asked: string) => findRoutes(routes, asked).map(routeTitle);

it('routes are found by reagent and way together', () => {
  expect(titles('heat sodium')).toEqual(['NaHCO3, 110 °C']);
  expect(titles('current')).toEqual([]);
});

it('by formula or common name, and all of them where nothing is asked', () => {
  expect(titles('caco3').length).toBeGreaterThan(0);
  expect(titles('bicarbonate').length).toBeGreaterThan(0);
  expect(titles('bicarbonate').every((title) => title.includes('NaHCO3'))).toBe(true);
  expect(findRoutes(routes, '  ')).toBe(routes);
});
