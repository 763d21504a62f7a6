import * as z from 'zod';
import { ChemistryError, inField } from '../../common/errors';
import { atMostFigures, formatNumber } from '../../common/formatNumber';
import { molarMassOf } from '../../matter/formula/molarMass';
import { findSubstance } from '../../matter/substances/findSubstance';
import { nameOnShelf } from '../../matter/substances/naming';
import { hazardsOf } from '../../safety/hazards';
import type { HazardSheet } from '../../safety/hazards';
import { prepare, stockOf } from '../../solution/preparation/prepare';
import { dissolvesM } from '../../solution/preparation/solubility';
import {
  concentrationOfPercent,
  densityGPerMl,
  percentByMass,
} from '../../solution/preparation/strength';
import { dropNames } from '../../vessel/pour';
import { howItKeeps } from './keeping';
import type { HowItKeeps } from './keeping';
import { indicatorHazards, indicatorRecipe, indicatorSteps } from './indicatorRecipe';
import { leastMassG, roundToBalance } from './measuring';
import { meansFor, prepSheet } from './prepSheet';
import type { PrepLine } from './prepSheet';
import { massText, recipeSteps } from './recipeSteps';

/** How a strength is given. */
export const strengthUnits = ['M', 'mM', '%wv', '%ww', 'g/L', 'ppm', 'saturated'] as const;
export type StrengthUnit = (typeof strengthUnits)[number];

/** A recipe that is wanted, and what it is made with. */
export const recipeRequestSchema = z.object({
  substance: z.string().min(1).max(100),
  /** In its unit; not looked at for a saturated solution. */
  strength: z.number().positive('A strength is above 0').max(1_000_000).nullable(),
  unit: z.enum(strengthUnits),
  volumeMl: z
    .number()
    .min(1, 'Make at least 1 mL')
    .max(20_000, 'At most 20 000 mL at a time: is this in µL?'),
  /** Which form is in the jar, where somebody has looked. */
  form: z.string().max(100).optional(),
  purityPercent: z.number().min(1).max(100).optional(),
  balanceG: z.number().positive().max(1),
  pipettes: z.boolean(),
});
export type RecipeRequest = z.infer<typeof recipeRequestSchema>;

/** One solution on the way, with what to do for it. */
export interface RecipePart {
  readonly title: string;
  readonly steps: readonly string[];
  readonly working: readonly string[];
}

/** A recipe that can be carried out. */
export interface Recipe {
  readonly formula: string;
  readonly name: string;
  /** Forms there are, where it is not known which is in the jar. */
  readonly askForms?: readonly string[];
  /** What was asked, mol/L; absent for an indicator. */
  readonly concentrationM?: number;
  /** Why one would not get what was asked, or only nearly. */
  readonly notes: readonly string[];
  /** In the order to make them; the last is what was asked for. */
  readonly parts: readonly RecipePart[];
  /** What it will be, and by how much that is off, in a sentence. */
  readonly made: string;
  readonly hazards: HazardSheet;
  /** What is taken from the jar or the bottle as supplied, where it is classified. */
  readonly supplied?: HazardSheet;
  readonly keeps: HowItKeeps;
}

/**
 * A recipe for one solution: any strength in any unit, with amounts that this balance and this glassware measure within two per
 * cent.
 *
 * @throws ChemistryError for an unknown substance, one that is not kept in jars, or a strength out of range.
 * @example recipe({ substance: 'sodium sulfate', strength: 1, unit: 'M', volumeMl: 500, form: 'Na2SO4', balanceG: 0.01,
 *   pipettes: true }).parts[0].steps[0] // 'Weigh 71.02 g of Na2SO4: …'
 */
export function recipe(request: RecipeRequest): Recipe {
  const { substance: text, volumeMl } = request;
  if (dropNames.includes(text.trim().toLowerCase())) return ofIndicator(request);
  const found = inField('substance', () => findSubstance(text));
  const { formula } = found.substance;
  // A jar that was named settles which form it is.
  const form = request.form ?? found.form;
  const { concentrationM, notes } = strengthAsked(request, formula, form);
  refuseImpossible(formula, concentrationM, volumeMl);
  const means = {
    forms: form === undefined ? {} : { [formula]: form },
    purity:
      request.purityPercent === undefined || form === undefined
        ? {}
        : { [form]: request.purityPercent },
    balanceG: request.balanceG,
    pipettes: request.pipettes,
  };
  const key = `${formula} ${concentrationM}`;
  const supplied = hazardsOf(formula);
  const common = {
    formula,
    name: nameOnShelf('stock', formula),
    concentrationM,
    hazards: hazardsOf({ substance: formula, concentrationM }),
    ...(supplied.statements.length > 0 && { supplied }),
    keeps: howItKeeps(formula),
  };
  const known = meansFor(formula, means);
  if (request.unit === 'saturated' && !stockOf(formula))
    return { ...common, ...saturated(formula, known.form, known.forms, request), notes };
  if (request.unit === '%ww' && !stockOf(formula) && request.strength !== null)
    return {
      ...common,
      ...byMass(formula, known.form, known.forms, { ...request, strength: request.strength }),
      notes,
    };
  const lines = prepSheet(
    [{ key, substance: formula, concentrationM, usedMl: volumeMl, makeMl: volumeMl }],
    means,
  );
  const last = lines.find((line) => line.key === key);
  if (!last) throw new Error('A recipe has no line for what was asked.');
  return {
    ...common,
    ...(last.making.kind === 'askForm' && { askForms: last.making.forms }),
    notes: [...notes, ...whyMore(last, volumeMl)],
    parts: [...lines.filter((line) => line !== last), last].map(partOf),
    made: madeWords(last),
  };
}

/** Refuses what stands in no jar, and concentrations nobody makes. */
function refuseImpossible(substance: string, concentrationM: number, volumeMl: number): void {
  try {
    prepare({ substance, concentrationM, volumeMl });
  } catch (error) {
    throw error instanceof ChemistryError && error.field === 'concentrationM'
      ? error.in('strength')
      : error;
  }
}

const partOf = (line: PrepLine): RecipePart => ({
  title: `${formatNumber(line.totalMl)} mL of ${atMostFigures(line.concentrationM, 4)} M ${line.substance}`,
  steps: recipeSteps(line),
  working:
    line.making.kind === 'weigh' || line.making.kind === 'stock'
      ? line.making.recipe.working
      : line.making.kind === 'fromOther'
        ? line.making.working
        : [],
});

/** What was asked, what it will be, and by how much that is off. */
export function madeWords({ concentrationM, madeM, offPercent, making }: PrepLine): string {
  if (making.kind === 'askForm' || making.kind === 'impossible') return '';
  const asked = `${atMostFigures(concentrationM, 4)} M asked; this makes ${atMostFigures(madeM, 4)} M`;
  const off = Math.abs(offPercent);
  return off < 0.05
    ? `${asked}.`
    : `${asked}, ${atMostFigures(off, 2)} % ${offPercent > 0 ? 'stronger' : 'weaker'}.`;
}

function whyMore({ totalMl, making }: PrepLine, volumeMl: number): string[] {
  return totalMl > volumeMl + 10 && making.kind !== 'fromOther'
    ? [
        `${formatNumber(totalMl)} mL is made instead of ${formatNumber(volumeMl)} mL: less could not be measured within 2 % here.`,
      ]
    : [];
}

/** The strength asked for, mol/L, and what a reader should know of its unit. */
function strengthAsked(
  { strength, unit, form: asked }: RecipeRequest,
  formula: string,
  form: string | undefined,
): { readonly concentrationM: number; readonly notes: readonly string[] } {
  if (unit === 'saturated') return { concentrationM: dissolvesM(formula), notes: [] };
  if (strength === null) throw ChemistryError.of('missingAmount').in('strength');
  const perL = (gramsPerL: number, of: string): number => gramsPerL / molarMassOf(of);
  const weighed = asked ?? form ?? formula;
  switch (unit) {
    case 'M':
      return { concentrationM: strength, notes: [] };
    case 'mM':
      return { concentrationM: strength / 1000, notes: [] };
    case 'g/L':
      return { concentrationM: perL(strength, weighed), notes: [`Grams of ${weighed}.`] };
    case '%wv':
      return {
        concentrationM: perL(10 * strength, weighed),
        notes: [`${formatNumber(strength)} g of ${weighed} in 100 mL.`],
      };
    case 'ppm':
      return {
        concentrationM: perL(strength / 1000, formula),
        notes: [`${formatNumber(strength)} mg of ${formula}, dry, in a litre.`],
      };
    case '%ww':
      if (strength >= 100)
        throw ChemistryError.of(
          'outOfRange',
          'The strength',
          `${strength} %`,
          'less than 100 %',
        ).in('strength');
      return {
        concentrationM: concentrationOfPercent(formula, strength),
        notes: [
          `${formatNumber(strength)} g of ${formula}, dry, in 100 g of solution; the volume is good to a few per cent.`,
        ],
      };
  }
}

/** More than dissolves, so that some stays at the bottom. */
const excess = 1.1;

function saturated(
  formula: string,
  form: string | undefined,
  forms: readonly string[],
  { volumeMl, balanceG }: RecipeRequest,
): Pick<Recipe, 'parts' | 'made' | 'askForms'> {
  const title = `${formatNumber(volumeMl)} mL of a saturated solution of ${formula}`;
  const strength = `About ${atMostFigures(dissolvesM(formula), 2)} M (${atMostFigures(percentByMass(formula, dissolvesM(formula)), 2)} % w/w) at 20 °C.`;
  if (form === undefined)
    return {
      askForms: forms,
      parts: [
        {
          title,
          steps: [whichForm(forms)],
          working: [],
        },
      ],
      made: strength,
    };
  const { massG = 0, working } = prepare({
    substance: formula,
    form,
    concentrationM: excess * dissolvesM(formula),
    volumeMl,
  });
  return {
    parts: [
      {
        title,
        steps: [
          `Weigh ${massText(Math.max(1, roundToBalance(massG, balanceG)))} of ${form}: a tenth more than dissolves, so the mass need not be exact.`,
          `Shake or stir it with ${formatNumber(volumeMl)} mL of distilled water for half an hour, or leave it overnight, stoppered.`,
          'Let it settle and pour the clear part off, or filter it. Some solid must be left; if there is none, add more.',
        ],
        working,
      },
    ],
    made: strength,
  };
}

/** Per cent by mass: solid and water are both weighed, so that no density is needed for the strength. */
function byMass(
  formula: string,
  form: string | undefined,
  forms: readonly string[],
  {
    strength,
    volumeMl,
    balanceG,
    purityPercent = 100,
  }: RecipeRequest & { readonly strength: number },
): Pick<Recipe, 'parts' | 'made' | 'askForms'> {
  const title = `${formatNumber(volumeMl)} mL of ${formatNumber(strength)} % ${formula} by mass`;
  if (form === undefined)
    return {
      askForms: forms,
      parts: [{ title, steps: [whichForm(forms)], working: [] }],
      made: '',
    };
  const wholeG = densityGPerMl(formula, concentrationOfPercent(formula, strength)) * volumeMl;
  const dryG = (strength / 100) * wholeG;
  const solidG = (dryG * molarMassOf(form)) / molarMassOf(formula) / (purityPercent / 100);
  // Little is made more of, until it can be weighed.
  const times = Math.max(1, leastMassG(balanceG) / solidG);
  const weighedG = roundToBalance(times * solidG, balanceG);
  const waterG = times * wholeG - weighedG;
  if (waterG <= 0)
    throw ChemistryError.of(
      'outOfRange',
      'The strength',
      `${formatNumber(strength)} %`,
      `less than ${form} itself has of ${formula}`,
    ).in('strength');
  return {
    parts: [
      {
        title,
        steps: [
          `Weigh ${massText(weighedG)} of ${form}: empty boat on, tare, wait until the balance has settled.`,
          `Weigh ${massText(roundToBalance(waterG, Math.max(balanceG, 0.1)))} of distilled water into a beaker (as many millilitres).`,
          'Dissolve the one in the other, stirring. Nothing is made up to a mark.',
        ],
        working: [
          `${formatNumber(strength)} % × ${atMostFigures(times * wholeG, 4)} g = ${atMostFigures(times * dryG, 4)} g of ${formula}`,
          ...(form === formula
            ? []
            : [
                `as ${form}: × ${atMostFigures(molarMassOf(form), 5)} ÷ ${atMostFigures(molarMassOf(formula), 5)} = ${atMostFigures(times * solidG, 4)} g`,
              ]),
        ],
      },
    ],
    made: `${formatNumber(strength)} % w/w, about ${atMostFigures(concentrationOfPercent(formula, strength), 3)} M.`,
  };
}

const whichForm = (forms: readonly string[]): string =>
  `Read the jar: is it ${forms.join(' or ')}? They need different masses.`;

function ofIndicator({ substance, volumeMl, balanceG, pipettes }: RecipeRequest): Recipe {
  const name = substance.trim().toLowerCase();
  const made = indicatorRecipe(name, volumeMl, { balanceG, pipettes });
  if (!made)
    throw ChemistryError.of('unknownIndicator', substance, dropNames.join(', ')).in('substance');
  const { percentWV } = made.mix;
  return {
    formula: '',
    name,
    notes: [],
    parts: [
      {
        title: `${formatNumber(made.makeMl)} mL of ${name}`,
        steps: indicatorSteps(made),
        working: [],
      },
    ],
    made:
      percentWV === undefined
        ? ''
        : `${formatNumber(percentWV)} % w/v: the strength the predictions count drops of.`,
    hazards: indicatorHazards(made.mix),
    keeps: howItKeeps(name),
  };
}
