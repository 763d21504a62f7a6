import { handbook } from '../source';
import type { PureSolid } from '../types';

const text = handbook('Greenwood and Earnshaw, Chemistry of the Elements', 'appearance of the element or oxide');
const metal = (formula: string, colour: PureSolid['colour'] = 'grey'): PureSolid => ({ formula, colour, kind: 'metal', source: text });

/** Elements and oxides that keep no equilibrium with ions; only electron transfer changes them. */
export const pureSolids: readonly PureSolid[] = [
  metal('Li'), metal('Na'), metal('K'), metal('Ca'), metal('Mg'), metal('Al'), metal('Mn'), metal('Zn'), metal('Cr'), metal('Fe'), metal('Cd'), metal('Co'),
  metal('Ni'), metal('Sn'), metal('Pb'), metal('Bi'), { ...metal('Sb'), colour: 'black' }, metal('Cu', 'red-brown'), metal('Ag', 'grey'), { ...metal('Hg'), state: 'liquid' }, metal('Au', 'yellow'), metal('Pt'),
  { formula: 'C', colour: 'black', kind: 'non-metal', source: text },
  { formula: 'S', colour: 'pale yellow', kind: 'non-metal', source: text },
  { formula: 'P', colour: 'red-brown', kind: 'non-metal', source: text },
  { formula: 'NaBiO3', colour: 'brown', kind: 'oxide', source: text },
  { formula: 'Fe3O4', colour: 'black', kind: 'oxide', source: text },
  { formula: 'MnO2', colour: 'brown', kind: 'oxide', source: text },
  { formula: 'NiOOH', colour: 'black', kind: 'oxide', source: text },
  { formula: 'PbO2', colour: 'brown', kind: 'oxide', source: text },
  { formula: 'SiO2', colour: 'white', kind: 'oxide', source: text },
  { formula: 'TiO2', colour: 'white', kind: 'oxide', source: text },
];
