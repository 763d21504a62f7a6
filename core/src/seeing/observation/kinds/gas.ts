import * as z from 'zod';
import { all, atAGlance, define, find } from '../definition';
import type { AnyObservation, ComparedItem, Question } from '../definition';
import { colourItem } from '../shades';
import { sightsOf } from '../sights';
import { colourField, formulaField } from './colourField';
import { nothing } from './nothing';
import { sight } from './sight';

export const vigours = ['a few bubbles', 'steady', 'vigorous'] as const;

/** Whether gas comes off, which, how fast and of what colour. Bubbles of a liquid that was to boil are those of its boiling. */
const bubbles: Question = (expected, seen) => {
  const [wanted, got] = [find(expected, gas), find(seen, gas)];
  const none = find(seen, noGas) !== undefined || nothing(seen);
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
  if (wanted?.vigour && got?.vigour)
    items.push({
      item: 'how fast',
      expected: wanted.vigour,
      seen: got.vigour,
      // How fast it bubbles depends on grain and stirring, which nobody records.
      outcome: wanted.vigour === got.vigour ? 'agrees' : 'near',
      decides: false,
      optional: true,
    });
  if (wanted?.colour && got?.colour)
    items.push(colourItem('gas colour', wanted.colour, got.colour, false));
  return items;
};

const boils = (expected: readonly AnyObservation[]): boolean =>
  all(expected, sight).some((one) => sightsOf(one).includes('boils'));

export const gas = define(
  z.object({
    kind: z.literal('gas'),
    formula: formulaField,
    vigour: z.enum(vigours).optional(),
    amountMmol: z.number().positive().optional(),
    /** What is seen above the liquid, where the gas or what air makes of it has a colour. */
    colour: colourField.optional(),
  }),
)({
  says: ({ vigour, colour }) =>
    `${vigour ? `bubbles, ${vigour}` : 'bubbles of gas'}${colour ? `; ${colour} gas` : ''}`,
  saysPlainly: () => 'bubbles',
  tellsChange: () => true,
  shows: ({ colour, formula }) => ({ effect: 'gas', colour, formula }),
  about: ({ formula = '' }) => formula,
  answers: () => 'gas',
  missed: (one) => (one.vigour === 'a few bubbles' ? [] : [one]),
  draw: (_, view) => ({ ...view, bubbles: true }),
  signs: () => [
    {
      sign: 'a gas came off',
      weight: 0.7,
      counterCase: 'boiling bubbles too, and warm water gives up its air',
      madeBy: ['boiling', 'subliming'],
      isNew: true,
    },
  ],
  compare: bubbles,
  asks: [
    atAGlance((now) => [
      { words: 'bubbles', hotkey: 'G', record: { kind: 'gas' } },
      ...(now
        ? vigours.map((vigour) => ({ words: vigour, record: { kind: 'gas' as const, vigour } }))
        : []),
    ]),
  ],
});

export const noGas = define(z.object({ kind: z.literal('noGas') }))({
  says: () => 'no bubbles',
  tellsChange: () => false,
  saysNone: true,
  answers: () => 'gas',
  asks: [atAGlance(() => [{ words: 'no bubbles', hotkey: 'B', record: { kind: 'noGas' } }])],
});
