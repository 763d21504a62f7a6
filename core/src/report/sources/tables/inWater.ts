import type { ConstantTable } from '../table';
import { tableOf } from '../table';
import { atomicMasses } from '../../../matter/formula/elements';
import { appearanceSource, shelf } from '../../../matter/substances/data/shelf';
import { sparinglySoluble } from '../../../matter/substances/data/sparinglySoluble';
import { solidLooks } from '../../../matter/substances/data/builders/solids';
import { acidBaseSteps, waterIonisation } from '../../../matter/substances/data/acidBaseSteps';
import { complexes } from '../../../matter/substances/data/complexes';
import { redoxCouples } from '../../../matter/substances/data/redoxCouples';
import { oneWay } from '../../../matter/substances/data/oneWay';
import { slowTransfers } from '../../../matter/substances/data/slowTransfers';
import { formationEnthalpies } from '../../../matter/substances/data/formationEnthalpies';
import { dilutionHeats } from '../../../matter/substances/data/dilutionHeats';
import { byFormula, formula, heatOf, own, readOr, together } from '../standing';

const negative = (value: number): number => -value;

/** What is dissolved, and what it takes part in, as tables of constants. */
export const inWaterTables = (): readonly ConstantTable[] => [
  tableOf(
    'Atomic masses',
    atomicMasses(),
    ({ symbol }) => symbol,
    [['relative atomic mass', 'g/mol', ({ mass }) => mass]],
    () => ({
      kind: 'package',
      name: 'chemical-elements',
      detail: 'standard atomic masses',
    }),
  ),
  tableOf(
    'Substances on the shelf',
    shelf,
    formula,
    [
      [
        'solubility, 20–25 °C',
        'g per 100 g of water',
        (row) => (row.solubilityFrom ? undefined : row.solubilityGPer100G),
      ],
      [
        'solubility by temperature',
        '°C: g per 100 g',
        ({ curve }) => curve?.map(([at, g]) => `${at}: ${g}`),
      ],
      ['concentration as sold', 'mol/L', ({ stock }) => stock?.concentrationM],
      ['mass share as sold', '%', ({ stock }) => stock?.percentWW],
      ['density as sold', 'g/mL', ({ stock }) => stock?.densityGPerMl],
      [
        'appearance',
        '',
        ({ forms }) => forms.map((one) => `${one.formula} ${one.appearance}`),
        () => appearanceSource,
      ],
    ],
    own,
  ),
  tableOf(
    'Sparingly soluble solids',
    sparinglySoluble,
    formula,
    [
      ['−log₁₀ Ksp, 25 °C', '', ({ pKsp }) => pKsp, byFormula('sparinglySoluble', negative)],
      [
        'enthalpy of dissolving',
        'kJ/mol',
        (row) => row.dissolutionKJPerMol,
        heatOf('sparinglySoluble'),
      ],
      ['colour', '', ({ colour }) => colour, () => solidLooks.colour],
      ['texture', '', ({ texture }) => texture, () => solidLooks.texture],
    ],
    own,
  ),
  tableOf(
    'Acids and bases',
    acidBaseSteps,
    formula,
    [
      [
        'log₁₀ β from its components, 25 °C',
        '',
        ({ logBeta }) => logBeta,
        byFormula('acidBaseSteps'),
      ],
      [
        'enthalpy from its components',
        'kJ/mol',
        (row) => row.enthalpyKJPerMol,
        heatOf('acidBaseSteps'),
      ],
    ],
    own,
  ),
  tableOf(
    'Water',
    [waterIonisation],
    () => 'H2O',
    [
      ['pKw, 25 °C', '', ({ pKw }) => pKw],
      ['enthalpy of ionisation', 'kJ/mol', (row) => row.enthalpyKJPerMol],
    ],
    own,
  ),
  tableOf(
    'Complexes and ion pairs',
    complexes,
    formula,
    [
      ['log₁₀ β from its components, 25 °C', '', ({ logBeta }) => logBeta, byFormula('complexes')],
      [
        'enthalpy from its components',
        'kJ/mol',
        (row) => row.enthalpyKJPerMol,
        heatOf('complexes'),
      ],
    ],
    own,
  ),
  tableOf(
    'Standard potentials',
    redoxCouples,
    ({ half }) => half,
    [
      [
        'E°, 25 °C, against hydrogen',
        'V',
        (row) => row.standardPotentialV,
        readOr('redoxCouples', ({ half }) => half),
      ],
    ],
    own,
  ),
  tableOf(
    'Transfers of electrons that do not go as potentials allow',
    slowTransfers,
    ({ oxidants, reductants }) => together(oxidants ?? ['any'], reductants ?? ['any']),
    [['why', '', ({ because }) => because]],
    own,
  ),
  tableOf(
    'Reactions that run to their end by steps of their own',
    oneWay,
    ({ equation }) => equation,
    [
      ['from', '°C', ({ when }) => when?.temperatureAboveC],
      ['share', '', ({ share }) => share ?? 1],
    ],
    own,
  ),
  tableOf(
    'Enthalpies of formation',
    formationEnthalpies,
    ({ formula: of, state }) => `${of}(${state})`,
    [
      [
        'ΔfH°, 25 °C',
        'kJ/mol',
        (row) => row.kJPerMol,
        readOr('formationEnthalpies', (row) => `${row.formula}(${row.state})`),
      ],
    ],
    own,
  ),
  tableOf(
    'Heats of dilution',
    dilutionHeats,
    ({ of }) => of,
    [
      ['full heat of dilution', 'kJ/mol', (row) => row.fullKJPerMol],
      ['half of it at', 'mol of water to one of it', (row) => row.halfAtWater],
    ],
    own,
  ),
];
