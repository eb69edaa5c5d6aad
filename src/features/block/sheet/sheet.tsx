'use client';

import { Button } from '@mantine/core';
import { memo } from 'react';
import { commandFacts } from '@/client/commands';
import { useStableCallback } from '@/ui/use-stable-callback';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/sheet';
import classes from '../block.module.css';
import type { BlockFigures } from '../use-block-figures';
import { Grid } from './grid';
import type { useCursor } from './use-cursor';
import type { SheetUse } from './use-sheet';

interface SheetProps {
  readonly blockId: string;
  readonly shown: BlockFigures;
  readonly table: ReturnType<typeof useCursor>;
  readonly sheet: SheetUse;
}

/** The block as one table, with ways to add to it. */
export function Sheet({ blockId, shown, table, sheet }: SheetProps) {
  const { edits, calls } = sheet;
  const onSlot = useStableCallback(() => edits.beginSlot(table.row));
  const onSession = useStableCallback(() => void edits.addSession(true));
  return (
    <>
      <Grid
        blockId={blockId}
        block={shown.block}
        athlete={shown.athlete}
        catalogue={shown.catalogue}
        blockPlan={shown.blockPlan}
        rows={shown.rows}
        columns={shown.columns}
        cursor={table.cursor}
        moved={table.moved}
        editing={table.editing}
        calls={shown.callCells}
        adding={edits.adding}
        guesses={edits.guesses}
        range={table.range}
        {...calls}
      />
      <Adding onSlot={onSlot} onSession={onSession} />
    </>
  );
}

const Adding = memo(function Adding(props: { readonly onSlot: () => void; readonly onSession: () => void }) {
  return (
    <div className={classes.add}>
      <Button variant="quiet" onClick={props.onSlot} title={commandFacts('add slot').keys}>
        {common.addExercise}
      </Button>
      <Button variant="quiet" onClick={props.onSession} title={commandFacts('add session').keys}>
        {common.addSession}
      </Button>
    </div>
  );
});

/** Before the first session. */
export function EmptyBlock({ onAdd }: { readonly onAdd: () => void }) {
  return (
    <div className={classes.empty}>
      <h2>{words.noSessionsYet}</h2>
      <p>{words.aBlockHasSessionsAnd}</p>
      <Button variant="link" onClick={onAdd} title={commandFacts('add session').keys}>
        {words.addFirstSession}
      </Button>
    </div>
  );
}
