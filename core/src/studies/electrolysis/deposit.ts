import * as z from 'zod';
import { ChemistryError } from '../../common/errors';
import { faraday } from '../../solution/equilibrium/temperature';
import { molarMassOf } from '../../matter/formula/molarMass';
import { chargeOf } from '../../matter/substances/ionsOf';
import { metalDensities } from '../../matter/substances/data/metalDensities';
import { electrodeProcesses } from '../../matter/substances/data/electrodeProcesses';
import { halfOf } from '../../vessel/electrolysis/electrodeHalves';

/** A plate by what a ruler says of its wetted part. */
export const plateSchema = z.object({
  widthCm: z.number().positive('A side is above 0 cm').max(500),
  heightCm: z.number().positive('A side is above 0 cm').max(500),
  /** Faces the current reaches: one where the back is covered or turned away. */
  faces: z.union([z.literal(1), z.literal(2)]),
});
export type Plate = z.infer<typeof plateSchema>;

/** Wetted area of a plate, cm²; its edges are left out. */
export function plateAreaCm2({ widthCm, heightCm, faces }: Plate): number {
  return widthCm * heightCm * faces;
}

/** A metal that is deposited, with the electrons its ion takes. */
export interface DepositMetal {
  readonly metal: string;
  readonly electrons: number;
  /** Grams for one coulomb, M/zF. */
  readonly gramsPerCoulomb: number;
  readonly densityGPerCm3: number;
}

/** The metals that come down from water, as the table of electrode processes has them. */
export const depositMetals: readonly DepositMetal[] = electrodeProcesses.flatMap((row) => {
  if (row.side !== 'cathode') return [];
  const half = halfOf(row.half);
  const metal = half.reduced.formula;
  const densityGPerCm3 = metalDensities[metal];
  return half.reduced.state !== 's' || densityGPerCm3 === undefined || chargeOf(metal) !== 0
    ? []
    : [
        {
          metal,
          electrons: half.electrons,
          gramsPerCoulomb: molarMassOf(metal) / half.electrons / faraday,
          densityGPerCm3,
        },
      ];
});

/** A metal of {@link depositMetals}. @throws ChemistryError `outOfRange` for another. */
export function depositMetal(metal: string): DepositMetal {
  const found = depositMetals.find((one) => one.metal === metal);
  if (!found)
    throw ChemistryError.of(
      'outOfRange',
      'The metal',
      metal,
      depositMetals.map((one) => one.metal).join(', '),
    ).in('metal');
  return found;
}

/** What a deposition is planned to give. */
export interface DepositPlan {
  readonly areaCm2: number;
  readonly currentA: number;
  readonly chargeC: number;
  /** If all of the charge made metal, g. */
  readonly theoryG: number;
  /** With the expected share of the current, g. */
  readonly expectedG: number;
  /** Of an even coat, µm. */
  readonly thicknessUm: number;
  /** Theory and expectation at intervals. */
  readonly along: readonly {
    readonly timeS: number;
    readonly theoryG: number;
    readonly expectedG: number;
  }[];
}

/**
 * Current from area and current density, and the mass and thickness it deposits (Faraday’s law).
 *
 * @param densityAPerM2 current density, A/m²: 10 A/m² is 1 mA/cm².
 * @param share of the current that makes metal, 0 to 1.
 * @example planDeposit({ metal: 'Zn', areaCm2: 89.88, densityAPerM2: 500, timeS: 7200, share: 1, everyS: 600 }).currentA // 4.49
 */
export function planDeposit({
  metal,
  areaCm2,
  densityAPerM2,
  timeS,
  share,
  everyS,
}: {
  readonly metal: string;
  readonly areaCm2: number;
  readonly densityAPerM2: number;
  readonly timeS: number;
  readonly share: number;
  readonly everyS: number;
}): DepositPlan {
  const { gramsPerCoulomb, densityGPerCm3 } = depositMetal(metal);
  const currentA = (areaCm2 / 1e4) * densityAPerM2;
  const chargeC = currentA * timeS;
  const theoryG = chargeC * gramsPerCoulomb;
  const count = Math.min(200, Math.floor(timeS / everyS));
  const times = Array.from({ length: count + 1 }, (_, at) => at * everyS);
  if ((times.at(-1) ?? 0) < timeS) times.push(timeS);
  return {
    areaCm2,
    currentA,
    chargeC,
    theoryG,
    expectedG: theoryG * share,
    thicknessUm: ((theoryG * share) / densityGPerCm3 / areaCm2) * 1e4,
    along: times.map((at) => {
      const mass = currentA * at * gramsPerCoulomb;
      return { timeS: at, theoryG: mass, expectedG: mass * share };
    }),
  };
}
