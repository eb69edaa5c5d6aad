import { notFound } from 'next/navigation';
import { addDays, dayIn, mondayOf } from '@/core';
import { blocksToCopy, exercisesOf, findAthlete, listBlocks, ownTemplates } from '@/data';
import type { SourceChoice } from '@/features/new-block/contract';
import { NewBlock } from '@/features/new-block/new-block';
import * as words from '@/ui/words/screens/pages';
import { requireAccess, requireAsker } from '../../../asker';
import { isId } from '../../../inputs';
import { localDate } from '../../../local-date';
import { design, start } from './actions';

interface PageProps {
  readonly searchParams: Promise<Readonly<Partial<Record<'athlete' | 'from', string | string[]>>>>;
}

/** The block's starting point in a link: `template/ID` or `design/ID`. */
function chosenSource(from: string | string[] | undefined): SourceChoice | null {
  const [, kind, id] = /^(template|design)\/(.+)$/.exec(typeof from === 'string' ? from : '') ?? [];
  return (kind === 'template' || kind === 'design') && id !== undefined ? { kind, id } : null;
}

export default async function NewBlockPage({ searchParams }: PageProps) {
  const { athlete: athleteId, from } = await searchParams;
  const coach = await requireAsker();
  if (!isId(athleteId)) notFound();
  const { asker, shared } = await requireAccess({ athleteId });
  const found = await findAthlete(asker, athleteId);
  if (found === undefined || shared?.may === 'read') notFound();
  const { athlete } = found;
  const [own, templates, mine, lines, theirs] = await Promise.all([
    exercisesOf(asker),
    // Designs to start from belong to the coach who creates the block.
    ownTemplates(coach),
    blocksToCopy(coach),
    listBlocks(asker, athleteId),
    shared === null ? [] : blocksToCopy(asker, athleteId),
  ]);
  const blocks = [...theirs, ...mine];
  const today = localDate(athlete.timeZone);
  // A running block counts as trained until its end; for others the last log decides.
  const [trainedUntil = null] = lines
    .flatMap(({ state, span, lastLog, archived, deletedAt }) => {
      const runs = state === 'running' && !archived && deletedAt === null && span.to >= today;
      if (runs) return [span.to];
      return lastLog === null ? [] : [dayIn(athlete.timeZone, new Date(lastLog))];
    })
    .sort()
    .reverse();
  const earlier = blocks.filter((block) => block.athleteId === athleteId);
  const [newest] = lines.filter(({ deletedAt }) => deletedAt === null);
  const thisWeek = mondayOf(today);
  // The Monday on or after the day after the newest block's end.
  const after = newest === undefined ? thisWeek : mondayOf(addDays(newest.span.to, 7));
  return (
    <NewBlock
      key={athleteId}
      data={{
        athlete,
        ownExercises: own,
        earlier,
        others: blocks.filter((block) => block.athleteId !== athleteId),
        ownTemplates: templates,
        from: chosenSource(from),
        startDate: [thisWeek, after].sort()[1] ?? thisWeek,
        trainedUntil,
        name: earlier.length === 0 ? words.block1 : words.block(earlier.length + 1),
      }}
      actions={{ design, start: start.bind(null, athleteId) }}
    />
  );
}
