import { Card } from '../../shared/parts/Card';
import { ProcedureName } from '../../shared/chemistry/ProcedureName';
import { Group, Table, Text, Title } from '@mantine/core';
import { isMixing } from '@stoichos/core/labday/day';
import { judgeWork } from '@stoichos/core/labday/judge';
import { shortText } from '@stoichos/core/planning/procedure';
import type { Bench, LabDay, Work } from '@stoichos/core/labday/day';
import type { StationJudgement } from '@stoichos/core/labday/judge';
import { useSettings } from '../../data/settings/useSettings';
import { Formula } from '../../shared/chemistry/Formula';
import { ObservationLine } from '../../shared/chemistry/ObservationLine';
import { useLabDay } from '../../data/useLabDay';
import { OnceRun } from '../../shared/labday/OnceRun';
import { PrintButton } from '../../shared/parts/PrintButton';
import { JudgeTabs } from './JudgeTabs';
import { GroupRow, benchFor, useBench } from './useBench';

/** Every test of the circuit in one table: physical or chemical, on what evidence, of which type, with its equation. */
export function CircuitPage() {
  const day = useLabDay();
  const { works, bench, choose } = useBench(day);
  if (!bench) return <JudgeTabs dayId={day.id} />;
  return (
    <>
      <JudgeTabs dayId={day.id} />
      <GroupRow day={day} selected={bench.id} choose={choose} />
      <OnceRun works={works}>{() => <Circuit day={day} works={works} bench={bench} />}</OnceRun>
    </>
  );
}

function Circuit({ day, works, bench }: { day: LabDay; works: readonly Work[]; bench: Bench }) {
  const rows = works
    .flatMap((work) => judgeWork(day, work, benchFor(day, work, bench)))
    .filter(({ seen }) => seen.length > 0);
  return (
    <Card label="Physical or chemical">
      <Group justify="space-between" wrap="nowrap">
        <Title>Physical or chemical? {bench.name}</Title>
        <PrintButton />
      </Group>
      {rows.length === 0 ? (
        <Text my="sm">
          {bench.name} has recorded nothing yet. Each test stands here once it is recorded, with the
          evidence for and against a chemical change.
        </Text>
      ) : (
        <Table.ScrollContainer minWidth={640}>
          <Table fz="sm" verticalSpacing={6} mt="sm">
            <Table.Thead>
              <Table.Tr>
                <Table.Th>Test</Table.Th>
                <Table.Th>Seen</Table.Th>
                <Table.Th>Change</Table.Th>
                <Table.Th>Evidence, and what speaks against it</Table.Th>
                <Table.Th>Type and equation</Table.Th>
              </Table.Tr>
            </Table.Thead>
            <Table.Tbody>
              {rows.map((row) => (
                <Row key={`${row.work.id} ${row.step.id} ${row.station.vessel}`} row={row} />
              ))}
            </Table.Tbody>
          </Table>
        </Table.ScrollContainer>
      )}
    </Card>
  );
}

function Row({ row }: { row: StationJudgement }) {
  const { reactionTypes } = useSettings();
  const { work, step, seen, change, station, override } = row;
  const other = reactionTypes === 'five' ? 'drivingForce' : 'five';
  return (
    <Table.Tr>
      <Table.Td>
        {isMixing(work) ? (
          <ProcedureName procedure={work.procedure} />
        ) : (
          <>
            {shortText(step)}
            <Text size="xs" className="quiet">
              {work.procedure.name} · {station.vessel}
            </Text>
          </>
        )}
      </Table.Td>
      <Table.Td>
        <ObservationLine seen={seen} />
      </Table.Td>
      <Table.Td>
        <strong>{change.change}</strong>
        {override?.change && <Text size="xs">by {override.by}</Text>}
        {station.change.change !== 'notPredicted' && station.change.change !== change.change && (
          <Text size="xs" className="quiet">
            expected: {station.change.change}
          </Text>
        )}
      </Table.Td>
      <Table.Td>
        {change.evidence.map(({ sign }) => sign).join('; ')}
        {change.against.length > 0 && (
          <Text size="sm" className="quiet">
            against: {change.against.map(({ why }) => why).join('; ')}
          </Text>
        )}
      </Table.Td>
      <Table.Td>
        {station.reactions.length === 0 && (
          <span className="quiet">
            {station.notPredicted.length > 0 ? 'not predicted' : station.change.because.join('; ')}
          </span>
        )}
        {station.reactions.map(({ equation, types }) => (
          <div key={equation}>
            {types[reactionTypes].join(', ') || 'none of the five'}
            <span className="quiet"> ({types[other].join(', ') || 'none of the five'})</span>
            <br />
            <Formula text={equation} wrap />
          </div>
        ))}
      </Table.Td>
    </Table.Tr>
  );
}
