import * as z from 'zod';
import { colourOfSpecies } from '../../seeing/appearance/ownColour';
import { logActivityCoefficient } from '../../solution/equilibrium/activity';
import { ChemistryError, inField } from '../../common/errors';
import { findSubstance } from '../../matter/substances/findSubstance';
import { sparinglySoluble } from '../../matter/substances/data/sparinglySoluble';
import { chargeOf } from '../../matter/substances/ionsOf';
import { saltOf } from '../../matter/substances/saltOf';
import { commonPractice } from '../../matter/substances/source';
import type { ColourPhrase, ColourWord, SparinglySoluble } from '../../matter/substances/types';
import { solubilityM } from '../../solution/preparation/solubility';
import { act, setUp } from '../../vessel/act';
import { pourOut } from '../../vessel/pour';
import { sum } from '../../vessel/amounts';
import { emptyFields } from './spreading';
import type { Fields, Meeting } from './spreading';
import { halfRoundGrid, roundGrid } from './grid';
import type { Grid } from './grid';
import { diffusionOf, saltDiffusion } from './nernstHartley';
import { withFigures } from '../../common/formatNumber';

/** Where a heap of crystals lies: how far from the middle, as a share of the radius, and in which direction. */
const heapSchema = z.object({
  substance: z.string().min(1, 'Name the salt').max(100),
  massG: z
    .number()
    .min(0.005, 'A heap is at least 0.005 g')
    .max(5, 'A heap for a shallow dish is at most 5 g'),
  fromCentre: z.number().min(0).max(0.95, 'A heap lies inside the wall').default(0.85),
  angleDeg: z.number().min(-360).max(360).default(0),
});

/** A round dish of still water with a heap of each of two salts. */
export const dishSchema = z.object({
  diameterMm: z
    .number()
    .min(30, 'A dish is at least 30 mm wide')
    .max(250, 'A dish is at most 250 mm wide'),
  depthMm: z
    .number()
    .min(1, 'Water stands at least 1 mm deep: with none nothing spreads')
    .max(30, 'Deeper than 30 mm it is no shallow dish'),
  heaps: z.tuple([heapSchema, heapSchema]),
  /** Cells across the dish. */
  across: z.number().int().min(40).max(300).default(160),
  /** How many times the time of the first line it is followed for. */
  follows: z.number().min(1).max(12).default(4),
});
export type DishRequest = z.infer<typeof dishSchema>;

/** One of the two salts. */
export interface DishSalt {
  readonly formula: string;
  readonly cation: string;
  readonly anion: string;
  /** 1e-9 m²/s: of the salt, and of the ion that goes into the solid by itself. */
  readonly diffusion: number;
  readonly ownDiffusion: number;
  /** The ion that goes into the solid. */
  readonly gives: string;
  readonly saturationM: number;
  readonly amountMmol: number;
  /** Colour of its solution. */
  readonly colour: ColourWord | undefined;
  /** Middle of its heap, mm from the left and the upper edge, and how far the heap reaches. */
  readonly atMm: readonly [x: number, y: number];
  readonly heapMm: number;
}

/** A dish ready to run. */
export interface Dish {
  readonly salts: readonly [DishSalt, DishSalt];
  readonly solid: {
    readonly formula: string;
    readonly colour: ColourPhrase;
    readonly pKsp: number;
    readonly row: SparinglySoluble;
  };
  /** The salt of the ions that take no part. */
  readonly leftOver: { readonly formula: string; readonly diffusion: number };
  readonly volumeMl: number;
  readonly gapMm: number;
  readonly meeting: Meeting;
  readonly grid: Grid;
  /** The grid is the upper half of the dish, because the lower half mirrors it. */
  readonly mirrored: boolean;
  readonly start: Fields;
  readonly diameterMm: number;
  readonly depthMm: number;
}

/** Bulk density of a heap of crystals, g/cm³, and how high it is at most, mm. */
const heapDensity = 1.1;
const heapHeightMm = 2.5;
export const heapSource = commonPractice(
  'a heap of crystals weighs about 1.1 g per cm³ and lies about 2.5 mm high, which sets how wide it is',
);
/** A salt that dissolves to less than this is not soluble for a dish, mol/L. */
export const leastSolubleM = 0.05;
/** Strength at which the two solutions are tried against each other, mol/L. */
const trialM = 0.1;
/** Heaps this near to the level diameter lie on it, mm; the dish is then even on both sides of it. */
const evenWithinMm = 1e-6;
/** Share of the solids of that trial that must be the one of two ions. */
const mainSolid = 0.95;

/**
 * Sets a dish up: which solid the two salts make, how fast each spreads, where the heaps lie.
 *
 * @throws ChemistryError for substances that are no soluble salts, make no solid or several, or ions without a coefficient.
 */
export function dishOf(request: DishRequest): Dish {
  const { diameterMm, depthMm, heaps, across } = request;
  const found = heaps.map((heap, at) =>
    inField(`heaps.${at}.substance`, () => saltIn(heap.substance)),
  );
  const [one, other] = found as [SaltIons, SaltIons];
  const row = solidOf(one, other);
  const gives = [one, other].map(
    (salt) => [salt.cation, salt.anion].find((ion) => ion in row.ions) ?? '',
  );
  const places = heaps.map(({ fromCentre, angleDeg, massG }) =>
    placeOf(diameterMm, depthMm, fromCentre, angleDeg, massG),
  );
  const salts = heaps.map(({ substance, massG }, at): DishSalt => {
    const salt = found[at] as SaltIons;
    const ion = gives[at] ?? '';
    return {
      ...salt,
      gives: ion,
      diffusion: saltDiffusion(salt.cation, salt.anion),
      ownDiffusion: diffusionOf(ion).coefficient,
      amountMmol: sum(pourOut({ substance, massG }).phases.solids),
      colour: colourOfSpecies(ion),
      ...(places[at] as Place),
    };
  }) as [DishSalt, DishSalt] | DishSalt[];
  const [first, second] = salts as [DishSalt, DishSalt];
  const centresMm = Math.hypot(first.atMm[0] - second.atMm[0], first.atMm[1] - second.atMm[1]);
  const gapMm = centresMm - first.heapMm - second.heapMm;
  if (gapMm < diameterMm / 20) throw ChemistryError.of('sameSpot').in('heaps.1.fromCentre');
  const volumeMl = (Math.PI * diameterMm ** 2 * depthMm) / 4000;
  const left = leftOverOf(first, second);
  const isEven = salts.every(({ atMm: [, y] }) => Math.abs(y - diameterMm / 2) < evenWithinMm);
  const grid = isEven ? halfRoundGrid(diameterMm, across) : roundGrid(diameterMm, across);
  const counts = [first, second].map(({ gives: ion }) => ({
    inSolid: row.ions[ion] ?? 1,
    perUnit: ionsIn(ion === first.gives ? one : other, ion),
  }));
  const [a, b] = counts as [Counts, Counts];
  const pair = <T>(pick: (salt: Counts) => T): [T, T] => [pick(a), pick(b)];
  return {
    salts: [first, second],
    solid: { formula: row.formula, colour: row.colour, pKsp: row.pKsp, row },
    leftOver: left,
    volumeMl,
    gapMm,
    grid,
    mirrored: isEven,
    diameterMm,
    depthMm,
    start: heapedUp(grid, [first, second], depthMm, isEven ? 0.5 : 1),
    meeting: {
      diffusionMm2PerS: [first.diffusion * 1e-3, second.diffusion * 1e-3, left.diffusion * 1e-3],
      units: pair(({ inSolid, perUnit }) => inSolid / perUnit),
      ionsPerUnit: pair(({ perUnit }) => perUnit),
      inSolid: pair(({ inSolid }) => inSolid),
      logProduct: productIn(row, [first, second], volumeMl),
      saturationM: [first.saturationM, second.saturationM],
    },
  };
}

interface Counts {
  readonly inSolid: number;
  readonly perUnit: number;
}

interface SaltIons {
  readonly formula: string;
  readonly ions: Readonly<Record<string, number>>;
  readonly cation: string;
  readonly anion: string;
  readonly saturationM: number;
}

const ionsIn = ({ ions }: SaltIons, ion: string): number => ions[ion] ?? 1;

function saltIn(name: string): SaltIons {
  const { formula, ions } = findSubstance(name).substance;
  const names = Object.keys(ions);
  const cation = names.find((ion) => chargeOf(ion) > 0);
  const anion = names.find((ion) => chargeOf(ion) < 0);
  if (names.length !== 2 || cation === undefined || anion === undefined)
    throw ChemistryError.of('notASalt', formula);
  const { concentrationM: saturationM } = solubilityM(formula);
  if (!(saturationM >= leastSolubleM))
    throw ChemistryError.of('hardlyDissolves', formula, withFigures(saturationM, 2));
  return { formula, ions, cation, anion, saturationM };
}

/** The solid of one ion of each salt, as the engine finds it when their solutions meet. */
function solidOf(one: SaltIons, other: SaltIons): SparinglySoluble {
  const strength = ({ saturationM }: SaltIons) => Math.min(trialM, saturationM / 2);
  const solution = (salt: SaltIons) => ({
    substance: salt.formula,
    concentrationM: strength(salt),
    volumeMl: 10,
  });
  const start = setUp({ contents: [solution(one)] });
  const { vessel } = act(start.vessel, { do: 'add', portion: solution(other) });
  const solids = vessel.phases.solids;
  const rows: readonly SparinglySoluble[] = sparinglySoluble;
  const fits = ({ ions }: SparinglySoluble): boolean => {
    const names = Object.keys(ions);
    const of = (salt: SaltIons) => names.filter((ion) => ion in salt.ions).length;
    return names.length === 2 && of(one) === 1 && of(other) === 1;
  };
  const total = sum(solids);
  if (total === 0) throw ChemistryError.of('noPrecipitate', one.formula, other.formula).in('heaps');
  const row = rows.find((it) => (solids[it.formula] ?? 0) > mainSolid * total && fits(it));
  if (!row)
    throw ChemistryError.of(
      'manyPrecipitates',
      one.formula,
      other.formula,
      Object.keys(solids).join(', '),
    ).in('heaps');
  return row;
}

interface Place {
  readonly atMm: readonly [number, number];
  readonly heapMm: number;
}

function placeOf(
  diameterMm: number,
  depthMm: number,
  fromCentre: number,
  angleDeg: number,
  massG: number,
): Place {
  const volumeMm3 = (1000 * massG) / heapDensity;
  const height = Math.min(depthMm, heapHeightMm);
  const heapMm = Math.sqrt(volumeMm3 / (Math.PI * height));
  const radius = diameterMm / 2;
  // A large heap at the wall is pushed in as far as it needs.
  const distance = Math.min(fromCentre * radius, Math.max(0, radius - heapMm));
  const angle = (angleDeg * Math.PI) / 180;
  return {
    atMm: [radius + distance * Math.cos(angle), radius + distance * Math.sin(angle)],
    heapMm,
  };
}

function leftOverOf(first: DishSalt, second: DishSalt): Dish['leftOver'] {
  const others = [first, second].map(({ cation, anion, gives }) =>
    gives === cation ? anion : cation,
  );
  const cation = others.find((ion) => chargeOf(ion) > 0);
  const anion = others.find((ion) => chargeOf(ion) < 0);
  if (cation === undefined || anion === undefined) throw new Error('A solid of two cations.');
  return { formula: saltOf(cation, anion), diffusion: saltDiffusion(cation, anion) };
}

/** Crystals spread evenly over the cells of their heap, as mol/L of the liquid of the cell. */
function heapedUp(grid: Grid, salts: readonly DishSalt[], depthMm: number, share: number): Fields {
  const fields = emptyFields(grid);
  const cellMl = (grid.cellMm ** 2 * depthMm) / 1000;
  salts.forEach(({ atMm, heapMm, amountMmol }, which) => {
    const heap = fields.crystals[which as 0 | 1];
    const cells = cellsWithin(grid, atMm, Math.max(heapMm, 0.75 * grid.cellMm));
    for (const i of cells) heap[i] = (share * amountMmol) / (cells.length * cellMl);
  });
  return fields;
}

function cellsWithin(
  { width, height, cellMm, inside }: Grid,
  [x, y]: readonly [number, number],
  radiusMm: number,
): number[] {
  const found: number[] = [];
  for (let row = 0; row < height; row += 1)
    for (let column = 0; column < width; column += 1) {
      const i = row * width + column;
      const off = Math.hypot((column + 0.5) * cellMm - x, (row + 0.5) * cellMm - y);
      if (inside[i] === 1 && off <= radiusMm) found.push(i);
    }
  return found;
}

/** The solubility product in concentrations, at the ionic strength of the dish once all is mixed (Davies). */
function productIn(row: SparinglySoluble, salts: readonly DishSalt[], volumeMl: number): number {
  const strength = salts.reduce((total, { cation, anion, amountMmol, ...salt }) => {
    const ions = findSubstance(salt.formula).substance.ions;
    return [cation, anion].reduce(
      (part, ion) => part + (0.5 * (ions[ion] ?? 0) * chargeOf(ion) ** 2 * amountMmol) / volumeMl,
      total,
    );
  }, 0);
  return Object.entries(row.ions).reduce(
    (log, [ion, count]) => log - count * logActivityCoefficient(chargeOf(ion), strength),
    -row.pKsp,
  );
}
