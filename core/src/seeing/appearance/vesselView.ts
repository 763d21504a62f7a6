import type { Equilibrium } from '../../solution/equilibrium/equilibrate';
import { molarMassOf } from '../../matter/formula/molarMass';
import type { Clarity, ColourPhrase } from '../../matter/substances/types';
import { scaleAmounts } from '../../vessel/amounts';
import type { Amounts } from '../../vessel/amounts';
import { containers } from '../../vessel/containers';
import { layerVolumeMl, solutesOf, solventOf } from '../../vessel/layer';
import { waterDensityGPerMl } from '../../vessel/pour';
import { visibleMgPerL } from '../../vessel/rules/rule';
import type { Vessel } from '../../vessel/vessel';
import { hexLook, mixHex, nearestPhrase, phraseHex } from './colourWords';
import { solidLook } from './solidLook';
import { layerColour, solutionColour } from './solutionColour';

/** What a vessel looks like; enough to draw it. */
export interface VesselView {
  readonly liquidHex: string;
  readonly colour: ColourPhrase;
  readonly clarity: Clarity;
  /** How full, 0 to 1. */
  readonly fill: number;
  readonly solid?: SolidView;
  /** The liquid with its solid stirred up, as it looks just after mixing: what scatters also tints. */
  readonly suspensionHex?: string;
  readonly bubbles?: boolean;
  /** A stopper or lid is on it. */
  readonly closed?: true;
  /** A second liquid, on the water or under it. */
  readonly layer?: LayerView;
}

/** A liquid that does not mix with water. */
export interface LayerView {
  readonly formula: string;
  readonly hex: string;
  readonly colour: ColourPhrase;
  readonly position: 'above' | 'below';
  /** Its share of the liquid in the vessel, 0 to 1. */
  readonly share: number;
}

/** The solids of a vessel taken together. */
export interface SolidView {
  readonly hex: string;
  readonly colour: ColourPhrase;
  /** 0 a trace, 1 a tube full of sludge. */
  readonly amount: number;
}

/** A fresh precipitate this dense, mg/L, is drawn as filling its share of the vessel (common practice). */
const fullMgPerL = 10_000;
/** Times the density of a visible precipitate above which nothing is seen through the liquid (common practice). */
const opaqueTimes = 10;
/** Suspended solid that hides half of the liquid’s own colour, mg/L: a white one by scattering, a black one sooner, by what it absorbs (common practice). */
const hidesHalfMgPerL = (solidHex: string): number => 400 * hexLook(solidHex).l ** 2.5;

/** The parts of a step that are seen. */
export interface Visible {
  readonly vessel: Vessel;
  readonly equilibrium?: Equilibrium;
  readonly gasEvolved?: Amounts;
}

/** What a vessel looks like just after something was done to it, before the solid has settled. */
export function viewVessel({ vessel, equilibrium, gasEvolved = {} }: Visible): VesselView {
  const { pathCm, brimMl } = containers[vessel.container];
  const { volumeMl, indicators } = vessel;
  const liquid = equilibrium
    ? solutionColour(
        equilibrium.species,
        pathCm,
        { drops: indicators, pH: equilibrium.pH, volumeMl, temperatureC: vessel.temperatureC },
        vessel.put,
      )
    : solutionColour({}, pathCm);
  const loose = massesMg(vessel).filter(({ formula }) => !solidLook(formula)?.isMetal);
  const stirredMgPerL = sum(loose) / Math.max(volumeMl / 1000, 1e-3);
  const solid = solidView(massesMg(vessel), vessel);
  const stirred = solidView(loose, vessel);
  const isHazy = volumeMl > 0 && stirredMgPerL >= visibleMgPerL.haze;
  return {
    liquidHex: liquid.hex,
    colour: liquid.colour,
    clarity: !isHazy
      ? 'clear'
      : stirredMgPerL < opaqueTimes * visibleMgPerL.precipitate
        ? 'cloudy'
        : 'opaque',
    fill: Math.min(1, (volumeMl + layerVolumeMl(vessel.phases.layer)) / brimMl),
    ...(solid && { solid }),
    ...(stirred && isHazy && { suspensionHex: suspended(liquid.hex, stirred.hex, stirredMgPerL) }),
    ...(Object.keys(gasEvolved).length > 0 && { bubbles: true }),
    ...(vessel.stopper && { closed: true as const }),
    ...layerView(vessel),
  };
}

/** A liquid with a solid of some density stirred up in it. */
function suspended(liquidHex: string, solidHex: string, mgPerL: number): string {
  return mixHex(liquidHex, solidHex, mgPerL / (mgPerL + hidesHalfMgPerL(solidHex)));
}

function layerView({ phases, volumeMl, container }: Vessel): { layer?: LayerView } {
  const solvent = solventOf(phases.layer);
  if (!solvent) return {};
  const ownMl = layerVolumeMl(phases.layer);
  const { hex, colour } = layerColour(
    scaleAmounts(solutesOf(phases.layer), 1 / ownMl),
    containers[container].pathCm,
  );
  return {
    layer: {
      formula: solvent.formula,
      hex,
      colour,
      position: solvent.densityGPerMl < waterDensityGPerMl ? 'above' : 'below',
      share: ownMl / (ownMl + volumeMl),
    },
  };
}

interface Mass {
  readonly formula: string;
  readonly massMg: number;
}

/** Solids by mass, heaviest first, mg. */
export function massesMg({ phases }: Vessel): Mass[] {
  return Object.entries(phases.solids)
    .map(([formula, amountMmol]) => ({ formula, massMg: amountMmol * molarMassOf(formula) }))
    .sort((a, b) => b.massMg - a.massMg);
}

const sum = (masses: readonly Mass[]): number =>
  masses.reduce((total, { massMg }) => total + massMg, 0);

/** Solids mixed as powders are, by mass; the colour is the nearest word to the mixture. */
function solidView(masses: readonly Mass[], { volumeMl, ...past }: Vessel): SolidView | undefined {
  const [first] = masses;
  const total = sum(masses);
  const mgPerL = total / Math.max(volumeMl / 1000, 1e-3);
  if (!first || mgPerL < visibleMgPerL.haze) return undefined;
  const colourOf = (formula: string) => solidLook(formula, past)?.colour ?? 'white';
  const alone = masses.every(
    ({ formula, massMg }) => massMg < 0.02 * total || colourOf(formula) === colourOf(first.formula),
  );
  let hex = phraseHex(colourOf(first.formula));
  let mixed = first.massMg;
  if (!alone)
    for (const { formula, massMg } of masses.slice(1)) {
      mixed += massMg;
      hex = mixHex(hex, phraseHex(colourOf(formula)), massMg / mixed);
    }
  return {
    hex,
    colour: alone ? colourOf(first.formula) : nearestPhrase(hex),
    amount: Math.min(1, mgPerL / fullMgPerL),
  };
}
