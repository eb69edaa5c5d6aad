import { notFound } from 'next/navigation';
import { catalogueWith, currentBlock, dayIn } from '@/core';
import {
  blocksOf,
  calendarLinks,
  dayAnswers,
  deedsOf,
  findAthlete,
  findExposures,
  findMeasurements,
  findTraining,
  houseOf,
  namedExercises,
  phonesOf,
  refusedOf,
  sharesOf,
  unseenPain,
  weekLines,
} from '@/data';
import { AthleteScreen } from '@/features/athlete/athlete';
import { InBrowser } from '@/ui/in-browser';
import { requireActing } from '../../../asker';
import { localDate } from '../../../local-date';
import {
  archive,
  copy,
  endCalendar,
  erase,
  hand,
  invite,
  keep,
  life,
  linkCalendar,
  measure,
  move,
  revoke,
  say,
  seen,
  settle,
  share,
} from './actions';

interface PageProps {
  readonly params: Promise<{ readonly athleteId: string }>;
}

export default async function AthletePage({ params }: PageProps) {
  const { athleteId } = await params;
  const { asker, shared } = await requireActing({ athleteId });
  const found = await findAthlete(asker, athleteId);
  if (found === undefined) notFound();
  const { athlete } = found;
  const [blocks, own, measurements, phones, links, house, shares, deeds] = await Promise.all([
    blocksOf(asker, athleteId),
    namedExercises(asker),
    findMeasurements(asker, athleteId),
    phonesOf(asker, athleteId, new Date()),
    calendarLinks(asker, athleteId),
    houseOf(asker),
    sharesOf(asker, athleteId),
    deedsOf(asker, athleteId),
  ]);
  const blockId = currentBlock(
    blocks.filter(({ archived, deletedAt }) => !archived && deletedAt === null),
  )?.id;
  const [running, given, exposures, lines, unseen, refused] = await Promise.all([
    blockId === undefined ? undefined : findTraining(asker, blockId),
    blockId === undefined ? [] : dayAnswers(asker, blockId),
    findExposures(asker, athlete, catalogueWith(own)),
    blockId === undefined ? new Map<number, string>() : weekLines(asker, blockId),
    unseenPain(asker, athleteId),
    refusedOf(asker, athleteId),
  ]);
  const actions = {
    save: keep.bind(null, athleteId),
    measure: measure.bind(null, athleteId),
    invite: invite.bind(null, athleteId),
    revoke: revoke.bind(null, athleteId),
    handOver: hand.bind(null, athleteId),
    share: share.bind(null, athleteId),
    linkCalendar: linkCalendar.bind(null, athleteId),
    endCalendar: endCalendar.bind(null, athleteId),
    say: say.bind(null, blockId ?? null),
    seen: seen.bind(null, athleteId),
    settle: settle.bind(null, athleteId),
    life,
    copyBlock: copy,
    moveBlock: move,
    archive: archive.bind(null, athleteId),
    erase: erase.bind(null, athleteId),
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
