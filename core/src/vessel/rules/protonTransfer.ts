import { acidBaseSteps, waterIonisation } from '../../matter/substances/data/acidBaseSteps';
import { shelfIons } from '../../matter/substances/shelfIons';
import { sparinglySoluble } from '../../matter/substances/data/sparinglySoluble';
import { sourceText } from '../../matter/substances/source';
import { claim, openChanges, partsOfTerm } from '../change';
import { protonAcceptors, protonDonors } from '../protonRoutes';
import type { Change, RawEquation, Terms } from '../change';
import type { ProtonRoute } from '../protonRoutes';
import type { Process, Reason } from '../reaction';
import type { Rule } from './rule';
import { noticeableM } from './rule';
import { greatestCommonDivisor } from '../../matter/formula/greatestCommonDivisor';
import { formatNumber, withPlaces } from '../../common/formatNumber';

/** More hand-overs than this are small shifts of one buffer. */
const most = 4;

const hardlySoluble = new Set<string>(sparinglySoluble.map(({ formula }) => formula));

/** Protons handed from an acid to a base, once everything else has taken its share. */
export const protonTransfer: Rule = {
  name: 'proton transfer',
  find: ({ change, volumeMl }) => {
    const dissolved = dissolveSalts(change);
    const found: Process[] = [];
    for (let round = 0; round < most; round += 1) {
      const donor = protonDonors(change)[0];
      const acceptor = protonAcceptors(change).find(
        ({ acid, base }) =>
          acid.formula !== donor?.acid.formula || base.formula !== donor.base.formula,
      );
      if (!donor || !acceptor) break;
      const times = matched(donor.protons, acceptor.protons);
      const extentMmol = Math.min(donor.amount / times[0], acceptor.amount / times[1]);
      if (extentMmol < noticeableM * volumeMl) break;
      const equation = handOver(donor, acceptor, times);
      claim(change, equation, extentMmol);
      const isWater = equation.left.every(([{ formula }]) => formula === 'H2O');
      if (isWater || equation.left.length === 0) break;
      // What a salt does with the water it dissolves in belongs to its solution.
      if (equation.left.length === 1 && equation.right.some(([{ formula }]) => formula === 'H^+'))
        continue;
      if (dissolved && equation.left.some(([{ formula }]) => formula === 'H2O')) continue;
      found.push({
        about: acceptor.acid.formula === 'H2O' ? donor.base.formula : acceptor.acid.formula,
        force: 'acid–base',
        equation,
        extentMmol,
        why: [...strengthOf(donor), ...strengthOf(acceptor)],
      });
    }
    return found;
  },
};

/**
 * Takes salts, acids and alkalis that were put in dry and went into solution as dissolved before they hand protons over.
 *
 * @returns whether there were any.
 */
function dissolveSalts(change: Change): boolean {
  let any = false;
  for (const { term, amount } of openChanges(change)) {
    if (term.state !== 's' || amount >= 0 || hardlySoluble.has(term.formula)) continue;
    const ions = shelfIons(term.formula);
    if (!ions || term.formula in ions) continue;
    const right: Terms = Object.entries(ions).map(([formula, n]) => [{ formula, state: 'aq' }, n]);
    claim(change, { left: [[term, 1]], right }, -amount);
    any = true;
  }
  return any;
}

/** Smallest whole factors that make the protons given and taken equal. */
function matched(given: number, taken: number): readonly [donors: number, acceptors: number] {
  const common = greatestCommonDivisor(given, taken);
  return [taken / common, given / common];
}

/** HA + B → A + HB, with H⁺ and OH⁻ standing for the ions of water; water balances. */
function handOver(
  donor: ProtonRoute,
  acceptor: ProtonRoute,
  [donors, acceptors]: readonly [number, number],
): RawEquation {
  const matter = (terms: Terms): Terms => terms.filter(([{ formula }]) => formula !== 'H2O');
  const left = matter([
    [donor.acid, donors],
    [acceptor.base, acceptors],
  ]);
  const right = matter([
    [donor.base, donors],
    [acceptor.acid, acceptors],
  ]);
  const waterIn = (side: Terms) =>
    side.reduce((sum, [term, n]) => sum + n * (partsOfTerm(term).H2O ?? 0), 0);
  const given = waterIn(left) - waterIn(right);
  const water: Terms = given === 0 ? [] : [[{ formula: 'H2O', state: 'l' }, Math.abs(given)]];
  return {
    left: given < 0 ? [...left, ...water] : left,
    right: given > 0 ? [...right, ...water] : right,
  };
}

function strengthOf({ acid, base }: ProtonRoute): Reason[] {
  if (acid.formula === 'H2O') {
    const { pKw, source } = waterIonisation;
    return [{ text: `water: pKw = ${formatNumber(pKw)}`, source: sourceText(source) }];
  }
  const own = acidBaseSteps.find(({ formula }) => formula === acid.formula);
  const below = acidBaseSteps.find(({ formula }) => formula === base.formula);
  const pKa = (own?.logBeta ?? 0) - (below?.logBeta ?? 0);
  const source = own?.source ?? below?.source;
  return source
    ? [{ text: `${acid.formula}: pKa = ${withPlaces(pKa, 2)}`, source: sourceText(source) }]
    : [];
}
