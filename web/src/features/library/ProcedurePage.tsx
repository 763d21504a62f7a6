import { Box, Button, Group, Text, Title } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import { departuresFrom, kindNames, library } from '@stoichos/core/planning/procedure';
import { exchangeText, fileVersion } from '@stoichos/core/report/exchange';
import { IconDownload, IconPencil } from '@tabler/icons-react';
import { Link, useNavigate, useParams } from 'react-router';
import { useDropProcedureMutation } from '../../data/api/api';
import { sayProblem } from '../../shared/parts/sayProblem';
import { NotFoundPage } from '../../shared/parts/NotFoundPage';
import { LoadState } from '../../shared/parts/LoadState';
import { save } from '../../shared/parts/save';
import { PrintButton } from '../../shared/parts/PrintButton';
import { BackToDay } from './LibraryPage';
import { AddToDay } from '../../shared/study/AddToDay';
import { DepartureList } from './DepartureList';
import { ProcedureView } from './ProcedureView';
import { minutesOf, useProcedures } from '../../data/useProcedures';
import { AttachToDay } from '../../shared/study/AttachToDay';
import { useDayInMind } from './useDayInMind';
import { formatNumber } from '@stoichos/core/common';
import type { Procedure } from '@stoichos/core/planning/procedure';

/** One procedure of the library, to read, print, adapt or put into a lab day. */
export function ProcedurePage() {
  const { procedureId } = useParams();
  const { dayId, keeping } = useDayInMind();
  const { choices, isLoading, error, refetch } = useProcedures();
  const [drop] = useDropProcedureMutation();
  if (isLoading) return <LoadState error={error} retry={() => void refetch()} />;
  const choice = choices.find(({ procedure }) => procedure.id === procedureId);
  if (!choice) return <NotFoundPage />;
  const { procedure, isOwn, version } = choice;
  const original = library.find(({ id }) => id === procedure.from);
  const { all, attended } = minutesOf(procedure);
  return (
    <article>
      <Group justify="space-between" align="flex-start" mt="lg" mb="sm">
        <div>
          {dayId && <BackToDay dayId={dayId} />}
          <Text className="quiet">
            {kindNames[procedure.kind]} · {formatNumber(all)} min one after the other, {attended} of
            them by hand
          </Text>
          <Title order={1} size="h1">
            {procedure.name}
          </Title>
        </div>
        <ProcedureTools
          procedure={procedure}
          drop={drop}
          keeping={keeping}
          dayId={dayId}
          isOwn={isOwn}
          version={version}
        />
      </Group>
      {original && (
        <DepartureList
          title={`Adapted from “${original.name}”`}
          departures={departuresFrom(original, procedure)}
        />
      )}
      <ProcedureView procedure={procedure} />
      {!dayId && (
        <Box maw={440} mt="xl">
          <AttachToDay procedure={procedure} />
        </Box>
      )}
    </article>
  );
}

interface ProcedureToolsProps {
  readonly procedure: Procedure;
  readonly drop: ReturnType<typeof useDropProcedureMutation>[0];
  readonly keeping: (path: string) => string;
  readonly dayId: string | null;
  readonly isOwn: boolean;
  readonly version?: number | undefined;
}

/** What can be done with a procedure. */
function ProcedureTools({
  procedure,
  drop,
  keeping,
  dayId,
  isOwn,
  version = 1,
}: ProcedureToolsProps) {
  const navigate = useNavigate();
  const remove = async () => {
    try {
      await drop({ id: procedure.id, version }).unwrap();
      notifications.show({ message: `${procedure.name} was let go.` });
      void navigate(keeping('/procedures'));
    } catch (failure) {
      sayProblem(failure, 'Not done');
    }
  };
  return (
    <Group gap="sm" className="no-print">
      <PrintButton />
      <Button component={Link} to={`/procedures/${procedure.id}/worksheet`}>
        Worksheet
      </Button>
      <Button
        leftSection={<IconDownload size={18} aria-hidden />}
        onClick={() => {
          const text = exchangeText({
            format: 'stoichos/procedure',
            version: fileVersion,
            procedure,
          });
          save(new Blob([text], { type: 'application/json' }), `${procedure.name}.json`);
        }}
      >
        JSON
      </Button>
      <Button
        component={Link}
        to={keeping(`/procedures/${procedure.id}/edit`)}
        leftSection={<IconPencil size={18} aria-hidden />}
      >
        {isOwn ? 'Change' : 'Copy and adapt'}
      </Button>
      {isOwn && <Button onClick={() => void remove()}>Let it go</Button>}
      {dayId && <AddToDay dayId={dayId} procedure={procedure} />}
    </Group>
  );
}
