import { Button, Group, Switch, Table, Text, Title } from '@mantine/core';
import type { KeptRun } from '@stoichos/core/labday/day';
import type { Rack, RackOutcome, RunLine } from '@stoichos/core/seeing/rack';
import { useEffect, useRef, useState } from 'react';
import { useAnswer } from '../../data/worker/useAnswer';
import { Formula } from '../../shared/chemistry/Formula';
import { Vessel } from '../../shared/glassware/Vessel';
import { Mark } from '../../shared/parts/Mark';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import classes from './MixPage.module.css';

interface CompareProps {
  readonly rack: Rack;
  readonly kept: KeptRun;
  readonly onClose: () => void;
}

/** The sequence on the bench beside a kept one: how both ended, and step by step where they part. */
export function CompareView({ rack, kept, onClose }: CompareProps) {
  const section = useRef<HTMLElement>(null);
  // It opens below the bench, so it is brought into view and the keyboard goes there.
  const { value, failure } = useAnswer('compareRuns', [rack, kept.rack]);
  const isThere = value !== undefined;
  useEffect(() => section.current?.focus(), [kept.id, isThere]);
  const [onlyDifferent, setOnlyDifferent] = useState(false);
  if (!value) return failure ? <TaskFailure failure={failure} /> : null;
  const { rows, mine, other } = value;
  const different = rows.filter(({ same }) => !same).length;
  const shown = onlyDifferent ? rows.filter(({ same }) => !same) : rows;
  return (
    <section
      ref={section}
      tabIndex={-1}
      className={`card ${classes.compare}`}
      aria-label={`Compared with ${kept.name}`}
    >
      <Group justify="space-between" mb="sm">
        <Title>On the bench beside “{kept.name}”</Title>
        <Button onClick={onClose}>Close the comparison</Button>
      </Group>
      <div className={classes.ends}>
        <Ends title="On the bench" rack={rack} now={mine} />
        <Ends title={kept.name} rack={kept.rack} now={other} />
      </div>
      <Group justify="space-between" my="sm">
        <Text role="status">
          {different === 0
            ? 'Every step is the same.'
            : `${different} of ${rows.length} steps differ.`}
        </Text>
        <Switch
          label="Only what differs"
          checked={onlyDifferent}
          onChange={({ currentTarget }) => setOnlyDifferent(currentTarget.checked)}
        />
      </Group>
      <Table verticalSpacing={6} data-testid="comparison">
        <Table.Thead>
          <Table.Tr>
            <Table.Th>On the bench</Table.Th>
            <Table.Th>{kept.name}</Table.Th>
            <Table.Th>Step</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {shown.map(({ mine, other, same }, index) => (
            <Table.Tr key={index} style={{ verticalAlign: 'top' }}>
              <Table.Td w="45%">
                <Line line={mine} />
              </Table.Td>
              <Table.Td w="45%">
                <Line line={other} />
              </Table.Td>
              <Table.Td>{same ? 'same' : <Mark of="differs" />}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
    </section>
  );
}

function Line({ line }: { line: RunLine | undefined }) {
  if (!line) return <Text className="quiet">not done</Text>;
  return (
    <>
      <Formula text={line.done} wrap />
      <Text size="sm" className="quiet">
        <Formula text={line.seen} wrap />
      </Text>
    </>
  );
}

/** The vessels of a sequence as they stand in the end. */
function Ends({ title, rack, now }: { title: string; rack: Rack; now: RackOutcome['now'] }) {
  return (
    <div role="group" aria-label={`${title}, in the end`}>
      <Text size="sm" className="quiet">
        {title}, in the end
      </Text>
      <div className={classes.rack}>
        {rack.vessels.map(({ name, container }) => (
          <div key={name} className={classes.end}>
            <Vessel
              container={container}
              view={now[name]?.view}
              label={`${title}, vessel ${name}`}
              height={110}
            />
            <Text span size="sm">
              {name}
            </Text>
          </div>
        ))}
      </div>
    </div>
  );
}
