import { byVigour, potentialOf } from '../../seeing/judgement/activitySeries';
import type { ActivityComparison } from '../../seeing/judgement/activitySeries';
import { sightsOf } from '../../seeing/observation/sights';
import { all, find } from '../../seeing/observation/definition';
import { noPrecipitate } from '../../seeing/observation/kinds/formedSolid';
import { gas, noGas, vigours } from '../../seeing/observation/kinds/gas';
import { sight } from '../../seeing/observation/kinds/sight';
import { meaningOf } from '../../seeing/observation/observation';
import type { Observation } from '../../seeing/observation/observation';
import { ionsOf } from '../../matter/substances/ionsOf';
import type { StationJudgement } from './judgeDay';
import { runOf } from '../day/work';

const hydrogen = 'H2';
/** That nothing was seen counts less than that something was: it may have been slow, or coated. */
const nothingCounts = 0.8;

/** What a metal was put into, and what was seen there. */
interface Meeting {
  readonly metal: string;
  /** `acid`, `water`, or the metal whose salt it was. */
  readonly partner: string;
  readonly seen: readonly Observation[];
  readonly bench: string;
}

/** What the record of a day says of which metal is the more active: displacements, gas from acid and water, and how fast. */
export function activityEvidence(judgements: readonly StationJudgement[]): ActivityComparison[] {
  const meetings = judgements.filter(({ seen }) => seen.length > 0).flatMap(meetingOf);
  return [...meetings.flatMap(displaced), ...byReagent(meetings)];
}

/** The metal and what it met, where a vessel holds exactly one metal to begin with. */
function meetingOf({ work, step, station, seen, bench }: StationJudgement): Meeting[] {
  const { steps } = runOf(work);
  const upTo = steps.slice(0, steps.findIndex((one) => one.step.id === step.id) + 1);
  const put = upTo
    .flatMap(({ did }) => did)
    .filter(({ vessel }) => vessel === station.vessel)
    .at(-1)?.told.state.put;
  if (!put) return [];
  const metals = put.filter(
    (formula) => formula !== hydrogen && potentialOf(formula) !== undefined,
  );
  const [metal] = metals;
  if (!metal || metals.length !== 1) return [];
  const dissolved = put
    .filter((formula) => formula !== metal)
    .flatMap((formula) => Object.keys(ionsIn(formula)));
  const others = dissolved
    .map((ion) => /^([A-Z][a-z]?)\^\d*\+$/.exec(ion)?.[1])
    .filter((symbol) => symbol !== undefined);
  const salt = others.find(
    (symbol) => symbol !== metal && symbol !== 'H' && (potentialOf(symbol) ?? -3) > -2.3,
  );
  // Nitric acid gives no hydrogen, so that no gas of it tells anything here.
  const oxidising = put.some((formula) => formula === 'HNO3');
  const partner = salt ?? (dissolved.includes('H^+') ? (oxidising ? undefined : 'acid') : 'water');
  return partner ? [{ metal, partner, seen, bench: bench.name }] : [];
}

function ionsIn(formula: string): Readonly<Record<string, number>> {
  return ionsOf(formula) ?? {};
}

const said = (meeting: Meeting, what: string): string =>
  `${meeting.bench}: ${meeting.metal} in ${meeting.partner === 'acid' || meeting.partner === 'water' ? meeting.partner : `a solution of ${meeting.partner} ions`}, ${what}`;

/** A metal came out, or nothing did. */
function displaced(meeting: Meeting): ActivityComparison[] {
  const { metal, partner, seen } = meeting;
  if (partner === 'acid' || partner === 'water') return [];
  const came = seen.some((one) => meaningOf(one).makesCloudy);
  if (came)
    return [{ more: metal, less: partner, weight: 1, evidence: said(meeting, 'a metal came out') }];
  const still = isStill(seen) || find(seen, noPrecipitate) !== undefined;
  return still
    ? [
        {
          more: partner,
          less: metal,
          weight: nothingCounts,
          evidence: said(meeting, 'nothing happened'),
        },
      ]
    : [];
}

/** Hydrogen from acid and from water, and which metal gives it faster at the same bench. */
function byReagent(meetings: readonly Meeting[]): ActivityComparison[] {
  const tried = meetings.filter(({ partner }) => partner === 'acid' || partner === 'water');
  const against = tried.flatMap((meeting): ActivityComparison[] => {
    const { metal, partner, seen } = meeting;
    if (speed(seen) > 0)
      return [{ more: metal, less: hydrogen, weight: 1, evidence: said(meeting, 'gas came off') }];
    // Many metals above hydrogen are too slow in cold water to show it.
    const still = partner === 'acid' && (isStill(seen) || find(seen, noGas) !== undefined);
    return still
      ? [{ more: hydrogen, less: metal, weight: nothingCounts, evidence: said(meeting, 'no gas') }]
      : [];
  });
  const faster = tried.flatMap((one) =>
    tried
      .filter(
        (other) =>
          other.bench === one.bench &&
          other.partner === one.partner &&
          other.metal !== one.metal &&
          speed(one.seen) > speed(other.seen),
      )
      .map((other): ActivityComparison => ({
        more: one.metal,
        less: other.metal,
        weight: byVigour,
        evidence: `${one.bench}: in ${one.partner}, ${one.metal} is livelier than ${other.metal}`,
      })),
  );
  return [...against, ...faster];
}

/** How lively a metal is: 0 for no gas, then by vigour, most where it catches fire. */
function speed(seen: readonly Observation[]): number {
  const shown = all(seen, sight).flatMap(sightsOf);
  if (shown.includes('burns')) return vigours.length + 2;
  const bubbles = find(seen, gas);
  if (!bubbles) return 0;
  const vigour = bubbles.vigour ? vigours.indexOf(bubbles.vigour) : 0;
  return 1 + vigour + (shown.includes('melts') ? 1 : 0);
}

/** Whether it was recorded that nothing happened. */
const isStill = (seen: readonly Observation[]): boolean =>
  seen.some((one) => meaningOf(one).closes === 'all');
