import { dissolvedGas, gasPropertiesOf } from '../matter/substances/gas';
import { gasConstant, kelvin, vantHoff } from './equilibrium/temperature';

/**
 * mL of gas that a mL of water takes up under its own full pressure, both at that temperature: Henry’s constant times RT. Gases
 * that react with water, and take up more than that, have a tabulated volume, at 25 °C.
 */
export function gasSolubility(gas: string, temperatureC: number): number {
  const henry = dissolvedGas(gas);
  const tabulated = (gasPropertiesOf(gas)?.solubilityMlPer100Ml ?? 0) / 100;
  if (!henry) return tabulated;
  const logHenry = vantHoff(Math.log10(henry.henryMPerAtm), henry.enthalpyKJPerMol, temperatureC);
  const litreAtm = 10 ** logHenry * litreAtmPerMolK * kelvin(temperatureC);
  const at25 = henry.henryMPerAtm * litreAtmPerMolK * kelvin(25);
  // Hydrolysis takes up more than Henry’s law alone: the tabulated volume stands, scaled as the law goes with temperature.
  return Math.max(litreAtm, tabulated * (litreAtm / at25));
}

/** The gas constant, L atm mol⁻¹ K⁻¹ (CODATA, converted). */
const litreAtmPerMolK = gasConstant / 101.325;
