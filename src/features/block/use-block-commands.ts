import { useWindowEvent } from '@mantine/hooks';
import {
  BLOCK_COMMAND_NAMES,
  type BlockCommand,
  commandFacts,
  type Face,
  isOnTab,
  isPressed,
} from '@/client/commands';
import { isTyping } from '@/ui/is-typing';
import { usePaletteCommands } from '@/ui/palette-scope';
import { COMMAND_WORDS } from '@/ui/words/commands';

/** The action of each command on this screen; null: not available now. Leaving one out does not compile. */
export type BlockRuns = { readonly [C in BlockCommand]: (() => void) | null };

/**
 * The screen's commands: offered in the palette by name, and triggered by their keys unless a field has focus.
 * @param otherwise handles other keys; returns whether it did
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
    return run !== null && isOnTab(command, face) ? [{ name, searches, keys, run }] : [];
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
