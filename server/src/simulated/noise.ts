/** Numbers that look random and are the same for the same seed (Park and Miller’s generator), 0 to 1. */
export function randomFrom(seed: number): () => number {
  let state = (Math.abs(Math.trunc(seed)) % 2_147_483_646) + 1;
  return () => {
    state = (state * 48_271) % 2_147_483_647;
    return state / 2_147_483_647;
  };
}

/** Normally distributed noise of a standard deviation (Box and Muller). */
export function normal(random: () => number, deviation: number): number {
  return deviation * Math.sqrt(-2 * Math.log(random())) * Math.cos(2 * Math.PI * random());
}

/** A value as a display with this last digit shows it. */
export function shown(value: number, digit: number): string {
  const places = Math.max(0, Math.round(-Math.log10(digit)));
  const rounded = Math.round(value / digit) * digit;
  return (Object.is(rounded, -0) ? 0 : rounded).toFixed(places);
}
