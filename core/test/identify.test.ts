import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { commands } from '../src/commands/commands';
import { contradictions } from '../src/studies/identify/contradictions';
import {
  entropy,
  noneOfThese,
  posterior,
  posteriorByClass,
} from '../src/studies/identify/inference';
import type { TestResult } from '../src/studies/identify/inference';
import { readCandidate } from '../src/studies/identify/inorganic/candidate';
import { runScheme } from '../src/studies/identify/inorganic/groupScheme';
import { outcomesOf } from '../src/studies/identify/inorganic/runTests';
import { modelOf } from '../src/studies/identify/model';
import type { Model } from '../src/studies/identify/model';
import { heldBack, rankTests } from '../src/studies/identify/nextBest';
import { nextTests, pairsOfTests } from '../src/studies/identify/nextTest';
import { allCompounds } from '../src/studies/identify/organic/compounds';
import { organicModel } from '../src/studies/identify/organic/organicModel';
import {
  boilingPoint,
  meltingPoint,
  pointModel,
  pointOutcome,
} from '../src/studies/identify/organic/physicalPoint';
import { nextInTree } from '../src/studies/identify/organic/solubilityTree';
import { conclude, reasoningPath } from '../src/studies/identify/reasoning';
import { testsToIdentify } from './support/setsOfUnknowns';
import { testKit } from '../src/studies/identify/testKit';
import { readOutcome } from '../src/studies/identify/readOutcome';
import {
  checkSet,
  expectedTests,
  fewestTests,
  inseparablePairs,
  smallestSet,
} from '../src/studies/identify/setCheck';

/** A table of letters: what each candidate shows in each test. */
const modelFrom = (
  rows: Record<string, string>,
  tests: string[],
  misreadShare = 0,
  none = 0,
): Model =>
  modelOf(
    {
      candidates: Object.keys(rows),
      tests,
      outcome: (candidate, test) => rows[candidate]?.[tests.indexOf(test)],
    },
    { misreadShare, noneOfThese: none },
  );
const of = (all: readonly { candidate: string; probability: number }[], name: string) =>
  all.find(({ candidate }) => candidate === name)?.probability ?? 0;

describe('Bayes and Shannon on small cases by hand', () => {
  it('counts bits: four alike are two bits, a fair coin one', () => {
    expect(entropy([0.25, 0.25, 0.25, 0.25])).toBe(2);
    expect(entropy([0.5, 0.5])).toBe(1);
    expect(entropy([1, 0])).toBe(0);
    // −0.9 log₂ 0.9 − 0.1 log₂ 0.1
    expect(entropy([0.9, 0.1])).toBeCloseTo(0.469, 4);
  });

  it('a perfect test that halves eight tells one bit; three of them find one of eight', () => {
    const rows = Object.fromEntries(
      Array.from({ length: 8 }, (_, at) => [`c${at}`, at.toString(2).padStart(3, '0')]),
    );
    const model = modelFrom(rows, ['a', 'b', 'c']);
    for (const { bits } of nextTests(model, [])) expect(bits).toBeCloseTo(1, 9);
    const results = ['a', 'b', 'c'].map((test, at) => ({ test, outcome: '101'[at] ?? '' }));
    expect(of(posterior(model, results), 'c5')).toBeCloseTo(1, 9);
    expect(pairsOfTests(model, [])[0]?.bits).toBeCloseTo(2, 9);
  });

  it('a test misread once in ten weighs nine to one, and a replicate eighty-one to one', () => {
    const model = modelFrom({ x: 'p', y: 'n' }, ['t'], 0.1);
    expect(of(posterior(model, [{ test: 't', outcome: 'p' }]), 'x')).toBeCloseTo(0.9, 9);
    const twice = [
      { test: 't', outcome: 'p' },
      { test: 't', outcome: 'p' },
    ];
    expect(of(posterior(model, twice), 'x')).toBeCloseTo(81 / 82, 9);
    // Its information: one bit less the entropy of the misreading.
    expect(nextTests(model, [])[0]?.bits).toBeCloseTo(1 - entropy([0.9, 0.1]), 9);
  });

  it('an unsure result and one whose blank shows the same tell nothing; no blank tells less', () => {
    const model = modelFrom({ x: 'p', y: 'n' }, ['t'], 0.1);
    const chance = (result: TestResult) => of(posterior(model, [result]), 'x');
    expect(chance({ test: 't', outcome: 'unsure' })).toBeCloseTo(0.5, 9);
    expect(chance({ test: 't', outcome: 'p', blank: 'same' })).toBeCloseTo(0.5, 9);
    expect(chance({ test: 't', outcome: 'p', blank: 'none' })).toBeGreaterThan(0.6);
    expect(chance({ test: 't', outcome: 'p', blank: 'none' })).toBeLessThan(0.85);
    expect(nextTests(model, [{ test: 't', outcome: 'unsure' }])).toHaveLength(1);
  });

  it('stays a distribution with a share for none of these, whatever is told (property)', () => {
    const rows = { a: 'ppn', b: 'pnn', c: 'npp', d: 'nnp' };
    const model = modelFrom(rows, ['s', 't', 'u'], 0.05, 0.02);
    const result = fc.record({
      test: fc.constantFrom('s', 't', 'u', 'unknown test'),
      outcome: fc.constantFrom('p', 'n', 'unsure', 'rubbish'),
      blank: fc.constantFrom('clean' as const, 'same' as const, 'none' as const),
    });
    fc.assert(
      fc.property(fc.array(result, { maxLength: 12 }), (results) => {
        const all = posterior(model, results);
        expect(all.reduce((sum, { probability }) => sum + probability, 0)).toBeCloseTo(1, 9);
        expect(of(all, noneOfThese)).toBeGreaterThan(0);
        for (const { bits } of nextTests(model, results))
          expect(bits).toBeLessThanOrEqual(1 + 1e-9);
      }),
    );
  });

  it('sums classes', () => {
    const all = [
      { candidate: 'a1', probability: 0.3 },
      { candidate: 'b1', probability: 0.4 },
      { candidate: 'a2', probability: 0.25 },
      { candidate: noneOfThese, probability: 0.05 },
    ];
    const [first, , none] = posteriorByClass(all, (name) => name.charAt(0));
    expect(first?.class).toBe('a');
    expect(first?.probability).toBeCloseTo(0.55, 9);
    expect(none?.class).toBe(noneOfThese);
  });

  it('names the result that is likeliest wrong, and it is the odd one', () => {
    const rows = { a: 'pppp', b: 'nnnn', c: 'ppnn' };
    const model = modelFrom(rows, ['s', 't', 'u', 'v'], 0.05, 0.02);
    const told = [
      { test: 's', outcome: 'p' },
      { test: 't', outcome: 'n' },
      { test: 'u', outcome: 'p' },
      { test: 'v', outcome: 'p' },
    ];
    const [odd, ...rest] = contradictions(model, told);
    expect(odd).toMatchObject({ test: 't', outcome: 'n', expected: 'p' });
    expect(odd?.likelyWrong).toBeGreaterThan(0.9);
    expect(rest).toHaveLength(0);
    expect(
      contradictions(
        model,
        told.filter(({ test }) => test !== 't'),
      ),
    ).toHaveLength(0);
  });
});

describe('what is concluded', () => {
  const model = modelFrom({ a: 'pppp', b: 'nnnn', c: 'ppnn' }, ['s', 't', 'u', 'v'], 0.05, 0.1);
  const told = (outcomes: string) =>
    ['s', 't', 'u', 'v']
      .slice(0, outcomes.length)
      .map((test, at) => ({ test, outcome: outcomes[at] ?? '' }));

  it('is open while several are near, identified when one is left, and neither by default', () => {
    expect(conclude(model, []).kind).toBe('open');
    expect(conclude(model, told('pp')).candidates).toEqual(['a', 'c']);
    expect(conclude(model, told('pppp'))).toMatchObject({ kind: 'identified', candidates: ['a'] });
    // Results that go with nobody.
    expect(conclude(model, told('npnp')).kind).toBe('noneOfThese');
  });

  it('is not “none of these” for leading among many with a small share', () => {
    const many = modelFrom(
      Object.fromEntries(Array.from({ length: 60 }, (_, at) => [`c${at}`, 'p'])),
      ['s'],
      0.05,
      0.02,
    );
    expect(posterior(many, [])[0]?.candidate).toBe(noneOfThese);
    expect(conclude(many, []).kind).toBe('open');
  });

  it('is told step by step, with the bits each result gave', () => {
    const path = reasoningPath(model, told('ppp'));
    expect(path.map(({ leading }) => leading)).toEqual(['a', 'a', 'a']);
    for (const { bitsBefore, bitsAfter } of path) expect(bitsAfter).toBeLessThan(bitsBefore);
  });
});

describe('melting and boiling points', () => {
  it('fall into steps, and a reading three degrees off still counts for the compound', () => {
    expect(pointOutcome(meltingPoint, 121.5)).toBe('120–125 °C');
    expect(pointOutcome(meltingPoint, 12)).toBe(meltingPoint.none);
    const [benzoic, salicylic] = [122, 159];
    const model: Model = {
      candidates: ['benzoic acid', 'salicylic acid'],
      tests: [pointModel(meltingPoint, [benzoic, salicylic])],
      noneOfThese: 0.02,
    };
    const near = posterior(model, [
      { test: 'meltingPoint', outcome: pointOutcome(meltingPoint, 119) },
    ]);
    expect(of(near, 'benzoic acid')).toBeGreaterThan(0.95);
  });

  it('have chances that add up to one', () => {
    for (const chances of pointModel(boilingPoint, [56, undefined, 400]).chances)
      expect(chances?.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 6);
  });
});

describe('the order of the schools', () => {
  it('walks the solubility tree: water, base, acid, sulfuric acid', () => {
    const told = (...pairs: [string, string][]) =>
      pairs.map(([test, outcome]) => ({ test, outcome }));
    expect(nextInTree([])).toBe('water');
    expect(nextInTree(told(['water', 'soluble']))).toBe('litmus');
    expect(nextInTree(told(['water', 'insoluble']))).toBe('base');
    expect(nextInTree(told(['water', 'insoluble'], ['base', 'soluble']))).toBe('bicarbonate');
    expect(nextInTree(told(['water', 'insoluble'], ['base', 'insoluble']))).toBe('acid');
    expect(
      nextInTree(told(['water', 'insoluble'], ['base', 'insoluble'], ['acid', 'insoluble'])),
    ).toBe('sulfuric');
    expect(nextInTree(told(['water', 'unsure']))).toBe('water');
  });

  it('is kept where the school asks for it, and what cannot be done is told with its reason', async () => {
    const compounds = await allCompounds();
    const model = organicModel(compounds);
    const fixed = rankTests(model, [], { kind: 'organic', school: 'solubilityFirst' });
    expect(fixed[0]?.test).toBe('water');
    const free = rankTests(model, [], {
      kind: 'organic',
      school: 'mostInformative',
      mostHazard: 2,
      sampleMg: 50,
    });
    expect(free.every(({ hazard, sampleMg }) => hazard <= 2 && sampleMg <= 50)).toBe(true);
    const held = heldBack(model, [], {
      kind: 'organic',
      school: 'mostInformative',
      sampleMg: 80,
      hasReagent: (one) => one !== 'bromine water',
    });
    expect(held.find(({ test }) => test === 'water')?.why).toMatch(/needs 100 mg of sample/);
    expect(held.find(({ test }) => test === 'bromineWater')?.why).toMatch(
      /bromine water is not at hand/,
    );
  });
});

describe('a set of unknowns', () => {
  it('finds the pairs that no test separates', () => {
    const model = modelFrom({ a: 'pp', b: 'pn', c: 'pn' }, ['s', 't'], 0.05);
    expect(inseparablePairs(model)).toEqual([['b', 'c']]);
    expect(checkSet(model, (test) => test !== 't').inseparable).toHaveLength(3);
  });

  it('finds a set as small as trying all of them does (property)', () => {
    const names = ['a', 'b', 'c', 'd', 'e'];
    fc.assert(
      fc.property(
        fc.array(fc.stringMatching(/^[pq]{5}$/), { minLength: 2, maxLength: 6 }),
        (codes) => {
          const model = modelFrom(
            Object.fromEntries(codes.map((code, at) => [`c${at}`, code])),
            names,
          );
          const all = inseparablePairs(model).length;
          const separating = Array.from({ length: 2 ** names.length }, (_, mask) =>
            names.filter((__, at) => (mask >> at) & 1),
          ).filter(
            (chosen) =>
              inseparablePairs({
                ...model,
                tests: model.tests.filter(({ name }) => chosen.includes(name)),
              }).length === all,
          );
          const { tests, smallest } = smallestSet(model);
          expect(smallest).toBe(true);
          expect(tests).toHaveLength(Math.min(...separating.map(({ length }) => length)));
        },
      ),
      { numRuns: 40 },
    );
  });

  it('needs log₂ n tests for a perfect code, and never fewer by greed than by trying all', () => {
    const rows = Object.fromEntries(
      Array.from({ length: 8 }, (_, at) => [`c${at}`, at.toString(2).padStart(3, '0')]),
    );
    expect(expectedTests(modelFrom(rows, ['a', 'b', 'c']))).toBe(3);
    fc.assert(
      fc.property(
        fc.array(fc.stringMatching(/^[pqn]{5}$/), { minLength: 2, maxLength: 8 }),
        (codes) => {
          const model = modelFrom(Object.fromEntries(codes.map((code, at) => [`c${at}`, code])), [
            'a',
            'b',
            'c',
            'd',
            'e',
          ]);
          expect(expectedTests(model)).toBeGreaterThanOrEqual(fewestTests(model) - 1e-9);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('on small sets is within a tenth of the best tree, and needs a quarter fewer tests than the fixed tree', async () => {
    const { mostTelling, bestTree, fixed } = await testsToIdentify();
    expect(mostTelling / bestTree).toBeLessThan(1.1);
    expect(mostTelling / fixed).toBeLessThan(0.75);
  });
});

describe('what inorganic unknowns show', () => {
  /**
   * The classical tables of cations and anions: A. I. Vogel, Textbook of Macro and Semimicro Qualitative Inorganic Analysis, and the
   * drop-test tables of school boards; recalled from memory.
   */
  const tables: Record<string, string> = {
    'Ag^+':
      'NaOH brown precipitate; NH3Excess dissolves; HCl white precipitate; KI yellow precipitate; K2CrO4 red-brown precipitate; H2SAcidified black precipitate',
    'Pb^2+':
      'NaOH white precipitate; NaOHExcess dissolves; NH3 white precipitate; NH3Excess stays; HCl white precipitate; H2SO4 white precipitate; KI yellow precipitate; K2CrO4 yellow precipitate; H2SAcidified black precipitate',
    'Cu^2+':
      'solutionColour blue; NaOH blue precipitate; NaOHExcess stays; NH3 blue precipitate; NH3Excess deep blue; flame blue-green; H2SAcidified black precipitate; K4Fe(CN)6 red-brown precipitate; HCl no change',
    'Fe^2+':
      'NaOH green precipitate; NaOHExcess stays; NH3 green precipitate; H2SAcidified no change; KSCN no change',
    'Fe^3+':
      'NaOH red-brown precipitate; NaOHExcess stays; NH3 red-brown precipitate; NH3Excess stays; KSCN deep red; K4Fe(CN)6 deep blue precipitate',
    'Al^3+':
      'NaOH white precipitate; NaOHExcess dissolves; NH3 white precipitate; NH3Excess stays; flame no colour; HCl no change',
    'Cr^3+': 'NaOH green precipitate; NaOHExcess dissolves; NH3 green precipitate; NH3Excess stays',
    'Zn^2+':
      'NaOH white precipitate; NaOHExcess dissolves; NH3 white precipitate; NH3Excess dissolves; K4Fe(CN)6 white precipitate; H2SO4 no change',
    'Mn^2+': 'NaOH white precipitate; NaOHExcess stays; H2SAcidified no change',
    'Ni^2+':
      'solutionColour green; NaOH green precipitate; NaOHExcess stays; NH3 green precipitate; dimethylglyoxime red precipitate',
    'Co^2+': 'solutionColour pink; NaOH blue precipitate; NaOHExcess stays',
    'Ca^2+':
      'NaOH white precipitate; NH3 no change; Na2CO3 white precipitate; flame orange; H2SO4 white precipitate',
    'Sr^2+': 'NH3 no change; Na2CO3 white precipitate; H2SO4 white precipitate; flame red',
    'Ba^2+':
      'NH3 no change; Na2CO3 white precipitate; H2SO4 white precipitate; flame yellow-green; K2CrO4 yellow precipitate',
    'Mg^2+': 'NaOH white precipitate; NaOHExcess stays; H2SO4 no change; flame no colour',
    'NH4^+': 'NaOH no change; NaOHWarm turns blue',
    'Na^+': 'flame yellow; NaOH no change; NaOHWarm stays red',
    'K^+': 'flame violet; Na2CO3 no change',
    'Cl^-': 'AgNO3Acidified white precipitate; BaCl2Acidified no change; HCl no change',
    'Br^-': 'AgNO3Acidified cream precipitate; chlorineWater yellow',
    'I^-': 'AgNO3Acidified yellow precipitate; chlorineWater brown; BaCl2Acidified no change',
    'SO4^2-':
      'BaCl2Acidified white precipitate; AgNO3Acidified no change; HCl no change; BaCl2 white precipitate',
    'CO3^2-':
      'HCl bubbles; HClLimewater turns milky; BaCl2 white precipitate; BaCl2Acidified no change; pH alkaline; CaCl2 white precipitate',
    'SO3^2-': 'BaCl2 white precipitate; HClLimewater turns milky',
    'S2O3^2-': 'HCl yellow precipitate',
    'PO4^3-': 'BaCl2 white precipitate; BaCl2Acidified no change; CaCl2 white precipitate',
    'NO3^-': 'AgNO3Acidified no change; BaCl2Acidified no change; HCl no change; CaCl2 no change',
    'SCN^-': 'FeCl3 deep red; AgNO3Acidified white precipitate',
  };
  const cases = Object.entries(tables).flatMap(([ion, line]) =>
    line
      .split('; ')
      .map((one) => [ion, one.split(' ')[0] ?? '', one.split(' ').slice(1).join(' ')] as const),
  );

  it('is checked on at least eighty pairs', () => expect(cases.length).toBeGreaterThan(80));

  it.each(cases)('%s with %s: %s', (ion, test, outcome) => {
    expect(outcomesOf(readCandidate(ion))[test]).toContain(outcome);
  });

  it('takes up to four parts, and says so of more', () => {
    expect(readCandidate('Cu^2+ + zinc sulfate').salts).toEqual(['Cu(NO3)2', 'ZnSO4']);
    expect(() => readCandidate('NaCl + KCl + KBr + KI + NaI')).toThrow(/1 to 4/);
  });

  it('of a mixture are those of both parts', () => {
    const both = outcomesOf(readCandidate('Fe^3+ + Cl^-'));
    expect(both['AgNO3Acidified']).toContain('white precipitate');
    expect(both['KSCN']).toContain('red');
  });
});

describe('the classical separation', () => {
  const stagesOf = (mixture: string) => {
    const { stages, left, notPredicted } = runScheme(readCandidate(mixture));
    expect(notPredicted).toBeUndefined();
    return {
      where: (ion: string) =>
        stages
          .filter(({ shares }) => (shares.find((one) => one.ion === ion)?.share ?? 0) > 0.5)
          .map(({ group }) => group.label),
      left: left.map(({ ion }) => ion),
      stages,
    };
  };

  // The groups of Vogel’s Qualitative Inorganic Analysis, recalled from memory.
  it.each([
    ['Ag^+ + Cu^2+ + Fe^3+ + Zn^2+', ['Group I', 'Group II', 'Group III', 'Group IV']],
    ['Pb^2+ + Al^3+ + Ni^2+ + Ca^2+', ['Group I', 'Group III', 'Group IV', 'Group V']],
    ['Cr^3+ + Mn^2+ + Ba^2+', ['Group III', 'Group IV', 'Group V']],
    ['Fe^2+ + Sr^2+', ['Group III', 'Group V']],
    ['Cu^2+ + Zn^2+', ['Group II', 'Group IV']],
  ])('sends %s to their groups', (mixture, groups) => {
    const { where } = stagesOf(mixture);
    expect(mixture.split(' + ').map((ion) => where(ion)[0])).toEqual(groups);
  });

  it('leaves sodium, potassium and most magnesium to the end, and lead in two groups', () => {
    expect(stagesOf('Mg^2+ + K^+').left).toEqual(['Mg^2+', 'K^+']);
    const { stages } = stagesOf('Pb^2+ + K^+');
    expect(stages.filter(({ shares }) => shares.some(({ ion }) => ion === 'Pb^2+'))).toHaveLength(
      2,
    );
  });
});

describe('the kit of a day with unknowns', () => {
  it('has every reagent of the kinds that are dealt, once, and what can hurt', () => {
    const { reagents, cautions, waste } = testKit(['inorganic', 'inorganic']);
    expect(reagents).toContain('potassium chromate');
    expect(new Set(reagents).size).toBe(reagents.length);
    expect(cautions.map(({ label }) => label)).toContain('Hydrogen sulfide in acid');
    expect(waste).toHaveLength(1);
    expect(testKit(['organic']).reagents).not.toContain('potassium chromate');
  });

  it('holds a jar for the worst it may be, and says nothing where there is none', () => {
    expect(testKit(['organic']).handling.join(' ')).toContain('treat it as harmful');
    expect(testKit([])).toEqual({
      reagents: [],
      cautions: [],
      handling: [],
      firstAid: [],
      waste: [],
    });
  });
});

describe('the identify verb', () => {
  const run = (input: unknown) => commands['identify']?.(input) as Promise<Record<string, never>>;

  it('narrows an organic unknown down and explains the next test', async () => {
    const found = await run({
      kind: 'organic',
      candidates: [
        'propanone',
        'butanal',
        'ethanol',
        'hexane',
        { name: 'own', smiles: 'CCC(=O)CC' },
      ],
      results: [
        { test: 'dnp', outcome: 'positive' },
        { test: 'iodoform', outcome: 'negative' },
        { test: 'silverMirror', outcome: 'negative' },
      ],
    });
    expect(found).toMatchObject({
      posterior: expect.arrayContaining([
        { candidate: 'own', probability: expect.any(Number) as number },
      ]) as unknown,
    });
    const [first] = found['posterior'] as unknown as { candidate: string; probability: number }[];
    expect(first?.candidate).toBe('own');
    const [next] = found['next'] as unknown as { informationBits: number; why: string }[];
    expect(next?.why).toMatch(/bits/);
  });

  it('tells a contradiction and which test to repeat', async () => {
    const found = await run({
      kind: 'organic',
      candidates: ['propanone', 'ethanol', 'butanal', 'propan-2-ol'],
      results: [
        { test: 'dnp', outcome: 'positive' },
        { test: 'iodoform', outcome: 'positive' },
        { test: 'cericNitrate', outcome: 'positive' },
        { test: 'silverMirror', outcome: 'negative' },
        { test: 'chromicAcid', outcome: 'negative' },
      ],
    });
    expect(found['contradictions']).toMatchObject([{ test: 'cericNitrate' }]);
  });

  it('reads an observation or a word, with copper told from zinc', async () => {
    const found = await run({
      kind: 'inorganic',
      candidates: ['CuSO4', 'ZnSO4', 'NaCl'],
      results: [
        {
          test: 'NaOH',
          outcome: { kind: 'precipitate', colour: 'pale blue', texture: 'gelatinous' },
        },
        { test: 'NH3Excess', outcome: 'dissolves, deep blue solution' },
      ],
    });
    expect(
      (found['posterior'] as unknown as { candidate: string; probability: number }[])[0]?.candidate,
    ).toBe('CuSO4');
  });

  it('names candidates that no test tells apart', async () => {
    const found = await run({
      kind: 'organic',
      candidates: ['hexane', 'heptane', { name: 'jar 4', smiles: 'CCCCCC' }],
    });
    expect(JSON.stringify(found['alike'])).toContain('jar 4');
  });

  it.each([
    ['no candidate', { candidates: [] }, 'invalidInput', 'candidates'],
    ['an unknown name', { candidates: ['ethanoll'] }, 'unknownCompound', 'candidates.0'],
    [
      'no structure',
      { candidates: [{ name: 'x', smiles: 'C1CC' }] },
      'badStructure',
      'candidates.0',
    ],
    [
      'all classes out',
      { candidates: ['ethanol'], excludedClasses: ['alcohols'] },
      'noCandidates',
      'excludedClasses',
    ],
    [
      'no such class',
      { candidates: ['ethanol'], excludedClasses: ['spirits'] },
      'unknownClass',
      'excludedClasses.0',
    ],
    [
      'no such test',
      { candidates: ['ethanol'], results: [{ test: 'lick', outcome: 'positive' }] },
      'unknownTest',
      'results.0.test',
    ],
    [
      'no such outcome',
      { candidates: ['ethanol'], results: [{ test: 'dnp', outcome: 'mauve' }] },
      'unknownOutcome',
      'results.0.outcome',
    ],
  ])('refuses %s in words', async (_, input, code, field) => {
    const asked = async () => run({ kind: 'organic', ...input });
    await expect(asked()).rejects.toMatchObject({ code, field });
  });

  it.each([
    ['flame', 'lilac', ['violet', 'yellow', 'no colour'], 'violet'],
    ['flame', 'brick red', ['orange', 'red'], 'orange'],
    ['NaOHExcess', 'redissolves', ['dissolves', 'stays'], 'dissolves'],
    [
      'NH3Excess',
      'deep blue solution',
      ['dissolves', 'dissolves, deep blue solution'],
      'dissolves, deep blue solution',
    ],
    ['HCl', 'effervescence', ['bubbles', 'no change', 'bubbles, dissolves'], 'bubbles'],
    [
      'AgNO3Acidified',
      'pale yellow precipitate',
      ['white precipitate', 'yellow precipitate'],
      'yellow precipitate',
    ],
    [
      'AgNO3Acidified',
      'white',
      ['white precipitate', 'bubbles, white precipitate'],
      'white precipitate',
    ],
    ['litmus', 'turns red', ['positive', 'negative'], 'positive'],
    ['KI', 'no reaction', ['yellow precipitate', 'no change'], 'no change'],
  ])('reads “%s: %s” in the words of the trade', (test, told, outcomes, meant) => {
    expect(readOutcome(test, told, outcomes, true)).toBe(meant);
  });

  it('reads a point by its number and refuses what is none', () => {
    expect(readOutcome('meltingPoint', '121-123', [], false)).toBe('120–125 °C');
    expect(() => readOutcome('meltingPoint', 'hot', [], false)).toThrow(/not what/);
  });
});
