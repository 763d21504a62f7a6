import { Button } from '@mantine/core';
import { notifications } from '@mantine/notifications';
import type { Procedure } from '@stoichos/core/planning/procedure';
import { useNavigate } from 'react-router';
import { useDayQuery, useSaveDayProcedureMutation } from '../../data/api/api';
import { sayProblem } from '../parts/sayProblem';

/** Puts a copy of a procedure into a lab day, at the end. */
export function AddToDay({ dayId, procedure }: { dayId: string; procedure: Procedure }) {
  const { currentData: day } = useDayQuery(dayId);
  const [save, { isLoading }] = useSaveDayProcedureMutation();
  const navigate = useNavigate();
  if (!day) return null;
  const times = day.procedures.filter((one) => one.procedure.id === procedure.id).length;
  const add = async () => {
    const planned = {
      id: crypto.randomUUID(),
      manner: 'groups' as const,
      procedure,
      version: null,
    };
    try {
      await save({ dayId, planned }).unwrap();
      notifications.show({
        message: (
          <>
            {procedure.name} is in {day.name}.{' '}
            <Button
              size="compact-md"
              onClick={() => void navigate(`/days/${dayId}/plan/procedures`)}
            >
              Go there
            </Button>
          </>
        ),
      });
    } catch (error) {
      sayProblem(error, 'Not added');
    }
  };
  return (
    <Button
      variant={times > 0 ? 'default' : 'filled'}
      loading={isLoading}
      onClick={() => void add()}
      aria-label={`Add ${procedure.name} to the day`}
    >
      {times > 0 ? 'Add again' : 'Add to the day'}
    </Button>
  );
}
