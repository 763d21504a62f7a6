import type { Role } from '@stoichos/core/labday/access';

/** One door: a method and an address, and who may go through. What is not in the table is shut. */
export interface Rule {
  readonly method: 'GET' | 'PUT' | 'POST' | 'PATCH' | 'DELETE';
  /** Under /api; a part beginning with a colon is anything. */
  readonly path: string;
  readonly roles: readonly Role[];
}

const everybody = ['instructor', 'technician', 'group', 'nobody'] as const;
const known = ['instructor', 'technician', 'group'] as const;
const staff = ['instructor', 'technician'] as const;
const instructor = ['instructor'] as const;
const group = ['group'] as const;

/** Who may do what, in one place. A group goes through its own doors, and through one shared one: the entries, where its seat decides. */
export const policy: readonly Rule[] = [
  { method: 'GET', path: '/health', roles: everybody },
  { method: 'GET', path: '/session', roles: everybody },
  { method: 'POST', path: '/sign-in', roles: everybody },
  { method: 'POST', path: '/sign-out', roles: everybody },
  { method: 'POST', path: '/sign-out-everywhere', roles: staff },
  { method: 'PUT', path: '/accounts/:role', roles: instructor },
  { method: 'GET', path: '/audit', roles: instructor },
  { method: 'GET', path: '/join/:code', roles: everybody },
  { method: 'POST', path: '/join', roles: everybody },
  { method: 'POST', path: '/leave', roles: everybody },

  { method: 'GET', path: '/group', roles: group },
  { method: 'GET', path: '/group/live', roles: group },
  { method: 'POST', path: '/group/answer', roles: group },
  { method: 'POST', path: '/entries', roles: known },
  { method: 'GET', path: '/settings', roles: known },

  { method: 'PATCH', path: '/settings', roles: staff },
  { method: 'GET', path: '/days', roles: staff },
  { method: 'GET', path: '/days/:dayId', roles: staff },
  { method: 'PUT', path: '/days/:dayId', roles: staff },
  { method: 'POST', path: '/day-copies', roles: staff },
  { method: 'PUT', path: '/days/:dayId/archive', roles: staff },
  { method: 'PUT', path: '/days/:dayId/procedures/:plannedId', roles: staff },
  { method: 'DELETE', path: '/days/:dayId/procedures/:plannedId', roles: staff },
  { method: 'PUT', path: '/days/:dayId/procedures', roles: staff },
  { method: 'PUT', path: '/days/:dayId/timetable', roles: staff },
  { method: 'POST', path: '/days/:dayId/weighings', roles: staff },
  { method: 'POST', path: '/days/:dayId/preparations', roles: staff },
  { method: 'DELETE', path: '/preparations/:preparationId', roles: staff },
  { method: 'GET', path: '/days/:dayId/results.csv', roles: staff },
  { method: 'GET', path: '/days/:dayId/record.csv', roles: staff },
  { method: 'GET', path: '/days/:dayId/day.json', roles: instructor },
  { method: 'GET', path: '/days/:dayId/day.ics', roles: staff },
  { method: 'GET', path: '/days.ics', roles: staff },
  { method: 'POST', path: '/import', roles: staff },
  { method: 'GET', path: '/backup', roles: instructor },
  { method: 'POST', path: '/restore', roles: instructor },
  { method: 'GET', path: '/days/:dayId/live', roles: staff },
  { method: 'GET', path: '/days/:dayId/oversight', roles: staff },
  { method: 'POST', path: '/days/:dayId/code', roles: instructor },
  { method: 'DELETE', path: '/days/:dayId/tablets/:tabletId', roles: instructor },
  { method: 'PUT', path: '/days/:dayId/releases', roles: instructor },
  { method: 'POST', path: '/days/:dayId/messages', roles: instructor },
  { method: 'PUT', path: '/days/:dayId/unknowns', roles: instructor },
  { method: 'GET', path: '/days/:dayId/keys', roles: instructor },
  { method: 'GET', path: '/days/:dayId/answers', roles: instructor },

  { method: 'GET', path: '/procedures', roles: staff },
  { method: 'PUT', path: '/procedures/:procedureId', roles: staff },
  { method: 'DELETE', path: '/procedures/:procedureId', roles: staff },
  { method: 'GET', path: '/shelf', roles: staff },
  { method: 'GET', path: '/shelf.csv', roles: staff },
  { method: 'PUT', path: '/shelf/:itemId', roles: staff },
  { method: 'DELETE', path: '/shelf/:itemId', roles: staff },
  { method: 'POST', path: '/shelf/import', roles: staff },
  { method: 'GET', path: '/runs', roles: staff },
  { method: 'PUT', path: '/runs/:runId', roles: staff },
  { method: 'DELETE', path: '/runs/:runId', roles: staff },
  { method: 'GET', path: '/cells', roles: staff },
  { method: 'GET', path: '/cells/:runId', roles: staff },
  { method: 'PUT', path: '/cells/:runId', roles: staff },
  { method: 'POST', path: '/cell-entries', roles: staff },
  { method: 'POST', path: '/cells/:runId/simulate', roles: staff },
  { method: 'GET', path: '/cells/:runId/reading', roles: staff },
  { method: 'GET', path: '/instruments', roles: staff },
  { method: 'GET', path: '/instruments/:instrumentId/reading', roles: staff },
  { method: 'POST', path: '/instruments/:instrumentId/commands', roles: staff },
  { method: 'POST', path: '/instruments/:instrumentId/follow', roles: staff },
  { method: 'POST', path: '/instruments/:instrumentId/clear', roles: staff },
];

/** The rule of an address as it was asked for; undefined where there is no door. */
export function ruleFor(method: string, path: string): Rule | undefined {
  const wanted = path.split('/');
  return policy.find((rule) => {
    const parts = rule.path.split('/');
    return (
      (rule.method === method || (method === 'HEAD' && rule.method === 'GET')) &&
      parts.length === wanted.length &&
      parts.every((part, at) => (part.startsWith(':') ? wanted[at] !== '' : part === wanted[at]))
    );
  });
}
