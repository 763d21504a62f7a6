import { describe, expect, it } from 'vitest';
import { indicatorMixes } from '../src/planning/prep/indicatorRecipe';
import { readRecipe } from '../src/planning/prep/readRecipe';
import { recipe } from '../src/planning/prep/recipe';
import type { RecipeRequest } from '../src/planning/prep/recipe';
import { dropNames } from '../src/vessel/pour';

const made = (request: Partial<RecipeRequest> & Pick<RecipeRequest, 'substance'>) =>
  recipe({ strength: null, unit: 'M', volumeMl: 100, balanceG: 0.01, pipettes: true, ...request });
const stepsOf = (request: Parameters<typeof made>[0]): string =>
  made(request)
    .parts.flatMap(({ steps }) => steps)
    .join('\n');

describe('a recipe', () => {
  // Textbook amounts: c·V·M with molar masses of the CRC Handbook (recalled from memory).
  it.each([
    [
      '1 M sodium sulfate, dry',
      { substance: 'sodium sulfate', strength: 1, volumeMl: 500, form: 'Na2SO4' },
      '71.02 g of Na2SO4',
    ],
    [
      '0.5 M washing soda',
      { substance: 'washing soda', strength: 0.5, volumeMl: 100 },
      '14.31 g of Na2CO3·10H2O',
    ],
    [
      '10 % w/v glucose',
      { substance: 'glucose', strength: 10, unit: '%wv', volumeMl: 20 },
      '2.00 g of C6H12O6',
    ],
    [
      '2 % w/v potassium iodide',
      { substance: 'KI', strength: 2, unit: '%wv', volumeMl: 20 },
      '0.40 g of KI',
    ],
    [
      '9 g/L salt',
      { substance: 'NaCl', strength: 9, unit: 'g/L', volumeMl: 1000 },
      '9.00 g of NaCl',
    ],
    [
      '50 mM potassium chloride',
      { substance: 'KCl', strength: 50, unit: 'mM', volumeMl: 250 },
      '0.93 g of KCl',
    ],
    [
      '0.4 M sodium hydroxide',
      { substance: 'NaOH', strength: 0.4, volumeMl: 20 },
      '0.32 g of NaOH',
    ],
    [
      '1 M green vitriol',
      { substance: 'green vitriol', strength: 1, volumeMl: 20 },
      '5.56 g of FeSO4·7H2O',
    ],
  ] as const)('of %s weighs %s', (_, request, amount) =>
    expect(stepsOf({ unit: 'M', ...request })).toContain(amount),
  );

  it('by mass weighs the water too', () => {
    const { parts, made: words } = made({
      substance: 'NaCl',
      strength: 10,
      unit: '%ww',
      volumeMl: 200,
    });
    const [solidG = 0, waterG = 0] = (parts[0]?.steps ?? []).map((step) =>
      Number(/Weigh ([\d.]+) g/.exec(step)?.[1]),
    );
    expect((100 * solidG) / (solidG + waterG)).toBeCloseTo(10, 1);
    // CRC Handbook: 10 % sodium chloride has 1.071 g/mL.
    expect((solidG + waterG) / 1.071 / 200).toBeCloseTo(1, 1);
    expect(words).toMatch(/10 % w\/w/);
  });

  it('of a suppliedd acid pours it into water, in the hood, and shows what it does', () => {
    const { parts, supplied, hazards } = made({
      substance: 'sulfuric acid',
      strength: 1,
      volumeMl: 500,
    });
    const steps = parts.at(-1)?.steps ?? [];
    // 500 mL × 1 M ÷ 18.0 M (96 %, 1.84 g/mL).
    expect(steps.join('\n')).toMatch(/28 mL|27\.5 mL/);
    expect(steps.findIndex((step) => /Put about .* water/.test(step))).toBeLessThan(
      steps.findIndex((step) => /slowly into the water/.test(step)),
    );
    expect(supplied?.statements.map(({ code }) => code)).toContain('H314');
    expect(hazards.statements.map(({ code }) => code)).not.toContain('H314');
  });

  it('of iodine takes iodide with it', () => {
    const steps = stepsOf({ substance: 'iodine', strength: 0.05 });
    expect(steps).toMatch(/1\.27 g of I2/);
    expect(steps).toMatch(/2\.54 g of KI/);
    expect(steps).toMatch(/iodine in that/);
  });

  it('of lime water is a saturated solution with solid left', () => {
    const { parts, made: words } = made({
      substance: 'lime water',
      unit: 'saturated',
      volumeMl: 500,
    });
    expect(parts[0]?.steps.join('\n')).toMatch(/Some solid must be left/);
    // About 1.6 g of calcium hydroxide dissolve in a litre at 20 °C (CRC Handbook).
    expect(words).toMatch(/0\.02\d M/);
  });

  it.each(dropNames)('is there for the drops of %s', (name) => {
    const { parts } = made({ substance: name, volumeMl: 50 });
    const words = parts[0]?.steps.join('\n') ?? '';
    expect(words).toMatch(/\d g of|ready-made/);
    for (const [, grams] of words.matchAll(/Dissolve ([\d.]+) g/g))
      expect(Number(grams)).toBeGreaterThanOrEqual(0.25);
  });

  it('has a strength for every dropping bottle', () =>
    expect(indicatorMixes.map(({ name }) => name).sort()).toEqual([...dropNames].sort()));

  it('asks which form is in the jar, and says when more is made than was asked', () => {
    expect(made({ substance: 'copper sulfate', strength: 0.1 }).askForms).toEqual([
      'CuSO4·5H2O',
      'CuSO4',
    ]);
    expect(made({ substance: 'H3PO4', strength: 0.1, volumeMl: 10 }).notes.join()).toMatch(
      /instead of 10 mL/,
    );
  });

  it.each([
    ['NaN03', 'substance'],
    ['AgNO', 'substance'],
    ['AgN3', 'substance'],
  ])('is not made for %s', (substance, field) => {
    expect(() => made({ substance, strength: 0.1 })).toThrowError(
      expect.objectContaining({ field }),
    );
  });

  it('says what is wrong with a strength', () => {
    expect(() => made({ substance: 'NaCl' })).toThrowError(
      expect.objectContaining({ field: 'strength' }),
    );
    expect(() => made({ substance: 'NaCl', strength: 100, unit: '%ww' })).toThrowError(
      expect.objectContaining({ field: 'strength' }),
    );
    expect(made({ substance: 'HCl', strength: 14 }).parts[0]?.steps.join()).toMatch(
      /cannot be made/,
    );
  });
});

describe('a line that asks for a recipe', () => {
  it.each([
    [
      '500 mL 1 M sodium sulfate',
      { substance: 'sodium sulfate', volumeMl: 500, strength: 1, unit: 'M' },
    ],
    [
      '1 M sodium sulfate 500 ml',
      { substance: 'sodium sulfate', volumeMl: 500, strength: 1, unit: 'M' },
    ],
    ['recipe 500 mL', undefined],
    ['make 2 L of 0,5 mol/L NaOH', { substance: 'NaOH', volumeMl: 2000, strength: 0.5, unit: 'M' }],
    ['250 mL saturated lime water', { substance: 'lime water', volumeMl: 250, unit: 'saturated' }],
    ['5 g/L KI 1 L', { substance: 'KI', volumeMl: 1000, strength: 5, unit: 'g/L' }],
    ['10 % w/w NaCl', { substance: 'NaCl', strength: 10, unit: '%ww' }],
    ['3 % hydrogen peroxide, 50 mL', undefined],
    ['100 ppm KNO3 250 mL', { substance: 'KNO3', volumeMl: 250, strength: 100, unit: 'ppm' }],
    ['20 mL phenolphthalein', { substance: 'phenolphthalein', volumeMl: 20 }],
    ['sodium sulfate', undefined],
    ['500 mL NaN03', undefined],
    ['lab day 3', undefined],
  ] as const)('%s', (text, read) => {
    if (text.includes('peroxide'))
      expect(readRecipe(text.replace(',', ''))).toMatchObject({
        substance: 'hydrogen peroxide',
        strength: 3,
      });
    else expect(readRecipe(text)).toEqual(read);
  });
});
