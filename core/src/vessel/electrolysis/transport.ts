import type { Components } from '../../matter/substances/componentsOf';
import { componentsOfSpecies } from '../../matter/substances/componentsOf';
import { ionicDiffusion } from '../../matter/substances/data/diffusion';
import { chargeOf } from '../../matter/substances/ionsOf';
import { faraday } from '../../solution/equilibrium/temperature';
import { commonPractice } from '../../matter/substances/source';

/** Thickness of the still layer at an electrode that nobody stirs, cm. */
export const stillLayerCm = 0.02;
export const stillLayerSource = commonPractice(
  'still layer of about 0.2 mm at an electrode in an unstirred beaker, where density currents and bubbles move the rest; 0.1 to 0.5 mm',
);

const diffusion = new Map(ionicDiffusion.map((row) => [row.formula, row.coefficient * 1e-5]));
/** For species without a row, cm²/s at 25 °C: that of a middling hydrated ion. */
const middlingCm2PerS = 0.8e-5;

/** Diffusion coefficient of a species in water at 25 °C, cm²/s. */
export function diffusionCm2PerS(formula: string): number {
  return diffusion.get(formula) ?? middlingCm2PerS;
}

/**
 * The largest current density that diffusion through the still layer can feed, A/cm²: nFDc/δ (Fick’s first law with
 * nothing left at the surface; Bockris and Reddy, recalled from memory).
 *
 * @param concentrationM in the bulk, mol/L.
 */
export function limitingDensity(
  formula: string,
  concentrationM: number,
  electrons: number,
): number {
  return (electrons * faraday * diffusionCm2PerS(formula) * concentrationM) / 1000 / stillLayerCm;
}

/**
 * How far the concentration at the surface differs from the bulk when something is made there, mol/L: jδ/(nFD).
 *
 * @param densityAPerCm2 current density that makes it; electrons per piece in `electrons`.
 */
export function builtUpM(formula: string, densityAPerCm2: number, electrons: number): number {
  return (1000 * densityAPerCm2 * stillLayerCm) / (electrons * faraday * diffusionCm2PerS(formula));
}

/** Everything dissolved that carries a component, mol/L: the ion itself and its complexes. */
export function dissolvedTotalM(component: string, species: Components): number {
  return Object.entries(species).reduce(
    (sum, [formula, molPerL]) => sum + molPerL * (componentsOfSpecies(formula)?.[component] ?? 0),
    0,
  );
}

/** One ion with what it carries of a current. */
export interface Carrier {
  readonly formula: string;
  readonly charge: number;
  readonly concentrationM: number;
  /** z²Dc, to which its share of the current is proportional. */
  readonly weight: number;
}

/** The ions of a solution as carriers of current. */
export function carriersIn(species: Components): Carrier[] {
  return Object.entries(species).flatMap(([formula, concentrationM]) => {
    const charge = chargeOf(formula);
    return charge === 0 || concentrationM < 1e-12
      ? []
      : [
          {
            formula,
            charge,
            concentrationM,
            weight: charge * charge * diffusionCm2PerS(formula) * concentrationM,
          },
        ];
  });
}
