import { commonPractice } from '../../matter/substances/source';

/** What looks like a chemical change and is none: what it is called beside what it explains, and why it is none. */
interface Told {
  readonly called: string;
  readonly says: string;
}

export const counterCasesSource = commonPractice(
  'signs of chemical change, what each is worth alone, and the physical changes that show the same',
);

const rows = {
  dissolving: {
    called: 'dissolving',
    says: 'dissolving warms or cools by itself, and the solid comes back when the water is driven off',
  },
  meltingOrFreezing: {
    called: 'melting or freezing',
    says: 'melting and freezing change the state, not the substance',
  },
  boiling: {
    called: 'boiling or evaporating',
    says: 'boiling bubbles and evaporating cools, and the same liquid condenses again; a warmed liquid gives up what gas it holds',
  },
  crystallising: {
    called: 'crystallising',
    says: 'crystals of what was dissolved come back when the solution cools or its water is driven off',
  },
  heatedFromOutside: {
    called: 'heat or cold from outside',
    says: 'it was heated or cooled from outside, so its warmth is no sign of its own',
  },
  glowingHot: {
    called: 'heat',
    says: 'what is hot enough glows, and is the same when it is cold',
  },
  colourWhileHot: {
    called: 'heat',
    says: 'some solids are of another colour only while they are hot',
  },
  subliming: {
    called: 'subliming',
    says: 'a solid that turns to vapour and settles again is the same substance',
  },
  separating: {
    called: 'separating',
    says: 'what can be picked out again by a magnet, a sieve or a filter was only mixed',
  },
  diluting: { called: 'diluting', says: 'the same substance in more water is only paler' },
  addingASolvent: {
    called: 'another solvent',
    says: 'a solvent in which a substance dissolves badly makes it come out unchanged',
  },
} as const satisfies Readonly<Record<string, Told>>;

export type CounterCase = keyof typeof rows;

/** The counter-cases of the trade (common practice). */
export const counterCases: Readonly<Record<CounterCase, Told>> = rows;
