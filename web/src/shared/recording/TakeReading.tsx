import { Button, Group, Text } from '@mantine/core';
import type { Follow, InstrumentInfo } from '@stoichos/core/labday/bench';
import type { QuantityName } from '@stoichos/core/planning/procedure';
import { IconGauge, IconPlayerStop, IconRepeat } from '@tabler/icons-react';
import { useState } from 'react';
import { NumberField } from '../parts/NumberField';
import { api } from '../../data/api/api';
import { explainError } from '../../data/api/explainError';
import { useAppDispatch, useAppSelector } from '../../data/store';
import { Live, PutTo } from './InstrumentPanel';
import { capturesSlice } from '../../data/captures/capturesSlice';
import type { Recorder, Place } from './useRecorder';
import { formatNumber } from '@stoichos/core/common';

interface TakeReadingProps {
  readonly recorder: Recorder;
  readonly dayId: string;
  readonly name: string;
  readonly quantity: QuantityName;
  readonly instruments: readonly InstrumentInfo[];
  readonly zeroAt: number | undefined;
  readonly series: boolean;
  readonly follow: Follow | undefined;
}

const usualEveryS = 30;

/** One reading from an instrument, when it is asked for. */
function useOneReading({
  recorder,
  name,
  instruments,
  quantity,
  dispatch,
  zeroAt,
}: {
  readonly recorder: Recorder;
  readonly name: string;
  readonly instruments: readonly InstrumentInfo[];
  readonly quantity: QuantityName;
  readonly dispatch: ReturnType<typeof useAppDispatch>;
  readonly zeroAt: number | undefined;
}) {
  const [trouble, setTrouble] = useState<string>();
  const [busy, setBusy] = useState(false);
  const { place } = recorder;
  const captureId = [place.workId, place.stepId, place.groupId ?? '', name].join(' ');
  const running = useAppSelector((state) => state.captures.find(({ id }) => id === captureId));
  const able = instruments.filter(({ quantities }) => quantities.includes(quantity));
  const take = async ({ id, name: instrument }: InstrumentInfo) => {
    setBusy(true);
    const asked = dispatch(
      api.endpoints.reading.initiate({ id, quantity }, { forceRefetch: true }),
    );
    try {
      const { value, uncertainty, stable, at } = await asked.unwrap();
      setTrouble(stable ? undefined : 'It had not come to rest yet; read again when it has.');
      recorder.add({
        kind: 'measurement',
        name,
        quantity,
        value,
        uncertainty,
        instrument,
        ...(zeroAt !== undefined && {
          elapsedS: Math.max(0, (Date.parse(at) - zeroAt) / 1000),
        }),
      });
    } catch (error) {
      const { message, remedy } = explainError(error);
      setTrouble(`${message} ${remedy}`);
    } finally {
      asked.unsubscribe();
      setBusy(false);
    }
  };
  return { able, busy, take, running, place, captureId, trouble };
}

/** A reading from an instrument with one tap, or again and again on a schedule. */
export function TakeReading(props: TakeReadingProps) {
  const { recorder, dayId, name, quantity, instruments, zeroAt, series, follow } = props;
  const dispatch = useAppDispatch();
  const { able, busy, take, running, place, captureId, trouble } = useOneReading({
    recorder,
    name,
    instruments,
    quantity,
    dispatch,
    zeroAt,
  });
  if (able.length === 0) return null;
  return (
    <>
      <Group gap="xs" mt="xs">
        {able.map((instrument) => (
          <Group key={instrument.id} gap="xs">
            <Button
              variant="filled"
              leftSection={<IconGauge size={20} aria-hidden />}
              loading={busy}
              onClick={() => void take(instrument)}
            >
              Read the {instrument.name.toLowerCase()}
            </Button>
            <Live id={instrument.id} quantity={quantity} />
            {instrument.simulated && <PutTo instrument={instrument} follow={follow} />}
          </Group>
        ))}
        {series && !running && able[0] && (
          <SeriesReading
            place={place}
            name={name}
            captureId={captureId}
            quantity={quantity}
            dispatch={dispatch}
            zeroAt={zeroAt}
            able={able}
            dayId={dayId}
          />
        )}
        {running && (
          <Button
            leftSection={<IconPlayerStop size={20} aria-hidden />}
            onClick={() => dispatch(capturesSlice.actions.ended(captureId))}
          >
            Stop reading every {formatNumber(running.everyS)} s ({running.taken} read)
          </Button>
        )}
      </Group>
      {(running?.trouble ?? trouble) && (
        <Text size="sm" mt={4} role="alert">
          {running?.trouble ?? trouble}
        </Text>
      )}
    </>
  );
}

interface SeriesReadingProps {
  readonly place: Place;
  readonly name: string;
  readonly captureId: string;
  readonly quantity: QuantityName;
  readonly dispatch: ReturnType<typeof useAppDispatch>;
  readonly zeroAt: number | undefined;
  readonly able: InstrumentInfo[];
  readonly dayId: string;
}

/** Reading on a schedule. */
function SeriesReading({
  place,
  name,
  captureId,
  quantity,
  dispatch,
  zeroAt,
  able,
  dayId,
}: SeriesReadingProps) {
  const [everyS, setEveryS] = useState<string | number>(usualEveryS);
  return (
    <Group gap={6} wrap="nowrap">
      <Button
        leftSection={<IconRepeat size={20} aria-hidden />}
        onClick={() => {
          const now = Date.now();
          dispatch(
            capturesSlice.actions.started({
              id: captureId,
              dayId,
              where: place,
              name,
              quantity,
              instrumentId: able[0]?.id ?? '',
              everyS: typeof everyS === 'number' ? Math.max(1, everyS) : usualEveryS,
              startedAt: now,
              zeroAt: zeroAt ?? now,
              taken: 0,
              trouble: null,
            }),
          );
        }}
      >
        Every
      </Button>
      <NumberField
        aria-label="Seconds between readings"
        w={90}
        min={1}
        max={3600}
        allowDecimal={false}
        rightSection={<Text size="sm">s</Text>}
        value={everyS}
        onChange={setEveryS}
      />
    </Group>
  );
}
