'use client';

import { Button } from '@mantine/core';
import Link from 'next/link';
import { memo } from 'react';
import { barClasses } from '@/ui/shell/bar';
import * as words from '@/ui/words/screens/block';
import * as common from '@/ui/words/screens/common';

interface WeekActionsProps {
  readonly blockId: string;
  /** The visible week; null if there is nothing to print. */
  readonly shownWeek: number | null;
  /** The last sent week; null before the first. */
  readonly last: number | null;
  /** Whether nothing is logged in it yet. */
  readonly recallable: boolean;
  /** The week to send next; null after the last. */
  readonly next: number | null;
  /** Whether that is the deload. */
  readonly deload: boolean;
  readonly busy: boolean;
  /** Whether the block is shared to read: it can only be printed. */
  readonly isToRead: boolean;
  readonly onIssue: (week: number) => void;
  readonly onRecall: (week: number) => void;
}

/** Actions on whole weeks: send, recall, print, open as athlete. */
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
