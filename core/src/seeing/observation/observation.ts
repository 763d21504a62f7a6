import * as z from 'zod';
import { colourNamed } from '../appearance/colourNames';
import { colourPhrases } from '../appearance/colourWords';
import type { Clarity, ColourPhrase, Texture } from '../../matter/substances/types';
import { sights } from './sights';
import { formatDegrees } from '../../common/temperature';

/** A colour of the vocabulary, or what people call it. */
const colour = z.preprocess(
  (said) => (typeof said === 'string' ? (colourNamed(said) ?? said) : said),
  z.enum(colourPhrases as [ColourPhrase, ...ColourPhrase[]]),
);

export const textures = [
  'curdy',
  'gelatinous',
  'fine',
  'crystalline',
  'flocculent',
] as const satisfies readonly Texture[];
export const clarities = ['clear', 'cloudy', 'opaque'] as const satisfies readonly Clarity[];
export const vigours = ['a few bubbles', 'steady', 'vigorous'] as const;
/** How much of a solid there is, by eye. */
export const solidAmounts = ['a trace', 'some', 'much'] as const;
export const settlings = ['stays suspended', 'settles slowly', 'settles at once'] as const;
/** What a hand round the vessel says. */
export const warmths = ['hot', 'warm', 'as before', 'cool', 'cold'] as const;
/** What a nose says of air fanned towards it. */
export const smells = [
  'none',
  'pungent',
  'sharp',
  'choking',
  'of bleach',
  'of rotten eggs',
  'of vinegar',
  'of burnt sugar',
  'sweet',
] as const;

/** What an observer sees, in one fixed vocabulary, used for what is expected and for what was seen. */
export const observationSchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('colour'),
    from: colour.optional(),
    to: colour.optional(),
  }),
  z.object({ kind: z.literal('clarity'), to: z.enum(clarities) }),
  z.object({
    kind: z.literal('precipitate'),
    formula: z.string().max(100).optional(),
    colour: colour.optional(),
    texture: z.enum(textures).optional(),
    amount: z.enum(solidAmounts).optional(),
    settling: z.enum(settlings).optional(),
  }),
  z.object({ kind: z.literal('noPrecipitate') }),
  z.object({
    kind: z.literal('deposit'),
    formula: z.string().max(100).optional(),
    colour: colour.optional(),
  }),
  z.object({
    kind: z.literal('dissolves'),
    formula: z.string().max(100).optional(),
    complete: z.boolean().optional(),
  }),
  z.object({
    kind: z.literal('solid'),
    formula: z.string().max(100).optional(),
    colour: colour.optional(),
    /** What colour it had before, where it changed. */
    from: colour.optional(),
  }),
  z.object({
    kind: z.literal('sight'),
    formula: z.string().max(100).optional(),
    result: z.string().max(300),
    /** What it comes to, where the words alone do not tell; read from the words when left out. */
    shows: z.array(z.enum(sights)).max(6).optional(),
    /** It settles again on the cooler part of the vessel. */
    condenses: z.boolean().optional(),
  }),
  z.object({
    kind: z.literal('gas'),
    formula: z.string().max(100).optional(),
    vigour: z.enum(vigours).optional(),
    amountMmol: z.number().positive().optional(),
    /** What is seen above the liquid, where the gas or what air makes of it has a colour. */
    colour: colour.optional(),
  }),
  z.object({
    kind: z.literal('layer'),
    formula: z.string().max(100).optional(),
    position: z.enum(['above', 'below']).optional(),
    colour: colour.optional(),
  }),
  z.object({
    kind: z.literal('gasTest'),
    test: z.string().max(60),
    result: z.string().max(200),
    formula: z.string().max(100).optional(),
  }),
  z.object({
    kind: z.literal('flame'),
    result: z.string().max(300),
    formula: z.string().max(100).optional(),
    colour: colour.optional(),
  }),
  z.object({ kind: z.literal('magnet'), result: z.string().max(300), attracts: z.boolean() }),
  z.object({
    kind: z.literal('temperature'),
    /** By thermometer. */
    deltaC: z.number().min(-300).max(1500).optional(),
    /** By touch. */
    felt: z.enum(warmths).optional(),
  }),
  z.object({
    kind: z.literal('smell'),
    smell: z.string().min(1).max(100),
    formula: z.string().max(100).optional(),
  }),
  z.object({ kind: z.literal('noGas') }),
  z.object({ kind: z.literal('noChange') }),
  /** Of everything that was not recorded: it stayed as it was. */
  z.object({ kind: z.literal('nothingElse') }),
]);

export type Observation = z.infer<typeof observationSchema>;
export type ObservationKind = Observation['kind'];

/** Whether it only says how a liquid looks, as it did before, or that nothing happened. */
export function isUnchanged(seen: Observation): boolean {
  if (seen.kind === 'colour') return seen.from === undefined || seen.from === seen.to;
  return seen.kind === 'clarity' || seen.kind === 'noChange';
}

/** What the gas tests are called in a sentence. */
export const testWords: Readonly<Record<string, string>> = {
  litSplint: 'lit splint',
  glowingSplint: 'glowing splint',
  limewater: 'lime water',
  dampRedLitmus: 'damp red litmus',
  dampBlueLitmus: 'damp blue litmus',
  bromineWater: 'bromine water',
  starchIodidePaper: 'starch–iodide paper',
  leadAcetatePaper: 'lead acetate paper',
  dichromatePaper: 'acidified dichromate paper',
  permanganatePaper: 'acidified permanganate paper',
  silverNitrateDrop: 'drop of silver nitrate',
};

/** An observation in words. */
export function describeObservation(observation: Observation): string {
  switch (observation.kind) {
    case 'colour':
      return observation.from && observation.to && observation.from !== observation.to
        ? `liquid ${observation.from} → ${observation.to}`
        : `liquid ${observation.to ?? observation.from ?? 'of unrecorded colour'}`;
    case 'clarity':
      return observation.to;
    case 'precipitate':
      return [
        observation.amount === 'some' ? undefined : observation.amount,
        observation.amount === 'a trace' ? 'of' : undefined,
        observation.colour,
        observation.texture,
        'precipitate',
        observation.settling && `that ${observation.settling}`,
      ]
        .filter(Boolean)
        .join(' ');
    case 'noPrecipitate':
      return 'no precipitate';
    case 'deposit':
      return [observation.colour, 'deposit of metal'].filter(Boolean).join(' ');
    case 'dissolves':
      return observation.complete === false ? 'the solid dissolves in part' : 'the solid dissolves';
    case 'solid':
      return observation.from && observation.from !== observation.colour
        ? `solid ${observation.from} → ${observation.colour ?? 'of unrecorded colour'}`
        : [observation.colour, 'solid in the vessel'].filter(Boolean).join(' ');
    case 'sight':
      return observation.result;
    case 'gas':
      return `${observation.vigour ? `bubbles, ${observation.vigour}` : 'bubbles of gas'}${observation.colour ? `; ${observation.colour} gas` : ''}`;
    case 'layer':
      return [observation.colour, 'layer', observation.position].filter(Boolean).join(' ');
    case 'gasTest':
      return `${testWords[observation.test] ?? observation.test}: ${observation.result}`;
    case 'flame':
      return `flame: ${observation.result}`;
    case 'magnet':
      return `magnet: ${observation.result}`;
    case 'temperature':
      return warmthWords(observation);
    case 'smell':
      return observation.smell === 'none' ? 'no smell' : `smell: ${observation.smell}`;
    case 'noGas':
      return 'no bubbles';
    case 'noChange':
      return 'nothing happened';
    case 'nothingElse':
      return 'nothing else changed';
  }
}

function warmthWords({ deltaC, felt }: Extract<Observation, { kind: 'temperature' }>): string {
  if (deltaC !== undefined)
    return `${deltaC > 0 ? 'warmer' : 'colder'} by ${formatDegrees(Math.abs(deltaC))}`;
  return felt === undefined
    ? 'temperature not recorded'
    : felt === 'as before'
      ? 'neither warmer nor colder'
      : `feels ${felt}`;
}
