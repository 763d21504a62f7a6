import { ChemistryError } from '../../common/errors';
import { molarVolumeMl } from '../electrolysis/gasVolume';
import type { GasConditions } from '../electrolysis/gasVolume';
import { sidesOf } from '../../matter/equation/sides';
import { molarMassOf } from '../../matter/formula/molarMass';
import { findSubstance } from '../../matter/substances/findSubstance';
import { commonPractice } from '../../matter/substances/source';
import type { RouteReagent } from './attempt';
import { reagentText } from './attempt';
import type { Route } from './route';
import { atMostFigures } from '../../common/formatNumber';

export const amountsSource = commonPractice(
  'reagents in excess of the one that limits, an allowance for what is lost, a flask filled to a third at most, twenty drops to the millilitre',
);

/** How much gas is wanted, and of what it is made. */
export interface AmountsRequest {
  readonly route: Pick<Route, 'gas' | 'reagents' | 'equation' | 'leaves'>;
  /** Gas wanted as collected, mL. */
  readonly volumeMl: number;
  readonly conditions: GasConditions;
  /** Share of the gas that is lost, 0 to below 1: what dissolves, leaks, and is discarded. */
  readonly lostShare?: number;
  /** More of the others than the equation asks for, as a share. */
  readonly excess?: number;
  /** What limits, by formula; the first solid when left out. */
  readonly limiting?: string;
  /** Room of the generator to its brim, mL. */
  readonly vesselMl?: number;
  /** Drops of the droppers at hand to a millilitre; the usual twenty when left out. */
  readonly dropsPerMl?: number;
}

/** What is taken of one reagent. */
export interface Taken {
  readonly reagent: RouteReagent;
  readonly limits: boolean;
  readonly amountMmol: number;
  readonly massG?: number;
  readonly volumeMl?: number;
  /** Drops, where so few are enough. */
  readonly drops?: number;
  /** In words, where it is not counted: a catalyst. */
  readonly words?: string;
}

/** Reagents for a volume of gas. */
export interface Amounts {
  /** Of gas as collected, and as it must be made, mmol. */
  readonly wantedMmol: number;
  readonly madeMmol: number;
  readonly taken: readonly Taken[];
  readonly working: readonly string[];
  /** Liquid in the generator, mL. */
  readonly liquidMl: number;
  /** The vessel, where one is given. */
  readonly vessel?: VesselCheck;
}

/** Whether a generator is large enough. */
export interface VesselCheck {
  readonly brimMl: number;
  /** Most liquid that is put in, mL. */
  readonly workingMl: number;
  readonly fits: boolean;
  /** How often it is filled for all of the gas. */
  readonly fillings: number;
  /** Most gas that the vessel can make at one filling, mL as collected. */
  readonly mostGasMl: number;
  /** What the pressure would come to if the outlet were blocked, kPa. */
  readonly blockedKPa: number;
}

const usual = { lostShare: 0.2, excess: 0.25 } as const;
/** Share of a generator that is filled with liquid: the rest is for froth (common practice). */
const filledShare = 1 / 3;
const usualDropsPerMl = 20;
/** A volume that is given in drops, mL. */
const inDropsBelowMl = 2;

/**
 * Reagents for a wanted volume of gas: n = pV/RT (Dalton over water), the equation’s ratio, an allowance for loss, an excess of
 * all that does not limit.
 *
 * @throws ChemistryError for a volume that is not above 0 mL, shares out of range, or a route without an equation.
 * @example amountsFor({ route, volumeMl: 240, conditions: roomConditions }).taken[0].massG
 */
export function amountsFor(request: AmountsRequest): Amounts {
  const { route, volumeMl, conditions, vesselMl } = request;
  const { lostShare = usual.lostShare, excess = usual.excess } = request;
  const { dropsPerMl = usualDropsPerMl } = request;
  between('volumeMl', 'The volume of gas', volumeMl, 0.1, 100_000, 'mL');
  between('lostShare', 'The share that is lost', lostShare, 0, 0.95, '');
  between('excess', 'The excess', excess, 0, 10, '');
  if (route.equation === undefined)
    throw ChemistryError.of('routeWithoutGas', route.reagents.map(reagentText).join(' + '));
  const { used, made } = sidesOf(route.equation);
  const perGas = made[route.gas];
  const molarMl = molarVolumeMl(conditions);
  const wantedMmol = volumeMl / molarMl;
  const madeMmol = wantedMmol / (1 - lostShare) / Math.max(route.leaves, 0.05);
  const parts = route.reagents.map((reagent) => ({ reagent, n: coefficient(used, reagent) }));
  const limiting =
    parts.find(({ reagent, n }) => n > 0 && reagent.substance === request.limiting) ??
    parts.find(({ reagent, n }) => n > 0 && reagent.use === 'solid') ??
    parts.find(({ n }) => n > 0);
  // Where air itself is the gas that is left, the equation tells of the oxygen that goes: four times as much nitrogen stays.
  const ratio = perGas ?? nitrogenPerOxygen;
  const partners = parts.map(({ reagent, n }): Taken => {
    if (n === 0) return { reagent, limits: false, amountMmol: 0, ...besideThem(reagent) };
    const limits = reagent === limiting?.reagent;
    const amountMmol = (madeMmol * n) / ratio / (limits ? 1 : 1 / (1 + excess));
    return { reagent, limits, amountMmol, ...measured(reagent, amountMmol, dropsPerMl) };
  });
  const taken = partners.map((one) => withDehydrating(one, partners));
  const liquidMl = taken.reduce((sum, one) => sum + (one.volumeMl ?? 0), 0);
  const vessel =
    vesselMl === undefined
      ? undefined
      : vesselCheck(vesselMl, liquidMl, volumeMl, madeMmol, taken, conditions);
  return {
    wantedMmol,
    madeMmol,
    taken,
    working: [
      `n = pV/RT: ${show(volumeMl)} mL ÷ ${show(molarMl)} mL/mmol = ${show(wantedMmol)} mmol of ${route.gas} as collected`,
      `${show(100 * lostShare)} % is lost${route.leaves < 0.97 ? ` and ${show(100 * (1 - route.leaves))} % stays in the liquid` : ''}: ${show(madeMmol)} mmol is made`,
      `${route.equation}`,
      ...taken.flatMap(({ reagent, volumeMl: ml }) =>
        reagent.role === 'dehydrating' && ml !== undefined
          ? [
              `${reagentText(reagent)}: ${show(reagent.mlPerPart ?? 0)} mL for each part = ${show(ml)} mL; it takes up the water that comes`,
            ]
          : [],
      ),
      ...taken
        .filter(({ amountMmol }) => amountMmol > 0)
        .map(
          ({ reagent, limits, amountMmol, massG, volumeMl: ml }) =>
            `${reagentText(reagent)}: ${show(amountMmol)} mmol${limits ? ' (limits)' : ` with ${show(100 * excess)} % excess`} = ${massG !== undefined ? `${show(massG)} g of ${reagent.kept}` : `${show(ml ?? 0)} mL`}`,
        ),
    ],
    liquidMl,
    ...(vessel && { vessel }),
  };
}

/** What is taken of something the equation does not use up. */
function besideThem({ role, use }: RouteReagent): Pick<Taken, 'words'> {
  if (role === 'dehydrating') return {};
  if (role !== 'catalyst') return { words: 'enough to cover it' };
  return {
    words: use === 'solid' ? 'a spatula tip, not used up' : 'a few drops, not used up',
  };
}

/** A dehydrating agent is measured by what it takes the water from. */
function withDehydrating(one: Taken, all: readonly Taken[]): Taken {
  const { role, mlPerPart } = one.reagent;
  if (role !== 'dehydrating' || mlPerPart === undefined) return one;
  const from = all.find(({ amountMmol }) => amountMmol > 0);
  return { ...one, volumeMl: mlPerPart * (from?.volumeMl ?? from?.massG ?? 0) };
}

/** mol of nitrogen that comes with a mol of oxygen in air, argon counted with it. */
const nitrogenPerOxygen = (1 - 0.2095) / 0.2095;

function coefficient(used: Readonly<Record<string, number>>, reagent: RouteReagent): number {
  if (reagent.role !== undefined) return 0;
  return used[reagent.kept] ?? used[reagent.substance] ?? baseOf(used, reagent);
}

/** An equation may name another hydrate than the jar does, or the acid’s liquid. */
function baseOf(used: Readonly<Record<string, number>>, { substance }: RouteReagent): number {
  const found = Object.entries(used).find(([formula]) => formula.split('·')[0] === substance);
  return found?.[1] ?? 0;
}

function measured(
  { substance, kept, use, concentrationM }: RouteReagent,
  amountMmol: number,
  dropsPerMl: number,
): Pick<Taken, 'massG' | 'volumeMl' | 'drops'> {
  if (substance === 'H2O') return asVolume((amountMmol * molarMassOf('H2O')) / 1000, dropsPerMl);
  if (use === 'solution' || use === 'concentrated') {
    const strength =
      concentrationM ?? findSubstance(substance).substance.stock?.concentrationM ?? 1;
    return asVolume(amountMmol / strength, dropsPerMl);
  }
  return { massG: (amountMmol * molarMassOf(kept)) / 1000 };
}

function asVolume(volumeMl: number, dropsPerMl: number): Pick<Taken, 'volumeMl' | 'drops'> {
  return {
    volumeMl,
    ...(volumeMl <= inDropsBelowMl && { drops: Math.max(1, Math.ceil(volumeMl * dropsPerMl)) }),
  };
}

function vesselCheck(
  brimMl: number,
  liquidMl: number,
  gasMl: number,
  madeMmol: number,
  taken: readonly Taken[],
  conditions: GasConditions,
): VesselCheck {
  const solidMl = taken.reduce((sum, { massG = 0 }) => sum + massG / bulkGPerMl, 0);
  const fillMl = liquidMl + solidMl;
  const workingMl = filledShare * brimMl;
  const spaceMl = Math.max(1, brimMl - fillMl);
  return {
    brimMl,
    workingMl,
    fits: fillMl <= workingMl,
    fillings: Math.max(1, Math.ceil(fillMl / workingMl)),
    mostGasMl: fillMl > 0 ? (gasMl * workingMl) / fillMl : Infinity,
    blockedKPa:
      conditions.pressureKPa +
      (madeMmol * molarVolumeMl({ ...conditions, overWater: false }) * conditions.pressureKPa) /
        spaceMl,
  };
}

/** Grams of a heaped powder or of chips to the millilitre (common practice). */
const bulkGPerMl = 1;

function between(
  field: string,
  what: string,
  value: number,
  low: number,
  high: number,
  unit: string,
) {
  if (value >= low && value <= high) return;
  throw ChemistryError.of(
    'outOfRange',
    what,
    `${value} ${unit}`.trim(),
    `${low} to ${high} ${unit}`.trim(),
  ).in(field);
}

const show = (n: number): string => atMostFigures(n, 3);
