import { formatQuantity, withPlaces } from '../../common/formatNumber';
import { sourceText } from '../../matter/substances/source';
import type { PhaseTerm, RawEquation, Terms } from '../change';
import { claim } from '../change';
import { equationAround } from '../equationAround';
import type { HalfReaction, HalfTerm } from '../halfReaction';
import type { Process, Reason } from '../reaction';
import type { ElectronTransfer } from './electronTransfer';
import type { Rule } from './rule';
import { noticeableM } from './rule';

/** Electrons handed over: written in the forms the vessel held, or, for a passing stage, as the half-equations have it. */
export const electronTransferRule: Rule = {
  name: 'electron transfer',
  find: ({ change, transfers, volumeMl }) =>
    joined(transfers)
      .filter(({ extentMmol }) => extentMmol > 0.1 * noticeableM * volumeMl)
      .map((transfer): Process => {
        const raw = equationAround(change, {
          handedOver: transfer.change,
          extentMmol: transfer.extentMmol,
        });
        const equation = raw && isWhole(raw) ? raw : asHalves(transfer, change.isBasic);
        claim(change, equation, transfer.extentMmol);
        return {
          about: transfer.oxidant.reduced.formula,
          force: 'redox',
          equation,
          extentMmol: transfer.extentMmol,
          why: reasons(transfer),
        };
      }),
};

/** The same two partners may take up again after others; they are told as one. */
function joined(transfers: readonly ElectronTransfer[]): ElectronTransfer[] {
  const found: ElectronTransfer[] = [];
  for (const one of transfers) {
    const at = found.findIndex(
      ({ oxidant, reductant }) => oxidant === one.oxidant && reductant === one.reductant,
    );
    const same = found[at];
    if (same) found[at] = { ...same, extentMmol: same.extentMmol + one.extentMmol };
    else found.push(one);
  }
  return found;
}

/** Whether coefficients are simple fractions, as they are when one form carries each element. */
function isWhole({ left, right }: RawEquation): boolean {
  return [...left, ...right].every(([, n]) => Math.abs(12 * n - Math.round(12 * n)) < 1e-6);
}

/** The two half-equations added up so that the electrons cancel; in base with hydroxide and water for protons. */
function asHalves({ oxidant, reductant, times }: ElectronTransfer, isBasic: boolean): RawEquation {
  const sum = new Map<string, { term: PhaseTerm; count: number }>();
  const add = (side: readonly HalfTerm[], factor: number) => {
    for (const { formula, state, count } of side) {
      const key = `${formula}(${state})`;
      const before = sum.get(key)?.count ?? 0;
      sum.set(key, { term: { formula, state }, count: before + factor * count });
    }
  };
  add(oxidant.right, times[0]);
  add(oxidant.left, -times[0]);
  add(reductant.left, times[1]);
  add(reductant.right, -times[1]);
  const protons = sum.get('H^+(aq)')?.count ?? 0;
  if (isBasic && protons !== 0) {
    // In base there are no protons to write: each is water less hydroxide.
    sum.delete('H^+(aq)');
    add([{ formula: 'H2O', state: 'l', count: 1 }], protons);
    add([{ formula: 'OH^-', state: 'aq', count: 1 }], -protons);
  }
  const side = (sign: 1 | -1): Terms =>
    [...sum.values()]
      .filter(({ count }) => sign * count > 0)
      .map(({ term, count }) => [term, sign * count]);
  return { left: side(-1), right: side(1) };
}

function reasons({ oxidant, reductant, potentialsV }: ElectronTransfer): Reason[] {
  const told = ({ couple }: HalfReaction): Reason => ({
    text: `${couple.half}: E° = ${volts(couple.standardPotentialV)}`,
    source: sourceText(couple.source),
  });
  const drive = withPlaces(Math.min(potentialsV[0] - potentialsV[1], 9.99), 2);
  return [
    told(oxidant),
    told(reductant),
    {
      text: `At the concentrations here the first couple stands ${drive} V above the second, so electrons go from ${reductant.reduced.formula} to ${oxidant.oxidised.formula}.`,
    },
  ];
}

const volts = (potentialV: number): string => formatQuantity(potentialV, 'V');
