import { Button } from '@mantine/core';
import { memo } from 'react';
import type { BlockSession } from '@/client/block-session';
import { type BlockCommand, commandFacts, FACES, type Face } from '@/client/commands';
import { type Athlete, type LocalDate, phaseOn, type SharedBy } from '@/core';
import { Bar } from '@/ui/shell/bar';
import { Tabs } from '@/ui/shell/tabs';
import * as screenWords from '@/ui/words/screens/block';
import * as common from '@/ui/words/screens/common';
import { sharedText } from '@/ui/words/sharing';
import { PHASE_NAMES } from '@/ui/words/values';
import { SavingNote } from './saving-note';

interface BlockBarProps {
  readonly session: BlockSession;
  readonly name: string;
  readonly athlete: Athlete;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly today: LocalDate;
  readonly shared: SharedBy | null;
  readonly face: Face;
  readonly onFace: (face: Face) => void;
  readonly onHistory: () => void;
}

/** At the top: the block's name, its tabs, undo and redo, and its saving state. */
export const BlockBar = memo(function BlockBar(props: BlockBarProps) {
  const { session, name: block, athlete, canUndo, canRedo, today, shared, face, onFace, onHistory } = props;
  const quiet = (command: BlockCommand, name: string, run: () => void, isOff = false) => (
    <Button variant="quiet" onClick={run} disabled={isOff} title={commandFacts(command).keys}>
      {name}
    </Button>
  );
  return (
    <Bar
      crumbs={[{ name: athlete.name, href: `/athletes/${athlete.id}` }, { name: block }]}
      face={face}
      about={
        shared === null
          ? `${athlete.level}, ${PHASE_NAMES[phaseOn(athlete, today)]}, ${athlete.unit}`
          : sharedText(shared)
      }
    >
      <Tabs label={screenWords.blockTabs} names={FACES} now={face} onChoose={onFace} />
      {quiet('undo', common.undo, session.undo, !canUndo)}
      {quiet('redo', screenWords.redo, session.redo, !canRedo)}
      {quiet('history', screenWords.history, onHistory)}
      <SavingNote session={session} />
    </Bar>
  );
});
