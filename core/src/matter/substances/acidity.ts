import { acidBaseSteps } from './data/acidBaseSteps';

/**
 * pKa of the first step in which a dissolved species gives a proton away to water, at 25 °C and zero ionic strength: 4.76 for
 * CH3COOH, 5.0 for Al^3+ (by its water). None where the tables have no such step, as for strong acids, whose proton is an ion of
 * its own.
 *
 * Source: the steps of `data/acidBaseSteps`, each with its own.
 */
export function pKaOf(species: string): number | undefined {
  return steps.get(species);
}

/** A species as a base with protons on it; a cation that hydrolyses is a base with fewer than none. */
const protonated = acidBaseSteps.flatMap(({ formula, from, logBeta }) => {
  const { 'H^+': protons = 0, ...bases } = from;
  const [base, ...others] = Object.entries(bases);
  return base?.[1] === 1 && others.length === 0
    ? [{ formula, base: base[0], protons, logBeta }]
    : [];
});

const steps: ReadonlyMap<string, number> = new Map([
  ...protonated.flatMap(({ formula, base, protons, logBeta }): [string, number][] => {
    if (protons === 1) return [[formula, logBeta]];
    const poorer = protonated.find((one) => one.base === base && one.protons === protons - 1);
    return poorer ? [[formula, logBeta - poorer.logBeta]] : [];
  }),
  ...protonated.flatMap(({ base, protons, logBeta }): [string, number][] =>
    protons === -1 ? [[base, -logBeta]] : [],
  ),
]);
