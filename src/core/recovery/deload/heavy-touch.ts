import type { DeloadKind } from './lightening';

export interface HeavyTouch {
  readonly kind: 'one heavy touch';
}

/** Large jumps up to one usual top set of each session’s first compound: before a strength test. */
export const heavyTouch: DeloadKind<HeavyTouch> = {
  kind: 'one heavy touch',
  start: { kind: 'one heavy touch' },
  fields: {},
  // No slot has enough sets for this to leave two.
  lightens: () => ({ kept: 'first compound of the session', sets: 0.01 }),
};
