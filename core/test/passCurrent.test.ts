import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mix } from '../src/seeing/rack/mix';
import { electrodeMaterials, findElectrode } from '../src/vessel/electrolysis/findElectrode';
import type { Action } from '../src/vessel/action';
import { addAmounts } from '../src/vessel/amounts';
import type { Amounts } from '../src/vessel/amounts';
import { setUp } from '../src/vessel/act';
import { atElectrode } from '../src/vessel/electrolysis/atElectrode';
import { halfOf } from '../src/vessel/electrolysis/electrodeHalves';
import { halfText } from '../src/vessel/electrolysis/halfText';
import { overallEquation } from '../src/vessel/electrolysis/overall';
import { passCurrent } from '../src/vessel/electrolysis/passCurrent';
import type { Electrolysed, Mixing } from '../src/vessel/electrolysis/passCurrent';
import { carriersIn, limitingDensity } from '../src/vessel/electrolysis/transport';
import { commands } from '../src/commands/commands';
import { faraday } from '../src/solution/equilibrium/temperature';
import { parseFormula } from '../src/matter/formula/parseFormula';
import { bulkOf } from '../src/studies/electrolysis/voltages';

const salts = [
  'NaCl',
  'CuSO4',
  'Na2SO4',
  'KI',
  'ZnSO4',
  'AgNO3',
  'H2SO4',
  'NaOH',
  'CuCl2',
] as const;
const beaker = (substance: string, concentrationM: number, volumeMl = 60) =>
  setUp({ container: 'beaker', contents: [{ substance, concentrationM, volumeMl }] }).vessel;
interface CurrentSettings {
  readonly cathode: string;
  readonly anode: string;
  readonly currentA: number;
  readonly timeS: number;
  readonly areaCm2: number;
  readonly mixing: Mixing;
}
const pass = (
  vessel: ReturnType<typeof beaker>,
  {
    cathode = 'graphite',
    anode = 'graphite',
    currentA = 0.2,
    timeS = 600,
    areaCm2 = 20,
    mixing = 'still',
  }: Partial<CurrentSettings> = {},
) =>
  passCurrent(vessel, {
    cathode: findElectrode(cathode),
    anode: findElectrode(anode),
    currentA,
    timeS,
    areaCm2,
    mixing,
  });

/** Atoms of each element in amounts by formula, mmol. */
function atomsIn(amounts: Amounts): Record<string, number> {
  const atoms: Record<string, number> = {};
  for (const [formula, n] of Object.entries(amounts))
    for (const [element, count] of Object.entries(parseFormula(formula).elements))
      atoms[element] = (atoms[element] ?? 0) + count * n;
  return atoms;
}

/** What is in both halves, on the electrodes and in the air, less what the electrodes gave. */
function everything({ cathode, anode }: Electrolysed): Record<string, number> {
  const elementsOnly = (deposit: Amounts) =>
    // Compounds on an electrode (silver chloride) are counted in the liquid as well.
    Object.fromEntries(
      Object.entries(deposit).filter(([formula]) => !/AgCl|AgBr|AgI|CuCl|CuI/.test(formula)),
    );
  const all = [cathode, anode].reduce<Amounts>(
    (sum, one) =>
      addAmounts(
        addAmounts(
          addAmounts(addAmounts(sum, one.liquid.phases.solution), one.gas),
          elementsOnly(one.deposit),
        ),
        one.lost,
        -1,
      ),
    {},
  );
  return atomsIn(all);
}

describe('a current through a vessel', () => {
  it('keeps every atom and the charge, whatever the cell', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...salts),
        fc.double({ min: 0.02, max: 2, noNaN: true }),
        fc.constantFrom(...electrodeMaterials),
        fc.constantFrom(...electrodeMaterials),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        fc.constantFrom<Mixing>('still', 'stirred', 'divided'),
        (salt, concentrationM, cathode, anode, currentA, mixing) => {
          const vessel = beaker(salt, concentrationM);
          const passed = pass(vessel, { cathode, anode, currentA, mixing });
          const before = atomsIn(addAmounts(vessel.phases.solution, vessel.phases.solids));
          const after = everything(passed);
          for (const element of new Set([...Object.keys(before), ...Object.keys(after)])) {
            const [was, is] = [before[element] ?? 0, after[element] ?? 0];
            expect(Math.abs(is - was), `${element} in ${salt}, ${cathode}, ${anode}`).toBeLessThan(
              1e-6 * Math.max(1, was),
            );
          }
          const told = (one: Electrolysed['cathode']) =>
            [...one.chargesC.values()].reduce((sum, coulomb) => sum + coulomb, 0);
          expect(told(passed.cathode) / passed.chargeC).toBeCloseTo(1, 9);
          if (passed.anode.first.notPredicted.length === 0)
            expect(told(passed.anode) / passed.chargeC).toBeCloseTo(1, 9);
        },
      ),
      { numRuns: 20, seed: 7 },
    );
  }, 60_000);

  it('deposits by Faraday’s law, and takes the same from a plus of the same metal', () => {
    const { cathode, anode } = pass(beaker('CuSO4', 0.5), { cathode: 'copper', anode: 'copper' });
    const expected = ((0.2 * 600) / 2 / faraday) * 1000;
    expect(cathode.deposit.Cu).toBeCloseTo(expected, 6);
    expect(anode.lost.Cu).toBeCloseTo(expected, 6);
  });

  it('keeps acid and base apart where the liquids are apart, and evens them out where it is stirred', () => {
    const apart = pass(beaker('Na2SO4', 0.5), { mixing: 'divided' });
    expect(apart.cathode.liquidAtRest.pH).toBeGreaterThan(12);
    expect(apart.anode.liquidAtRest.pH).toBeLessThan(3);
    const stirred = pass(beaker('Na2SO4', 0.5), { mixing: 'stirred' });
    expect(Math.abs(stirred.cathode.liquidAtRest.pH - stirred.anode.liquidAtRest.pH)).toBeLessThan(
      0.1,
    );
  });

  it('goes over to hydrogen as a metal runs out', () => {
    const passed = pass(beaker('CuSO4', 0.05, 40), { currentA: 0.3, timeS: 3600, areaCm2: 60 });
    const share = (at: Electrolysed['cathode']['first'], formula: string) =>
      at.shares.find(({ half }) => half.reduced.formula === formula)?.share ?? 0;
    expect(share(passed.cathode.first, 'Cu')).toBeGreaterThan(0.5);
    expect(share(passed.cathode.last, 'H2')).toBeGreaterThan(0.8);
    // 2 mmol were there, and no more can come down.
    expect(passed.cathode.deposit.Cu).toBeLessThan(2);
    expect(passed.cathode.deposit.Cu).toBeGreaterThan(1);
  });

  it('refuses an empty vessel and pure water', () => {
    const empty = setUp({ contents: [] }).vessel;
    expect(() => pass(empty)).toThrow(/no liquid/);
    expect(() => pass(setUp({ contents: [{ substance: 'water', volumeMl: 50 }] }).vessel)).toThrow(
      /next to no ions/,
    );
  });

  it('is seen at both electrodes, and what stays is what the engine makes of it', () => {
    const action: Action = {
      do: 'electrolyse',
      cathode: 'graphite',
      anode: 'graphite',
      currentA: 0.2,
      minutes: 10,
    };
    const { steps } = mix({
      vessel: {
        container: 'beaker',
        contents: [{ substance: 'CuSO4', concentrationM: 0.4, volumeMl: 80 }],
      },
      actions: [action],
    });
    const told = steps[1];
    expect(told?.observations).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ kind: 'deposit', formula: 'Cu', colour: 'red-brown' }),
        expect.objectContaining({ kind: 'sight', result: 'bubbles at plus' }),
        expect.objectContaining({ kind: 'gas', formula: 'O2' }),
      ]),
    );
    expect(told?.state.pH).toBeLessThan(3.5);
    expect(told?.reactions[0]?.oxidationChanges.map(({ element }) => element).sort()).toEqual([
      'Cu',
      'O',
    ]);
  });

  it('warns of gases that must not meet', () => {
    const { steps } = mix({
      vessel: {
        container: 'beaker',
        contents: [{ substance: 'Na2SO4', concentrationM: 0.5, volumeMl: 80 }],
      },
      actions: [
        { do: 'electrolyse', cathode: 'platinum', anode: 'platinum', currentA: 0.3, minutes: 10 },
      ],
    });
    expect(steps[1]?.warnings.map(({ code }) => code)).toContain('mixedGases');
  });
});

describe('transport', () => {
  it('limits a current to what Fick’s law feeds: about 69 mA/cm² for copper in 1 mol/L at 0.2 mm', () =>
    // n F D c / δ with D = 0.714e-5 cm²/s (CRC Handbook, recalled from memory).
    expect(1000 * limitingDensity('Cu^2+', 1, 2)).toBeCloseTo(68.9, 0));

  it('lets hydrogen ions carry most of the current in hydrochloric acid: 0.82 of it (Hittorf)', () => {
    const carriers = carriersIn({ 'H^+': 0.1, 'Cl^-': 0.1 });
    const all = carriers.reduce((sum, { weight }) => sum + weight, 0);
    const protons = carriers.find(({ formula }) => formula === 'H^+')?.weight ?? 0;
    expect(protons / all).toBeCloseTo(0.82, 2);
  });
});

describe('an electrode', () => {
  const stand = (
    salt: string,
    concentrationM: number,
    side: 'cathode' | 'anode',
    material: string,
    density: number,
  ) => {
    const { componentsM, bulk } = bulkOf(beaker(salt, concentrationM));
    return atElectrode({
      side,
      electrode: findElectrode(material),
      componentsM,
      bulk,
      temperatureC: 25,
      densityAPerCm2: density,
    });
  };

  it('moves away from rest as the current grows, and its shares add up to one', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...salts),
        fc.constantFrom('graphite', 'platinum', 'copper', 'nickel'),
        fc.double({ min: -4, max: -1.2, noNaN: true }),
        (salt, material, logDensity) => {
          const [low, high] = [10 ** logDensity, 4 * 10 ** logDensity];
          const at = (density: number) => stand(salt, 0.3, 'cathode', material, density);
          expect(at(high).potentialV).toBeLessThan(at(low).potentialV + 1e-6);
          expect(at(low).shares.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
        },
      ),
      { numRuns: 15, seed: 11 },
    ));

  it.each([
    // Passivity of metals as anodes, as textbooks have it (Bockris and Reddy, recalled from memory).
    ['NaOH', 1, 'iron', 'O2'],
    ['NaOH', 1, 'nickel', 'O2'],
    ['NaCl', 1, 'iron', 'Fe^2+'],
    ['NaCl', 1, 'aluminium', 'Al^3+'],
    ['NaCl', 1, 'stainless steel', 'Fe^2+'],
    ['Na2SO4', 0.5, 'stainless steel', 'O2'],
    ['H2SO4', 1, 'lead', 'O2'],
    ['NaCl', 1, 'silver', 'AgCl'],
    ['NaCl', 1, 'copper', 'CuCl'],
  ] as const)('in %s %d mol/L, %s as plus gives %s', (salt, concentrationM, material, product) => {
    const [main] = stand(salt, concentrationM, 'anode', material, 0.005).shares;
    expect(main?.half.oxidised.formula).toBe(product);
  });

  it('says so where its cover does not conduct', () => {
    const { notPredicted } = stand('Na2SO4', 0.5, 'anode', 'aluminium', 0.005);
    expect(notPredicted.join()).toMatch(/current dies away/);
  });
});

describe('half-equations and the whole', () => {
  const hydrogen = halfOf('2H^+(aq) + 2e^- → H2(g)');
  const oxygen = halfOf('O2(g) + 4H^+(aq) + 4e^- → 2H2O(l)');
  const copper = halfOf('Cu^2+(aq) + 2e^- → Cu(s)');
  const silver = halfOf('Ag^+(aq) + e^- → Ag(s)');
  const chlorine = halfOf('Cl2(aq) + 2e^- → 2Cl^-(aq)');

  it('are written with protons in acid, with water and hydroxide otherwise', () => {
    expect(halfText(hydrogen, 'cathode', 1)).toBe('2H^+(aq) + 2e^- → H2(g)');
    expect(halfText(hydrogen, 'cathode', 7)).toBe('2H2O(l) + 2e^- → H2(g) + 2OH^-(aq)');
    expect(halfText(oxygen, 'anode', 7)).toBe('2H2O(l) → O2(g) + 4H^+(aq) + 4e^-');
    expect(halfText(oxygen, 'anode', 13)).toBe('4OH^-(aq) → O2(g) + 2H2O(l) + 4e^-');
    expect(halfText(copper, 'anode', 7)).toBe('Cu(s) → Cu^2+(aq) + 2e^-');
    expect(halfText(chlorine, 'anode', 7)).toBe('2Cl^-(aq) → Cl2(g) + 2e^-');
  });

  it.each([
    [hydrogen, oxygen, 7, '2H2O(l) → 2H2(g) + O2(g)'],
    [hydrogen, oxygen, 1, '2H2O(l) → 2H2(g) + O2(g)'],
    [hydrogen, chlorine, 7, '2Cl^-(aq) + 2H2O(l) → H2(g) + Cl2(g) + 2OH^-(aq)'],
    [hydrogen, chlorine, 1, '2H^+(aq) + 2Cl^-(aq) → H2(g) + Cl2(g)'],
    [copper, chlorine, 4, 'Cu^2+(aq) + 2Cl^-(aq) → Cu(s) + Cl2(g)'],
    [silver, oxygen, 5, '4Ag^+(aq) + 2H2O(l) → 4Ag(s) + O2(g) + 4H^+(aq)'],
    [silver, copper, 5, '2Ag^+(aq) + Cu(s) → 2Ag(s) + Cu^2+(aq)'],
  ])('add up, electrons matched', (minus, plus, pH, whole) => {
    const text = overallEquation(minus, plus, pH);
    expect(text).toBe(whole);
    expect(commands.balance?.({ equation: text })).toBeDefined();
  });

  it('leave nothing where a metal only changes sides', () =>
    expect(overallEquation(copper, copper, 5)).toBeUndefined());
});
