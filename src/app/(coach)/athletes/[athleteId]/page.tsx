import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { catalogueWith } from '@/core';
import {
  findAthlete,
  findExposures,
  findMeasurements,
  findTraining,
  newestBlock,
  ownExercises,
} from '@/data';
import { AthleteScreen } from '@/features/athlete/athlete';
import { requireAsker } from '../../../asker';
import { localDate } from '../../../local-date';
import { archive, erase, keep, measure, startBlock } from './actions';

export const metadata: Metadata = { title: 'Athlete' };

interface PageProps {
  readonly params: Promise<{ readonly athleteId: string }>;
}

export default async function AthletePage({ params }: PageProps) {
  const { athleteId } = await params;
  const asker = await requireAsker();
  const found = await findAthlete(asker, athleteId);
  if (found === undefined) notFound();
  const { athlete } = found;
  const [blockId, own, measurements] = await Promise.all([
    newestBlock(asker, athleteId),
    ownExercises(asker),
    findMeasurements(asker, athleteId),
  ]);
  const [running, exposures] = await Promise.all([
    blockId === undefined ? undefined : findTraining(asker, blockId),
    findExposures(asker, athlete, catalogueWith(own)),
  ]);
  const actions = {
    save: keep.bind(null, athleteId),
    measure: measure.bind(null, athleteId),
    startBlock: startBlock.bind(null, athleteId),
    archive: archive.bind(null, athleteId),
    erase: erase.bind(null, athleteId),
  };
  return (
    <AthleteScreen
      key={athleteId}
      data={{
        ...found,
        running: running ?? null,
        ownExercises: own,
        measurements,
        exposures,
        today: localDate(athlete.timeZone),
      }}
      actions={actions}
    />
  );
}
