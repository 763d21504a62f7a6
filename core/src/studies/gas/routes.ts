import { ChemistryError } from '../../common/errors';
import { anhydrousFormula } from '../../matter/formula/molarMass';
import { parseFormula } from '../../matter/formula/parseFormula';
import { thermalRows } from '../../vessel/dry/thermalRows';
import { sourceText } from '../../matter/substances/source';
import { findSubstance } from '../../matter/substances/findSubstance';
import { gasPropertiesOf } from '../../matter/substances/gas';
import type { Attempt, RouteReagent } from './attempt';
import { families } from './families';
import { findGas } from './findGas';
import { rankOf, unusualness } from './grades';
import { judgeRoute, routeId } from './judgeRoute';
import type { Facts } from './judgeRoute';
import { paceOf } from './pace';
import type { Route, Verdict } from './route';
import { shelfOf } from './shelf';
import type { Shelf } from './shelf';
import { besides, tryRoute } from './tryRoute';
import { writtenRoutes } from './writtenRoutes';

const order: readonly Verdict[] = ['valid', 'poor', 'notPredicted', 'refused'];

/**
 * Every route to a gas that the engine or the tables know from what is on the shelf, and those that one would think of and
 * that do not go, each with its reason; the best first.
 *
 * @param available formulae or names; the whole table when left out. Water is always there.
 * @param watch is told the share tried, 0 to 1.
 * @throws ChemistryError for an unknown gas or reagent, or an empty shelf.
 * @example routesTo('CO2', ['CaCO3', 'HCl', 'H2SO4'])[0].equation // '2 HCl(aq) + CaCO3(s) → CO2(g) + H2O(l) + CaCl2(aq)'
 */
export function routesTo(
  gas: string,
  available?: readonly string[],
  watch: (share: number) => boolean = () => true,
): Route[] {
  const formula = findGas(gas);
  if (available?.length === 0) throw ChemistryError.of('nothingOnShelf').in('available');
  const shelf = shelfOf(available);
  const attempts = families
    .filter(({ gases }) => gases.includes(formula))
    .flatMap((family) => family.attempts(shelf, formula));
  const computed: Facts[] = [];
  for (const [at, attempt] of attempts.entries()) {
    if (at % 8 === 0 && !watch(at / attempts.length)) break;
    computed.push(factsOf(formula, attempt));
  }
  const routes = [...computed, ...heatedRoutes(formula, shelf), ...written(formula, shelf)].map(
    judgeRoute,
  );
  return bestOfEach(routes).sort(
    (one, other) =>
      order.indexOf(one.verdict) - order.indexOf(other.verdict) ||
      rankOf(other.grades) - rankOf(one.grades) ||
      unusualness(one.reagents) - unusualness(other.reagents) ||
      one.id.localeCompare(other.id),
  );
}

/** Acids whose own vapour comes along from a concentrated solution. */
const volatile: Readonly<Record<string, string>> = { HCl: 'HCl', HNO3: 'HNO3', NH3: 'NH3' };

function factsOf(gas: string, attempt: Attempt): Facts {
  const { pace, words } = paceOf(attempt);
  const fuming = attempt.reagents.find(
    ({ substance, use }) => use === 'concentrated' && substance in volatile && substance !== gas,
  );
  return {
    ...tryRoute(gas, attempt),
    gas,
    reagents: attempt.reagents,
    ...(attempt.heatedToC !== undefined && { heatedToC: attempt.heatedToC }),
    pace,
    ...(words && { paceWords: words }),
    steam: (attempt.heatedToC ?? 0) >= 60,
    ...(fuming && { fumes: fuming.substance }),
    cautions: [],
    from: { kind: 'engine' },
  };
}

const withoutWater = (formula: string): string => anhydrousFormula(parseFormula(formula));

/** Routes by heating something dry, from the table of what heat does. */
function heatedRoutes(gas: string, shelf: Shelf): Facts[] {
  return thermalRows()
    .filter(({ made }) => gas in made)
    .flatMap((row): Facts[] => {
      const solids = Object.keys(row.used).filter((formula) => formula !== 'O2');
      const catalysts = (row.catalyst ?? []).filter((one) => shelf.has(one)).slice(0, 1);
      const names = [...solids, ...catalysts];
      const isThere = names.every((one) => shelf.has(withoutWater(one)));
      if (!isThere || (row.catalyst && catalysts.length === 0)) return [];
      const fromAir = 'O2' in row.used;
      const gases = gasesOf(row.made);
      return [
        {
          gas,
          reagents: names.map((one): RouteReagent => {
            const { substance } = findSubstance(withoutWater(one));
            return {
              substance: substance.formula,
              kept: substance.forms[0].formula,
              use: substance.state ?? 'solid',
              ...(catalysts.includes(one) && { role: 'catalyst' as const }),
            };
          }),
          heatedToC: row.atC,
          equation: row.equation,
          leaves: 1,
          // What burns in air leaves the nitrogen of the air with what it makes.
          gases: fromAir ? { [gas]: 0.21, N2: 0.79 } : gases,
          leftBehind: besides(row.equation, gas),
          stays: [],
          never: [],
          notPredicted: [],
          pace: 'steady',
          steam: 'H2O' in row.made,
          cautions: row.caution ? [row.caution] : [],
          ...(row.shows && { note: row.shows.says }),
          from: { kind: 'table', source: sourceText(row.source) },
        },
      ];
    });
}

/** Shares of the gases that an equation makes; steam is not one of them. */
function gasesOf(made: Readonly<Record<string, number>>): Record<string, number> {
  const gases = Object.entries(made).filter(([formula]) => gasPropertiesOf(formula) !== undefined);
  const total = gases.reduce((sum, [, n]) => sum + n, 0);
  return Object.fromEntries(gases.map(([formula, n]) => [formula, n / total]));
}

/** Routes that are written down, because the engine does not follow them. */
function written(gas: string, shelf: Shelf): Facts[] {
  return writtenRoutes
    .filter((row) => row.gas === gas && row.reagents.every((one) => shelf.has(one.substance)))
    .map((row): Facts => {
      const [, right = ''] = row.equation.split('→');
      const made = Object.fromEntries(
        [...right.matchAll(/(\d*) ?([A-Z][A-Za-z0-9()]*?)\(g\)/g)].map(
          ([, n, formula]): [string, number] => [formula ?? '', Number(n || '1')],
        ),
      );
      return {
        gas,
        reagents: row.reagents.map((one): RouteReagent => {
          if (one.substance === 'H2O') return { ...one, kept: 'H2O' };
          const { forms, stock } = findSubstance(one.substance).substance;
          return {
            ...one,
            kept: forms[0].formula,
            ...(one.use === 'concentrated' && stock && { concentrationM: stock.concentrationM }),
            ...(one.use === 'solution' && { concentrationM: 1 }),
          };
        }),
        ...(row.heatedToC !== undefined && { heatedToC: row.heatedToC }),
        ...(row.electrolysis && { electrolysis: true as const }),
        equation: row.equation,
        leaves: 1,
        // Gases at the two electrodes are led off apart.
        gases: row.electrolysis ? { [gas]: 1 } : { [gas]: 1, ...gasesOf(made) },
        leftBehind: besides(row.equation, gas),
        stays: [],
        never: [],
        notPredicted: [],
        pace: row.pace,
        steam: 'H2O' in made || (row.heatedToC ?? 0) >= 60,
        cautions: row.caution ? [row.caution] : [],
        note: row.note,
        from: { kind: 'table', source: sourceText(row.source) },
      };
    });
}

/** Of the same reagents in other strengths or at another heat, all that go are kept; of those that do not, one stands for all. */
function bestOfEach(routes: readonly Route[]): Route[] {
  const best = new Map<string, Route>();
  for (const route of routes) {
    const id = routeId(route);
    const before = best.get(id);
    if (!before || order.indexOf(route.verdict) < order.indexOf(before.verdict))
      best.set(id, route);
  }
  return [...best.values()];
}
