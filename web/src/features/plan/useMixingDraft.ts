import type { LabDay } from '@stoichos/core/labday/day';
import { mixingOf, mixingSchema } from '@stoichos/core/planning/procedure';
import type { Mixing } from '@stoichos/core/planning/procedure';
import { useSearchParams } from 'react-router';
import * as z from 'zod';
import { useKept } from '../../data/kept/useKept';

const portionDraft = z.object({
  substance: z.string(),
  concentrationM: z.union([z.number(), z.literal('')]),
  volumeMl: z.union([z.number(), z.literal('')]),
});
const draftSchema = z.object({
  id: z.string(),
  a: portionDraft,
  b: portionDraft,
  container: mixingSchema.shape.container,
});

/** Two solutions being typed: numbers may still be empty. */
export type MixingDraft = z.infer<typeof draftSchema>;
export type PortionDraft = MixingDraft['a'];

/** A line of the quick table: a planned procedure that brings two solutions together. */
export interface PlannedMixing extends Mixing {
  /** Of the procedure in the day. */
  readonly id: string;
}

/** The lines of the quick table of a day. */
export function mixingsOf({ procedures }: Pick<LabDay, 'procedures'>): PlannedMixing[] {
  return procedures.flatMap(({ id, procedure }) => {
    const mixing = mixingOf(procedure);
    return mixing ? [{ id, ...mixing }] : [];
  });
}

const emptyPortion: PortionDraft = { substance: '', concentrationM: 0.1, volumeMl: 3 };

const emptyDraft = (): MixingDraft => ({
  id: crypto.randomUUID(),
  a: emptyPortion,
  b: emptyPortion,
  container: 'testTube',
});

/** The test that a link of `linkToNewTest` begins; a strength that is none is the usual one. */
function askedDraft(parameters: URLSearchParams): MixingDraft | undefined {
  if (!parameters.has('a')) return undefined;
  const side = (name: 'a' | 'b'): PortionDraft => {
    const strength = Number(parameters.get(`${name}M`) ?? Number.NaN);
    return {
      ...emptyPortion,
      substance: parameters.get(name) ?? '',
      ...(strength > 0 && { concentrationM: strength }),
    };
  };
  return { ...emptyDraft(), a: side('a'), b: side('b') };
}

/** The line in the editor. What is typed survives a reload; choosing another line leaves the plan as it is. */
export interface MixingDraftState {
  readonly values: MixingDraft;
  readonly isNew: boolean;
  readonly isChanged: boolean;
  /** Opens a planned line, or an empty new one. */
  readonly choose: (id: string | undefined) => void;
  readonly change: (part: Partial<MixingDraft>) => void;
  /** After saving: the draft is the planned line now. What was typed while it was on its way stays, as a change to it. */
  readonly settle: (saved: PlannedMixing) => void;
}

/** Keeps one draft for each lab day in the browser's storage. */
export function useMixingDraft(day: LabDay): MixingDraftState {
  const [parameters, setParameters] = useSearchParams();
  const asked = parameters.has('a');
  const [stored, setStored] = useKept(`stoichos-draft-${day.id}`, draftSchema.nullable(), null);
  const lines = mixingsOf(day);
  const isPlanned = (id: string): boolean => lines.some((line) => line.id === id);
  const chosen = parameters.get('test');
  const planned =
    lines.find(({ id }) => id === chosen) ?? (chosen === null && !asked ? lines[0] : undefined);
  // A link that names its solutions begins a test of its own, whatever else was being typed.
  const isOwn =
    stored !== null && !asked && (planned ? stored.id === planned.id : !isPlanned(stored.id));
  const values = isOwn ? stored : (planned ?? fallback(day.id, parameters));
  return {
    values,
    isNew: !planned,
    isChanged: isOwn && planned !== undefined && !sameMixing(stored, planned),
    choose: (id) => {
      if (id === undefined && !(stored && !isPlanned(stored.id))) setStored(emptyDraft());
      setParameters({ test: id ?? 'new' }, { replace: true });
    },
    change: (part) => {
      setStored({ ...values, ...part });
      if (asked) setParameters({ test: 'new' }, { replace: true });
    },
    settle: (saved) => {
      setStored((now) => (now && !sameMixing(now, saved) ? { ...now, id: saved.id } : null));
      setParameters({ test: saved.id }, { replace: true });
    },
  };
}

const sameMixing = (draft: MixingDraft, { a, b, container }: Mixing): boolean =>
  JSON.stringify([draft.a, draft.b, draft.container]) === JSON.stringify([a, b, container]);

const fallbacks = new Map<string, MixingDraft>();
/** A draft that stays the same until something is typed into it: empty, or as a link asks for. */
function fallback(dayId: string, parameters: URLSearchParams): MixingDraft {
  const key = `${dayId} ${parameters.toString()}`;
  const known = fallbacks.get(key) ?? askedDraft(parameters) ?? emptyDraft();
  fallbacks.set(key, known);
  return known;
}
