import { Anchor, Group, Text } from '@mantine/core';
import { worksOf } from '@stoichos/core/labday/day';
import { chooseParts, reportParts } from '@stoichos/core/report/dayReport';
import type { LabDay } from '@stoichos/core/labday/day';
import type { ReportPart, ReportScope, Version } from '@stoichos/core/report/dayReport';
import { useEffect, useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import * as z from 'zod';
import {
  useAnswersQuery,
  useKeysQuery,
  useOversightQuery,
  useSessionQuery,
} from '../../data/api/api';
import { useSettings } from '../../data/settings/useSettings';
import { Chip } from '../../shared/parts/ChipRow';
import { DataChart } from '../../shared/chart/DataChart';
import { useLabDay } from '../../data/useLabDay';
import { DocumentView } from '../../shared/document/DocumentView';
import '../../shared/document/document.css';
import { Fold } from '../../shared/parts/Fold';
import { useKept } from '../../data/kept/useKept';
import { useUnknownState } from '../../shared/unknowns/unknownState';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { useTask } from '../../data/worker/useTask';
import { ReportChoice } from './ReportChoice';
import type { ScopeChoice } from './ReportChoice';

const partNames = Object.keys(reportParts) as ReportPart[];
const leftOutSchema = z.array(z.enum(partNames));

/** Report: the day, one group, one procedure or one unknown, for the class or with the key; it prints, and goes away as a file. */
export function ReportPage() {
  const day = useLabDay();
  const settings = useSettings();
  const [about, setAbout] = useSearchParams();
  const [leftOut, setLeftOut] = useKept('stoichos.reportLeftOut', leftOutSchema, []);
  const version: Version = about.get('for') === 'class' ? 'class' : 'instructor';
  const scopes = useScopes(day);
  const chosen = scopes.find(({ value }) => value === about.get('about')) ?? scopes[0];
  const { data: session } = useSessionQuery();
  const isInstructor = session?.role === 'instructor';
  const { jars, waiting } = useJars(day, chosen?.scope, isInstructor);
  const { state: unknown } = useUnknownState();
  const { start, value: whole, share, cancel, failure } = useTask('report');
  const ready = !waiting;
  useEffect(() => {
    if (ready && chosen) void start({ day, settings, scope: chosen.scope }, jars, unknown.salts);
  }, [ready, day, settings, chosen, jars, unknown.salts, start]);
  const document = useMemo(() => {
    if (!whole) return undefined;
    const parts = partNames.filter((part) => !leftOut.includes(part));
    const own = chooseParts(whole, { parts, version });
    return {
      ...own,
      under: [
        ...own.under,
        version === 'class' ? 'For the class' : 'For the instructor, with the key',
      ],
    };
  }, [whole, leftOut, version]);
  return (
    <>
      <ReportChoice
        about={about}
        day={day}
        scopes={scopes}
        chosen={chosen}
        version={version}
        setAbout={setAbout}
        document={document}
      />
      <ReportParts
        day={day}
        isInstructor={isInstructor}
        leftOut={leftOut}
        setLeftOut={setLeftOut}
      />
      <TaskProgress what="Writing the report" share={share} cancel={cancel} />
      <TaskFailure failure={failure} />
      {document?.sections.length === 0 && (
        <Text>
          The report fills as tests and procedures are planned and recorded, and unknowns are dealt.
        </Text>
      )}
      {document && document.sections.length > 0 && (
        <div className="card">
          <DocumentView document={document} drawChart={(chart) => <DataChart chart={chart} />} />
        </div>
      )}
    </>
  );
}

interface ReportPartsProps {
  readonly day: LabDay;
  readonly isInstructor: boolean;
  readonly leftOut: ReportPart[];
  readonly setLeftOut: (next: ReportPart[]) => void;
}

/** What stands in it, and how it leaves. */
function ReportParts({ day, isInstructor, leftOut, setLeftOut }: ReportPartsProps) {
  return (
    <div className="no-print">
      <Fold title={`Parts${leftOut.length > 0 ? `, ${leftOut.length} left out` : ''}`}>
        <Group gap="xs" mt="xs" role="group" aria-label="Parts of the report">
          {partNames.map((part) => {
            const isIn = !leftOut.includes(part);
            return (
              <Chip
                key={part}
                chosen={isIn}
                onTap={() =>
                  setLeftOut(isIn ? [...leftOut, part] : leftOut.filter((one) => one !== part))
                }
              >
                {reportParts[part]}
              </Chip>
            );
          })}
        </Group>
      </Fold>
      <Group gap="lg" my="sm">
        <Anchor href={`/api/days/${day.id}/record.csv`} download>
          Raw record, CSV
        </Anchor>
        <Anchor href={`/api/days/${day.id}/results.csv`} download>
          Results, CSV
        </Anchor>
        {isInstructor && (
          <Anchor href={`/api/days/${day.id}/day.json`} download>
            Whole lab day with keys, JSON
          </Anchor>
        )}
        <Anchor component={Link} to="worksheets">
          Worksheets and questions
        </Anchor>
      </Group>
    </div>
  );
}

/** Everything a report can be about. */
function useScopes(day: LabDay): readonly ScopeChoice[] {
  const { currentData: oversight } = useOversightQuery(day.id);
  const unknowns = oversight?.unknowns;
  return useMemo(
    () => [
      { value: 'day', label: 'The whole day', scope: { of: 'day' } },
      ...day.groups.map(({ id, name }) => ({
        value: `group ${id}`,
        label: `Group: ${name}`,
        scope: { of: 'group' as const, groupId: id },
      })),
      ...worksOf(day).map((work) => ({
        value: `work ${work.id}`,
        label: `Procedure: ${work.procedure.name}`,
        scope: { of: 'work' as const, workId: work.id },
      })),
      ...(unknowns ?? []).map(({ groupId, code }) => ({
        value: `unknown ${groupId}`,
        label: `Unknown ${code}: ${day.groups.find(({ id }) => id === groupId)?.name ?? ''}`,
        scope: { of: 'unknown' as const, groupId },
      })),
    ],
    [day, unknowns],
  );
}

/** The jars of the day with their answers. Keys are only fetched by the instructor, and only where the report has a place for them. */
function useJars(day: LabDay, scope: ReportScope | undefined, isInstructor: boolean) {
  const { currentData: oversight } = useOversightQuery(day.id);
  const dealt = (oversight?.unknowns.length ?? 0) > 0;
  const skip = !isInstructor || !dealt || scope?.of === 'work';
  const { currentData: keys, isLoading: keysOnTheWay } = useKeysQuery(day.id, { skip });
  const { currentData: answers, isLoading: answersOnTheWay } = useAnswersQuery(day.id, { skip });
  const jars = useMemo(
    () =>
      skip
        ? []
        : (keys ?? []).map((sealed) => ({
            ...sealed,
            answer:
              answers?.findLast(
                ({ groupId, code }) => groupId === sealed.groupId && code === sealed.code,
              ) ?? null,
          })),
    [skip, keys, answers],
  );
  return { jars, waiting: keysOnTheWay || answersOnTheWay };
}
