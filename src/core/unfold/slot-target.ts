import type { Muscle } from '../anatomy/muscle';
import type { Block, Slot } from '../block/block';
import { primeMovers } from '../exercises/exercise';
import { rampRir } from '../progression/rir-ramp';
import type { Reason } from '../reason';
import { roundHalfUp } from '../rounding';
import { setCount, setLimits } from '../techniques/registry';
import type { LadderWeek } from './ladder';
import type { StandingAnswers } from './standing-answers';
import type { Track } from './track';

type Known = Pick<Track, 'slot' | 'exercise'>;
type Answered = Pick<StandingAnswers, 'addedSets' | 'lastRecover'>;

/** RIR that a slot asks in a week: its own, or the ramp's with its offset, never below failure. */
export function slotRir(
  slot: Pick<Slot, 'rir'>,
  { rir, weeks }: Pick<Block, 'rir' | 'weeks'>,
  week: number,
): { readonly rir: number; readonly whyRir: Reason } {
  if (slot.rir.kind === 'fixed')
    return { rir: slot.rir.rir, whyRir: { code: 'rir/fixed', value: slot.rir.rir } };
  const { offset } = slot.rir;
  const { first, last } = rir;
  const value = Math.max(0, rampRir(rir, week, weeks) + offset);
  return { rir: value, whyRir: { code: 'rir/ramp', week, weeks, first, last, offset, value } };
}

/** Prescribed sets plus what answers have added up to this week; midway after a recover week. */
export function slotSets(
  track: Known,
  week: number,
  answers: Answered,
  weekBefore: (week: number) => LadderWeek | undefined,
): { readonly sets: number; readonly whySets: Reason } {
  const prescribed = setCount(track.slot.technique);
  const added = answers.addedSets(track.slot.id, week);
  const { most, least } = setLimits(track.slot.technique);
  const total = prescribed + added.reduce((sum, { add }) => sum + add, 0);
  const sets = Math.max(least, Math.min(most, total));
  const failed = failedBefore(track, week, answers, weekBefore);
  if (failed !== null) {
    const floor = Math.min(failed.floor, failed.failedAt);
    const share = failed.failedAt <= 0 ? 1 : (floor + failed.failedAt) / 2 / failed.failedAt;
    const midway = Math.max(least, roundHalfUp(sets * share));
    return { sets: midway, whySets: { code: 'sets/after-recover', ...failed, sets: midway } };
  }
  if (added.length === 0) return { sets, whySets: { code: 'sets/prescribed', sets } };
  return { sets, whySets: { code: 'sets/response', prescribed, added, sets } };
}

/** Where a muscle of the slot failed before its last recover week, if it had one. */
function failedBefore(
  track: Known,
  week: number,
  answers: Answered,
  weekBefore: (week: number) => LadderWeek | undefined,
): { readonly muscle: Muscle; readonly failedAt: number; readonly floor: number } | null {
  const recover = answers.lastRecover(primeMovers(track.exercise), week);
  const failed = recover === null ? undefined : weekBefore(recover.week);
  if (recover === null || failed === undefined) return null;
  const { sets, landmarks } = failed.muscles[recover.muscle];
  return { muscle: recover.muscle, failedAt: sets, floor: landmarks.floor };
}
