import { Card } from '../../shared/parts/Card';
import { Button, Group, Text, Title } from '@mantine/core';
import { useDisclosure } from '@mantine/hooks';
import { classPlanOf } from '@stoichos/core/labday/day';
import { handsOf, kitKinds, missingKit } from '@stoichos/core/planning/procedure';
import type { HeldDay } from '@stoichos/contract';
import { IconAlertTriangle, IconArrowRight } from '@tabler/icons-react';
import { Link } from 'react-router';
import { DayForm } from '../labday/public';
import classes from './ProceduresPage.module.css';
import { formatNumber } from '@stoichos/core/common';

/** Length, groups, people and kit, and what is missing. */
export function ClassFacts({ day }: { day: HeldDay }) {
  const [formOpen, form] = useDisclosure(false);
  const plan = classPlanOf(day);
  const missing = missingKit(plan);
  const kit = kitKinds.flatMap((name) => {
    const count = day.kit[name] ?? 0;
    return count > 0 ? [`${count} × ${name}`] : [];
  });
  return (
    <Card label="The class">
      <Group justify="space-between" mb="xs">
        <Title>The class</Title>
        <Button onClick={form.open}>Change</Button>
      </Group>
      <dl className="facts">
        <dt>Length</dt>
        <dd>{formatNumber(day.lengthMin)} min</dd>
        <dt>Groups</dt>
        <dd>
          {day.groups.length} groups of {day.groupSize}; each does {handsOf(plan)}{' '}
          {handsOf(plan) === 1 ? 'thing' : 'things'} at once
        </dd>
        <dt>People</dt>
        <dd>{day.staff.join(', ') || 'nobody is down'}</dd>
        <dt>Kit</dt>
        <dd>{kit.length === 0 ? 'none is down' : kit.join(', ')}</dd>
      </dl>
      {missing.length > 0 && (
        <div role="alert">
          <Text fw={600}>
            <IconAlertTriangle size={18} aria-hidden className={classes.mark} /> Missing for this
            plan
          </Text>
          <ul className={classes.missing}>
            {missing.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </div>
      )}
      {day.procedures.length > 0 && (
        <Button
          variant="filled"
          component={Link}
          to={`/days/${day.id}/plan/timetable`}
          mt="md"
          fullWidth
          rightSection={<IconArrowRight size={18} aria-hidden />}
        >
          On to the timetable
        </Button>
      )}
      <DayForm opened={formOpen} close={form.close} day={day} />
    </Card>
  );
}
