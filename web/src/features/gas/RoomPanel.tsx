import { Text } from '@mantine/core';
import { gasCautions } from '@stoichos/core/studies/gas';
import type { FillingPlan, InRoom } from '@stoichos/core/studies/gas';
import { asAmount } from '../../shared/study/asAmount';
import type { Attempt } from '../../shared/study/attempt';
import study from '../../shared/study/Study.module.css';
import { atMostFigures, proseTold, formatNumber } from '@stoichos/core/common';

/** What all of the gas would do to the air of the room, against the published limits. */
export function RoomPanel({
  gas,
  room,
  filling,
}: {
  gas: string;
  room: Attempt<InRoom>;
  filling: Attempt<FillingPlan>;
}) {
  return (
    <section aria-label="In the room" className={study.block}>
      <Text fw={600}>If all of it got into the room</Text>
      {'problem' in room ? (
        <Text role="alert">{room.problem}</Text>
      ) : (
        <>
          <Text size="sm">
            {'problem' in filling ? '' : `${asAmount(filling.totalMl, 'mL')} is `}
            {ppm(room.peakPpm)} at once, {ppm(room.fifteenMinutesPpm)} over a quarter of an hour.
          </Text>
          {room.limits.length > 0 && (
            <table className={study.lines} data-testid="limits">
              <thead>
                <tr>
                  <th scope="col">Limit over</th>
                  <th scope="col">ppm</th>
                  <th scope="col">Share of it</th>
                  <th scope="col">Most gas</th>
                </tr>
              </thead>
              <tbody>
                {room.limits.map(({ name, limitPpm, share, mostMl }) => (
                  <tr key={name}>
                    <th scope="row">{name}</th>
                    <td>{formatNumber(limitPpm)}</td>
                    <td>
                      {share >= 1
                        ? `${atMostFigures(share, 2)} times`
                        : `${atMostFigures(100 * share, 2)} %`}
                    </td>
                    <td>{Number.isFinite(mostMl) ? asAmount(mostMl, 'mL') : ''}</td>
                  </tr>
                ))}
              </tbody>
            </table>
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
              {proseTold(room.source)}
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
