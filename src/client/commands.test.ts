import { BLOCK_COMMAND_NAMES, commandFacts, FACES, isOnTab, isPressed } from './commands';

const pressed = (key: string, ...held: readonly ('alt' | 'ctrl' | 'meta' | 'shift')[]) => ({
  key,
  altKey: held.includes('alt'),
  ctrlKey: held.includes('ctrl'),
  metaKey: held.includes('meta'),
  shiftKey: held.includes('shift'),
});

test.each([
  [pressed('h', 'alt'), 'Alt H', true],
  [pressed('H', 'alt', 'shift'), 'Alt H', true],
  [pressed('1', 'alt'), 'Alt 1', true],
  [pressed('z', 'ctrl'), 'Ctrl Z', true],
  [pressed('z', 'meta'), 'Ctrl Z', true],
  [pressed('Z', 'ctrl', 'shift'), 'Ctrl Z', false],
  [pressed('Z', 'ctrl', 'shift'), 'Ctrl Y, Ctrl Shift Z', true],
  [pressed('y', 'ctrl'), 'Ctrl Y, Ctrl Shift Z', true],
  [pressed('h'), 'Alt H', false],
  // On many keyboards AltGr is reported as both Ctrl and Alt.
  [pressed('c', 'alt', 'ctrl'), 'Alt C', false],
  [pressed('how'), 'Enter on how', false],
  [pressed(''), '', false],
])('%o is %s: %s', (event, keys, is) => {
  expect(isPressed(event, keys)).toBe(is);
});

test('no two commands of a tab share a shortcut', () => {
  for (const face of FACES) {
    const chords = BLOCK_COMMAND_NAMES.filter((command) => isOnTab(command, face)).flatMap((command) =>
      commandFacts(command).keys.split(', '),
    );
    const named = chords.filter((chord) => chord !== '');
    expect(named).toEqual([...new Set(named)]);
  }
});
