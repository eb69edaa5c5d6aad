import { notFound } from 'next/navigation';
import { mondayOf, weekStart } from '@/core';
import { blocksToCopy, findAthlete, findDesign, ownExercises, ownTemplates } from '@/data';
import type { SourceChoice } from '@/features/new-block/contract';
import { NewBlock } from '@/features/new-block/new-block';
import { requireAsker } from '../../../asker';
import { localDate } from '../../../local-date';
import { design, start } from './actions';

interface PageProps {
  readonly searchParams: Promise<{ readonly athlete?: string; readonly from?: string | string[] }>;
}

/** What a link says the block starts from, as `template/ID` or `design/ID`. */
function chosenSource(from: string | string[] | undefined): SourceChoice | null {
  const [, kind, id] = /^(template|design)\/(.+)$/.exec(typeof from === 'string' ? from : '') ?? [];
  return (kind === 'template' || kind === 'design') && id !== undefined ? { kind, id } : null;
}

export default async function NewBlockPage({ searchParams }: PageProps) {
  const { athlete: athleteId = '', from } = await searchParams;
  const asker = await requireAsker();
  const found = await findAthlete(asker, athleteId);
  if (found === undefined) notFound();
  const { athlete } = found;
  const [own, templates, blocks] = await Promise.all([
    ownExercises(asker),
    ownTemplates(asker),
    blocksToCopy(asker),
  ]);
  const earlier = blocks.filter((block) => block.athleteId === athleteId);
  const [newest] = earlier;
  const last = newest === undefined ? undefined : await findDesign(asker, newest.id);
  const thisWeek = mondayOf(localDate(athlete.timeZone));
  // The week after the last one of the newest block, its deloads counted.
  const after =
    last === undefined
      ? thisWeek
      : mondayOf(weekStart(last, last.weeks + last.earlyDeloads.length + (last.deload === null ? 1 : 2)));
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
        name: earlier.length === 0 ? 'First block' : `Block ${earlier.length + 1}`,
      }}
      actions={{ design, start: start.bind(null, athleteId) }}
    />
  );
}
