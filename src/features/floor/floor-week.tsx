import Link from 'next/link';
import { longDay } from '@/ui/words/dates';
import type { FloorLine, FloorWeekList } from './contract';
import classes from './floor.module.css';

function state(line: FloorLine): string {
  if (line.finished) return 'done';
  if (line.logged > 0) return `${line.logged} of ${line.sets}`;
  return line.optional ? 'if you like' : 'to do';
}

interface FloorWeekProps {
  readonly blockId: string;
  readonly week: FloorWeekList;
}

/** A week with its sessions; what is to do stands out by its word. */
export function FloorWeek({ blockId, week: { name, care, line: said, lines } }: FloorWeekProps) {
  return (
    <section>
      <h2 className={classes.group}>{name}</h2>
      {care === null ? null : <p>{care}</p>}
      {said === null ? null : <p className={classes.weekLine}>{said}</p>}
      <ul className={classes.list}>
        {lines.map((line) => (
          <li key={line.workoutId} className={classes.item}>
            <Link href={`/floor/${blockId}/${line.workoutId}`} className={classes.itemLink} prefetch={false}>
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
  );
}
