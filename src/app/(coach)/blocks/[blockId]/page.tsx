import { notFound } from 'next/navigation';
import { withoutReasons } from '@/core';
import {
  findBroken,
  findHistory,
  findTraining,
  otherActiveRests,
  refreshIfChanged,
  Unreadable,
} from '@/data';
import { BlockScreen } from '@/features/block/block-screen';
import { BrokenBlock } from '@/features/block/broken-block';
import { InBrowser } from '@/ui/in-browser';
import { toJsonText } from '@/ui/json-text';
import { requireAccess } from '../../../asker';
import { localDate } from '../../../local-date';
import {
  answer,
  close,
  issue,
  previousBlock,
  proposeBalance,
  reasons,
  recall,
  reload,
  restore,
  revision,
  revisions,
  save,
  saveTemplate,
} from './actions';
import { answerLesson, createNextBlock } from './learning';

interface PageProps {
  readonly params: Promise<{ readonly blockId: string }>;
}

export default async function BlockPage({ params }: PageProps) {
  const { blockId } = await params;
  const { asker, shared } = await requireAccess({ blockId });
  const found = await refreshIfChanged(asker, blockId, new Date())
    .then(() =>
      Promise.all([
        findTraining(asker, blockId),
        findHistory(asker, blockId),
        otherActiveRests(asker, blockId),
      ]),
    )
    .catch((error) => {
      if (error instanceof Unreadable) return null;
      throw error;
    });
  if (found === null) {
    const broken = await findBroken(asker, blockId);
    if (broken === undefined) throw new Error(`unreadable block ${blockId}`);
    return <BrokenBlock broken={broken} restore={restore.bind(null, blockId)} />;
  }
  const [training, history, activeRests] = found;
  if (training === undefined) notFound();
  const done = new Set(training.log.workouts.filter(({ finished }) => finished).map(({ week }) => week));
  const server = {
    save: save.bind(null, blockId),
    answer: answer.bind(null, blockId),
    reload: reload.bind(null, blockId),
    reasons: reasons.bind(null, blockId),
    issue: issue.bind(null, blockId),
    recall: recall.bind(null, blockId),
    close: close.bind(null, blockId),
    revisions: revisions.bind(null, blockId),
    revision: revision.bind(null, blockId),
    blockBefore: previousBlock.bind(null, blockId),
    proposeBalance: proposeBalance.bind(null, blockId),
    saveTemplate: saveTemplate.bind(null, blockId),
    learn: answerLesson.bind(null, blockId),
    makeNext: createNextBlock.bind(null, blockId),
  };
  // Reasons of trained weeks load on request: they are most of a block's size.
  const issued = training.issued.map((week) => (done.has(week.week) ? withoutReasons(week) : week));
  return (
    <InBrowser>
      <BlockScreen
        key={blockId}
        data={toJsonText({
          training: { ...training, issued },
          history,
          shared,
          activeRests,
          today: localDate(training.athlete.timeZone),
        })}
        actions={server}
      />
    </InBrowser>
  );
}
