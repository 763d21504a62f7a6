import * as z from 'zod';
import { mixingSchema, procedureOfMixing } from '../../planning/procedure/mixing';
import { fileVersion } from './formats';

/** Until version 2 a lab day kept tests of two solutions apart from its procedures, and they came first. */
const dayOfVersion1 = z.looseObject({
  day: z.looseObject({
    tests: z.array(mixingSchema.extend({ id: z.string() })),
    procedures: z.array(z.unknown()),
  }),
});

function testsAsProcedures(content: Readonly<Record<string, unknown>>) {
  const read = dayOfVersion1.safeParse(content);
  if (!read.success) return content;
  const { tests, procedures, ...day } = read.data.day;
  const planned = tests.map(({ id, ...mixing }) => ({
    id,
    manner: 'groups',
    procedure: procedureOfMixing(id, mixing),
  }));
  return { ...content, day: { ...day, procedures: [...planned, ...procedures] } };
}

/** A file of an earlier version as this version writes it; what is wrong with it is left for its schema to say. */
export function broughtForward(
  content: Readonly<Record<string, unknown>>,
  version: number,
): Readonly<Record<string, unknown>> {
  const forward = version < 2 ? testsAsProcedures(content) : content;
  return { ...forward, version: fileVersion };
}
