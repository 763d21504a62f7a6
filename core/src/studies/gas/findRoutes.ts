import { allNames, findSubstance } from '../../matter/substances/findSubstance';
import type { Route } from './route';
import { routeTitle } from './typedGas';

/** Routes whose reagents, or way, hold every word asked for: a formula, any name, “heat”, “current”. */
export function findRoutes(routes: readonly Route[], asked: string): readonly Route[] {
  const words = asked
    .toLowerCase()
    .split(/[\s,]+/)
    .filter((word) => word !== '');
  if (words.length === 0) return routes;
  return routes.filter((route) => {
    const text = textOf(route);
    return words.every((word) => text.includes(word));
  });
}

function textOf(route: Route): string {
  const names = route.reagents.flatMap(({ substance }) =>
    substance === 'H2O' ? [] : allNames(findSubstance(substance).substance),
  );
  const way = [
    ...(route.heatedToC === undefined ? [] : ['heat heated heating']),
    ...(route.electrolysis ? ['current electrolysis'] : []),
  ];
  return [routeTitle(route), ...names, ...way].join(' ').toLowerCase();
}
