import { addDays, type LocalDate } from '../calendar';
import { DEFAULT_DELOAD, type Deload } from '../recovery/deload/deload';
import {
  BLOCK_FORMAT,
  BLOCK_VERSION,
  type Block,
  type BlockSettings,
  type Session,
  type Slot,
} from './document';

export * from './document';
export { MOTIONS, RESTRICTED } from './slot-fields';

export type SlotRir = Slot['rir'];
export type SetTarget = Slot['setTargets'][number];
export type StartSet = NonNullable<Slot['start']>;
export type Motion = Slot['motion'];
export type WeekOverride = Slot['weeks'][number];
export type Stretch = NonNullable<Slot['stretch']>;
export type Activity = BlockSettings['activities'][number];
export type Pause = BlockSettings['pauses'][number];
export type Dismissal = BlockSettings['dismissed'][number];
export type { Deload };

/** The id of the plain exercise among rotating set-ups. */
export const AS_IT_IS = '';

/** A set with only its own effort, tempo and cue. */
export function ownSet(
  set: SetTarget['set'],
  own: Partial<Pick<SetTarget, 'rir' | 'tempo' | 'cue'>>,
): SetTarget {
  return { set, rir: null, tempo: null, cue: '', ...own };
}

/** A block without sessions. */
export function emptyBlock(name: string, startDate: LocalDate): Block {
  return {
    format: BLOCK_FORMAT,
    version: BLOCK_VERSION,
    name,
    startDate,
    cycleDays: 7,
    shape: null,
    weeks: 6,
    rir: { first: 3, last: 1 },
    deload: [DEFAULT_DELOAD],
    earlyDeloads: [],
    lowSets: false,
    rangeBinds: 'every set',
    phaseRanges: true,
    crediting: 'fractional',
    landmarks: 'ramped',
    time: 'realistic',
    conventions: {},
    activities: [],
    pauses: [],
    loadShifts: [],
    afterReturn: null,
    dismissed: [],
    goals: {},
    sessions: [],
  };
}

/** First day of a week, after all earlier pauses. */
export function weekStart(block: Pick<Block, 'startDate' | 'cycleDays' | 'pauses'>, week: number): LocalDate {
  const paused = block.pauses.reduce((sum, { after, days }) => sum + (after < week ? days : 0), 0);
  return addDays(block.startDate, (week - 1) * block.cycleDays + paused);
}

/** Sessions in training order. */
export function sessionsInOrder(block: Pick<Block, 'sessions'>): readonly Session[] {
  return block.sessions
    .map((session, at) => ({ session, at }))
    .sort((a, b) => a.session.day - b.session.day || a.at - b.at)
    .map(({ session }) => session);
}

/** The slot with this id, and its session. */
export function findSlot(
  block: Block,
  slotId: string,
): { readonly session: Session; readonly slot: Slot } | undefined {
  for (const session of block.sessions) {
    const slot = session.slots.find((candidate) => candidate.id === slotId);
    if (slot !== undefined) return { session, slot };
  }
  return undefined;
}
