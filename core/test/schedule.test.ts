import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ChemistryError } from '../src/common/errors';
import { brokenRules } from '../src/planning/schedule/brokenRules';
import { schedule } from '../src/planning/schedule/schedule';
import type { ScheduleRequest, Task } from '../src/planning/schedule/timetable';

/** A job shop as published: one row for each job, machine and minutes by turns. */
function jobShop(rows: readonly string[]): ScheduleRequest {
  const jobs = rows.map((row) => row.split(' ').map(Number));
  const tasks = jobs.flatMap((numbers, job) =>
    numbers.flatMap((machine, at): Task[] =>
      at % 2 === 1
        ? []
        : [
            {
              id: `${job}.${at / 2}`,
              minutes: numbers[at + 1] ?? 0,
              attended: false,
              uses: { [`machine ${machine}`]: 1 },
              after: at === 0 ? [] : [`${job}.${at / 2 - 1}`],
            },
          ],
    ),
  );
  const machines = Object.keys(Object.assign({}, ...tasks.map(({ uses }) => uses)) as object);
  return { tasks, kit: Object.fromEntries(machines.map((name) => [name, 1])), people: 0 };
}

describe('published problems', () => {
  it('finds and proves the optimum of Fisher and Thompson’s 6 × 6 job shop (1963): 55', () => {
    const request = jobShop([
      '2 1 0 3 1 6 3 7 5 3 4 6',
      '1 8 2 5 4 10 5 10 0 10 3 4',
      '2 5 3 4 5 8 0 9 1 1 4 7',
      '1 5 0 5 2 5 3 3 4 8 5 9',
      '2 9 1 3 4 5 5 4 0 3 3 1',
      '1 3 3 3 5 9 0 10 4 4 2 1',
    ]);
    expect(schedule(request)).toMatchObject({ makespanMin: 55, lowerBoundMin: 55, optimal: true });
  });

  it('finds and proves the optimum of Lawrence’s LA01 (1984), 50 tasks: 666', () => {
    const request = jobShop([
      '1 21 0 53 4 95 3 55 2 34',
      '0 21 3 52 4 16 2 26 1 71',
      '3 39 4 98 1 42 2 31 0 12',
      '1 77 0 55 4 79 2 66 3 77',
      '0 83 3 34 2 64 1 19 4 37',
      '1 54 2 43 4 79 0 92 3 62',
      '3 69 4 77 1 87 2 87 0 93',
      '2 38 0 60 1 41 3 24 4 83',
      '3 17 1 49 4 25 0 44 2 98',
      '4 77 3 79 2 43 1 75 0 96',
    ]);
    const timetable = schedule(request);
    expect(timetable).toMatchObject({ makespanMin: 666, lowerBoundMin: 666 });
    expect(brokenRules(request, timetable.tasks)).toEqual([]);
  });
});

const task = fc.record({
  minutes: fc.integer({ min: 1, max: 4 }),
  attended: fc.boolean(),
  plate: fc.integer({ min: 0, max: 1 }),
  link: fc.integer({ min: -1, max: 3 }),
  minWaitMin: fc.integer({ min: 0, max: 2 }),
  slack: fc.option(fc.integer({ min: 0, max: 3 }), { nil: undefined }),
});
const small = fc.array(task, { minLength: 2, maxLength: 4 }).map((rows): ScheduleRequest => ({
  people: 1,
  kit: { plate: 1 },
  tasks: rows.map(({ minutes, attended, plate, link, minWaitMin, slack }, at) => ({
    id: `t${at}`,
    minutes,
    attended,
    uses: { plate },
    after:
      link >= 0 && link < at
        ? [
            {
              id: `t${link}`,
              minWaitMin,
              ...(slack !== undefined && { maxWaitMin: minWaitMin + slack }),
            },
          ]
        : [],
  })),
}));

/** The shortest timetable by trying every start, minute by minute; undefined when there is none within 24 min. */
function byTrying(request: ScheduleRequest): number | undefined {
  const horizon = 24;
  let best: number | undefined;
  const starts: number[] = [];
  const visit = (at: number): void => {
    const row = request.tasks[at];
    if (!row) {
      const timed = request.tasks.map(({ id, minutes }, k) => ({
        id,
        startMin: starts[k] ?? 0,
        endMin: (starts[k] ?? 0) + minutes,
      }));
      if (brokenRules(request, timed).length > 0) return;
      const length = Math.max(...timed.map(({ endMin }) => endMin));
      best = Math.min(best ?? Infinity, length);
      return;
    }
    for (
      let start = 0;
      start + row.minutes <= Math.min(horizon, (best ?? horizon + 1) - 1);
      start += 1
    ) {
      starts[at] = start;
      visit(at + 1);
    }
  };
  visit(0);
  return best;
}

describe('against trying everything', () => {
  it('agrees on the shortest timetable of up to four tasks', () => {
    fc.assert(
      fc.property(small, (request) => {
        const shortest = byTrying(request);
        if (shortest === undefined) {
          expect(() => schedule(request)).toThrow(ChemistryError);
          return;
        }
        const found = schedule(request);
        expect(found).toMatchObject({ makespanMin: shortest, optimal: true });
        expect(brokenRules(request, found.tasks)).toEqual([]);
      }),
      { numRuns: 120, seed: 11 },
    );
  });
});

/** Groups side by side, each with a chain of steps: as a class is. */
function classOf(groups: number, seed: number): ScheduleRequest {
  let state = seed;
  const random = (most: number): number => {
    state = (state * 16_807) % 2_147_483_647;
    return state % most;
  };
  const tasks = Array.from({ length: groups }, (_, group) =>
    Array.from({ length: 6 }, (__, step): Task => ({
      id: `${group}.${step}`,
      minutes: 1 + random(11),
      attended: random(10) < 5,
      group: `Bench ${group}`,
      uses: random(10) < 4 ? { 'hot plate': 1 } : { balance: random(10) < 5 ? 1 : 0 },
      after:
        step === 0
          ? []
          : [{ id: `${group}.${step - 1}`, ...(random(10) < 3 && { maxWaitMin: 6 }) }],
    })),
  ).flat();
  return { tasks, kit: { 'hot plate': 3, balance: 2 }, people: 3 };
}

describe('larger classes', () => {
  it.each([1, 2, 3])('keeps 60 tasks within 5 % of their bound (class %i)', (seed) => {
    const request = classOf(10, seed);
    const { tasks, makespanMin, lowerBoundMin } = schedule(request);
    expect(brokenRules(request, tasks)).toEqual([]);
    expect(makespanMin).toBeLessThanOrEqual(1.05 * lowerBoundMin);
  });

  it.each([1, 2, 3, 4, 5, 6])('proves 12 tasks optimal (class %i)', (seed) => {
    const request = classOf(2, seed);
    const { tasks, optimal } = schedule(request);
    expect(optimal).toBe(true);
    expect(brokenRules(request, tasks)).toEqual([]);
  });

  it('gives the same timetable for the same request', () => {
    const request = classOf(4, 9);
    expect(schedule(request)).toEqual(schedule(request));
  });

  it('stops when told to, with the best it has', () => {
    const request = classOf(10, 2);
    const shares: number[] = [];
    const { tasks } = schedule(request, (share) => shares.push(share) < 3);
    expect(shares).toHaveLength(3);
    expect(brokenRules(request, tasks)).toEqual([]);
  });
});

describe('links and needs', () => {
  const heat: Task = { id: 'heat', minutes: 8, attended: false, uses: { 'hot plate': 1 } };

  it('leaves a person free while something waits, and waits out a cooling', () => {
    const timetable = schedule({
      tasks: [
        heat,
        { id: 'weigh', minutes: 2, attended: true, after: [{ id: 'heat', minWaitMin: 3 }] },
        { id: 'test', minutes: 5, attended: true },
      ],
      kit: { 'hot plate': 1 },
      people: 1,
    });
    expect(timetable.makespanMin).toBe(13);
  });

  it('keeps a task where a hand put it, and arranges the rest around it', () => {
    const request: ScheduleRequest = {
      tasks: [
        { ...heat, startMin: 4.5 },
        { ...heat, id: 'second' },
        { ...heat, id: 'third' },
      ],
      kit: { 'hot plate': 1 },
      people: 0,
    };
    const { tasks, makespanMin } = schedule(request);
    expect(tasks[0]).toEqual({ id: 'heat', startMin: 4.5, endMin: 12.5 });
    expect(makespanMin).toBe(28.5);
    expect(brokenRules(request, tasks)).toEqual([]);
  });

  it.each<[string, ScheduleRequest, RegExp, string]>([
    [
      'a link to nothing',
      { tasks: [{ ...heat, after: ['cool'] }], kit: { 'hot plate': 1 }, people: 1 },
      /waits for “cool”, which is no task/,
      'tasks.0.after.0',
    ],
    [
      'a circle',
      {
        tasks: [
          { ...heat, after: ['b'] },
          { ...heat, id: 'b', after: ['heat'] },
        ],
        kit: { 'hot plate': 2 },
        people: 1,
      },
      /wait for each other/,
      'tasks.0.after',
    ],
    [
      'kit that is not there',
      { tasks: [heat], kit: {}, people: 1 },
      /not in the kit/,
      'tasks.0.uses',
    ],
    [
      'more kit than there is',
      { tasks: [{ ...heat, uses: { 'hot plate': 3 } }], kit: { 'hot plate': 2 }, people: 1 },
      /uses 3 of hot plate; there are 2/,
      'tasks.0.uses',
    ],
    [
      'nobody to attend',
      { tasks: [{ id: 'stir', minutes: 1, attended: true }], people: 0 },
      /needs a person/,
      'people',
    ],
    [
      'two tasks of one name',
      { tasks: [heat, heat], kit: { 'hot plate': 1 }, people: 1 },
      /Two tasks are called “heat”/,
      'tasks.1.id',
    ],
    [
      'a longest wait that people make impossible',
      {
        tasks: [
          { id: 'a', minutes: 5, attended: false },
          { id: 'b', minutes: 3, attended: true, after: [{ id: 'a', maxWaitMin: 0 }] },
          { id: 'c', minutes: 3, attended: true, after: [{ id: 'a', maxWaitMin: 0 }] },
        ],
        people: 1,
      },
      /No timetable was found/,
      'tasks',
    ],
  ])('refuses %s', (_, request, message, field) => {
    expect(() => schedule(request)).toThrow(
      expect.objectContaining({
        code: 'noTimetable',
        message: expect.stringMatching(message),
        field,
      }),
    );
  });
});
