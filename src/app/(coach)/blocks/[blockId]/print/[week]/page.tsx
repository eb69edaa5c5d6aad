import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { catalogueWith, unfold } from '@/core';
import { findTraining } from '@/data';
import { SessionSheets } from '@/features/print/session-sheets';
import * as words from '@/ui/words/screens/pages';
import { requireAccess } from '../../../../../asker';

export const metadata: Metadata = { title: words.sessionSheetsDenseLadder };

interface PageProps {
  readonly params: Promise<{ readonly blockId: string; readonly week: string }>;
}

/** Session sheets of a week, for print. */
export default async function PrintPage({ params }: PageProps) {
  const { blockId, week } = await params;
  const { asker } = await requireAccess({ blockId });
  const training = await findTraining(asker, blockId);
  if (training === undefined) notFound();
  const { block, athlete } = training;
  const catalogue = catalogueWith(training.ownExercises);
  const blockPlan = unfold({ ...training, exercises: catalogue.find });
  const weekState = blockPlan.weeks.find(({ plan }) => String(plan.week) === week);
  if (weekState === undefined) notFound();
  return (
    <SessionSheets
      blockName={block.name}
      cycleDays={block.cycleDays}
      athlete={athlete}
      catalogue={catalogue}
      sessions={block.sessions}
      week={weekState.plan}
      issued={weekState.issued !== null}
    />
  );
}
