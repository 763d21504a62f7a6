import type { Difference, Side } from '@stoichos/core/common';

/** What somebody is asked to choose in: where their changes and another’s differ. */
export interface Choosing {
  /** What it is of, such as “the lab day”. */
  readonly what: string;
  readonly differences: readonly Difference[];
  readonly names: FieldNames;
}

/** What the fields of a thing are called, and how a value of one is told where it is more than words or a number. */
export interface FieldNames {
  readonly [field: string]:
    string | { readonly name: string; readonly tell: (value: unknown) => string };
}

type Chosen = (difference: Difference) => Side;

let open:
  { readonly choosing: Choosing; readonly done: (chosen: Chosen | undefined) => void } | undefined;
const listeners = new Set<() => void>();

function show(next: typeof open): void {
  // One question at a time: whoever asks a second one takes the first back.
  if (next) open?.done(undefined);
  open = next;
  listeners.forEach((listener) => listener());
}

/** Asks whoever is at the page. @returns undefined when they leave it as it is. */
export const choose = (choosing: Choosing): Promise<Chosen | undefined> =>
  new Promise((done) => show({ choosing, done }));

/** What is being asked, for the dialog that shows it. */
export const openChoosing = (): Choosing | undefined => open?.choosing;

export function onChoosing(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Answers what is being asked; without an answer everything stays as it is. */
export function answerChoosing(chosen: Chosen | undefined): void {
  const { done } = open ?? {};
  show(undefined);
  done?.(chosen);
}
