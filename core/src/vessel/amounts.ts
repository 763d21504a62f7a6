/** Amounts in mmol by formula. */
export type Amounts = Readonly<Record<string, number>>;

/** Below this share of the largest amount a rest is rounding and not matter, mmol. */
export const tracesMmol = 1e-12;

/** Adds amounts up, the second `times` over. Sums that rounding leaves below a trace are dropped. */
export function addAmounts(a: Amounts, b: Amounts, times = 1): Amounts {
  const sum: Record<string, number> = { ...a };
  for (const [formula, amount] of Object.entries(b))
    sum[formula] = (sum[formula] ?? 0) + times * amount;
  return sum;
}

/** Every amount times a factor. */
export function scaleAmounts(amounts: Amounts, factor: number): Amounts {
  return Object.fromEntries(Object.entries(amounts).map(([formula, n]) => [formula, n * factor]));
}

/** Only what is there: entries above a trace. */
export function present(amounts: Amounts): Amounts {
  return Object.fromEntries(Object.entries(amounts).filter(([, n]) => n > tracesMmol));
}

/** All amounts together, mmol. */
export function sum(amounts: Amounts): number {
  return Object.values(amounts).reduce((total, n) => total + n, 0);
}
