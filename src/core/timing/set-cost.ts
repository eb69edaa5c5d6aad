import type { Slot } from '../block/block';
import type { Conventions } from '../conventions/conventions';
import type { Exercise } from '../exercises/exercise';
import { setSeconds } from './session-time';
import { secondsPerRep } from './tempo';

/** Seconds of one set of a slot with the rest after it, at the long end of its range. */
export function setCost(slot: Slot, { measure, sides }: Exercise, conventions: Conventions): number {
  const perRep = secondsPerRep({ measure, tempo: slot.tempo }, conventions);
  return setSeconds({ secondsPerRep: perRep, sides }, slot.range.high) + slot.rest;
}
