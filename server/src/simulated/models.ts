import { normal, shown } from './noise';

/** How a simulated instrument behaves: time passes, and it is asked and told. Times in s of its own clock. */
export interface Model {
  readonly identity: string;
  /** Answers to questions and effects of commands, by how a manual writes them. */
  readonly queries: Readonly<
    Record<string, (parameters: readonly string[]) => string | Promise<string>>
  >;
  readonly commands: Readonly<Record<string, (parameters: readonly string[]) => void>>;
  readonly reset: () => void;
}

interface Surroundings {
  /** Seconds since it was switched on. */
  readonly now: () => number;
  readonly random: () => number;
}

const number = (text: string | undefined): number => {
  const value = Number(text);
  if (text === undefined || !Number.isFinite(value)) throw new RangeError('-104,"Data type error"');
  return value;
};
const within = (value: number, low: number, high: number): number => {
  if (value < low || value > high) throw new RangeError('-222,"Data out of range"');
  return value;
};

const roomC = 21;

/** A balance to a hundredth of a gram: swings in within seconds, drifts a little, is lifted by the warm air of a hot dish. */
export function balanceModel({ now, random }: Surroundings): Model {
  const settlingS = 0.8;
  const driftGPerS = 2e-6;
  /** What warm air lifts, g for each degree above the room (common practice: some hundredths for a hot crucible). */
  const liftGPerK = 2.5e-4;
  let [from, load, sinceS, tare, hotC] = [0, 0, now(), 0, roomC];
  const resting = () => load - Math.max(0, hotC - roomC) * liftGPerK;
  const onPan = () => {
    const past = now() - sinceS;
    const left = Math.exp(-past / settlingS);
    return resting() + (from - load) * left * Math.cos(3 * past);
  };
  const isStable = () => Math.abs((from - load) * Math.exp(-(now() - sinceS) / settlingS)) < 0.005;
  const read = () => onPan() - tare + driftGPerS * now() + normal(random, 0.002);
  return {
    identity: 'Net Loft Instruments,Simulated balance,0001,1.0',
    queries: {
      'MEASure:MASS': () => shown(read(), 0.01),
      READ: () => shown(read(), 0.01),
      'STATus:STABle': () => (isStable() ? '1' : '0'),
    },
    commands: {
      'SENSe:TARE': () => {
        tare = onPan() + driftGPerS * now();
      },
      'SIMulate:MASS': ([mass, temperature]) => {
        [from, load, sinceS] = [onPan(), within(number(mass), 0, 2000), now()];
        hotC = temperature === undefined ? roomC : number(temperature);
      },
    },
    reset: () => {
      tare = 0;
    },
  };
}

/** A probe: lags behind by seconds, and what it stands in goes its way and drifts back to the room. */
export function thermometerModel({ now, random }: Surroundings): Model {
  const lagS = 3;
  const roomLossS = 1500;
  let [startC, endC, changeS, sinceS] = [roomC, roomC, 1, now()];
  let [shownC, lastS] = [roomC, now()];
  const bath = (atS: number): number => {
    const past = atS - sinceS;
    const reached = endC + (startC - endC) * Math.exp(-past / changeS);
    return roomC + (reached - roomC) * Math.exp(-past / roomLossS);
  };
  const read = (): number => {
    const atS = now();
    // Small steps, for the bath moves while the probe follows.
    const steps = Math.min(200, Math.max(1, Math.ceil((atS - lastS) / 0.5)));
    const step = (atS - lastS) / steps;
    for (let at = 1; at <= steps; at += 1)
      shownC += (bath(lastS + at * step) - shownC) * (1 - Math.exp(-step / lagS));
    lastS = atS;
    return shownC + normal(random, 0.05);
  };
  return {
    identity: 'Net Loft Instruments,Simulated thermometer,0002,1.0',
    queries: { 'MEASure:TEMPerature': () => shown(read(), 0.1), READ: () => shown(read(), 0.1) },
    commands: {
      // Goes from one temperature to another, with this time constant, s.
      'SIMulate:TEMPerature': ([from, to, constant]) => {
        read();
        startC = within(number(from), -100, 1500);
        endC = within(number(to), -100, 1500);
        changeS = constant === undefined ? 12 : within(number(constant), 0.1, 3600);
        sinceS = now();
      },
    },
    reset: () => undefined,
  };
}

/** A curve of volts against amperes, straight between its points; above the last it goes on as between the last two. */
type Curve = readonly (readonly [amps: number, volts: number])[];

function readCurve(parameters: readonly string[]): Curve {
  const numbers = parameters.map((one) => number(one));
  if (numbers.length < 4 || numbers.length % 2 === 1)
    throw new RangeError('-109,"Missing parameter"');
  const points = Array.from(
    { length: numbers.length / 2 },
    (_, at) => [numbers[2 * at] ?? 0, numbers[2 * at + 1] ?? 0] as const,
  );
  points.slice(1).forEach(([amps], at) => {
    if (amps <= (points[at]?.[0] ?? 0)) throw new RangeError('-222,"Data out of range"');
  });
  return points;
}

function voltsAt(curve: Curve, amps: number): number {
  const next = curve.findIndex(([at]) => at >= amps);
  const upper = next < 0 ? curve.length - 1 : Math.max(1, next);
  const [[x1, y1], [x2, y2]] = [curve[upper - 1] ?? [0, 0], curve[upper] ?? [1, 0]];
  return y1 + ((y2 - y1) * (amps - x1)) / (x2 - x1);
}

/** The current at which a rising curve reaches a voltage; none below its start. */
function ampsAt(curve: Curve, volts: number): number {
  let [low, high] = [0, 100];
  if (voltsAt(curve, 0) >= volts) return 0;
  for (let round = 0; round < 50; round += 1) {
    const middle = (low + high) / 2;
    if (voltsAt(curve, middle) < volts) low = middle;
    else high = middle;
  }
  return low;
}

/** A cell of dilute electrolyte, where nobody said which: it holds water’s decomposition voltage against the supply. */
const someCell: Curve = [
  [0, 1.7],
  [1, 13.7],
];

/** A supply with a voltage and a current limit, and a cell at its terminals: constant voltage or constant current, as the cell allows. */
export function supplyModel({ now, random }: Surroundings, startSpeed = 1): Model {
  let [limitV, limitA, on] = [0, 0, false];
  let cell = someCell;
  // Seconds the output has been on, by a clock that may run fast.
  let [speed, ranS, sinceS] = [startSpeed, 0, now()];
  const tick = () => {
    const atS = now();
    if (on) ranS += (atS - sinceS) * speed;
    sinceS = atS;
  };
  const work = () => {
    if (!on) return { volts: 0, amps: 0, mode: 'OFF' };
    const amps = ampsAt(cell, limitV);
    return amps > limitA
      ? { volts: voltsAt(cell, limitA), amps: limitA, mode: 'CC' }
      : { volts: limitV, amps, mode: 'CV' };
  };
  return {
    identity: 'Net Loft Instruments,Simulated supply,0003,1.0',
    queries: {
      'MEASure:VOLTage': () => shown(work().volts + normal(random, 0.003), 0.01),
      'MEASure:CURRent': () => shown(Math.max(0, work().amps + normal(random, 0.002)), 0.01),
      'MEASure:TIME': () => {
        tick();
        return shown(ranS, 0.1);
      },
      'SOURce:VOLTage': () => shown(limitV, 0.01),
      'SOURce:CURRent': () => shown(limitA, 0.01),
      OUTPut: () => (on ? '1' : '0'),
      'STATus:MODE': () => work().mode,
    },
    commands: {
      'SOURce:VOLTage': ([volts]) => {
        limitV = within(number(volts), 0, 30);
      },
      'SOURce:CURRent': ([amps]) => {
        limitA = within(number(amps), 0, 5);
      },
      OUTPut: ([state]) => {
        tick();
        const next = state === 'ON' || state === '1';
        if (next && !on) ranS = 0;
        on = next;
      },
      'SIMulate:CURVe': (parameters) => {
        cell = readCurve(parameters);
      },
      'SIMulate:SPEed': ([times]) => {
        tick();
        speed = within(number(times), 1, 2000);
      },
    },
    reset: () => {
      tick();
      [limitV, limitA, on, cell, speed, ranS] = [0, 0, false, someCell, startSpeed, 0];
    },
  };
}

/** A multimeter with a scanner, wired to the supply’s cell: channel 1 is the cell, the others are half-cells. */
export function multimeterModel(
  { random }: Surroundings,
  circuit: () => Promise<{ readonly volts: number; readonly amps: number }>,
): Model {
  const whole = 1;
  let channel = whole;
  const halfCells = new Map<number, Curve>();
  const volts = async (): Promise<number> => {
    const { volts: across, amps } = await circuit();
    const curve = halfCells.get(channel);
    return channel === whole ? across : curve ? voltsAt(curve, amps) : 0;
  };
  return {
    identity: 'Net Loft Instruments,Simulated multimeter,0004,1.0',
    queries: {
      'MEASure:VOLTage:DC': async () => shown((await volts()) + normal(random, 0.0008), 0.001),
      'MEASure:CURRent:DC': async () =>
        shown((await circuit()).amps + normal(random, 0.0005), 0.001),
      'ROUTe:CLOSe': () => `(@${channel})`,
    },
    commands: {
      'ROUTe:CLOSe': ([list = '']) => {
        const wanted = /^\(@(\d+)\)$/.exec(list)?.[1];
        if (wanted === undefined) throw new RangeError('-104,"Data type error"');
        channel = within(Number(wanted), 1, 5);
      },
      'SIMulate:CHANnel': ([at, ...curve]) => {
        halfCells.set(within(number(at), 2, 5), readCurve(curve));
      },
    },
    reset: () => {
      channel = whole;
      halfCells.clear();
    },
  };
}
