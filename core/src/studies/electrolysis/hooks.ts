import { viewVessel } from '../../seeing/appearance/vesselView';
import { findElectrode } from '../../vessel/electrolysis/findElectrode';
import { passCurrent } from '../../vessel/electrolysis/passCurrent';
import { stainlessSteel } from '../../matter/substances/data/electrodes';
import type { ColourPhrase } from '../../matter/substances/types';
import { molarMassOf } from '../../matter/formula/molarMass';
import { settle } from '../../vessel/settle';
import { addAmounts } from '../../vessel/amounts';
import type { Vessel } from '../../vessel/vessel';
import { formatNumber } from '../../common/formatNumber';

/** How hooks of an active metal colour a solution. */
export interface HookWear {
  readonly points: readonly {
    readonly minutes: number;
    readonly colour: ColourPhrase;
    readonly hex: string;
    readonly cloudy: boolean;
    /** Metal that went into solution, mg. */
    readonly metalMg: number;
  }[];
  /** When the colour or a cloud first shows in the whole, min; undefined within the time looked at. */
  readonly showsAtMin?: number;
  /** The range of that time. */
  readonly rangeMin?: readonly [earliest: number, latest: number];
  readonly words: string;
}

const lookedAtMin = [2, 5, 10, 20, 40, 80, 160, 320] as const;
/** What the dissolving share of stainless steel may be off by, as a factor. */
const stainlessFactor = 3;

/**
 * What metal from the hook at plus does to the solution with time, and when to renew it: the engine run on for growing times, the
 * whole stirred together and looked at.
 */
export function hookWear({
  liquid,
  cathode,
  anode,
  currentA,
  areaCm2,
}: {
  readonly liquid: Vessel;
  readonly cathode: string;
  readonly anode: string;
  readonly currentA: number;
  readonly areaCm2: number;
}): HookWear {
  const metal = findElectrode(anode);
  const start = settle(liquid);
  const before = viewVessel(start).colour;
  const points = lookedAtMin.map((minutes) => {
    const run = passCurrent(liquid, {
      cathode: findElectrode(cathode),
      anode: metal,
      currentA,
      timeS: minutes * 60,
      areaCm2,
      mixing: 'still',
    });
    const after = settle({
      ...liquid,
      phases: {
        ...liquid.phases,
        solution: addAmounts(run.cathode.liquid.phases.solution, run.anode.liquid.phases.solution),
      },
    });
    const view = viewVessel(after);
    const metalMg = Object.entries(run.anode.lost).reduce(
      (sum, [formula, n]) => sum + n * molarMassOf(formula),
      0,
    );
    return {
      minutes,
      colour: view.colour,
      hex: view.suspensionHex ?? view.liquidHex,
      cloudy: view.clarity !== 'clear',
      metalMg,
    };
  });
  const shows = points.find(({ colour, cloudy }) => cloudy || colour !== before)?.minutes;
  const factor = metal.material === 'stainless steel' ? stainlessFactor : 1.3;
  const none = points.every(({ metalMg }) => metalMg === 0);
  return {
    points,
    ...(shows !== undefined && {
      showsAtMin: shows,
      rangeMin: [Math.max(1, Math.round(shows / factor)), Math.round(shows * factor)] as const,
    }),
    words: none
      ? `Nothing leaves ${metal.inert ? 'this electrode' : `the ${metal.material}, which is covered here`}: the solution need not be renewed for it.`
      : shows === undefined
        ? `Metal from plus does not show within ${lookedAtMin.at(-1) ?? 0} minutes.`
        : `Metal from plus, not the water, colours the solution after about ${formatNumber(shows)} minutes (${Math.round(shows / factor)} to ${Math.round(shows * factor)}): renew it by then, sooner when it shows.`,
  };
}

export const hookSource = stainlessSteel.source;
