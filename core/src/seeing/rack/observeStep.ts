import { solidLook } from '../appearance/solidLook';
import { massesMg, viewVessel } from '../appearance/vesselView';
import { molarMassOf } from '../../matter/formula/molarMass';
import { dissolvedGas, gasPropertiesOf, molarVolumeMlPerMmol } from '../../matter/substances/gas';
import type { ColourPhrase } from '../../matter/substances/types';
import type { EventResult } from '../../vessel/eventResult';
import type { Amounts } from '../../vessel/amounts';
import type { HeatSight } from '../../vessel/dry/dryHeat';
import type { Vessel } from '../../vessel/vessel';
import { inWords } from '../../vessel/air/wait';
import { noticeableGasMmol, visibleMgPerL } from '../../vessel/rules/rule';
import type { Seen } from './seen';
import { seenWhereItFalls } from './seenWhereItFalls';
import { electrolysisSights } from './electrolysisSights';
import { vapoursOver } from '../../solution/vapourPressure';
import type { Observation } from '../observation/observation';

/** A warmth or coolness that a hand notices, °C (common practice). */
const feltC = 2;
/** Share of all the solid in the vessel below which nobody makes a new one out among the others. */
const lostInOthers = 0.02;
/** Amount of a dry solid that is seen, mmol (common practice: about a milligram). */
const visibleMmol = 0.005;
/** Share of a solid that must have gone for anyone to see it shrink. */
const seenToShrink = 0.05;
/** Share of a solid that may be left and it still counts as dissolved. */
const allButGone = 0.02;
/** Gas volume over liquid volume from which bubbling is steady, and vigorous (common practice). */
const vigourLimits = { steady: 0.3, vigorous: 3 } as const;

/**
 * What an observer sees in one step, in the bench’s vocabulary, against what the vessel was before; without a
 * before, what a vessel shows that is just set up.
 * Everything here is computed from the step; nothing is looked up by reagents.
 */
export function observeStep(after: Seen, previous?: Seen): Observation[] {
  const before = previous && holdsAnything(previous.step.vessel) ? previous : undefined;
  const { step, view } = after;
  const { volumeMl } = step.vessel;
  const solids = solidObservations(step, before?.step.vessel);
  const fallen = before ? seenWhereItFalls(after, before) : [];
  const gases = [
    ...gasObservations(step),
    ...fallen.filter(({ kind }) => kind === 'gas'),
    ...smellsArisen(step, before?.step),
  ];
  const liquidBefore = before && before.step.vessel.volumeMl > 0 ? before : undefined;
  const from = liquidBefore?.view.colour ?? view.colour;
  // Water poured onto something dry tells by its own warmth; dry things that are heated are as hot as one made them.
  const deltaC =
    before && volumeMl > 0
      ? Math.round(10 * (step.vessel.temperatureC - before.step.vessel.temperatureC)) / 10
      : 0;
  const isFelt = Math.abs(deltaC) >= feltC;
  const sights: Observation[] = [
    ...(step.sights ?? []).map(sightSeen),
    ...turns(step, from),
    ...fallen.filter(({ kind }) => kind !== 'gas'),
    ...(step.electrolysis ? electrolysisSights(step.electrolysis, from) : []),
  ];
  const events =
    sights.length > 0 ||
    gases.length > 0 ||
    isFelt ||
    solids.some((one) => one.kind !== 'solid' || one.from !== undefined);
  const liquid: Observation[] =
    volumeMl === 0
      ? []
      : [
          { kind: 'colour', from, to: view.colour },
          { kind: 'clarity', to: view.clarity },
        ];
  const layer: Observation[] = view.layer
    ? [
        {
          kind: 'layer',
          formula: view.layer.formula,
          position: view.layer.position,
          colour: view.layer.colour,
        },
      ]
    : [];
  const layerChanged = view.layer?.colour !== before?.view.layer?.colour;
  return [
    ...liquid,
    ...layer,
    ...solids,
    ...sights,
    ...gases,
    ...(isFelt ? [{ kind: 'temperature', deltaC } as const] : []),
    ...(before && step.notPredicted.length === 0 && !events && !layerChanged && from === view.colour
      ? [{ kind: 'noChange' } as const]
      : []),
  ];
}

/** Speeds of dyes are known to about this factor either way. */
const timeFactor = 3;

/** The colours a vessel went through on the way, and about when. */
function turns({ moments = [] }: EventResult, first: ColourPhrase): Observation[] {
  let from = first;
  return moments.flatMap(({ untilS, ...moment }): Observation[] => {
    const to = viewVessel(moment).colour;
    if (to === from) return [];
    const [low, high] = [inWords(untilS / timeFactor), inWords(untilS * timeFactor)];
    const result = `${from} → ${to} after about ${inWords(untilS)} (${low} to ${high})`;
    from = to;
    return [{ kind: 'sight', result, shows: ['changes colour on the way'] }];
  });
}

const sightSeen = ({ formula, result, shows, condenses }: HeatSight): Observation => ({
  kind: 'sight',
  formula,
  result,
  shows: [...shows],
  ...(condenses && { condenses }),
});

function holdsAnything({ volumeMl, phases }: Vessel): boolean {
  return (
    volumeMl > 0 || [phases.solids, phases.layer].some((amounts) => Object.keys(amounts).length > 0)
  );
}

/** Solids that turned into one another in a dry vessel, by the colour of the heap before and after. */
function dryChange({ vessel, solidsChange }: EventResult, before: Vessel): Observation[] {
  const formed = Object.entries(solidsChange).filter(([, change]) => change > visibleMmol);
  const heap = (amounts: Amounts, past: Vessel) => {
    const [largest] = Object.entries(amounts).sort(([, a], [, b]) => b - a);
    return largest && solidLook(largest[0], past)?.colour;
  };
  const from = heap(before.phases.solids, before);
  if (formed.length === 0) return Object.keys(vessel.phases.solids).map(lying);
  return formed
    .sort(([, a], [, b]) => b - a)
    .map(([formula]) => {
      const colour = solidLook(formula, vessel)?.colour;
      return { kind: 'solid', formula, ...(colour && { colour }), ...(from && { from }) };
    });
}

function lying(formula: string): Observation {
  const colour = solidLook(formula)?.colour;
  return { kind: 'solid', formula, ...(colour && { colour }) };
}

/** What daylight or warmth turned a solid into, once it has stood in it long enough. */
function darkened({ vessel }: EventResult, before: Vessel): Observation[] {
  if (vessel.litMinutes === before.litMinutes && vessel.hottestC === before.hottestC) return [];
  return Object.keys(vessel.phases.solids).flatMap((formula) => {
    const from = solidLook(formula, before)?.colour;
    const colour = solidLook(formula, vessel)?.colour;
    return from && colour && from !== colour ? [{ kind: 'solid', formula, colour, from }] : [];
  });
}

function solidObservations(step: EventResult, before?: Vessel): Observation[] {
  const dark = before ? darkened(step, before) : [];
  if (dark.length > 0) return dark;
  if (before && step.vessel.volumeMl === 0 && before.volumeMl === 0) return dryChange(step, before);
  const { solidsChange, vessel } = step;
  const litres = Math.max(vessel.volumeMl / 1000, 1e-3);
  const found: Observation[] = [];
  const totalMg = sumOf(massesMg(vessel).map(({ massMg }) => massMg));
  const changes = Object.entries(solidsChange).sort(([, a], [, b]) => b - a);
  for (const [formula, change] of changes) {
    const mgPerL = (Math.abs(change) * molarMassOf(formula)) / litres;
    const look = solidLook(formula, vessel);
    if (!look || mgPerL < visibleMgPerL.haze) continue;
    if (change > 0 && change * molarMassOf(formula) < lostInOthers * totalMg) continue;
    const { colour, texture } = look;
    const left = vessel.phases.solids[formula] ?? 0;
    if (change < 0 && -change < seenToShrink * (left - change)) continue;
    if (change < 0)
      found.push({ kind: 'dissolves', formula, complete: left <= allButGone * (left - change) });
    else if (look.isMetal) found.push({ kind: 'deposit', formula, colour });
    else found.push({ kind: 'precipitate', formula, colour, texture });
  }
  for (const [formula, amount] of Object.entries(vessel.phases.solids)) {
    const look = solidLook(formula, vessel);
    const change = solidsChange[formula] ?? 0;
    // What shrinks too little to be seen lies there as before.
    const changed =
      Math.abs(change) > allButGone * amount &&
      !(change < 0 && -change < seenToShrink * (amount - change));
    if (look && !changed && (amount * molarMassOf(formula)) / litres >= visibleMgPerL.haze)
      found.push({ kind: 'solid', formula, colour: look.colour });
  }
  return found;
}

function gasObservations({
  gasEvolved,
  ledIn = [],
  vessel,
  sights = [],
}: EventResult): Observation[] {
  const paced = sights.find(({ vigour }) => vigour)?.vigour;
  return Object.entries(gasEvolved)
    .filter(([formula, amount]) => formula !== 'H2O' && amount > noticeableGasMmol)
    .sort(([, a], [, b]) => b - a)
    .flatMap(([formula, amountMmol]): Observation[] => {
      const colour = gasColour(formula);
      const smelt = dissolvedGas(formula)?.inAir?.becomes ?? formula;
      const smell = gasPropertiesOf(smelt)?.smell;
      const bubbles = {
        kind: 'gas',
        formula,
        vigour: paced ?? vigourOf(amountMmol, vessel.volumeMl),
        amountMmol,
        ...(colour && { colour }),
      } as const;
      return [
        ...(ledIn.includes(formula) ? [] : [bubbles]),
        ...(smell ? [{ kind: 'smell', smell, formula: smelt } as const] : []),
      ];
    });
}

/** A smell that grows this many times strikes the nose anew (common practice). */
const strikes = 30;

/**
 * Smells of what is still dissolved: one smells far less of a gas than it takes to bubble. Told where it arises, and not of a
 * reagent that smelled so when it was put in.
 */
function smellsArisen(step: EventResult, before?: EventResult): Observation[] {
  const strengths = (one: EventResult) =>
    new Map(
      vapoursOver(one.equilibrium?.species ?? {}, one.vessel.temperatureC).map((vapour) => [
        vapour.formula,
        vapour.pressureAtm,
      ]),
    );
  const had = before ? strengths(before) : new Map<string, number>();
  return [...strengths(step)].flatMap(([formula, pressureAtm]): Observation[] => {
    const { smell = '', smelledFromAtm = Infinity } = gasPropertiesOf(formula) ?? {};
    const isNew =
      pressureAtm >= smelledFromAtm &&
      (had.get(formula) ?? 0) < Math.max(smelledFromAtm, pressureAtm / strikes);
    return isNew &&
      !step.vessel.put.includes(formula) &&
      !(step.gasEvolved[formula] ?? 0) &&
      smell !== ''
      ? [{ kind: 'smell', smell, formula }]
      : [];
  });
}

const sumOf = (numbers: readonly number[]): number => numbers.reduce((sum, n) => sum + n, 0);

function vigourOf(amountMmol: number, volumeMl: number) {
  const ratio = (molarVolumeMlPerMmol * amountMmol) / Math.max(volumeMl, 0.1);
  if (ratio < vigourLimits.steady) return 'a few bubbles';
  return ratio < vigourLimits.vigorous ? 'steady' : 'vigorous';
}

/** Colour of a gas, or of what air turns it into above the liquid; colourless ones have none to tell. */
function gasColour(formula: string): ColourPhrase | undefined {
  const row = dissolvedGas(formula);
  const colour = row?.inAir?.colour ?? row?.colour ?? gasPropertiesOf(formula)?.colour;
  return colour === 'colourless' ? undefined : colour;
}
