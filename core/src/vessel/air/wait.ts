import { bottleReaction } from '../../matter/substances/data/redoxDyes';
import type { RedoxDye } from '../../matter/substances/types';
import { sidesOf } from '../../matter/equation/sides';
import { oxygenFromAir, traceMmol } from './air';
import { dyeReaction, dyesIn, electronsOf, perSecond, ran } from './dyes';
import type { Reaction } from '../reaction';
import { react, isEmpty, resting } from '../eventResult';
import type { Moment, EventResult } from '../eventResult';
import { componentsIn } from '../vessel';
import type { Vessel } from '../vessel';
import type { Warning } from '../warnings';
import { atMostFigures, formatNumber } from '../../common/formatNumber';

/** Share of a stage after which nothing more is seen to change (common practice). */
const allButDone = 0.95;
/** Speed below which a reduction is not seen in any lesson, per second: a half-life of some hours. */
const noticeablePerS = 5e-5;
/** Hours after which alkaline glucose has turned yellow-brown by itself (common practice). */
const brownsAfterMinutes = 120;

/**
 * Lets a vessel stand. What the model follows in time is dyes that glucose reduces in alkali; everything else comes to rest
 * at the step in which it is brought together.
 *
 * @param minutes above 0.
 */
export function wait(vessel: Vessel, minutes: number): EventResult {
  if (isEmpty(vessel) || vessel.volumeMl === 0) return resting(vessel);
  const dyes = dyesIn(vessel);
  const [first] = dyes;
  const rest = react(vessel, vessel);
  const quiet: EventResult = { ...rest, reactions: [], gasEvolved: {} };
  const glucoseMmol = componentsIn(vessel.phases.solution, 'solution').C6H12O6 ?? 0;
  if (!first || glucoseMmol <= 0) return quiet;
  const hydroxideM = rest.equilibrium?.species['OH^-'] ?? 0;
  const speedOf = (dye: RedoxDye, at: number) => {
    const stage = dye.stages[at];
    const glucoseM = glucoseMmol / vessel.volumeMl;
    return stage ? perSecond(stage, glucoseM, hydroxideM, vessel.temperatureC) : 0;
  };
  if (speedOf(first.dye, 0) < noticeablePerS)
    return { ...quiet, warnings: [...quiet.warnings, tooSlow(first.dye)] };

  const seconds = 60 * minutes;
  let glucoseLeft = glucoseMmol;
  let now = vessel;
  const reactions: Reaction[] = [];
  const moments: Moment[] = [];
  const run = (equation: string, about: string, wanted: number, dye: RedoxDye) => {
    const { used } = sidesOf(equation);
    const each = used.C6H12O6 ?? 1;
    const extent = Math.min(wanted, glucoseLeft / each);
    if (extent <= 0) return;
    glucoseLeft -= extent * each;
    now = ran(now, equation, extent);
    reactions.push(dyeReaction(equation, about, extent, dye));
  };

  // As long as oxygen is dissolved, it takes back every electron that the dye picks up.
  const holdsMmol = oxygenFromAir(vessel);
  const dissolvedMmol = (vessel.airShare ?? 1) * holdsMmol;
  const oxygenMmol = dissolvedMmol > traceMmol ? dissolvedMmol : 0;
  const mmolPerS = dyes.reduce((sum, { dye, forms }) => {
    const [stage] = dye.stages;
    return stage ? sum + speedOf(dye, 0) * (forms[0] ?? 0) * electronsOf(stage) : sum;
  }, 0);
  const oxygenLastsS = mmolPerS > 0 ? (4 * oxygenMmol) / mmolPerS : oxygenMmol > 0 ? Infinity : 0;
  const withOxygenS = Math.min(seconds, oxygenLastsS);
  const spent = Math.min(oxygenMmol, (withOxygenS * mmolPerS) / 4);
  if (spent > 0) run(bottleReaction, 'C6H12O6', spent, first.dye);
  now = { ...now, airShare: holdsMmol > 0 ? Math.max(0, (oxygenMmol - spent) / holdsMmol) : 0 };

  if (oxygenLastsS < seconds)
    for (const { dye, forms } of dyes) {
      let elapsed = oxygenLastsS;
      let carried = 0;
      dye.stages.forEach((stage, at) => {
        const there = (forms[at] ?? 0) + carried;
        const speed = speedOf(dye, at);
        const doneAfter = -Math.log(1 - allButDone) / speed;
        const left = seconds - elapsed;
        if (there <= 0 || left <= 0) return;
        const share = left >= doneAfter ? 1 : 1 - Math.exp(-speed * left);
        const { used } = sidesOf(stage.reduction);
        carried = share * there;
        elapsed += Math.min(left, doneAfter);
        run(stage.reduction, stage.reduced, carried / (used[stage.oxidised] ?? 1), dye);
        if (left < doneAfter) return;
        const moment = react(vessel, now);
        moments.push(momentAt(elapsed, moment));
      });
    }
  const settled = react(vessel, now);
  return {
    ...settled,
    reactions,
    moments,
    warnings: [
      ...settled.warnings,
      ...tidings(now, { glucoseMmol: glucoseLeft, oxygenLastsS, minutes }),
    ],
  };
}

const momentAt = (untilS: number, { vessel, equilibrium }: EventResult): Moment => ({
  untilS,
  vessel,
  ...(equilibrium && { equilibrium }),
});

const tooSlow = ({ name }: RedoxDye): Warning => ({
  code: 'slow',
  message: `Glucose reduces ${name} too slowly to see without more alkali.`,
});

interface Standing {
  readonly glucoseMmol: number;
  /** How long the oxygen in the water lasts, s. */
  readonly oxygenLastsS: number;
  readonly minutes: number;
}

/** How long it goes on, and the cautions. */
function tidings(vessel: Vessel, { glucoseMmol, oxygenLastsS, minutes }: Standing): Warning[] {
  const perShake = oxygenFromAir(vessel);
  const found: Warning[] = [];
  if (oxygenLastsS >= 60 * minutes && Number.isFinite(oxygenLastsS))
    found.push({
      code: 'oxygenLasts',
      message: `Oxygen in the water keeps the colour for about ${inWords(oxygenLastsS)} in all.`,
    });
  if (oxygenLastsS < 60 * minutes && perShake > traceMmol) {
    // Each fill of oxygen uses up twice as much glucose.
    const byGlucose = Math.floor(glucoseMmol / (2 * perShake));
    const byAir = vessel.stopper && Math.floor(vessel.stopper.oxygenMmol / perShake);
    found.push({
      code: 'repeats',
      message: `Shaking with air brings the colour back: the glucose lasts about ${formatNumber(byGlucose)} more times${
        byAir === undefined ? '' : `, the air in the closed vessel about ${formatNumber(byAir)}`
      }.`,
    });
  }
  if (minutes > brownsAfterMinutes)
    found.push({
      code: 'browns',
      message: 'Glucose in alkali turns yellow-brown by itself within hours; make it fresh.',
    });
  return found;
}

/** A time as one says it at the bench. */
export function inWords(seconds: number): string {
  if (seconds < 90) return `${atMostFigures(seconds, seconds < 10 ? 1 : 2)} s`;
  const minutes = seconds / 60;
  return minutes < 90 ? `${atMostFigures(minutes, 2)} min` : `${atMostFigures(minutes / 60, 2)} h`;
}
