import { describe, expect, it } from 'vitest';
import { routesTo } from '../src/studies/gas/routes';
import type { Route } from '../src/studies/gas/route';
import {
  apparatusFor,
  caughtIn,
  firstGas,
  planned,
  purityCourse,
  routeTaken,
  routeTitle,
  typedGasSchema,
} from '../src/studies/gas/typedGas';
import type { TypedGas } from '../src/studies/gas/typedGas';

const routes = routesTo('CO2', ['CaCO3', 'NaHCO3', 'HCl', 'CH3COOH']);
const ammonia = routesTo('NH3', ['NH4Cl', 'Ca(OH)2']);
const typed = (part: Partial<TypedGas> = {}): TypedGas => ({ ...firstGas, ...part });
const best = (all: readonly Route[], of: Partial<TypedGas> = {}): Route => {
  const found = routeTaken(all, typed(of));
  if (!found) throw new Error('No route goes.');
  return found;
};
const done = <T extends object>(part: T | { readonly problem: string }): T => {
  if ('problem' in part) throw new Error(part.problem);
  return part;
};

describe('the route that is taken', () => {
  it('is the best that goes, until another is chosen', () => {
    const first = best(routes);
    expect(['valid', 'poor']).toContain(first.verdict);
    const other = routes.find(({ id, verdict }) => id !== first.id && verdict === 'valid');
    if (!other) throw new Error('There is only one.');
    expect(best(routes, { routeId: { CO2: other.id } }).id).toBe(other.id);
  });

  it('is the best again where the chosen one is not there, or does not go', () => {
    const refused = routes.find(({ verdict }) => verdict === 'refused');
    expect(best(routes, { routeId: { CO2: 'no such route' } }).id).toBe(best(routes).id);
    if (refused) expect(best(routes, { routeId: { CO2: refused.id } }).id).toBe(best(routes).id);
  });

  it('is none where none goes', () =>
    expect(routeTaken(routesTo('CO2', ['NaCl']), typed())).toBeUndefined());

  it('is called by what is brought together, and how hot', () => {
    const reagents = best(routes).reagents;
    expect(routeTitle({ reagents })).toMatch(/ and /);
    expect(routeTitle({ reagents: reagents.slice(0, 1), heatedToC: 110 })).toMatch(/, 110 °C$/);
    expect(routeTitle({ reagents: reagents.slice(0, 1), electrolysis: {} as never })).toMatch(
      /^a current through /,
    );
  });
});

describe('a preparation as it is typed', () => {
  it('fits its schema as it begins', () =>
    expect(typedGasSchema.parse(firstGas)).toEqual(firstGas));

  it('collects carbon dioxide downward, for it is heavier than air (44 against 29 g/mol)', () => {
    const plan = planned(typed({ catchIn: 'jar' }), best(routes), 20);
    const ways = done(plan.collection)
      .methods.filter(({ ok }) => ok)
      .map(({ method }) => method);
    expect(ways).toContain('downwardDelivery');
    expect(ways).not.toContain('upwardDelivery');
  });

  it('collects ammonia upward: lighter than air, and soluble in water (any general chemistry text)', () => {
    const plan = planned(typed({ gas: 'NH3', catchIn: 'jar' }), best(ammonia, { gas: 'NH3' }), 20);
    expect(plan.method).toBe('upwardDelivery');
  });

  it('goes by the way that was chosen, and by the syringe where that is what it is caught in', () => {
    const route = best(routes);
    expect(planned(typed({ method: { CO2: 'overWater' } }), route, 20).method).toBe('overWater');
    expect(
      planned(typed({ method: { CO2: 'overWater' }, catchIn: 'syringe' }), route, 20).method,
    ).toBe('syringe');
  });

  it('weighs marble for its gas: 100 g of it give 24 L at room temperature (CaCO3 + 2 HCl → CO2)', () => {
    const marble = routes.find(
      ({ reagents, verdict }) =>
        verdict === 'valid' && reagents.some(({ substance }) => substance === 'CaCO3'),
    );
    if (!marble) throw new Error('No route from marble.');
    const plan = planned(
      typed({
        temperatureC: 25,
        pressureKPa: 101.325,
        lostPercent: 0,
        excessPercent: 0,
        catchIn: 'syringe',
        vesselMl: 1000,
      }),
      marble,
      20,
    );
    const { totalMl } = done(plan.filling);
    const solid = done(plan.amounts).taken.find(({ reagent }) => reagent.substance === 'CaCO3');
    // 24.47 L/mol at 25 °C and 101.325 kPa (ideal gas); M(CaCO3) = 100.09 g/mol
    expect(solid?.massG).toBeCloseTo((totalMl / 24_470) * 100.09, 1);
  });

  it('needs more where some is lost', () => {
    const massOf = (lostPercent: number) =>
      done(planned(typed({ lostPercent }), best(routes), 20).amounts).madeMmol;
    expect(massOf(50) / massOf(0)).toBeCloseTo(2, 1);
  });

  it.each([
    [{ pressureKPa: '' }, 'collection', /air pressure/],
    [{ eachMl: 0 }, 'filling', /volume of each/],
    [{ count: '' }, 'filling', /How many/],
    [{ rateMlPerMin: '' }, 'filling', /rate/],
    [{ vesselMl: '' }, 'amounts', /generator/],
    [{ troughMl: 0 }, 'lost', /trough/],
    [{ roomM3: '' }, 'room', /room/],
  ] as const)('says what is missing in its own part: %j', (part, where, words) => {
    const plan = planned(typed(part), best(routes), 20);
    expect(plan[where]).toEqual({ problem: expect.stringMatching(words) as string });
  });

  it('calculates what it can beside what is missing', () => {
    const plan = planned(typed({ roomM3: '' }), best(routes), 20);
    expect(plan.amounts).not.toHaveProperty('problem');
    expect(plan.filling).not.toHaveProperty('problem');
  });

  it('has nothing to say of amounts where the filling cannot be', () => {
    const plan = planned(typed({ eachMl: '' }), best(routes), 20);
    for (const part of [plan.amounts, plan.lost, plan.room]) expect(part).toHaveProperty('problem');
    expect(plan.collection).not.toHaveProperty('problem');
  });

  it('takes an empty temperature for a room of 25 °C, and empty air changes for none', () => {
    const plan = planned(typed({ temperatureC: '', airChanges: '' }), best(routes), 20);
    const at25 = planned(typed({ temperatureC: 25, airChanges: 0 }), best(routes), 20);
    expect(plan.amounts).toEqual(at25.amounts);
    expect(plan.room).toEqual(at25.room);
  });
});

describe('the apparatus of a preparation', () => {
  it('is drawn for what it is caught in, with its wash bottles', () => {
    const route = best(routes);
    const tube = apparatusFor(typed({ catchIn: 'tube' }), route, 'overWater');
    const jar = apparatusFor(typed({ catchIn: 'jar' }), route, 'overWater');
    expect(JSON.stringify(tube)).toContain('collecting tube');
    expect(JSON.stringify(jar)).toContain('gas jar');
    expect(tube?.checklist.length).toBeGreaterThan(2);
  });

  it('is fewer parts where the gas is not washed', () => {
    const withFumes = routes.find(
      ({ fumes, otherGases, verdict }) =>
        verdict === 'valid' && (fumes !== undefined || otherGases.length > 0),
    );
    if (!withFumes) return;
    const [washed, bare] = [true, false].map((wash) =>
      apparatusFor(typed({ wash }), withFumes, 'overWater'),
    );
    expect(washed?.checklist.length).toBeGreaterThan(bare?.checklist.length ?? 0);
  });
});

describe('how pure what leaves is', () => {
  it('lies between a plug and full mixing, from nothing to nearly all (1 − e^(−V/V₀))', () => {
    const course = purityCourse(50, 200);
    expect(course).toHaveLength(41);
    expect(course[0]).toMatchObject({ goneMl: 0, mixed: 0 });
    expect(course.at(-1)?.mixed).toBeCloseTo(1 - Math.exp(-4), 9);
    for (const { goneMl, plug } of course) expect(plug).toBe(goneMl >= 50 ? 1 : 0);
  });
});

it('has a usual size for everything a gas is caught in', () => {
  for (const { eachMl, name } of Object.values(caughtIn)) {
    expect(eachMl).toBeGreaterThan(0);
    expect(name).toMatch(/s$/);
  }
});
