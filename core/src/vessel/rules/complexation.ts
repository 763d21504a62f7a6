import { withPlaces } from '../../common/formatNumber';
import { formedSpecies } from '../../matter/substances/componentsOf';
import { acidBaseSteps, waterIonisation } from '../../matter/substances/data/acidBaseSteps';
import { spectra } from '../../matter/substances/data/spectra';
import { chargeOf } from '../../matter/substances/ionsOf';
import { sourceText } from '../../matter/substances/source';
import type { FormedSpecies } from '../../matter/substances/types';
import { isHalogen } from './halogenSplitting';
import { claim, unclaimed } from '../change';
import { equationAround } from '../equationAround';
import type { Process } from '../reaction';
import type { Happening, Rule } from './rule';
import { noticeableM } from './rule';

/** Share of its metal or molecule that must have gone into a complex for it to be told (common practice). */
const worthTelling = 0.2;

/** Complexes that formed in solution, loose ion pairs left out. */
export const complexation: Rule = {
  name: 'complexation',
  find: (happening) => {
    const { change, volumeMl } = happening;
    return (
      formedSpecies
        .filter(isTold)
        .map((row) => ({ row, amount: unclaimed(change, { formula: row.formula, state: 'aq' }) }))
        .filter(
          ({ row, amount }) =>
            isSeen(row, amount / volumeMl) ||
            (amount > noticeableM * volumeMl && shareOf(row, amount, happening) > worthTelling),
        )
        .sort((a, b) => b.amount - a.amount)
        // Of a staircase of complexes the one that holds most stands for all.
        .filter(
          ({ row }, at, all) =>
            all.findIndex((other) => partnersOf(other.row) === partnersOf(row)) === at,
        )
        .flatMap(({ row }): Process[] => {
          const term = { formula: row.formula, state: 'aq' } as const;
          const amount = unclaimed(change, term);
          const equation = equationAround(change, { made: [[term, 1]], extentMmol: amount });
          if (!equation || amount <= 0) return [];
          claim(change, equation, amount);
          return [
            {
              about: row.formula,
              force: isCondensation(row) ? 'acid–base' : 'complexation',
              equation,
              extentMmol: amount,
              why: [
                {
                  text: formationConstant(row),
                  source: sourceText(row.source),
                },
              ],
            },
          ];
        })
    );
  },
};

/**
 * The constant as handbooks give it: with ammonia and hydroxide as ligands, where the tables here count ammonium and protons
 * given off.
 */
function formationConstant({ formula, from, logBeta }: FormedSpecies): string {
  const { 'H^+': protons = 0, 'NH4^+': ammonium = 0, ...others } = from;
  const ammonia = protons < 0 ? Math.min(ammonium, -protons) : 0;
  const left = protons + ammonia;
  const parts: Record<string, number> = {
    ...others,
    NH3: ammonia,
    'NH4^+': ammonium - ammonia,
    [left < 0 ? 'OH^-' : 'H^+']: Math.abs(left),
  };
  const log = logBeta - ammonia * ammoniaLogBeta + Math.max(0, -left) * waterIonisation.pKw;
  const side = Object.entries(parts)
    .filter(([, n]) => n > 0)
    .map(([name, n]) => (n === 1 ? name : `${n} ${name}`));
  return `${side.join(' + ')} ⇌ ${formula}: log β = ${withPlaces(log, 1)}`;
}

const ammoniaLogBeta = acidBaseSteps.find(({ formula }) => formula === 'NH3')?.logBeta ?? 0;

/** Absorbance per centimetre from which a newly formed complex is seen by its colour (common practice). */
const seenAbsorbance = 0.1;
const strongest = new Map(
  spectra.map(({ formula, bands }) => [
    formula,
    Math.max(...bands.filter(({ maximumNm }) => maximumNm > 390).map((band) => band.absorptivity)),
  ]),
);

function isSeen({ formula }: FormedSpecies, formedM: number): boolean {
  return (strongest.get(formula) ?? 0) * formedM > seenAbsorbance;
}

/** Anions of one kind that join when acid takes their oxygen as water, as chromate does. */
function isCondensation({ from }: FormedSpecies): boolean {
  const others = Object.keys(from).filter((name) => name !== 'H^+');
  return others.length === 1 && chargeOf(others[0] ?? '') < 0;
}

function partnersOf({ from }: FormedSpecies): string {
  return Object.keys(from).sort().join(' ');
}

/** A metal with ligands or several hydroxides, two kinds of particle bound together, or an anion that pairs up. */
function isTold({ formula, ionPair, from }: FormedSpecies): boolean {
  if (ionPair || isHalogen(formula)) return false;
  const names = Object.keys(from).filter((name) => name !== 'H^+');
  const isMetal = names.some((name) => chargeOf(name) > 0 && name !== 'NH4^+');
  if (names.length > 1) return true;
  return isMetal
    ? (from['H^+'] ?? 0) < -2
    : Object.values(from).some((n) => n > 1) && (from[names[0] ?? ''] ?? 0) > 1;
}

const told = new Set(formedSpecies.filter(isTold).map(({ formula }) => formula));

/** Whether a dissolved species is a complex that the bench would name. */
export function isComplex(formula: string): boolean {
  return told.has(formula);
}

/** The share of the scarcest partner that the complex holds after all. */
function shareOf(
  { from, formula }: FormedSpecies,
  amount: number,
  { settled, volumeMl }: Happening,
): number {
  const held = (settled.species[formula] ?? 0) * volumeMl;
  const others = Object.keys(from).filter((name) => name !== 'H^+');
  const free = Math.min(
    ...others.map((name) => ((settled.species[name] ?? 0) * volumeMl) / Math.abs(from[name] ?? 1)),
  );
  return Math.min(amount, held) / (free + held);
}
