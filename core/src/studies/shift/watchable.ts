import {
  componentsOfSolid,
  componentsOfSpecies,
  formedSpecies,
} from '../../matter/substances/componentsOf';
import { sparinglySoluble } from '../../matter/substances/data/sparinglySoluble';
import { spectra } from '../../matter/substances/data/spectra';
import { indicators } from '../../matter/substances/data/indicators';
import type { EventResult } from '../../vessel/eventResult';
import type { Watched } from './watched';

/** Species less concentrated than this are not worth watching, mol/L. */
const leastM = 1e-6;
const coloured = new Set(spectra.map(({ formula }) => formula));
const solidRows = new Set(sparinglySoluble.map(({ formula }) => formula));

/**
 * Molecules that handbooks write equilibria with, and what the tables count instead; the first that fits is used.
 * Ammonia is counted as ammonium less a proton, a halogen as hypohalite, halide and two protons.
 */
const writtenWith = ['NH3', 'I2', 'Br2', 'Cl2'].map((formula) => ({
  formula,
  parts: componentsOfSpecies(formula) ?? {},
}));

/** A coloured species is worth watching before colourless ones even at a hundredth of the amount. */
const colourCounts = 100;

/**
 * The equilibria of a mixture that can be watched: each complex, acid–base step, coloured species and hardly soluble solid that
 * it holds or has held, formed from what it is made of, those that changed most first; before them its indicators.
 */
export function watchableIn(steps: readonly EventResult[]): Watched[] {
  const most = new Map<string, number>();
  const dropped = new Set<string>();
  for (const { vessel, equilibrium } of steps) {
    for (const [formula, one] of Object.entries(equilibrium?.species ?? {}))
      most.set(formula, Math.max(most.get(formula) ?? 0, one));
    for (const [formula, amount] of Object.entries(vessel.phases.solids))
      most.set(`${formula}(s)`, amount / vessel.volumeMl);
    for (const name of Object.keys(vessel.indicators)) dropped.add(name);
  }
  const dissolved = formedSpecies
    .filter(({ formula, ionPair }) => formula !== 'OH^-' && (coloured.has(formula) || !ionPair))
    .map(({ formula }) => ({
      most: (most.get(formula) ?? 0) * (coloured.has(formula) ? colourCounts : 1),
      written: () => formation(formula),
    }));
  const settled = [...solidRows].map((formula) => ({
    most: most.get(`${formula}(s)`) ?? 0,
    written: () => dissolving(formula),
  }));
  const equations = [...dissolved, ...settled]
    .filter((one) => one.most > leastM)
    .sort((a, b) => b.most - a.most)
    .map(({ written }) => written());
  return [
    ...indicators.filter(({ name }) => dropped.has(name)).map(({ name }) => ({ indicator: name })),
    ...equations.flatMap((equation) => (equation === undefined ? [] : [{ equation }])),
  ];
}

/** A species written as formed from ions and molecules: `Cu^2+ + 4 Cl^- ⇌ CuCl4^2-`. */
function formation(formula: string): string | undefined {
  const written = sides(componentsOfSpecies(formula), formula);
  return written && `${written.parts} ⇌ ${[formula, ...written.rest].join(' + ')}`;
}

/** A solid written as dissolving: `AgCl(s) ⇌ Ag^+ + Cl^-`. */
function dissolving(formula: string): string | undefined {
  const written = sides(componentsOfSolid(formula), formula);
  return written && `${[`${formula}(s)`, ...written.rest].join(' + ')} ⇌ ${written.parts}`;
}

/** What something is made of on the one side, and what is given off in making it on the other. */
function sides(components: Readonly<Record<string, number>> | undefined, formula: string) {
  if (!components) return undefined;
  const counts: Record<string, number> = { ...components };
  const parts: string[] = [];
  for (const { formula: molecule, parts: inside } of writtenWith) {
    if (molecule === formula) continue;
    const metalIn = Object.keys(counts).some((name) => !(name in inside) && name !== 'H2O');
    const times = Math.min(
      ...Object.entries(inside).map(([name, n]) => Math.floor((counts[name] ?? 0) / n + 1e-9)),
    );
    // A proton that merely joins is no reason to write an ammonium as ammonia.
    if (times < 1 || !Number.isFinite(times) || (molecule === 'NH3' && !metalIn)) continue;
    for (const [name, n] of Object.entries(inside)) counts[name] = (counts[name] ?? 0) - n * times;
    parts.push(term(molecule, times));
  }
  const named = Object.entries(counts).filter(([, n]) => n !== 0);
  parts.unshift(...named.filter(([, n]) => n > 0).map(([name, n]) => term(name, n)));
  return {
    parts: parts.join(' + '),
    rest: named.filter(([, n]) => n < 0).map(([name, n]) => term(name, -n)),
  };
}

const term = (formula: string, count: number): string =>
  count === 1 ? formula : `${count} ${formula}`;
