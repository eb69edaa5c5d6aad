import { notFound } from 'next/navigation';
import { catalogueWith, currentBlock, dayIn } from '@/core';
import {
  calendarLinks,
  dayAnswers,
  exercisesOf,
  findAthlete,
  findExposures,
  findMeasurements,
  findTeam,
  findTraining,
  listActivity,
  listBlocks,
  listPhones,
  listRefused,
  listShares,
  unseenPain,
  weekNotes,
} from '@/data';
import { AthleteScreen } from '@/features/athlete/athlete';
import { InBrowser } from '@/ui/in-browser';
import { requireAccess } from '../../../asker';
import { localDate } from '../../../local-date';
import {
  archive,
  changeBlockState,
  copy,
  createCalendarLink,
  createPhoneLink,
  deleteAthlete,
  markPainSeen,
  moveBlockStart,
  revoke,
  revokeCalendarLinks,
  saveMeasurement,
  saveProfile,
  saveWeekNote,
  settleRefused,
  share,
  transfer,
} from './actions';

interface PageProps {
  readonly params: Promise<{ readonly athleteId: string }>;
}

export default async function AthletePage({ params }: PageProps) {
  const { athleteId } = await params;
  const { asker, shared } = await requireAccess({ athleteId });
  const found = await findAthlete(asker, athleteId);
  if (found === undefined) notFound();
  const { athlete } = found;
  const [blocks, own, measurements, phones, links, house, shares, deeds] = await Promise.all([
    listBlocks(asker, athleteId),
    exercisesOf(asker),
    findMeasurements(asker, athleteId),
    listPhones(asker, athleteId, new Date()),
    calendarLinks(asker, athleteId),
    findTeam(asker),
    listShares(asker, athleteId),
    listActivity(asker, athleteId),
  ]);
  const blockId = currentBlock(
    blocks.filter(({ archived, deletedAt }) => !archived && deletedAt === null),
  )?.id;
  const [running, given, exposures, lines, unseen, refused] = await Promise.all([
    blockId === undefined ? undefined : findTraining(asker, blockId),
    blockId === undefined ? [] : dayAnswers(asker, blockId),
    findExposures(asker, athlete, catalogueWith(own)),
    blockId === undefined ? new Map<number, string>() : weekNotes(asker, blockId),
    unseenPain(asker, athleteId),
    listRefused(asker, athleteId),
  ]);
  const actions = {
    save: saveProfile.bind(null, athleteId),
    saveMeasurement: saveMeasurement.bind(null, athleteId),
    createPhoneLink: createPhoneLink.bind(null, athleteId),
    revoke: revoke.bind(null, athleteId),
    transfer: transfer.bind(null, athleteId),
    share: share.bind(null, athleteId),
    createCalendarLink: createCalendarLink.bind(null, athleteId),
    revokeCalendarLinks: revokeCalendarLinks.bind(null, athleteId),
    saveWeekNote: saveWeekNote.bind(null, blockId ?? null),
    markPainSeen: markPainSeen.bind(null, athleteId),
    settleRefused: settleRefused.bind(null, athleteId),
    changeBlockState,
    copyBlock: copy,
    moveBlock: moveBlockStart,
    archive: archive.bind(null, athleteId),
    deleteAthlete: deleteAthlete.bind(null, athleteId),
  };
  return (
    <InBrowser>
      <AthleteScreen
        key={athleteId}
        data={{
          ...found,
          running: running ?? null,
          dayAnswers: given.map(({ at, ...one }) => ({ ...one, date: dayIn(athlete.timeZone, at) })),
          blocks,
          ownExercises: own,
          measurements,
          exposures,
          phones,
          calendarLinks: links,
          colleagues: house.coaches
            .filter(({ id }) => id !== asker.coachId)
            .map(({ id, name }) => ({ id, name })),
          shares,
          shared,
          deeds,
          weekLines: Object.fromEntries(lines),
          unseenPain: unseen,
          refused,
          today: localDate(athlete.timeZone),
        }}
        actions={actions}
      />
    </InBrowser>
  );
}
