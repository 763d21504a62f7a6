import { colourPhrases, hueOf } from '../../seeing/appearance/colourWords';
import type { Observation } from '../../seeing/observation/observation';
import { organicLooks } from '../../matter/substances/data/organicLooks';
import type { OutcomeLook } from '../../matter/substances/data/organicLooks';
import type { ColourPhrase } from '../../matter/substances/types';
import type { UnknownKind } from './nextBest';
import { inorganicTests } from './inorganic/runTests';

/** What can be made out only at second sight. */
export type Dimness = 'faint';

/**
 * An outcome as the observations that draw it; undefined for what is read on paper, in a flame or by a thermometer.
 *
 * @param liquid colour of the sample’s own solution, where it has one.
 */
export function observationsOf(
  kind: UnknownKind,
  test: string,
  outcome: string,
  {
    liquid = 'colourless',
    dim,
  }: { readonly liquid?: ColourPhrase; readonly dim?: Dimness | undefined } = {},
): Observation[] | undefined {
  const look =
    kind === 'organic' ? organicLooks[test]?.[outcome] : inorganicLook(test, outcome, liquid);
  if (!look) return undefined;
  const shade = (colour: ColourPhrase): ColourPhrase => (dim ? paler(colour) : colour);
  return [
    { kind: 'colour', to: shade(look.liquid ?? liquid) },
    { kind: 'clarity', to: look.solid || look.cloudy ? (dim ? 'cloudy' : 'opaque') : 'clear' },
    ...(look.bubbles ? [{ kind: 'gas' as const }] : []),
    ...(look.solid
      ? [
          {
            kind: 'precipitate' as const,
            colour: shade(look.solid),
            amount: dim ? ('a trace' as const) : ('some' as const),
          },
        ]
      : []),
    ...(look.mirror ? [{ kind: 'deposit' as const, colour: look.mirror }] : []),
    ...(look.layer
      ? [{ kind: 'layer' as const, colour: look.layer, position: 'above' as const }]
      : []),
  ];
}

const isPhrase = (text: string): text is ColourPhrase =>
  (colourPhrases as readonly string[]).includes(text);

/** A colour as little of it looks. */
function paler(colour: ColourPhrase): ColourPhrase {
  const hue = hueOf(colour);
  const pale = `pale ${hue}`;
  return isPhrase(pale) ? pale : colour;
}

/** The drop tests tell what they show in words that can be drawn. */
function inorganicLook(
  test: string,
  outcome: string,
  liquid: ColourPhrase,
): OutcomeLook | undefined {
  const reading = inorganicTests.find(({ name }) => name === test)?.reading;
  if (reading === 'solutionColour') return isPhrase(outcome) ? { liquid: outcome } : undefined;
  if (reading === 'dissolving')
    return outcome === 'soluble' ? { liquid } : { liquid, solid: 'white' };
  if (reading !== 'change' && reading !== 'excess') return undefined;
  if (outcome === 'stays') return { liquid, cloudy: true };
  const colourOf = (word: string): ColourPhrase | undefined => {
    const found = new RegExp(`([a-z-]+(?: [a-z-]+)?)(?: and [a-z -]+)? ${word}`).exec(outcome)?.[1];
    const plain = found?.replace(/^dissolves,? /, '');
    return plain !== undefined && isPhrase(plain) ? plain : undefined;
  };
  const [solid, own] = [colourOf('precipitate'), colourOf('solution')];
  return {
    liquid: own ?? liquid,
    ...(solid && { solid }),
    ...(/bubbles|gas/.test(outcome) && { bubbles: true }),
  };
}
