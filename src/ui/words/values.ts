import type { Goal, Mark, Origin, Phase, Verdict } from '@/core';

/*
 * Screen words for values that the code calls something else. docs/glossary.md lists them for developers.
 */

/** Values that mean the same wherever they are shown. A value that is not listed is its own screen word. */
const SHOWN: Readonly<Record<string, string>> = {
  // phases
  holding: 'maintaining',
  // how sleep, appetite and the day feel
  well: 'good',
  'so so': 'OK',
  poorly: 'poor',
  // motivation
  eager: 'high',
  usual: 'normal',
  'low drive': 'low motivation',
  // soreness over a week
  'gone in time': 'gone before the next session',
  'some stayed': 'some was left',
  'most stayed': 'most was left',
  // why an exercise was swapped or skipped
  taken: 'equipment busy',
  'not here': 'not available',
  hurts: 'pain',
  'left open': 'free choice',
  'left out': 'skipped',
  // pain
  slight: 'mild',
  clear: 'moderate',
  strong: 'severe',
  'a muscle': 'muscle',
  elsewhere: 'somewhere else',
  // how a session was
  right: 'just right',
  // performance against target
  ahead: 'above target',
  strained: 'harder than planned',
  behind: 'below target',
  // rep ladders
  'k sets of k': '1 set of 1, 2 of 2, 3 of 3 …',
  // ranges of motion
  'long half': 'stretched half',
  'short half': 'shortened half',
  restricted: 'short of what hurts',
  'arms long': 'arms extended',
  // equipment
  'plate machine': 'plate-loaded machine',
  // severities of checks
  block: 'problem',
  warn: 'warning',
};

/** The screen word of a value. */
export function screenWord(value: string): string {
  return SHOWN[value] ?? value;
}

export const PHASE_NAMES: Readonly<Record<Phase, string>> = {
  gaining: 'gaining',
  holding: 'maintaining',
  cutting: 'cutting',
};

/** A muscle's goal in a block. */
export const GOAL_NAMES: Readonly<Record<Goal, string>> = {
  grow: 'grow',
  priority: 'priority',
  hold: 'maintain',
};

/** The three numbers of a volume range. */
export const MARK_NAMES: Readonly<Record<Mark, string>> = {
  hold: 'maintenance',
  floor: 'minimum',
  ceiling: 'maximum',
};

/** Performance against target. */
export const VERDICT_NAMES: Readonly<Record<Verdict, string>> = {
  ahead: 'above target',
  'on target': 'on target',
  strained: 'harder than planned',
  behind: 'below target',
};

/** Where a volume limit comes from; nothing where it is the default. */
export const ORIGIN_NAMES: Readonly<Record<Origin, string>> = {
  convention: '',
  learned: 'learned',
  coach: 'set by you',
};

/** Where a week of the block is. */
export const WEEK_STATUS_NAMES = { planned: 'planned', issued: 'sent', done: 'done' } as const;

/** A muscle's weekly sets against its volume range, in a word. */
export const STANDING_NAMES = { in: '', low: 'low', over: 'high', held: 'maint.' } as const;
