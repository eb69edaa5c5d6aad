import type { Slot } from '../block/block';
import type { Conventions } from '../conventions/conventions';
import { EPLEY } from '../effort/rep-max';
import type { Exercise } from '../exercises/exercise';
import { clockOf, techniqueParts, tempoOf } from '../techniques/registry';
import { lighterBy } from '../techniques/stamina';
import { setSeconds } from './session-time';
import { secondsPerRep } from './tempo';

/** RIR assumed for the length of a set. */
const USUAL_RIR = 1;

/** Parts of one set of a slot at the long end of its range: reps of each, and the pauses between. */
function piecesOf(slot: Slot, conventions: Conventions) {
  const [part] = techniqueParts(slot.technique);
  const reps = part?.range?.high ?? slot.range.high;
  const lead = {
    reps,
    rir: USUAL_RIR,
    reach: reps + USUAL_RIR,
    lighter: lighterBy(EPLEY),
    back: conventions.roundBack,
  };
  const minis = part?.minis?.(lead) ?? [];
  const total = minis.reduce((sum, mini) => sum + mini.reps, reps);
  const pauses = minis.reduce((sum, { pause }) => sum + pause, 0);
  return { count: 1 + minis.length, total, pauses };
}

/** Seconds of one set of a slot including mini-sets and the rest after it, at the long end of its range. */
export function setCost(slot: Slot, { measure, sides }: Exercise, conventions: Conventions): number {
  const { count, total, pauses } = piecesOf(slot, conventions);
  const clock = clockOf(slot.technique, count);
  if (clock !== null) return clock.seconds + slot.rest;
  const perRep = secondsPerRep({ measure, tempo: tempoOf(slot.technique, slot.tempo) }, conventions);
  return setSeconds({ secondsPerRep: perRep, sides }, total) + pauses + slot.rest;
}

/** Seconds of one set of a slot without the rest after it. */
export function setTime(slot: Slot, exercise: Exercise, conventions: Conventions): number {
  return setCost(slot, exercise, conventions) - slot.rest;
}

/** Mean seconds of a part of a slot and of the pause after it; for every-minute work a minute and none. */
export function pieceTime(
  slot: Slot,
  { measure, sides }: Exercise,
  conventions: Conventions,
): { readonly seconds: number; readonly pause: number; readonly byMinute: boolean } {
  const { count, total, pauses } = piecesOf(slot, conventions);
  const clock = clockOf(slot.technique, count);
  if (clock?.ends === 'by the clock') return { seconds: clock.seconds / count, pause: 0, byMinute: true };
  const perRep = secondsPerRep({ measure, tempo: tempoOf(slot.technique, slot.tempo) }, conventions);
  return {
    seconds: setSeconds({ secondsPerRep: perRep, sides }, total) / count,
    pause: count === 1 ? 0 : pauses / (count - 1),
    byMinute: false,
  };
}
