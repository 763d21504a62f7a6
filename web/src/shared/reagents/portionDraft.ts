import { findSubstance, solubleSubstances } from '@stoichos/core/matter/substances';
import { anyPortionSchema, dropNames } from '@stoichos/core/vessel';
import type { AnyPortion } from '@stoichos/core/vessel';

/** The ways something goes into a vessel. */
export type PortionKind = 'solution' | 'solid' | 'liquid' | 'gas' | 'drops';

/** What is being measured out. Numbers are undefined while a field is empty. */
export interface PortionDraft {
  readonly name: string;
  readonly kind: PortionKind;
  readonly concentrationM: number | undefined;
  readonly volumeMl: number | undefined;
  readonly massG: number | undefined;
  readonly amountMmol: number | undefined;
  readonly drops: number | undefined;
  /** Which form of a solid is weighed, hydrate or dry. */
  readonly form: string | undefined;
}

export const kindNames: Readonly<Record<PortionKind, string>> = {
  solution: 'Solution',
  solid: 'Solid',
  liquid: 'Liquid',
  gas: 'Gas',
  drops: 'Drops',
};

const metals = /^[A-Z][a-z]?$/;
const strong = new Set(['HCl', 'HNO3', 'H2SO4', 'NaOH', 'KOH', 'NH3', 'CH3COOH']);
const dissolved = new Set(solubleSubstances().map(({ formula }) => formula));

/** The ways a substance can go in, the usual one first. */
export function kindsOf(name: string): readonly PortionKind[] {
  if (dropNames.includes(name)) return ['drops'];
  if (name === 'water') return ['liquid'];
  const { formula, state, stock, forms } = findSubstance(name).substance;
  const solid = forms.some(({ appearance }) => !/solution only/.test(appearance));
  if (state === 'gas') return ['gas'];
  if (stock) return ['solution', 'liquid'];
  if (state === 'liquid') return dissolved.has(formula) ? ['solution', 'liquid'] : ['liquid'];
  return dissolved.has(formula) ? ['solution', ...(solid ? (['solid'] as const) : [])] : ['solid'];
}

/** The forms in which a solid is kept, the usual one first. */
export function formsOf(name: string): readonly string[] {
  if (dropNames.includes(name) || name === 'water') return [];
  return findSubstance(name).substance.forms.map(({ formula }) => formula);
}

/** How a portion goes in. */
export function kindOf(portion: AnyPortion): PortionKind {
  if ('indicator' in portion) return 'drops';
  if ('gas' in portion) return 'gas';
  if ('massG' in portion) return 'solid';
  return 'concentrationM' in portion ? 'solution' : 'liquid';
}

/** A draft with the amounts one usually takes, in the way that is wanted where the substance goes in so. */
export function usualPortion(name: string, wanted?: PortionKind): PortionDraft {
  const kinds = kindsOf(name);
  const kind = kinds.find((one) => one === wanted) ?? kinds[0] ?? 'solution';
  return {
    name,
    kind,
    concentrationM: strong.has(name) ? 1 : 0.1,
    volumeMl: kind === 'liquid' ? 3 : 5,
    massG: metals.test(name) ? 0.2 : 0.5,
    amountMmol: 2,
    drops: 2,
    form: formsOf(name)[0],
  };
}

/** The portion a draft stands for, or what is wrong with it. */
export function portionOf(
  draft: PortionDraft,
): { readonly portion: AnyPortion } | { readonly problem: string } {
  const { name, kind, concentrationM, volumeMl, massG, amountMmol, drops } = draft;
  const raw = {
    solution: { substance: name, concentrationM, volumeMl },
    liquid: { substance: name, volumeMl },
    solid: { substance: draft.form ?? name, massG },
    gas: { gas: name, amountMmol },
    drops: { indicator: name, drops },
  }[kind];
  if (name === '') return { problem: 'Choose what goes in.' };
  if (Object.values(raw).includes(undefined)) return { problem: 'Fill in every amount.' };
  const read = anyPortionSchema.safeParse(raw);
  return read.success ? { portion: read.data } : { problem: amountProblem(draft) };
}

/** The limits of the portion schema, told for the field at fault. */
function amountProblem({ kind, massG, volumeMl, concentrationM }: PortionDraft): string {
  if (kind === 'solid')
    return `A mass is above 0 g and at most 500 g; ${String(massG)} g is not. Weigh some out.`;
  if (kind === 'solution' && !((concentrationM ?? 0) >= 1e-9 && (concentrationM ?? 0) <= 30))
    return `A concentration is above 0 and at most 30 mol/L; ${String(concentrationM)} is not.`;
  if (kind === 'solution' || kind === 'liquid')
    return `A volume is between one drop (0.05 mL) and 1000 mL; ${String(volumeMl)} mL is not.`;
  return 'An amount is above 0; enter a larger one.';
}
