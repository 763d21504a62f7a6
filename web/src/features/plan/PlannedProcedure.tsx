import { ActionIcon, Button, Group, Text } from '@mantine/core';
import { Segments } from '../../shared/parts/Segments';
import { departuresFrom, kindNames, library, mixingOf } from '@stoichos/core/planning/procedure';
import type { DayProcedure } from '@stoichos/core/labday/day';
import { IconArrowDown, IconArrowUp } from '@tabler/icons-react';
import { Link } from 'react-router';
import { ProcedureName } from '../../shared/chemistry/ProcedureName';
import { minutesOf } from '../../data/useProcedures';
import classes from './ProceduresPage.module.css';
import { formatNumber } from '@stoichos/core/common';

interface PlannedProps {
  readonly planned: DayProcedure;
  readonly first: boolean;
  readonly last: boolean;
  readonly dayId: string;
  readonly move: (by: number) => void;
  readonly change: (next: DayProcedure) => void;
  readonly remove: () => void;
}

export function PlannedProcedure({
  planned,
  first,
  last,
  dayId,
  move,
  change,
  remove,
}: PlannedProps) {
  const { procedure, manner } = planned;
  const { all, attended } = minutesOf(procedure);
  const original = library.find(({ id }) => id === (procedure.from ?? procedure.id));
  const departures = original ? departuresFrom(original, procedure).length : 0;
  return (
    <li className={classes.planned} data-testid="planned">
      <div className={classes.name}>
        <Text size="sm" className="quiet">
          {kindNames[procedure.kind]} · {formatNumber(all)} min, {attended} by hand
          {departures > 0 && ` · ${departures} ${departures === 1 ? 'departure' : 'departures'}`}
        </Text>
        <Link
          to={
            mixingOf(procedure)
              ? `/days/${dayId}/plan?test=${planned.id}`
              : `/days/${dayId}/plan/procedures/${planned.id}`
          }
        >
          <strong>
            <ProcedureName procedure={procedure} />
          </strong>
        </Link>
      </div>
      <Segments
        label={`How ${procedure.name} is done`}
        value={manner}
        of={{ groups: 'Every group', demonstration: 'Shown to all' }}
        onChange={(value) => change({ ...planned, manner: value })}
      />
      <Group gap={4} wrap="nowrap">
        <ActionIcon
          disabled={first}
          onClick={() => move(-1)}
          aria-label={`${procedure.name} earlier`}
        >
          <IconArrowUp size={20} />
        </ActionIcon>
        <ActionIcon disabled={last} onClick={() => move(1)} aria-label={`${procedure.name} later`}>
          <IconArrowDown size={20} />
        </ActionIcon>
        <Button onClick={remove} h={44}>
          Take out
        </Button>
      </Group>
    </li>
  );
}
