import { ActionIcon, Button, Select, Text } from '@mantine/core';
import { spotIds, spots, vapourSource } from '@stoichos/core/studies/electrolysis';
import type { SpotId, TypedCell } from '@stoichos/core/studies/electrolysis';
import { IconTrash } from '@tabler/icons-react';
import { Formula } from '../../shared/chemistry/Formula';
import { TaskFailure } from '../../shared/parts/TaskFailure';
import { useAnswer } from '../../data/worker/useAnswer';
import { Amount } from '../../shared/study/Amount';
import classes from '../../shared/study/Study.module.css';
import { useElectrolysis } from './useElectrolysis';
import type { AskedCell } from './useStudyCell';
import { formatNumber } from '@stoichos/core/common';
import { Cited } from '../../shared/parts/Cited';

const isSpot = (text: string): text is SpotId => (spotIds as readonly string[]).includes(text);

/** A covered drop: what its vapour does to papers and drops beside it, in order. */
export function DropPanel({ request, current }: AskedCell) {
  const { state, change: set } = useElectrolysis();
  const placed = state.spots;
  const known = placed.flatMap(({ spot, distanceMm }) =>
    isSpot(spot) && distanceMm !== '' && distanceMm > 0 ? [{ spot, distanceMm }] : [],
  );
  const { value, failure } = useAnswer('drop', [request, current, known]);
  const change = (at: number, part: Partial<TypedCell['spots'][number]>) =>
    set({ spots: placed.map((one, index) => (index === at ? { ...one, ...part } : one)) });
  return (
    <>
      <Text size="sm" mb="xs">
        Under a lid, beside the drop at plus. Put the papers and drops out before switching on: the
        vapour comes within seconds.
      </Text>
      {placed.map(({ spot, distanceMm }, at) => (
        <div key={at} className={classes.salt} role="group" aria-label={`Spot ${at + 1}`}>
          <Select
            label="Beside it"
            value={spot}
            data={spotIds.map((id) => ({ value: id, label: spots[id].name }))}
            onChange={(next) => change(at, { spot: next ?? spot })}
          />
          <div className={classes.saltAmount}>
            <Amount
              label="mm away"
              step={1}
              value={distanceMm}
              onChange={(next) => change(at, { distanceMm: next })}
            />
            <ActionIcon
              aria-label="Take this spot away"
              onClick={() => set({ spots: placed.filter((_, index) => index !== at) })}
            >
              <IconTrash size={20} />
            </ActionIcon>
          </div>
        </div>
      ))}
      {placed.length < 6 && (
        <Button
          mt="sm"
          onClick={() => set({ spots: [...placed, { spot: 'iodide', distanceMm: 10 }] })}
        >
          Another spot
        </Button>
      )}
      <TaskFailure failure={failure} />
      {value && (
        <ol data-testid="spots">
          {value.effects.map(({ name, distanceMm, seen, because, order }) => (
            <li key={`${name} ${order}`}>
              <strong>{name}</strong>, {formatNumber(distanceMm)} mm: {seen.join(', then ')}
              <Text size="sm" className="quiet">
                <Formula text={because} wrap />
              </Text>
            </li>
          ))}
        </ol>
      )}
      <Text size="sm" className="quiet">
        <Cited source={vapourSource} />
      </Text>
    </>
  );
}
