import { STATUS_CODES } from 'node:http';
import { ChemistryError } from '@stoichos/core/common';
import type { ApiError } from '@stoichos/core/labday/access';
import type { Middleware } from 'koa';
import type { Logger } from 'pino';
import { ConnectionError } from 'sequelize';
import { Problem } from '../problem';

/** Turns whatever went wrong below into `{error:{code,message,field,remedy}}`; the unforeseen is logged whole. */
export function answerErrors(log: Logger): Middleware {
  return async (context, next) => {
    try {
      await next();
    } catch (error) {
      const { status, ...answer } = describe(error);
      if (status >= 500) log.error({ err: error, path: context.path }, 'request failed');
      context.status = status;
      context.set('Cache-Control', 'no-store');
      if (error instanceof Problem && error.more.retryAfterS !== undefined)
        context.set('Retry-After', String(error.more.retryAfterS));
      context.body = { error: answer satisfies ApiError };
    }
  };
}

/** Whether the database went away in the middle of an answer. */
function isCutOff(error: unknown): boolean {
  return (
    error instanceof Error &&
    (/Connection terminated|ECONNRESET|EPIPE/.test(error.message) ||
      error.name === 'SequelizeConnectionAcquireTimeoutError')
  );
}

/** The five signs PostgreSQL gives for what went wrong (SQLSTATE); empty for what is no error of the database. */
function sqlState(error: unknown): string {
  if (typeof error !== 'object' || error === null || !('original' in error)) return '';
  const { original } = error;
  return typeof original === 'object' && original !== null && 'code' in original
    ? String(original.code)
    : '';
}

/** The database is there and can store nothing. Whoever sent something keeps it and sends it again. */
const databaseStuck: Readonly<Record<string, Omit<ApiError, 'field'> & { status: number }>> = {
  '53100': {
    status: 507,
    code: 'diskFull',
    message: 'The disk of the database is full; nothing was stored.',
    remedy:
      'Free some space on the server. What you recorded is kept in this browser and sent again.',
  },
  '25006': {
    status: 503,
    code: 'readOnly',
    message: 'The database can only be read at the moment; nothing was stored.',
    remedy: 'Make it writable again. What you recorded is kept in this browser and sent again.',
  },
  '53300': {
    status: 503,
    code: 'databaseBusy',
    message: 'The database takes no more connections at the moment.',
    remedy: 'Wait a moment and send it again; nothing was stored.',
  },
  '57P01': {
    status: 503,
    code: 'databaseAway',
    message: 'The database is shutting down.',
    remedy: 'Wait a moment and send it again; nothing was stored.',
  },
  '57P02': {
    status: 503,
    code: 'databaseAway',
    message: 'The database was stopped in the middle.',
    remedy: 'Wait a moment and send it again.',
  },
  '57P03': {
    status: 503,
    code: 'databaseAway',
    message: 'The database is starting up.',
    remedy: 'Wait a moment and send it again; nothing was stored.',
  },
};

function describe(error: unknown): ApiError & { status: number } {
  if (error instanceof Problem) {
    const { status, code, message, field, remedy } = error;
    const { now } = error.more;
    return { status, code, message, field, remedy, ...(now !== undefined && { now }) };
  }
  if (error instanceof ChemistryError) {
    const { code, message, field, remedy } = error;
    return { status: 400, code, message, field: field ?? null, remedy };
  }
  if (error instanceof ConnectionError || isCutOff(error))
    return {
      status: 503,
      code: 'databaseAway',
      message: 'The database does not answer.',
      field: null,
      remedy: 'Wait a moment and send it again; nothing was stored.',
    };
  const stuck = databaseStuck[sqlState(error)];
  if (stuck) return { ...stuck, field: null };
  const status = statusOf(error);
  if (status < 500)
    return {
      status,
      code: 'badRequest',
      message: STATUS_CODES[status] ?? 'Bad request',
      field: null,
      remedy: 'Correct the request and send it again.',
    };
  return {
    status: 500,
    code: 'internal',
    message: 'Something went wrong on the server.',
    field: null,
    remedy: 'Send it again; if it stays, the server’s log tells more.',
  };
}

function statusOf(error: unknown): number {
  if (typeof error !== 'object' || error === null || !('status' in error)) return 500;
  return typeof error.status === 'number' && error.status >= 400 ? error.status : 500;
}
