import type { Block, Edit, SingleEdit, SlotField } from '@/core';
import { findSlot } from '@/core';
import type { ExerciseNames } from './names';

const SLOT_FIELDS: Readonly<Record<SlotField, string>> = {
  exercise: 'exercise',
  variant: 'set-up',
  substitutes: 'substitutes',
  rotate: 'set-ups in turn',
  joined: 'group',
  technique: 'technique or sets',
  safety: 'how it is made safe',
  motion: 'range of motion',
  optionalSets: 'closing sets',
  stretch: 'stretch',
  breakBefore: 'break before it',
  stopFall: 'fall of reps that ends it',
  range: 'reps',
  rir: 'RIR',
  setTargets: 'single sets’ own',
  tempo: 'tempo',
  rest: 'rest',
  drift: 'later sets',
  loadRule: 'load rule',
  ofMax: 'share of one-rep max',
  loadStep: 'load step',
  rampTo: 'sets in the last week',
  setRule: 'set rule',
  start: 'start set',
  weeks: 'a week of its own',
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
  lowSets: 'low-set plan',
  loadShifts: 'all loads moved',
  rangeBinds: 'what the range binds',
  phaseRanges: 'ranges by phase',
  crediting: 'counting',
  landmarks: 'landmarks',
  time: 'session time',
  conventions: 'conventions',
  activities: 'other sport',
  pauses: 'pauses',
  dismissed: 'findings put aside',
  goals: 'goals',
};

function singleWords(edit: SingleEdit, block: Block, names: ExerciseNames): string {
  const slot = (id: string) => {
    const found = findSlot(block, id)?.slot;
    return found === undefined ? 'a slot that is gone' : names(found.exercise.id);
  };
  const session = (id: string) =>
    block.sessions.find((one) => one.id === id)?.name ?? 'a session that is gone';
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
      return 'took out a session';
    case 'slot/add':
      return `added ${names(edit.slot.exercise.id)}`;
    case 'slot/remove':
      return 'took out a slot';
    case 'slot/move':
      return `moved ${slot(edit.slot)}`;
  }
}

/** What a change did, in a few words. */
export function editWords(edit: Edit, block: Block, names: ExerciseNames): string {
  if (edit.kind !== 'batch') return singleWords(edit, block, names);
  const words = [...new Set(edit.edits.map((one) => singleWords(one, block, names)))];
  const [first, second, ...more] = words;
  if (second === undefined) return first ?? 'nothing';
  return more.length === 0 ? `${first}; ${second}` : `${first}; ${second}; and ${more.length} more`;
}
