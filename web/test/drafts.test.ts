import { describe, expect, it } from 'vitest';
import { errorSchema } from '@stoichos/core/labday/access';
import { explainError, isUnreachable } from '../src/data/api/explainError';
import { describeView } from '../src/shared/glassware/describeView';
import { outboxSlice } from '../src/data/outbox/outboxSlice';
import { renderHook, waitFor } from '@testing-library/react';
import { useDraftOutcome } from '../src/features/plan/useDraftOutcome';
import { patience } from './support/acts';
import type { MixingDraft } from '../src/features/plan/useMixingDraft';

const draft: MixingDraft = {
  id: crypto.randomUUID(),
  container: 'testTube',
  a: { substance: 'MgSO4', concentrationM: 0.2, volumeMl: 2 },
  b: { substance: 'NaOH', concentrationM: 0.4, volumeMl: 2 },
};

const read = (typed: MixingDraft) => renderHook(() => useDraftOutcome(typed)).result.current;

describe('a test being typed', () => {
  it('is predicted as soon as it is complete', async () => {
    const { result } = renderHook(() => useDraftOutcome(draft));
    expect(result.current.errors).toEqual({});
    expect(result.current.mixing).toEqual(draft);
    await waitFor(
      () => expect(result.current.prediction?.state.solids[0]?.formula).toBe('Mg(OH)2'),
      patience,
    );
  });
  it('is not blamed for what is still empty', () => {
    expect(read({ ...draft, b: { substance: '', concentrationM: '', volumeMl: '' } })).toEqual({
      errors: {},
    });
  });
  it('keeps each substance under its own formula, whatever it was called', () => {
    const { mixing } = read({ ...draft, a: { ...draft.a, substance: 'blue vitriol' } });
    expect(mixing?.a.substance).toBe('CuSO4');
  });
  it('names the field that is wrong', () => {
    const { errors, prediction } = read({
      ...draft,
      a: { ...draft.a, concentrationM: -1 },
    });
    expect(Object.keys(errors)).toEqual(['a.concentrationM']);
    expect(prediction).toBeUndefined();
  });
});

describe('entries on their way', () => {
  const unsent = {
    dayId: 'day',
    entry: {
      id: 'one',
      workId: 't',
      stepId: 'mix',
      vessel: null,
      part: 'test' as const,
      groupId: 'g',
      record: null,
      supersedes: 'zero',
      recordedAt: '',
    },
  };
  const { recorded, sent, unreachable, setAside } = outboxSlice.actions;
  const after = (...actions: Parameters<typeof outboxSlice.reducer>[1][]) =>
    actions.reduce(outboxSlice.reducer, outboxSlice.getInitialState());

  it('wait until they are acknowledged', () => {
    expect(after(recorded(unsent), unreachable())).toMatchObject({
      waiting: [unsent],
      online: false,
    });
    expect(after(recorded(unsent), unreachable(), sent('one'))).toMatchObject({
      waiting: [],
      online: true,
    });
  });
  it('are set aside with the reason when refused', () => {
    expect(after(recorded(unsent), setAside({ ...unsent, reason: 'No.' }))).toMatchObject({
      waiting: [],
      aside: [{ reason: 'No.' }],
    });
  });
});

describe('what went wrong', () => {
  const answered = {
    status: 409,
    data: { error: { code: 'c', message: 'm', field: null, remedy: 'r' } },
  };
  it('is told in the server’s words', () => {
    expect(explainError(answered)).toEqual(errorSchema.parse(answered.data).error);
    expect(isUnreachable(answered)).toBe(false);
  });
  it('is told as no answer otherwise', () => {
    expect(explainError({ status: 'unreachable' }).code).toBe('unreachable');
    expect(isUnreachable({ status: 'unreachable' })).toBe(true);
    expect(isUnreachable({ status: 503 })).toBe(true);
  });
});

describe('a vessel in words', () => {
  it('tells colour and clarity apart', () => {
    expect(
      describeView({ liquidHex: '#fff', colour: 'colourless', clarity: 'cloudy', fill: 0.5 }),
    ).toBe('colourless liquid, cloudy');
    expect(describeView(undefined)).toContain('nothing recorded');
  });

  it('calls a solid a precipitate only in a liquid', () => {
    const dry = {
      liquidHex: '#fff',
      colour: 'colourless',
      clarity: 'clear',
      fill: 0,
      solid: { hex: '#888888', colour: 'grey', amount: 0.2 },
    } as const;
    expect(describeView(dry)).toBe('no liquid, grey solid');
    expect(describeView({ ...dry, fill: 0.5 })).toContain('grey precipitate');
  });
});
