import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { AthleteDraft, changedFields, type DraftNotice, draftProblems } from '@/client/athlete-draft';
import { browserStore } from '@/client/browser-ports';
import type { Problem } from '@/core';
import { useUnreadableFields } from '@/ui/use-unreadable-fields';
import { outcomeSentence } from '@/ui/words/outcomes';
import { problemSentence } from '@/ui/words/problems';
import * as screenWords from '@/ui/words/screens/athlete';
import type { AthleteActions, AthleteData } from './contract';

function noticeSentence(notice: DraftNotice): string {
  switch (notice.status) {
    case 'rebased':
      return notice.collisions.length === 0
        ? screenWords.thisAthleteWasAlsoChanged
        : screenWords.alsoChangedElsewhereSavingKeeps(notice.collisions.join(', '));
    case 'refused':
      return notice.problems.map(problemSentence).join(' ');
    default:
      return screenWords.nothingYouTypedIsLost(outcomeSentence(notice));
  }
}

const NONE: ReadonlyMap<string, Problem> = new Map();

/** The athlete's draft while the screen is open, with everything its forms need. */
export function useDraft(data: AthleteData, save: AthleteActions['save']) {
  const [session] = useState(
    () =>
      new AthleteDraft(
        data,
        save,
        browserStore(() => sessionStorage),
      ),
  );
  const state = useSyncExternalStore(session.subscribe, session.getState, session.getState);
  const { count: unread, report: reportUnread, forget: forgetUnread } = useUnreadableFields();
  const { draft, status, notice, generation, decode } = state;
  useEffect(() => {
    // The validator loads after the page. The server validates again in any case.
    void import('@/core/codecs').then(({ decodeAthlete }) => session.start(decodeAthlete));
  }, [session]);
  const changed = useMemo(() => changedFields(draft), [draft]);
  const problems = useMemo(() => (decode === null ? NONE : draftProblems(draft, decode)), [draft, decode]);
  const keepable = changed.length > 0 && unread === 0 && problems.size === 0 && status !== 'saving';
  const problemAt = (path: string): string | undefined => {
    const problem = problems.get(path);
    return problem === undefined ? undefined : problemSentence(problem);
  };
  const tools = useMemo(
    () => ({
      change: session.change.bind(session),
      adopt: session.adopt.bind(session),
    }),
    [session],
  );
  return {
    ...tools,
    decode,
    draft,
    athlete: draft.mine,
    keep: async () => {
      if (keepable) await session.keep();
    },
    discard: () => {
      session.discard();
      forgetUnread();
    },
    dirty: changed.length > 0 || unread > 0,
    keepable,
    unread,
    problems,
    problemAt,
    reportUnread,
    generation,
    status,
    message: notice === null ? null : noticeSentence(notice),
  };
}

export type DraftTools = ReturnType<typeof useDraft>;
