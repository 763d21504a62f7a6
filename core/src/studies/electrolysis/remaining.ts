import { sparinglySoluble } from '../../matter/substances/data/sparinglySoluble';
import { equilibrate } from '../../solution/equilibrium/equilibrate';
import { faraday } from '../../solution/equilibrium/temperature';
import { findSubstance } from '../../matter/substances/findSubstance';
import { chargeOf } from '../../matter/substances/ionsOf';
import { saltOf } from '../../matter/substances/saltOf';
import type { HalfReaction } from '../../vessel/halfReaction';
import type { ElectrodeSide } from '../../vessel/electrolysis/electrodeSetting';
import type { Electrolyte } from './cellRequest';

/** What stays behind in solution, as one would write it on a label. */
export interface Remaining {
  /** Salts, acids and bases by formula; water is not named. */
  readonly formulae: readonly string[];
  /** Amounts of the ions that are left, mmol. */
  readonly ionsMmol: Readonly<Record<string, number>>;
  readonly words: string;
}

const isOfWater = (ion: string): boolean => ion === 'H^+' || ion === 'OH^-';

/** A process with its share of the current. */
export interface RemainingProcess {
  readonly side: ElectrodeSide;
  readonly half: HalfReaction;
  readonly share: number;
}

/** Share of the largest amount below which an ion is not worth a label. */
const leastShare = 2e-3;
/** Base or acid is told from this share of the largest amount. */
const toldShare = 2e-4;

/**
 * What stays behind once the liquids at both electrodes are mixed and gases have left: the ions that were put in, less what was
 * discharged, with the acid or base that was made.
 */
export function remainingIn(
  electrolyte: Electrolyte,
  processes: readonly RemainingProcess[],
  chargeC: number,
  volumeMl: number,
): Remaining {
  if ('molten' in electrolyte)
    return { formulae: [], ionsMmol: {}, words: 'Nothing: the melt is used up.' };
  const ions = new Map<string, number>();
  const add = (ion: string, amount: number) => ions.set(ion, (ions.get(ion) ?? 0) + amount);
  const rows = electrolyte.map(({ substance, concentrationM }) => {
    const row = findSubstance(substance).substance;
    for (const [ion, n] of Object.entries(row.ions)) add(ion, n * concentrationM * volumeMl);
    return row;
  });
  const fell = electrolyte.length > 1 ? settledAtFirst(ions, volumeMl) : [];
  const began = new Map(ions);
  for (const { side, half, share } of processes) {
    const extent = ((share * chargeC) / faraday / half.electrons) * 1000;
    const sign = side === 'cathode' ? 1 : -1;
    for (const { formula, count, state } of half.left)
      if (state === 'aq') add(formula, -sign * count * extent);
    for (const { formula, count, state } of half.right)
      if (state === 'aq') add(formula, sign * count * extent);
  }
  // Protons and hydroxide make water; what one of them lacks the other is.
  const protons = (ions.get('H^+') ?? 0) - (ions.get('OH^-') ?? 0);
  ions.set('H^+', Math.max(0, protons));
  ions.set('OH^-', Math.max(0, -protons));
  const settled = hydroxidesIn(ions, began);
  const most = Math.max(...ions.values());
  const isLeft = (ion: string) => {
    const amount = ions.get(ion) ?? 0;
    const isWater = ion === 'H^+' || ion === 'OH^-';
    return amount > (isWater ? toldShare : leastShare) * most;
  };
  const charged = [...ions.keys()].filter((ion) => isLeft(ion) && chargeOf(ion) !== 0);
  const cations = charged
    .filter((ion) => chargeOf(ion) > 0)
    .sort((a, b) => (ions.get(b) ?? 0) - (ions.get(a) ?? 0));
  const anions = charged
    .filter((ion) => chargeOf(ion) < 0)
    .sort((a, b) => (ions.get(b) ?? 0) - (ions.get(a) ?? 0));
  const kept = rows
    .filter(({ ions: own }) => Object.keys(own).every((ion) => isLeft(ion)))
    .map(({ formula }) => formula);
  const mainAnion = anions.find((ion) => ion !== 'OH^-') ?? anions[0];
  const mainCation = cations.find((ion) => ion !== 'H^+') ?? cations[0];
  const fresh = [
    ...cations
      .filter((ion) => ion !== 'H^+' && !began.has(ion) && mainAnion)
      .map((ion) => saltOf(ion, mainAnion ?? '')),
    // Chromate is told however little there is of it.
    ...[...ions.keys()]
      .filter((ion) => ion === 'CrO4^2-' && !began.has(ion) && mainCation)
      .map((ion) => saltOf(mainCation ?? '', ion)),
    ...(cations.includes('H^+') && mainAnion && !kept.some((formula) => formula.startsWith('H'))
      ? [saltOf('H^+', mainAnion)]
      : []),
    ...(anions.includes('OH^-') && mainCation ? [saltOf(mainCation, 'OH^-')] : []),
  ];
  // An ion whose partner is gone is told with what took the partner’s place.
  const orphans = cations.filter(
    (ion) =>
      ion !== 'H^+' &&
      ![...kept, ...fresh].some((formula) => hasIon(rows, formula, ion)) &&
      mainAnion &&
      began.has(ion) &&
      !fresh.includes(saltOf(ion, mainAnion)),
  );
  fresh.push(...settled);
  // Where salts changed partners, what is left of both is a salt of its own.
  if (fell.length > 0 && mainCation && mainAnion && ![mainCation, mainAnion].some(isOfWater))
    fresh.unshift(saltOf(mainCation, mainAnion));
  const formulae = [
    ...new Set([
      ...fell,
      ...kept,
      ...fresh,
      ...orphans.flatMap((ion) => (mainAnion ? [saltOf(ion, mainAnion)] : [])),
    ]),
  ];
  return {
    formulae,
    ionsMmol: Object.fromEntries(charged.map((ion) => [ion, ions.get(ion) ?? 0])),
    words: wordsOf(formulae, kept, fresh),
  };
}

/** Solids that salts throw down together before any current flows: their ions are taken out. */
function settledAtFirst(ions: Map<string, number>, volumeMl: number): string[] {
  const totalsM = Object.fromEntries([...ions].map(([ion, amount]) => [ion, amount / volumeMl]));
  // What a salt would hydrolyse to by itself stays out, as it does in a vessel.
  const solids = equilibrate(totalsM).solids.filter(
    ({ formula }) => !('OH^-' in (sparing.get(formula)?.ions ?? {})),
  );
  for (const { formula, amountMolPerL } of solids)
    for (const [ion, n] of Object.entries(sparing.get(formula)?.ions ?? {}))
      ions.set(ion, (ions.get(ion) ?? 0) - n * amountMolPerL * volumeMl);
  return solids.map(({ formula }) => formula);
}

const sparing = new Map(sparinglySoluble.map((row) => [row.formula, row]));

/** A metal that left an electrode settles with the base that was made: both are taken out, and the hydroxide is told. */
function hydroxidesIn(ions: Map<string, number>, began: ReadonlyMap<string, number>): string[] {
  const found: string[] = [];
  for (const [ion, amount] of ions) {
    const charge = chargeOf(ion);
    const base = ions.get('OH^-') ?? 0;
    if (began.has(ion) || charge < 2 || amount <= 0 || base <= 0) continue;
    const taken = Math.min(amount, base / charge);
    ions.set(ion, amount - taken);
    ions.set('OH^-', base - taken * charge);
    found.push(saltOf(ion, 'OH^-'));
  }
  return found;
}

function hasIon(
  rows: readonly { formula: string; ions: Readonly<Record<string, number>> }[],
  formula: string,
  ion: string,
): boolean {
  return (
    rows.some((row) => row.formula === formula && ion in row.ions) ||
    formula.startsWith(ion.replace(/\^.*$/, ''))
  );
}

function wordsOf(
  formulae: readonly string[],
  kept: readonly string[],
  fresh: readonly string[],
): string {
  if (formulae.length === 0) return 'Hardly anything is left but water.';
  if (fresh.length === 0)
    return `${kept.join(' and ')} ${kept.length > 1 ? 'stay' : 'stays'} behind.`;
  return kept.length === 0
    ? `${fresh.join(' and ')} ${areOrIs(fresh)} left.`
    : `${kept.join(' and ')} ${areOrIs(kept)} left, and ${fresh.join(' and ')} ${areOrIs(fresh)} made.`;
}

const areOrIs = (formulae: readonly string[]): string => (formulae.length > 1 ? 'are' : 'is');
