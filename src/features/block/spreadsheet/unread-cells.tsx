import { plural } from '@/ui/words/figures';
import { problemSentence } from '@/ui/words/problems';
import * as screenWords from '@/ui/words/screens/spreadsheet';
import type { UnreadCell } from './from-sheets';
import classes from './spreadsheet.module.css';

/** Cells that could not be read, by their names in the spreadsheet. */
export function UnreadCells({ unread }: { readonly unread: readonly UnreadCell[] }) {
  if (unread.length === 0) return null;
  return (
    <div role="alert" className={classes.problem}>
      {screenWords.couldNotBeReadAnd(plural(unread.length, 'cell'), unread.length === 1 ? 'is' : 'are')}
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
