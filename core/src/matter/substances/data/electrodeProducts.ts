import { commonPractice } from '../source';

/** How a product shows itself at an electrode, and what proves it. */
export interface ElectrodeProduct {
  readonly formula: string;
  readonly seen: string;
  readonly test?: string;
}

export const electrodeProductsSource = commonPractice('how products at electrodes look and how they are proved');

/** By the formula of what is set free, deposited or put into solution. */
export const electrodeProducts: readonly ElectrodeProduct[] = [
  { formula: 'H2', seen: 'colourless bubbles', test: 'lit splint at the mouth of the tube: squeaky pop' },
  { formula: 'O2', seen: 'colourless bubbles', test: 'glowing splint: bursts into flame' },
  { formula: 'Cl2', seen: 'pale yellow-green gas with a sharp smell', test: 'damp blue litmus: turns red, then is bleached; damp starch–iodide paper turns blue-black' },
  { formula: 'Br2', seen: 'orange to red-brown streaks in the liquid', test: 'damp starch–iodide paper turns blue-black; shaken with cyclohexane the upper layer turns orange' },
  { formula: 'I2', seen: 'brown streaks in the liquid, black crystals if much is made', test: 'starch: blue-black' },
  { formula: 'Cu', seen: 'red-brown coat', test: 'dissolves in dilute nitric acid to a blue solution' },
  { formula: 'Ag', seen: 'grey-white crystals that grow outwards', test: 'dissolves in nitric acid; hydrochloric acid then gives a white curdy precipitate' },
  { formula: 'Zn', seen: 'grey coat, spongy at high current', test: 'dissolves in dilute acid with hydrogen' },
  { formula: 'Pb', seen: 'grey feathery crystals', test: 'dissolved in nitric acid, iodide gives a bright yellow precipitate' },
  { formula: 'Sn', seen: 'bright grey needles', test: 'dissolves in hydrochloric acid with hydrogen' },
  { formula: 'Ni', seen: 'dull grey coat', test: 'a magnet attracts it' },
  { formula: 'Co', seen: 'dull grey coat', test: 'a magnet attracts it' },
  { formula: 'Fe', seen: 'grey coat', test: 'a magnet attracts it' },
  { formula: 'Cd', seen: 'silvery grey coat' },
  { formula: 'Bi', seen: 'dark grey coat' },
  { formula: 'Hg', seen: 'silvery beads' },
  { formula: 'PbO2', seen: 'brown-black coat', test: 'sets iodine free from acidified iodide' },
  { formula: 'MnO2', seen: 'brown-black coat', test: 'makes hydrogen peroxide fizz' },
  { formula: 'Fe^3+', seen: 'the liquid turns yellow to brown', test: 'thiocyanate: blood red' },
  { formula: 'Fe^2+', seen: 'yellow fades to pale green', test: 'hexacyanidoferrate(III): deep blue' },
  { formula: 'Ce^3+', seen: 'yellow fades' },
  { formula: 'Fe(CN)6^3-', seen: 'the liquid turns a deeper yellow' },
  { formula: 'Fe(CN)6^4-', seen: 'yellow fades' },
  { formula: 'I^-', seen: 'brown fades' },
  { formula: 'Br^-', seen: 'orange fades' },
  { formula: 'Cu^2+', seen: 'the electrode gets thinner; the blue does not fade', test: 'weigh it dry before and after' },
  { formula: 'Ag^+', seen: 'the electrode gets thinner', test: 'weigh it dry before and after' },
  { formula: 'Zn^2+', seen: 'the electrode gets thinner', test: 'weigh it dry before and after' },
  { formula: 'Ni^2+', seen: 'the electrode gets thinner, green streams fall from it', test: 'weigh it dry before and after' },
  { formula: 'Pb^2+', seen: 'the electrode gets thinner', test: 'weigh it dry before and after' },
  { formula: 'Sn^2+', seen: 'the electrode gets thinner', test: 'weigh it dry before and after' },
  { formula: 'Al^3+', seen: 'the electrode is eaten away', test: 'weigh it dry before and after' },
  { formula: 'Sn^4+', seen: 'nothing at once; with water it may cloud' },
  { formula: 'CrO4^2-', seen: 'the liquid slowly turns yellow with chromate, which is very toxic' },
  { formula: 'AgCl', seen: 'white coat on the silver, darkening in light', test: 'dissolves in ammonia' },
  { formula: 'AgBr', seen: 'cream coat on the silver' },
  { formula: 'AgI', seen: 'yellow coat on the silver' },
  { formula: 'CuCl', seen: 'white cloud that turns yellow to orange as base reaches it; the electrode gets thinner', test: 'weigh it dry before and after' },
  { formula: 'CuI', seen: 'off-white coat' },
  { formula: 'Na', seen: 'silvery liquid metal that must be kept from air', test: 'not for a class: reacts violently with water' },
  { formula: 'K', seen: 'silvery liquid metal that must be kept from air', test: 'not for a class: reacts violently with water' },
  { formula: 'Li', seen: 'silvery liquid metal that must be kept from air' },
  { formula: 'Mg', seen: 'silvery beads that burn in air' },
  { formula: 'Ca', seen: 'silvery grey metal' },
  { formula: 'Ba', seen: 'silvery metal' },
  { formula: 'Al', seen: 'liquid metal at the bottom' },
  { formula: 'F2', seen: 'a pale yellow gas that attacks everything', test: 'never made in a class' },
];

/** How a product of a melt shows itself, where that differs. */
export const meltProducts: readonly ElectrodeProduct[] = [
  { formula: 'Br2', seen: 'red-brown vapour', test: 'damp starch–iodide paper turns blue-black' },
  { formula: 'I2', seen: 'violet vapour', test: 'starch: blue-black' },
  { formula: 'Pb', seen: 'a bead of silvery liquid lead at the bottom', test: 'the cold bead is soft and marks paper' },
  { formula: 'Zn', seen: 'silvery beads or crystals', test: 'dissolves in dilute acid with hydrogen' },
  { formula: 'Sn', seen: 'silvery liquid beads' },
  { formula: 'Ag', seen: 'silvery crystals' },
];
