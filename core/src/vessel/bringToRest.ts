import { equilibrateComponents } from '../solution/equilibrium/equilibrate';
import type { Equilibrium, Saturation } from '../solution/equilibrium/equilibrate';
import type { DrivingForce } from '../matter/equation/reactionType';
import { changeBetween } from './change';
import { describeProcess } from './reaction';
import type { Process, Reaction } from './reaction';
import { rules } from './rules';
import { settle } from './settle';
import type { Settled } from './settle';
import { componentsIn } from './vessel';
import type { Phases, Vessel } from './vessel';

/** Shifts of protons and ligands between dissolved particles go along with nearly everything. */
const goesAlong = new Set<DrivingForce>(['acid–base', 'complexation']);
/** So does the splitting of a halogen by water, of these alone. */
const splits = new Set(['Cl2', 'Br2', 'I2', 'H2O', 'OH^-']);
/** What a halogen splits into that oxidises on. */
const hypohalous = new Set(['HClO', 'ClO^-', 'HBrO', 'BrO^-', 'HIO', 'IO^-']);
/** They are told by themselves when they are more than a tenth of the largest, */
const worthTelling = 0.1;
/** and beside a solid, a gas or a transfer of electrons only where they outdo it so many times: a teacher writes the main process. */
const outdoes = 1.5;
/** Transfers of electrons of less than this share of the largest are its ripples. */
const worthOfTransfers = 0.01;

/** What came of contents being brought together. */
export interface BroughtToRest {
  readonly settled: Settled;
  readonly reactions: readonly Reaction[];
  /** Every hardly soluble solid the ions could make, nearest to settling first. */
  readonly considered: readonly Saturation[];
}

/**
 * Lets the contents of a vessel react and tells what went on.
 *
 * @param mixed the vessel with everything in it.
 * @param before the same contents as they were, each part at its own equilibrium; what is different afterwards reacted.
 */
export function bringToRest(mixed: Vessel, before: Phases): BroughtToRest {
  const settled = settle(mixed);
  const { equilibrium } = settled;
  if (!equilibrium) return { settled, reactions: [], considered: [] };
  const { volumeMl } = mixed;
  const unsettled = withoutNewSolids(settled.vessel, before);
  const happening = {
    change: changeBetween(before, settled.vessel.phases, settled.transfers.length > 0),
    volumeMl,
    transfers: settled.transfers,
    unsettled,
    settled: equilibrium,
  };
  const settling = new Set(Object.keys(settledSince(settled.vessel, before)));
  const processes = rules.flatMap(({ find }) => find(happening));
  const reactions = mainOf(processes)
    .map((process) => describeProcess(process, mixed.put, settling))
    .filter((reaction) => reaction !== undefined);
  return {
    settled,
    reactions,
    considered: [...unsettled.saturation].sort((a, b) => b.logRatio - a.logRatio),
  };
}

/** The processes that a teacher would write, without the small equilibria that go along. */
function mainOf(processes: readonly Process[]): readonly Process[] {
  const most = (of: readonly Process[]) => Math.max(0, ...of.map(({ extentMmol }) => extentMmol));
  const isSplitting = ({ force, equation }: Process) =>
    force === 'redox' && equation.left.every(([{ formula }]) => splits.has(formula));
  const isShift = (one: Process) =>
    isSplitting(one) || (goesAlong.has(one.force) && isDissolved(one.equation));
  const largest = most(processes);
  const main = most(processes.filter((one) => !isShift(one)));
  const split = most(processes.filter(isSplitting));
  const electrons = most(processes.filter(({ force }) => force === 'redox'));
  const used = new Set(
    processes
      .filter((one) => !isSplitting(one))
      .flatMap(({ equation }) => equation.left.map(([{ formula }]) => formula)),
  );
  // What the splitting makes and something else uses is written with the halogen there.
  const feeds = ({ equation }: Process) =>
    equation.right.some(([{ formula }]) => hypohalous.has(formula) && used.has(formula));
  return processes.filter((one) => {
    if (isSplitting(one)) return !feeds(one) && one.extentMmol > outdoes * main;
    if (isShift(one))
      return one.extentMmol > Math.max(worthTelling * largest, outdoes * (main || split));
    return one.force !== 'redox' || one.extentMmol > worthOfTransfers * electrons;
  });
}

const isDissolved = ({ left, right }: Process['equation']): boolean =>
  [...left, ...right].every(([{ state }]) => state !== 's' && state !== 'g');

/** The solution as it would be if what settled had not, to read the ion products that made it settle. */
function withoutNewSolids(vessel: Vessel, before: Phases): Equilibrium {
  const { solution } = vessel.phases;
  const settled = settledSince(vessel, before);
  const totals: Record<string, number> = {};
  for (const parts of [componentsIn(solution, 'solution'), componentsIn(settled, 'solids')])
    for (const [name, n] of Object.entries(parts))
      totals[name] = (totals[name] ?? 0) + n / vessel.volumeMl;
  const { temperatureC } = vessel;
  return equilibrateComponents(totals, { allowSolids: false, temperatureC });
}

/** How much of each solid came down out of ions, mmol. */
function settledSince({ phases: { solids } }: Vessel, before: Phases): Record<string, number> {
  return Object.fromEntries(
    Object.entries(solids).flatMap(([formula, n]) => {
      const grown = n - (before.solids[formula] ?? 0);
      return grown > 0 && !isApart(formula) ? [[formula, grown]] : [];
    }),
  );
}

/** Elements and oxides are components of their own and settle from no ions. */
function isApart(formula: string): boolean {
  return formula in componentsIn({ [formula]: 1 }, 'solids');
}
