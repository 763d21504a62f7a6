import type { RackEvent } from '@stoichos/core/seeing/rack';
import { describe, expect, it } from 'vitest';
import {
  cleared,
  copied,
  chosen,
  did,
  nextName,
  opened,
  rackSlice,
  redone,
  undone,
  vesselAdded,
} from '../../src/data/rack/rackSlice';

const { reducer, getInitialState } = rackSlice;
type Action = Parameters<typeof reducer>[1];
const after = (...actions: Action[]) => actions.reduce(reducer, getInitialState());
const put = (vessel: string, substance: string): RackEvent => ({
  vessel,
  action: { do: 'add', portion: { substance, concentrationM: 0.1, volumeMl: 2 } },
});
const silver = put('A', 'AgNO3');
const salt = put('A', 'NaCl');

describe('a rack of vessels', () => {
  it('begins as one empty test tube', () =>
    expect(getInitialState().present).toEqual({
      vessels: [{ name: 'A', container: 'testTube' }],
      events: [],
    }));

  it('keeps what is done in order', () =>
    expect(after(did(silver), did(salt)).present.events).toEqual([silver, salt]));

  it('is undone and done again, step by step', () => {
    const back = after(did(silver), did(salt), undone());
    expect(back.present.events).toEqual([silver]);
    expect(reducer(back, redone()).present.events).toEqual([silver, salt]);
  });

  it('cannot be undone before its beginning, nor done again beyond its end', () => {
    expect(after(undone())).toEqual(getInitialState());
    expect(after(did(silver), redone()).present.events).toEqual([silver]);
  });

  it('gives up what was undone once something else is done', () =>
    expect(after(did(silver), undone(), did(salt), redone()).present.events).toEqual([salt]));

  it('names a new vessel by the next free letter, and acts on it', () => {
    const { present, chosen: name } = after(vesselAdded('beaker'));
    expect([present.vessels.at(-1), name]).toEqual([{ name: 'B', container: 'beaker' }, 'B']);
    expect(nextName(present)).toBe('C');
  });

  it('acts on a vessel that is there, also after undoing the one that was chosen', () =>
    expect(after(vesselAdded('beaker'), chosen('B'), undone()).chosen).toBe('A'));

  it('acts on the vessel that was poured into', () => {
    const pour: RackEvent = { from: 'A', into: 'B' } as never;
    expect(after(vesselAdded('beaker'), chosen('A'), did(pour)).chosen).toBe('B');
  });

  it('copies a vessel as a control, with all that was put into it', () => {
    const { present } = after(did(silver), did(salt), copied('control'));
    expect(present.vessels.at(-1)?.name).toBe('B control');
    expect(present.events.slice(2)).toEqual([
      { ...silver, vessel: 'B control' },
      { ...salt, vessel: 'B control' },
    ]);
  });

  it('copies one as a blank, with water in place of the last reagent', () => {
    const { present } = after(did(silver), did(salt), copied('blank'));
    expect(present.events.at(-1)).toMatchObject({
      vessel: 'B blank',
      action: { do: 'add', portion: { substance: 'water', volumeMl: 2 } },
    });
  });

  it('copies nothing of an empty vessel', () =>
    expect(after(copied('control'))).toEqual(getInitialState()));

  it('is cleared, and the clearing can be undone', () => {
    const empty = after(did(silver), cleared());
    expect(empty.present.events).toEqual([]);
    expect(reducer(empty, undone()).present.events).toEqual([silver]);
  });

  it('is opened as another one', () => {
    const other = { vessels: [{ name: 'Jug', container: 'beaker' as const }], events: [] };
    expect(after(opened(other))).toMatchObject({ present: other, chosen: 'Jug' });
  });
});
