import Link from 'next/link';
import { CLINICIAN } from '@/ui/words/cautions';
import type { FloorWeekList } from './contract';
import { EarlierWeeks } from './earlier-weeks';
import classes from './floor.module.css';
import { FloorWeek } from './floor-week';
import { OnItsWay } from './on-its-way';

interface FloorListProps {
  readonly blockId: string;
  readonly athleteName: string;
  /** Where else it leads: the coach's desk, or the athlete's phones. */
  readonly back: 'block' | 'phones';
  /** Whether a check-in is due; null where none is asked here. */
  readonly checkIn: 'due' | 'done' | null;
  /** Issued weeks, the latest first. */
  readonly weeks: readonly FloorWeekList[];
}

/** So many of the latest weeks stand open. */
const IN_SIGHT = 3;

/** The sessions handed out, the latest week first. */
export function FloorList({ blockId, athleteName, weeks, back, checkIn }: FloorListProps) {
  return (
    <main className={classes.page}>
      <div className={classes.top}>
        <h1>{athleteName}</h1>
      </div>
      {back === 'phones' ? <OnItsWay /> : null}
      {checkIn === 'due' ? (
        <Link href="/floor/check-in" className={classes.due} prefetch={false}>
          Check in: how was the week?
        </Link>
      ) : null}
      {weeks.slice(0, IN_SIGHT).map((week) => (
        <FloorWeek key={week.name} blockId={blockId} week={week} />
      ))}
      {weeks.length > IN_SIGHT ? <EarlierWeeks blockId={blockId} weeks={weeks.slice(IN_SIGHT)} /> : null}
      {weeks.length === 0 ? <p>No week has been handed out yet.</p> : null}
      <div className={classes.grow} />
      <p className={classes.soft}>{CLINICIAN}</p>
      {back === 'block' ? (
        <Link href={`/blocks/${blockId}`} className={classes.link} prefetch={false}>
          Back to the desk
        </Link>
      ) : (
        <nav className={classes.footLinks}>
          <Link href="/floor/check-in" className={classes.link} prefetch={false}>
            Check in
          </Link>
          <Link href="/floor/you" className={classes.link} prefetch={false}>
            Your lifts
          </Link>
          <Link href="/floor/phones" className={classes.link} prefetch={false}>
            Phones
          </Link>
        </nav>
      )}
    </main>
  );
}
