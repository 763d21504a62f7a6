import { act, renderHook } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import * as z from 'zod';
import { kept } from '../../src/data/kept/kept';
import { useKept } from '../../src/data/kept/useKept';

const counted = z.object({ drops: z.number() });
let keys = 0;
/** Boxes are known by their key for as long as the window stands, so each test has its own. */
const anyKey = () => `test.${(keys += 1)}`;

afterEach(() => vi.restoreAllMocks());

describe('what this browser keeps', () => {
  it('begins with what it is given where nothing is kept', () => {
    expect(kept(anyKey(), counted, { drops: 0 }).read()).toEqual({ drops: 0 });
  });

  it('comes back after a reload', () => {
    const key = anyKey();
    localStorage.setItem(key, '{"drops":7}');
    expect(kept(key, counted, { drops: 0 }).read()).toEqual({ drops: 7 });
  });

  it.each([
    ['no JSON', '{"drops":'],
    ['JSON of another shape', '{"drops":"seven"}'],
  ])('begins afresh where it finds %s', (_, text) => {
    const key = anyKey();
    localStorage.setItem(key, text);
    expect(kept(key, counted, { drops: 0 }).read()).toEqual({ drops: 0 });
  });

  it('is the same object until it changes, so that nothing is drawn anew for nothing', () => {
    const box = kept(anyKey(), counted, { drops: 0 });
    box.write({ drops: 3 });
    expect(box.read()).toBe(box.read());
  });

  it('stays on the screen where the browser keeps nothing', () => {
    const box = kept(anyKey(), counted, { drops: 0 });
    vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
      throw new Error('a private window');
    });
    box.write({ drops: 4 });
    expect(box.read()).toEqual({ drops: 4 });
  });

  it('ends with the window where that is asked for', () => {
    const key = anyKey();
    kept(key, counted, { drops: 0 }, 'session').write({ drops: 5 });
    expect([localStorage.getItem(key), sessionStorage.getItem(key)]).toEqual([null, '{"drops":5}']);
  });

  it('is forgotten when it is no longer needed', () => {
    const key = anyKey();
    const box = kept(key, counted, { drops: 0 });
    box.write({ drops: 6 });
    box.forget();
    expect([box.read(), localStorage.getItem(key)]).toEqual([{ drops: 0 }, null]);
  });
});

describe('a part of the page that uses it', () => {
  it('follows what another part changes', () => {
    const key = anyKey();
    const one = renderHook(() => useKept(key, counted, { drops: 0 }));
    const other = renderHook(() => useKept(key, counted, { drops: 0 }));
    act(() => one.result.current[1]({ drops: 2 }));
    expect(other.result.current[0]).toEqual({ drops: 2 });
  });

  it('follows another window', () => {
    const key = anyKey();
    const { result } = renderHook(() => useKept(key, counted, { drops: 0 }));
    act(() => {
      localStorage.setItem(key, '{"drops":9}');
      window.dispatchEvent(new StorageEvent('storage', { key }));
    });
    expect(result.current[0]).toEqual({ drops: 9 });
  });

  it('counts two changes at once as two', () => {
    const { result } = renderHook(() => useKept(anyKeyOnce, counted, { drops: 0 }));
    act(() => {
      result.current[1](({ drops }) => ({ drops: drops + 1 }));
      result.current[1](({ drops }) => ({ drops: drops + 1 }));
    });
    expect(result.current[0]).toEqual({ drops: 2 });
  });
});
const anyKeyOnce = anyKey();
