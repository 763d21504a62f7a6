import { Text } from '@mantine/core';
import { sourceText } from '@stoichos/core/matter/substances';
import { hookSource } from '@stoichos/core/studies/electrolysis';
import type { CellCurrent, CellRequest } from '@stoichos/core/studies/electrolysis';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { useAnswer } from '../../data/worker/useAnswer';
import { asAmount } from '../../shared/study/asAmount';
import classes from '../../shared/study/Study.module.css';
import { formatNumber } from '@stoichos/core/common';

/** What an active hook at plus does to the solution with time, and when to renew it. */
export function HookPanel({ request, current }: { request: CellRequest; current: CellCurrent }) {
  const { value, failure, share, cancel } = useAnswer('hooks', [request, current]);
  return (
    <>
      <TaskProgress what="Running the cell on" share={share} cancel={cancel} />
      <TaskFailure failure={failure} />
      {value && (
        <>
          <Text data-testid="hooks">{value.words}</Text>
          <table className={classes.lines}>
            <thead>
              <tr>
                <th scope="col">After</th>
                <th scope="col">Stirred, it looks</th>
                <th scope="col">Metal in it</th>
              </tr>
            </thead>
            <tbody>
              {value.points.map(({ minutes, colour, hex, cloudy, metalMg }) => (
                <tr key={minutes}>
                  <th scope="row">{formatNumber(minutes)} min</th>
                  <td>
                    <span className={classes.hex} style={{ background: hex }} aria-hidden />{' '}
                    {colour}
                    {cloudy ? ', cloudy' : ''}
                  </td>
                  <td>{asAmount(metalMg / 1000, 'g')}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
      <Text size="sm" className="quiet" mt="xs">
        {sourceText(hookSource)}
      </Text>
    </>
  );
}
