import * as z from 'zod';
import { containerKinds } from '../../vessel/containers';
import type { ContainerKind } from '../../vessel/containers';
import { measureSchema } from '../../planning/procedure/measures';
import { observationSchema } from '../../seeing/observation/observation';
import { kitKinds } from '../../planning/procedure/procedure';
import { entrySchema, groupSchema } from '../day/labDay';

/** Who may be at the other end: the instructor, the technician, a group at its bench, or somebody not known yet. */
export const roles = ['instructor', 'technician', 'group', 'nobody'] as const;
export type Role = (typeof roles)[number];

const id = z.uuid();

export const shortestPassphrase = 10;
/** Words or letters that are not guessed; the length alone is asked for. */
export const passphraseSchema = z
  .string()
  .min(shortestPassphrase, `A passphrase has at least ${shortestPassphrase} characters`)
  .max(200, 'A passphrase has at most 200 characters');

/** How the one who asks stands to this server. */
export const sessionStateSchema = z.strictObject({
  role: z.enum(roles),
  /** The instructor is taken to be whoever sits at this machine: nobody has set a passphrase, or it was chosen so. */
  open: z.boolean(),
  /** Whether the instructor has a passphrase. */
  hasPassphrase: z.boolean(),
  hasTechnician: z.boolean(),
  /** For a group: where it belongs. */
  bench: z
    .strictObject({ dayId: id, dayName: z.string(), groupId: id, groupName: z.string() })
    .nullable(),
});
export type SessionState = z.infer<typeof sessionStateSchema>;

export const signInSchema = z.strictObject({
  role: z.enum(['instructor', 'technician']),
  passphrase: z.string().min(1, 'Type the passphrase').max(200),
});
export const newPassphraseSchema = z.strictObject({
  /** The instructor’s, as it stands; left out where none is set. */
  current: z.string().max(200).optional(),
  passphrase: passphraseSchema,
  /** Nobody has to sign in at this very machine. */
  openHere: z.boolean().optional(),
});

/** A code by which groups join a lab day: letters and digits that are not mistaken for one another. */
export const joinAlphabet = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';
export const joinCodeLength = 8;

/** A code as people type it: spaces, dashes and small letters do not matter. */
export function readJoinCode(text: string): string {
  return text.toUpperCase().replace(/[^A-Z0-9]/g, '');
}

/** A code as it is shown: in two halves. */
export function showJoinCode(code: string): string {
  return `${code.slice(0, joinCodeLength / 2)}-${code.slice(joinCodeLength / 2)}`;
}

export const joinSchema = z.strictObject({ code: z.string().max(40), groupId: id });
/** What a code opens: the day and its groups, and nothing else of it. */
export const joinableSchema = z.strictObject({
  dayName: z.string(),
  date: z.string(),
  groups: z.array(groupSchema),
});
export type Joinable = z.infer<typeof joinableSchema>;

/** A tablet that has joined. */
export const tabletSchema = z.strictObject({
  id,
  groupId: id,
  joinedAt: z.string(),
  seenAt: z.string(),
});
/** The code of a lab day and the tablets on it. */
export const joiningSchema = z.strictObject({
  /** Null once the lab day is over, or before a code was made. */
  code: z.string().nullable(),
  endsAt: z.string().nullable(),
  tablets: z.array(tabletSchema),
});
export type Joining = z.infer<typeof joiningSchema>;

/** When a group sees what is expected of a piece of work. */
export const releaseWhen = ['never', 'afterRecording', 'always'] as const;
export type ReleaseWhen = (typeof releaseWhen)[number];
export const releaseSchema = z.strictObject({ workId: id, when: z.enum(releaseWhen) });
export type Release = z.infer<typeof releaseSchema>;

/** What the instructor sends to a group, or to all: words, a step to look at again, or that it was checked. */
export const messageKinds = ['message', 'flag', 'checked'] as const;
export const messageInputSchema = z.strictObject({
  id,
  /** Null for all groups. */
  groupId: id.nullable(),
  kind: z.enum(messageKinds),
  workId: id.nullable(),
  stepId: z.string().max(40).nullable(),
  text: z.string().trim().max(400),
});
export type MessageInput = z.infer<typeof messageInputSchema>;
export const messageSchema = messageInputSchema.extend({ sentAt: z.string() });
export type Message = z.infer<typeof messageSchema>;

/** What stands on a jar that a group gets, and what is in it: the key stays sealed. */
export const sealedUnknownSchema = z.strictObject({
  groupId: id,
  code: z.string().trim().min(1, 'An unknown needs a code for its label').max(20),
  kind: z.enum(['organic', 'inorganic']),
  key: z.string().trim().min(1, 'An unknown needs its key').max(120),
});
export type SealedUnknown = z.infer<typeof sealedUnknownSchema>;
/** The label alone. */
export const assignedUnknownSchema = sealedUnknownSchema.omit({ key: true });
export type AssignedUnknown = z.infer<typeof assignedUnknownSchema>;
/** One test of a group on its unknown. */
export const unknownResultSchema = z.strictObject({
  test: z.string().trim().min(1).max(60),
  outcome: z.string().trim().min(1).max(120),
  blank: z.enum(['clean', 'same', 'none']),
  note: z.string().trim().max(200),
});
export type UnknownResult = z.infer<typeof unknownResultSchema>;
/** What a group hands in: what it takes its unknown for, and what it goes by. */
export const answerInputSchema = z.strictObject({
  id,
  answer: z.string().trim().min(1, 'An answer names what it is').max(120),
  results: z.array(unknownResultSchema).max(60, 'At most 60 tests'),
});
export type AnswerInput = z.infer<typeof answerInputSchema>;
export const unknownAnswerSchema = answerInputSchema.extend({
  groupId: id,
  code: z.string(),
  sentAt: z.string(),
});
export type UnknownAnswer = z.infer<typeof unknownAnswerSchema>;

/** Everything the instructor sees of the groups beside their entries. */
export const oversightSchema = z.strictObject({
  joining: joiningSchema,
  releases: z.array(releaseSchema),
  messages: z.array(messageSchema),
  unknowns: z.array(assignedUnknownSchema),
});
export type Oversight = z.infer<typeof oversightSchema>;

const line = z.string();
/** A step as a group sees it: words, and what to do with them; nothing that the engine could tell the outcome from. */
const groupStepSchema = z.strictObject({
  id: line,
  text: line,
  minutes: z.number(),
  uses: z.partialRecord(z.enum(kitKinds), z.number()),
  ready: z.array(line),
  needs: z.array(z.strictObject({ step: line, because: line })),
  caution: line,
  /** What should not meet, too much of something, what comes of it that harms. */
  cautions: z.array(line),
  record: z.array(line),
  measures: z.array(measureSchema),
  /** Vessels that something is done to in it. */
  vessels: z.array(line),
});
export type GroupStep = z.infer<typeof groupStepSchema>;

/** What is expected of one vessel in one step, and whether what was recorded agrees: only where it is released. */
const groupExpectationSchema = z.strictObject({
  workId: id,
  stepId: line,
  vessel: line,
  expected: z.array(observationSchema),
  notPredicted: z.array(line),
  agreement: z.enum(['agrees', 'partly', 'differs', 'incomplete']).nullable(),
});

/** A lab day as one group sees it. Strict: a field that is not here cannot reach a tablet. */
export const groupViewSchema = z.strictObject({
  day: z.strictObject({ id, name: line, date: line }),
  group: groupSchema,
  /** What stands on the jar it has to identify, and what it handed in last. */
  unknown: z
    .strictObject({
      code: z.string(),
      kind: z.enum(['organic', 'inorganic']),
      answer: unknownAnswerSchema.nullable(),
    })
    .nullable(),
  works: z.array(
    z.strictObject({
      id,
      number: z.number(),
      name: line,
      purpose: line,
      /** When what is expected of it is shown. */
      shown: z.enum(releaseWhen),
      vessels: z.array(
        z.strictObject({
          name: line,
          container: z.enum(containerKinds as [ContainerKind, ...ContainerKind[]]),
        }),
      ),
      steps: z.array(groupStepSchema),
    }),
  ),
  /** Its own entries, and no other’s. */
  entries: z.array(entrySchema),
  expectations: z.array(groupExpectationSchema),
  messages: z.array(messageSchema),
});
export type GroupView = z.infer<typeof groupViewSchema>;

/** What a live connection tells: an entry that came in, or that something else has changed. */
export const liveEventSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('entry'), entry: entrySchema }),
  z.strictObject({ kind: z.literal('changed') }),
  /** The connection is new: what was missed is read again. */
  z.strictObject({ kind: z.literal('hello') }),
  /** The tablet was put out, or the code has ended. */
  z.strictObject({ kind: z.literal('ended') }),
]);
export type LiveEvent = z.infer<typeof liveEventSchema>;

/** One line of what was done with keys and doors. */
export const auditLineSchema = z.strictObject({
  at: z.string(),
  role: z.string(),
  what: z.string(),
  about: z.string(),
});
export type AuditLine = z.infer<typeof auditLineSchema>;

/** How every failed request is answered. */
export const errorSchema = z.object({
  error: z.object({
    code: z.string(),
    message: z.string(),
    field: z.string().nullable(),
    remedy: z.string(),
    /** What stands now, where that is not what was counted on. */
    now: z.unknown().optional(),
  }),
});
export type ApiError = z.infer<typeof errorSchema>['error'];
