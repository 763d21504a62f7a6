import fc from 'fast-check';
import type { AnyPortion } from '../../src/vessel/portion';
import { shelf } from '../../src/matter/substances/data/shelf';

export const soluble = shelf.filter(
  ({ state, solubilityGPer100G, stock }) => state !== 'gas' && !stock && solubilityGPer100G > 2,
);
const stocks = shelf.filter(({ stock, formula }) => stock && formula !== 'HF');
const solids = shelf.filter(
  ({ state, solubilityGPer100G, stock }) => !state && !stock && solubilityGPer100G <= 2,
);
const gases = ['CO2', 'SO2', 'H2S', 'Cl2', 'NO2'];
const immiscible = ['cyclohexane', 'dichloromethane'];
/** Amounts over three powers of ten. */
export const strength = fc.double({ min: -3, max: 0, noNaN: true }).map((log) => 10 ** log);

/** Anything the shelf gives, in bench amounts. */
export const anyPortion: fc.Arbitrary<AnyPortion> = fc.oneof(
  fc.record({
    substance: fc.constantFrom(...soluble.map(({ formula }) => formula)),
    concentrationM: strength,
    volumeMl: fc.constantFrom(1, 3, 8),
  }),
  fc.record({
    substance: fc.constantFrom(...stocks.map(({ formula }) => formula)),
    concentrationM: strength.map((c) => 5 * c),
    volumeMl: fc.constantFrom(1, 3, 8),
  }),
  fc.record({
    substance: fc.constantFrom(...solids.map(({ formula }) => formula)),
    massG: strength.map((g) => g / 2),
  }),
  fc.record({ gas: fc.constantFrom(...gases), amountMmol: strength }),
  fc.record({ substance: fc.constantFrom(...immiscible), volumeMl: fc.constantFrom(1, 5) }),
);
