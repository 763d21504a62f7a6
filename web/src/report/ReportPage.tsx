import { Button, Group, Table, Text, Title } from '@mantine/core';
import {
  concentrationOf,
  deferral,
  describeObservation,
  judgeDay,
  latestWeighing,
  nameIn,
  predictTest,
  solutionsNeeded,
  wasteRoute,
} from '@stoichos/core';
import type { LabDay, PlannedTest, TestJudgement } from '@stoichos/core';
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
  const judgements = judgeDay(day);
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
        {day.tests.length === 0 && <Text>The report fills as tests are planned and recorded.</Text>}
        {day.tests.length > 0 && <Solutions day={day} />}
        {day.tests.map((test, index) => (
          <TestReport
            key={test.id}
            day={day}
            test={test}
            number={index + 1}
            judgements={judgements.filter((one) => one.test.id === test.id)}
          />
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

interface TestReportProps {
  readonly day: LabDay;
  readonly test: PlannedTest;
  readonly number: number;
  readonly judgements: readonly TestJudgement[];
}

function TestReport({ day, test, number, judgements }: TestReportProps) {
  const { prediction } = predictTest(day, test);
  const { reactionTypes } = useSettings();
  const predicted = prediction.notPredicted.length === 0;
  const waste = wasteRoute([test.a.substance, test.b.substance]);
  return (
    <section className={`${classes.test} keep-together`}>
      <Title order={2} size="h4">
        {number}. <Formula text={test.a.substance} /> with <Formula text={test.b.substance} />
      </Title>
      <div className={classes.top}>
        <Vessel
          container={test.container}
          view={predicted ? prediction.after : undefined}
          label="Expected"
          height={110}
        />
        <dl className="facts">
          <dt>Expected</dt>
          <dd>
            {predicted ? (
              prediction.observations.map(describeObservation).join('; ')
            ) : (
              <NotPredicted reasons={prediction.notPredicted} />
            )}
          </dd>
          {predicted &&
            prediction.reactions.map(({ equation, netIonic, types }) => (
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
          <dt>Waste</dt>
          <dd>{waste.bottle}</dd>
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
          {judgements.map(({ group, seen, notes, comparison, change }) => (
            <Table.Tr key={group.id}>
              <Table.Td>{group.name}</Table.Td>
              <Table.Td style={{ overflowWrap: 'anywhere' }}>
                {seen.map(describeObservation).join('; ') || 'nothing recorded'}
                {notes.map((note, index) => (
                  <span key={index}>; “{note}”</span>
                ))}
              </Table.Td>
              <Table.Td>
                {seen.length > 0 && <Mark of={comparison?.agreement ?? 'notPredicted'} />}
              </Table.Td>
              <Table.Td>{seen.length > 0 && change.change}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </section>
  );
}
