import { commonPractice } from '../../matter/substances/source';

/** Something unexpected at an electrode, and what it means. */
export interface ImpurityHint {
  readonly id: string;
  readonly seen: string;
  readonly where: 'plus' | 'minus' | 'liquid';
  readonly means: string;
  readonly proof: string;
  readonly then: string;
}

export const impuritySource = commonPractice(
  'what unexpected colours and sludges at electrodes mean',
);

/** Hints by what is seen. */
export const impurityHints: readonly ImpurityHint[] = [
  {
    id: 'pink-plus',
    seen: 'pink to violet tint at plus',
    where: 'plus',
    means: 'permanganate, made from a manganese impurity in the metal or the salt',
    proof: 'a drop of it is bleached by hydrogen peroxide in acid',
    then: 'harmless to the deposit in traces; use purer salt or metal for another run',
  },
  {
    id: 'grey-sludge',
    seen: 'grey to black sludge under plus',
    where: 'plus',
    means: 'nobler metals and loose particles of an impure electrode, which do not dissolve',
    proof: 'filter, dry and weigh it: it is part of what plus lost too much',
    then: 'put plus into a bag or filter paper; do not count it as dissolved metal',
  },
  {
    id: 'yellow',
    seen: 'the liquid turns yellow to brown',
    where: 'liquid',
    means: 'iron(III) from a steel electrode or clip, or from an impure salt',
    proof: 'thiocyanate turns it blood red',
    then: 'renew the solution; keep clips out of the liquid',
  },
  {
    id: 'brown-plus',
    seen: 'brown coat on plus',
    where: 'plus',
    means: 'manganese dioxide or lead dioxide from an impurity, or iron hydroxide',
    proof: 'manganese dioxide makes hydrogen peroxide fizz',
    then: 'rub it off before the next run',
  },
  {
    id: 'blue',
    seen: 'the liquid turns blue or green',
    where: 'liquid',
    means: 'copper or nickel from a clip, a wire or the electrode at plus',
    proof: 'ammonia deepens copper’s blue',
    then: 'keep clips and wires out of the liquid',
  },
  {
    id: 'black-minus',
    seen: 'black loose powder at minus',
    where: 'minus',
    means: 'metal deposited too fast, with hydrogen and hydroxide in it',
    proof: 'it rubs off and is rough',
    then: 'lower the current density or stir',
  },
  {
    id: 'white-cloud',
    seen: 'white cloud at minus',
    where: 'minus',
    means:
      'hydroxide of a metal in the water (magnesium, calcium, zinc), because hydrogen makes the liquid there alkaline',
    proof: 'a drop of acid clears it',
    then: 'use distilled water, or a little acid in the bath',
  },
  {
    id: 'smell',
    seen: 'a smell of bleach at plus',
    where: 'plus',
    means: 'chlorine, from chloride in the salt or in tap water',
    proof: 'damp starch–iodide paper turns blue-black',
    then: 'ventilate; use sulfate and distilled water',
  },
  {
    id: 'carbon',
    seen: 'black grains in the liquid',
    where: 'plus',
    means: 'graphite that oxygen loosens',
    proof: 'they do not dissolve in acid',
    then: 'harmless; do not weigh graphite as if it were inert',
  },
];

/** Words for a deposit, to choose from. */
export const depositWords = [
  'even',
  'patchy',
  'bright',
  'dull',
  'rough',
  'smooth',
  'spongy',
  'needles or branches',
  'powder that rubs off',
  'thick at the edges',
  'bubbles left pits',
  'dark spots',
  'peels off',
] as const;
