import * as z from 'zod';
import { cellSchema } from '../../studies/electrolysis/cellRequest';
import { depositWords, impurityHints } from '../../studies/electrolysis/impurities';
import { logLineSchema } from '../../studies/electrolysis/runLog';
import type { LogLine } from '../../studies/electrolysis/runLog';
import { referenceElectrodes } from '../../matter/substances/data/referenceElectrodes';
import type { ReferenceElectrodeId } from '../../matter/substances/data/referenceElectrodes';

const referenceIds = Object.keys(referenceElectrodes) as [
  ReferenceElectrodeId,
  ...ReferenceElectrodeId[],
];

/** How an electrolysis is run and what it is judged by. */
export const cellSetupSchema = z.object({
  cell: cellSchema,
  gapCm: z.number().min(0.01, 'Electrodes must not touch').max(100),
  /** The metal whose mass is followed, with the electrons its ion takes; nothing where only gas is made. */
  metal: z.string().max(3).nullable(),
  electrons: z.number().int().min(1).max(8),
  plannedA: z.number().positive('A current is above 0 A').max(1000),
  /** Between readings, s. */
  everyS: z.number().int().min(5, 'At least 5 s between readings').max(7200),
  reference: z.enum(referenceIds),
  /** What the ammeter may be off by, per cent of its reading. */
  ammeterPercent: z.number().min(0.1).max(50).default(2),
  balanceG: z.number().min(0.00001).max(1).default(0.01),
});
export type CellSetup = z.infer<typeof cellSetupSchema>;

/** An electrolysis that is run: its record hangs on it line by line. */
export const cellRunSchema = z.object({
  id: z.uuid(),
  name: z.string().trim().min(1, 'A run needs a name').max(80),
  setup: cellSetupSchema,
  madeAt: z.iso.datetime(),
});
export type CellRun = z.infer<typeof cellRunSchema>;

const hintIds = impurityHints.map(({ id }) => id) as [string, ...string[]];

/** One thing that was read, weighed or seen of a run. */
export const cellRecordSchema = z.discriminatedUnion('kind', [
  logLineSchema.extend({ kind: z.literal('reading'), by: z.enum(['hand', 'instruments']) }),
  z.object({
    kind: z.literal('mass'),
    electrode: z.enum(['cathode', 'anode']),
    when: z.enum(['before', 'after']),
    massG: z
      .number()
      .positive('A mass is above 0 g')
      .max(5000, 'An electrode weighs at most 5000 g: is this in milligrams?'),
  }),
  z.object({ kind: z.literal('deposit'), words: z.array(z.enum(depositWords)).min(1).max(13) }),
  z.object({ kind: z.literal('hint'), hint: z.enum(hintIds) }),
  z.object({ kind: z.literal('note'), text: z.string().trim().min(1).max(400) }),
]);
export type CellRecord = z.infer<typeof cellRecordSchema>;

/** A line of the record. It is never changed: a later one supersedes it, one without a record takes it back. */
export const cellEntrySchema = z
  .object({
    id: z.uuid(),
    runId: z.uuid(),
    record: cellRecordSchema.nullable(),
    supersedes: z.uuid().nullable(),
    recordedAt: z.iso.datetime(),
  })
  .refine(({ record, supersedes }) => record !== null || supersedes !== null, {
    message: 'A line without a record takes another one back',
    path: ['supersedes'],
  });
export type CellEntry = z.infer<typeof cellEntrySchema>;

/** A run with every line of its record, as they came in. */
export const cellRunWithRecordSchema = cellRunSchema.extend({ entries: z.array(cellEntrySchema) });
export type CellRunWithRecord = z.infer<typeof cellRunWithRecordSchema>;

/** A line that still stands. */
export type StandingCellEntry = CellEntry & { readonly record: CellRecord };

/** The lines that count now: those nothing supersedes and that were not taken back. */
export function standingCellEntries(entries: readonly CellEntry[]): StandingCellEntry[] {
  const replaced = new Set(entries.map(({ supersedes }) => supersedes));
  return entries.filter(
    (entry): entry is StandingCellEntry => entry.record !== null && !replaced.has(entry.id),
  );
}

/** The log of a run: its standing readings in order of time; of two at the same time the later entry counts. */
export function cellLog(entries: readonly CellEntry[]): LogLine[] {
  const byTime = new Map<number, LogLine>();
  for (const { record } of standingCellEntries(entries))
    if (record.kind === 'reading') {
      byTime.set(record.timeS, logLineSchema.parse(record));
    }
  return [...byTime.values()].sort((a, b) => a.timeS - b.timeS);
}

/** The last weighing of an electrode, g. */
export function cellMass(
  entries: readonly CellEntry[],
  electrode: 'cathode' | 'anode',
  when: 'before' | 'after',
): number | undefined {
  return standingCellEntries(entries)
    .flatMap(({ record }) =>
      record.kind === 'mass' && record.electrode === electrode && record.when === when
        ? [record.massG]
        : [],
    )
    .at(-1);
}
