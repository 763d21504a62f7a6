import type { InstrumentInfo } from '@stoichos/core/labday/bench';
import type { QuantityName } from '@stoichos/core/planning/procedure';

/** How one quantity is read from a kind of instrument. */
interface Reading {
  readonly query: string;
  /** What the answer is multiplied by to come to the unit of the quantity; 1 when left out. */
  readonly times?: number;
  /** Step of the last digit. */
  readonly resolution: number;
  /** Standard uncertainty of a value, in the unit of the quantity, as the maker states it. */
  readonly uncertainty: (value: number) => number;
}

/** What an instrument can be told. */
interface Telling {
  readonly label: string;
  readonly takes: 'nothing' | 'number' | 'onOff';
  readonly line: (value?: number) => string;
}

/** A kind of instrument as the server talks to it: any of that kind that speaks these lines will do. */
export interface Driver {
  readonly kind: InstrumentInfo['kind'];
  readonly name: string;
  readonly readings: Readonly<Partial<Record<QuantityName, Reading>>>;
  /** Answers 1 once the reading has come to rest; without it every reading has. */
  readonly stableQuery?: string;
  readonly commands: Readonly<Record<string, Telling>>;
}

/** A step of the last digit, evenly spread: its standard deviation (GUM 4.3.7). */
const ofDigit = (step: number): number => step / Math.sqrt(12);

const balance: Driver = {
  kind: 'balance',
  name: 'Balance',
  readings: {
    mass: {
      query: 'MEASure:MASS?',
      resolution: 0.01,
      // Two readings to a hundredth, and repeatability of a digit.
      uncertainty: () => Math.hypot(ofDigit(0.01), 0.005),
    },
  },
  stableQuery: 'STATus:STABle?',
  commands: {
    tare: { label: 'Tare', takes: 'nothing', line: () => 'SENSe:TARE' },
  },
};

const thermometer: Driver = {
  kind: 'thermometer',
  name: 'Thermometer probe',
  readings: {
    temperature: {
      query: 'MEASure:TEMPerature?',
      resolution: 0.1,
      uncertainty: (value) => Math.hypot(ofDigit(0.1), 0.2 + 0.001 * Math.abs(value)),
    },
  },
  commands: {},
};

const multimeter: Driver = {
  kind: 'multimeter',
  name: 'Multimeter',
  readings: {
    voltage: {
      query: 'MEASure:VOLTage:DC?',
      resolution: 0.001,
      uncertainty: (value) => Math.hypot(ofDigit(0.001), 0.005 * Math.abs(value)),
    },
    current: {
      query: 'MEASure:CURRent:DC?',
      resolution: 0.001,
      uncertainty: (value) => Math.hypot(ofDigit(0.001), 0.01 * Math.abs(value)),
    },
  },
  commands: {
    channel: {
      label: 'Scanner channel',
      takes: 'number',
      line: (v = 1) => `ROUTe:CLOSe (@${Math.round(v)})`,
    },
  },
};

const supply: Driver = {
  kind: 'supply',
  name: 'Power supply',
  readings: {
    voltage: {
      query: 'MEASure:VOLTage?',
      resolution: 0.01,
      uncertainty: (value) => Math.hypot(ofDigit(0.01), 0.01 * Math.abs(value)),
    },
    current: {
      query: 'MEASure:CURRent?',
      resolution: 0.01,
      uncertainty: (value) => Math.hypot(ofDigit(0.01), 0.02 * Math.abs(value)),
    },
    // Since the output was switched on.
    time: {
      query: 'MEASure:TIME?',
      times: 1 / 60,
      resolution: 0.1 / 60,
      uncertainty: () => ofDigit(0.1 / 60),
    },
  },
  commands: {
    voltage: { label: 'Voltage limit, V', takes: 'number', line: (v = 0) => `SOURce:VOLTage ${v}` },
    current: { label: 'Current limit, A', takes: 'number', line: (v = 0) => `SOURce:CURRent ${v}` },
    output: { label: 'Output', takes: 'onOff', line: (v = 0) => `OUTPut ${v ? 'ON' : 'OFF'}` },
  },
};

/** Every kind there is a driver for. */
export const drivers: Readonly<Record<InstrumentInfo['kind'], Driver>> = {
  balance,
  thermometer,
  multimeter,
  supply,
};
