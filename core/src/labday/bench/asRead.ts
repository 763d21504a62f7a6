import { atMostPlaces, formatNumber, withFigures } from '../../common/formatNumber';
import { currentReader } from '../../common/reader';
import { fromCelsius } from '../../common/temperature';
import { quantityUnits } from '../../planning/procedure/measures';
import type { QuantityName } from '../../planning/procedure/measures';
import type { BenchRecord } from '../day/labDay';

/** A number with the unit whoever reads has it in. */
interface Read {
  readonly value: number;
  readonly unit: string;
}

/** A value of a quantity, in the unit of the quantity, as whoever reads it would have read it: a temperature on their scale. */
export function asRead(quantity: QuantityName, value: number): Read {
  const { scale } = currentReader();
  return quantity === 'temperature'
    ? { value: Number(fromCelsius(value, scale).toFixed(4)), unit: scale }
    : { value, unit: quantityUnits[quantity] };
}

/** A difference of two values, such as ΔT or an uncertainty, likewise. */
export function differenceAsRead(quantity: QuantityName, difference: number): Read {
  const { scale } = currentReader();
  return quantity === 'temperature'
    ? { value: scale === '°C' ? difference : 1.8 * difference, unit: scale }
    : { value: difference, unit: quantityUnits[quantity] };
}

type Measurement = Pick<
  Extract<BenchRecord, { kind: 'measurement' }>,
  'quantity' | 'value' | 'low' | 'high' | 'typed' | 'uncertainty'
>;

/** A measurement in words: its number or range, what it may be off by, its unit. What was typed on the reader’s scale stands as it was typed. */
export function tellMeasurement({ quantity, value, low, high, typed, uncertainty }: Measurement): {
  readonly amount: string;
  readonly off: string;
  readonly unit: string;
} {
  const { unit } = asRead(quantity, value);
  // On a scale it was not read on it has no more than a place: the rest comes of the conversion.
  const isConverted = quantity === 'temperature' && (typed?.unit ?? '°C') !== unit;
  const say = (one: number) => {
    const read = asRead(quantity, one).value;
    return isConverted ? atMostPlaces(read, 1) : formatNumber(read);
  };
  const one = typed?.unit === unit ? formatNumber(typed.value) : say(value);
  return {
    amount: low !== undefined && high !== undefined ? `${say(low)}–${say(high)}` : one,
    off:
      uncertainty === undefined
        ? ''
        : ` ± ${withFigures(differenceAsRead(quantity, uncertainty).value, 1)}`,
    unit,
  };
}
