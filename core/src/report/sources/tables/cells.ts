import type { ConstantTable } from '../table';
import { tableOf } from '../table';
import { overpotentials } from '../../../matter/substances/data/overpotentials';
import {
  electrodeProcesses,
  notAtElectrodes,
} from '../../../matter/substances/data/electrodeProcesses';
import { electrodes, stainlessSteel } from '../../../matter/substances/data/electrodes';
import { referenceElectrodes } from '../../../matter/substances/data/referenceElectrodes';
import { melts } from '../../../matter/substances/data/melts';
import { byFormula, formula, own } from '../standing';

/** Electrodes and cells, as tables of constants. */
export const cellsTables = (): readonly ConstantTable[] => [
  tableOf(
    'Overpotentials of gases',
    overpotentials,
    ({ gas, surface }) => `${gas} at ${surface}`,
    [
      [
        'overpotential by current density',
        'mA/cm²: V',
        ({ points }) => points.map(([at, volts]) => `${at}: ${volts}`),
      ],
    ],
    own,
  ),
  tableOf(
    'Processes at electrodes',
    electrodeProcesses,
    ({ half }) => half,
    [['exchange current density', 'A/cm²', (row) => row.exchangeAPerCm2]],
    own,
  ),
  tableOf(
    'What electrodes leave alone',
    notAtElectrodes,
    ({ of, side }) => `${of.join(', ')} at the ${side}`,
    [['why', '', ({ because, means }) => `${means}: ${because}`]],
    own,
  ),
  tableOf(
    'Electrodes',
    electrodes,
    ({ material }) => material,
    [['as plus', '', ({ inert }) => (inert ? 'stays what it is' : 'may dissolve')]],
    own,
  ),
  tableOf(
    'Stainless steel',
    [stainlessSteel],
    () => 'stainless steel',
    [
      ['mass shares', '', ({ shares }) => Object.entries(shares).map(([of, w]) => `${of} ${w}`)],
      ['share of the current that dissolves it', '', (row) => row.dissolvingShare],
    ],
    own,
  ),
  tableOf(
    'Reference electrodes',
    Object.values(referenceElectrodes),
    ({ name }) => name,
    [['potential against hydrogen, 25 °C', 'V', (row) => row.potentialV]],
    own,
  ),
  tableOf(
    'Melts',
    melts,
    formula,
    [['melts at', '°C', ({ meltsC }) => meltsC, byFormula('melts')]],
    own,
  ),
];
