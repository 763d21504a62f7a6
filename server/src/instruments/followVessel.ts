import { runOf, worksAsMade } from '@stoichos/core/labday/day';
import { molarMassOf } from '@stoichos/core/matter/formula';
import type { Follow, InstrumentInfo } from '@stoichos/core/labday/bench';
import type { LabDay } from '@stoichos/core/labday/day';
import type { VesselState } from '@stoichos/core/seeing/rack';
import type { ContainerKind } from '@stoichos/core/vessel';
import { notFound } from '../problem';

/** What an empty vessel weighs, g (common practice for school glassware); each bench’s own is a little off. */
const emptyG: Readonly<Record<ContainerKind, number>> = {
  testTube: 14,
  beaker50: 30,
  beaker: 48,
  beaker250: 105,
  beaker400: 160,
  beaker600: 220,
  dish: 42,
  flask: 61,
  crucible: 18,
  cup: 2.6,
  bottle: 180,
};
const waterGPerMl = 0.997;
/** Time constant of what warms or cools by itself, and on a flame, s. */
const changeS = 15;

/** How a vessel stands at a step in the engine: before it and at its end. */
interface Stands {
  readonly container: ContainerKind;
  readonly before?: VesselState;
  readonly after?: VesselState;
}

/** Lines that put a simulated instrument to a vessel as the engine has it. @throws Problem 404 for a place that is not in the day. */
export function linesFor(
  kind: InstrumentInfo['kind'],
  day: Omit<LabDay, 'entries'>,
  follow: Follow,
): string[] {
  const stands = standsAt(day, follow);
  switch (kind) {
    case 'balance': {
      const grams = tareOf(stands.container, follow.groupId) + contentsG(stands.after);
      const { temperatureC = roomC } = stands.after ?? {};
      return [`SIMulate:MASS ${grams.toFixed(4)},${temperatureC.toFixed(1)}`];
    }
    case 'thermometer': {
      const from = stands.before?.temperatureC ?? roomC;
      const to = stands.after?.temperatureC ?? from;
      return [`SIMulate:TEMPerature ${from.toFixed(2)},${to.toFixed(2)},${changeS}`];
    }
    case 'multimeter':
      return [];
    case 'supply':
      // The cell is told where an electrolysis is run; until then it is one of some dilute electrolyte.
      return [];
  }
}

const roomC = 25;

function standsAt(day: Omit<LabDay, 'entries'>, { workId, stepId, vessel }: Follow): Stands {
  const work = worksAsMade(day).find(({ id }) => id === workId);
  if (!work) throw notFound('test or procedure in this day', 'workId', workId);
  const at = work.procedure.steps.findIndex(({ id }) => id === stepId);
  if (at < 0) throw notFound('step in it', 'stepId', stepId);
  const container = work.procedure.vessels.find(({ name }) => name === vessel)?.container;
  if (!container) throw notFound('vessel in it', 'vessel', vessel);
  const { steps } = runOf(work);
  const told = (upTo: number) =>
    steps
      .slice(0, upTo)
      .flatMap(({ did }) => did)
      .filter((one) => one.vessel === vessel)
      .at(-1)?.told.state;
  const [before, after] = [told(at), told(at + 1)];
  return { container, ...(before && { before }), ...(after && { after }) };
}

/** Mass of everything in a vessel, g. */
function contentsG(state: VesselState | undefined): number {
  if (!state) return 0;
  const solids = state.solids.reduce((sum, { massG }) => sum + massG, 0);
  const dissolved = Object.entries(state.species).reduce(
    (sum, [formula, molPerL]) =>
      formula === 'H2O' ? sum : sum + (molPerL * state.volumeMl * molarMassOf(formula)) / 1000,
    0,
  );
  return solids + state.volumeMl * waterGPerMl + dissolved;
}

/** An empty vessel of a bench: no two weigh the same. */
function tareOf(container: ContainerKind, groupId: string | null): number {
  const digits = Number.parseInt((groupId ?? '0').slice(0, 4), 16) % 100;
  return emptyG[container] + digits / 100;
}
