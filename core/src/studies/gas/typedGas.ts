import * as z from 'zod';
import { attempt } from '../../common/attempt';
import type { Attempt } from '../../common/attempt';
import { formatSetTemperature } from '../../common/temperature';
import { aboveZero, typedNumber } from '../../common/typed';
import type { TypedNumber } from '../../common/typed';
import { amountsFor } from './amounts';
import type { Amounts } from './amounts';
import { assemble } from './apparatus/assemble';
import type { Apparatus } from './apparatus/assemble';
import { reagentText } from './attempt';
import { dryingFor, washingFor } from './clean';
import { collectionOf, lostToWater } from './collection';
import type { Collection, CollectionMethod, LostToWater } from './collection';
import { fillingPlan, purityAfter } from './purge';
import type { FillingPlan } from './purge';
import { inRoom } from './room';
import type { InRoom } from './room';
import type { Route } from './route';

/** A gas and its preparation as they are typed. What cannot be calculated yet is kept all the same, so that a slip costs nothing. */
export const typedGasSchema = z.object({
  gas: z.string(),
  /** Where reagents are looked for: the shelf, the whole table, or a list of one’s own. */
  from: z.enum(['shelf', 'table', 'list']),
  list: z.array(z.string()),
  /** The route that was taken, by gas. */
  routeId: z.record(z.string(), z.string()),
  method: z.record(
    z.string(),
    z.enum(['overWater', 'downwardDelivery', 'upwardDelivery', 'syringe']),
  ),
  catchIn: z.enum(['tube', 'jar', 'syringe']),
  count: typedNumber,
  eachMl: typedNumber,
  temperatureC: typedNumber,
  /** Of the gas as it arrives; the room’s where it is empty. */
  gasTemperatureC: typedNumber.default(''),
  pressureKPa: typedNumber,
  lostPercent: typedNumber,
  excessPercent: typedNumber,
  /** What runs out first, by gas; the first solid where it is not said. */
  limiting: z.record(z.string(), z.string()).default({}),
  vesselMl: typedNumber,
  apparatusMl: typedNumber,
  purityPercent: typedNumber,
  rateMlPerMin: typedNumber,
  runOnMl: typedNumber,
  roomM3: typedNumber,
  airChanges: typedNumber,
  troughMl: typedNumber,
  wash: z.boolean(),
  drying: z.string(),
  labels: z.enum(['named', 'blank']),
  /** Reagents the gas is passed through, by id. */
  reagents: z.array(z.string()),
  /** What was seen at each test, by gas and test. */
  seen: z.record(z.string(), z.record(z.string(), z.string())),
  unsaturation: z.object({ gas: z.string(), control: z.string() }),
});
export type TypedGas = z.output<typeof typedGasSchema>;

/** Carbon dioxide in three test tubes: sizes of a class (common practice). */
export const firstGas: TypedGas = {
  gas: 'CO2',
  from: 'shelf',
  list: [],
  routeId: {},
  method: {},
  catchIn: 'tube',
  count: 3,
  eachMl: 30,
  temperatureC: 21,
  gasTemperatureC: '',
  pressureKPa: 101,
  lostPercent: 20,
  excessPercent: 25,
  limiting: {},
  vesselMl: 100,
  apparatusMl: 70,
  purityPercent: 90,
  rateMlPerMin: 40,
  runOnMl: 10,
  roomM3: 180,
  airChanges: 4,
  troughMl: 1500,
  wash: true,
  drying: '',
  labels: 'named',
  reagents: ['water', 'permanganate', 'dichromate', 'limewater'],
  seen: {},
  unsaturation: { gas: '', control: '' },
};

/** What a gas is caught in, and how much one holds as a rule, mL (common practice). */
export const caughtIn: Readonly<
  Record<
    TypedGas['catchIn'],
    { readonly one: string; readonly name: string; readonly eachMl: number }
  >
> = {
  tube: { one: 'Tube', name: 'Test tubes', eachMl: 30 },
  jar: { one: 'Jar', name: 'Gas jars', eachMl: 250 },
  syringe: { one: 'Syringe', name: 'Gas syringes', eachMl: 60 },
};

/** The route that was taken, or the best that goes; undefined where none goes. */
export function routeTaken(
  routes: readonly Route[],
  { gas, routeId }: Pick<TypedGas, 'gas' | 'routeId'>,
): Route | undefined {
  const goes = routes.filter(({ verdict }) => verdict === 'valid' || verdict === 'poor');
  return goes.find(({ id }) => id === routeId[gas]) ?? goes[0];
}

/** A route in one line: what is brought together, and how hot. */
export function routeTitle({
  reagents,
  heatedToC,
  electrolysis,
}: Pick<Route, 'reagents' | 'heatedToC' | 'electrolysis'>): string {
  const what = reagents.map(reagentText).join(' and ');
  if (electrolysis) return `a current through ${what}`;
  return heatedToC === undefined ? what : `${what}, ${formatSetTemperature(heatedToC)}`;
}

/** A preparation as it is planned: each part by itself, so that one slip does not hide the others. */
export interface GasPlanned {
  readonly collection: Attempt<Collection>;
  readonly method: CollectionMethod;
  readonly filling: Attempt<FillingPlan>;
  readonly amounts: Attempt<Amounts>;
  readonly lost: Attempt<LostToWater>;
  readonly room: Attempt<InRoom>;
}

/** The preparation that was typed, by a route. @param dropsPerMl drops of the school’s pipette in one mL. */
export function planned(typed: TypedGas, route: Route, dropsPerMl: number): GasPlanned {
  const { gas } = typed;
  const air = () => ({
    temperatureC: degrees(typed.temperatureC),
    pressureKPa: aboveZero(typed.pressureKPa, 'The air pressure'),
  });
  const collection = attempt(() =>
    collectionOf(gas, {
      ...air(),
      ...(typed.gasTemperatureC !== '' && { gasTemperatureC: typed.gasTemperatureC }),
    }),
  );
  const method = methodOf(typed, collection);
  const filling = attempt(() =>
    fillingPlan({
      gas,
      eachMl: aboveZero(typed.eachMl, 'The volume of each'),
      apparatusMl: aboveZero(typed.apparatusMl, 'The volume of the apparatus'),
      purity: share(typed.purityPercent),
      count: aboveZero(typed.count, 'How many are wanted'),
      rateMlPerMin: aboveZero(typed.rateMlPerMin, 'The rate'),
      runOnMl: typed.runOnMl === '' || route.heatedToC === undefined ? 0 : typed.runOnMl,
    }),
  );
  const ofAll = <T>(work: (totalMl: number) => T): Attempt<T> =>
    'problem' in filling ? filling : attempt(() => work(filling.totalMl));
  const limiting = typed.limiting[gas];
  return {
    collection,
    method,
    filling,
    amounts: ofAll((volumeMl) =>
      amountsFor({
        route,
        volumeMl,
        conditions: { ...air(), overWater: method === 'overWater' },
        lostShare: share(typed.lostPercent),
        excess: share(typed.excessPercent),
        ...(limiting && { limiting }),
        vesselMl: aboveZero(typed.vesselMl, 'The generator'),
        dropsPerMl,
      }),
    ),
    lost: ofAll((totalMl) =>
      lostToWater(
        gas,
        degrees(typed.temperatureC),
        aboveZero(typed.troughMl, 'The water in the trough'),
        totalMl,
      ),
    ),
    room: ofAll((totalMl) =>
      inRoom(gas, totalMl, {
        volumeM3: aboveZero(typed.roomM3, 'The room'),
        airChangesPerHour: typed.airChanges === '' ? 0 : typed.airChanges,
      }),
    ),
  };
}

/** How it is collected: as was said, or the first way that will do and needs no syringe. */
function methodOf(
  { gas, catchIn, method }: TypedGas,
  collection: Attempt<Collection>,
): CollectionMethod {
  if (catchIn === 'syringe') return 'syringe';
  const said = method[gas];
  if (said) return said;
  if ('problem' in collection) return 'overWater';
  return (
    collection.methods.find(({ ok, method: one }) => ok && one !== 'syringe')?.method ?? 'syringe'
  );
}

const share = (percent: TypedNumber): number => (percent === '' ? 0 : percent / 100);

/** An empty field is a room of 25 °C. */
const degrees = (value: TypedNumber): number => (value === '' ? 25 : value);

/** The apparatus for what was typed; undefined for a gas made by a current. */
export function apparatusFor(
  typed: TypedGas,
  route: Route,
  method: CollectionMethod,
): Apparatus | undefined {
  const drying = dryingFor(typed.gas).find(({ name }) => name === typed.drying);
  const washings = typed.wash ? washingFor(route).washings.map((one) => one.with) : [];
  return assemble({
    route,
    method,
    caughtIn: typed.catchIn === 'tube' ? 'collecting tube' : 'gas jar',
    washings: [
      ...new Set([...washings, ...(drying?.vessel === 'wash bottle' ? [drying.name] : [])]),
    ],
    ...(drying?.vessel === 'tube' && { drying: drying.name }),
  });
}

/** How many steps a course of purity has. */
const courseSteps = 40;

/** How pure what leaves the apparatus is, 0 to 1, while so much gas, mL, has gone: as a plug and well mixed. */
export function purityCourse(apparatusMl: number, toMl: number) {
  return Array.from({ length: courseSteps + 1 }, (_, at) => {
    const goneMl = (toMl * at) / courseSteps;
    return { goneMl, ...purityAfter(goneMl, apparatusMl) };
  });
}
