import { dayIn, phaseOn } from '@/core';
import type { RosterLine, Waiting } from '@/data';
import type { DeskLine } from '@/features/desk/contract';

/** The roster as shown on the desk. */
export function deskLines(
  lines: readonly RosterLine[],
  { counts }: Pick<Waiting, 'counts'>,
  now: Date,
): readonly DeskLine[] {
  return lines.map((line): DeskLine => {
    const { athleteId, name, level, archived, block, others, timeZone, shared } = line;
    const standing = block?.standing ?? null;
    const { adherence } = standing ?? {};
    return {
      athleteId,
      name,
      level,
      phase: phaseOn(line, dayIn(timeZone, now)),
      archived,
      blockId: block?.id ?? null,
      block: block?.name ?? '',
      state: block?.state ?? 'no block',
      week: standing?.week ?? 0,
      weeks: standing?.weeks ?? block?.weeks ?? 0,
      isDeload: standing?.isDeload ?? false,
      sessions: standing === null || standing.week === 0 ? null : standing.sessions,
      sets: standing === null || standing.week === 0 ? null : standing.sets,
      adherence:
        adherence === undefined || adherence.sets.planned === 0
          ? null
          : (100 * adherence.sets.done) / adherence.sets.planned,
      signs: standing?.signs?.sum ?? null,
      isWorn: standing?.signs?.verdict === 'propose' || standing?.signs?.verdict === 'urge',
      bias: standing?.bias ?? null,
      lastLog: block?.lastLog == null ? null : dayIn(timeZone, new Date(block.lastLog)),
      due: standing?.due?.date ?? null,
      // Archived athletes raise nothing.
      waits: archived ? 0 : (counts.get(athleteId) ?? 0),
      others,
      shared,
    };
  });
}
