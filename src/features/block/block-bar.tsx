import { Button } from '@mantine/core';
import type { BlockSession } from '@/client/block-session';
import { type BlockCommand, commandFacts, FACES, type Face } from '@/client/commands';
import { type LocalDate, phaseOn, type SharedBy } from '@/core';
import { Bar } from '@/ui/shell/bar';
import { Tabs } from '@/ui/shell/tabs';
import { sharedText } from '@/ui/words/sharing';
import type { BlockState } from '../../client/block-state';
import { SavingNote } from './saving-note';

interface BlockBarProps {
  readonly session: BlockSession;
  readonly state: BlockState;
  readonly today: LocalDate;
  readonly shared: SharedBy | null;
  readonly face: Face;
  readonly onFace: (face: Face) => void;
  readonly onHistory: () => void;
}

/** Along the top: whose block it is, its faces, the way back and forth, and whether it is saved. */
export function BlockBar({ session, state, today, shared, face, onFace, onHistory }: BlockBarProps) {
  const { athlete } = state.training;
  const { past, future } = state.document.history;
  const quiet = (command: BlockCommand, name: string, run: () => void, isOff = false) => (
    <Button variant="quiet" onClick={run} disabled={isOff} title={commandFacts(command).keys}>
      {name}
    </Button>
  );
  return (
    <Bar
      crumbs={[{ name: athlete.name, href: `/athletes/${athlete.id}` }, { name: state.document.block.name }]}
      face={face}
      about={
        shared === null ? `${athlete.level}, ${phaseOn(athlete, today)}, ${athlete.unit}` : sharedText(shared)
      }
    >
      <Tabs label="Faces of the block" names={FACES} now={face} onChoose={onFace} />
      {quiet('undo', 'Undo', session.undo, past.length === 0)}
      {quiet('redo', 'Redo', session.redo, future.length === 0)}
      {quiet('history', 'History', onHistory)}
      <SavingNote session={session} state={state} />
    </Bar>
  );
}
