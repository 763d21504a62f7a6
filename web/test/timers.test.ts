import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { capturesSlice } from '../src/data/captures/capturesSlice';
import { clock, elapsedS, leftS, ringsBy, timersSlice } from '../src/data/timers/timersSlice';
import type { Timer } from '../src/data/timers/timersSlice';

const timer = (kind: Timer['kind'], seconds = 60): Timer => ({
  id: 't',
  dayId: 'd',
  name: 'Filter',
  kind,
  startedAt: 1_000_000,
  seconds,
  rung: 0,
  stopped: false,
});
const after = (s: number) => 1_000_000 + 1000 * s;

describe('a timer', () => {
  it('counts down to one alarm', () => {
    expect(leftS(timer('countdown'), after(15))).toBe(45);
    expect([30, 60, 300].map((s) => ringsBy(timer('countdown'), after(s)))).toEqual([0, 1, 1]);
  });
  it('reminds again and again', () => {
    expect(leftS(timer('reminder', 30), after(70))).toBe(20);
    expect([29, 30, 95].map((s) => ringsBy(timer('reminder', 30), after(s)))).toEqual([0, 1, 3]);
  });
  it('runs without end', () => {
    expect(elapsedS(timer('stopwatch'), after(125))).toBe(125);
    expect(ringsBy(timer('stopwatch'), after(9999))).toBe(0);
  });
  it('is read as a clock', () =>
    expect([0, 5, 65, 3605].map(clock)).toEqual(['0:00', '0:05', '1:05', '1:00:05']));
  it('shows no nonsense however the clock of the device jumps', () => {
    fc.assert(
      fc.property(
        fc.constantFrom<Timer['kind']>('countdown', 'reminder', 'stopwatch'),
        fc.integer({ min: 1, max: 86_400 }),
        fc.double({ min: -1e12, max: 1e12, noNaN: true }),
        (kind, seconds, jump) => {
          const one = timer(kind, seconds);
          const left = leftS(one, 1_000_000 + jump);
          const rings = ringsBy(one, 1_000_000 + jump);
          return left >= 0 && left <= seconds && rings >= 0 && Number.isInteger(rings);
        },
      ),
    );
  });
  it('goes when it was heard, and a reminder falls silent', () => {
    const { started, silenced } = timersSlice.actions;
    const reduce = (kind: Timer['kind']) =>
      timersSlice.reducer(timersSlice.reducer([], started(timer(kind))), silenced('t'));
    expect(reduce('countdown')).toEqual([]);
    expect(reduce('reminder')).toMatchObject([{ stopped: true }]);
  });
});

describe('readings on a schedule', () => {
  it('keep what went wrong until the next one succeeds', () => {
    const capture = {
      id: 'c',
      dayId: 'd',
      where: { workId: 'w', stepId: 's', groupId: null, vessel: null, part: 'test' as const },
      name: 'log',
      quantity: 'temperature' as const,
      instrumentId: 'probe',
      everyS: 30,
      startedAt: 0,
      zeroAt: 0,
      taken: 0,
      trouble: null,
    };
    const { started, took } = capturesSlice.actions;
    const one = capturesSlice.reducer([], started(capture));
    const failed = capturesSlice.reducer(one, took({ id: 'c', taken: 1, trouble: 'unplugged' }));
    expect(failed).toMatchObject([{ taken: 1, trouble: 'unplugged' }]);
    expect(capturesSlice.reducer(failed, took({ id: 'c', taken: 2, trouble: null }))).toMatchObject(
      [{ taken: 2, trouble: null }],
    );
  });
});
