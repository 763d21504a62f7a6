import { heatedColours } from '../../matter/substances/data/hotSolids';
import { pureSolids } from '../../matter/substances/data/pureSolids';
import { shelf } from '../../matter/substances/data/shelf';
import { sparinglySoluble } from '../../matter/substances/data/sparinglySoluble';
import { commonPractice } from '../../matter/substances/source';
import type { ColourPhrase, SparinglySoluble, Texture } from '../../matter/substances/types';
import type { Vessel } from '../../vessel/vessel';
import { colourPhrases } from './colourWords';

/** What a solid looks like, and how it settles. */
export interface SolidLook {
  readonly colour: ColourPhrase;
  readonly texture: Texture;
  /** A metal that plates out or drops as powder, which the bench calls a deposit and not a precipitate. */
  readonly isMetal: boolean;
  /** How fast it settles from a stirred test tube. */
  readonly settles: string;
  /** What daylight turns it into, and in how many minutes. */
  readonly darkensInLight?: SparinglySoluble['darkensInLight'];
  /** What warming turns it into for good, and from what temperature, °C. */
  readonly turnsWhenWarm?: SparinglySoluble['turnsWhenWarm'];
  /** What air does to the fresh solid. */
  readonly inAir?: string;
}

/** What a solid has been through that shows. */
export type Past = Pick<Vessel, 'litMinutes' | 'hottestC'>;

/** How fast a precipitate settles, by its texture. */
const settling: Readonly<Record<Texture, string>> = {
  crystalline: 'settles within a minute',
  curdy: 'clumps on shaking and settles within minutes',
  flocculent: 'settles loosely within minutes',
  gelatinous: 'stays bulky; settles slowly',
  fine: 'settles slowly, and may run through filter paper at first',
};
export const settlingSource = commonPractice('how precipitates of each texture settle');

const looks = new Map<string, SolidLook>();
for (const { formula, colour, kind } of pureSolids)
  looks.set(formula, {
    colour,
    texture: kind === 'metal' ? 'crystalline' : 'fine',
    isMetal: kind === 'metal',
    settles: kind === 'metal' ? 'sinks or clings to the metal' : settling.fine,
  });
for (const row of sparinglySoluble)
  looks.set(row.formula, {
    colour: row.colour,
    texture: row.texture,
    isMetal: false,
    settles: settling[row.texture],
    ...(row.darkensInLight && { darkensInLight: row.darkensInLight }),
    ...(row.turnsWhenWarm && { turnsWhenWarm: row.turnsWhenWarm }),
    ...(row.inAir && { inAir: row.inAir }),
  });
for (const { formula, colour } of heatedColours)
  looks.set(formula, {
    colour,
    texture: 'crystalline',
    isMetal: false,
    settles: settling.crystalline,
  });
for (const { forms } of shelf)
  for (const { formula, appearance } of forms)
    if (!looks.has(formula))
      looks.set(formula, {
        colour: colourIn(appearance),
        texture: 'crystalline',
        isMetal: false,
        settles: settling.crystalline,
      });

/**
 * What a solid in a vessel looks like; undefined for a formula that no table describes.
 *
 * @param past how long it has stood in daylight, and how hot it has been.
 */
export function solidLook(formula: string, past: Past = {}): SolidLook | undefined {
  const { litMinutes = 0, hottestC = 0 } = past;
  const look = looks.get(formula) ?? looks.get(formula.split('·')[0] ?? '');
  const dark = look?.darkensInLight;
  const warm = look?.turnsWhenWarm;
  if (look && dark && litMinutes >= dark.minutes) return { ...look, colour: dark.to };
  return look && warm && hottestC >= warm.aboveC ? { ...look, colour: warm.to } : look;
}

/** The colour word a description of a solid begins with; colourless crystals in a heap look white. */
function colourIn(appearance: string): ColourPhrase {
  const words = appearance
    .replace(/^dark /, 'deep ')
    .replace('colourless', 'white')
    .split(/[ ,]+/);
  const two = `${words[0] ?? ''} ${words[1] ?? ''}` as ColourPhrase;
  const one = words.find((word) => colourPhrases.includes(word as ColourPhrase));
  return colourPhrases.includes(two) ? two : ((one as ColourPhrase | undefined) ?? 'white');
}
