import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { SaveOutcome, SentStep, Unanswered } from '@/core';
import { type Edit, historyOf, ok, type Result } from '@/core';
import { newId } from '@/ui/new-id';
import type { SheetActions, SheetData } from './contract';
import { afterSave, type DocumentState, historyEdit, refreshed, settle, takeStep } from './document-state';
import { keepUnsaved, standFor, takeUnsaved } from './unsaved';

const FIRST_WAIT_MS = 1000;
const LONGEST_WAIT_MS = 15_000;

function clock(): string {
  return new Date().toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });
}

export interface Document {
  readonly state: DocumentState;
  /** Changes the block at once and sends the edit on its way. */
  readonly change: (edit: Edit) => Result<null>;
  readonly undo: () => void;
  readonly redo: () => void;
  readonly settle: (keep: 'mine' | 'theirs') => void;
  readonly refresh: (block: DocumentState['block'], revision: number) => void;
  /** Resolves when nothing is on its way any more, with the confirmed revision. */
  readonly settled: () => Promise<number>;
}

/** Holds a block under edit: applies at once, saves in order, tries again by itself, survives a closed page. */
export function useDocument(data: SheetData, save: SheetActions['save']): Document {
  const [state, setState] = useState<DocumentState>(() => ({
    block: data.block,
    history: historyOf(data.history),
    revision: data.revision,
    pending: [],
    saving: { status: 'saved', at: null },
    notice: null,
    problems: [],
  }));
  const [tab] = useState(newId);
  const begun = useRef(false);
  // The save loop reads the newest state outside of rendering.
  const latest = useRef(state);
  const inFlight = useRef(false);
  const wait = useRef(FIRST_WAIT_MS);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const waiters = useRef<((revision: number) => void)[]>([]);

  const put = useCallback(
    (next: DocumentState) => {
      latest.current = next;
      setState(next);
      keepUnsaved(data.blockId, tab, { base: next.revision, steps: next.pending });
    },
    [data.blockId, tab],
  );

  const flush = useCallback(async () => {
    clearTimeout(timer.current);
    const { pending, revision, saving } = latest.current;
    if (inFlight.current || saving.status === 'collision' || saving.status === 'gone') return;
    if (pending.length === 0) {
      for (const done of waiters.current.splice(0)) done(revision);
      return;
    }
    inFlight.current = true;
    put({ ...latest.current, saving: { status: 'saving' } });
    let answer: SaveOutcome | Unanswered | undefined;
    try {
      answer = await save(revision, pending);
    } catch {
      // The server was not reached at all; the steps stay here and are sent again.
    }
    inFlight.current = false;
    const next =
      answer === undefined
        ? { ...latest.current, saving: { status: 'waiting' as const, because: 'unreachable' as const } }
        : afterSave(latest.current, pending, answer, clock());
    put(next);
    if (next.saving.status === 'waiting') {
      timer.current = setTimeout(flush, wait.current);
      wait.current = Math.min(LONGEST_WAIT_MS, wait.current * 2);
    } else {
      wait.current = FIRST_WAIT_MS;
      void flush();
    }
  }, [put, save]);

  const step = useCallback(
    (made: SentStep): Result<null> => {
      const taken = takeStep(latest.current, made);
      if (!taken.ok) return taken;
      put(taken.value);
      void flush();
      return ok(null);
    },
    [flush, put],
  );

  // What an earlier page could not save is taken up again.
  useEffect(() => {
    if (begun.current) return;
    begun.current = true;
    standFor(data.blockId, tab);
    void takeUnsaved(data.blockId, tab).then((unsaved) => {
      if (unsaved === undefined) return;
      for (const one of unsaved.steps) {
        const taken = takeStep(latest.current, one);
        if (taken.ok) latest.current = taken.value;
      }
      put({ ...latest.current, revision: Math.min(unsaved.base, latest.current.revision) });
      void flush();
    });
  }, [data.blockId, tab, flush, put]);

  useEffect(() => {
    const again = () => void flush();
    window.addEventListener('online', again);
    return () => {
      window.removeEventListener('online', again);
      clearTimeout(timer.current);
    };
  }, [flush]);

  return useMemo(() => {
    const travel = (action: 'undo' | 'redo') => {
      const edit = historyEdit(latest.current, action);
      if (edit !== undefined) step({ id: newId(), action, edit });
    };
    return {
      state,
      change: (edit) => step({ id: newId(), action: 'do', edit }),
      undo: () => travel('undo'),
      redo: () => travel('redo'),
      settle: (keep) => {
        put(settle(latest.current, keep));
        void flush();
      },
      refresh: (block, revision) => put(refreshed(latest.current, block, revision)),
      settled: () =>
        new Promise((resolve) => {
          waiters.current.push(resolve);
          void flush();
        }),
    };
  }, [state, step, put, flush]);
}
