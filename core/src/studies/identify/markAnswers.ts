import { ChemistryError } from '../../common/errors';
import { grade } from './grade';
import type { Mark } from './grade';
import type { TestResult } from './inference';
import type { Model } from './model';
import type { UnknownKind } from './nextBest';
import { readCandidate } from './inorganic/candidate';
import { inorganicClass } from './inorganic/inorganicClass';
import { inorganicModel } from './inorganic/inorganicModel';
import { outcomesOf } from './inorganic/runTests';
import { allCompounds } from './organic/compounds';
import { organicClass } from './organic/organicClass';
import { organicModel } from './organic/organicModel';

/** A jar with what is in it, what it was taken for, and what that was gone by. */
export interface HandedIn {
  readonly kind: UnknownKind;
  readonly key: string;
  readonly answer: string;
  readonly results: readonly TestResult[];
}

interface Background {
  readonly model: Model;
  readonly classOf: (candidate: string) => string;
}

/**
 * Marks answers to unknowns, each against the model of its kind: the listed compounds, or the salts named here with the keys and answers
 * themselves. What salts show takes the engine a moment each.
 *
 * @param watch is told how much is done, 0 to 1.
 */
export async function markAnswers(
  jars: readonly HandedIn[],
  salts: readonly string[],
  watch: (share: number) => void = () => undefined,
): Promise<Mark[]> {
  const organic = jars.some(({ kind }) => kind === 'organic') ? await organics() : undefined;
  const ofSalts = jars.filter(({ kind }) => kind === 'inorganic');
  const named = ofSalts.flatMap(({ key, answer }) => [key, answer]);
  const inorganic = ofSalts.length > 0 ? inorganics([...named, ...salts], watch) : undefined;
  return jars.map(({ kind, key, answer, results }) => {
    const background = kind === 'organic' ? organic : inorganic;
    if (!background) throw new Error('Every kind that is marked has its model.');
    return grade({
      ...background,
      key: kind === 'inorganic' ? nameOf(key) : key,
      answer: kind === 'inorganic' ? nameOf(answer) : answer,
      results,
    });
  });
}

async function organics(): Promise<Background> {
  const compounds = await allCompounds();
  const classes = new Map(compounds.map(({ name, structure }) => [name, organicClass(structure)]));
  return { model: organicModel(compounds), classOf: (name) => classes.get(name) ?? 'other' };
}

function inorganics(texts: readonly string[], watch: (share: number) => void): Background {
  const names = [...new Set(texts.flatMap(readable))];
  const found = names.map((name, at) => {
    watch(at / names.length);
    const candidate = readCandidate(name);
    return [name, outcomesOf(candidate), inorganicClass(candidate)] as const;
  });
  const classes = new Map(found.map(([name, , own]) => [name, own]));
  return {
    model: inorganicModel(Object.fromEntries(found.map(([name, outcomes]) => [name, outcomes]))),
    classOf: (name) => classes.get(name) ?? 'other',
  };
}

/** The name of a candidate; nothing for what a group wrote that is none. */
function readable(text: string): string[] {
  try {
    return [readCandidate(text).name];
  } catch (error) {
    if (error instanceof ChemistryError) return [];
    throw error;
  }
}
const nameOf = (text: string): string => readable(text)[0] ?? text;
