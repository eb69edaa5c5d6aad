import type { DeloadKind } from './lightening';

export interface HeavyTouch {
  readonly kind: 'one heavy touch';
}

/** Big jumps up to one usual top set of each session’s first compound: before a test of strength. */
export const heavyTouch: DeloadKind<HeavyTouch> = {
  kind: 'one heavy touch',
  start: { kind: 'one heavy touch' },
  fields: {},
  // No slot has so many sets that this leaves two.
  lightens: () => ({ kept: 'first compound of the session', sets: 0.01 }),
};
