import { credits, type Exercise, payoff, primeMovers } from '@/core';
import { formClasses as form } from '@/ui/form';
import { figure } from '@/ui/words/figures';
import classes from './library.module.css';

interface ExerciseTableProps {
  readonly exercises: readonly Exercise[];
  readonly chosen: string | undefined;
  readonly body: React.RefObject<HTMLTableSectionElement | null>;
  readonly isOwn: (exercise: Exercise) => boolean;
  readonly onOpen: (id: string) => void;
  readonly onMark: (id: string) => void;
}

/** What was found: a line an exercise, one stop of the Tab key for them all; the arrows walk it. */
export function ExerciseTable({ exercises, chosen, body, isOwn, onOpen, onMark }: ExerciseTableProps) {
  return (
    <table className={classes.table}>
      <thead>
        <tr>
          <th scope="col">exercise</th>
          <th scope="col">trains</th>
          <th scope="col">with</th>
          <th scope="col">hardest</th>
          <th scope="col" className={classes.figure}>
            payoff
          </th>
        </tr>
      </thead>
      <tbody ref={body}>
        {exercises.map((one) => (
          <tr key={one.id} data-chosen={one.id === chosen}>
            <th scope="row">
              <button
                type="button"
                className={classes.name}
                tabIndex={one.id === chosen ? 0 : -1}
                aria-current={one.id === chosen ? 'true' : undefined}
                onClick={() => onOpen(one.id)}
                onFocus={() => onMark(one.id)}
              >
                {one.name}
              </button>
              {isOwn(one) ? <span className={classes.own}> own</span> : null}
            </th>
            <td className={classes.trains}>
              {primeMovers(one).join(', ')}
              <span className={form.soft}>
                {credits(one)
                  .filter(([, share]) => share < 1)
                  .map(([muscle]) => `, ${muscle}`)
                  .join('')}
              </span>
            </td>
            <td>{one.equipment[0] ?? ''}</td>
            <td>{one.hardest}</td>
            <td className={classes.figure}>{figure(payoff(one), 1)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
