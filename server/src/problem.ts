/** A request that cannot be met, answered as `{error:{code,message,field,remedy}}`. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly field: string | null,
    readonly remedy: string,
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
