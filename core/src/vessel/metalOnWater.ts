import { molarMassOf } from '../matter/formula/molarMass';
import { ions } from '../matter/substances/data/ions';
import { metalsOnWater } from '../matter/substances/data/metalsOnWater';
import { formationEnthalpy } from '../matter/substances/enthalpy';
import { chargeOf } from '../matter/substances/ionsOf';
import type { Amounts } from './amounts';
import type { HeatSight } from './dry/dryHeat';
import { waterDensityGPerMl } from './pour';
import type { Vessel } from './vessel';
import type { Warning } from './warnings';
import { formatNumber, withFigures } from '../common/formatNumber';

/** The water round the metal boils before it gets hotter than this, °C; a metal that melts below it runs together to a ball. */
const waterKeepsBelowC = 100;
/** Acid from which such a metal goes off like a shot, mol/L (common practice). */
const violentFromM = 0.01;

/**
 * What is seen of a metal that reacts with water, by its density, its melting point and its pace, and the cautions.
 *
 * @param vessel what was put together, before it reacted.
 * @param solidsChange what became of the solids, mmol.
 */
export function metalOnWater(
  { phases, volumeMl }: Vessel,
  solidsChange: Amounts,
): { readonly sights: readonly HeatSight[]; readonly warnings: readonly Warning[] } {
  const sights: HeatSight[] = [];
  const warnings: Warning[] = [];
  const acidM = volumeMl === 0 ? 0 : (phases.solution['H^+'] ?? 0) / volumeMl;
  for (const row of metalsOnWater) {
    const { formula, densityGPerMl, meltsC, pace, mostG, vigour } = row;
    const gone = -(solidsChange[formula] ?? 0);
    if (gone <= 0) continue;
    const massG = (gone * molarMassOf(formula)) / 1000;
    const floats = densityGPerMl < waterDensityGPerMl ? 'floats' : 'sinks';
    const melts = meltsC < waterKeepsBelowC;
    sights.push({
      formula,
      result: `${[`${formula} ${floats}`, ...(melts ? ['melts to a ball'] : []), pace].join(', ')}; ${heatOnWater(formula)}`,
      shows: [
        floats,
        ...(melts ? (['melts'] as const) : []),
        ...(row.burns ? (['burns'] as const) : []),
      ],
      vigour,
    });
    if (massG > mostG)
      warnings.push({
        code: 'alkaliMetalAmount',
        message: `${withFigures(massG, 2)} g of ${formula} is too much: a piece of at most ${formatNumber(mostG)} g, in a wide trough, behind a screen.`,
      });
    if (acidM > violentFromM)
      warnings.push({
        code: 'alkaliMetalWithAcid',
        message: `${formula} never goes into acid: it goes off like a shot. Water only.`,
      });
  }
  return { sights, warnings };
}

/** What a metal gives off with water, in words: from the enthalpies of formation of its ion, hydroxide and water. */
function heatOnWater(metal: string): string {
  const ion = ions.find(({ formula }) => formula.startsWith(`${metal}^`))?.formula ?? '';
  const charge = chargeOf(ion);
  const of = (formula: string, state: 'aq' | 'l') => formationEnthalpy(formula, state) ?? 0;
  const kJ = of(ion, 'aq') + charge * (of('OH^-', 'aq') - of('H2O', 'l'));
  return `about ${Math.round(-kJ)} kJ a mole are set free`;
}
