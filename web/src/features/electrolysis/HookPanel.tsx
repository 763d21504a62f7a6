import { LineTable } from '../../shared/parts/LineTable';
import { Text } from '@mantine/core';
import { hookSource } from '@stoichos/core/studies/electrolysis';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { TaskProgress } from '../../shared/parts/TaskProgress';
import { useAnswer } from '../../data/worker/useAnswer';
import { formatAmount } from '@stoichos/core/common';
import classes from '../../shared/study/Study.module.css';
import type { AskedCell } from './useStudyCell';
import { formatNumber } from '@stoichos/core/common';
import { Cited } from '../../shared/parts/Cited';

/** What an active hook at plus does to the solution with time, and when to renew it. */
export function HookPanel({ request, current }: AskedCell) {
  const { value, failure, share, cancel } = useAnswer('hooks', [request, current]);
  return (
    <>
      <TaskProgress what="Running the cell on" share={share} cancel={cancel} />
      <TaskFailure failure={failure} />
      {value && (
        <>
          <Text data-testid="hooks">{value.words}</Text>
          <LineTable
            className={classes.lines}
            head={['After', 'Stirred, it looks', 'Metal in it']}
            rows={value.points.map(({ minutes, colour, hex, cloudy, metalMg }) => [
              <>{formatNumber(minutes)} min</>,
              <>
                <span className={classes.hex} style={{ background: hex }} aria-hidden /> {colour}
                {cloudy ? ', cloudy' : ''}
              </>,
              formatAmount(metalMg / 1000, 'g'),
            ])}
          />
        </>
      )}
      <Text size="sm" className="quiet" mt="xs">
        <Cited source={hookSource} />
      </Text>
    </>
  );
}
