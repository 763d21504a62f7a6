import type { HeatSight } from './dry/dryHeat';
import type { Vessel } from './vessel';

/** Cryoscopic constant of water, K kg/mol (CRC Handbook, recalled from memory). */
const cryoscopicK = 1.86;
/** Below this no salt solution of the bench is liquid, °C (CRC Handbook: calcium chloride, −51; recalled from memory). */
const lowestFreezingC = -50;
/** A vessel this cold freezes a film of water under it to the board, °C (common practice). */
const freezesBoardC = -2;

/**
 * Where ice begins to form in a solution, °C: water’s 0 °C less 1.86 for each mole of dissolved particles per kilogram.
 * Rough above about 1 mol/kg.
 */
export function freezingPoint({ phases }: Vessel): number {
  const { H2O: water = 0, ...solutes } = phases.solution;
  const particles = Object.values(solutes).reduce((sum, n) => sum + Math.max(0, n), 0);
  const kg = (water * 18.015) / 1e6;
  return kg <= 0 ? 0 : Math.max(lowestFreezingC, (-cryoscopicK * (particles / 1000)) / kg);
}

/** What a vessel that became cold shows. */
export function coldSights(before: Vessel, after: Vessel): HeatSight[] {
  const fell = (limit: number) => before.temperatureC > limit && after.temperatureC <= limit;
  return fell(freezesBoardC)
    ? [
        {
          formula: 'H2O',
          result: 'frost forms outside; on a wet board the vessel freezes fast',
          shows: ['freezes'],
        },
      ]
    : [];
}
