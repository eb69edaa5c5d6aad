import type { Session } from '../block/block';
import { lighteningOf } from '../recovery/deload/deload';
import type { LadderSession } from './ladder';
import type { Track } from './track';
import type { UnfoldInput } from './unfold';

/** What a session came to in one unfolding. Sessions do not lean on each other: only week figures look across them. */
export interface SessionMemory {
  readonly session: Session;
  /** By week, as planned. */
  readonly weeks: Map<number, LadderSession>;
  /** Its slots as they are known after the last week, and as they were before the first week that is still open. */
  readonly tracks: ReadonlyMap<string, Track>;
  open: ReadonlyMap<string, Track> | null;
}

/** The block's settings that the sets and minutes of a session depend on. */
function settingsOf({ block }: UnfoldInput, conventions: Parameters<typeof lighteningOf>[1]): string {
  const { weeks, rir, startDate, cycleDays, pauses, deload, lowSets, time } = block;
  const days = deload !== null && lighteningOf(deload, conventions).fewerDays;
  return JSON.stringify([
    weeks,
    rir,
    startDate,
    cycleDays,
    pauses,
    deload,
    lowSets,
    time,
    block.conventions,
    // Which days a deload leaves out depends on all sessions.
    days ? block.sessions : null,
  ]);
}

/**
 * Remembers what sessions came to from one unfolding to the next, so that an edit plans anew only the session it
 * touched. With it or without, the ladder is the same.
 */
export class UnfoldMemory {
  private held: ReadonlyMap<string, SessionMemory> = new Map();
  private inputs: readonly unknown[] = [];

  /** What is known of a session that is as it was; all else it depends on must be as it was too. */
  find(session: Session): SessionMemory | undefined {
    const known = this.held.get(session.id);
    return known?.session === session ? known : undefined;
  }

  /** Begins an unfolding: everything is forgotten where anything but the sessions has changed. */
  begin(input: UnfoldInput, conventions: Parameters<typeof lighteningOf>[1]): void {
    const { athlete, exercises, issued, log, answers } = input;
    const inputs = [athlete, exercises, issued, log, answers, settingsOf(input, conventions)];
    // After a recover week sets come back by what the whole body did: nothing can be kept then.
    const apart = !answers.some(({ proposal }) => proposal.kind === 'recover');
    const same = apart && inputs.every((one, at) => one === this.inputs[at]);
    if (!same) this.held = new Map();
    this.inputs = inputs;
  }

  keep(all: ReadonlyMap<string, SessionMemory>): void {
    this.held = all;
  }
}

/** A track as it is now, safe from what later weeks write into it. */
export function snapshotOf(track: Track): Track {
  return { ...track, last: new Map(track.last), exposures: [...track.exposures] };
}
