import { Matrix, SVD } from 'ml-matrix';
import { vantHoff } from '../../src/solution/equilibrium/temperature';
import {
  componentsOfSolid,
  componentsOfSpecies,
  formedSpecies,
} from '../../src/matter/substances/componentsOf';
import { waterIonisation } from '../../src/matter/substances/data/acidBaseSteps';
import { dissolvedGases } from '../../src/matter/substances/data/dissolvedGases';
import { sparinglySoluble } from '../../src/matter/substances/data/sparinglySoluble';
import { halfReactions } from '../../src/vessel/halfReaction';
import type { HalfTerm } from '../../src/vessel/halfReaction';

const logBeta = new Map(formedSpecies.map((row) => [row.formula, row.logBeta]));
const products = new Map<string, number>(
  sparinglySoluble.map(({ formula, pKsp, ions }) => [
    formula,
    -pKsp + ('OH^-' in ions ? ions['OH^-'] : 0) * waterIonisation.pKw,
  ]),
);
const henry = new Map<string, number>(
  dissolvedGases.map(({ formula, henryMPerAtm }) => [
    formula,
    vantHoff(Math.log10(henryMPerAtm), undefined, 25),
  ]),
);
const perVolt = 1 / 0.05916;

/** What a term's chemical potential is above that of its components, in decades. */
function above({ formula, state }: HalfTerm): number {
  if (state === 's') return products.get(formula) ?? 0;
  const dissolved = -(logBeta.get(formula) ?? 0);
  return state === 'g' ? dissolved + (henry.get(formula) ?? 0) : dissolved;
}

/**
 * Potentials, solubility products, formation constants and Henry's constants over-determine one another. One chemical
 * potential is fitted to each component by least squares; what is left over at a couple, in volts, is how far it
 * disagrees with the rest of the tables.
 */
export function disagreements(): { half: string; volts: number }[] {
  const names = [
    ...new Set(
      halfReactions.flatMap(({ left, right }) =>
        [...left, ...right].flatMap((term) => Object.keys(partsOf(term))),
      ),
    ),
  ].filter((name) => name !== 'H^+');
  const rows: number[][] = [];
  const wanted: number[] = [];
  for (const { left, right, electrons, couple } of halfReactions) {
    const row = names.map(() => 0);
    let sum = -electrons * couple.standardPotentialV * perVolt;
    for (const [side, sign] of [
      [left, -1],
      [right, 1],
    ] as const)
      for (const term of side) {
        sum -= sign * term.count * above(term);
        for (const [name, n] of Object.entries(partsOf(term))) {
          const at = names.indexOf(name);
          if (at >= 0) row[at] = (row[at] ?? 0) + sign * n * term.count;
        }
      }
    // Per electron, so that what is left is in volts.
    rows.push(row.map((value) => value / electrons));
    wanted.push(sum / electrons);
  }
  const fitted = new SVD(new Matrix(rows), { autoTranspose: true }).solve(
    Matrix.columnVector(wanted),
  );
  const reached = new Matrix(rows).mmul(fitted).to1DArray();
  return halfReactions.map(({ couple }, index) => ({
    half: couple.half,
    volts: ((wanted[index] ?? 0) - (reached[index] ?? 0)) / perVolt,
  }));
}

function partsOf({ formula, state }: HalfTerm) {
  return (state === 's' ? componentsOfSolid(formula) : componentsOfSpecies(formula)) ?? {};
}
