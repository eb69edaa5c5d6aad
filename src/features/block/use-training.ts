import { useCallback, useEffect, useState } from 'react';
import type { Proposal, SentAnswer, Training, Unanswered } from '@/core';
import { refusalSentence } from '@/ui/words/problems';
import type { SheetActions, SheetData } from './contract';
import type { Document } from './use-document';

function sentenceFor(answer: Unanswered | { readonly status: 'gone' }): string {
  switch (answer.status) {
    case 'unavailable':
      return 'The database does not answer just now. Please try again in a moment.';
    case 'signed out':
      return 'You are signed out. Sign in again in another tab, then try again.';
    case 'malformed':
    case 'gone':
      return 'This is no longer there. Reload the page.';
  }
}

const UNREACHED: Unanswered = { status: 'unavailable' };

/**
 * What happened in the block, and the coach's dealings with it: answering calls, issuing and recalling weeks. Each
 * first lets the edits on their way arrive, since the server works from the saved block.
 */
export function useTraining(data: SheetData, actions: SheetActions, document: Document) {
  const { refresh, settled } = document;
  const [training, setTraining] = useState<Training>(data);
  const [busy, setBusy] = useState(false);
  const [message, setMessage] = useState<string | null>(null);

  const take = useCallback(
    (answer: Training) => {
      setTraining(answer);
      refresh(answer.block, answer.revision);
    },
    [refresh],
  );

  // What the athlete logged while this page was in the background is taken in when it comes forward.
  useEffect(() => {
    const look = async () => {
      if (window.document.visibilityState !== 'visible') return;
      const answer = await actions.reload().catch(() => undefined);
      if (answer?.status === 'answered') take(answer.training);
    };
    window.addEventListener('focus', look);
    return () => window.removeEventListener('focus', look);
  }, [actions, take]);

  const alone = async (work: (revision: number) => Promise<void>) => {
    if (busy) return;
    setBusy(true);
    setMessage(null);
    await work(await settled());
    setBusy(false);
  };

  const answer = (
    proposals: readonly Proposal[],
    outcome: 'accepted' | 'declined',
    choice: SentAnswer['choice'],
  ) =>
    alone(async () => {
      if (proposals.length === 0) return;
      const sent = proposals.map(
        ({ id }): SentAnswer => ({ id, outcome: choice === null ? outcome : 'changed', choice }),
      );
      const said = await actions.answer(sent).catch(() => UNREACHED);
      if (said.status === 'answered') take(said.training);
      else setMessage(sentenceFor(said));
    });

  const issue = (week: number) =>
    alone(async (revision) => {
      const said = await actions.issue(week, revision).catch(() => UNREACHED);
      if (said.status === 'issued')
        setTraining((before) => ({ ...before, issued: [...before.issued, said.week] }));
      else if (said.status === 'refused') setMessage(refusalSentence(said.refusal));
      else if (said.status === 'stale') {
        setMessage('The block was changed elsewhere in the meantime. Reload to see it, then issue the week.');
      } else setMessage(sentenceFor(said));
    });

  const recall = (week: number) =>
    alone(async () => {
      const said = await actions.recall(week).catch(() => UNREACHED);
      if (said.status === 'recalled') {
        setTraining((before) => ({ ...before, issued: before.issued.filter((one) => one.week !== week) }));
      } else if (said.status === 'already logged')
        setMessage('The athlete has logged a set of this week: it stays issued.');
      else if (said.status === 'later week issued') setMessage('A later week is issued: recall that first.');
      else setMessage(sentenceFor(said));
    });

  return { training, busy, message, setMessage, answer, issue, recall };
}
