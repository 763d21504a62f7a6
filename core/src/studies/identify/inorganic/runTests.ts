import { hueOf, readPhrase } from '../../../seeing/appearance/colourWords';
import { ChemistryError } from '../../../common/errors';
import type { ToldStep } from '../../../seeing/rack/mix';
import { mix } from '../../../seeing/rack/mix';
import type { Observation } from '../../../seeing/observation/observation';
import { flameColours } from '../../../matter/substances/data/flameColours';
import { inorganicRuns, notFollowed } from '../../../matter/substances/data/inorganicTests';
import { findSubstance } from '../../../matter/substances/findSubstance';
import { ionsOf } from '../../../matter/substances/ionsOf';
import type { ColourPhrase, InorganicRun, TestDoing } from '../../../matter/substances/types';
import type { Action } from '../../../vessel/action';
import { asSolid, inWater } from './candidate';
import type { InorganicCandidate } from './candidate';

/** All tests of inorganic unknowns, in the order of the bench. */
export const inorganicTests = inorganicRuns.flatMap(({ reads }) => reads);

/** What a candidate shows, by test; a test that the model cannot follow is left out. */
export type InorganicOutcomes = Readonly<Record<string, string>>;

const computed = new Map<string, InorganicOutcomes>();

/** What a candidate shows in all tests, done in the engine beside a blank; computed once. */
export function outcomesOf(candidate: InorganicCandidate): InorganicOutcomes {
  const known = computed.get(candidate.name);
  if (known) return known;
  const found = Object.fromEntries(inorganicRuns.flatMap((run) => runOne(candidate, run)));
  computed.set(candidate.name, found);
  return found;
}

/** Water in place of the sample: what a reagent shows by itself is no finding. */
const water: InorganicCandidate = { name: 'blank', salts: [] };
const blanks = new Map<InorganicRun, ReadonlyMap<string, string>>();

function blankOf(run: InorganicRun): ReadonlyMap<string, string> {
  const known = blanks.get(run);
  if (known) return known;
  const found = readRun(water, run);
  blanks.set(run, found);
  return found;
}

function runOne(candidate: InorganicCandidate, run: InorganicRun): [string, string][] {
  const ions = new Set(candidate.salts.flatMap((salt) => Object.keys(ionsOf(salt) ?? {})));
  const blank = run.on === 'solid' ? undefined : blankOf(run);
  return [...readRun(candidate, run)].flatMap(([name, outcome]): [string, string][] => {
    if (notFollowed.some(({ ion, test }) => test === name && ions.has(ion))) return [];
    const reading = run.reads.find((one) => one.name === name)?.reading;
    return [[name, reading === 'change' ? beside(outcome, blank?.get(name)) : outcome]];
  });
}

/** A change without what the blank shows too. */
function beside(outcome: string, blank: string | undefined): string {
  const own = new Set(blank?.split(', '));
  return (
    outcome
      .split(', ')
      .filter((part) => !own.has(part))
      .join(', ') || noChange
  );
}

function readRun(
  candidate: InorganicCandidate,
  { on, doings, reads }: InorganicRun,
): ReadonlyMap<string, string> {
  const contents = on === 'solid' ? asSolid(candidate) : inWater(candidate);
  let steps: readonly ToldStep[];
  try {
    ({ steps } = mix({
      vessel: { contents, container: 'testTube' },
      actions: doings.map(actionOf),
    }));
  } catch (error) {
    // What the engine refuses to do with this candidate it does not predict.
    if (error instanceof ChemistryError) return new Map();
    throw error;
  }
  return new Map(
    reads.flatMap(({ name, at, reading }): [string, string][] => {
      const step = steps[at];
      if (!step || steps.slice(0, at + 1).some(({ notPredicted }) => notPredicted.length > 0))
        return [];
      const outcome = readers[reading](step, steps[at - 1], doings[at - 1]);
      return outcome === undefined ? [] : [[name, outcome]];
    }),
  );
}

/** A doing of a test as an action of the engine. */
export function actionOf(doing: TestDoing): Action {
  if ('add' in doing)
    return {
      do: 'add',
      portion: {
        substance: doing.add,
        concentrationM: doing.concentrationM,
        volumeMl: doing.volumeMl,
      },
    };
  if ('addSolid' in doing)
    return { do: 'add', portion: { substance: doing.addSolid, massG: doing.massG } };
  if ('bubble' in doing) return { do: 'bubble', gas: doing.bubble, amountMmol: doing.amountMmol };
  if ('evaporateToMl' in doing) return { do: 'evaporate', toVolumeMl: doing.evaporateToMl };
  if ('heatToC' in doing) return { do: 'heat', toC: doing.heatToC };
  return { do: 'test', test: doing.hold };
}

type Reading = InorganicRun['reads'][number]['reading'];
type Reader = (
  step: ToldStep,
  before: ToldStep | undefined,
  doing: TestDoing | undefined,
) => string | undefined;

/** A colour as a class tells it: the hue; deep is told, pale and bright are not, for they follow the concentration. */
function hue(phrase: ColourPhrase): string {
  const { word, depth } = readPhrase(phrase);
  return depth === 'deep' ? phrase : word;
}

/** Hues in the order in which one passes into the next. */
const wheel = [
  'pink',
  'red',
  'red-brown',
  'brown',
  'orange',
  'yellow',
  'yellow-green',
  'green',
  'blue-green',
  'blue',
  'blue-black',
  'violet',
  'purple',
  'magenta',
];

/** Whether a class would tell a change: not a deeper shade, nor the hue next to it, which the reagent’s own colour makes. */
function looksOther(from: ColourPhrase, to: ColourPhrase): boolean {
  const [one, other] = [from, to].map((phrase) => wheel.indexOf(hueOf(phrase))) as [number, number];
  if (to === 'colourless') return false;
  return one < 0 || other < 0 ? from !== to : Math.abs(one - other) > 1;
}

const noChange = 'no change';

const solidColours = ({ state: { solids } }: ToldStep): string =>
  [...new Set(solids.map(({ colour }) => hue(colour)))].sort().join(' and ');

function kinds<K extends Observation['kind']>({ observations }: ToldStep, kind: K) {
  return observations.filter((one): one is Extract<Observation, { kind: K }> => one.kind === kind);
}

/** What a drop of reagent changes: bubbles, a precipitate by colour, else the colour of the liquid. */
function change(step: ToldStep, _: ToldStep | undefined, doing: TestDoing | undefined): string {
  const reagent =
    doing && 'addSolid' in doing ? findSubstance(doing.addSolid).substance.formula : undefined;
  const gas = kinds(step, 'gas');
  const solids = [
    ...new Set(kinds(step, 'precipitate').flatMap(({ colour }) => (colour ? hue(colour) : []))),
  ].sort();
  const gone = kinds(step, 'dissolves').some(
    ({ complete, formula }) => complete !== false && formula !== reagent,
  );
  const [colour] = kinds(step, 'colour');
  const words = [
    ...(gas.length > 0
      ? [
          gas.some(({ colour: own }) => own)
            ? `${hue(gas[0]?.colour ?? 'colourless')} gas`
            : 'bubbles',
        ]
      : []),
    ...(solids.length > 0 ? [`${solids.join(' and ')} precipitate`] : gone ? ['dissolves'] : []),
    ...(colour?.from && colour.to && looksOther(colour.from, colour.to)
      ? [`${hue(colour.to)} solution`]
      : []),
  ];
  return words.join(', ') || noChange;
}

/** What more of a reagent does to the solid that stood there. */
function excess(step: ToldStep, before: ToldStep | undefined): string {
  const stood = (before?.state.solids.length ?? 0) > 0;
  const stands = step.state.solids.length > 0;
  const liquid = hue(step.state.colour);
  if (!stood) return stands ? `${solidColours(step)} precipitate only now` : 'no precipitate';
  if (!stands) return liquid === 'colourless' ? 'dissolves' : `dissolves, ${liquid} solution`;
  return 'stays';
}

/** A flame fainter than this a class does not tell from the burner’s own; rank as in the table. */
const clearFlame = 4;
const acidicBelow = 4.5;
const alkalineAbove = 8.5;

const readers: Readonly<Record<Reading, Reader>> = {
  solidColour: (step) => solidColours(step) || undefined,
  solutionColour: ({ state }) => hue(state.colour),
  dissolving: ({ state }) => (state.solids.length === 0 ? 'soluble' : 'insoluble'),
  paper: ({ state: { pH } }) =>
    pH === undefined
      ? undefined
      : pH < acidicBelow
        ? 'acidic'
        : pH > alkalineAbove
          ? 'alkaline'
          : 'nearly neutral',
  flame: (step) => {
    const [seen] = kinds(step, 'flame');
    const strength = flameColours.find(({ ion }) => ion === seen?.formula)?.strength ?? 0;
    return seen?.colour && strength >= clearFlame ? hue(seen.colour) : 'no colour';
  },
  change,
  excess,
  held: (step) => kinds(step, 'gasTest')[0]?.result,
};
