import type * as z from 'zod';
import type { ColourPhrase, ColourWord } from '../../matter/substances/types';
import type { VesselView } from '../appearance/vesselView';
import type { CounterCase } from './counterCases';
import type { Panel } from './panels';

/** An observation of whatever kind. */
export interface AnyObservation {
  readonly kind: string;
}

/** One point on which expected and seen are set side by side. */
export interface ComparedItem {
  readonly item: string;
  readonly expected: string;
  readonly seen?: string;
  readonly outcome: 'agrees' | 'near' | 'differs' | 'missing';
  /** What a record that answers only half of it lacks. */
  readonly note?: string;
  /** Whether the change itself hangs on it, or only how it looked. */
  readonly decides: boolean;
  /** Something was to be seen: the record of the step hangs on its being answered, one way or the other. */
  readonly tells?: true;
  /** Need not be recorded: without an answer the record still counts as whole. */
  readonly optional?: true;
}

/**
 * A question put to both lists; answers with an item for each thing there is to compare.
 *
 * @param meaningOf what an observation means, for questions about kinds other than their own.
 */
export type Question = (
  expected: readonly AnyObservation[],
  seen: readonly AnyObservation[],
  meaningOf: (one: AnyObservation) => Meaning<AnyObservation>,
) => readonly ComparedItem[];

/** A sign of chemical change, how much it weighs, and what else could have made it. */
export interface Sign {
  readonly sign: string;
  /** 0 to 1: the chance that such a sign comes from a chemical change. */
  readonly weight: number;
  readonly counterCase: string;
  /** Counter-cases that make the same sign, where what was done allows them. */
  readonly madeBy?: readonly CounterCase[];
  /** It is a substance that was not there, not only another look of one that was. */
  readonly isNew?: true;
  /** The mark it is recognised by, where that is not its kind. */
  readonly mark?: string;
}

/** What speaks against a chemical change. */
export interface CounterEvidence {
  readonly sign: string;
  readonly why: string;
}

/** One answer at the bench. */
export interface Choice<T> {
  readonly words: string;
  readonly record: T;
  /** The key that does the same. */
  readonly hotkey?: string;
}

/** A question at the bench with the answers it offers, given what stands of its kind. */
export interface Asked<T> {
  readonly panel: Panel;
  readonly title: string;
  choices?(now: T | undefined): readonly Choice<T>[];
  /** It is answered with a colour. */
  readonly colour?: {
    of(now: T): ColourPhrase | undefined;
    /** Words that make no sense here, such as colourless for a solid. */
    readonly without: readonly ColourWord[];
    record(colour: ColourPhrase, now: T | undefined): T;
  };
  /** It is answered with a change of temperature, °C. */
  readonly degrees?: {
    of(now: T): number | undefined;
    record(deltaC: number): T;
  };
  /** Only asked once something of the kind was recorded. */
  readonly isFurther?: true;
  /** It stays folded though its kind is asked about. */
  readonly isAside?: true;
}

/** Changes that one looks for when one chooses a test. */
export const effects = ['precipitate', 'metal', 'gas', 'colour', 'dissolving'] as const;
export type Effect = (typeof effects)[number];

/** What came, and how it looks. */
export interface Shown {
  readonly effect: Effect;
  readonly colour?: ColourPhrase | undefined;
  readonly formula?: string | undefined;
}

/** What a kind of observation means to everything that reads records. What is left out, it has no part in. */
export interface Meaning<T extends AnyObservation> {
  /** In words. */
  says(one: T): string;
  /** In the few words that outcomes of a test are called by; as it is said where left out. */
  saysPlainly?(one: T): string;
  /** Whether it tells of a change, or only how things look. */
  tellsChange(one: T): boolean;
  /** The change it shows, where it is one that tests are chosen by. */
  shows?(one: T): Shown | undefined;
  /** A reaction that it proves by itself, in words. */
  proves?(one: T): string | undefined;
  /** How a liquid looks, which it always does somehow. */
  readonly isOfTheLiquid?: true;
  /** Everything that nobody recorded, or what is still open, stayed as it was. */
  readonly closes?: 'all' | 'rest';
  /** It says of one thing that it did not come. */
  readonly saysNone?: true;
  /** A solid in a liquid, through which one cannot see. */
  readonly makesCloudy?: true;
  /** It has a question of its own wherever it is recorded, so that it is no part of “something happened”. */
  readonly isJudgedApart?: true;
  /** What it is about: two that are about the same are one. */
  about?(one: T): string;
  /** Which question it answers at the bench: a later answer takes the place of an earlier one. */
  answers?(one: T): string;
  /** Several of one vessel told as one, where it is how things stand and no event; `last` are those of the last event. */
  merge?(all: readonly T[], last: readonly T[]): readonly T[];
  /** What is left of it for somebody who misses what is faint or soon over, given the rest. */
  missed?(one: T, all: readonly AnyObservation[]): readonly AnyObservation[];
  /** A picture with it drawn in. */
  draw?(one: T, view: VesselView): VesselView;
  signs?(one: T): readonly Sign[];
  against?(one: T): readonly CounterEvidence[];
  /** Counter-cases that it gives away by itself. */
  givesAway?(one: T): readonly CounterCase[];
  /** The marks its signs are recognised by, where that is not its kind. */
  marks?(one: T): readonly string[];
  /** How expected and seen are set side by side; kinds that answer one question share it. */
  readonly compare?: Question;
  readonly asks?: readonly Asked<T>[];
}

export interface Definition<T extends AnyObservation> extends Meaning<T> {
  readonly kind: T['kind'];
}

type KindSchema = z.ZodObject<{ kind: z.ZodLiteral<string> }>;
/** A definition with the schema of its records. */
export interface Defined<S extends KindSchema> extends Definition<z.infer<S>> {
  readonly schema: S;
}

/** A kind of observation: what a record of it holds, and then what it means. */
export const define =
  <S extends KindSchema>(schema: S) =>
  (meaning: Meaning<z.infer<S>>): Defined<S> => ({
    ...meaning,
    kind: schema.shape.kind.value,
    schema,
  });

/** A kind as far as it is needed to find its observations. */
interface Kind<S extends KindSchema> {
  readonly kind: string;
  readonly schema: S;
}
const isOf =
  <S extends KindSchema>({ kind }: Kind<S>) =>
  (one: AnyObservation): one is z.infer<S> =>
    one.kind === kind;

/** The last observation of a kind, which is how things stood in the end. */
export const find = <S extends KindSchema>(
  list: readonly AnyObservation[],
  kind: Kind<S>,
): z.infer<S> | undefined => list.findLast(isOf(kind));

export const all = <S extends KindSchema>(
  list: readonly AnyObservation[],
  kind: Kind<S>,
): z.infer<S>[] => list.filter(isOf(kind));

/** Answers that stand at the head of the record. */
export const atAGlance = <T>(choices: (now: T | undefined) => readonly Choice<T>[]): Asked<T> => ({
  panel: 'glance',
  title: 'At a glance',
  choices,
});
