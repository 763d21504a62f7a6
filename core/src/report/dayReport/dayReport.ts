import { nameOnShelf } from '../../matter/substances/naming';
import { recalledMark, recalledMeans } from '../../matter/substances/source';
import { causesOf } from '../../labday/judge/judgeDay';
import type { StationJudgement } from '../../labday/judge/judgeDay';
import type { LikelyCause } from '../../seeing/judgement/faults/likelyCauses';
import type { LabDay } from '../../labday/day/labDay';
import type { Settings } from '../../labday/settings/settings';
import { latestWeighing, concentrationOf, solutionsNeeded } from '../../labday/day/solutionsNeeded';
import { wasteSources } from '../../labday/day/dayPlan';
import { benchesOf, worksAsMade } from '../../labday/day/work';
import type { Bench, Work } from '../../labday/day/work';
import { deferral } from '../../safety/hazards';
import { wastePlan } from '../../planning/waste/wastePlan';
import type { BottlePlan } from '../../planning/waste/wastePlan';
import { chemical, joined, plain, section, documentTold } from './document';
import type { ReportDocument, Section, Words } from './document';
import { sourcesUsed } from './sourcesUsed';
import { unknownSections } from './unknownSection';
import type { ReportedUnknown } from './unknownSection';
import { placesOf, workSection } from './workSections';
import { atMostFigures, formatNumber, withFigures, withPlaces } from '../../common/formatNumber';

/** What a report is about: the whole day, one group in it, one piece of work, or one group’s unknown. */
export type ReportScope =
  | { readonly of: 'day' }
  | { readonly of: 'group'; readonly groupId: string }
  | { readonly of: 'work'; readonly workId: string }
  | { readonly of: 'unknown'; readonly groupId: string };

/** What a report is made of. */
export interface ReportRequest {
  readonly day: LabDay;
  readonly settings: Settings;
  readonly scope: ReportScope;
  /** Jars that were dealt out, with what was handed in; none where nobody asked for them. */
  readonly unknowns: readonly ReportedUnknown[];
}

/**
 * The report of a lab day, or of a part of it, whole: what to leave out is chosen from it afterwards. Looking for the causes of
 * what differs takes the engine a moment each.
 *
 * @param watch is told how much is done, 0 to 1.
 */
export function dayReport(
  { day, settings, scope, unknowns }: ReportRequest,
  watch: (share: number) => void = () => undefined,
): ReportDocument {
  const works = scope.of === 'unknown' ? [] : worksAsMade(day).filter(isWanted(scope));
  const views = works.map((work) => ({
    day,
    work,
    settings,
    benches: benchesIn(day, work, scope),
  }));
  const causes = causesFor(
    views.flatMap((view) => placesOf(view).flatMap(({ judgements }) => judgements)),
    watch,
  );
  const causeOf = (judgement: StationJudgement): LikelyCause | undefined =>
    causes.get(placeKey(judgement));
  const group = 'groupId' in scope ? day.groups.find(({ id }) => id === scope.groupId) : undefined;
  const told = unknowns.filter(({ groupId }) => !group || groupId === group.id);
  return documentTold({
    title: scope.of === 'work' ? `${day.name}: ${works[0]?.procedure.name ?? ''}` : day.name,
    over: settings.institution,
    under: [
      `${inFull(day.date)} · ${group ? group.name : day.groups.map(({ name }) => name).join(', ')}`,
    ],
    sections: [
      ...(scope.of === 'day' ? [solutionsSection(day, settings)] : []),
      ...views.map((view) => workSection({ ...view, causeOf })),
      ...(scope.of === 'work' ? [] : unknownSections(told, day.groups)),
      ...(scope.of === 'day' ? [wasteSection(wastePlan(wasteSources(day)), settings)] : []),
      sourcesSection(works),
    ],
    closing: deferral,
  });
}

/** A date as people write it: Friday 13 November 2026. */
const inFull = (date: string): string =>
  new Intl.DateTimeFormat('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    year: 'numeric',
    timeZone: 'UTC',
  })
    .format(new Date(`${date}T00:00:00Z`))
    .replace(',', '');

const isWanted =
  (scope: ReportScope) =>
  (work: Work): boolean =>
    scope.of !== 'work' || work.id === scope.workId;

/** The benches a piece of work is told of: a group reads its own, and what was shown to all. */
function benchesIn(day: LabDay, work: Work, scope: ReportScope): readonly Bench[] {
  const all = benchesOf(day, work);
  return scope.of === 'group' ? all.filter(({ id }) => id === null || id === scope.groupId) : all;
}

const placeKey = ({ work, step, station, bench }: StationJudgement): string =>
  [work.id, step.id, station.vessel, bench.id].join(' ');

/** The likeliest cause of each judgement that differs. */
function causesFor(
  judgements: readonly StationJudgement[],
  watch: (share: number) => void,
): ReadonlyMap<string, LikelyCause> {
  const found = new Map<string, LikelyCause>();
  for (const [at, judgement] of judgements.entries()) {
    watch(at / judgements.length);
    const [cause] = causesOf(judgement);
    if (cause) found.set(placeKey(judgement), cause);
  }
  return found;
}

function solutionsSection(day: LabDay, { naming }: Settings): Section {
  const rows = solutionsNeeded(day).map((solution): Words[] => {
    const weighing = latestWeighing(day.weighings, solution);
    return [
      joined(chemical(solution.substance), plain(` ${nameOnShelf(naming, solution.substance)}`)),
      plain(`${formatNumber(solution.concentrationM)} M, ${formatNumber(solution.makeMl)} mL`),
      weighing
        ? joined(plain(`${formatNumber(weighing.actualG)} g `), chemical(weighing.form))
        : plain('not recorded'),
      plain(weighing ? `${withFigures(concentrationOf(weighing), 3)} M` : '–'),
    ];
  });
  return section(
    plain('Solutions as made'),
    rows.length === 0
      ? []
      : [
          {
            kind: 'table',
            columns: [
              { head: 'Solution', width: 4 },
              { head: 'Planned', width: 2 },
              { head: 'Weighed', width: 3 },
              { head: 'Made', width: 2 },
            ],
            rows,
          },
        ],
    { part: 'solutions' },
  );
}

const amount = (value: number): string => atMostFigures(value, 3);

/** Where everything went: a bottle by class, how much, and what makes it harmless. */
function wasteSection(bottles: readonly BottlePlan[], { naming }: Settings): Section {
  return section(
    plain('Waste record'),
    bottles.length === 0
      ? []
      : [
          {
            kind: 'table',
            columns: [
              { head: 'Bottle', width: 3 },
              { head: 'Volume', width: 1 },
              { head: 'Made harmless by', width: 5 },
            ],
            rows: bottles.map(({ bottle, volumeMl, clearings, first, neutralising }) => [
              plain(bottle),
              plain(volumeMl > 0 ? `${amount(volumeMl)} mL` : '–'),
              chemical(
                [
                  ...first,
                  ...(neutralising?.volumeMl === undefined
                    ? []
                    : [
                        `${amount(neutralising.volumeMl)} mL of ${nameOnShelf(naming, neutralising.substance)} ${formatNumber(neutralising.concentrationM)} M to pH ${neutralising.afterPH === undefined ? '' : withPlaces(neutralising.afterPH, 1)}`,
                      ]),
                  ...clearings.flatMap(({ element, addMl, precipitant, filtrateTest }) =>
                    addMl === undefined || addMl === 0
                      ? []
                      : [
                          `${element}: ${amount(addMl)} mL of ${precipitant.substance} ${formatNumber(precipitant.concentrationM)} M. ${filtrateTest}`,
                        ],
                  ),
                ].join(' ') || 'collected as it is',
              ),
            ]),
          },
        ],
    { part: 'waste' },
  );
}

function sourcesSection(works: readonly Work[]): Section {
  const used = sourcesUsed(works);
  return section(
    plain('Sources of constants used'),
    used.length === 0
      ? []
      : [
          { kind: 'list', items: used.map(chemical) },
          ...(used.some((one) => one.includes(recalledMark))
            ? [{ kind: 'text' as const, words: plain(`${recalledMark} ${recalledMeans}`) }]
            : []),
        ],
    { part: 'sources', key: true },
  );
}
