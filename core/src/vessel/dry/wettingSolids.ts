import { shelf } from '../../matter/substances/data/shelf';
import type { Substance } from '../../matter/substances/types';
import { waterOfCrystallisation } from '../../matter/formula/molarMass';
import { parseFormula } from '../../matter/formula/parseFormula';
import { bringToRest } from '../bringToRest';
import type { Amounts } from '../amounts';
import { pourOut, waterDensityGPerMl } from '../pour';
import { pourTogether } from '../vessel';
import type { Vessel } from '../vessel';

/** Solubility from which a hydroxide draws water and gives it up readily, g per 100 g (common practice). */
const readilySoluble = 2;

/**
 * Water that dry solids set free when they are stirred together, mL: a readily soluble hydroxide and an ammonium salt make
 * ammonia and water and let crystal water go, so that they wet themselves. 0 when they stay dry.
 */
export function waterSetFreeMl(solids: Amounts): number {
  const rows = Object.entries(solids).flatMap(([formula, mmol]) => {
    const [dry = ''] = formula.split('·');
    const row: Substance | undefined = shelf.find((one) => one.formula === dry);
    if (!row) return [];
    const { ions, solubilityGPer100G } = row;
    const crystal = waterOfCrystallisation(parseFormula(formula));
    return [{ mmol, ions, crystal, soluble: solubilityGPer100G >= readilySoluble }];
  });
  const hydroxides = rows.filter(({ ions, soluble }) => soluble && (ions['OH^-'] ?? 0) > 0);
  const ammonium = rows.filter(({ ions }) => (ions['NH4^+'] ?? 0) > 0);
  const total = (some: typeof rows, ion: string) =>
    some.reduce((sum, { mmol, ions }) => sum + mmol * (ions[ion] ?? 0), 0);
  const hydroxide = total(hydroxides, 'OH^-');
  const neutralised = Math.min(hydroxide, total(ammonium, 'NH4^+'));
  if (neutralised <= 0) return 0;
  const crystalWater = hydroxides.reduce((sum, { mmol, crystal }) => sum + mmol * crystal, 0);
  const mmol = neutralised + (crystalWater * neutralised) / hydroxide;
  return (mmol * 18.015) / 1000 / waterDensityGPerMl;
}

/** Millilitres of water in which dry solids are tried for what they would do. */
const triedInMl = 20;

/** Why nothing is told of dry solids that lie together, when in water they would react; undefined when they would not. */
export function dryReason(vessel: Vessel): string | undefined {
  if (Object.keys(vessel.phases.solids).length < 2) return undefined;
  const water = pourOut({ substance: 'water', volumeMl: triedInMl }, vessel.container);
  const wet = pourTogether(vessel, water);
  const apart = Object.entries(vessel.phases.solids).flatMap(([formula, mmol]) =>
    bringToRest(
      { ...wet, phases: { ...wet.phases, solids: { [formula]: mmol } } },
      { ...wet.phases, solids: { [formula]: mmol } },
    ).reactions.map(({ netIonic }) => netIonic),
  );
  const [first] = bringToRest(wet, wet.phases).reactions.filter(
    ({ netIonic }) => !apart.includes(netIonic),
  );
  return first
    ? `dry solids react only where they touch, if at all; with water they would: ${first.equation}`
    : undefined;
}
