import { MF } from 'mf-parser';
import { describe, expect, it } from 'vitest';
import { firstSettings } from '../src/labday/settings/settings';
import { parseFormula } from '../src/matter/formula/parseFormula';
import { library } from '../src/planning/procedure/library';
import { allReportParts, asText, chooseParts } from '../src/report/dayReport/document';
import { markdownOf } from '../src/report/dayReport/markdown';
import { allQuestionKinds } from '../src/report/worksheet/question';
import { mostCopies, questionSets, worksheet } from '../src/report/worksheet/worksheet';
import type { Question } from '../src/report/worksheet/question';
import type { WorksheetRequest } from '../src/report/worksheet/worksheet';
import { procedureOfMixing } from '../src/planning/procedure/mixing';
import type { Procedure } from '../src/planning/procedure/procedure';
import { shipped } from './support/day';

const request = (id: string, more: Partial<WorksheetRequest> = {}): WorksheetRequest => ({
  procedure: shipped(id),
  settings: firstSettings,
  table: true,
  kinds: allQuestionKinds,
  count: 12,
  seed: 7,
  copies: 1,
  ...more,
});
const asked = (id: string, kind: Question['kind'], more: Partial<WorksheetRequest> = {}) =>
  questionSets(request(id, { kinds: [kind], count: 40, ...more })).flatMap(
    ({ questions }) => questions,
  );

describe('the library', () => {
  it.each(library.map((procedure) => [procedure.id, procedure] as const))(
    '%s has an answer with marks for every question',
    (_, { questions, answers }) => {
      expect(answers).toHaveLength(questions.length);
      for (const answer of answers) expect(answer).toMatch(/\(\d/);
    },
  );
});

describe('the table of a worksheet', () => {
  const tableOf = (procedure: Procedure): string =>
    markdownOf(
      chooseParts(worksheet({ ...request('clear-pairs', { kinds: [] }), procedure }), {
        parts: allReportParts,
        version: 'class',
      }),
    );

  it('says how much of what goes where', () => {
    expect(tableOf(shipped('clear-pairs'))).toMatch(/mL 0\.4 M NaOH, .*into/);
    expect(tableOf(shipped('metals-on-water'))).toMatch(/g .*, into/);
  });

  it('has every caution that the engine makes, for pupils as for anyone', () => {
    // Potassium on water burns, and more than a grain of it is too much (common practice).
    expect(tableOf(shipped('metals-on-water'))).toMatch(
      /with water: heat and a gas that may catch fire/,
    );
    // Hexacyanidoferrates keep their cyanide in cold dilute acid, and no other.
    const blue = procedureOfMixing('p', {
      container: 'testTube',
      a: { substance: 'K4Fe(CN)6', concentrationM: 0.05, volumeMl: 2 },
      b: { substance: 'H2SO4', concentrationM: 0.5, volumeMl: 2 },
    });
    expect(tableOf(blue)).toMatch(/hydrogen cyanide when the acid is hot/);
  });
});

describe('questions to balance', () => {
  const withReactions = ['clear-pairs', 'five-kinds-of-reaction', 'metals-in-acid', 'metal-trees'];

  it.each(withReactions)(
    'of %s have answers with as many atoms and charges on both sides',
    (id) => {
      const questions = asked(id, 'balance');
      expect(questions.length).toBeGreaterThan(0);
      for (const { prompt, answer } of questions) {
        expect(asText(prompt)).toContain('___');
        const sides = balanceOf(asText(answer));
        expect(sides[0], asText(answer)).toEqual(sides[1]);
      }
    },
  );

  /** Atoms and charge of each side, counted by the formula reader. */
  function balanceOf(equation: string): Record<string, number>[] {
    return equation.split('→').map((side) => {
      const total: Record<string, number> = {};
      for (const part of side.trim().split(' + ')) {
        const [, number = '1', text = ''] = /^(?:(\d+) )?(.+)$/.exec(part) ?? [];
        // Raised charges were set apart; read back as they are written.
        const formula = text.replace(
          /(\d*)([+−])(?=\(|$)/,
          (_, n: string, sign: string) => `^${n}${sign === '−' ? '-' : '+'}`,
        );
        const { elements, charge } = parseFormula(formula);
        for (const [symbol, n] of Object.entries({ ...elements, charge }))
          total[symbol] = (total[symbol] ?? 0) + Number(number) * n;
      }
      return total;
    });
  }
});

describe('questions to compute', () => {
  // The registry package mf-parser weighs formulae independently of ours.
  it('ask for masses that another reader of formulae finds too', () => {
    const questions = asked('clear-pairs', 'compute', { copies: mostCopies });
    const masses = questions.filter(({ prompt }) => asText(prompt).startsWith('What mass of'));
    expect(masses.length).toBeGreaterThan(10);
    let checked = 0;
    for (const { prompt, answer } of masses) {
      const [, form = '', ml, m] =
        /What mass of (.+) makes ([\d.]+) mL of a solution of ([\d.]+) mol/.exec(asText(prompt)) ??
        [];
      // It reads no hydrates.
      if (form.includes('·')) continue;
      const massG = (new MF(form).getInfo().mass * Number(ml) * Number(m)) / 1000;
      // Told to three figures.
      expect(Number.parseFloat(asText(answer)) / massG).toBeCloseTo(1, 2);
      checked += 1;
    }
    expect(checked).toBeGreaterThan(3);
  });

  it('ask for a dilution by c₁V₁ = c₂V₂', () => {
    const [question] = asked('clear-pairs', 'compute').filter(({ prompt }) =>
      asText(prompt).startsWith('How much of'),
    );
    const [c1 = 0, v2 = 0, c2 = 0] = [
      ...asText(question?.prompt ?? []).matchAll(/([\d.]+) m(?:ol|L)/g),
    ].map(([, number]) => Number(number));
    expect(Number.parseFloat(asText(question?.answer ?? []))).toBeCloseTo((c2 * v2) / c1, 1);
  });

  it('give weighings of a dish from which x is found again', () => {
    const [question] = asked('crystal-water-by-mass', 'compute').filter(({ prompt }) =>
      asText(prompt).startsWith('A dish'),
    );
    const [empty = 0, full = 0, , last = 0] = [
      ...asText(question?.prompt ?? []).matchAll(/(\d+\.\d\d)/g),
    ].map(([, number]) => Number(number));
    // Molar masses of IUPAC: MgSO4 120.36, H2O 18.015 g/mol.
    const x = ((full - last) / 18.015) * (120.36 / (last - empty));
    expect(Number(/x = ([\d.]+)/.exec(asText(question?.answer ?? []))?.[1])).toBeCloseTo(x, 1);
    expect(x).toBeGreaterThan(6.5);
    expect(x).toBeLessThan(7.2);
  });
});

describe('other kinds of question', () => {
  it('predict what the engine expects, with a point for each thing seen', () => {
    const [question] = asked('halide-darkens', 'predict');
    expect(question?.points.length).toBeGreaterThan(0);
    expect(asText(question?.answer ?? [])).toContain(question?.points[0]);
  });

  it('classify in the school that is taught', () => {
    const five = asked('clear-pairs', 'classify').map(({ answer }) => asText(answer));
    expect(five).toContain('double displacement');
    const settings = { ...firstSettings, reactionTypes: 'drivingForce' as const };
    const forces = asked('clear-pairs', 'classify', { settings }).map(({ answer }) =>
      asText(answer),
    );
    expect(forces).toContain('precipitation');
    expect(forces).not.toContain('double displacement');
  });

  it('offer tests of gases of which one is right', () => {
    const [question] = asked('which-acid-for-which-carbonate', 'chooseTest');
    expect(question?.choices).toHaveLength(4);
    expect(question?.choices?.filter((one) => question.points.includes(one))).toHaveLength(1);
    expect(asText(question?.answer ?? [])).toContain('milky');
  });
});

describe('copies', () => {
  const text = (sets: ReturnType<typeof questionSets>) => JSON.stringify(sets);

  it('are the same for the same seed, and differ for another and from one another', () => {
    const one = questionSets(request('clear-pairs', { copies: 3 }));
    expect(text(one)).toBe(text(questionSets(request('clear-pairs', { copies: 3 }))));
    expect(text(one)).not.toBe(text(questionSets(request('clear-pairs', { copies: 3, seed: 8 }))));
    const [a, b] = one;
    expect(JSON.stringify(a?.questions)).not.toBe(JSON.stringify(b?.questions));
    expect(one.map(({ letter }) => letter)).toEqual(['A', 'B', 'C']);
  });

  it('hold no more than were asked for, beside those of the procedure', () => {
    const [set] = questionSets(request('clear-pairs', { count: 4 }));
    expect(set?.questions.filter(({ kind }) => kind !== 'written')).toHaveLength(4);
    expect(set?.questions.filter(({ kind }) => kind === 'written')).toHaveLength(3);
  });
});

describe('a worksheet', () => {
  it.each(library.map(({ id }) => id))('of %s has a row for every step, and no answer', (id) => {
    const { procedure, ...rest } = request(id, { kinds: ['written'], count: 0 });
    const document = worksheet({ procedure, ...rest });
    const copy = chooseParts(document, { parts: allReportParts, version: 'class' });
    const tables = copy.sections.flatMap(({ blocks }) =>
      blocks.flatMap((block) => (block.kind === 'table' ? [block] : [])),
    );
    expect(tables[0]?.rows).toHaveLength(procedure.steps.length);
    expect(tables[0]?.toFillIn).toBe(true);
    const told = markdownOf(copy);
    for (const answer of procedure.answers) expect(told).not.toContain(answer);
    expect(told).not.toContain('Answer:');
    const [withKey] = procedure.answers;
    const keyed = markdownOf(
      chooseParts(document, { parts: allReportParts, version: 'instructor' }),
    );
    if (withKey) expect(keyed).toContain('Answer:');
  });
});
