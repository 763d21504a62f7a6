import { procedureSchema } from '@stoichos/core/planning/procedure';
import type { Procedure } from '@stoichos/core/planning/procedure';
import { useEffect, useReducer } from 'react';
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
  | { readonly do: 'undo' | 'redo' };

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
const draftSchema = z.looseObject({
  base: z.string(),
  procedure: z.custom<Procedure>((value) => isShaped(value)),
});

function isShaped(value: unknown): boolean {
  const read = procedureSchema.safeParse(value);
  // Empty texts are the only thing a draft may lack.
  return read.success || read.error.issues.every(({ code }) => code === 'too_small');
}

/** A procedure being written: kept in this browser until it is saved or given up, with everything undoable. */
export interface ProcedureDraft {
  readonly procedure: Procedure;
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

/** @param key where the draft lies in the browser’s storage. */
export function useProcedureDraft(key: string, saved: Procedure): ProcedureDraft {
  const base = JSON.stringify(saved);
  const box = kept(key, draftSchema.nullable(), null);
  const [history, dispatch] = useReducer(step, saved, (from): History => {
    const draft = box.read();
    return { past: [], present: draft?.base === base ? draft.procedure : from, future: [] };
  });
  const { past, present, future } = history;
  const isChanged = JSON.stringify(present) !== base;
  useEffect(() => {
    if (isChanged) box.write({ base, procedure: present });
    else box.forget();
  }, [box, base, present, isChanged]);
  return {
    procedure: present,
    isChanged,
    canUndo: past.length > 0,
    canRedo: future.length > 0,
    change: (part, label) =>
      dispatch({ do: 'change', next: { ...present, ...part }, label, at: Date.now() }),
    undo: () => dispatch({ do: 'undo' }),
    redo: () => dispatch({ do: 'redo' }),
    giveUp: () => dispatch({ do: 'change', next: saved, label: 'given up', at: Date.now() }),
    forget: box.forget,
  };
}
