/** Items on a page of a list. */
export const pageLength = 50;

/** Cuts a page out of what was found for it, which is one item more where there are more. */
export function pageFrom<T>(found: readonly T[], cursorOf: (item: T) => string) {
  const items = found.slice(0, pageLength);
  const last = items.at(-1);
  return { items, next: found.length > pageLength && last ? cursorOf(last) : null };
}
