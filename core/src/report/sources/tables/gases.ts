import type { ConstantTable } from '../table';
import { tableOf } from '../table';
import { dissolvedGases } from '../../../matter/substances/data/dissolvedGases';
import { gasProperties } from '../../../matter/substances/data/gasProperties';
import { gasProofs } from '../../../matter/substances/data/gasProofs';
import type { GasProof } from '../../../matter/substances/types';
import { volatileAcids } from '../../../matter/substances/data/volatileAcids';
import { exposureLimits } from '../../../matter/substances/data/exposureLimits';
import type { Source } from '../../../matter/substances/source';
import { flammability } from '../../../matter/substances/data/flammability';
import { carbonDioxideOfAir, oxygenShareOfAir } from '../../../matter/substances/data/air';
import { waterVapour, waterVapourSource } from '../../../matter/substances/data/waterVapour';
import { readSource } from '../../../matter/substances/readSource';
import { beside, byFormula, formula, heatOf, judged, ofTheTrade, own, readOr } from '../standing';

const power = (value: number): number => 10 ** value;

/** Gases, as tables of constants. */
export const gasesTables = (): readonly ConstantTable[] => [
  tableOf(
    'Dissolved gases',
    dissolvedGases,
    formula,
    [
      [
        'Henry’s constant, 25 °C',
        'mol L⁻¹ atm⁻¹',
        (row) => row.henryMPerAtm,
        byFormula('dissolvedGases', power),
      ],
      ['enthalpy of dissolving', 'kJ/mol', (row) => row.enthalpyKJPerMol, heatOf('dissolvedGases')],
      ['colour', '', ({ colour }) => colour, beside],
    ],
    own,
  ),
  tableOf(
    'Vapours of acids',
    volatileAcids,
    formula,
    [
      [
        'log10 of [H⁺][A⁻]/p, 25 °C',
        'mol² L⁻² atm⁻¹',
        (row) => row.logK,
        byFormula('volatileAcids'),
      ],
      ['enthalpy of dissolving', 'kJ/mol', (row) => row.enthalpyKJPerMol, heatOf('volatileAcids')],
    ],
    own,
  ),
  tableOf(
    'Gases at the bench',
    gasProperties,
    formula,
    [
      ['solubility, 25 °C, 1 atm', 'mL per 100 mL', (row) => row.solubilityMlPer100Ml],
      ['lit splint', '', ({ litSplint }) => litSplint, ofTheTrade],
      ['smell, as a caution', '', ({ smell }) => smell, ofTheTrade],
      ['hazard', '', ({ hazard }) => hazard, ofTheTrade],
    ],
    ({ sources }) => sources[0] ?? judged,
  ),
  tableOf(
    'What gases are proved by',
    gasProofs as readonly GasProof[],
    ({ gas }) => gas,
    [['test', '', ({ method, positive }) => `${method}: ${positive}`]],
    own,
  ),
  tableOf(
    'Exposure limits',
    exposureLimits as readonly {
      gas: string;
      eightHoursPpm?: number;
      fifteenMinutesPpm?: number;
      source: Source;
    }[],
    ({ gas }) => gas,
    [
      ['mean over eight hours', 'ppm', (row) => row.eightHoursPpm],
      ['mean over fifteen minutes', 'ppm', (row) => row.fifteenMinutesPpm],
    ],
    own,
  ),
  tableOf(
    'Mixtures with air that burn',
    flammability,
    ({ gas }) => gas,
    [
      [
        'from',
        '% by volume',
        (row) => row.lowPercent,
        readOr('flammabilityFrom', ({ gas }) => gas),
      ],
      ['to', '% by volume', (row) => row.highPercent, readOr('flammabilityTo', ({ gas }) => gas)],
    ],
    own,
  ),
  tableOf(
    'Air',
    [
      { of: 'O2', ...oxygenShareOfAir },
      { of: 'CO2', ...carbonDioxideOfAir },
    ],
    ({ of }) => of,
    [['share of air by volume', '', ({ value }) => value]],
    own,
  ),
  tableOf(
    'Vapour pressure of water',
    waterVapour,
    () => 'H2O',
    [['vapour pressure', '°C: kPa', ([at, kPa]) => `${at}: ${kPa}`]],
    ([at]) => readSource('waterVapour', `${at} °C`) ?? waterVapourSource,
  ),
];
