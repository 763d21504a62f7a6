/** Random solutions and what the engine makes of them, for `solve.py`: `npx tsx scripts/reference/systems.ts [count]`. */
import { chargeOf, ionsOf } from '../../core/src/matter/substances/ionsOf';
import { formedSpecies } from '../../core/src/matter/substances/componentsOf';
import { sparinglySoluble } from '../../core/src/matter/substances/data/sparinglySoluble';
import {
  equilibrateComponents,
  toComponents,
} from '../../core/src/solution/equilibrium/equilibrate';

/** Salts, acids and bases that a school puts together. */
const reagents = [
  'NaCl',
  'KNO3',
  'AgNO3',
  'Pb(NO3)2',
  'CuSO4',
  'FeCl3',
  'FeSO4',
  'ZnSO4',
  'NiSO4',
  'CoCl2',
  'MnSO4',
  'Al2(SO4)3',
  'MgSO4',
  'CaCl2',
  'BaCl2',
  'Cr(NO3)3',
  'Cd(NO3)2',
  'HgCl2',
  'KI',
  'KBr',
  'KSCN',
  'Na2CO3',
  'NaHCO3',
  'Na2SO4',
  'Na3PO4',
  'Na2HPO4',
  'NaH2PO4',
  'Na2C2O4',
  'K2CrO4',
  'NaCH3COO',
  'NH4Cl',
  'NaF',
  'Na2S2O3',
  'NaNO2',
  'Na2SO3',
  'HCl',
  'HNO3',
  'NaOH',
  'KOH',
  'Na3C6H5O7',
];

/** A generator of even numbers from 0 to 1 that always begins alike (mulberry32). */
function even(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const count = Number(process.argv[2] ?? 300);
const next = even(27);
const systems = [];
while (systems.length < count) {
  const chosen = new Map<string, number>();
  const parts = 2 + Math.floor(3 * next());
  for (let at = 0; at < parts; at += 1) {
    const reagent = reagents[Math.floor(reagents.length * next())] ?? 'NaCl';
    chosen.set(reagent, 10 ** (-4 + 3.3 * next()));
  }
  const totals: Record<string, number> = {};
  for (const [reagent, molar] of chosen)
    for (const [ion, n] of Object.entries(ionsOf(reagent) ?? {}))
      totals[ion] = (totals[ion] ?? 0) + n * molar;
  const components = toComponents(totals);
  const { species, pH, ionicStrength, saturation } = equilibrateComponents(components, {
    allowSolids: false,
  });
  systems.push({
    reagents: Object.fromEntries(chosen),
    components,
    species,
    pH,
    ionicStrength,
    saturation: saturation.map(({ solid, logRatio }) => [solid.formula, logRatio]),
  });
}
console.log(
  JSON.stringify({
    systems,
    formed: formedSpecies.map(({ formula, from, logBeta }) => ({
      formula,
      from,
      logBeta,
      charge: chargeOf(formula),
    })),
    solids: sparinglySoluble.map(({ formula, ions, pKsp }) => ({ formula, ions, pKsp })),
    charges: Object.fromEntries(
      [...new Set(systems.flatMap(({ components }) => Object.keys(components)))].map((name) => [
        name,
        chargeOf(name),
      ]),
    ),
  }),
);
