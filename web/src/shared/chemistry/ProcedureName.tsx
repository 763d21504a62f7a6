import { proseTold } from '@stoichos/core/common';
import { mixingOf } from '@stoichos/core/planning/procedure';
import type { Procedure } from '@stoichos/core/planning/procedure';
import { Formula } from './Formula';

interface OfProcedure {
  readonly procedure: Procedure;
}

/** What a procedure is called. Where two solutions are brought together the name holds their formulae; elsewhere a digit is a digit. */
export function ProcedureName({ procedure }: OfProcedure) {
  return <ProcedureWords procedure={procedure} text={procedure.name} />;
}

/** Words of a procedure, such as a step, with formulae set where it names its solutions by them. */
export function ProcedureWords({ procedure, text }: OfProcedure & { readonly text: string }) {
  return mixingOf(procedure) ? <Formula text={text} wrap /> : proseTold(text);
}
