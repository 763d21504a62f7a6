import { expect, it } from 'vitest';
import { procedureFrom } from '../src/features/library/procedureFrom';

it('a kept sequence becomes steps that take the time they took', () => {
  const { steps } = procedureFrom({
    id: 'a',
    name: 'Blue bottle',
    keptAt: '2026-11-26T10:00:00Z',
    rack: {
      vessels: [{ name: 'B', container: 'bottle' }],
      events: [
        { vessel: 'B', action: { do: 'wait', minutes: 4.5 } },
        { vessel: 'B', action: { do: 'shakeWithAir' } },
      ],
    },
  });
  expect(steps.map(({ minutes, attended }) => [minutes, attended])).toEqual([
    [5, false],
    [2, true],
  ]);
});
