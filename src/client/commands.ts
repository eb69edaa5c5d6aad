/** Ways of looking at one block. */
export const FACES = ['Frame', 'Sheet', 'Ladder', 'Review'] as const;
export type Face = (typeof FACES)[number];

/** Something a screen can do: found by its name in the palette, done by its keys, listed among the keys of the screen. */
export interface CommandFacts {
  readonly name: string;
  /** Chords as they are shown: `Alt H`, or several with commas. Empty: by name only. */
  readonly keys: string;
  /** What the list of keys says it does; absent: its name. */
  readonly help?: string;
  /** Faces it belongs to; absent: all. */
  readonly faces?: readonly Face[];
}

/** What a block's screen can do. A shortcut stands here and nowhere else. */
export const BLOCK_COMMANDS = {
  frame: { name: 'Show the Frame', keys: 'Alt 1' },
  sheet: { name: 'Show the Sheet', keys: 'Alt 2' },
  ladder: { name: 'Show the Ladder', keys: 'Alt 3' },
  review: { name: 'Show the Review', keys: 'Alt 4' },
  undo: { name: 'Undo', keys: 'Ctrl Z', help: 'undo; also after a reload' },
  redo: { name: 'Redo', keys: 'Ctrl Y, Ctrl Shift Z' },
  history: {
    name: 'History of the block',
    keys: 'Alt H',
    help: 'history: what was changed, and back to any of it',
  },
  balance: {
    name: 'Fill open slots and rebalance',
    keys: 'Alt B',
    help: 'fill open slots and rebalance the sets',
  },
  rehearse: {
    name: 'Rehearse the block',
    keys: 'Alt E',
    help: 'rehearse: the block lived many times by a simulated athlete',
  },
  conventions: {
    name: 'Conventions: the numbers behind it',
    keys: 'Alt C',
    help: 'conventions: the numbers behind it, and your own',
  },
  'add session': { name: 'Add a session', keys: 'Alt S' },
  replace: { name: 'Replace an exercise everywhere', keys: 'Alt R', faces: ['Sheet'] },
  details: {
    name: 'All of the slot',
    keys: 'Alt D',
    help: 'all of the slot: load rule, range of motion, substitutes, note',
    faces: ['Sheet'],
  },
  technique: { name: 'Choose the slot’s technique', keys: '', faces: ['Sheet'] },
  'add slot': { name: 'Add a slot', keys: 'Alt N', faces: ['Sheet'] },
  'accept all': { name: 'Accept all calls', keys: 'Alt A' },
  deload: { name: 'Deload: when and how', keys: '' },
  goals: { name: 'Goals of the muscles', keys: '' },
  template: { name: 'Keep the block as a template', keys: '' },
  export: { name: 'Save the block as a file', keys: '' },
  spreadsheet: { name: 'Spreadsheet: save the block as one, or take one back', keys: '' },
  print: { name: 'Print the week’s session sheets', keys: '' },
  issue: { name: 'Issue the next week', keys: 'Alt I' },
} as const satisfies Readonly<Record<string, CommandFacts>>;

export type BlockCommand = keyof typeof BLOCK_COMMANDS;
export const BLOCK_COMMAND_NAMES = Object.keys(BLOCK_COMMANDS) as BlockCommand[];

export function commandFacts(command: BlockCommand): CommandFacts {
  return BLOCK_COMMANDS[command];
}

/** Whether a command belongs to a face. */
export function isOn(command: BlockCommand, face: Face): boolean {
  return commandFacts(command).faces?.includes(face) ?? true;
}

type Pressed = Pick<KeyboardEvent, 'key' | 'altKey' | 'ctrlKey' | 'metaKey' | 'shiftKey'>;

/** Whether these keys are what a command names: `Alt H`, or any of `Ctrl Y, Ctrl Shift Z`. */
export function isPressed(event: Pressed, keys: string): boolean {
  return keys.split(', ').some((chord) => isChord(event, chord));
}

function isChord(event: Pressed, chord: string): boolean {
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

/** The keys of a face with what they do, as its list of keys shows them. */
export function keysOn(face: Face): readonly (readonly [keys: string, does: string])[] {
  return BLOCK_COMMAND_NAMES.filter((command) => isOn(command, face))
    .map(commandFacts)
    .filter(({ keys }) => keys !== '')
    .map(({ keys, help, name }) => [keys, help ?? name.charAt(0).toLowerCase() + name.slice(1)] as const);
}
