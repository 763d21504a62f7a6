import type { ConstantTable } from '../table';
import { tableOf } from '../table';
import { pureSolids } from '../../../matter/substances/data/pureSolids';
import { thermalChanges } from '../../../matter/substances/data/thermalChanges';
import { benchTemperature, heatedFrom } from '../../../matter/substances/data/builders/heated';
import { heatedColours, hotSolids } from '../../../matter/substances/data/hotSolids';
import { burningLiquids } from '../../../matter/substances/data/burningLiquids';
import type { BurningLiquid } from '../../../matter/substances/types';
import { flameColours, flameRanksSource } from '../../../matter/substances/data/flameColours';
import { metalsOnWater } from '../../../matter/substances/data/metalsOnWater';
import { metalDensities, metalDensitySource } from '../../../matter/substances/data/metalDensities';
import { readSource } from '../../../matter/substances/readSource';
import type { Standing } from '../table';
import { comparisonOf } from '../comparison';
import { formula, judged, ofTheTrade, own, readOr } from '../standing';
import type { TwoSources } from '../standing';

const firstOr = (table: string): Standing<TwoSources & { readonly formula: string }> => ({
  source: (row) => readSource(table, row.formula) ?? row.sources[0] ?? judged,
  compared: (row) => comparisonOf(table, row.formula),
});

/** What heat and water do to solids, as tables of constants. */
export const heatedTables = (): readonly ConstantTable[] => [
  tableOf(
    'Elements and oxides as solids',
    pureSolids,
    formula,
    [['colour', '', ({ colour }) => colour]],
    own,
  ),
  tableOf(
    'What heat does',
    thermalChanges,
    ({ equation }) => equation,
    [
      [
        'seen to run from',
        '°C',
        ({ atC }) => atC,
        ({ source }) => (source === heatedFrom.text ? benchTemperature : source),
      ],
      ['shows', '', ({ shows }) => shows?.says],
    ],
    own,
  ),
  tableOf(
    'Solids that heat leaves what they are',
    hotSolids,
    formula,
    [
      ['melts at', '°C', ({ meltsC }) => meltsC, readOr('hotMelting', ({ formula: of }) => of)],
      ['sublimes at', '°C', ({ sublimesC }) => sublimesC],
      ['boils at', '°C', ({ boilsC }) => boilsC, readOr('hotBoiling', ({ formula: of }) => of)],
      ['nothing happens up to', '°C', ({ staysToC }) => staysToC],
      ['while hot', '', ({ whileHot }) => whileHot?.says],
    ],
    own,
  ),
  tableOf(
    'Colours of heated solids',
    heatedColours,
    formula,
    [['colour', '', ({ colour }) => colour]],
    own,
  ),
  tableOf(
    'Liquids in a flame',
    burningLiquids as readonly BurningLiquid[],
    formula,
    [
      ['burns as', '', ({ equation }) => equation],
      ['shows', '', ({ shows }) => shows?.says],
    ],
    own,
  ),
  tableOf(
    'Flame colours',
    flameColours,
    ({ ion }) => ion,
    [
      ['colour', '', ({ words }) => words],
      ['shows from', 'mmol', (row) => row.fromMmol, () => flameRanksSource],
    ],
    own,
  ),
  tableOf(
    'Metals on water',
    metalsOnWater,
    formula,
    [
      ['density', 'g/mL', (row) => row.densityGPerMl, firstOr('metalsOnWaterDensity')],
      ['melts at', '°C', ({ meltsC }) => meltsC, firstOr('metalsOnWaterMelting')],
      ['pace', '', ({ pace }) => pace, ofTheTrade],
      ['largest piece shown', 'g', ({ mostG }) => mostG, ofTheTrade],
    ],
    ({ sources }) => sources[0] ?? judged,
  ),
  tableOf(
    'Densities of metals',
    Object.entries(metalDensities),
    ([of]) => of,
    [['density, 20–25 °C', 'g/cm³', ([, density]) => density]],
    ([of]) => readSource('metalDensities', of) ?? metalDensitySource,
  ),
];
