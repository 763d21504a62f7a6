import type { ConstantTable } from '../table';
import { tableOf } from '../table';
import { spectra } from '../../../matter/substances/data/spectra';
import { layerSpectra, solvents } from '../../../matter/substances/data/solvents';
import { dropSource, indicators } from '../../../matter/substances/data/indicators';
import { redoxDyes } from '../../../matter/substances/data/redoxDyes';
import { starch } from '../../../matter/substances/data/starch';
import { ionicDiffusion } from '../../../matter/substances/data/diffusion';
import type { AbsorptionBand } from '../../../matter/substances/types';
import { formatNumber } from '../../../common/formatNumber';
import { byFormula, formula, own } from '../standing';

const bandWords = (bands: readonly AbsorptionBand[]): string =>
  bands
    .map(
      ({ maximumNm, absorptivity, widthPerCm }) =>
        `${formatNumber(maximumNm)} nm, ${formatNumber(absorptivity)} L mol⁻¹ cm⁻¹, ${formatNumber(widthPerCm)} cm⁻¹ wide`,
    )
    .join('; ');

/** Colours in solution, as tables of constants. */
export const coloursTables = (): readonly ConstantTable[] => [
  tableOf(
    'Absorption spectra',
    [...spectra, ...layerSpectra],
    formula,
    [['bands', '', ({ bands }) => bandWords(bands)]],
    own,
  ),
  tableOf(
    'Indicators',
    indicators,
    ({ name }) => name,
    [
      ['pKa', '', ({ pKa }) => pKa.map(String)],
      ['amount in a drop', 'mol', (row) => row.molPerDrop, () => dropSource],
      ['bands by form', '', ({ forms }) => forms.map((bands) => bandWords(bands) || 'none')],
    ],
    own,
  ),
  tableOf(
    'Redox dyes',
    redoxDyes,
    ({ name }) => name,
    [
      ['amount in a drop', 'mol', (row) => row.molPerDrop],
      [
        'speed of reduction by glucose, 25 °C',
        'L² mol⁻² s⁻¹',
        ({ stages }) => stages.map(({ perM2PerS }) => String(perM2PerS)),
      ],
    ],
    ({ sources }) => sources[1],
  ),
  tableOf(
    'Starch',
    [starch],
    ({ name }) => name,
    [
      ['iodine bound by a drop', 'mol', (row) => row.sitesPerDrop],
      ['log₁₀ of the binding constant, 25 °C', 'L/mol', ({ logK }) => logK],
      ['enthalpy of binding', 'kJ/mol', (row) => row.enthalpyKJPerMol],
    ],
    own,
  ),
  tableOf(
    'Diffusion in water',
    ionicDiffusion,
    formula,
    [
      [
        'diffusion coefficient, 25 °C',
        '10⁻⁹ m²/s',
        ({ coefficient }) => coefficient,
        byFormula('diffusion'),
      ],
    ],
    own,
  ),
  tableOf(
    'Solvents that do not mix with water',
    solvents,
    formula,
    [
      ['density', 'g/mL', (row) => row.densityGPerMl],
      [
        'partition against water',
        '',
        ({ partition }) => Object.entries(partition).map(([of, ratio]) => `${of} ${ratio}`),
      ],
    ],
    own,
  ),
];
