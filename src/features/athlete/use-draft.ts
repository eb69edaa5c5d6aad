import { useCallback, useEffect, useMemo, useState } from 'react';
import type { Athlete } from '@/core';
import { useUnread } from '@/ui/use-unread';
import { problemSentence } from '@/ui/words/problems';
import type { AthleteActions, AthleteData } from './contract';
import { changedFields, type Draft, draftOf, draftProblems, rebased } from './draft';
import { type DecodeAthlete, useDecoder } from './use-decoder';

const keyOf = (id: string) => `ladder/athlete/${id}`;

/** A change that an earlier page of this tab left unkept. */
function leftOver(data: AthleteData, decode: DecodeAthlete): Draft | undefined {
  try {
    const text = sessionStorage.getItem(keyOf(data.athlete.id));
    if (text === null) return undefined;
    const left = JSON.parse(text) as { base: unknown; mine: unknown; revision: number };
    const [base, mine] = [decode(left.base), decode(left.mine)];
    if (!base.ok || !mine.ok) return undefined;
    const draft: Draft = { base: base.value, mine: mine.value, revision: left.revision, collisions: [] };
    return rebased(draft, data.athlete, data.revision);
  } catch {
    return undefined;
  }
}

/** The athlete under edit: nothing is kept before the coach says so, and nothing typed is lost by a reload. */
export function useDraft(data: AthleteData, save: AthleteActions['save']) {
  const [draft, setDraft] = useState<Draft>(() => draftOf(data.athlete, data.revision));
  const { count: unread, report: reportUnread, forget: forgetUnread } = useUnread();
  const [generation, setGeneration] = useState(0);
  const [status, setStatus] = useState<'idle' | 'saving' | 'saved'>('idle');
  const [message, setMessage] = useState<string | null>(null);

  const decode = useDecoder();
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when what is left can be read
  useEffect(() => {
    if (decode === null) return;
    const left = leftOver(data, decode);
    if (left === undefined || changedFields(left).length === 0) return;
    setDraft((now) => (changedFields(now).length === 0 ? left : now));
    setGeneration(1);
  }, [decode]);

  const changed = useMemo(() => changedFields(draft), [draft]);
  const dirty = changed.length > 0 || unread > 0;
  useEffect(() => {
    // What an earlier page left stays until it has been read.
    if (decode === null) return;
    try {
      if (dirty) sessionStorage.setItem(keyOf(draft.base.id), JSON.stringify(draft));
      else sessionStorage.removeItem(keyOf(draft.base.id));
    } catch {
      // Storage is full or forbidden: the draft still stands on this page.
    }
  }, [draft, dirty, decode]);

  const change = useCallback((part: Partial<Athlete>) => {
    setStatus('idle');
    setDraft((before) => ({ ...before, mine: { ...before.mine, ...part } }));
  }, []);
  const problems = useMemo(
    () => (decode === null ? new Map<string, never>() : draftProblems(draft, decode)),
    [draft, decode],
  );

  const keep = async () => {
    if (changed.length === 0 || status === 'saving' || unread > 0 || problems.size > 0) return;
    setStatus('saving');
    setMessage(null);
    const outcome = await save(draft.mine, draft.revision).catch(() => ({ status: 'unavailable' as const }));
    setStatus(outcome.status === 'saved' ? 'saved' : 'idle');
    switch (outcome.status) {
      case 'saved': {
        const decoded = decode?.(draft.mine);
        setDraft(draftOf(decoded?.ok ? decoded.value : draft.mine, outcome.revision));
        return;
      }
      case 'stale': {
        const next = rebased(draft, outcome.theirs, outcome.revision);
        setDraft(next);
        setGeneration((one) => one + 1);
        setMessage(
          next.collisions.length === 0
            ? 'The athlete was changed elsewhere meanwhile; both changes stand here now. Look, then keep.'
            : `Changed elsewhere meanwhile too: ${next.collisions.join(', ')}. Keeping saves what stands here.`,
        );
        return;
      }
      case 'refused':
        setMessage(outcome.problems.map(problemSentence).join(' '));
        return;
      case 'signed out':
        setMessage('You are signed out. Sign in again in another tab, then keep.');
        return;
      case 'unavailable':
        setMessage('The server does not answer just now. Nothing is lost; please try again in a moment.');
        return;
      case 'malformed':
      case 'gone':
        setMessage('This athlete is no longer there.');
    }
  };

  const discard = () => {
    setDraft((before) => draftOf(before.base, before.revision));
    forgetUnread();
    setGeneration((one) => one + 1);
    setMessage(null);
  };

  /** Takes in what was kept by another door: a body weight that was measured. */
  const adopt = useCallback((revision: number, part: Partial<Athlete>) => {
    setDraft((before) => rebased(before, { ...before.base, ...part }, revision));
  }, []);

  const problemAt = (path: string): string | undefined => {
    const problem = problems.get(path);
    return problem === undefined ? undefined : problemSentence(problem);
  };

  return {
    decode,
    draft,
    athlete: draft.mine,
    change,
    keep,
    discard,
    adopt,
    dirty,
    keepable: changed.length > 0 && unread === 0 && problems.size === 0 && status !== 'saving',
    unread,
    problems,
    problemAt,
    reportUnread,
    generation,
    status,
    message,
  };
}

export type DraftTools = ReturnType<typeof useDraft>;
