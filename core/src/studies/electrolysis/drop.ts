import { find } from '../../seeing/observation/definition';
import { colour } from '../../seeing/observation/kinds/liquid';
import { mix } from '../../seeing/rack/mix';
import type { ToldStep } from '../../seeing/rack/mix';
import { gasPropertiesOf } from '../../matter/substances/gas';
import { molarMassOf } from '../../matter/formula/molarMass';
import { commonPractice } from '../../matter/substances/source';
import type { VesselSetup } from '../../vessel/action';
import type { PredictedCell } from './predictCell';

/** What may lie beside a drop under the lid. */
export const spots = {
  iodide: {
    name: 'drop of potassium iodide',
    contents: [{ substance: 'KI', concentrationM: 0.1, volumeMl: 0.1 }],
  },
  starchIodide: {
    name: 'starch–iodide paper',
    contents: [
      { substance: 'KI', concentrationM: 0.05, volumeMl: 0.1 },
      { indicator: 'starch', drops: 1 },
    ],
  },
  bromide: {
    name: 'drop of potassium bromide',
    contents: [{ substance: 'KBr', concentrationM: 0.2, volumeMl: 0.1 }],
  },
  blueLitmus: { name: 'damp blue litmus', contents: [] },
  redLitmus: { name: 'damp red litmus', contents: [] },
} as const satisfies Record<
  string,
  { readonly name: string; readonly contents: VesselSetup['contents'] }
>;
export type SpotId = keyof typeof spots;
export const spotIds = Object.keys(spots) as [SpotId, ...SpotId[]];

export const vapourSource = commonPractice(
  'about a tenth of the halogen set free in a covered drop reaches the spots beside it within a minute',
);
/** Share of the vapour that reaches all spots together. */
const reaches = 0.1;

/** What the vapour of a drop does to one spot. */
export interface SpotEffect {
  readonly spot: SpotId;
  readonly name: string;
  readonly distanceMm: number;
  /** What is seen, in order. */
  readonly seen: readonly string[];
  readonly because: string;
  /** In which order it shows: 1 for the first. */
  readonly order: number;
}

/** A spot where it lies. */
export interface Spot {
  readonly spot: SpotId;
  readonly distanceMm: number;
}

/** How readily each spot answers, by the voltage that drives it (E° of the halogens); what is bleached comes later. */
const readiness: Readonly<Record<SpotId, number>> = {
  starchIodide: 1,
  iodide: 1.2,
  blueLitmus: 1.5,
  redLitmus: 1.8,
  bromide: 2.5,
};

/** The vapour a covered drop gives off: the halogen set free at plus, mmol; undefined when there is none. */
export function vapourOf({
  anode,
  run,
}: PredictedCell): { readonly formula: string; readonly amountMmol: number } | undefined {
  const halogen = anode.products.find(({ formula }) => formula === 'Cl2' || formula === 'Br2');
  if (!halogen) return undefined;
  const coulomb = run.anode.chargesC.get(halogen.half.couple.half) ?? 0;
  return {
    formula: halogen.formula,
    amountMmol: (coulomb / 96485.33212 / halogen.half.electrons) * 1000,
  };
}

/**
 * What the vapour does to each spot, in the order in which it shows: the nearer and the more ready first. Drops are asked of the
 * engine with the share of the vapour that reaches them.
 */
export function spotEffects(cell: PredictedCell, placed: readonly Spot[]): readonly SpotEffect[] {
  const vapour = vapourOf(cell);
  return placed
    .map(({ spot, distanceMm }) => ({
      spot,
      name: spots[spot].name,
      distanceMm,
      ...(vapour
        ? effectOf(spot, vapour.formula, (vapour.amountMmol * reaches) / Math.max(1, placed.length))
        : { seen: ['nothing'], because: 'no vapour that acts on it leaves the drop' }),
      delay: distanceMm ** 2 * readiness[spot],
    }))
    .sort((a, b) => a.delay - b.delay)
    .map(({ spot, name, distanceMm, seen, because }, at) => ({
      spot,
      name,
      distanceMm,
      seen,
      because,
      order: at + 1,
    }));
}

function effectOf(
  spot: SpotId,
  gas: string,
  amountMmol: number,
): Pick<SpotEffect, 'seen' | 'because'> {
  if (spot === 'blueLitmus' || spot === 'redLitmus') {
    const bleaches = gas === 'Br2' || (gasPropertiesOf(gas)?.bleaches ?? false);
    return {
      seen: [
        ...(spot === 'blueLitmus' ? ['turns red'] : []),
        ...(bleaches ? ['is bleached white'] : []),
      ],
      because: `${gas} makes acid with the water in it${bleaches ? ', and hypohalous acid that destroys the dye' : ''}`,
    };
  }
  const contents: VesselSetup['contents'] = [...spots[spot].contents];
  const vessel: VesselSetup = { container: 'dish', contents };
  const told = mix({
    vessel,
    actions: [
      gas === 'Cl2'
        ? { do: 'bubble', gas, amountMmol: Math.max(amountMmol, 1e-6) }
        : {
            do: 'add',
            portion: {
              substance: gas,
              massG: Math.max((amountMmol * molarMassOf(gas)) / 1000, 1e-9),
            },
          },
    ],
  }).steps[1];
  return {
    seen: [colourChange(told)],
    because: told?.reactions[0]?.netIonic ?? 'nothing reacts with it',
  };
}

function colourChange(told: ToldStep | undefined): string {
  const turned = told && find(told.observations, colour);
  if (!turned || !colour.tellsChange(turned)) return 'stays as it is';
  return `${turned.from ?? ''} → ${turned.to ?? ''}`;
}
