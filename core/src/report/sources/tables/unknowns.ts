import type { ConstantTable } from '../table';
import { tableOf } from '../table';
import { teachingCompounds } from '../../../matter/substances/data/teachingCompounds';
import type { TeachingCompound } from '../../../matter/substances/types';
import { molarMassOf } from '../../../matter/formula/molarMass';
import { organicTests } from '../../../matter/substances/data/organicTests';
import { inorganicTests } from '../../../studies/identify/inorganic/runTests';
import { rulesOfThumb } from '../rulesOfThumb';
import { notOnTheList } from '../../../studies/identify/organic/organicModel';
import { notIssued } from '../../../studies/identify/inorganic/inorganicModel';
import { marksOf } from '../../../studies/identify/grade';
import { judged, own, readOr } from '../standing';

/** Weights and shares that are judged, not measured; each says so. */
const judgements = [
  {
    of: 'Unknowns',
    quantity: 'chance that the jar holds nothing on the list, organic',
    value: notOnTheList,
  },
  {
    of: 'Unknowns',
    quantity: 'chance that the jar holds nothing on the list, inorganic',
    value: notIssued,
  },
  { of: 'Marks', quantity: 'for what it is, of 10', value: marksOf.identity },
  { of: 'Marks', quantity: 'for the evidence, of 10', value: marksOf.evidence },
  { of: 'Marks', quantity: 'for blanks, of 10', value: marksOf.blanks },
] as const;

/** Unknowns, and what is judged, as tables of constants. */
export const unknownsTables = (): readonly ConstantTable[] => [
  tableOf(
    'Organic compounds',
    teachingCompounds as readonly TeachingCompound[],
    ({ name }) => name,
    [
      ['formula', '', ({ formula: of }) => of, readOr('organicMasses', ({ name }) => name)],
      ['melts at', '°C', ({ meltsC }) => meltsC, readOr('organicMelting', ({ name }) => name)],
      [
        'boils at, 101 kPa',
        '°C',
        ({ boilsC }) => boilsC,
        readOr('organicBoiling', ({ name }) => name),
      ],
      [
        'solubility in water',
        'g per 100 mL',
        (row) => row.waterGPer100Ml,
        readOr(
          'organicSolubility',
          ({ name }) => name,
          (logM, row) => (10 ** logM * molarMassOf(row.formula)) / 10,
        ),
      ],
    ],
    own,
  ),
  tableOf(
    'Tests of unknowns',
    [...organicTests, ...inorganicTests],
    ({ label }) => label,
    [
      ['share told positive where it is negative', '', (row) => row.falsePositive],
      ['share told negative where it is positive', '', (row) => row.falseNegative],
      ['time', 'min', ({ minutes }) => minutes],
    ],
    own,
  ),
  tableOf(
    'Judgements',
    judgements,
    ({ of }) => of,
    judgements.map(({ quantity }, at) => [
      quantity,
      '',
      (row: (typeof judgements)[number]) => (row === judgements[at] ? row.value : undefined),
    ]),
    () => judged,
  ),
  tableOf(
    'Rules and facts of the trade',
    rulesOfThumb,
    ({ of }) => of,
    [['used for', '', ({ of }) => of]],
    own,
  ),
];
