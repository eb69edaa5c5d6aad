import { plural } from '@/ui/words/figures';
import { problemSentence } from '@/ui/words/problems';
import type { UnreadCell } from './from-sheets';
import classes from './spreadsheet.module.css';

/** Cells that could not be read, by their names in the spreadsheet. */
export function UnreadCells({ unread }: { readonly unread: readonly UnreadCell[] }) {
  if (unread.length === 0) return null;
  return (
    <div role="alert" className={classes.problem}>
      {plural(unread.length, 'cell')} could not be read and {unread.length === 1 ? 'is' : 'are'} left out:
      <ul>
        {unread.map(({ sheet, cell, problem }) => (
          <li key={`${sheet} ${cell}`}>
            <strong>
              {sheet}, {cell}
            </strong>
            : {problemSentence(problem)}
          </li>
        ))}
      </ul>
    </div>
  );
}
