import { LineTable } from '../../shared/parts/LineTable';
import { Text } from '@mantine/core';
import { gasCautions } from '@stoichos/core/studies/gas';
import type { FillingPlan, InRoom } from '@stoichos/core/studies/gas';
import { formatAmount } from '@stoichos/core/common';
import type { Attempt } from '@stoichos/core/common';
import { useGas } from './useGas';
import study from '../../shared/study/Study.module.css';
import { atMostFigures, formatNumber } from '@stoichos/core/common';
import { Cited } from '../../shared/parts/Cited';

/** What all of the gas would do to the air of the room, against the published limits. */
export function RoomPanel({
  room,
  filling,
}: {
  room: Attempt<InRoom>;
  filling: Attempt<FillingPlan>;
}) {
  const { gas } = useGas().state;
  return (
    <section aria-label="In the room" className={study.block}>
      <Text fw={600}>If all of it got into the room</Text>
      {'problem' in room ? (
        <Text role="alert">{room.problem}</Text>
      ) : (
        <>
          <Text size="sm">
            {'problem' in filling ? '' : `${formatAmount(filling.totalMl, 'mL')} is `}
            {ppm(room.peakPpm)} at once, {ppm(room.fifteenMinutesPpm)} over a quarter of an hour.
          </Text>
          {room.limits.length > 0 && (
            <LineTable
              className={study.lines}
              data-testid="limits"
              head={['Limit over', 'ppm', 'Share of it', 'Most gas']}
              rows={room.limits.map(({ name, limitPpm, share, mostMl }) => [
                name,
                formatNumber(limitPpm),
                share >= 1
                  ? `${atMostFigures(share, 2)} times`
                  : `${atMostFigures(100 * share, 2)} %`,
                Number.isFinite(mostMl) ? formatAmount(mostMl, 'mL') : '',
              ])}
            />
          )}
          <Text size="sm" mt="xs" fw={600}>
            {room.words}
          </Text>
          {room.ofFlammable !== undefined && (
            <Text size="sm">
              Mixed into the room it is {atMostFigures(100 * room.ofFlammable, 2)} % of what would
              burn; near the apparatus it may be enough.
            </Text>
          )}
          {room.source && (
            <Text size="sm" className="quiet">
              <Cited source={room.source} />
            </Text>
          )}
        </>
      )}
      {gasCautions(gas).map((text) => (
        <Text key={text} size="sm" mt={4}>
          {text}
        </Text>
      ))}
    </section>
  );
}

function ppm(value: number): string {
  return `${atMostFigures(value, 2)} ppm`;
}
