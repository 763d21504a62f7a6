import { describe, expect, it } from 'vitest';
import { balance } from '../src/matter/equation/balance';
import { orderProblems } from '../src/planning/procedure/orderGuard';
import { ringProcedure } from '../src/studies/cycle/ringProcedure';
import { ringMasses } from '../src/studies/cycle/ringYield';
import { rings } from '../src/studies/cycle/rings';
import { arcsFrom, runRing } from '../src/studies/cycle/runRing';
import type { Ring } from '../src/studies/cycle/runRing';
import { carried, outcomes, runArc } from '../src/studies/cycle/runRing';
import { sidesOf } from '../src/matter/equation/sides';

const ringOf = (id: string): Ring => {
  const plan = rings.find((one) => one.id === id);
  if (!plan) throw new Error(id);
  return runRing(plan);
};

describe('the rings that are taught', () => {
  it.each(rings.map(({ id }) => [id]))(
    '%s ends where it began, every arrow with equation, type and evidence',
    (id) => {
      const ring = ringOf(id);
      expect(ring.closes).toBe(true);
      for (const arc of ring.arcs) {
        expect(() => balance(arc.equation)).not.toThrow();
        expect([...arc.types.five, ...arc.types.drivingForce].length).toBeGreaterThan(0);
        expect(arc.evidence.length).toBeGreaterThan(0);
      }
    },
  );

  // The limestone cycle as every school textbook has it.
  it('limestone: burnt, slaked, and back with carbon dioxide', () => {
    const [burn, slake, back] = ringOf('calcium').arcs;
    expect(burn?.equation).toBe('CaCO3(s) → CaO(s) + CO2(g)');
    expect(burn?.types.five).toEqual(['decomposition']);
    expect(slake?.equation).toBe('CaO(s) + H2O(l) → Ca(OH)2(s)');
    expect(slake?.types.five).toEqual(['combination']);
    expect(sidesOf(back?.equation ?? '').made).toEqual({ CaCO3: 1, H2O: 1 });
  });

  // The copper cycle of laboratory courses: colours and types.
  it('copper: through blue, pale blue, black and blue back to the metal', () => {
    const { arcs } = ringOf('copper');
    expect(arcs.map(({ to }) => to)).toEqual(['Cu(NO3)2', 'Cu(OH)2', 'CuO', 'CuSO4', 'Cu']);
    expect(arcs[0]?.evidence.join(' ')).toMatch(/red-brown gas/);
    expect(arcs[1]?.evidence.join(' ')).toMatch(/blue gelatinous precipitate/);
    expect(arcs[2]?.evidence.join(' ')).toMatch(/black/);
    expect(arcs[4]?.types.five).toContain('single displacement');
    expect(arcs[0]?.warnings.join(' ')).toMatch(/hood/i);
  });
});

describe('masses round a ring', () => {
  it('are what the molar masses say: 10.0 g of marble give 5.60 g of quicklime and 7.40 g of slaked lime', () => {
    const [oxide, hydroxide, carbonate] = ringMasses(ringOf('calcium'), 10);
    expect(oxide?.mostG).toBeCloseTo(5.603, 2);
    expect(hydroxide?.mostG).toBeCloseTo(7.403, 2);
    expect(carbonate?.mostG).toBeCloseTo(10, 9);
  });

  it('come back to the start where the jar holds it without water, and to less where it holds a hydrate', () => {
    for (const { id } of rings) {
      const ring = ringOf(id);
      const back = ringMasses(ring, 1).at(-1)?.mostG ?? 0;
      expect(back).toBeCloseTo(ring.startKept === ring.start ? 1 : 0.609, 2);
    }
  });

  it('give the yield of each step and of the whole, and challenge what is more than there can be', () => {
    const [oxide, hydroxide, carbonate] = ringMasses(ringOf('calcium'), 10, [5.04, undefined, 8]);
    expect(oxide).toMatchObject({ weighedG: 5.04 });
    expect(oxide?.stepYield).toBeCloseTo(0.8995, 3);
    expect(hydroxide).not.toHaveProperty('yieldSoFar');
    expect(carbonate?.yieldSoFar).toBeCloseTo(0.8, 9);
    expect(carbonate?.stepYield).toBeUndefined();
    expect(ringMasses(ringOf('calcium'), 10, [6.5])[0]?.words).toMatch(/more than there can be/);
  });

  it.each([0, -2, 1000])('refuse %d g', (massG) => {
    expect(() => ringMasses(ringOf('calcium'), massG)).toThrow(/mass/);
  });
});

describe('a ring of one’s own', () => {
  it('is led on only by what really comes', () => {
    const next = arcsFrom('CuO').map(({ to }) => to);
    expect(next).toEqual(expect.arrayContaining(['CuCl2', 'CuSO4', 'Cu(NO3)2']));
    // Sealed marble is no way to gypsum.
    expect(arcsFrom('CaCO3').map(({ to }) => to)).not.toContain('CaSO4');
  });

  it('every arrow carries its metal on', () => {
    for (const formula of ['CaCO3', 'CuSO4', 'Fe', 'ZnO'])
      for (const arc of arcsFrom(formula)) {
        const { used, made } = sidesOf(arc.equation);
        const of = (side: Readonly<Record<string, number>>) =>
          Object.keys(side).some((one) => one.includes(carried(formula)));
        expect(of(used) && of(made)).toBe(true);
      }
  });

  it('says what comes instead where an arrow does not go', () => {
    expect(() => runArc('CuO', { by: 'water' }, 'Cu(OH)2')).toThrow(/gives nothing new/);
    expect(() =>
      runRing({
        id: 'x',
        name: 'x',
        start: 'CuO',
        arcs: [{ means: { by: 'solution', substance: 'HCl', concentrationM: 2 }, to: 'CuSO4' }],
      }),
    ).toThrow(expect.objectContaining({ field: 'arcs.0' }) as Error);
    expect(() =>
      runRing({
        id: 'x',
        name: 'x',
        start: 'NaCl',
        arcs: [{ means: { by: 'water' }, to: 'NaOH' }],
      }),
    ).toThrow(/no metal/);
    expect(() => runRing({ id: 'x', name: 'x', start: 'CaCO3', arcs: [] })).toThrow(
      /at least one arrow/,
    );
  });

  it('finds nothing where nothing is', () => {
    expect(outcomes('Cu', { by: 'solution', substance: 'HCl', concentrationM: 2 })).toEqual([]);
  });
});

describe('a ring as a procedure', () => {
  it.each(rings.map(({ id }) => [id]))('%s stands in order, a mass at every step', (id) => {
    const { steps } = ringProcedure('p', ringOf(id));
    expect(orderProblems(steps)).toEqual([]);
    expect(steps.every(({ measures }) => measures.length === 1)).toBe(true);
  });
});
