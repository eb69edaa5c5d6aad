import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { findHistory, findTraining } from '@/data';
import { Sheet } from '@/features/block/block-screen';
import { requireAsker } from '../../../asker';
import { localDate } from '../../../local-date';
import {
  answer,
  blockBefore,
  issue,
  proposeBalance,
  recall,
  reload,
  revision,
  revisions,
  save,
  saveTemplate,
} from './actions';

export const metadata: Metadata = { title: 'Block' };

interface PageProps {
  readonly params: Promise<{ readonly blockId: string }>;
}

export default async function SheetPage({ params }: PageProps) {
  const { blockId } = await params;
  const asker = await requireAsker();
  const [training, history] = await Promise.all([findTraining(asker, blockId), findHistory(asker, blockId)]);
  if (training === undefined) notFound();
  const today = localDate(training.athlete.timeZone);
  const actions = {
    save: save.bind(null, blockId),
    answer: answer.bind(null, blockId),
    reload: reload.bind(null, blockId),
    issue: issue.bind(null, blockId),
    recall: recall.bind(null, blockId),
    revisions: revisions.bind(null, blockId),
    revision: revision.bind(null, blockId),
    blockBefore: blockBefore.bind(null, blockId),
    proposeBalance: proposeBalance.bind(null, blockId),
    saveTemplate: saveTemplate.bind(null, blockId),
  };
  return <Sheet key={blockId} data={{ ...training, history, today }} actions={actions} />;
}
