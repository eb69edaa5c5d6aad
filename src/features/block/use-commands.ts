import { useWindowEvent } from '@mantine/hooks';
import { isTyping } from '@/ui/is-typing';
import { type Command, usePaletteCommands } from '@/ui/palette-scope';

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

/**
 * What the screen can do: offered in the palette by name, and done by its keys wherever the focus is but in a field.
 * @param otherwise a key that is no command's; whether it did something
 */
export function useCommands(
  commands: readonly Command[],
  otherwise: (event: KeyboardEvent) => boolean,
): void {
  usePaletteCommands(commands);
  useWindowEvent('keydown', (event) => {
    if (isTyping(event.target)) return;
    const command = commands.find(({ keys }) => isPressed(event, keys));
    if (command === undefined && !otherwise(event)) return;
    command?.run();
    event.preventDefault();
  });
}
