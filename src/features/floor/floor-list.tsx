import Link from 'next/link';
import { CLINICIAN } from '@/ui/words/cautions';
import { longDay } from '@/ui/words/dates';
import type { FloorLine } from './contract';
import classes from './floor.module.css';
import { OnItsWay } from './on-its-way';

interface FloorListProps {
  readonly blockId: string;
  readonly athleteName: string;
  /** Where else it leads: the coach's desk, or the athlete's phones. */
  readonly back: 'block' | 'phones';
  /** Whether a check-in is due; null where none is asked here. */
  readonly checkIn: 'due' | 'done' | null;
  /** Issued weeks, the latest first. */
  readonly weeks: readonly {
    readonly name: string;
    /** What the week is for, where that needs saying. */
    readonly care: string | null;
    /** What the coach says with it. */
    readonly line: string | null;
    readonly lines: readonly FloorLine[];
  }[];
}

function state(line: FloorLine): string {
  if (line.finished) return 'done';
  if (line.logged > 0) return `${line.logged} of ${line.sets}`;
  return line.optional ? 'if you like' : 'to do';
}

/** The sessions handed out, the latest week first; what is to do stands out by its word. */
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
      {weeks.map(({ name, care, line, lines }) => (
        <section key={name}>
          <h2 className={classes.group}>{name}</h2>
          {care === null ? null : <p>{care}</p>}
          {line === null ? null : <p className={classes.weekLine}>{line}</p>}
          <ul className={classes.list}>
            {lines.map((line) => (
              <li key={line.workoutId} className={classes.item}>
                <Link
                  href={`/floor/${blockId}/${line.workoutId}`}
                  className={classes.itemLink}
                  prefetch={false}
                >
                  <span className={classes.itemHead}>
                    <span>{line.name}</span>
                    <span className={line.finished ? classes.soft : ''}>{state(line)}</span>
                  </span>
                  <span className={classes.soft}>
                    {line.day}, {line.sets} sets, {line.minutes} min
                    {line.date === null ? '' : `, ${longDay(line.date)}`}
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        </section>
      ))}
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
