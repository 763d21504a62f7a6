import { capital } from '../../common/capital';
import { colourWords, hueOf, phraseHex, plainWords } from '../../seeing/appearance/colourWords';
import { dice } from '../../common/dice';
import { balance } from '../../matter/equation/balance';
import { fiveTypeNames } from '../../matter/equation/reactionType';
import { shownBy } from '../../seeing/observation/observation';
import { predictMixing } from '../../seeing/rack/predictMixing';
import { gasProofs } from '../../matter/substances/data/gasProofs';
import type { GasProof } from '../../matter/substances/types';
import { drillEquations, drillPairs } from '../../matter/substances/data/drillEquations';
import { orderFacts } from '../../matter/substances/data/orderFacts';
import { gasName } from '../gas/findGas';

export const drillKinds = {
  gasTests: 'Gas tests',
  precipitates: 'Precipitates',
  colourWords: 'Colour words',
  order: 'Order of steps',
  reactionTypes: 'Reaction types',
  equations: 'Equations',
} as const;
export type DrillKind = keyof typeof drillKinds;

/** A question with its answers, one of which is right. */
export interface Drill {
  readonly id: string;
  readonly kind: DrillKind;
  readonly prompt: string;
  /** A colour to look at, where the question is about one. */
  readonly swatchHex?: string;
  readonly choices: readonly string[];
  readonly answer: string;
  readonly why: string;
}

/** How many answers stand to choose from: one for each of the keys 1 to 4. */
const choiceCount = 4;

/** The right answer among others, in an order that is the same every time for the same question. */
function among(id: string, answer: string, others: readonly string[]): string[] {
  const seed = [...id].reduce((sum, letter) => (sum * 31 + letter.charCodeAt(0)) | 0, 7);
  const random = dice(seed);
  const wrong = [...new Set(others)].filter((one) => one !== answer);
  const chosen = [answer];
  while (chosen.length < choiceCount && wrong.length > 0)
    chosen.push(...wrong.splice(Math.floor(random() * wrong.length), 1));
  return chosen
    .map((choice) => ({ choice, die: random() }))
    .sort((one, other) => one.die - other.die)
    .map(({ choice }) => choice);
}

function gasTestDrills(): Drill[] {
  // A gas proved by exclusion, or like another, would have two right answers.
  const own = (gasProofs as readonly GasProof[]).filter(
    ({ gas, test, positive }) =>
      gas !== 'N2' &&
      gasProofs.filter((one) => one.test === test && one.positive === positive).length === 1,
  );
  return own.map(({ gas, method, positive, but }): Drill => {
    const id = `gasTests ${gas}`;
    const answer = gasName(gas);
    return {
      id,
      kind: 'gasTests',
      prompt: `${capital(method)}: ${positive}. Which gas?`,
      choices: among(
        id,
        answer,
        own.map((one) => gasName(one.gas)),
      ),
      answer,
      why: but === undefined ? `That proves ${answer}.` : `That proves ${answer}; ${but}.`,
    };
  });
}

const nothing = 'nothing comes down';

function precipitateDrills(): Drill[] {
  const seen = drillPairs.pairs.flatMap(([one, other]) => {
    const { observations } = predictMixing(
      { substance: one, concentrationM: 0.1, volumeMl: 2 },
      { substance: other, concentrationM: 0.1, volumeMl: 2 },
      'testTube',
    );
    if (observations.length === 0) return [];
    const solids = observations
      .flatMap((one) => shownBy(one) ?? [])
      .filter(({ effect }) => effect === 'precipitate');
    // Two solids of two colours make no fair question.
    if (solids.length > 1) return [];
    const [solid] = solids;
    const answer = solid?.colour ? `${hueOf(solid.colour)} precipitate` : nothing;
    return [{ one, other, answer, formula: solid?.formula }];
  });
  return seen.map(({ one, other, answer, formula }): Drill => {
    const id = `precipitates ${one} ${other}`;
    return {
      id,
      kind: 'precipitates',
      prompt: `${one} is poured into ${other}. What is seen?`,
      choices: among(
        id,
        answer,
        seen.map((each) => each.answer),
      ),
      answer,
      why: formula ? `${formula} comes down.` : 'All ions stay in solution.',
    };
  });
}

function colourDrills(): Drill[] {
  const hues = colourWords.filter((word) => !plainWords.includes(word));
  return hues.map((word): Drill => {
    const id = `colourWords ${word}`;
    return {
      id,
      kind: 'colourWords',
      prompt: 'Which word is this colour?',
      swatchHex: phraseHex(word),
      choices: among(id, word, hues),
      answer: word,
      why: `The vocabulary calls it ${word}.`,
    };
  });
}

function orderDrills(): Drill[] {
  return orderFacts.facts.map(({ first, then, why }): Drill => {
    const id = `order ${first}`;
    return {
      id,
      kind: 'order',
      prompt: 'Which comes first?',
      choices: among(id, first, [then]),
      answer: first,
      why: `${first} first: ${why}.`,
    };
  });
}

function equationDrills(): Drill[] {
  return drillEquations.equations.flatMap((text): Drill[] => {
    const { equation, reactants, products, types } = balance(text);
    const asked = [...reactants, ...products].sort(
      (one, other) => other.coefficient - one.coefficient,
    )[0];
    const [type] = types.five;
    const balanced: Drill[] = asked
      ? [
          {
            id: `equations ${text}`,
            kind: 'equations',
            prompt: `${text.replace('->', '→')}: which number stands before ${asked.formula}?`,
            choices: among(`equations ${text}`, String(asked.coefficient), [
              '1',
              '2',
              '3',
              '4',
              '5',
              '6',
              '7',
            ]),
            answer: String(asked.coefficient),
            why: equation,
          },
        ]
      : [];
    // An equation of two types has no single answer.
    const typed: Drill[] =
      type && types.five.length === 1
        ? [
            {
              id: `reactionTypes ${text}`,
              kind: 'reactionTypes',
              prompt: `${equation}: which type?`,
              choices: among(`reactionTypes ${text}`, type, fiveTypeNames),
              answer: type,
              why: `${equation} is ${type}.`,
            },
          ]
        : [];
    return [...balanced, ...typed];
  });
}

/** All questions of a kind. What a question asks is in the tables; what is right is computed where the engine can. */
export function drillsOf(kind: DrillKind): readonly Drill[] {
  switch (kind) {
    case 'gasTests':
      return gasTestDrills();
    case 'precipitates':
      return precipitateDrills();
    case 'colourWords':
      return colourDrills();
    case 'order':
      return orderDrills();
    case 'reactionTypes':
    case 'equations':
      return equationDrills().filter((one) => one.kind === kind);
  }
}
