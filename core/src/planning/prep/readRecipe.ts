import { ChemistryError } from '../../common/errors';
import { findSubstance } from '../../matter/substances/findSubstance';
import { dropNames } from '../../vessel/pour';
import type { StrengthUnit } from './recipe';

/** What a line such as “500 mL 1 M sodium sulfate” asks for; what it leaves open is absent. */
export interface ReadRecipe {
  readonly substance: string;
  readonly volumeMl?: number;
  readonly strength?: number;
  readonly unit?: StrengthUnit;
}

const number = String.raw`(\d+(?:[.,]\d+)?)`;
const volume = new RegExp(
  String.raw`${number}\s*(ml|millilitres?|cl|dl|l|litres?|cm3|cm³|dm3|dm³)(?![a-z])`,
  'i',
);
const mlIn: readonly (readonly [RegExp, number])[] = [
  [/^(ml|millilitres?|cm3|cm³)$/i, 1],
  [/^cl$/i, 10],
  [/^dl$/i, 100],
  [/^(l|litres?|dm3|dm³)$/i, 1000],
];
const strengths: readonly (readonly [RegExp, StrengthUnit])[] = [
  [new RegExp(String.raw`${number}\s*(?:mmol\/[lL]|mM)(?![a-z])`), 'mM'],
  [
    new RegExp(String.raw`${number}\s*(?:mol\/[lL]|mol\/dm3|mol\/dm³|mol l-1|molar|M)(?![a-zA-Z])`),
    'M',
  ],
  [new RegExp(String.raw`${number}\s*%\s*(?:w\/w|m\/m)`, 'i'), '%ww'],
  [new RegExp(String.raw`${number}\s*%\s*(?:w\/v|m\/v)?`, 'i'), '%wv'],
  [new RegExp(String.raw`${number}\s*g\s*\/\s*l(?![a-z])`, 'i'), 'g/L'],
  [new RegExp(String.raw`${number}\s*(?:ppm|mg\s*\/\s*l)(?![a-z])`, 'i'), 'ppm'],
];
/** Words that say nothing about what is to be made. */
const idle = /\b(a|an|of|make|prepare|recipe|for|solution|solutions|aqueous|dilute|in water)\b/gi;

/**
 * Reads what somebody types to get a recipe: a volume, a strength and a substance, in any order.
 *
 * @returns undefined where neither a volume nor a strength stands in it, or no substance is known by what is left.
 * @example readRecipe('500 mL 1 M sodium sulfate') // { substance: 'sodium sulfate', volumeMl: 500, strength: 1, unit: 'M' }
 */
export function readRecipe(text: string): ReadRecipe | undefined {
  let rest = ` ${text.replace(/−|–/g, '-')} `;
  const take = (pattern: RegExp): RegExpExecArray | null => {
    const found = pattern.exec(rest);
    if (found) rest = `${rest.slice(0, found.index)} ${rest.slice(found.index + found[0].length)}`;
    return found;
  };
  const saturated = take(/\bsaturated\b/i) !== null;
  // The strength first: “5 g/L” holds what could be read as litres.
  let strength: Pick<ReadRecipe, 'strength' | 'unit'> = saturated ? { unit: 'saturated' } : {};
  if (!saturated)
    for (const [pattern, unit] of strengths) {
      const found = take(pattern);
      if (!found) continue;
      strength = { strength: valueOf(found[1]), unit };
      break;
    }
  const [, amount, unit = ''] = take(volume) ?? [];
  const times = mlIn.find(([pattern]) => pattern.test(unit))?.[1] ?? 1;
  const substance = rest.replace(idle, ' ').replace(/\s+/g, ' ').trim();
  if ((amount === undefined && strength.unit === undefined) || !isKnown(substance))
    return undefined;
  return {
    substance,
    ...strength,
    ...(amount !== undefined && { volumeMl: times * valueOf(amount) }),
  };
}

const valueOf = (digits = ''): number => Number(digits.replace(',', '.'));

function isKnown(text: string): boolean {
  if (dropNames.includes(text.toLowerCase())) return true;
  try {
    findSubstance(text);
    return true;
  } catch (error) {
    if (error instanceof ChemistryError) return false;
    throw error;
  }
}
