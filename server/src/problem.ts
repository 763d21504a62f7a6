/** A request that cannot be met, answered as `{error:{code,message,field,remedy}}`. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly field: string | null,
    readonly remedy: string,
    /** What stands now, where that is not what was counted on; or when to come again, s. */
    readonly more: { readonly now?: unknown; readonly retryAfterS?: number } = {},
  ) {
    super(message);
    this.name = 'Problem';
  }
}

/** 404 for something addressed by an id that is not there. */
export function notFound(what: string, field: string, id: string): Problem {
  return new Problem(
    404,
    'notFound',
    `There is no ${what} with the id ${id}.`,
    field,
    'Go back to the list and open it from there; it may have been removed.',
  );
}

/** 409 for what was saved over something that somebody else has changed since it was read. */
export function stale(what: string, now: unknown): Problem {
  return new Problem(
    409,
    'stale',
    `Somebody else has changed the ${what} since you opened it.`,
    'version',
    'Choose, where you differ, and save again. Nothing was written over.',
    { now },
  );
}

/** 409 for an id that stands for something else already. */
export function idTaken(id: string): Problem {
  return new Problem(
    409,
    'idTaken',
    `The id ${id} already stands for something else.`,
    'id',
    'Send it again with a new id.',
  );
}
