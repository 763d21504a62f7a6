import { describe, expect, it } from 'vitest';
import { departuresFrom } from '../src/planning/procedure/departures';
import {
  moveStep,
  orderProblems,
  shortText,
  unmetBefore,
} from '../src/planning/procedure/orderGuard';
import { procedureProblems } from '../src/planning/procedure/procedureProblems';
import { blankStep, procedureSchema } from '../src/planning/procedure/procedure';
import type { Procedure, Step as ProcedureStep } from '../src/planning/procedure/procedure';
import { brokenRules } from '../src/planning/schedule/brokenRules';
import type { ScheduleRequest, TimedTask } from '../src/planning/schedule/timetable';
import { shipped } from './support/day';

const step = (id: string, text: string, part: Partial<ProcedureStep> = {}): ProcedureStep => ({
  ...blankStep(id),
  text,
  ...part,
});
const weigh = step('weigh', 'Weigh the empty dish');
const heat = step('heat', 'Heat the dish gently; keep the flame moving', {
  needs: [{ step: 'weigh', because: 'its mass is needed' }],
});
const cool = step('cool', 'Let it cool', { after: [{ step: 'heat' }] });
const procedure = (steps: readonly ProcedureStep[]): Procedure =>
  procedureSchema.parse({ ...shipped('crystal-water-by-mass'), analyses: [], steps });

describe('the order of steps', () => {
  it('is kept where what is needed comes before', () =>
    expect(orderProblems([weigh, heat, cool])).toEqual([]));

  it('names what is needed and comes later, with the reason', () => {
    const [problem, ...others] = orderProblems([heat, weigh, cool]);
    expect(others).toEqual([]);
    expect(problem).toMatchObject({ stepId: 'heat', needed: 'weigh' });
    expect(problem?.message).toBe(
      '“Heat the dish gently” needs “Weigh the empty dish” first, which comes later: its mass is needed.',
    );
  });

  it('names what is needed and gone', () =>
    expect(orderProblems([heat, cool])[0]?.message).toMatch(/needs “weigh” first, which is gone/));

  it('names a step that follows one which comes later or is gone', () => {
    expect(orderProblems([weigh, cool, heat]).map(({ message }) => message)).toEqual([
      '“Let it cool” follows “Heat the dish gently”, which comes later.',
    ]);
    expect(orderProblems([weigh, cool])[0]?.message).toMatch(/follows “heat”, which is gone/);
  });
});

describe('what a step at the bench waits for', () => {
  const steps = [weigh, heat, cool];

  it('is what it needs and what it follows, until that is done', () => {
    expect(unmetBefore(steps, 'heat', new Set())).toEqual([
      { step: weigh, because: 'its mass is needed' },
    ]);
    expect(unmetBefore(steps, 'cool', new Set(['weigh']))).toEqual([
      { step: heat, because: 'it follows that step' },
    ]);
    expect(unmetBefore(steps, 'heat', new Set(['weigh']))).toEqual([]);
  });

  it('is said once, where it is both', () => {
    const both = step('both', 'Weigh it again', {
      needs: [{ step: 'cool', because: 'a hot dish weighs less' }],
      after: [{ step: 'cool' }],
    });
    expect(unmetBefore([...steps, both], 'both', new Set())).toEqual([
      { step: cool, because: 'a hot dish weighs less' },
    ]);
  });

  it('is nothing for a step that is not there', () =>
    expect(unmetBefore(steps, 'nowhere', new Set())).toEqual([]));
});

describe('steps that are moved', () => {
  it.each([
    [0, 2, ['b', 'c', 'a']],
    [2, 0, ['c', 'a', 'b']],
    [1, 1, ['a', 'b', 'c']],
    [9, 0, ['a', 'b', 'c']],
  ])('from %d to %d', (from, to, order) =>
    expect(moveStep(['a', 'b', 'c'], from, to)).toEqual(order),
  );
});

describe('a step by a few words', () => {
  it.each([
    ['Weigh the dish. Write it down.', 'Weigh the dish'],
    ['Heat; do not boil', 'Heat'],
    ['pH: dip a strip', 'pH: dip a strip'],
    ['Add 0.5 mL of the acid', 'Add 0.5 mL of the acid'],
    [
      'Pour the warm solution through a folded filter paper into a clean beaker',
      'Pour the warm solution through a folded filter p…',
    ],
  ])('“%s” is “%s”', (text, words) => {
    const short = shortText({ text });
    if (words.endsWith('…')) {
      expect(short.endsWith('…')).toBe(true);
      expect(short.length).toBeLessThanOrEqual(49);
    } else expect(short).toBe(words);
  });
});

describe('what keeps a procedure from being saved', () => {
  it('is nothing where it is whole', () =>
    expect(procedureProblems(procedure([weigh, heat, cool]))).toEqual([]));

  it('names the step that lacks its words', () => {
    const problems = procedureProblems({ ...procedure([weigh]), steps: [weigh, step('new', '')] });
    expect(problems).toHaveLength(1);
    expect(problems[0]).toMatch(/^Step 2: /);
  });

  it('names a missing name, and what is out of order', () => {
    const problems = procedureProblems({
      ...procedure([weigh]),
      name: '',
      steps: [heat, weigh],
    });
    expect(problems.some((one) => one.includes('which comes later'))).toBe(true);
    expect(problems.length).toBe(2);
  });

  it('says each thing once', () => {
    const problems = procedureProblems({
      ...procedure([weigh]),
      steps: [step('a', ''), step('b', '')],
    });
    expect(new Set(problems).size).toBe(problems.length);
  });
});

describe('where an adapted procedure departs', () => {
  const original = procedure([
    weigh,
    step('pour', 'Pour the acid in', {
      minutes: 3,
      caution: 'Goggles on.',
      events: [
        {
          vessel: 'dish',
          action: { do: 'add', portion: { substance: 'HCl', concentrationM: 1, volumeMl: 5 } },
        },
      ],
    }),
    step('wait', 'Leave it', { minutes: 10, attended: false }),
  ]);
  const [, pour, wait] = original.steps;
  const told = (steps: readonly ProcedureStep[]) =>
    departuresFrom(original, { ...original, steps: [...steps] }).map(({ message }) => message);
  if (!pour || !wait) throw new Error('No steps.');

  it('is nowhere where nothing was changed', () => expect(told(original.steps)).toEqual([]));

  it('is a step left out or added', () => {
    expect(told([weigh, pour])).toEqual(['left out: “Leave it”']);
    expect(told([...original.steps, cool])).toEqual(['added: “Let it cool”']);
  });

  it('is a time, and whether somebody stays with it', () =>
    expect(told([weigh, pour, { ...wait, minutes: 5, attended: true }])).toEqual([
      '5 min instead of 10 min',
      'somebody stays with it',
    ]));

  it('is an amount, told as what instead of what', () =>
    expect(
      told([
        weigh,
        {
          ...pour,
          events: [
            {
              vessel: 'dish',
              action: { do: 'add', portion: { substance: 'HCl', concentrationM: 1, volumeMl: 8 } },
            },
          ],
        },
        wait,
      ]),
    ).toEqual(['dish: added 8 mL 1 M HCl instead of dish: added 5 mL 1 M HCl']));

  it('is a caution that was taken out', () => {
    const bare = Object.fromEntries(Object.entries(pour).filter(([name]) => name !== 'caution'));
    expect(told([weigh, bare as unknown as ProcedureStep, wait])).toEqual([
      'its caution was taken out',
    ]);
  });

  it('is other words, where nothing else is different', () =>
    expect(told([{ ...weigh, text: 'Put the dish on the balance' }, pour, wait])).toEqual([
      'worded differently',
    ]));

  it('is another order', () =>
    expect(told([pour, weigh, wait])).toEqual([
      '“Pour the acid in” now comes before “Weigh the empty dish”',
    ]));

  it('is another vessel', () => {
    const [first, ...others] = original.vessels;
    if (!first) throw new Error('No vessel.');
    const other = first.container === 'beaker' ? 'flask' : 'beaker';
    const messages = departuresFrom(original, {
      ...original,
      vessels: [{ ...first, container: other }, ...others],
    }).map(({ message }) => message);
    expect(messages).toEqual([`${first.name}: another vessel than in the original`]);
  });
});

describe('a timetable that was moved by hand', () => {
  const request: ScheduleRequest = {
    people: 1,
    kit: { balance: 1 },
    tasks: [
      { id: 'a', minutes: 5, attended: true, uses: { balance: 1 }, after: [] },
      {
        id: 'b',
        minutes: 10,
        attended: false,
        uses: {},
        after: [{ id: 'a', minWaitMin: 2, maxWaitMin: 6 }],
      },
      { id: 'c', minutes: 5, attended: true, uses: { balance: 1 }, after: [], startMin: 20 },
    ],
  };
  const timed = (a: number, b: number, c: number): TimedTask[] => [
    { id: 'a', startMin: a, endMin: a + 5 },
    { id: 'b', startMin: b, endMin: b + 10 },
    { id: 'c', startMin: c, endMin: c + 5 },
  ];
  const told = (...at: [number, number, number]) =>
    brokenRules(request, timed(...at)).map(({ message }) => message);

  it('breaks no rule where it keeps them all', () => expect(told(0, 7, 20)).toEqual([]));

  it('may start too soon or too late after another', () => {
    expect(told(0, 6, 20)).toEqual(['b starts too soon after a']);
    expect(told(0, 12, 20)).toEqual(['b starts too late after a']);
  });

  it('may move what a hand put somewhere', () =>
    expect(told(0, 7, 22)).toEqual(['c does not start at 20 min']));

  it('may ask for one person, or one balance, twice', () =>
    expect(told(18, 25, 20).filter((one) => one.includes('in use'))).toEqual([
      '2 of 1 people in use when c starts',
      '2 of 1 balance in use when c starts',
    ]));

  it('may lack a task, or cut one short', () => {
    const [a, b] = timed(0, 7, 20);
    if (!a || !b) throw new Error('No tasks.');
    const messages = brokenRules(request, [a, { ...b, endMin: 12 }]).map(({ message }) => message);
    expect(messages).toContain('c is not in the timetable');
    expect(messages).toContain('b does not last 10 min');
  });
});
