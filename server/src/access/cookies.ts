import type { Context } from 'koa';

/**
 * The staff’s session and a group’s are kept apart, so that a tablet that was put out is nobody and not whoever owns the machine. The
 * device’s opens nothing: it says that somebody signed in on it before.
 */
export const cookieNames = {
  staff: 'stoichos',
  group: 'stoichos-group',
  device: 'stoichos-device',
} as const;
export type CookieKind = keyof typeof cookieNames;

/** A cookie that no script reads and no other site sends. */
export function putCookie(
  context: Context,
  kind: CookieKind,
  token: string,
  lastsDays?: number,
): void {
  context.cookies.set(cookieNames[kind], token, {
    httpOnly: true,
    sameSite: 'strict',
    path: '/',
    overwrite: true,
    secure: context.secure,
    ...(lastsDays && { maxAge: lastsDays * 86_400_000 }),
  });
}

export function dropCookie(context: Context, kind: CookieKind): void {
  context.cookies.set(cookieNames[kind], null, { path: '/', overwrite: true });
}
