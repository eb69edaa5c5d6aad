'use client';

import { Button } from '@mantine/core';
import Link from 'next/link';
import { memo } from 'react';
import { barClasses } from '@/ui/shell/bar';
import * as words from '@/ui/words/screens/block';
import * as common from '@/ui/words/screens/common';

interface WeekActionsProps {
  readonly blockId: string;
  /** The week in sight; null while there is nothing to print. */
  readonly shownWeek: number | null;
  /** The last week handed out; null before the first. */
  readonly last: number | null;
  /** Whether nothing of it is logged yet. */
  readonly recallable: boolean;
  /** The week to hand out next; null after the last. */
  readonly next: number | null;
  /** Whether that is the deload. */
  readonly deload: boolean;
  readonly busy: boolean;
  /** Whether the block is another coach's, to read alone: it is printed, and no more. */
  readonly isToRead: boolean;
  readonly onIssue: (week: number) => void;
  readonly onRecall: (week: number) => void;
}

/** What a coach does with whole weeks: hand out, call back, print, look at on the floor. */
export const WeekActions = memo(function WeekActions(props: WeekActionsProps) {
  const { blockId, shownWeek, last, recallable, next, deload, busy, isToRead, onIssue, onRecall } = props;
  return (
    <>
      {last === null || isToRead ? null : (
        <Link className={barClasses.quiet} href={`/training/${blockId}`} prefetch={false}>
          {common.openAsAthlete}
        </Link>
      )}
      {shownWeek === null ? null : (
        <Link
          className={barClasses.quiet}
          href={`/blocks/${blockId}/print/${shownWeek}`}
          prefetch={false}
          target="_blank"
        >
          {words.printWeek(shownWeek)}
        </Link>
      )}
      {last !== null && recallable && !isToRead ? (
        <Button variant="link" aria-disabled={busy} onClick={() => onRecall(last)}>
          {words.recallWeek(last)}
        </Button>
      ) : null}
      {next === null || isToRead ? null : (
        <Button variant="link" aria-disabled={busy} onClick={() => onIssue(next)} title={words.altI}>
          {deload ? words.sendTheDeload : words.sendWeek(next)}
        </Button>
      )}
    </>
  );
});
