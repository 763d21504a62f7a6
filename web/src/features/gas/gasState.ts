import * as z from 'zod';
import { useSettings } from '../../data/settings/useSettings';
import { useKept } from '../../data/kept/useKept';
import { useInAddress } from '../../shared/study/useInAddress';

const typed = z.union([z.number(), z.literal('')]);

/** The gas of the study as this browser keeps it. What cannot be worked out is kept all the same, so that a slip costs nothing. */
const gasSchema = z.object({
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
  count: typed,
  eachMl: typed,
  temperatureC: typed,
  /** Of the gas as it arrives; the room’s where it is empty. */
  gasTemperatureC: typed.default(''),
  pressureKPa: typed,
  lostPercent: typed,
  excessPercent: typed,
  /** What runs out first, by gas; the first solid where it is not said. */
  limiting: z.record(z.string(), z.string()).default({}),
  vesselMl: typed,
  apparatusMl: typed,
  purityPercent: typed,
  rateMlPerMin: typed,
  runOnMl: typed,
  roomM3: typed,
  airChanges: typed,
  troughMl: typed,
  wash: z.boolean(),
  drying: z.string(),
  labels: z.enum(['named', 'blank']),
  /** Reagents the gas is passed through, by id. */
  reagents: z.array(z.string()),
  /** What was seen at each test, by gas and test. */
  seen: z.record(z.string(), z.record(z.string(), z.string())),
  unsaturation: z.object({ gas: z.string(), control: z.string() }),
});
export type GasState = z.output<typeof gasSchema>;

export const firstGas: GasState = {
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

/** The gas of the study, the same in all its views. */
export function useGasState() {
  const { roomC, airKPa } = useSettings();
  const initial = { ...firstGas, temperatureC: roomC, pressureKPa: airKPa };
  const [state, setState] = useKept('stoichos.gases', gasSchema, initial);
  useInAddress({
    name: 'gas',
    schema: gasSchema,
    initial,
    value: state,
    onRead: setState,
    without: ['seen', 'unsaturation'],
  });
  const change = (part: Partial<GasState>) => setState((before) => ({ ...before, ...part }));
  return { state, change };
}
