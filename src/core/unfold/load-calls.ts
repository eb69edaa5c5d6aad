import { factsHash } from '../hash';
import { nearestLoad } from '../loading/grid';
import { hundredths } from '../loading/weight';
import type { LadderSlot, Proposal } from './ladder';
import type { SlotTarget } from './plan-slot';
import type { StandingAnswers } from './standing-answers';
import type { Track } from './track';

/** Where a load is asked for: the session and week, and the RIR the week asks of the slot. */
interface Asked {
  readonly sessionId: string;
  readonly week: number;
  readonly rir: number;
}

function subjectOf(slotId: string, week: number): string {
  return `load/${slotId}/${week}`;
}

/** Set 1 of a slot last time; null where there was none. */
function lastOf(track: Track): { load: number; reps: number } | null {
  const [last] = track.last.values();
  return last === undefined ? null : { load: last.load / 100, reps: last.reps };
}

/** Identity of the call: an answered one stays answered while last time, strength, range and RIR are as they were. */
function idOf(track: Track, { sessionId, week, rir }: Asked): string {
  const { id, range } = track.slot;
  const last = lastOf(track);
  const logged = track.exposures.at(-1);
  const facts = [
    last?.load ?? 0,
    last?.reps ?? 0,
    Math.round((logged?.oneRepMax ?? 0) * 10),
    range.low,
    range.high,
    rir,
    sessionId,
    track.exercise.id,
  ];
  return `${subjectOf(id, week)}/${factsHash(facts)}`;
}

/** A coach's answer that settles set 1 of a slot; null while there is none that stands. */
export function pinnedLoad(track: Track, answers: StandingAnswers, asked: Asked): SlotTarget['pinned'] {
  const answer = answers.bySubject.get(subjectOf(track.slot.id, asked.week));
  const last = lastOf(track);
  if (answer === undefined || last === null || answer.proposal.kind !== 'load') return null;
  if (answer.id !== idOf(track, asked)) return null;
  const { outcome, choice, proposal } = answer;
  if (outcome === 'declined') return { outcome: 'held', load: last.load, reps: last.reps };
  const to = choice !== null && 'load' in choice ? choice : proposal.to;
  return { outcome, load: nearestLoad(track.grid, hundredths(to.load)) / 100, reps: to.reps };
}

/** The call on a slot's load where the rule chose another one than was logged last week. */
export function loadProposal(track: Track, planned: LadderSlot, asked: Asked): readonly Proposal[] {
  if (track.lastLogged !== asked.week - 1) return [];
  const why = planned.why.load;
  const last = lastOf(track);
  // Answered, searched or eased loads are settled; a call stands only where the rule itself chose.
  if (why.code !== 'load/best-fit' || last === null) return [];
  const { chosen, others } = why.fit;
  if (chosen.load === last.load && chosen.reps === last.reps) return [];
  return [
    {
      kind: 'load',
      id: idOf(track, asked),
      subject: subjectOf(planned.slotId, asked.week),
      week: asked.week,
      sessionId: asked.sessionId,
      slotId: planned.slotId,
      exerciseId: planned.exerciseId,
      unit: planned.unit,
      from: last,
      to: chosen,
      alternatives: others,
      why,
    },
  ];
}
