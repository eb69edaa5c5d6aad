import type { Slot } from '../block/block';
import type { Conventions } from '../conventions/conventions';
import { EPLEY } from '../effort/rep-max';
import type { Exercise } from '../exercises/exercise';
import { clockOf, partsOf, tempoOf } from '../techniques/registry';
import { lighterBy } from '../techniques/stamina';
import { setSeconds } from './session-time';
import { secondsPerRep } from './tempo';

/** RIR at which the length of a set is reckoned. */
const USUAL_RIR = 1;

/** Seconds of one set of a slot, its mini-sets included, with the rest after it, at the long end of its range. */
export function setCost(slot: Slot, { measure, sides }: Exercise, conventions: Conventions): number {
  const [part] = partsOf(slot.technique);
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
  const clock = clockOf(slot.technique, 1 + minis.length);
  if (clock !== null) return clock.seconds + slot.rest;
  const perRep = secondsPerRep({ measure, tempo: tempoOf(slot.technique, slot.tempo) }, conventions);
  return setSeconds({ secondsPerRep: perRep, sides }, total) + pauses + slot.rest;
}

/** Seconds of one set of a slot alone, without the rest after it. */
export function setTime(slot: Slot, exercise: Exercise, conventions: Conventions): number {
  return setCost(slot, exercise, conventions) - slot.rest;
}
