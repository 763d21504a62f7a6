import { molarMassOf } from '../../src/matter/formula/molarMass';
import { ionicDiffusion } from '../../src/matter/substances/data/diffusion';
import { flammability } from '../../src/matter/substances/data/flammability';
import { hotSolids } from '../../src/matter/substances/data/hotSolids';
import { melts } from '../../src/matter/substances/data/melts';
import { metalsOnWater } from '../../src/matter/substances/data/metalsOnWater';
import { metalDensities } from '../../src/matter/substances/data/metalDensities';
import { teachingCompounds } from '../../src/matter/substances/data/teachingCompounds';
import { waterVapour } from '../../src/matter/substances/data/waterVapour';
import type { TeachingCompound } from '../../src/matter/substances/types';

/** A measured property of one substance. */
export interface OurMeasured {
  /** Name of its comparison in `docs/reference/`. */
  readonly table: string;
  readonly of: string;
  readonly quantity:
    | 'M / g/mol'
    | 'log10 S'
    | 'melts / °C'
    | 'boils / °C'
    | 'density / g/cm³'
    | 'D / 1e-9 m²/s'
    | 'p / kPa'
    | '% by volume';
  readonly ours: number;
  /** What it is looked up by: a structure, a formula, an ion, or a temperature in °C. */
  readonly by: {
    readonly smiles?: string;
    readonly names?: readonly string[];
    readonly formula?: string;
    readonly atC?: number;
  };
}

type Value = readonly [OurMeasured['quantity'], number | undefined];
const rowsOf = (
  table: string,
  of: string,
  by: OurMeasured['by'],
  ...values: readonly Value[]
): OurMeasured[] =>
  values.flatMap(([quantity, ours]) =>
    ours === undefined ? [] : [{ table, of, quantity, ours, by }],
  );

/** Measured properties of the tables, value by value. */
export const ourMeasured: readonly OurMeasured[] = [
  ...(teachingCompounds as readonly TeachingCompound[]).flatMap(
    ({ name, alsoCalled = [], smiles, formula, meltsC, boilsC, waterGPer100Ml }) => {
      const names = [name, ...alsoCalled];
      const by = { smiles, names };
      return [
        // Looked up by its name alone, so that it speaks for the structure.
        ...rowsOf('organicMasses', name, { names }, ['M / g/mol', molarMassOf(formula)]),
        // Grams per 100 mL of water as mol/L, as it is measured of what dissolves little.
        ...rowsOf('organicSolubility', name, by, [
          'log10 S',
          typeof waterGPer100Ml === 'number' && waterGPer100Ml > 0 && waterGPer100Ml < 20
            ? Math.log10((10 * waterGPer100Ml) / molarMassOf(formula))
            : undefined,
        ]),
        ...rowsOf('organicMelting', name, by, ['melts / °C', meltsC]),
        ...rowsOf('organicBoiling', name, by, ['boils / °C', boilsC]),
      ];
    },
  ),
  ...hotSolids.flatMap(({ formula, meltsC, boilsC }) => [
    ...rowsOf('hotMelting', formula, { formula }, ['melts / °C', meltsC]),
    ...rowsOf('hotBoiling', formula, { formula }, ['boils / °C', boilsC]),
  ]),
  ...melts.flatMap(({ formula, meltsC }) =>
    rowsOf('melts', formula, { formula }, ['melts / °C', meltsC]),
  ),
  ...metalsOnWater.flatMap(({ formula, meltsC, densityGPerMl }) => [
    ...rowsOf('metalsOnWaterMelting', formula, { formula }, ['melts / °C', meltsC]),
    ...rowsOf('metalsOnWaterDensity', formula, { formula }, ['density / g/cm³', densityGPerMl]),
  ]),
  ...Object.entries(metalDensities).flatMap(([formula, gPerMl]) =>
    rowsOf('metalDensities', formula, { formula }, ['density / g/cm³', gPerMl]),
  ),
  ...ionicDiffusion.flatMap(({ formula, coefficient }) =>
    rowsOf('diffusion', formula, { formula }, ['D / 1e-9 m²/s', coefficient]),
  ),
  ...waterVapour.flatMap(([atC, kPa]) =>
    rowsOf('waterVapour', `${atC} °C`, { atC }, ['p / kPa', kPa]),
  ),
  ...flammability.flatMap(({ gas, lowPercent, highPercent }) => [
    ...rowsOf('flammabilityFrom', gas, { formula: gas }, ['% by volume', lowPercent]),
    ...rowsOf('flammabilityTo', gas, { formula: gas }, ['% by volume', highPercent]),
  ]),
];
