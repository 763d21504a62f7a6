import { Button, Group, Text, Title } from '@mantine/core';
import { departuresFrom, kindNames, library } from '@stoichos/core/planning/procedure';
import { IconArrowLeft, IconPencil } from '@tabler/icons-react';
import { Link, useParams } from 'react-router';
import { NotFoundPage } from '../../shared/parts/NotFoundPage';
import { useLabDay } from '../../data/useLabDay';
import { DepartureList, ProcedureView } from '../library/public';
import { PrintButton } from '../../shared/parts/PrintButton';

/** A procedure as it is planned for this day, with what departs from the original. */
export function DayProcedurePage() {
  const day = useLabDay();
  const { plannedId } = useParams();
  const planned = day.procedures.find(({ id }) => id === plannedId);
  if (!planned) return <NotFoundPage />;
  const { procedure } = planned;
  const isRecorded = day.entries.some(({ workId }) => workId === planned.id);
  const original = library.find(({ id }) => id === (procedure.from ?? procedure.id));
  const departures = original ? departuresFrom(original, procedure) : [];
  return (
    <article>
      <Button
        component={Link}
        to={`/days/${day.id}/plan/procedures`}
        variant="subtle"
        px={0}
        className="no-print"
        leftSection={<IconArrowLeft size={18} aria-hidden />}
      >
        Procedures of the day
      </Button>
      <Group justify="space-between" align="flex-start" mb="sm">
        <div>
          <Text className="quiet">{kindNames[procedure.kind]}</Text>
          <Title order={2} size="h2">
            {procedure.name}
          </Title>
        </div>
        <Group gap="sm" className="no-print">
          <PrintButton />
          {!isRecorded && (
            <Button
              variant="filled"
              component={Link}
              to={`/days/${day.id}/plan/procedures/${planned.id}/edit`}
              leftSection={<IconPencil size={18} aria-hidden />}
            >
              Adapt it for this day
            </Button>
          )}
        </Group>
      </Group>
      {isRecorded && (
        <Text className="quiet no-print" mb="sm">
          Something is recorded for it, so it stays as it is. What was done otherwise is written
          down at the bench, under Departures; to run it in another way, add it once more.
        </Text>
      )}
      {departures.length > 0 && (
        <DepartureList title="Departures from the original" departures={departures} />
      )}
      <ProcedureView procedure={procedure} manner={planned.manner} />
    </article>
  );
}
