const loneSurrogate = /\p{Surrogate}/gu;

/**
 * The same value with every text in it, keys too, made one that can be stored: without U+0000, which no database keeps in a text, and with U+FFFD in
 * place of half of a surrogate pair, which is no character (Unicode 15, D75 and 3.9). What is valid stays the same object.
 */
export function validText<T>(value: T): T {
  if (typeof value === 'string')
    return value.replaceAll('\0', '').replace(loneSurrogate, '\uFFFD') as T;
  if (typeof value !== 'object' || value === null) return value;
  if (Array.isArray(value)) {
    const parts = value.map((part: unknown) => validText(part));
    return parts.every((part, at) => part === value[at]) ? value : (parts as T);
  }
  const parts = Object.entries(value).map(
    ([key, part]) => [validText(key), validText<unknown>(part)] as const,
  );
  const isValid = parts.every(
    ([key, part]) => Object.hasOwn(value, key) && part === (value as Record<string, unknown>)[key],
  );
  return isValid ? value : (Object.fromEntries(parts) as T);
}
