import { Button, Group, Table, Text, Title } from '@mantine/core';
import {
  benchesOf,
  concentrationOf,
  deferral,
  describeObservation,
  judgeStation,
  latestWeighing,
  nameIn,
  nameOfWork,
  shortText,
  solutionsNeeded,
  stationsOf,
  wasteOfWork,
  worksAsMade,
} from '@stoichos/core';
import type { LabDay, Station, StationJudgement, Work } from '@stoichos/core';
import { IconDownload, IconPrinter } from '@tabler/icons-react';
import { useSettings } from '../app/useSettings';
import { Formula } from '../chemistry/Formula';
import { NotPredicted } from '../chemistry/NotPredicted';
import { useLabDay } from '../days/DayFrame';
import { Vessel } from '../glassware/Vessel';
import { Mark } from '../parts/Mark';
import classes from './ReportPage.module.css';

/** Report: one page for the day that prints, and files to take away. */
export function ReportPage() {
  const day = useLabDay();
  const works = worksAsMade(day);
  const file = (kind: 'md' | 'csv') => `/api/days/${day.id}/report.${kind}`;
  return (
    <>
      <Group className="no-print" mb="md">
        <Button
          size="md"
          leftSection={<IconPrinter size={18} aria-hidden />}
          onClick={() => window.print()}
        >
          Print
        </Button>
        <Button
          component="a"
          href={file('md')}
          download
          size="md"
          variant="default"
          leftSection={<IconDownload size={18} aria-hidden />}
        >
          Markdown
        </Button>
        <Button
          component="a"
          href={file('csv')}
          download
          size="md"
          variant="default"
          leftSection={<IconDownload size={18} aria-hidden />}
        >
          CSV
        </Button>
      </Group>
      <article className={`card ${classes.page}`}>
        {works.length === 0 && (
          <Text>The report fills as tests and procedures are planned and recorded.</Text>
        )}
        {works.length > 0 && <Solutions day={day} />}
        {works.map((work) => (
          <WorkReport key={work.id} day={day} work={work} />
        ))}
        <Text size="sm" className="quiet" mt="md">
          {deferral}
        </Text>
      </article>
    </>
  );
}

function Solutions({ day }: { day: LabDay }) {
  const { naming } = useSettings();
  return (
    <section className="keep-together">
      <Title order={2} size="h4">
        Solutions
      </Title>
      <Table verticalSpacing={4} fz="sm" mt={4}>
        <Table.Thead>
          <Table.Tr>
            <Table.Th>Solution</Table.Th>
            <Table.Th>Planned</Table.Th>
            <Table.Th>Weighed</Table.Th>
            <Table.Th>Made</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {solutionsNeeded(day).map((solution) => {
            const weighing = latestWeighing(day.weighings, solution);
            return (
              <Table.Tr key={solution.key}>
                <Table.Td>
                  <Formula text={solution.substance} /> {nameIn(naming, solution.substance)}
                </Table.Td>
                <Table.Td>
                  {solution.concentrationM} M, {solution.makeMl} mL
                </Table.Td>
                <Table.Td>
                  {weighing ? (
                    <>
                      {weighing.actualG} g <Formula text={weighing.form} />
                    </>
                  ) : (
                    'not recorded'
                  )}
                </Table.Td>
                <Table.Td>
                  {weighing ? `${concentrationOf(weighing).toPrecision(3)} M` : '–'}
                </Table.Td>
              </Table.Tr>
            );
          })}
        </Table.Tbody>
      </Table>
    </section>
  );
}

/** One piece of work: each vessel of each step with what was expected, and what every bench saw. */
function WorkReport({ day, work }: { day: LabDay; work: Work }) {
  const benches = benchesOf(day, work);
  const rows = work.procedure.steps.flatMap((step) =>
    stationsOf(work, step).map((station) => ({
      step,
      station,
      judgements: benches.map((bench) => judgeStation(day, work, step, station, bench)),
    })),
  );
  // Of a long procedure only what somebody recorded is told.
  const told =
    work.kind === 'test'
      ? rows
      : rows.filter(({ judgements }) => judgements.some(({ standing }) => standing.length > 0));
  const waste = wasteOfWork(work);
  return (
    <section className={classes.test}>
      <Title order={2} size="h4">
        {work.number}.{' '}
        {work.kind === 'test' ? <Formula text={nameOfWork(work)} /> : nameOfWork(work)}
      </Title>
      {told.length === 0 && <Text className="quiet">Nothing recorded.</Text>}
      {told.map(({ step, station, judgements }) => (
        <StationReport
          key={`${step.id} ${station.vessel}`}
          heading={work.kind === 'test' ? undefined : `${shortText(step)} (${station.vessel})`}
          station={station}
          judgements={judgements}
        />
      ))}
      {waste && <Text size="sm">Waste: {waste.bottle}</Text>}
    </section>
  );
}

interface StationReportProps {
  readonly heading: string | undefined;
  readonly station: Station;
  readonly judgements: readonly StationJudgement[];
}

function StationReport({ heading, station, judgements }: StationReportProps) {
  const { reactionTypes } = useSettings();
  const predicted = station.notPredicted.length === 0;
  return (
    <section className="keep-together">
      {heading && (
        <Title order={3} size="h5" mt="sm">
          {heading}
        </Title>
      )}
      <div className={classes.top}>
        <Vessel container={station.container} view={station.view} label="Expected" height={110} />
        <dl className="facts">
          <dt>Expected</dt>
          <dd>
            {predicted ? (
              station.expected.map(describeObservation).join('; ')
            ) : (
              <NotPredicted reasons={station.notPredicted} />
            )}
          </dd>
          {station.reactions.map(({ equation, netIonic, types }) => (
            <div key={netIonic} style={{ display: 'contents' }}>
              <dt>Equation</dt>
              <dd>
                <Formula text={equation} wrap />
              </dd>
              {equation !== netIonic && (
                <>
                  <dt>Net ionic</dt>
                  <dd>
                    <Formula text={netIonic} wrap />
                  </dd>
                </>
              )}
              <dt>Type</dt>
              <dd>{types[reactionTypes].join(', ') || 'none of the five'}</dd>
            </div>
          ))}
        </dl>
      </div>
      <Table verticalSpacing={4} fz="sm">
        <Table.Thead>
          <Table.Tr>
            <Table.Th w="20%">Group</Table.Th>
            <Table.Th>Seen</Table.Th>
            <Table.Th w="18%">Judgement</Table.Th>
            <Table.Th w="14%">Change</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {judgements.map(({ bench, seen, notes, departures, verdict, override, change }) => (
            <Table.Tr key={bench.id ?? 'all'}>
              <Table.Td>{bench.name}</Table.Td>
              <Table.Td style={{ overflowWrap: 'anywhere' }}>
                {seen.map(describeObservation).join('; ') || 'nothing recorded'}
                {departures.map(({ what, planned, done }, index) => (
                  <span key={index}>
                    ; departure, {what}: {planned} → {done}
                  </span>
                ))}
                {notes.map((note, index) => (
                  <span key={index}>; “{note}”</span>
                ))}
              </Table.Td>
              <Table.Td>
                {verdict !== 'notRecorded' && <Mark of={verdict} />}
                {override && (
                  <Text size="xs">
                    {override.by}: {override.reason}
                  </Text>
                )}
              </Table.Td>
              <Table.Td>{seen.length > 0 && change.change}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </section>
  );
}
