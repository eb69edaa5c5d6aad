import Link from 'next/link';
import { CLINICIAN } from '@/ui/words/cautions';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/training';
import type { FloorWeekList } from './contract';
import { EarlierWeeks } from './earlier-weeks';
import { SyncNote } from './sync-note';
import classes from './training.module.css';
import { Week } from './week';

interface FloorListProps {
  readonly blockId: string;
  readonly athleteName: string;
  /** Other links: the coach's desk, or the athlete's phones. */
  readonly back: 'block' | 'phones';
  /** Whether a check-in is due; null if none is asked for here. */
  readonly checkIn: 'due' | 'done' | null;
  /** Sent weeks, latest first. */
  readonly weeks: readonly FloorWeekList[];
}

/** Latest weeks shown expanded. */
const IN_SIGHT = 3;

/** Sent sessions, latest week first. */
export function WeekList({ blockId, athleteName, weeks, back, checkIn }: FloorListProps) {
  return (
    <main className={classes.page}>
      <div className={classes.top}>
        <h1>{athleteName}</h1>
      </div>
      {back === 'phones' ? <SyncNote /> : null}
      {checkIn === 'due' ? (
        <Link href="/training/check-in" className={classes.due} prefetch={false}>
          {screenWords.checkInHowWasThe}
        </Link>
      ) : null}
      {weeks.slice(0, IN_SIGHT).map((week) => (
        <Week key={week.name} blockId={blockId} week={week} />
      ))}
      {weeks.length > IN_SIGHT ? <EarlierWeeks blockId={blockId} weeks={weeks.slice(IN_SIGHT)} /> : null}
      {weeks.length === 0 ? <p>{screenWords.noWeekHasBeenSent}</p> : null}
      <div className={classes.grow} />
      <p className={classes.soft}>{CLINICIAN}</p>
      {back === 'block' ? (
        <Link href={`/blocks/${blockId}`} className={classes.link} prefetch={false}>
          {screenWords.backToTheDesk}
        </Link>
      ) : (
        <nav className={classes.footLinks}>
          <Link href="/training/check-in" className={classes.link} prefetch={false}>
            {screenWords.checkIn}
          </Link>
          <Link href="/training/lifts" className={classes.link} prefetch={false}>
            {screenWords.yourLifts}
          </Link>
          <Link href="/training/phones" className={classes.link} prefetch={false}>
            {common.phones}
          </Link>
        </nav>
      )}
    </main>
  );
}
