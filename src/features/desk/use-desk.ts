import { useRouter } from 'next/navigation';
import { useState, useTransition } from 'react';
import type { Unreachable } from '@/ui/use-action';
import { plural } from '@/ui/words/figures';
import { type Outcome, outcomeSentence } from '@/ui/words/outcomes';
import * as screenWords from '@/ui/words/screens/desk';
import type { DeskActions, DeskItem, GivenLine, ReadyLine } from './contract';

/** The last message to the coach, and what of it can be undone. */
export interface DeskNotice {
  readonly text: string;
  readonly weeks: readonly { readonly blockId: string; readonly week: number }[];
}

type Failed = Extract<Outcome, { status: 'unavailable' | 'signed out' | 'malformed' }> | Unreachable;

/** The desk's server calls; the page is refreshed after each answer. */
export function useDesk(actions: DeskActions) {
  const router = useRouter();
  const [isFresh, startFresh] = useTransition();
  const [isAsking, setAsking] = useState(false);
  const [said, setSaid] = useState<DeskNotice | null>(null);
  const say = (text: string, weeks: DeskNotice['weeks'] = []) => setSaid({ text, weeks });

  const ask = async <T extends { readonly status: string }>(
    action: () => Promise<T>,
    tell: (answer: T) => void,
  ): Promise<void> => {
    setAsking(true);
    const answered = await action().catch((): Unreachable => ({ status: 'unreachable' }));
    setAsking(false);
    if (isFailed(answered)) return say(outcomeSentence(answered));
    tell(answered as T);
    startFresh(() => router.refresh());
  };

  return {
    said,
    busy: isAsking || isFresh,
    answer: (item: DeskItem, option: string | null) => {
      const { ask: how } = item;
      setSaid(null);
      const href = item.options.find(({ id }) => id === option)?.href;
      if (href !== undefined) return Promise.resolve(router.push(href));
      if (how.kind === 'day')
        return ask(
          () => actions.applyOption(how.blockId, how.id, option),
          ({ status }) => {
            if (status === 'missed' || status === 'gone') say(screenWords.thisChangedMeanwhileTheList);
            if (status === 'refused') say(screenWords.theBlockDoesNotAllow);
          },
        );
      if (how.kind === 'log') {
        const outcome = option === null ? ('declined' as const) : ('accepted' as const);
        const choice = option === null ? null : (how.choices[option] ?? null);
        return ask(
          () =>
            actions.answer(
              how.blockId,
              how.ids.map((id) => ({
                id,
                outcome: choice === null ? outcome : ('changed' as const),
                choice,
              })),
            ),
          ({ status }) => {
            if (status === 'gone') say(screenWords.thisChangedMeanwhileTheList);
          },
        );
      }
      if (how.kind === 'pain')
        return ask(
          () => actions.markAllPainSeen(how.athleteId),
          () => {},
        );
      if (how.kind === 'routine') return ask(() => actions.applyRoutine([how.blockId]), tellApplied(say));
      return Promise.resolve();
    },
    applyAll: (items: readonly DeskItem[]) => {
      const blockIds = items.flatMap((item) => (item.ask.kind === 'routine' ? [item.ask.blockId] : []));
      return ask(() => actions.applyRoutine(blockIds), tellApplied(say));
    },
    takeBack: ({ blockId, ids }: GivenLine) =>
      ask(
        () => actions.undoAnswers(blockId, ids),
        ({ status }) =>
          say(status === 'done' ? screenWords.undoneItNeedsADecision : screenWords.cannotUndoItsWeekHas),
      ),
    issue: (ready: readonly ReadyLine[], line: string) =>
      ask(
        () =>
          actions.sendWeeks(
            ready.map(({ blockId, week }) => ({ blockId, week })),
            line,
          ),
        (answer) => {
          if (answer.status !== 'issued') return;
          const stays = new Set(answer.left.map(({ blockId }) => blockId));
          const gone = ready.filter(({ blockId }) => !stays.has(blockId));
          const names = ready.filter(({ blockId }) => stays.has(blockId)).map(({ athlete }) => athlete);
          say(
            screenWords.sent(
              plural(gone.length, 'week'),
              names.length === 0 ? '' : screenWords.notForOpenTheBlock(names.join(', ')),
            ),
            gone,
          );
        },
      ),
    recall: async (weeks: DeskNotice['weeks']) => {
      for (const { blockId, week } of weeks)
        await ask(
          () => actions.recall(blockId, week),
          ({ status }) =>
            say(
              status === 'recalled'
                ? screenWords.recalled(plural(weeks.length, 'week'))
                : screenWords.cannotRecallASetIs,
            ),
        );
    },
  };
}

export type DeskUse = ReturnType<typeof useDesk>;

const tellApplied =
  (say: (text: string) => void) =>
  (answer: { readonly status: string; readonly count?: number }): void =>
    say(screenWords.appliedAsProposedYouCan(plural(answer.count ?? 0, 'call')));

function isFailed(answer: { readonly status: string }): answer is Failed {
  return ['unreachable', 'unavailable', 'signed out', 'malformed'].includes(answer.status);
}
