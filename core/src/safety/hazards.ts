import { findSubstance, shelfSubstances } from '../matter/substances/findSubstance';
import { handbook } from '../matter/substances/source';
import type { Source } from '../matter/substances/source';
import type { Substance } from '../matter/substances/types';
import { percentByMass } from '../solution/preparation/strength';
import { isWater } from '../matter/substances/isWater';
import { classifyMixture, mixtureRulesSource } from './classifyMixture';
import type { MixtureClass } from './classifyMixture';
import { classification } from './data/classification';
import { precautionsFor } from './precautions';
import type { Precaution } from './precautions';
import { inOrder, pictogramsOf, signalWord, statementText } from './statements';
import type { HazardCode, Pictogram, Signal } from './statements';

export const hazardsSource = handbook(
  'EU CLP Regulation 1272/2008, Annex VI, and common supplier classifications',
  'classification of the substance itself',
);

/** What is in a bottle, a jar or a vessel, and how strong. */
export interface Bottle {
  readonly substance: string;
  /** mol/L; with neither strength it is meant as it is supplied. */
  readonly concentrationM?: number | undefined;
  /** Per cent by mass of the dry substance. */
  readonly percentWW?: number | undefined;
}

/** What is dangerous about the contents of a bottle: the one record that labels, sheets, steps and waste read. */
export interface HazardSheet {
  readonly formula: string;
  /** Per cent by mass of the dry substance; 100 for what is not dissolved. */
  readonly percentWW: number;
  readonly signal?: Signal;
  readonly pictograms: readonly Pictogram[];
  /** The worst first. */
  readonly statements: readonly { readonly code: HazardCode; readonly text: string }[];
  readonly precautions: readonly Precaution[];
  /** Which rule gives which statement, and what is not known. */
  readonly basis: readonly string[];
  readonly source: Source;
}

/** Shown wherever a hazard is shown. */
export const deferral =
  'Local rules, the supplier’s safety data sheet and licensed disposal decide; this list does not make a procedure safe.';

const sheets = new Map<string, HazardSheet>();
const mostKept = 2000;

/**
 * The hazards of a substance at the strength at which it stands there: as it is supplied, or diluted with water by the rules for
 * mixtures.
 *
 * @throws ChemistryError for an unknown substance.
 */
export function hazardsOf(what: string | Bottle): HazardSheet {
  const bottle = typeof what === 'string' ? { substance: what } : what;
  const key = `${bottle.substance} ${bottle.concentrationM ?? ''} ${bottle.percentWW ?? ''}`;
  const known = sheets.get(key);
  if (known) return known;
  const sheet = lookUp(bottle);
  if (sheets.size >= mostKept) sheets.clear();
  sheets.set(key, sheet);
  return sheet;
}

function lookUp(bottle: Bottle): HazardSheet {
  if (isWater(bottle.substance)) return sheetOf('H2O', 100, { codes: [], basis: [] });
  const { substance } = findSubstance(bottle.substance);
  const percentWW = shareOf(substance, bottle);
  return percentWW === undefined
    ? undiluted(substance.formula)
    : sheetOf(
        substance.formula,
        percentWW,
        classifyMixture([{ formula: substance.formula, percentWW }]),
      );
}

/** Share of the mass, per cent, of what is dissolved; undefined for a solid, a gas or a pure liquid. */
function shareOf(
  { formula, stock }: Substance,
  { concentrationM, percentWW }: Bottle,
): number | undefined {
  if (percentWW !== undefined) return percentWW;
  if (concentrationM !== undefined) return percentByMass(formula, concentrationM);
  return stock && stock.percentWW < 100 ? stock.percentWW : undefined;
}

/**
 * The hazards of the pure substance, whatever it is sold as.
 *
 * @throws ChemistryError for an unknown substance.
 */
export function hazardsOfPure(substance: string): HazardSheet {
  return undiluted(findSubstance(substance).substance.formula);
}

function undiluted(formula: string): HazardSheet {
  const codes = classification[formula];
  if (!codes) return sheetOf(formula, 100, notClassed(formula));
  return sheetOf(formula, 100, {
    codes: inOrder(codes),
    basis: codes.length > 0 ? ['As the substance itself is classed (CLP Annex VI, suppliers)'] : [],
  });
}

/** What belongs to a solid or to the other ion of a salt, and not to each compound of an ion. */
const ofOneSalt = /^H(2|31[458]|319|335)/;

/** A precipitate that no jar holds has no row: it is classed as every compound of its ions that has one. */
function notClassed(formula: string): MixtureClass {
  const { ions } = findSubstance(formula).substance;
  const shared = Object.keys(ions).flatMap((ion) => {
    const rows = shelfSubstances().filter((row) => ion in row.ions && row.formula !== formula);
    const [first = [], ...rest] = rows.map((row) => classification[row.formula] ?? []);
    return first.filter(
      (code) => !ofOneSalt.test(code) && rest.every((codes) => codes.includes(code)),
    );
  });
  return {
    codes: inOrder(shared.length > 0 ? shared : ['H302']),
    basis: [
      `${formula} has no classification here: taken for as harmful as ${shared.length > 0 ? 'other compounds of its ions' : 'a substance that is harmful if swallowed'}, on the safe side`,
    ],
  };
}

function sheetOf(formula: string, percentWW: number, { codes, basis }: MixtureClass): HazardSheet {
  const signal = signalWord(codes);
  return {
    formula,
    percentWW,
    ...(signal && { signal }),
    pictograms: pictogramsOf(codes),
    statements: codes.map((code) => ({ code, text: statementText(code) })),
    precautions: precautionsFor(codes),
    basis,
    source: percentWW === 100 ? hazardsSource : mixtureRulesSource,
  };
}
