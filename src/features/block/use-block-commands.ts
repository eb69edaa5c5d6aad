import { useWindowEvent } from '@mantine/hooks';
import {
  BLOCK_COMMAND_NAMES,
  type BlockCommand,
  commandFacts,
  type Face,
  isOn,
  isPressed,
} from '@/client/commands';
import { isTyping } from '@/ui/is-typing';
import { usePaletteCommands } from '@/ui/palette-scope';
import { COMMAND_WORDS } from '@/ui/words/commands';

/** What each command does on this screen; null: nothing just now. One that is missing here does not compile. */
export type BlockRuns = { readonly [C in BlockCommand]: (() => void) | null };

/**
 * What the screen can do: offered in the palette by name, and done by its keys wherever the focus is but in a field.
 * @param otherwise a key that is no command's; whether it did something
 */
export function useBlockCommands(
  face: Face,
  runs: BlockRuns,
  otherwise: (event: KeyboardEvent) => boolean,
): void {
  const commands = BLOCK_COMMAND_NAMES.flatMap((command) => {
    const run = runs[command];
    const { name, searches = [] } = COMMAND_WORDS[command];
    const { keys } = commandFacts(command);
    return run !== null && isOn(command, face) ? [{ name, searches, keys, run }] : [];
  });
  usePaletteCommands(commands);
  useWindowEvent('keydown', (event) => {
    if (isTyping(event.target)) return;
    const command = commands.find(({ keys }) => isPressed(event, keys));
    if (command === undefined && !otherwise(event)) return;
    command?.run();
    event.preventDefault();
  });
}
