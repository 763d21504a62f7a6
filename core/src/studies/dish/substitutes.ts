import { readPhrase } from '../../seeing/appearance/colourWords';
import { ChemistryError } from '../../common/errors';
import { hazardRank } from '../../safety/hazardRank';
import { wasteRoute } from '../../safety/wasteRoute';
import { solubilityM } from '../../solution/preparation/solubility';
import { sparinglySoluble } from '../../matter/substances/data/sparinglySoluble';
import { solubleSubstances } from '../../matter/substances/findSubstance';
import type {
  ColourPhrase,
  ColourWord,
  SparinglySoluble,
  Substance,
} from '../../matter/substances/types';
import { dishOf, leastSolubleM } from './dish';
import type { Dish, DishRequest } from './dish';

/** Two other salts that draw a line in a dish. */
export interface Substitute {
  readonly salts: readonly [string, string];
  readonly solid: string;
  readonly colour: ColourPhrase;
  /** Grade of the graver salt, 0 to 5. */
  readonly hazard: number;
  readonly bottle: string;
  /** Its line has the hue of the one that is to be replaced. */
  readonly sameHue: boolean;
}

/** Lines kept of its own hue, and of each other. */
const keptOfOwn = 4;
const keptOfOther = 1;
/** Tries in the engine at most; the least hazardous come first. */
const mostTries = 120;

/**
 * Other pairs of salts for the dish, less hazardous than the one there is: for each solid of the tables the least hazardous soluble
 * salts that bring its ions, those with a line of the same hue first, each set up in the dish to be sure that it makes one line.
 *
 * @param watch is told the share done, 0 to 1, and ends the search by answering false.
 */
export function substitutes(
  request: DishRequest,
  watch: (share: number) => boolean = () => true,
): Substitute[] {
  const own = dishOf(request);
  const grade = graver(own.salts.map(({ formula }) => formula));
  const { word } = readPhrase(own.solid.colour);
  const candidates = sparinglySoluble
    .flatMap((row) => candidateOf(row, word))
    .filter(({ hazard }) => hazard < grade)
    .sort(
      (a, b) =>
        Number(b.sameHue) - Number(a.sameHue) || a.hazard - b.hazard || a.trouble - b.trouble,
    )
    .slice(0, mostTries);
  const found: Substitute[] = [];
  for (const [at, candidate] of candidates.entries()) {
    if (!watch(at / candidates.length)) break;
    const hue = readPhrase(candidate.colour).word;
    const alike = found.filter(({ colour }) => readPhrase(colour).word === hue).length;
    if (alike >= (hue === word ? keptOfOwn : keptOfOther)) continue;
    const dish = settingUp(request, candidate.salts);
    if (dish?.solid.formula !== candidate.solid) continue;
    const { salts, solid, colour, hazard, sameHue } = candidate;
    found.push({ salts, solid, colour, hazard, sameHue, bottle: wasteRoute(salts).bottle });
  }
  return found;
}

interface Candidate extends Omit<Substitute, 'bottle'> {
  readonly trouble: number;
}

/** The least hazardous soluble salts that bring the two ions of a solid; none where one of them is in no jar. */
function candidateOf(row: SparinglySoluble, word: ColourWord): Candidate[] {
  const ions = Object.keys(row.ions);
  const [one, other] = ions.map(salt);
  if (ions.length !== 2 || one === undefined || other === undefined) return [];
  const salts = [one, other] as const;
  return [
    {
      salts,
      solid: row.formula,
      colour: row.colour,
      hazard: graver(salts),
      trouble: wasteRoute(salts).trouble,
      sameHue: readPhrase(row.colour).word === word,
    },
  ];
}

const leastHazardous = new Map<string, string | undefined>();

/** Ions that do little besides, and whose salts every shelf has. */
const idle: readonly string[] = ['Na^+', 'K^+', 'NO3^-', 'Cl^-'];

/** The least hazardous salt on the shelf that brings an ion into water, a common one where several are alike. */
function salt(ion: string): string | undefined {
  if (!leastHazardous.has(ion)) {
    const [best] = solubleSubstances()
      .filter(
        ({ formula, ions, state }) =>
          ion in ions &&
          Object.keys(ions).length === 2 &&
          state === undefined &&
          solubilityM(formula).concentrationM >= leastSolubleM,
      )
      .sort((a, b) => {
        const [one, other] = [a, b].map(cost) as [readonly number[], readonly number[]];
        const at = one.findIndex((value, n) => value !== other[n]);
        return at < 0 ? 0 : (one[at] ?? 0) - (other[at] ?? 0);
      });
    leastHazardous.set(ion, best?.formula);
  }
  return leastHazardous.get(ion);
}

/** What counts against a salt, the gravest first. */
function cost({ formula, ions }: Substance): readonly number[] {
  const isIdle = Object.keys(ions).some((one) => idle.includes(one));
  return [hazardRank(formula), wasteRoute([formula]).trouble, isIdle ? 0 : 1];
}

const graver = (salts: readonly string[]): number => Math.max(...salts.map(hazardRank));

/** The dish with two other salts, when they make one line in it. */
function settingUp(
  request: DishRequest,
  [one, other]: readonly [string, string],
): Dish | undefined {
  const [first, second] = request.heaps;
  try {
    return dishOf({
      ...request,
      heaps: [
        { ...first, substance: one },
        { ...second, substance: other },
      ],
    });
  } catch (error) {
    // A pair that is no pair of salts, or makes several solids, is no substitute.
    if (error instanceof ChemistryError) return undefined;
    throw error;
  }
}
