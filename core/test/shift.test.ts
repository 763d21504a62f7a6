import * as fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { colourOfSpecies } from '../src/seeing/appearance/ownColour';
import { equilibrate } from '../src/solution/equilibrium/equilibrate';
import { logChlorideExcess } from '../src/solution/equilibrium/activity';
import { ChemistryError } from '../src/common/errors';
import { runProcedure } from '../src/planning/procedure/runProcedure';
import { shiftCautions } from '../src/studies/shift/cautions';
import { course } from '../src/studies/shift/course';
import { actionOf } from '../src/studies/shift/stress';
import type { Stress } from '../src/studies/shift/stress';
import { planColours } from '../src/studies/shift/planColours';
import { dropsToSpare } from '../src/studies/shift/realise';
import { runShift, shiftRunner } from '../src/studies/shift/runShift';
import { shiftProcedure } from '../src/studies/shift/shiftProcedure';
import { powerText } from '../src/studies/shift/shiftWords';
import { readySystems } from '../src/studies/shift/systems';
import { unreachedWords } from '../src/studies/shift/unreached';
import { logKAt, readWatched } from '../src/studies/shift/watched';
import { fillsTo } from '../src/studies/shift/path';
import type { Target } from '../src/studies/shift/target';
import { act, setUp } from '../src/vessel/act';
import type { Action, VesselSetup } from '../src/vessel/action';
import { containers } from '../src/vessel/containers';

const system = (id: string) => {
  const found = readySystems.find((one) => one.id === id);
  if (!found) throw new Error(id);
  return found;
};
const solution = (substance: string, concentrationM: number, volumeMl: number): Action => ({
  do: 'add',
  portion: { substance, concentrationM, volumeMl },
});
const acid = (volumeMl: number) => solution('HCl', 12, volumeMl);
const clear = (...colours: Target['colour'][]): Target[] =>
  colours.map((colour) => ({ colour, cloudy: false }));
const hydrochloric: Stress = { solution: 'HCl', concentrationM: 12 };
const water: Stress = { water: true };
const copper: VesselSetup = {
  container: 'beaker250',
  contents: [{ substance: 'CuSO4', concentrationM: 0.3, volumeMl: 10 }],
};

describe('constants of watched equilibria, put together from the tables', () => {
  it.each([
    // Zumdahl, Chemistry: silver chloride in ammonia, K = Ksp K1 K2 = 2.8e-3.
    ['AgCl(s) + 2 NH3 ⇌ Ag(NH3)2^+ + Cl^-', 2.8e-3],
    // Atkins and Jones, Chemical Principles: dichromate from chromate, K = 4.2e14.
    ['2 CrO4^2- + 2 H^+ ⇌ Cr2O7^2- + H2O', 4.2e14],
    // Harris, Quantitative Chemical Analysis: triiodide, K = 7e2; iron(III) thiocyanate, 1.0e3.
    ['I2 + I^- ⇌ I3^-', 710],
    ['Fe^3+ + SCN^- ⇌ FeSCN^2+', 1.05e3],
    // CRC Handbook: first step of carbonic acid, 4.5e-7; ammonia as a base, 1.8e-5.
    ['CO2 + H2O ⇌ HCO3^- + H^+', 4.5e-7],
    ['NH3 + H2O ⇌ NH4^+ + OH^-', 1.8e-5],
    // Stumm and Morgan, Aquatic Chemistry: calcite in carbonic acid, 10^-4.4 to 10^-4.5.
    ['CaCO3(s) + CO2 + H2O ⇌ Ca^2+ + 2 HCO3^-', 3.4e-5],
    // Lange’s Handbook: cumulative constants of the ammines.
    ['Cu^2+ + 4 NH3 ⇌ Cu(NH3)4^2+', 2.1e13],
    ['Ni^2+ + 6 NH3 ⇌ Ni(NH3)6^2+', 5.5e8],
  ])('%s', (equation, published) => {
    // Handbooks differ by as much: for nickel from 2.0e8 to 5.5e8.
    expect(Math.abs(readWatched({ equation }).logK - Math.log10(published))).toBeLessThan(0.5);
  });

  it('is the pKa for an indicator', () => {
    // CRC Handbook: bromothymol blue 7.1.
    expect(readWatched({ indicator: 'bromothymol blue' }).logK).toBeCloseTo(-7.1, 1);
  });

  it('moves with temperature by van ’t Hoff, in the tabulated direction', () => {
    // Shakhashiri, Chemical Demonstrations: cobalt goes blue when heated, ΔH about +50 kJ/mol.
    const cobalt = readWatched({ equation: 'Co^2+ + 4 Cl^- ⇌ CoCl4^2-' });
    expect(cobalt.enthalpyKJPerMol).toBeGreaterThan(40);
    expect(cobalt.enthalpyKJPerMol).toBeLessThan(65);
    const [cold, hot] = [logKAt(cobalt, 5), logKAt(cobalt, 65)];
    const expected =
      ((1000 * (cobalt.enthalpyKJPerMol ?? 0)) / (8.314462618 * Math.LN10)) *
      (1 / 278.15 - 1 / 338.15);
    expect(hot - cold).toBeCloseTo(expected, 6);
  });

  it('says which enthalpy is missing instead of taking it as nothing', () => {
    const cobalt = readWatched({ equation: 'Co^2+ + 6 NH3 ⇌ Co(NH3)6^2+' });
    expect(cobalt.enthalpyKJPerMol).toBeUndefined();
    expect(cobalt.lacking).toContain('Co(NH3)6^2+');
    expect(logKAt(cobalt, 60)).not.toBeNaN();
  });

  it('knows the heats of the ammines (NIST and llnl.dat: Ni −90, Cu −91, Ag −56 kJ/mol)', () => {
    const heat = (equation: string) => readWatched({ equation }).enthalpyKJPerMol;
    expect(heat('Ni^2+ + 6 NH3 ⇌ Ni(NH3)6^2+')).toBeCloseTo(-90, 0);
    expect(heat('Cu^2+ + 4 NH3 ⇌ Cu(NH3)4^2+')).toBeCloseTo(-91, 0);
    expect(heat('Ag^+ + 2 NH3 ⇌ Ag(NH3)2^+')).toBeCloseTo(-56, 0);
  });

  it.each([
    [{ equation: 'Cu^2+ + Cl^- ⇌ Ag^+' }, 'elementOnOneSide'],
    [{ equation: 'NaCl(s) ⇌ Na^+ + Cl^-' }, 'mixtureOutsideData'],
    [{ indicator: 'beetroot' }, 'unknownIndicator'],
  ])('refuses %j', (watched, code) => {
    expect(() => readWatched(watched)).toThrow(expect.objectContaining({ code }) as Error);
  });

  it('writes numbers as they are said', () => {
    expect(powerText(Math.log10(0.00297))).toBe('0.00297');
    expect(powerText(Math.log10(0.25))).toBe('0.25');
    expect(powerText(12.5)).toBe('3.2 × 10^12');
    expect(powerText(-Infinity)).toBe('0');
  });
});

describe('chloride in concentrated acid', () => {
  it('has the activity that hydrochloric acid is tabulated with', () => {
    // Robinson and Stokes, Electrolyte Solutions: 1.316 at 3 mol/kg and 10.44 at 10 mol/kg, here per litre, over that at 0.5.
    expect(logChlorideExcess(2.83, 2.83)).toBeCloseTo(Math.log10(1.39 / 0.762), 3);
    expect(logChlorideExcess(8.28, 8.28)).toBeCloseTo(Math.log10(12.6 / 0.762), 3);
  });

  it('is nothing in dilute solutions and in salts without acid', () => {
    expect(logChlorideExcess(0.3, 0.4)).toBe(0);
    expect(logChlorideExcess(1e-7, 5)).toBeCloseTo(0, 6);
  });

  it('lets copper turn where it does: blue in 1 M acid, green in 4 M, yellow in 10 M', () => {
    const colourIn = (acidM: number) => {
      const step = runShift({
        vessel: {
          container: 'testTube',
          contents: [
            { substance: 'CuSO4', concentrationM: 0.4, volumeMl: 1 },
            { substance: 'HCl', concentrationM: acidM, volumeMl: 9 },
          ],
        },
        actions: [],
      }).steps[0];
      return step?.told.state.colour.split(' ').at(-1);
    };
    expect(colourIn(1.1)).toBe('blue');
    expect(colourIn(4.6)).toBe('green');
    expect(colourIn(11)).toBe('yellow');
  });
});

describe('Q and K', () => {
  it('are equal at rest, whatever is mixed', () => {
    const amount = fc.double({ min: 0.5, max: 20, noNaN: true });
    fc.assert(
      fc.property(amount, amount, amount, (metalMl, ligandMl, acidMl) => {
        const { steps } = runShift({
          vessel: {
            container: 'beaker250',
            contents: [{ substance: 'Fe(NO3)3', concentrationM: 0.01, volumeMl: metalMl }],
          },
          actions: [
            solution('HNO3', 0.1, acidMl),
            solution('KSCN', 0.01, ligandMl),
            { do: 'dilute', toVolumeMl: metalMl + ligandMl + acidMl + 5 },
          ],
          watched: { equation: 'Fe^3+ + SCN^- ⇌ FeSCN^2+' },
        });
        for (const { shift } of steps.slice(2)) {
          expect(shift?.after?.logQ).toBeCloseTo(shift?.after?.logK ?? NaN, 6);
          // Dilution: three particles become more than two, so it goes back.
          if (steps.at(-1)?.shift === shift) expect(shift?.direction).toBe('back');
        }
      }),
      { numRuns: 25 },
    );
  });

  it.each([
    ['more of a reactant', [acid(5)], 'forward', 'chloride'],
    ['water', [acid(20), { do: 'dilute', toVolumeMl: 120 }], 'back', 'spreads'],
    ['warmth', [acid(10), { do: 'heat', toC: 80 }], 'forward', 'takes heat in'],
    ['cold', [acid(20), { do: 'cool', toC: 2 }], 'back', 'cooling'],
    ['taking a portion away', [acid(10), { do: 'discard', fraction: 0.5 }], 'none', 'same share'],
  ] as [string, Action[], string, string][])(
    'tell which way copper and chloride go with %s',
    (_, actions, direction, words) => {
      const step = runShift({
        vessel: copper,
        actions,
        watched: { equation: 'Cu^2+ + 4 Cl^- ⇌ CuCl4^2-' },
      }).steps.at(-1);
      expect(step?.shift?.direction).toBe(direction);
      expect(step?.words?.forClass).toContain(words);
      const { mixed } = step?.shift ?? {};
      if (direction === 'forward') expect(mixed?.logQ).toBeLessThan(mixed?.logK ?? NaN);
      if (direction === 'back') expect(mixed?.logQ).toBeGreaterThan(mixed?.logK ?? NaN);
    },
  );

  it('tell that another reaction took a reactant away', () => {
    const { steps } = runShift({
      ...asRequest('iron-thiocyanate'),
      actions: [solution('KSCN', 0.1, 1), solution('Na2HPO4', 0.1, 3)],
    });
    expect(steps[2]?.shift?.direction).toBe('back');
    expect(steps[2]?.words?.forClass).toMatch(/takes iron\(III\) ions \(Fe\^3\+\) away/);
    expect(steps[2]?.words?.forInstructor).toMatch(/\[Fe\^3\+\] went from/);
  });

  it('tell that nothing is left to dissolve', () => {
    const { steps } = runShift({
      ...asRequest('silver-chloride-ammonia'),
      actions: [solution('NH3', 4, 2), solution('NH3', 4, 2)],
    });
    expect(steps[1]?.shift?.direction).toBe('forward');
    expect(steps[1]?.words?.forInstructor).toContain('used up');
    expect(steps[2]?.shift?.direction).toBe('stopped');
    expect(steps[2]?.words?.forClass).toContain('no AgCl left');
  });

  it('follow an indicator by the acidity that came', () => {
    const { steps } = runShift({
      ...asRequest('bromothymol-blue'),
      actions: [solution('HCl', 0.1, 2), solution('NaOH', 0.1, 4)],
    });
    expect(steps[1]?.shift?.direction).toBe('back');
    expect(steps[2]?.shift?.direction).toBe('forward');
    const [acidForm] = steps[1]?.shares ?? [];
    expect(acidForm?.share).toBeGreaterThan(0.7);
  });

  it('do not tell the moment between where electrons moved', () => {
    const step = runShift({
      ...asRequest('iodine-triiodide'),
      actions: [solution('Na2S2O3', 0.1, 2)],
    }).steps[1];
    expect(step?.shift?.direction).toBe('untold');
    expect(step?.shift?.mixed).toBeUndefined();
    expect(step?.words?.forClass).toMatch(/^Another reaction took part of it away/);
    expect(step?.words?.forInstructor).toMatch(/electrons moved/);
  });

  it('say that there is no Q while substances of both sides are missing', () => {
    const step = runShift({
      vessel: copper,
      actions: [{ do: 'dilute', toVolumeMl: 20 }],
      watched: { equation: 'Cu^2+ + 4 Cl^- ⇌ CuCl4^2-' },
    }).steps[1];
    expect(step?.shift?.direction).toBe('none');
    expect(step?.words?.forInstructor).toMatch(/no Q yet/);
  });

  it('hold what they are told to hold', () => {
    const totals = { 'Fe^3+': 0.001, 'SCN^-': 0.001, 'H^+': 0.1, 'NO3^-': 0.104, 'K^+': 0.001 };
    const rest = equilibrate(totals);
    const complex = rest.species['FeSCN^2+'] ?? 0;
    const held = equilibrate(totals, { held: { 'FeSCN^2+': complex } });
    expect(held.species['FeSCN^2+']).toBeUndefined();
    expect(held.species['Fe^3+']).toBeCloseTo(rest.species['Fe^3+'] ?? NaN, 8);
  });
});

function asRequest(id: string) {
  const { vessel, watched } = system(id);
  return { vessel, watched: watched[0] };
}

describe('a mixture of one’s own', () => {
  it('lists what can be watched, with the complex before acid and base, and shares that add up', () => {
    const run = runShift({
      vessel: {
        container: 'beaker',
        contents: [{ substance: 'NiSO4', concentrationM: 0.05, volumeMl: 20 }],
      },
      actions: [solution('NH3', 4, 10)],
    });
    expect(run.watchable[0]).toEqual({ equation: 'Ni^2+ + 6 NH3 ⇌ Ni(NH3)6^2+' });
    const shares = run.steps[1]?.shares ?? [];
    expect(shares.reduce((sum, { share }) => sum + share, 0)).toBeGreaterThan(0.98);
  });

  it('says that nothing can be watched in water', () => {
    const run = runShift({
      vessel: { contents: [{ substance: 'water', volumeMl: 10 }] },
      actions: [],
    });
    expect(run.watched).toBeUndefined();
  });

  it('names the action that cannot be done', () => {
    const wrong = () => runShift({ vessel: copper, actions: [acid(1), solution('XyZ', 1, 1)] });
    expect(wrong).toThrow(ChemistryError);
    expect(wrong).toThrow(
      expect.objectContaining({ field: expect.stringMatching(/^actions\.1/) as string }) as Error,
    );
  });

  it('calculates only what is new', () => {
    const run = shiftRunner();
    const actions = [acid(2), acid(3)];
    const first = run({ vessel: copper, actions });
    const second = run({ vessel: copper, actions: [...actions, acid(4)] });
    expect(second.steps.slice(0, 3)).toEqual(first.steps);
    expect(second.steps[1]?.told).toBe(first.steps[1]?.told);
    expect(run({ vessel: copper, actions: [acid(9)] }).steps).toHaveLength(2);
  });

  it('knows the colours of species by themselves', () => {
    // Lever, Inorganic Electronic Spectroscopy, and every school bench.
    expect(
      ['Cu^2+', 'CuCl4^2-', 'Co^2+', 'CoCl4^2-', 'CrO4^2-', 'Ni^2+', 'Cu(NH3)4^2+', 'Na^+'].map(
        colourOfSpecies,
      ),
    ).toEqual(['blue', 'yellow', 'pink', 'blue', 'yellow', 'green', 'blue', undefined]);
  });
});

describe('a plan of colours', () => {
  it.each(readySystems.map(({ id }) => id))('reaches the colours of %s within its vessel', (id) => {
    const { vessel, stresses, targets } = system(id);
    const plan = planColours({ vessel, stresses: [...stresses], targets: [...targets] });
    expect(plan.unreached).toBeUndefined();
    expect(plan.stages.map(({ target }) => target)).toEqual(targets);
    const { brimMl } = containers[vessel.container ?? 'testTube'];
    // The engine is asked again, action by action.
    let step = setUp(vessel);
    for (const stage of plan.stages) {
      for (const action of stage.actions) step = act(step.vessel, action);
      expect(step.vessel.volumeMl).toBeCloseTo(stage.volumeMl, 6);
      expect(step.vessel.volumeMl).toBeLessThanOrEqual(fillsTo * brimMl + 1e-6);
      expect(stage.sight.colour.split(' ').at(-1)).toBe(stage.target.colour);
      if (stage.stress) {
        expect(stage.range[0]).toBeLessThanOrEqual(stage.amount + 1e-9);
        expect(stage.range[1]).toBeGreaterThanOrEqual(stage.amount - 1e-9);
      }
    }
  });

  it('goes blue, green, yellow-green, blue in a 250 mL beaker with little acid', () => {
    const plan = planColours({
      vessel: copper,
      stresses: [hydrochloric, water],
      targets: clear('blue', 'green', 'yellow-green', 'blue'),
    });
    expect(plan.unreached).toBeUndefined();
    expect(plan.concentratedMl).toBeLessThan(40);
    const [, green] = plan.stages;
    expect(green && dropsToSpare(green)).toBeGreaterThan(5);
  });

  it('a drop too many is told truly: the engine still shows the colour at the edge and not beyond it', () => {
    const { stages } = planColours({
      vessel: copper,
      stresses: [hydrochloric, water],
      targets: clear('blue', 'green'),
    });
    const [, green] = stages;
    const { vessel } = setUp(copper);
    const seen = (amount: number) =>
      runShift({ vessel: copper, actions: [actionOf(hydrochloric, amount, 25)] }).steps[1]?.told
        .state.colour;
    expect(vessel.volumeMl).toBe(10);
    expect(seen(0.97 * (green?.range[1] ?? 0))).toContain('green');
    expect(seen(1.15 * (green?.range[1] ?? 0))).not.toMatch(/(^| )green$/);
  });

  it('pours some away first where dilution would overflow, and says why', () => {
    const plan = planColours({
      vessel: {
        container: 'beaker250',
        contents: [{ substance: 'CuSO4', concentrationM: 0.2, volumeMl: 40 }],
      },
      stresses: [hydrochloric, water],
      targets: clear('blue', 'green', 'yellow-green', 'blue'),
    });
    expect(plan.unreached).toBeUndefined();
    expect(plan.withoutPouring?.because).toBe('room');
    expect(plan.stages.some(({ poursAway }) => poursAway !== undefined)).toBe(true);
    expect(plan.withoutPouring && unreachedWords(plan.withoutPouring)).toMatch(/mL of .*room/);
  });

  it('says what cannot be reached at any amount, and the nearest that can', () => {
    const plan = planColours({
      vessel: copper,
      stresses: [hydrochloric, water],
      targets: clear('blue', 'pink'),
    });
    expect(plan.stages).toHaveLength(1);
    expect(plan.unreached).toMatchObject({ because: 'chemistry', at: 1 });
    expect(plan.unreached && unreachedWords(plan.unreached)).toMatch(
      /^Pink is not reached.*Nearest/,
    );
  });

  it('says where a colour lies within less than a drop', () => {
    const plan = planColours({
      vessel: {
        container: 'beaker',
        contents: [
          { substance: 'water', volumeMl: 20 },
          { indicator: 'bromothymol blue', drops: 6 },
        ],
      },
      stresses: [
        { solution: 'HCl', concentrationM: 1 },
        { solution: 'NaOH', concentrationM: 0.73 },
      ],
      targets: clear('yellow', 'green'),
    });
    expect(plan.unreached?.target.colour).toBe('green');
    expect(['sharp', 'chemistry']).toContain(plan.unreached?.because);
  });

  it.each([
    [{ vessel: { contents: [] } }, 'emptyVessel', 'vessel'],
    [{ stresses: [{ solution: 'XyZ', concentrationM: 1 }] }, 'unknownSubstance', 'stresses.0'],
  ])('refuses %j', (change, code, field) => {
    const request = { vessel: copper, stresses: [water], targets: clear('blue'), ...change };
    expect(() => planColours(request)).toThrow(
      expect.objectContaining({ code, field: expect.stringContaining(field) as string }) as Error,
    );
  });

  it('stops when nobody wants it any more', () => {
    const asked: number[] = [];
    const plan = planColours(
      {
        vessel: copper,
        stresses: [hydrochloric, water],
        targets: clear('blue', 'green', 'yellow'),
      },
      (share) => {
        asked.push(share);
        return false;
      },
    );
    expect(asked).toHaveLength(1);
    expect(plan.stages.length).toBeLessThan(3);
  });
});

describe('a course along a reagent or a temperature', () => {
  it('has cobalt blue when hot and pink when cold, K rising', () => {
    const { unit, points } = course({
      vessel: system('cobalt-chloride').vessel,
      actions: [acid(14)],
      watched: { equation: 'Co^2+ + 4 Cl^- ⇌ CoCl4^2-' },
      stress: { warmth: true },
    });
    expect(unit).toBe('°C');
    expect(points[0]?.sight.colour).toContain('pink');
    expect(points.at(-1)?.sight.colour).toContain('blue');
    const ks = points.map(({ logK }) => logK);
    expect(ks).toEqual([...ks].sort((a, b) => a - b));
  });

  it('starts from where the mixture stands', () => {
    const { points } = course({
      vessel: copper,
      actions: [acid(5)],
      watched: { equation: 'Cu^2+ + 4 Cl^- ⇌ CuCl4^2-' },
      stress: water,
      most: 50,
    });
    const shareOf = (at: number) =>
      points[at]?.shares.find(({ form }) => form === 'Cu^2+')?.share ?? 0;
    expect(points).toHaveLength(41);
    expect(shareOf(40)).toBeGreaterThan(shareOf(0));
  });
});

describe('what goes with it into a lab day', () => {
  const procedure = shiftProcedure({
    id: 'shift',
    name: 'Copper shifted',
    purpose: 'Shows a shift.',
    vessel: copper,
    shiftings: [{ action: acid(10), range: [5, 14] }, { action: { do: 'dilute', toVolumeMl: 90 } }],
  });

  it('is a procedure with a step for each thing done, its range and the hood', () => {
    expect(procedure.steps).toHaveLength(3);
    expect(procedure.steps[1]?.ranges).toEqual([{ event: 0, low: 5, high: 14 }]);
    expect(procedure.steps[1]?.uses).toEqual({ hood: 1 });
    expect(procedure.steps[1]?.caution).toMatch(/fumes/);
  });

  it('is predicted by the engine in every step', () => {
    const run = runProcedure(procedure);
    expect(run.refused).toBeUndefined();
    const colours = run.steps.map(({ did }) => did.at(-1)?.told.state.colour);
    expect(colours[0]).toContain('blue');
    expect(colours[1]).toContain('green');
    expect(colours[2]).toContain('blue');
  });

  it('warns of fume, of cobalt and chromate, and names the bottle', () => {
    const cobalt = shiftCautions(system('cobalt-chloride').vessel, [], [hydrochloric, water]);
    expect(cobalt.lines.join(' ')).toMatch(/fumes/);
    expect(cobalt.hazards.find(({ formula }) => formula === 'CoCl2')?.statements.join(' ')).toMatch(
      /cancer/i,
    );
    const chromate = shiftCautions(system('chromate-dichromate').vessel, [], []);
    expect(chromate.waste.bottle).toBe('Chromium(VI) waste');
    expect(chromate.hazards[0]?.statements.join(' ')).toMatch(/cancer/i);
  });
});
