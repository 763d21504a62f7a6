import { vigours } from '../../observation/observation';
import { compareOutcomes } from '../../benchTests/outcomes';
import { all, find, nothing } from './item';
import type { ComparedItem, Question } from './item';
import { colourItem } from './shades';
import { sightsOf } from '../../observation/sights';

/** Whether gas comes off, which, how fast and of what colour. Bubbles of a liquid that was to boil are those of its boiling. */
export const bubbles: Question = (expected, seen) => {
  const [wanted, got] = [find(expected, 'gas'), find(seen, 'gas')];
  const none = find(seen, 'noGas') !== undefined || nothing(seen);
  if (!wanted && (!got || boils(expected))) return [];
  const answer = got ? 'bubbles' : none ? 'no bubbles' : undefined;
  const should = wanted ? 'bubbles' : 'no bubbles';
  const other = wanted?.formula && got?.formula && wanted.formula !== got.formula;
  const items: ComparedItem[] = [
    {
      item: 'gas',
      expected: other ? (wanted.formula ?? should) : should,
      ...(answer && { seen: other ? (got.formula ?? answer) : answer }),
      outcome: !answer ? 'missing' : answer === should && !other ? 'agrees' : 'differs',
      decides: true,
      ...(wanted && { tells: true as const }),
    },
  ];
  if (wanted?.vigour && got?.vigour) {
    const apart = Math.abs(vigours.indexOf(wanted.vigour) - vigours.indexOf(got.vigour));
    items.push({
      item: 'how fast',
      expected: wanted.vigour,
      seen: got.vigour,
      // How fast it bubbles depends on grain and stirring, which nobody records.
      outcome: apart === 0 ? 'agrees' : 'near',
      decides: false,
      optional: true,
    });
  }
  if (wanted?.colour && got?.colour)
    items.push(colourItem('gas colour', wanted.colour, got.colour, false));
  return items;
};

const boils = (expected: Parameters<Question>[0]): boolean =>
  all(expected, 'sight').some((one) => sightsOf(one).includes('boils'));

/** Every test of the gas, a flame or a paper. */
export const gasTests: Question = (expected, seen) =>
  all(expected, 'gasTest').map((wanted) => {
    const got = all(seen, 'gasTest').findLast(({ test }) => test === wanted.test);
    return {
      item: wanted.test,
      expected: wanted.result,
      ...(got && { seen: got.result }),
      outcome: got ? compareOutcomes(wanted.test, wanted.result, got.result) : 'missing',
      decides: true,
      tells: true,
    };
  });

/** A smell, which nobody has to notice. */
export const smell: Question = (expected, seen) => {
  const [wanted, got] = [find(expected, 'smell'), find(seen, 'smell')];
  if (!got || (!wanted && got.smell === 'none')) return [];
  const should = wanted?.smell ?? 'none';
  const share = wordsOf(should).some((word) => wordsOf(got.smell).includes(word));
  return [
    {
      item: 'smell',
      expected: should,
      seen: got.smell,
      // Noses differ, and get used to a gas; a smell where none or another was expected is worth a look, no more.
      outcome:
        share || (wanted === undefined) === (got.smell === 'none')
          ? 'agrees'
          : got.smell === 'none'
            ? 'differs'
            : 'near',
      decides: false,
      optional: true,
    },
  ];
};

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^a-z]+/)
    .filter((word) => word.length > 3);
