import { describeObservation, shownBy, tellsChange } from '../../seeing/observation/observation';
import type { Procedure } from '../../planning/procedure/procedure';
import { reagentsOf } from '../../planning/procedure/reagents';
import { runOf, stationsOf } from '../../labday/day/work';
import type { Work } from '../../labday/day/work';
import type { Settings } from '../../labday/settings/settings';
import { gasProofs } from '../../matter/substances/data/gasProofs';
import type { GasProof } from '../../matter/substances/types';
import { gasName } from '../../studies/gas/findGas';
import type { Reaction } from '../../vessel/reaction';
import { chemical, joined, plain } from '../dayReport/document';
import type { Question } from './question';

/** Questions that a procedure itself gives: those written down with it, and those that the engine can ask of its steps. */
export function questionsOf(procedure: Procedure, settings: Settings): Question[] {
  const work: Work = {
    id: procedure.id,
    number: 1,
    manner: 'groups',
    procedure,
  };
  const reactions = reactionsOf(work);
  return [
    ...written(procedure),
    ...predictions(work),
    ...reactions.flatMap(balancing),
    ...reactions.flatMap((reaction) => classifying(reaction, settings)),
    ...choosing(work),
  ];
}

function written({ questions, answers }: Procedure): Question[] {
  return questions.map((question, at) => {
    const answer = answers[at] ?? '';
    // The points that earn its marks stand in the answer itself.
    return {
      kind: 'written',
      prompt: chemical(question),
      answer: chemical(answer || '–'),
      points: [],
      lines: 3,
    };
  });
}

/** Every reaction of a procedure, once each. */
function reactionsOf(work: Work): Reaction[] {
  const all = runOf(work)
    .steps.flatMap(({ did }) => did)
    .flatMap(({ told }) => told.reactions);
  return [...new Map(all.map((one) => [one.equation, one])).values()];
}

/** Where something is to be seen that was not there before. */
function predictions(work: Work): Question[] {
  return work.procedure.steps.flatMap((step) =>
    stationsOf(work, step).flatMap(({ vessel, expected, notPredicted }): Question[] => {
      const telling = expected.filter((one) => tellsChange(one) && shownBy(one) !== undefined);
      if (notPredicted.length > 0 || telling.length === 0) return [];
      const told = telling.map(describeObservation);
      return [
        {
          kind: 'predict',
          prompt: plain(`“${step.text}” What do you expect to see in ${vessel}?`),
          answer: chemical(told.join('; ')),
          points: told,
          lines: 2,
        },
      ];
    }),
  );
}

/** The sides of a written equation, each species with the number before it. */
function numbered(equation: string): { readonly text: string; readonly number: number }[][] {
  return equation.split('→').map((side) =>
    side
      .trim()
      .split(' + ')
      .map((part) => {
        const [, number, text] = /^(?:(\d+) )?(.+)$/.exec(part) ?? [];
        return { text: text ?? part, number: Number(number ?? 1) };
      }),
  );
}

/** An equation with its numbers taken out. */
function balancing({ equation }: Reaction): Question[] {
  const sides = numbered(equation);
  const numbers = sides.flat().map(({ number }) => number);
  // With every number a 1 there is nothing to find.
  if (numbers.every((one) => one === 1)) return [];
  const blank = sides.map((side) => side.map(({ text }) => `___ ${text}`).join(' + ')).join(' → ');
  return [
    {
      kind: 'balance',
      prompt: joined(plain('Balance: '), chemical(blank)),
      answer: chemical(equation),
      points: ['the smallest whole numbers', `${numbers.join(', ')} in this order`],
      lines: 1,
    },
  ];
}

/** What type a reaction is, in the school that is taught. */
function classifying({ equation, types }: Reaction, { reactionTypes }: Settings): Question[] {
  const named = types[reactionTypes];
  // An equation of two types, or of none, has no single answer.
  const [type] = named;
  if (named.length !== 1 || type === undefined) return [];
  return [
    {
      kind: 'classify',
      prompt: joined(plain('Which type of reaction is this? '), chemical(equation)),
      answer: plain(type),
      points: [type, 'a reason taken from the equation'],
      lines: 2,
    },
  ];
}

/** How many tests stand to choose from. */
const choiceCount = 4;

/** How a gas that comes off is proved, among tests for other gases. */
function choosing(work: Work): Question[] {
  const proofs: readonly GasProof[] = gasProofs;
  const gases = new Set(
    work.procedure.steps
      .flatMap((step) => stationsOf(work, step))
      .flatMap(({ expected }) => expected)
      .flatMap((one) => shownBy(one) ?? [])
      .flatMap(({ effect, formula }) => (effect === 'gas' && formula ? [formula] : [])),
  );
  return [...gases].flatMap((gas): Question[] => {
    const proof = proofs.find((one) => one.gas === gas);
    if (!proof) return [];
    const others = new Map(
      proofs.filter(({ test }) => test !== proof.test).map(({ test, method }) => [test, method]),
    );
    return [
      {
        kind: 'chooseTest',
        prompt: plain(`Which of these proves ${gasName(gas)}, and what does it show?`),
        choices: [proof.method, ...[...others.values()].slice(0, choiceCount - 1)].sort(),
        answer: plain(`${proof.method}: ${proof.positive}${proof.but ? ` (${proof.but})` : ''}`),
        points: [proof.method, proof.positive],
        lines: 1,
      },
    ];
  });
}

/** Substances of a procedure that are used as solutions, with their concentrations, mol/L. */
export function solutionsOf(
  procedure: Procedure,
): { readonly substance: string; readonly concentrationM: number }[] {
  return reagentsOf(procedure).flatMap((reagent) =>
    reagent.kind === 'solution'
      ? [{ substance: reagent.substance, concentrationM: reagent.concentrationM }]
      : [],
  );
}
