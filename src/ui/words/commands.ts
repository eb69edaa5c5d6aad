import { BLOCK_COMMAND_NAMES, type BlockCommand, commandFacts, type Face, isOnTab } from '@/client/commands';

interface CommandWords {
  readonly name: string;
  /** What the list of shortcuts says it does; absent: its name. */
  readonly help?: string;
  /** Other search words for it. */
  readonly searches?: readonly string[];
}

/** What a block's screen can do, as search and the list of shortcuts name it. */
export const COMMAND_WORDS: Readonly<Record<BlockCommand, CommandWords>> = {
  split: { name: 'Show Split', searches: ['days', 'calendar', 'schedule', 'frequency'] },
  sheet: { name: 'Show Sheet', searches: ['table', 'loads', 'prescription'] },
  ladder: { name: 'Show Ladder', searches: ['volume', 'weekly sets', 'projection'] },
  review: { name: 'Show Review', searches: ['results', 'summary', 'what worked'] },
  undo: { name: 'Undo', help: 'undo, also after a reload' },
  redo: { name: 'Redo' },
  history: { name: 'History of the block', searches: ['versions', 'revisions', 'changes', 'go back'] },
  balance: {
    name: 'Fill and rebalance',
    help: 'fill open rows and rebalance sets',
    searches: ['rebalance sets', 'optimize volume', 'fill open rows'],
  },
  simulate: {
    name: 'Simulate the block',
    searches: ['simulation', 'forecast', 'what if', 'predict'],
  },
  rules: {
    name: 'Rules and numbers of this block',
    help: 'rules and numbers',
    searches: ['settings', 'conventions', 'thresholds', 'defaults'],
  },
  'add session': { name: 'Add session', searches: ['add a day', 'new session', 'add workout'] },
  replace: {
    name: 'Replace an exercise everywhere',
    searches: ['swap exercise', 'change exercise', 'substitute'],
  },
  details: {
    name: 'Exercise details',
    help: 'exercise details: progression rule, range of motion, alternatives, note',
    searches: ['note', 'cues', 'range of motion', 'alternatives', 'rep drop-off'],
  },
  progression: {
    name: 'Progression rule of the exercise',
    searches: ['progression', 'double progression', 'load rule', 'add weight', 'progressive overload'],
  },
  technique: {
    name: 'Technique of the exercise',
    searches: ['rest-pause', 'drop set', 'back-off sets', 'cluster', 'partials', 'set technique'],
  },
  superset: {
    name: 'Superset with the exercise above',
    searches: ['superset', 'giant set', 'circuit', 'pair exercises', 'group exercises'],
  },
  'add set': { name: 'Add a set', searches: ['add a set', 'more sets', 'one more set', 'extra set'] },
  'add slot': { name: 'Add exercise', searches: ['add an exercise', 'new exercise', 'new row'] },
  'accept all': { name: 'Apply all proposed changes', searches: ['accept', 'proposals'] },
  deload: {
    name: 'Deload: kind and week',
    searches: ['deload now', 'early deload', 'recovery week', 'light week', 'back off'],
  },
  goals: { name: 'Goals of the muscles', searches: ['priority muscles', 'specialize', 'maintain', 'grow'] },
  missed: {
    name: 'Move or skip a session this week',
    searches: ['missed session', 'missed day', 'missed workout', 'reschedule', 'lost day', 'move session'],
  },
  log: {
    name: 'Log a session as the athlete',
    searches: ['log a session', 'log workout', 'enter sets', 'open as athlete', 'rest timer'],
  },
  template: { name: 'Save as template' },
  export: { name: 'Save the block as a file', searches: ['export', 'backup', 'download', 'json'] },
  spreadsheet: { name: 'Export or import a spreadsheet', searches: ['excel', 'xlsx', 'table'] },
  print: { name: 'Print the week', searches: ['paper', 'pdf', 'session sheets'] },
  issue: { name: 'Send next week', searches: ['send week', 'publish', 'release', 'share with athlete'] },
};

/** The shortcuts of a tab with what they do. */
export function keysOn(face: Face): readonly (readonly [keys: string, does: string])[] {
  return BLOCK_COMMAND_NAMES.filter(
    (command) => isOnTab(command, face) && commandFacts(command).keys !== '',
  ).map((command) => {
    const { name, help } = COMMAND_WORDS[command];
    return [commandFacts(command).keys, help ?? name.charAt(0).toLowerCase() + name.slice(1)] as const;
  });
}
