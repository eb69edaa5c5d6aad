'use client';

import dynamic from 'next/dynamic';
import type { Face } from '@/client/commands';
import type { Edit, Goal, LocalDate, Muscle, Problem, Result, Training, WeekState } from '@/core';
import { isTyping } from '@/ui/is-typing';
import classes from './block.module.css';
import type { BlockActions } from './contract';
import { Hints } from './hints';
import type { Range } from './sheet/clipboard';
import { weekColumn } from './sheet/layout';
import { loadTableText, tableTextNow } from './sheet/load-table-text';
import { EmptyBlock, Sheet } from './sheet/sheet';
import type { useCursor } from './sheet/use-cursor';
import type { SheetUse } from './sheet/use-sheet';
import { rangeOf } from './sheet/use-table-keys';
import type { BlockFigures } from './use-block-figures';

const Frame = dynamic(() => import('./split/split'), { ssr: false });
const LadderFace = dynamic(() => import('./ladder/ladder-face'), { ssr: false });
const ReviewFace = dynamic(() => import('./review/review-face'), { ssr: false });
const SlotDetails = dynamic(() => import('./sheet/slot-details'), { ssr: false });

interface WorkProps {
  readonly face: Face;
  readonly shown: BlockFigures;
  readonly training: Training;
  readonly weekState: WeekState | undefined;
  readonly table: ReturnType<typeof useCursor>;
  readonly sheet: SheetUse;
  readonly today: LocalDate;
  readonly activeRests: readonly LocalDate[];
  readonly actions: BlockActions;
  readonly isDetailed: boolean;
  readonly attempt: (edit: Edit) => Result<null>;
  readonly tell: (outcome: { readonly ok: boolean; readonly problems?: readonly Problem[] }) => void;
  readonly onGoal: (muscle: Muscle, goal: Goal) => void;
  readonly onSaveTemplate: () => void;
  /** Goes to a cell of the Sheet. */
  readonly onCell: (row: string, column?: ReturnType<typeof weekColumn>) => void;
  readonly onCloseDetails: () => void;
  readonly isBusy: boolean;
  readonly onCloseWeek: (week: number, closed: boolean) => void;
  /** Merges what the server has changed. */
  readonly onChanged: () => void;
}

/** Points across a landscape A4 sheet, of the columns before the weeks, and of a week. */
const ACROSS = 1020;
const BEFORE_WEEKS = 505;
const A_WEEK = 88;

/** Scale at which the printed Sheet fits all weeks and the deload side by side. */
function printZoom(weeks: number): React.CSSProperties {
  const zoom = Math.min(1, ACROSS / (BEFORE_WEEKS + A_WEEK * (weeks + 1)));
  return { '--print-zoom': zoom.toFixed(3) } as React.CSSProperties;
}

/** The visible tab of the block. */
export function BlockTab(props: WorkProps) {
  const { face, shown, table, sheet, tell, isDetailed, today, attempt } = props;
  const { edits } = sheet;
  const { row } = table;
  const isSheet = face === 'Sheet';
  /** Copies a range to the clipboard, then does what cutting needs. */
  const carry = (event: React.ClipboardEvent, range: Range, then: () => void) => {
    event.preventDefault();
    const now = tableTextNow();
    if (now !== null) {
      event.clipboardData.setData('text/plain', edits.copy(range, now));
      then();
      return;
    }
    // Outside a clipboard event the asynchronous API is used. Nothing is removed unless it was copied.
    void loadTableText()
      .then((late) => navigator.clipboard.writeText(edits.copy(range, late)))
      .then(then, () => undefined);
  };
  return (
    <div className={classes.pane}>
      {isSheet ? <Hints /> : <span />}
      <div
        className={classes.scroll}
        style={isSheet ? printZoom(shown.block.weeks) : undefined}
        onCopy={(event) => {
          if (!isSheet || isTyping(event.target)) return;
          carry(event, rangeOf(table.range, table.cursor), () => undefined);
        }}
        onCut={(event) => {
          if (!isSheet || isTyping(event.target)) return;
          const range = rangeOf(table.range, table.cursor);
          carry(event, range, () => {
            if (range.from.column === 'slot' && range.to.column === 'slot') edits.removeSlots(range);
            else tell(edits.clear(range));
          });
        }}
        onPaste={(event) => {
          if (!isSheet || isTyping(event.target)) return;
          event.preventDefault();
          const text = event.clipboardData.getData('text/plain');
          void loadTableText().then((tableText) => tell(edits.paste(text, table.cursor, tableText)));
        }}
      >
        <TabContent {...props} />
      </div>
      {isSheet && isDetailed && row?.kind === 'slot' ? (
        <SlotDetails
          row={row}
          athlete={shown.athlete}
          catalogue={shown.catalogue}
          planned={shown.unissued?.plan.sessions
            .flatMap(({ slots }) => slots)
            .find(({ slotId }) => slotId === row.slot.id)}
          today={today}
          attempt={attempt}
          onClose={props.onCloseDetails}
        />
      ) : null}
    </div>
  );
}

function TabContent(props: WorkProps) {
  const { face, shown, training, weekState, table, sheet, actions, attempt, onGoal, onCell } = props;
  const { block, athlete, catalogue, blockPlan } = shown;
  const isEmpty = block.sessions.length === 0;
  if (face === 'Split' && weekState !== undefined)
    return (
      <Frame
        block={block}
        athlete={athlete}
        catalogue={catalogue}
        blockPlan={blockPlan}
        weekState={weekState}
        today={props.today}
        busy={props.isBusy}
        attempt={attempt}
        onClose={props.onCloseWeek}
        onOpenSession={(id) => onCell(id)}
        onAddSession={() => sheet.edits.addSession(false)}
        onGoal={onGoal}
        onSay={(title, text) => table.setFocus({ kind: 'said', title, text })}
        onSaveTemplate={isEmpty ? null : props.onSaveTemplate}
      />
    );
  if (face === 'Ladder' && !isEmpty)
    return (
      <LadderFace
        block={block}
        athlete={athlete}
        catalogue={catalogue}
        training={training}
        today={props.today}
        activeRests={props.activeRests}
        blockPlan={blockPlan}
        actions={actions}
        attempt={attempt}
        lookAt={shown.lookAt}
        onFocusMuscle={(muscle) => table.setFocus({ kind: 'muscle', muscle })}
        onCell={(row, week) => onCell(row, weekColumn(week))}
      />
    );
  if (face === 'Review' && !isEmpty)
    return (
      <ReviewFace
        training={training}
        blockPlan={blockPlan}
        catalogue={catalogue}
        today={props.today}
        actions={actions}
        onChanged={props.onChanged}
      />
    );
  if (isEmpty) return <EmptyBlock onAdd={() => sheet.edits.addSession(true)} />;
  return <Sheet blockId={training.blockId} shown={shown} table={table} sheet={sheet} />;
}
