import * as z from 'zod';
import { ChemistryError, inField } from '../../common/errors';
import {
  anhydrousFormula,
  molarMassOf,
  waterOfCrystallisation,
} from '../../matter/formula/molarMass';
import { parseFormula } from '../../matter/formula/parseFormula';
import { findSubstance, shelfSubstances } from '../../matter/substances/findSubstance';
import type { StockSolution } from '../../matter/substances/types';
import { acidWords, dissolvingAid } from './dissolvingAids';
import type { DissolvingAid } from './dissolvingAids';
import { dissolvesM } from './solubility';
import { atMostFigures, formatNumber, withFigures, withPlaces } from '../../common/formatNumber';

/** What is to be made, and from what. Exactly one of the three concentrations is given. */
export const prepareSchema = z.object({
  substance: z.string().min(1).max(100),
  form: z.string().min(1).max(100).optional(),
  concentrationM: z.number().optional(),
  percentWV: z.number().optional(),
  massConcentrationGPerL: z.number().optional(),
  volumeMl: z.number(),
  purityPercent: z.number().optional(),
  from: z
    .union([
      z.object({ stockM: z.number() }),
      z.object({ stockPercentWW: z.number(), densityGPerMl: z.number().optional() }),
    ])
    .optional(),
});

export type PrepareRequest = z.infer<typeof prepareSchema>;

/** How to make a solution: a mass to weigh or a volume of stock to measure, with the working line by line. */
export interface Recipe {
  readonly formula: string;
  readonly form?: string;
  readonly concentrationM: number;
  readonly massG?: number;
  readonly stockVolumeMl?: number;
  readonly working: readonly string[];
  readonly cautions: readonly string[];
}

/**
 * Works out how to make up a solution: m = c·V·M for a solid of the named form, corrected for purity;
 * or V₁ = c₂V₂/c₁ from a stock, whose concentration may be given as mass percentage and density.
 *
 * @throws ChemistryError naming the field when a value is missing, doubled or out of range.
 * @example prepare({ substance: 'NaOH', concentrationM: 0.4, volumeMl: 20 }).massG // 0.32
 */
export function prepare(request: PrepareRequest): Recipe {
  const { volumeMl, purityPercent = 100 } = request;
  requireRange('volumeMl', 'The volume', volumeMl, 0.01, 100_000, 'mL');
  requireRange('purityPercent', 'The purity', purityPercent, 1, 100, '%');
  const identity = inField('substance', () => identify(request.substance));
  const named = identity.form ?? identity.formula;
  const form = request.form === undefined ? named : readForm(request.form, identity);
  const wanted = readConcentration(request, named);
  const { concentrationM } = wanted;
  requireRange('concentrationM', 'The concentration', concentrationM, 1e-9, 20, 'mol/L');
  const amountMol = (concentrationM * volumeMl) / 1000;
  const working = [
    ...wanted.working,
    `amount = ${show(concentrationM)} mol/L × ${show(volumeMl / 1000)} L = ${show(amountMol)} mol`,
  ];
  if (request.from) return dilute(request, request.from, identity.formula, concentrationM, working);
  const bottle = stockOf(identity.formula);
  const diluted =
    bottle && bottle.concentrationM >= concentrationM
      ? dilute(
          request,
          { stockPercentWW: bottle.percentWW, densityGPerMl: bottle.densityGPerMl },
          identity.formula,
          concentrationM,
          [],
        )
      : undefined;
  const molarMass = molarMassOf(form);
  const pureG = amountMol * molarMass;
  const massG = pureG / (purityPercent / 100);
  working.push(
    `M(${form}) = ${withPlaces(molarMass, 3)} g/mol`,
    `mass = ${show(amountMol)} mol × ${withPlaces(molarMass, 3)} g/mol = ${show(pureG)} g`,
  );
  if (purityPercent !== 100)
    working.push(
      `at ${formatNumber(purityPercent)} % purity: ${show(pureG)} g ÷ ${formatNumber(purityPercent / 100)} = ${show(massG)} g`,
    );
  return {
    formula: identity.formula,
    form,
    concentrationM,
    massG,
    ...(diluted?.stockVolumeMl !== undefined && { stockVolumeMl: diluted.stockVolumeMl }),
    working: [...working, ...(diluted?.working ?? [])],
    cautions: diluted
      ? [...diluted.cautions]
      : [
          ...tooStrong(identity.formula, concentrationM),
          ...cautionsFor(request, identity, form, massG),
        ],
  };
}

/** The concentrated reagent as it stands on the shelf, for what is kept as one. */
export function stockOf(formula: string): StockSolution | undefined {
  return shelfSubstances().find((row) => row.formula === formula)?.stock;
}

function tooStrong(formula: string, concentrationM: number): string[] {
  if (!shelfSubstances().some((row) => row.formula === formula)) return [];
  const limit = dissolvesM(formula);
  return concentrationM > limit
    ? [
        `${show(concentrationM)} mol/L is more than dissolves at room temperature, about ${withFigures(limit, 2)} mol/L: some stays at the bottom.`,
      ]
    : [];
}

/** The concentration, mol/L, that a weighed mass of a form really makes. Inverse of {@link prepare}. */
export function concentrationMade(
  massG: number,
  form: string,
  volumeMl: number,
  purityPercent = 100,
): number {
  return (massG * purityPercent) / 100 / molarMassOf(form) / (volumeMl / 1000);
}

interface Identity {
  readonly formula: string;
  readonly form?: string;
  readonly shelfForms: readonly string[];
}

function identify(text: string): Identity {
  const { substance, form } = findSubstance(text);
  if (!shelfSubstances().includes(substance))
    throw ChemistryError.of('notInJars', substance.formula);
  const shelfForms = substance.forms.map(({ formula }) => formula);
  // Naming a substance whose only form is a hydrate means that hydrate.
  const only = shelfForms.length === 1 ? shelfForms[0] : undefined;
  const chosen = form ?? only;
  return { formula: substance.formula, shelfForms, ...(chosen && { form: chosen }) };
}

function readForm(text: string, { formula, shelfForms }: Identity): string {
  if (text === 'anhydrous') return formula;
  const species = inField('form', () => parseFormula(text));
  const sameSolid = anhydrousFormula(species) === formula || shelfForms.includes(species.formula);
  if (!sameSolid)
    throw ChemistryError.of('unknownForm', text, shelfForms.join(', ') || formula).in('form');
  return species.formula;
}

function readConcentration(request: PrepareRequest, named: string) {
  const given = (['concentrationM', 'percentWV', 'massConcentrationGPerL'] as const).filter(
    (field) => request[field] !== undefined,
  );
  if (given.length === 0) throw ChemistryError.of('missingAmount').in('concentrationM');
  if (given.length > 1)
    throw ChemistryError.of('severalAmounts', given.join(', ')).in(given[1] ?? 'concentrationM');
  const { concentrationM, percentWV, massConcentrationGPerL } = request;
  if (concentrationM !== undefined) return { concentrationM, working: [] as string[] };
  if (percentWV !== undefined)
    requireRange('percentWV', 'The percentage', percentWV, 1e-6, 100, '%');
  const gramsPerL = percentWV === undefined ? (massConcentrationGPerL ?? 0) : percentWV * 10;
  requireRange('massConcentrationGPerL', 'The mass concentration', gramsPerL, 1e-6, 2000, 'g/L');
  const molar = gramsPerL / molarMassOf(named);
  return {
    concentrationM: molar,
    working: [
      ...(percentWV === undefined
        ? []
        : [`${formatNumber(percentWV)} % w/v = ${show(gramsPerL)} g/L of ${named}`]),
      `${show(gramsPerL)} g/L ÷ ${withPlaces(molarMassOf(named), 3)} g/mol = ${show(molar)} mol/L`,
    ],
  };
}

function dilute(
  { volumeMl }: Pick<PrepareRequest, 'volumeMl'>,
  from: NonNullable<PrepareRequest['from']>,
  formula: string,
  concentrationM: number,
  working: string[],
): Recipe {
  let stockM: number;
  if ('stockM' in from) {
    ({ stockM } = from);
    requireRange('from.stockM', 'The stock', stockM, 1e-9, 30, 'mol/L');
  } else {
    requireRange('from.stockPercentWW', 'The stock', from.stockPercentWW, 0.01, 100, '% w/w');
    if (from.densityGPerMl === undefined)
      throw ChemistryError.of('missingDensity').in('from.densityGPerMl');
    requireRange('from.densityGPerMl', 'The density', from.densityGPerMl, 0.5, 5, 'g/mL');
    stockM = (from.stockPercentWW * 10 * from.densityGPerMl) / molarMassOf(formula);
    working.push(
      `stock = ${formatNumber(from.stockPercentWW)} % w/w × ${formatNumber(from.densityGPerMl)} g/mL × 10 ÷ ${withPlaces(molarMassOf(formula), 3)} g/mol = ${show(stockM)} mol/L`,
    );
  }
  if (stockM < concentrationM)
    throw ChemistryError.of(
      'stockTooWeak',
      `${show(concentrationM)} mol/L`,
      `${show(stockM)} mol/L`,
    ).in('from');
  const stockVolumeMl = (concentrationM * volumeMl) / stockM;
  working.push(
    `stock volume = ${show(concentrationM)} mol/L × ${show(volumeMl)} mL ÷ ${show(stockM)} mol/L = ${show(stockVolumeMl)} mL`,
  );
  const acid = formula.startsWith('H') || formula === 'CH3COOH';
  return {
    formula,
    concentrationM,
    stockVolumeMl,
    working,
    cautions: [
      ...(acid
        ? [
            'Add the acid to most of the water, never water to acid; stir, let it cool, then make up to the mark.',
          ]
        : []),
      'Rinse what held the stock into the flask; make up to the mark last.',
    ],
  };
}

function cautionsFor(
  request: PrepareRequest,
  { formula, shelfForms }: Identity,
  form: string,
  massG: number,
): string[] {
  const aid = dissolvingAid(formula);
  const cautions: string[] = aid
    ? [...aidWords(aid, massG), aid.words, ...acidWords(aid, (1000 * massG) / molarMassOf(form))]
    : [];
  if (request.form === undefined && shelfForms.length > 1)
    cautions.push(
      `Which form is on the shelf? This is for ${form}; also kept as ${shelfForms.filter((one) => one !== form).join(', ')}.`,
    );
  const isKeptDry = shelfForms.length === 0 || shelfForms.includes(formula);
  if (isKeptDry && waterOfCrystallisation(parseFormula(form)) > 0) {
    const dryG = (massG * molarMassOf(formula)) / molarMassOf(form);
    cautions.push(
      `The anhydrous solid would need ${show(dryG)} g; the same mass of it makes a stronger solution.`,
    );
  }
  if (massG < 0.25)
    cautions.push(
      'Under 0.25 g a 0.01 g balance is off by more than 2 %: make more, or dilute a stronger solution.',
    );
  return cautions;
}

/** How much of what helps it to dissolve goes with a mass of it. */
function aidWords({ with: helper }: DissolvingAid, massG: number): string[] {
  return helper ? [`With it ${show(helper.gPerG * massG)} g of ${helper.substance}.`] : [];
}

function requireRange(
  field: string,
  what: string,
  value: number,
  low: number,
  high: number,
  unit: string,
): void {
  if (!(value >= low && value <= high))
    throw ChemistryError.of('outOfRange', what, `${value} ${unit}`, `${low} to ${high} ${unit}`).in(
      field,
    );
}

/** Four significant figures without trailing zeros. */
const show = (value: number): string => atMostFigures(value, 4);
