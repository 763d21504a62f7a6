import type { Middleware } from 'koa';
import { ruleFor } from '../access/policy';
import { whoAsks } from '../access/who';
import { Problem } from '../problem';

/** Lets through what the policy allows, and nothing else. */
export function enforcePolicy(prefix: string): Middleware {
  return async (context, next) => {
    if (!context.path.startsWith(`${prefix}/`)) {
      await next();
      return;
    }
    const rule = ruleFor(context.method, context.path.slice(prefix.length));
    // Without a door there is nothing to say but that; the answer is the same for all.
    if (!rule) return;
    const { role } = whoAsks(context);
    if (rule.roles.includes(role)) {
      await next();
      return;
    }
    if (role === 'nobody')
      throw new Problem(
        401,
        'signInNeeded',
        'Nobody is signed in here, or the session has ended.',
        null,
        'Sign in, or join the lab day again with its code.',
      );
    throw new Problem(
      403,
      'notAllowed',
      `This is not for ${role === 'group' ? 'a group' : `the ${role}`}.`,
      null,
      'Ask the instructor.',
    );
  };
}
