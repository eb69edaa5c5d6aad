import type { Problem } from '@/core';
import type { ArchivedAthlete, ArchivedBlock } from './athlete-file';

/** Where a list has something twice. */
function doubled(path: string, keys: readonly string[]): Problem[] {
  const seen = new Set<string>();
  return keys.flatMap((key, at) => {
    const isNew = !seen.has(key);
    seen.add(key);
    return isNew ? [] : [{ code: 'id-taken', path: `${path}/${at}`, id: key } as const];
  });
}

/** Each part of an athlete's file is valid by itself; this checks whether the parts fit together. */
export function athleteProblems({
  blocks,
  exercises,
  measurements,
  checkIns,
}: ArchivedAthlete): readonly Problem[] {
  const workouts = blocks.flatMap((block) => block.workouts);
  return [
    ...doubled(
      'exercises',
      exercises.map(({ id, revision }) => `${id} ${revision}`),
    ),
    ...doubled(
      'measurements',
      measurements.map(({ id }) => id),
    ),
    ...doubled(
      'checkIns',
      checkIns.map(({ checkIn }) => checkIn.id),
    ),
    ...doubled(
      'blocks',
      blocks.map(({ id }) => id),
    ),
    ...doubled(
      'blocks/weeks',
      blocks.flatMap(({ weeks }) => weeks.map(({ handedOut }) => handedOut.id)),
    ),
    ...(['sets', 'soreness', 'ramps'] as const).flatMap((part) =>
      doubled(
        `blocks/workouts/${part}`,
        workouts.flatMap((workout) => workout[part].map(({ id }) => id)),
      ),
    ),
    ...blocks.flatMap((block, at) => blockProblems(block, `blocks/${at}`)),
  ];
}

function blockProblems({ revision, steps, weeks, workouts, calls }: ArchivedBlock, path: string): Problem[] {
  const handedOut = new Map(weeks.map((week) => [week.handedOut.id, week.handedOut]));
  return [
    ...doubled(
      `${path}/weeks`,
      weeks.map((week) => String(week.handedOut.week)),
    ),
    ...doubled(
      `${path}/workouts`,
      workouts.map(({ weekId, sessionId }) => `${weekId} ${sessionId}`),
    ),
    ...doubled(
      `${path}/calls`,
      calls.map(({ id }) => id),
    ),
    ...doubled(
      `${path}/steps`,
      steps.map((step) => String(step.revision)),
    ),
    ...doubled(
      `${path}/steps`,
      steps.map(({ editId }) => editId),
    ),
    ...steps.flatMap((step, at): Problem[] =>
      step.revision > revision
        ? [
            {
              code: 'out-of-range',
              path: `${path}/steps/${at}/revision`,
              field: 'revision',
              low: 0,
              high: revision,
              value: step.revision,
            },
          ]
        : [],
    ),
    ...workouts.flatMap(({ weekId, week }, at): Problem[] =>
      handedOut.get(weekId)?.week === week
        ? []
        : [{ code: 'unknown-id', path: `${path}/workouts/${at}/weekId`, id: weekId }],
    ),
  ];
}
