import type { Equilibrium } from '../equilibrium/equilibrate';
import type { Clarity, ColourPhrase } from '../substances/types';
import type { Container } from '../vessel/containers';
import { visibleMgPerL } from '../vessel/mixSolutions';
import type { Mixture } from '../vessel/mixSolutions';
import { phraseHex } from './colourWords';
import { solutionColour } from './solutionColour';

/** What a vessel looks like; enough to draw it. */
export interface VesselView {
  readonly liquidHex: string;
  readonly colour: ColourPhrase;
  readonly clarity: Clarity;
  /** How full, 0 to 1. */
  readonly fill: number;
  readonly solid?: {
    readonly hex: string;
    readonly colour: ColourPhrase;
    /** 0 a trace, 1 a tube full of sludge. */
    readonly amount: number;
  };
  readonly bubbles?: boolean;
}

/** A fresh precipitate this dense, mg/L, is drawn as filling its share of the vessel (common practice). */
const fullMgPerL = 10_000;
/** Times the density of a visible precipitate above which nothing is seen through the liquid (common practice). */
const opaqueTimes = 10;

/** What a clear solution looks like in a vessel. */
export function viewSolution(
  { species }: Pick<Equilibrium, 'species'>,
  volumeMl: number,
  { pathCm, brimMl }: Container,
): VesselView {
  const { hex, colour } = solutionColour(species, pathCm);
  return { liquidHex: hex, colour, clarity: 'clear', fill: Math.min(1, volumeMl / brimMl) };
}

/** What the mixture looks like just after mixing, before the solid has settled. */
export function viewMixture(mixture: Mixture, container: Container): VesselView {
  const { settled, solids, gases, volumeMl } = mixture;
  const mgPerL = (1000 * solids.reduce((sum, { massMg }) => sum + massMg, 0)) / volumeMl;
  const [most] = solids;
  return {
    ...viewSolution(settled, volumeMl, container),
    clarity: !most
      ? 'clear'
      : mgPerL < opaqueTimes * visibleMgPerL.precipitate
        ? 'cloudy'
        : 'opaque',
    ...(most && {
      solid: {
        hex: phraseHex(most.colour),
        colour: most.colour,
        amount: Math.min(1, mgPerL / fullMgPerL),
      },
    }),
    ...(gases.length > 0 && { bubbles: true }),
  };
}
