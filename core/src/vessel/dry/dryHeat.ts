import { hotSolids } from '../../matter/substances/data/hotSolids';
import { sourceText } from '../../matter/substances/source';
import type { HotSolid, Sight, Vigour } from '../../matter/substances/types';
import { addAmounts, present, scaleAmounts, tracesMmol } from '../amounts';
import type { Amounts } from '../amounts';
import { isImmiscible } from '../layer';
import { tabulated } from '../reaction';
import type { Reaction } from '../reaction';
import { fromAir, leavesAsGas, thermalRows } from './thermalRows';
import type { ThermalRow } from './thermalRows';
import type { Phases, Vessel } from '../vessel';
import type { Warning } from '../warnings';
import { formatSetTemperature } from '../../common/temperature';

/** Something seen on heating that is more than a new solid or gas. */
export interface HeatSight {
  readonly formula: string;
  readonly result: string;
  /** What it comes to, by the words for it. */
  readonly shows: readonly Sight[];
  /** How fast gas comes off with it, where that does not follow from its amount. */
  readonly vigour?: Vigour;
  /** It settles again on the cooler part of the vessel. */
  readonly condenses?: true;
}

/** What dry heat made of a vessel. */
export interface Heated {
  readonly phases: Phases;
  readonly reactions: readonly Reaction[];
  readonly sights: readonly HeatSight[];
  readonly warnings: readonly Warning[];
  readonly notPredicted: readonly string[];
}

const hot = new Map<string, HotSolid>(hotSolids.map((row) => [row.formula, row]));

/** The amount, mmol, by which a row can go in what is there; oxygen of the air does not limit it. */
function extentIn(row: ThermalRow, condensed: Amounts, gas: Amounts): number {
  const there = { ...gas, ...condensed };
  if (row.catalyst && !row.catalyst.some((one) => (there[one] ?? 0) > 0)) return 0;
  const limits = Object.entries(row.used)
    .filter(([formula]) => !fromAir(formula))
    .map(([formula, count]) => (there[formula] ?? 0) / count);
  return Math.min(...limits);
}

/** Gases that are led over a hot solid until it has cooled, and keep the air from it. */
const reducing = ['H2', 'CO'];

/** What ran of a set of rows in what is condensed, and what is left. */
interface Run extends Pick<Heated, 'reactions' | 'sights' | 'warnings'> {
  readonly condensed: Amounts;
  readonly gas: Amounts;
}

/**
 * Lets the rows run in what a dry vessel holds, in the order given, until nothing is left for them. Gas leaves; mercury and
 * other vapours that settle again stay.
 *
 * @param because why a row runs here.
 */
export function runRows(
  { solids, layer, gas: before }: Phases,
  rows: readonly ThermalRow[],
  because: (row: ThermalRow) => string,
): Run {
  let condensed: Amounts = addAmounts(solids, layer);
  let gas: Amounts = before;
  const reactions: Reaction[] = [];
  const sights: HeatSight[] = [];
  const warnings: Warning[] = [];
  // What a stage makes may be what a stage lower down needs, so the rows are gone through until nothing is left to do.
  const airless = reducing.some((formula) => (before[formula] ?? 0) > 0);
  const possible = airless ? rows.filter(({ used }) => !Object.keys(used).some(fromAir)) : rows;
  for (let pass = 0; pass < possible.length; pass += 1) {
    const row = possible.find((one) => extentIn(one, condensed, gas) > tracesMmol);
    if (!row) break;
    const extentMmol = extentIn(row, condensed, gas);
    for (const [formula, count] of Object.entries(row.used)) {
      const used = { [formula]: count };
      if (fromAir(formula)) continue;
      if (formula in condensed) condensed = addAmounts(condensed, used, -extentMmol);
      else gas = present(addAmounts(gas, used, -extentMmol));
    }
    for (const [formula, count] of Object.entries(row.made)) {
      const made = { [formula]: count * extentMmol };
      if (leavesAsGas(formula)) gas = addAmounts(gas, made);
      else condensed = addAmounts(condensed, made);
    }
    condensed = present(condensed);
    const [about = ''] = Object.keys(row.used);
    const why = [{ text: because(row), source: sourceText(row.source) }];
    reactions.push(tabulated(row.equation, { about, extentMmol, why }));
    if (row.shows) sights.push({ formula: about, result: row.shows.says, shows: row.shows.sights });
    if (row.made.H2O)
      sights.push({
        formula: 'H2O',
        result: 'drops of water form on the cooler part',
        shows: ['drops of water form'],
        condenses: true,
      });
    if (row.caution) warnings.push({ code: 'heatingCaution', message: row.caution });
  }
  return { condensed, gas, reactions, sights, warnings };
}

/** Heats what is dry in a vessel to a temperature, °C, by the stages its temperature passes through. */
export function heatDry({ phases }: Vessel, toC: number): Heated {
  const reached = thermalRows().filter(({ atC }) => atC <= toC);
  const sheltered = new Set(
    reached.flatMap(({ used, made }) =>
      !('O2' in used) &&
      Object.keys(used).length > 1 &&
      Object.keys(used).every((formula) => (phases.solids[formula] ?? 0) > 0)
        ? [...Object.keys(used), ...Object.keys(made)]
        : [],
    ),
  );
  const rows = reached
    // Where powders lie together and react, the air does not reach them, nor what they become.
    .filter(({ used }) => !('O2' in used && Object.keys(used).some((one) => sheltered.has(one))))
    // Solids that lie together come before the air, which has to reach them.
    .sort((a, b) => a.atC - b.atC || Number('O2' in a.used) - Number('O2' in b.used));
  const { condensed, gas, reactions, sights, warnings } = runRows(
    phases,
    rows,
    ({ atC }) =>
      `runs from about ${formatSetTemperature(atC)}; here it is heated to ${formatSetTemperature(toC)}`,
  );
  const rest = Object.keys(condensed).flatMap((formula) =>
    sheltered.has(formula) ? [] : restOf(formula, toC),
  );
  return {
    phases: { solution: {}, ...sorted(condensed), gas },
    reactions,
    sights: unique([...sights, ...rest.flatMap(({ sight }) => (sight ? [sight] : []))]),
    warnings: [
      ...warnings,
      ...rest.flatMap(({ caution }) =>
        caution ? [{ code: 'heatingCaution', message: caution }] : [],
      ),
    ],
    notPredicted: rest.flatMap(({ reason }) => (reason ? [reason] : [])),
  };
}

/** What is left, with the liquids that keep apart from the solids. */
export function sorted(condensed: Amounts): Pick<Phases, 'solids' | 'layer'> {
  const entries = Object.entries(condensed);
  return {
    solids: Object.fromEntries(entries.filter(([formula]) => !isImmiscible(formula))),
    layer: Object.fromEntries(entries.filter(([formula]) => isImmiscible(formula))),
  };
}

interface Rest {
  readonly sight?: HeatSight;
  readonly caution?: string;
  readonly reason?: string;
}

/** What heat does to a substance that none of the changes up to this temperature touches. */
function restOf(formula: string, toC: number): Rest {
  const row = hot.get(formula);
  if (row?.boilsC !== undefined && toC >= row.boilsC)
    return {
      sight: {
        formula,
        result: `boils at ${formatSetTemperature(row.boilsC)}; drops settle where it is cooler`,
        shows: ['boils'],
        condenses: true,
      },
      ...(row.caution && { caution: row.caution }),
    };
  if (row?.sublimesC !== undefined && toC >= row.sublimesC)
    return {
      sight: {
        formula,
        result: `sublimes${row.whileHot ? `: ${row.whileHot.says}` : ''}; settles again as a solid where it is cooler`,
        shows: ['turns to vapour', 'settles again where it is cooler'],
        condenses: true,
      },
    };
  if (row?.meltsC !== undefined && toC >= row.meltsC) {
    const { says, sights = [] } = row.whileHot ?? {};
    const melts = `melts near ${formatSetTemperature(row.meltsC)}`;
    return {
      sight: {
        formula,
        result: says === undefined ? melts : `${melts}; ${says}`,
        shows: ['melts', ...sights],
      },
    };
  }
  if (row?.whileHot && toC >= showsHotFromC)
    return { sight: { formula, result: row.whileHot.says, shows: row.whileHot.sights } };
  const changes = thermalRows().filter(({ used }) => formula in used);
  const known = row ? (row.staysToC ?? Infinity) >= toC : changes.some(({ atC }) => atC > toC);
  if (known || toC < surelyUnchangedC) return {};
  return {
    reason: `what becomes of ${formula} at ${formatSetTemperature(toC)} is not in the tables`,
  };
}

/** Temperature from which a colour that comes with heat is seen, and up to which any dry solid is taken to stay as it is (common practice). */
const showsHotFromC = 300;
const surelyUnchangedC = 50;

/** What water does to dry solids that heat took water from, in the cold. */
export interface Rewetted {
  readonly solids: Amounts;
  readonly waterMmol: number;
  readonly reactions: readonly Reaction[];
  readonly sights: readonly HeatSight[];
}

/** Lets dry solids take up water, stage by stage, as far as the water goes. */
export function rewet(dry: Amounts, waterMmol: number): Rewetted {
  let solids = dry;
  let water = waterMmol;
  const reactions: Reaction[] = [];
  const sights: HeatSight[] = [];
  const rows = thermalRows()
    .filter(({ rewets }) => rewets)
    .sort((a, b) => b.atC - a.atC);
  for (const row of rows) {
    const { H2O: each = 0, ...made } = row.made;
    const [[product, count] = ['', 1]] = Object.entries(made);
    const extentMmol = Math.min((solids[product] ?? 0) / count, water / each);
    if (extentMmol <= tracesMmol) continue;
    solids = present(
      addAmounts(
        addAmounts(solids, { [product]: count }, -extentMmol),
        scaleAmounts(row.used, extentMmol),
      ),
    );
    water -= each * extentMmol;
    const [left = '', right = ''] = row.equation.split(' → ');
    const equation = `${right.replace('H2O(g)', 'H2O(l)')} → ${left}`;
    const text = `below about ${formatSetTemperature(row.atC)} the water is taken up again, and it warms`;
    reactions.push(
      tabulated(equation, {
        about: product,
        extentMmol,
        why: [{ text, source: sourceText(row.source) }],
      }),
    );
    sights.push({
      formula: product,
      result: row.rewetsTo ?? 'takes up the water and warms',
      shows: ['takes up the water and warms'],
    });
  }
  return { solids, waterMmol: water, reactions, sights: unique(sights) };
}

function unique(sights: readonly HeatSight[]): HeatSight[] {
  return sights.filter(
    ({ result }, at) => sights.findIndex((other) => other.result === result) === at,
  );
}

/** Where a burner or a hot plate brings a dry solid when no temperature is named, °C (common practice). */
export const heatsTo = { gently: 250, strongly: 850 } as const;
