import { useHotkeys } from '@mantine/hooks';
import type { HotkeyItem } from '@mantine/hooks';
import { judgeStation } from '@stoichos/core/labday/judge';
import { stationsOf } from '@stoichos/core/labday/day';
import type { Part } from '@stoichos/core/labday/day';
import { useState } from 'react';
import { keyedChoices } from '../../shared/recording/questions';
import { useRecorder } from '../../shared/recording/useRecorder';
import type { StationProps } from './stationProps';
import { useShowOnWall } from './wall';

/** Everything a station works with: the vessel and the part that are recorded for, their recorders, and what is judged of them. */
export function useStation({ day, work, step, bench, progress }: StationProps) {
  const stations = stationsOf(work, step);
  const [vessel, setVessel] = useState(stations[0]?.vessel);
  const [part, setPart] = useState<Part>('test');
  const station = stations.find((one) => one.vessel === vessel);
  const at = { workId: work.id, stepId: step.id, groupId: bench.id };
  useShowOnWall({ dayId: day.id, ...at });
  const recorder = useRecorder(day, { ...at, vessel: vessel ?? null, part });
  const ofStep = useRecorder(day, { ...at, vessel: null, part: 'test' });
  useHotkeys([
    ...keyedChoices.map(({ hotkey, record }): HotkeyItem => [
      hotkey,
      () => recorder.record(record),
    ]),
    ['z', recorder.undo],
  ]);
  const someVessel = vessel ?? work.procedure.vessels[0]?.name;
  return {
    stations,
    station,
    judgement: station && judgeStation(day, work, step, station, bench),
    vessel,
    setVessel,
    part,
    setPart,
    at,
    recorder,
    ofStep,
    own: progress.steps.find((one) => one.work.id === work.id && one.step.id === step.id),
    /** Where an instrument is put to. */
    follow: someVessel === undefined ? undefined : { dayId: day.id, ...at, vessel: someVessel },
  };
}

export type StationState = ReturnType<typeof useStation>;
