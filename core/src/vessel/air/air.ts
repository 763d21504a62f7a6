import { kelvin, vantHoff } from '../../solution/equilibrium/temperature';
import { sidesOf } from '../../matter/equation/sides';
import { oxygenShareOfAir } from '../../matter/substances/data/air';
import { dissolvedGas, molarVolumeMlPerMmol } from '../../matter/substances/gas';
import { ChemistryError } from '../../common/errors';
import { addAmounts, present } from '../amounts';
import { containers } from '../containers';
import { vapourAtm } from './pressure';
import { dyeReaction, dyesIn, ran } from './dyes';
import { layerVolumeMl } from '../layer';
import type { Reaction } from '../reaction';
import { degas } from './degas';
import { react, followedBy, isEmpty, unique } from '../eventResult';
import type { EventResult } from '../eventResult';
import type { Vessel } from '../vessel';
import type { Warning } from '../warnings';

/**
 * Share of what the water can dissolve that a swirl brings in: enough for a first stage of a dye and no more (common
 * practice). A hard shake, or a fall through air, brings in what is used up on the way besides.
 */
const swirlShare = 0.4;
/** Amount of oxygen below which nothing can be seen of it, mmol. */
export const traceMmol = 1e-9;

/** Oxygen that a vessel’s water holds in equilibrium with air, mmol; salts, which lower it a little, are not calculated. */
export function oxygenFromAir({ volumeMl, temperatureC }: Vessel): number {
  const row = dissolvedGas('O2');
  if (!row) return 0;
  const log = vantHoff(Math.log10(row.henryMPerAtm), row.enthalpyKJPerMol, temperatureC);
  // At the boiling point steam has driven the air out.
  const airAtm = Math.max(0, 1 - vapourAtm(temperatureC));
  return oxygenShareOfAir.value * airAtm * 10 ** log * volumeMl;
}

/** Oxygen in the air above what a vessel holds, mmol. */
export function oxygenAbove({ container, volumeMl, phases, temperatureC }: Vessel): number {
  const room = Math.max(0, containers[container].brimMl - volumeMl - layerVolumeMl(phases.layer));
  return (
    (oxygenShareOfAir.value * room * kelvin(25)) / (molarVolumeMlPerMmol * kelvin(temperatureC))
  );
}

/**
 * Shakes a vessel with the air in it, or swirls it gently: oxygen dissolves, and what it oxidises at once is oxidised. A hard shake
 * also takes carbon dioxide out that the air above has room for.
 *
 * @throws ChemistryError `emptyVessel` without a liquid.
 */
export function shakeWithAir(vessel: Vessel, gently = false): EventResult {
  if (isEmpty(vessel) || vessel.volumeMl === 0) throw ChemistryError.of('emptyVessel', 'shake');
  const aired = gently || vessel.stopper ? undefined : degas(vessel);
  if (aired) return followedBy(aired, breatheIn(aired.vessel, gently));
  return breatheIn(vessel, gently);
}

/** Oxygen that goes in from the air above. */
function breatheIn(vessel: Vessel, gently: boolean): EventResult {
  const above = vessel.stopper?.oxygenMmol ?? oxygenAbove(vessel);
  const swirled = swirlShare * oxygenFromAir(vessel);
  const { step, usedMmol } = oxygenate(vessel, gently ? Math.min(above, swirled) : above);
  const { stopper } = vessel;
  if (!stopper) return step;
  const oxygenMmol = Math.max(0, stopper.oxygenMmol - usedMmol);
  const spent: Warning[] =
    oxygenMmol < traceMmol
      ? [
          {
            code: 'airSpent',
            message: 'The air in the closed vessel has no oxygen left: open it for a moment.',
          },
        ]
      : [];
  return {
    ...step,
    vessel: { ...step.vessel, stopper: { ...stopper, oxygenMmol } },
    warnings: unique([...step.warnings, ...spent]),
  };
}

/** What oxygen does in a vessel, up to an amount, mmol: dyes first, then what else it acts on fast, then it dissolves. */
export function oxygenate(
  vessel: Vessel,
  mostMmol: number,
): { step: EventResult; usedMmol: number } {
  let left = mostMmol;
  let dyed = vessel;
  const reactions: Reaction[] = [];
  for (const { dye, forms } of dyesIn(vessel)) {
    const amounts = [...forms];
    for (let at = dye.stages.length - 1; at >= 0; at -= 1) {
      const stage = dye.stages[at];
      if (!stage) continue;
      const { used } = sidesOf(stage.oxidation);
      const extent = Math.min(left, (amounts[at + 1] ?? 0) / (used[stage.reduced] ?? 1));
      if (extent < traceMmol) continue;
      const moved = extent * (used[stage.reduced] ?? 1);
      amounts[at + 1] = (amounts[at + 1] ?? 0) - moved;
      amounts[at] = (amounts[at] ?? 0) + moved;
      left -= extent;
      dyed = ran(dyed, stage.oxidation, extent);
      reactions.push(dyeReaction(stage.oxidation, stage.oxidised, extent, dye));
    }
  }
  const { step, usedMmol } = others(vessel, dyed, left);
  left -= usedMmol;
  const holds = oxygenFromAir(vessel);
  const before = (vessel.airShare ?? 1) * holds;
  const dissolved = Math.max(0, Math.min(left, holds - before));
  const airShare = holds > 0 ? Math.min(1, (before + dissolved) / holds) : 0;
  return {
    step: {
      ...step,
      vessel: { ...step.vessel, airShare },
      reactions: [...reactions, ...step.reactions],
    },
    usedMmol: mostMmol - left + dissolved,
  };
}

/** Lets oxygen act on everything but dyes; what it leaves over goes back to the air. */
function others(
  previous: Vessel,
  vessel: Vessel,
  mmol: number,
): { step: EventResult; usedMmol: number } {
  const { phases } = vessel;
  const mixed = {
    ...vessel,
    phases: { ...phases, solution: addAmounts(phases.solution, { O2: mmol }) },
  };
  const step = react(previous, mixed);
  const { solution, gas } = step.vessel.phases;
  const { O2: dissolved = 0, ...rest } = solution;
  const left = dissolved + (gas.O2 ?? 0) - (phases.gas.O2 ?? 0);
  const consumed = mmol + (phases.solution.O2 ?? 0) - left;
  const usedMmol = Math.max(0, Math.min(mmol, consumed));
  // What air offered and nothing took is air again; oxygen that was led in stays, above the liquid.
  const own = left - (mmol - usedMmol);
  const gone = present(addAmounts(step.gasEvolved, { O2: -(step.gasEvolved.O2 ?? 0) }));
  return {
    usedMmol,
    step: {
      ...step,
      gasEvolved: gone,
      vessel: {
        ...step.vessel,
        phases: {
          ...step.vessel.phases,
          solution: rest,
          gas: present({ ...gas, O2: (phases.gas.O2 ?? 0) + own }),
        },
      },
    },
  };
}
