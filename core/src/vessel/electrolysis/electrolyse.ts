import { sourceText } from '../../matter/substances/source';
import { inField } from '../../common/errors';
import { addAmounts } from '../amounts';
import type { Amounts } from '../amounts';
import { tabulated } from '../reaction';
import type { Reaction } from '../reaction';
import { react, unique } from '../eventResult';
import type { EventResult } from '../eventResult';
import type { Vessel } from '../vessel';
import type { Warning } from '../warnings';
import { findElectrode } from './findElectrode';
import { overallEquation } from './overall';
import { assumedAreaCm2, lyingElements, passCurrent } from './passCurrent';
import type { Electrolysed, Mixing } from './passCurrent';
import { faraday } from '../../solution/equilibrium/temperature';
import { formatNumber, withPlaces } from '../../common/formatNumber';

/** A current as it is ordered at the bench. */
export interface ElectrolyseAction {
  readonly cathode: string;
  readonly anode: string;
  readonly currentA: number;
  readonly minutes: number;
  readonly areaCm2?: number | undefined;
  readonly mixing?: Mixing | undefined;
}

/**
 * Passes a current through a vessel and lets what is left come to rest together, the electrodes lifted out with what is on them.
 *
 * @throws ChemistryError `unknownElectrode`, or `doesNotConduct` for a liquid without ions.
 */
export function electrolyse(vessel: Vessel, action: ElectrolyseAction): EventResult {
  const { currentA, minutes, areaCm2 = assumedAreaCm2(currentA), mixing = 'still' } = action;
  const cathode = inField('cathode', () => findElectrode(action.cathode));
  const anode = inField('anode', () => findElectrode(action.anode));
  const passed = passCurrent(vessel, {
    cathode,
    anode,
    currentA,
    timeS: 60 * minutes,
    areaCm2,
    mixing,
  });
  const gas = addAmounts(passed.cathode.gas, passed.anode.gas);
  const after: Vessel = {
    ...vessel,
    phases: {
      ...vessel.phases,
      solution: addAmounts(
        passed.cathode.liquid.phases.solution,
        passed.anode.liquid.phases.solution,
      ),
      solids: lyingElements(vessel.phases.solids),
      gas: addAmounts(vessel.phases.gas, gas),
    },
  };
  const step = react(vessel, after);
  const reaction = overall(passed);
  return {
    ...step,
    electrolysis: passed,
    reactions: [...(reaction ? [reaction] : []), ...step.reactions],
    warnings: unique([...cautions(gas), ...step.warnings]),
    notPredicted: [...new Set([...passed.notPredicted, ...step.notPredicted])],
  };
}

function overall(passed: Electrolysed): Reaction | undefined {
  const [c] = passed.cathode.first.shares;
  const [a] = passed.anode.first.shares;
  if (!c || !a) return undefined;
  const text = overallEquation(c.half, a.half, passed.cathode.liquidAtRest.pH > 4 ? 7 : 0);
  if (!text) return undefined;
  return tabulated(text, {
    about: c.half.reduced.formula,
    extentMmol: ((passed.chargeC / faraday) * 1000) / Math.max(c.half.electrons, a.half.electrons),
    why: [c, a].map(({ half, equilibriumV }) => ({
      text: `${half.couple.half}: E° = ${formatNumber(half.couple.standardPotentialV)} V, ${withPlaces(equilibriumV, 2)} V in this solution`,
      source: sourceText(half.couple.source),
    })),
  });
}

function cautions(gas: Amounts): Warning[] {
  const { H2 = 0, O2 = 0, Cl2 = 0 } = gas;
  return [
    ...(H2 > 0 && (O2 > 0 || Cl2 > 0)
      ? [
          {
            code: 'mixedGases',
            message:
              'Hydrogen comes off beside a gas it explodes with: never lead both into one tube, no flame near the cell.',
          },
        ]
      : []),
  ];
}
