/** The tabs of a block. */
export const FACES = ['Split', 'Sheet', 'Ladder', 'Review'] as const;
export type Face = (typeof FACES)[number];

/** Something a screen can do. Its words are in `ui/words/commands`. */
export interface CommandFacts {
  /** Shortcuts as shown: `Alt H`, or several separated by commas. Empty: found by search only. */
  readonly keys: string;
  /** Tabs it belongs to; absent means all. */
  readonly faces?: readonly Face[];
}

/** What a block's screen can do, with shortcuts. */
export const BLOCK_COMMANDS = {
  split: { keys: 'Alt 1' },
  sheet: { keys: 'Alt 2' },
  ladder: { keys: 'Alt 3' },
  review: { keys: 'Alt 4' },
  undo: { keys: 'Ctrl Z' },
  redo: { keys: 'Ctrl Y, Ctrl Shift Z' },
  history: { keys: 'Alt H' },
  balance: { keys: 'Alt B' },
  simulate: { keys: 'Alt E' },
  rules: { keys: 'Alt C' },
  'add session': { keys: 'Alt S' },
  replace: { keys: 'Alt R', faces: ['Sheet'] },
  details: { keys: 'Alt D', faces: ['Sheet'] },
  progression: { keys: '', faces: ['Sheet'] },
  technique: { keys: '', faces: ['Sheet'] },
  superset: { keys: 'Alt J', faces: ['Sheet'] },
  'add set': { keys: '', faces: ['Sheet'] },
  'add slot': { keys: 'Alt N', faces: ['Sheet'] },
  'accept all': { keys: 'Alt A' },
  deload: { keys: '' },
  goals: { keys: '' },
  missed: { keys: '' },
  log: { keys: '' },
  template: { keys: '' },
  export: { keys: '' },
  spreadsheet: { keys: '' },
  print: { keys: '' },
  issue: { keys: 'Alt I' },
} as const satisfies Readonly<Record<string, CommandFacts>>;

export type BlockCommand = keyof typeof BLOCK_COMMANDS;
export const BLOCK_COMMAND_NAMES = Object.keys(BLOCK_COMMANDS) as BlockCommand[];

export function commandFacts(command: BlockCommand): CommandFacts {
  return BLOCK_COMMANDS[command];
}

/** Whether a command belongs to a tab. */
export function isOnTab(command: BlockCommand, face: Face): boolean {
  return commandFacts(command).faces?.includes(face) ?? true;
}

type Pressed = Pick<KeyboardEvent, 'key' | 'altKey' | 'ctrlKey' | 'metaKey' | 'shiftKey'>;

/** Whether a key event matches a shortcut: `Alt H`, or any of `Ctrl Y, Ctrl Shift Z`. */
export function isPressed(event: Pressed, keys: string): boolean {
  return keys.split(', ').some((chord) => matchesShortcut(event, chord));
}

function matchesShortcut(event: Pressed, chord: string): boolean {
  const parts = chord.split(' ');
  const [alt, control, shift] = ['Alt', 'Ctrl', 'Shift'].map((name) => parts.includes(name));
  return (
    (alt || control) === true &&
    event.altKey === alt &&
    (event.ctrlKey || event.metaKey) === control &&
    (!control || event.shiftKey === shift) &&
    event.key.toLowerCase() === parts.at(-1)?.toLowerCase()
  );
}
