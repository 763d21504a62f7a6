import { acidBaseSteps, waterIonisation } from '../../substances/data/acidBaseSteps';
import { sourceText } from '../../substances/source';
import { claim, partsOfTerm, protonAcceptors, protonDonors } from '../change';
import type { PhaseTerm, ProtonRoute, RawEquation, Terms } from '../change';
import type { Process } from '../reaction';
import type { Rule } from './rule';
import { noticeableM } from './rule';

/** More hand-overs than this are small shifts of one buffer. */
const most = 4;

/** Protons handed from an acid to a base, once everything else has taken its share. */
export const protonTransfer: Rule = {
  name: 'proton transfer',
  find: ({ change, volumeMl }) => {
    const found: Process[] = [];
    while (found.length < most) {
      const donor = protonDonors(change)[0];
      const acceptor = protonAcceptors(change).find(
        ({ acid, base }) =>
          acid.formula !== donor?.acid.formula || base.formula !== donor.base.formula,
      );
      if (!donor || !acceptor) break;
      const extentMmol = Math.min(donor.amount, acceptor.amount);
      if (extentMmol < noticeableM * volumeMl) break;
      const equation = handOver(donor, acceptor);
      claim(change, equation, extentMmol);
      const isWater = equation.left.every(([{ formula }]) => formula === 'H2O');
      if (isWater || equation.left.length === 0) break;
      found.push({
        about: acceptor.acid.formula === 'H2O' ? donor.base.formula : acceptor.acid.formula,
        force: 'acid–base',
        equation,
        extentMmol,
        why: [strengthOf(donor), strengthOf(acceptor)].filter((text) => text !== ''),
      });
    }
    return found;
  },
};

/** HA + B → A + HB, with H⁺ and OH⁻ standing for the ions of water; water balances. */
function handOver(donor: ProtonRoute, acceptor: ProtonRoute): RawEquation {
  const matter = (terms: readonly PhaseTerm[]): Terms =>
    terms.filter(({ formula }) => formula !== 'H2O').map((term) => [term, 1]);
  const left = matter([donor.acid, acceptor.base]);
  const right = matter([donor.base, acceptor.acid]);
  const waterIn = (side: Terms) =>
    side.reduce((sum, [term]) => sum + (partsOfTerm(term).H2O ?? 0), 0);
  const given = waterIn(left) - waterIn(right);
  const water: Terms = given === 0 ? [] : [[{ formula: 'H2O', state: 'l' }, Math.abs(given)]];
  return {
    left: given < 0 ? [...left, ...water] : left,
    right: given > 0 ? [...right, ...water] : right,
  };
}

function strengthOf({ acid, base }: ProtonRoute): string {
  if (acid.formula === 'H2O')
    return `water: pKw = ${waterIonisation.pKw} (${sourceText(waterIonisation.source)})`;
  const own = acidBaseSteps.find(({ formula }) => formula === acid.formula);
  const below = acidBaseSteps.find(({ formula }) => formula === base.formula);
  const pKa = (own?.logBeta ?? 0) - (below?.logBeta ?? 0);
  const source = own?.source ?? below?.source;
  return source ? `${acid.formula}: pKa = ${pKa.toFixed(2)} (${sourceText(source)})` : '';
}
