import { commonPractice } from '../source';
import type { Bottle } from '../types';

const trade = commonPractice('strength of the solution as it stands in a teaching laboratory under this name, rounded');
const kitchen = commonPractice('strength as sold for the household, rounded');
const bottle = (names: readonly string[], holdsM: Bottle['holdsM'], source = trade): Bottle => ({ names, holdsM, source });

/** Solutions that are asked for by the name on the bottle, which says what is in it and how strong. */
export const bottles: readonly Bottle[] = [
  bottle(['lime water', 'limewater'], { 'Ca(OH)2': 0.015 }),
  bottle(['baryta water'], { 'Ba(OH)2': 0.1 }),
  bottle(['chlorine water'], { Cl2: 0.06 }),
  bottle(['bromine water'], { Br2: 0.05 }),
  bottle(['iodine solution', 'iodine in potassium iodide'], { I2: 0.01, KI: 0.1 }),
  bottle(['hydrogen sulfide water'], { H2S: 0.1 }),
  bottle(['sulfurous acid', 'sulfur dioxide solution'], { SO2: 0.5 }),
  bottle(['vinegar', 'white vinegar'], { CH3COOH: 0.85 }, kitchen),
  bottle(['household ammonia'], { NH3: 3 }, kitchen),
  bottle(['bleach', 'household bleach', 'chlorine bleach'], { NaClO: 0.7 }, kitchen),
  bottle(['hydrogen peroxide solution', 'peroxide solution'], { H2O2: 0.9 }, kitchen),
  bottle(['water glass'], { Na2SiO3: 1.5 }, kitchen),
  bottle(['battery acid'], { H2SO4: 4.5 }, kitchen),
  bottle(['brine'], { NaCl: 5 }),
  bottle(['dilute hydrochloric acid'], { HCl: 2 }),
  bottle(['dilute sulfuric acid'], { H2SO4: 1 }),
  bottle(['dilute nitric acid'], { HNO3: 2 }),
  bottle(['dilute acetic acid'], { CH3COOH: 2 }),
  bottle(['dilute ammonia', 'dilute ammonia solution'], { NH3: 2 }),
  bottle(['dilute sodium hydroxide', 'dilute sodium hydroxide solution'], { NaOH: 2 }),
  bottle(['Benedict’s solution'], { CuSO4: 0.07, Na3C6H5O7: 0.59, Na2CO3: 0.94 }),
  bottle(['Fehling’s solution A'], { CuSO4: 0.28 }),
  // Half as strong as books have it: sodium and tartrate together would pass the solubility that the tables know.
  bottle(['Fehling’s solution B', 'alkaline tartrate solution'], { NaKC4H4O6: 0.6, NaOH: 1.5 }),
];
