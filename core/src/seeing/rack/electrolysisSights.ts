import { solidLook } from '../appearance/solidLook';
import { viewVessel } from '../appearance/vesselView';
import type { ColourPhrase } from '../../matter/substances/types';
import type { Electrolysed, ElectrodeOutcome } from '../../vessel/electrolysis/passCurrent';
import type { ElectrodeSide } from '../../vessel/electrolysis/electrodeSetting';
import { noticeableGasMmol } from '../../vessel/rules/rule';
import type { Observation } from '../observation/observation';

/** Deposit that is seen on an electrode, mmol (common practice: a milligram or less of metal). */
const visibleMmol = 0.005;
/** Loss of an electrode that is seen, mmol. */
const thinnerMmol = 0.2;

/** The word for an electrode of an electrolytic cell by its sign. */
export const signOf: Readonly<Record<ElectrodeSide, 'minus' | 'plus'>> = {
  cathode: 'minus',
  anode: 'plus',
};

/** Colour of the liquid close to an electrode, as an indicator or an ion there shows it. */
export function colourNear(outcome: ElectrodeOutcome): ColourPhrase {
  return viewVessel({ vessel: outcome.liquid, equilibrium: outcome.last.near }).colour;
}

/** What is seen at the two electrodes, besides gas and what the whole liquid shows. */
export function electrolysisSights(
  { cathode, anode }: Electrolysed,
  before: ColourPhrase,
): Observation[] {
  const found: Observation[] = [];
  for (const [formula, amount] of Object.entries({ ...cathode.deposit, ...anode.deposit })) {
    const colour = solidLook(formula)?.colour;
    if (amount > visibleMmol && colour) found.push({ kind: 'deposit', formula, colour });
  }
  for (const [side, outcome] of [
    ['cathode', cathode],
    ['anode', anode],
  ] as const) {
    const gases = Object.entries(outcome.gas).filter(([, amount]) => amount > noticeableGasMmol);
    if (gases.length > 0)
      found.push({ kind: 'sight', result: `bubbles at ${signOf[side]}`, shows: [] });
    const near = colourNear(outcome);
    if (near !== before)
      found.push({ kind: 'sight', result: `${near} near ${signOf[side]}`, shows: [] });
  }
  const [lost, amount = 0] = Object.entries(anode.lost).sort(([, a], [, b]) => b - a)[0] ?? [];
  if (lost && amount > thinnerMmol)
    found.push({
      kind: 'sight',
      formula: lost,
      result: `the ${anode.electrode.material} at plus gets thinner`,
      shows: [],
    });
  return found;
}
