import { Anchor, Title } from '@mantine/core';
import { Link, useParams } from 'react-router';
import { NotFoundPage } from '../../shared/parts/NotFoundPage';
import { Loading } from '../../shared/parts/LoadState';
import { useProcedures } from '../../data/useProcedures';
import { WorksheetMaker } from './WorksheetMaker';

/** Worksheets for one procedure of the library. */
export function ProcedureWorksheetPage() {
  const { procedureId = '' } = useParams();
  const { choices, isLoading } = useProcedures();
  const found = choices.find(({ procedure }) => procedure.id === procedureId);
  if (!found) return isLoading ? <Loading /> : <NotFoundPage />;
  return (
    <>
      <Anchor component={Link} to={`/procedures/${procedureId}`} className="no-print">
        Back to the procedure
      </Anchor>
      <Title order={1} size="h3" my="xs" className="no-print">
        Worksheets: {found.procedure.name}
      </Title>
      <WorksheetMaker procedures={[found.procedure]} />
    </>
  );
}
