import { Button, Group, Select, Text, TextInput, Title } from '@mantine/core';
import { kindNames, reagentsOf } from '@stoichos/core/planning/procedure';
import type { Procedure, ProcedureKind } from '@stoichos/core/planning/procedure';
import { IconArrowLeft, IconPlus, IconSearch } from '@tabler/icons-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useDayQuery } from '../../data/api/api';
import { AddToDay } from '../../shared/study/AddToDay';
import { Formula } from '../../shared/chemistry/Formula';
import { LoadState } from '../../shared/parts/LoadState';
import classes from './LibraryPage.module.css';
import { minutesOf, useProcedures } from '../../data/useProcedures';
import { useDayInMind } from './useDayInMind';
import type { Choice } from '../../data/useProcedures';
import { formatNumber } from '@stoichos/core/common';

/** The library: every procedure, found by kind, name or reagent; with a lab day in mind, one tap puts one into it. */
export function LibraryPage() {
  const { choices, isLoading, error, refetch } = useProcedures();
  const { dayId, keeping } = useDayInMind();
  const [search, setSearch] = useState('');
  const [kind, setKind] = useState<ProcedureKind | null>(null);
  if (isLoading) return <LoadState error={error} retry={() => void refetch()} />;
  const found = choices.filter(
    ({ procedure }) => (kind === null || procedure.kind === kind) && matches(procedure, search),
  );
  return (
    <>
      <Group justify="space-between" mt="lg" mb="sm" align="flex-end">
        <div>
          {dayId && <BackToDay dayId={dayId} />}
          <Title order={1} size="h1">
            Procedures
          </Title>
        </div>
        <Button
          component={Link}
          to={keeping('/procedures/new')}
          leftSection={<IconPlus size={18} aria-hidden />}
        >
          Write one
        </Button>
      </Group>
      <Group mb="md" align="flex-end">
        <TextInput
          label="Search"
          placeholder="Name, purpose or reagent…"
          leftSection={<IconSearch size={18} aria-hidden />}
          value={search}
          onChange={(event) => setSearch(event.currentTarget.value)}
          className={classes.search ?? ''}
        />
        <Select
          label="Kind"
          placeholder="All kinds"
          clearable
          value={kind}
          data={Object.entries(kindNames).map(([value, label]) => ({ value, label }))}
          onChange={(value) => setKind(value as ProcedureKind | null)}
        />
        <Text className="quiet" pb={10} role="status">
          {found.length} of {choices.length}
        </Text>
      </Group>
      {found.length === 0 && (
        <Text className="quiet">
          No procedure has that in its name, its purpose or its reagents. Write one, or search for
          less.
        </Text>
      )}
      <ul className="bare">
        {found.map((choice) => (
          <Row key={choice.procedure.id} choice={choice} />
        ))}
      </ul>
    </>
  );
}

/** The way back to the plan of the lab day one came from. */
export function BackToDay({ dayId }: { dayId: string }) {
  const { currentData: day } = useDayQuery(dayId);
  return (
    <Button
      component={Link}
      to={`/days/${dayId}/plan/procedures`}
      variant="subtle"
      px={0}
      leftSection={<IconArrowLeft size={18} aria-hidden />}
    >
      {day ? `Back to ${day.name}` : 'Back to the plan'}
    </Button>
  );
}

function Row({ choice: { procedure, isOwn } }: { choice: Choice }) {
  const { dayId, keeping } = useDayInMind();
  const { all, attended } = minutesOf(procedure);
  const reagents = [...new Set(reagentsOf(procedure).map(({ substance }) => substance))];
  return (
    <li className={classes.row} data-testid="procedure">
      <div className={classes.words}>
        <Text size="sm" className="quiet">
          {kindNames[procedure.kind]}
          {isOwn && ' · written here'}
        </Text>
        <Link to={keeping(`/procedures/${procedure.id}`)}>
          <strong>{procedure.name}</strong>
        </Link>
        <Text size="sm" lineClamp={2}>
          {procedure.purpose}
        </Text>
        <Text size="sm" className="quiet">
          <Formula text={reagents.join(', ')} wrap />
        </Text>
      </div>
      <Text size="sm" className={classes.time ?? ''}>
        {procedure.steps.length} steps, <br />
        {formatNumber(all)} min, {attended} by hand
      </Text>
      {dayId && <AddToDay dayId={dayId} procedure={procedure} />}
    </li>
  );
}

function matches(procedure: Procedure, search: string): boolean {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return true;
  const text = [
    procedure.name,
    procedure.purpose,
    kindNames[procedure.kind],
    ...reagentsOf(procedure).map(({ substance, key }) => `${substance} ${key}`),
  ]
    .join(' ')
    .toLowerCase();
  return words.every((word) => text.includes(word));
}
