import { STATUS_CODES } from 'node:http';
import { ChemistryError } from '@stoichos/core';
import type { ApiError } from '@stoichos/core';
import type { Middleware } from 'koa';
import type { Logger } from 'pino';
import { ConnectionError } from 'sequelize';
import { Problem } from '../problem';

/** Turns whatever went wrong below into `{error:{code,message,field,remedy}}`; the unforeseen is logged whole. */
export function answerErrors(log: Logger): Middleware {
  return async (context, next) => {
    try {
      await next();
      if (context.status === 404 && context.body === undefined && context.path.startsWith('/api'))
        throw new Problem(
          404,
          'unknownPath',
          `${context.method} ${context.path} is not an address of this server.`,
          null,
          'Check the address.',
        );
    } catch (error) {
      const { status, ...answer } = describe(error);
      if (status >= 500) log.error({ err: error, path: context.path }, 'request failed');
      context.status = status;
      context.body = { error: answer satisfies ApiError };
    }
  };
}

function describe(error: unknown): ApiError & { status: number } {
  if (error instanceof Problem) {
    const { status, code, message, field, remedy } = error;
    return { status, code, message, field, remedy };
  }
  if (error instanceof ChemistryError) {
    const { code, message, field, remedy } = error;
    return { status: 400, code, message, field: field ?? null, remedy };
  }
  if (error instanceof ConnectionError)
    return {
      status: 503,
      code: 'databaseAway',
      message: 'The database does not answer.',
      field: null,
      remedy: 'Wait a moment and send it again; nothing was stored.',
    };
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
