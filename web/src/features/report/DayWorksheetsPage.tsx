import { Anchor, Title } from '@mantine/core';
import { Link } from 'react-router';
import { useLabDay } from '../../data/useLabDay';
import { WorksheetMaker } from './WorksheetMaker';

/** Worksheets for the procedures of a lab day. */
export function DayWorksheetsPage() {
  const day = useLabDay();
  return (
    <>
      <Anchor component={Link} to={`/days/${day.id}/report`} className="no-print">
        Back to the report
      </Anchor>
      <Title my="xs" className="no-print">
        Worksheets and questions
      </Title>
      <WorksheetMaker procedures={day.procedures.map(({ procedure }) => procedure)} />
    </>
  );
}
