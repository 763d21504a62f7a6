import type { Kept } from '@stoichos/contract';
import { isSame } from '@stoichos/core/common';
import { procedureSchema } from '@stoichos/core/planning/procedure';
import type { Procedure } from '@stoichos/core/planning/procedure';
import { useEffect, useReducer, useState } from 'react';
import * as z from 'zod';
import { kept } from '../../data/kept/kept';

/** What was, what is, and what was undone. */
interface History {
  readonly past: readonly Procedure[];
  readonly present: Procedure;
  readonly future: readonly Procedure[];
  /** What the last change was to, and when: typing on is one change. */
  readonly label?: string;
  readonly at?: number;
}

type Change =
  | { readonly do: 'change'; readonly next: Procedure; readonly label: string; readonly at: number }
  | { readonly do: 'undo' | 'redo' }
  | { readonly do: 'begin'; readonly from: Procedure };

/** Changes to the same thing within this time are one, ms. */
const oneChangeMs = 1500;
/** So many changes can be taken back. */
const mostPast = 100;

function step(history: History, change: Change): History {
  const { past, present, future } = history;
  switch (change.do) {
    case 'undo': {
      const before = past.at(-1);
      return before
        ? { past: past.slice(0, -1), present: before, future: [present, ...future] }
        : history;
    }
    case 'redo': {
      const [next, ...rest] = future;
      return next ? { past: [...past, present], present: next, future: rest } : history;
    }
    case 'begin':
      return { past: [], present: change.from, future: [] };
    case 'change': {
      const goesOn = history.label === change.label && change.at - (history.at ?? 0) < oneChangeMs;
      return {
        past: goesOn ? past : [...past, present].slice(-mostPast),
        present: change.next,
        future: [],
        label: change.label,
        at: change.at,
      };
    }
  }
}

// A draft may be half written: only its shape must hold, not every rule for what is saved.
const shaped = z.custom<Procedure>((value) => isShaped(value));
const draftSchema = z.object({
  /** What it was begun from. Drafts were once kept with the text of it. */
  base: z.preprocess(
    (base) => (typeof base === 'string' ? (JSON.parse(base) as unknown) : base),
    shaped,
  ),
  version: z.number().nullable().default(null),
  procedure: shaped,
});

function isShaped(value: unknown): boolean {
  const read = procedureSchema.safeParse(value);
  // Empty texts are the only thing a draft may lack.
  return read.success || read.error.issues.every(({ code }) => code === 'too_small');
}

/** A procedure being written: kept in this browser until it is saved or given up, with everything undoable. */
export interface ProcedureDraft {
  readonly procedure: Procedure;
  /** What it was begun from; undefined for what is not saved yet. */
  readonly base: Kept<Procedure> | undefined;
  readonly isChanged: boolean;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  /** `label` names what is changed, so that typing on counts as one change. */
  readonly change: (part: Partial<Procedure>, label: string) => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** Back to what is saved; it too can be undone. */
  readonly giveUp: () => void;
  /** After saving: nothing is left to keep here. */
  readonly forget: () => void;
}

interface Begun {
  readonly procedure: Procedure;
  readonly version: number | null;
}

/**
 * A draft stays what it was begun from, however often that is saved by somebody else meanwhile: the two are brought together when it is
 * saved.
 *
 * @param key where the draft lies in the browser’s storage.
 */
export function useProcedureDraft(key: string, saved: Begun): ProcedureDraft {
  const box = kept(key, draftSchema.nullable(), null);
  const [begun, setBegun] = useState<Begun>(() => {
    const draft = box.read();
    // What was begun before versions were counted stands on what is saved if that is still the same.
    return draft ? { procedure: draft.base, version: draft.version ?? saved.version } : saved;
  });
  const [history, dispatch] = useReducer(step, begun.procedure, (from): History => {
    return { past: [], present: box.read()?.procedure ?? from, future: [] };
  });
  const { past, present, future } = history;
  const isChanged = !isSame(present, begun.procedure);
  const isAsSaved = !isChanged || isSame(present, saved.procedure);
  if (isAsSaved && (begun.version !== saved.version || !isSame(begun.procedure, saved.procedure))) {
    // Nothing was written that is not saved: it follows what is.
    setBegun(saved);
    dispatch({ do: 'begin', from: saved.procedure });
  }
  useEffect(() => {
    const { procedure: base, version } = begun;
    if (isChanged) box.write({ base, version, procedure: present });
    else box.forget();
  }, [box, begun, present, isChanged]);
  return {
    procedure: present,
    base: begun.version === null ? undefined : { ...begun.procedure, version: begun.version },
    isChanged,
    canUndo: past.length > 0,
    canRedo: future.length > 0,
    change: (part, label) =>
      dispatch({ do: 'change', next: { ...present, ...part }, label, at: Date.now() }),
    undo: () => dispatch({ do: 'undo' }),
    redo: () => dispatch({ do: 'redo' }),
    giveUp: () =>
      dispatch({ do: 'change', next: begun.procedure, label: 'given up', at: Date.now() }),
    forget: box.forget,
  };
}
