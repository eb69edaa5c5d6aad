import Link from 'next/link';
import { longDay } from '@/ui/words/dates';
import * as screenWords from '@/ui/words/screens/training';
import type { FloorLine, FloorWeekList } from './contract';
import classes from './training.module.css';

function state(line: FloorLine): string {
  if (line.finished) return 'done';
  if (line.logged > 0) return screenWords.loggedOfSets(line.logged, line.sets);
  return line.optional ? screenWords.optional : screenWords.toDo;
}

interface FloorWeekProps {
  readonly blockId: string;
  readonly week: FloorWeekList;
}

/** A week with its sessions; the next one to do stands out. */
export function Week({ blockId, week: { name, care, line: said, lines } }: FloorWeekProps) {
  return (
    <section>
      <h2 className={classes.group}>{name}</h2>
      {care === null ? null : <p>{care}</p>}
      {said === null ? null : <p className={classes.weekLine}>{said}</p>}
      <ul className={classes.list}>
        {lines.map((line) => (
          <li key={line.workoutId} className={classes.item}>
            <Link
              href={`/training/${blockId}/${line.workoutId}`}
              className={classes.itemLink}
              prefetch={false}
            >
              <span className={classes.itemHead}>
                <span>{line.name}</span>
                <span className={line.finished ? classes.soft : ''}>{state(line)}</span>
              </span>
              <span className={classes.soft}>
                {screenWords.setsMin(
                  line.day,
                  line.sets,
                  line.minutes,
                  line.date === null ? '' : `, ${longDay(line.date)}`,
                )}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
