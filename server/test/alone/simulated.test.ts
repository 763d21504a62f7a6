import { describe, expect, it } from 'vitest';
import {
  balanceModel,
  multimeterModel,
  supplyModel,
  thermometerModel,
} from '../../src/simulated/models';
import type { Model } from '../../src/simulated/models';
import { normal, randomFrom, shown } from '../../src/simulated/noise';

/** A clock that is put forward by hand, and noise that is the same every time. */
function surroundings() {
  let s = 0;
  return {
    now: () => s,
    random: randomFrom(7),
    pass: (seconds: number) => {
      s += seconds;
    },
  };
}
const ask = async (model: Model, query: string, ...given: string[]): Promise<string> =>
  (await model.queries[query]?.(given)) ?? 'no such query';
const tell = (model: Model, command: string, ...given: string[]): void =>
  model.commands[command]?.(given);

describe('noise', () => {
  it('is the same for the same seed, and another for another', () => {
    const of = (seed: number) => Array.from({ length: 4 }, randomFrom(seed));
    expect(of(3)).toEqual(of(3));
    expect(of(3)).not.toEqual(of(4));
  });

  it('has the mean and the deviation it is asked for', () => {
    const random = randomFrom(11);
    const values = Array.from({ length: 4000 }, () => normal(random, 2));
    const mean = values.reduce((sum, one) => sum + one, 0) / values.length;
    const deviation = Math.sqrt(
      values.reduce((sum, one) => sum + (one - mean) ** 2, 0) / values.length,
    );
    expect(Math.abs(mean)).toBeLessThan(0.1);
    expect(Math.abs(deviation - 2)).toBeLessThan(0.1);
  });

  it.each([
    [1.234, 0.01, '1.23'],
    [-0.004, 0.01, '0.00'],
    [20.06, 0.1, '20.1'],
    [7, 1, '7'],
  ])('%d shows on a display to %d as %s', (value, digit, text) =>
    expect(shown(value, digit)).toBe(text),
  );
});

describe('the balance', () => {
  it('swings in, and says when it rests', async () => {
    const { pass, ...around } = surroundings();
    const balance = balanceModel(around);
    tell(balance, 'SIMulate:MASS', '12.5');
    expect(await ask(balance, 'STATus:STABle')).toBe('0');
    pass(10);
    expect(await ask(balance, 'STATus:STABle')).toBe('1');
    expect(Number(await ask(balance, 'READ'))).toBeCloseTo(12.5, 1);
  });

  it('weighs from the tare on', async () => {
    const { pass, ...around } = surroundings();
    const balance = balanceModel(around);
    tell(balance, 'SIMulate:MASS', '20');
    pass(10);
    tell(balance, 'SENSe:TARE');
    tell(balance, 'SIMulate:MASS', '23');
    pass(10);
    expect(Number(await ask(balance, 'READ'))).toBeCloseTo(3, 1);
    balance.reset();
    expect(Number(await ask(balance, 'READ'))).toBeCloseTo(23, 1);
  });

  // “Never weigh hot: convection makes it read light” (common practice).
  it('reads light while the dish is hot', async () => {
    const { pass, ...around } = surroundings();
    const balance = balanceModel(around);
    tell(balance, 'SIMulate:MASS', '30', '221');
    pass(10);
    expect(Number(await ask(balance, 'READ'))).toBeCloseTo(29.95, 1);
  });

  it('refuses what is no mass', () => {
    const balance = balanceModel(surroundings());
    expect(() => tell(balance, 'SIMulate:MASS', 'heavy')).toThrow('-104');
    expect(() => tell(balance, 'SIMulate:MASS', '1e9')).toThrow('-222');
  });
});

describe('the thermometer', () => {
  it('stands at the room until it is put into something', async () => {
    const probe = thermometerModel(surroundings());
    expect(Number(await ask(probe, 'READ'))).toBeCloseTo(21, 0);
  });

  it('lags behind what cools, and follows it back to the room', async () => {
    const { pass, ...around } = surroundings();
    const probe = thermometerModel(around);
    tell(probe, 'SIMulate:TEMPerature', '21', '2', '5');
    pass(3);
    const early = Number(await ask(probe, 'READ'));
    pass(27);
    const cold = Number(await ask(probe, 'READ'));
    pass(20_000);
    const late = Number(await ask(probe, 'READ'));
    expect(early).toBeGreaterThan(10);
    expect(cold).toBeLessThan(4);
    expect(late).toBeCloseTo(21, 0);
  });
});

describe('the supply', () => {
  const set = (supply: Model, volts: number, amps: number) => {
    tell(supply, 'SOURce:VOLTage', String(volts));
    tell(supply, 'SOURce:CURRent', String(amps));
    tell(supply, 'OUTPut', 'ON');
  };

  it('gives nothing while it is off', async () => {
    const supply = supplyModel(surroundings());
    expect(await ask(supply, 'STATus:MODE')).toBe('OFF');
    expect(Number(await ask(supply, 'MEASure:CURRent'))).toBeLessThan(0.02);
  });

  it('holds the current where the cell would take more', async () => {
    const supply = supplyModel(surroundings());
    set(supply, 20, 0.5);
    expect(await ask(supply, 'STATus:MODE')).toBe('CC');
    expect(Number(await ask(supply, 'MEASure:CURRent'))).toBeCloseTo(0.5, 1);
    // 1.7 V decomposition and 12 Ω.
    expect(Number(await ask(supply, 'MEASure:VOLTage'))).toBeCloseTo(7.7, 1);
  });

  it('holds the voltage where the cell takes less, and none below its decomposition voltage', async () => {
    const supply = supplyModel(surroundings());
    set(supply, 4.1, 2);
    expect(await ask(supply, 'STATus:MODE')).toBe('CV');
    expect(Number(await ask(supply, 'MEASure:CURRent'))).toBeCloseTo(0.2, 1);
    set(supply, 1.5, 2);
    expect(Number(await ask(supply, 'MEASure:CURRent'))).toBeLessThan(0.02);
  });

  it('counts how long it has been on, by a clock that may run fast', async () => {
    const { pass, ...around } = surroundings();
    const supply = supplyModel(around, 60);
    set(supply, 9, 1);
    pass(10);
    expect(await ask(supply, 'MEASure:TIME')).toBe('600.0');
    tell(supply, 'OUTPut', 'OFF');
    pass(10);
    expect(await ask(supply, 'MEASure:TIME')).toBe('600.0');
  });

  it('takes the curve of a cell, and refuses one that goes back', async () => {
    const supply = supplyModel(surroundings());
    tell(supply, 'SIMulate:CURVe', '0', '2', '1', '3');
    set(supply, 2.5, 5);
    expect(Number(await ask(supply, 'MEASure:CURRent'))).toBeCloseTo(0.5, 1);
    expect(() => tell(supply, 'SIMulate:CURVe', '0', '2', '0', '3')).toThrow('-222');
    expect(() => tell(supply, 'SIMulate:CURVe', '0', '2', '1')).toThrow('-109');
  });

  it.each([
    ['SOURce:VOLTage', '31'],
    ['SOURce:CURRent', '-1'],
    ['SIMulate:SPEed', '0'],
  ])('refuses %s %s', (command, value) =>
    expect(() => tell(supplyModel(surroundings()), command, value)).toThrow('-222'),
  );
});

describe('the multimeter', () => {
  const meter = () =>
    multimeterModel(surroundings(), () => Promise.resolve({ volts: 4.2, amps: 0.5 }));

  it('reads the whole cell on its first channel', async () => {
    expect(Number(await ask(meter(), 'MEASure:VOLTage:DC'))).toBeCloseTo(4.2, 2);
    expect(Number(await ask(meter(), 'MEASure:CURRent:DC'))).toBeCloseTo(0.5, 2);
  });

  it('reads a half-cell on another, at the current that flows', async () => {
    const one = meter();
    tell(one, 'SIMulate:CHANnel', '2', '0', '1', '1', '2');
    tell(one, 'ROUTe:CLOSe', '(@2)');
    expect(await ask(one, 'ROUTe:CLOSe')).toBe('(@2)');
    expect(Number(await ask(one, 'MEASure:VOLTage:DC'))).toBeCloseTo(1.5, 2);
    one.reset();
    expect(await ask(one, 'ROUTe:CLOSe')).toBe('(@1)');
  });

  it('reads nothing where no half-cell is wired', async () => {
    const one = meter();
    tell(one, 'ROUTe:CLOSe', '(@3)');
    expect(Number(await ask(one, 'MEASure:VOLTage:DC'))).toBeCloseTo(0, 2);
    expect(() => tell(one, 'ROUTe:CLOSe', '3')).toThrow('-104');
  });
});
