import { meltingPoint, boilingPoint } from './organic/physicalPoint';
import { organicTest } from './organic/organicModel';
import type { UnknownKind } from './nextBest';
import { inorganicTests } from './inorganic/runTests';

const precipitates = [
  'white',
  'cream',
  'yellow',
  'green',
  'blue',
  'blue-green',
  'red-brown',
  'brown',
  'black',
  'red',
  'pink',
];
const solutions = [
  'colourless',
  'blue',
  'green',
  'yellow',
  'orange',
  'pink',
  'violet',
  'red-brown',
];

/** What may be told of each kind of reading, in the words in which the engine tells it. */
const words: Readonly<Record<(typeof inorganicTests)[number]['reading'], readonly string[]>> = {
  solidColour: [
    'white',
    'blue',
    'green',
    'blue-green',
    'yellow',
    'orange',
    'brown',
    'black',
    'pink',
    'violet',
  ],
  solutionColour: solutions,
  dissolving: ['soluble', 'insoluble'],
  paper: ['acidic', 'nearly neutral', 'alkaline'],
  flame: ['no colour', 'yellow', 'violet', 'red', 'orange', 'yellow-green', 'blue-green', 'blue'],
  change: [
    'no change',
    ...precipitates.map((colour) => `${colour} precipitate`),
    'bubbles',
    'yellow solution',
    'red-brown solution',
    'deep red solution',
  ],
  excess: [
    'no precipitate',
    'stays',
    'dissolves',
    'dissolves, deep blue solution',
    'dissolves, green solution',
    'dissolves, violet solution',
  ],
  held: ['stays red', 'turns blue', 'stays clear', 'turns milky'],
};

/** The outcomes a test is recorded in, without asking what the unknown could be; empty where a number is read. */
export function toldOutcomes(kind: UnknownKind, test: string): readonly string[] {
  if (kind === 'organic') return organicTest(test)?.outcomes ?? [];
  if (test === meltingPoint.name || test === boilingPoint.name) return [];
  const row = inorganicTests.find(({ name }) => name === test);
  if (!row) return [];
  if (row.reading !== 'held') return words[row.reading];
  // One paper, one pair of answers.
  return test === 'NaOHWarm' ? ['stays red', 'turns blue'] : ['stays clear', 'turns milky'];
}
