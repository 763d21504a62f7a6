import {
  amountsFor,
  collectionOf,
  fillingPlan,
  inRoom,
  lostToWater,
  purityAfter,
} from '@stoichos/core/studies/gas';
import type {
  Amounts,
  Collection,
  CollectionMethod,
  FillingPlan,
  InRoom,
  LostToWater,
  Route,
} from '@stoichos/core/studies/gas';
import { aboveZero, attempt } from '../../shared/study/attempt';
import type { Attempt } from '../../shared/study/attempt';
import type { GasState } from './gasState';

/** What is worked out of a preparation: each part by itself, so that one slip does not hide the others. */
export interface Made {
  readonly collection: Attempt<Collection>;
  readonly method: CollectionMethod;
  readonly filling: Attempt<FillingPlan>;
  readonly amounts: Attempt<Amounts>;
  readonly lost: Attempt<LostToWater>;
  readonly room: Attempt<InRoom>;
}

const percent = (value: number | ''): number => (value === '' ? 0 : value / 100);

/** Works a preparation out from what is set. */
export function made(state: GasState, route: Route, dropsPerMl: number): Made {
  const { gas } = state;
  const collection = attempt(() =>
    collectionOf(gas, {
      temperatureC: degrees(state.temperatureC),
      pressureKPa: aboveZero(state.pressureKPa, 'The air pressure'),
      ...(state.gasTemperatureC !== '' && { gasTemperatureC: state.gasTemperatureC }),
    }),
  );
  const method =
    state.catchIn === 'syringe'
      ? 'syringe'
      : (state.method[gas] ??
        ('problem' in collection
          ? 'overWater'
          : (collection.methods.find(({ ok, method: one }) => ok && one !== 'syringe')?.method ??
            'syringe')));
  const filling = attempt(() =>
    fillingPlan({
      gas,
      eachMl: aboveZero(state.eachMl, 'The volume of each'),
      apparatusMl: aboveZero(state.apparatusMl, 'The volume of the apparatus'),
      purity: percent(state.purityPercent),
      count: aboveZero(state.count, 'How many are wanted'),
      rateMlPerMin: aboveZero(state.rateMlPerMin, 'The rate'),
      runOnMl: state.runOnMl === '' || route.heatedToC === undefined ? 0 : state.runOnMl,
    }),
  );
  const limiting = state.limiting[gas];
  const amounts = attempt(() => {
    if ('problem' in filling) return filling;
    return amountsFor({
      route,
      volumeMl: filling.totalMl,
      conditions: {
        temperatureC: degrees(state.temperatureC),
        pressureKPa: aboveZero(state.pressureKPa, 'The air pressure'),
        overWater: method === 'overWater',
      },
      lostShare: percent(state.lostPercent),
      excess: percent(state.excessPercent),
      ...(limiting && { limiting }),
      vesselMl: aboveZero(state.vesselMl, 'The generator'),
      dropsPerMl,
    });
  });
  const lost = attempt(() => {
    if ('problem' in filling) return filling;
    return lostToWater(
      gas,
      degrees(state.temperatureC),
      aboveZero(state.troughMl, 'The water in the trough'),
      filling.totalMl,
    );
  });
  const room = attempt(() => {
    if ('problem' in filling) return filling;
    return inRoom(gas, filling.totalMl, {
      volumeM3: aboveZero(state.roomM3, 'The room'),
      airChangesPerHour: state.airChanges === '' ? 0 : state.airChanges,
    });
  });
  return { collection, method, filling, amounts, lost, room };
}

/** An empty field is a room of 25 °C. */
const degrees = (value: number | ''): number => (value === '' ? 25 : value);

/** How pure what leaves is at some moments, to draw. */
export function purityCourse(apparatusMl: number, toMl: number) {
  return Array.from({ length: 41 }, (_, at) => {
    const goneMl = (toMl * at) / 40;
    const { plug, mixed } = purityAfter(goneMl, apparatusMl);
    return { goneMl, plug, mixed };
  });
}
