import type { Block, Edit, SingleEdit, SlotField } from '@/core';
import { findSlot } from '@/core';
import type { ExerciseNames } from './names';

const SLOT_FIELDS: Readonly<Record<SlotField, string>> = {
  exercise: 'exercise',
  variant: 'set-up',
  substitutes: 'alternatives',
  rotate: 'alternating set-ups',
  joined: 'superset',
  technique: 'technique or sets',
  safety: 'safety note',
  motion: 'range of motion',
  optionalSets: 'optional sets',
  stretch: 'stretch',
  breakBefore: 'break before',
  stopFall: 'stop rule',
  range: 'reps',
  rir: 'RIR',
  setTargets: 'single sets',
  tempo: 'tempo',
  rest: 'rest',
  drift: 'later sets',
  loadRule: 'progression rule',
  relief: 'bands',
  alone: 'bodyweight alone',
  ofMax: 'share of one-rep max',
  loadStep: 'load step',
  rampTo: 'sets in the last week',
  setRule: 'set progression',
  start: 'based on',
  weeks: 'single week',
  note: 'note',
};

const SETTINGS: Readonly<Record<string, string>> = {
  name: 'name',
  startDate: 'first day',
  cycleDays: 'cycle',
  shape: 'split',
  weeks: 'weeks',
  rir: 'RIR ramp',
  deload: 'deload',
  earlyDeloads: 'deload now',
  lowSets: 'low-volume plan',
  loadShifts: 'load shift',
  afterReturn: 'return after time off',
  rangeBinds: 'rep range applies to',
  phaseRanges: 'ranges by phase',
  crediting: 'set counting',
  landmarks: 'volume ranges',
  time: 'session time',
  conventions: 'rules and numbers',
  activities: 'other sport',
  pauses: 'breaks',
  dismissed: 'dismissed checks',
  goals: 'goals',
};

function singleWords(edit: SingleEdit, block: Block, names: ExerciseNames): string {
  const slot = (id: string) => {
    const found = findSlot(block, id)?.slot;
    return found === undefined ? 'a removed exercise' : names(found.exercise.id);
  };
  const session = (id: string) => block.sessions.find((one) => one.id === id)?.name ?? 'a removed session';
  switch (edit.kind) {
    case 'block/set':
      return `block: ${SETTINGS[edit.field] ?? edit.field}`;
    case 'session/set':
      return `${session(edit.session)}: ${edit.field}`;
    case 'slot/set':
      return `${slot(edit.slot)}: ${SLOT_FIELDS[edit.field]}`;
    case 'session/add':
      return `added ${edit.session.name}`;
    case 'session/remove':
      return 'removed a session';
    case 'slot/add':
      return `added ${names(edit.slot.exercise.id)}`;
    case 'slot/remove':
      return 'removed an exercise';
    case 'slot/move':
      return `moved ${slot(edit.slot)}`;
  }
}

/** What an edit changed, in a few words. */
export function editWords(edit: Edit, block: Block, names: ExerciseNames): string {
  if (edit.kind !== 'batch') return singleWords(edit, block, names);
  const words = [...new Set(edit.edits.map((one) => singleWords(one, block, names)))];
  const [first, second, ...more] = words;
  if (second === undefined) return first ?? 'nothing';
  return more.length === 0 ? `${first}; ${second}` : `${first}; ${second}; and ${more.length} more`;
}
