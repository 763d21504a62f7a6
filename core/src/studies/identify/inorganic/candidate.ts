import { ChemistryError } from '../../../common/errors';
import { parseFormula } from '../../../matter/formula/parseFormula';
import { solubilityM } from '../../../solution/preparation/solubility';
import { findSubstance } from '../../../matter/substances/findSubstance';
import { shelfIons } from '../../../matter/substances/shelfIons';
import { saltOf } from '../../../matter/substances/saltOf';
import type { AnyPortion } from '../../../vessel/portion';

/** An inorganic unknown: one salt, or a mixture of up to four parts. */
export interface InorganicCandidate {
  /** As it is named to the reader: formulae or ions joined by “ + ”. */
  readonly name: string;
  /** Substances of the shelf, by formula. */
  readonly salts: readonly string[];
}

/** Most parts of a mixture. */
export const mostParts = 4;

/** What a spot of sample holds: 2 mL of about 0.1 mol/L. */
const sampleMl = 2;
const sampleM = 0.1;
/** What is taken of a solid that hardly dissolves, g. */
const spatulaG = 0.03;
/** Below this a substance is put in as a solid, mol/L. */
const dissolvesFromM = 0.02;

/**
 * Reads a candidate: a substance of the shelf by formula or name, an ion (a cation stands for its nitrate, an anion for its sodium
 * salt), or up to four of them joined by “+”.
 *
 * @throws ChemistryError `unknownSubstance`, `outOfRange` for more than four parts.
 */
export function readCandidate(text: string): InorganicCandidate {
  const parts = text
    .split(/\s+\+\s+/)
    .map((part) => part.trim())
    .filter((part) => part !== '');
  if (parts.length === 0 || parts.length > mostParts)
    throw ChemistryError.of(
      'outOfRange',
      `The number of parts of “${text}”`,
      String(parts.length),
      `1 to ${mostParts}`,
    );
  const read = parts.map(readPart);
  return { name: read.map(({ name }) => name).join(' + '), salts: read.map(({ salt }) => salt) };
}

function readPart(text: string): { name: string; salt: string } {
  const ion = ionOf(text);
  if (ion) {
    return { name: ion.formula, salt: saltFor(ion) };
  }
  const { formula } = findSubstance(text).substance;
  return { name: formula, salt: formula };
}

const partners = { cation: ['NO3^-', 'Cl^-', 'SO4^2-'], anion: ['Na^+', 'K^+', 'NH4^+'] } as const;

/** The salt of the shelf that an ion is issued as: the first of its customary partners that is kept. */
function saltFor({ formula, charge }: { formula: string; charge: number }): string {
  const salts =
    charge > 0
      ? partners.cation.map((anion) => saltOf(formula, anion))
      : partners.anion.map((cation) => saltOf(cation, formula));
  const kept = salts.find((salt) => shelfIons(salt) !== undefined);
  return findSubstance(kept ?? salts[0] ?? formula).substance.formula;
}

function ionOf(text: string): { formula: string; charge: number } | undefined {
  try {
    const { formula, charge } = parseFormula(text);
    return charge === 0 ? undefined : { formula, charge };
  } catch {
    // A name, which the shelf knows or refuses.
    return undefined;
  }
}

/** The sample as a solid. */
export function asSolid({ salts }: InorganicCandidate): AnyPortion[] {
  // As it stands on the shelf, with its crystal water.
  return salts.map((salt) => ({
    substance: findSubstance(salt).substance.forms[0]?.formula ?? salt,
    massG: spatulaG,
  }));
}

/** The sample in water: its parts side by side; what hardly dissolves stays as a solid in it. */
export function inWater({ salts }: InorganicCandidate): AnyPortion[] {
  if (salts.length === 0) return [{ substance: 'water', volumeMl: sampleMl }];
  const each = sampleMl / salts.length;
  return salts.flatMap((substance): AnyPortion[] => {
    const { concentrationM: most } = solubilityM(substance);
    if (most < dissolvesFromM)
      return [
        { substance: 'water', volumeMl: each },
        { substance, massG: spatulaG / salts.length },
      ];
    // Each part is as dilute in the mixture as it would be alone, as far as it dissolves.
    return [
      { substance, concentrationM: Math.min(sampleM * salts.length, most * 0.9), volumeMl: each },
    ];
  });
}
