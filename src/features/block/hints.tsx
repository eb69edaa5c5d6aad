import { CloseButton } from '@mantine/core';
import { useEffect, useState } from 'react';
import * as words from '@/ui/words/screens/block';
import classes from './hints.module.css';

const CLOSED = 'ladder/hints-closed';

/** Hints for beginners; once closed, they stay closed in this browser. */
export function Hints() {
  const [isShown, setShown] = useState(false);
  useEffect(() => setShown(localStorage.getItem(CLOSED) === null), []);
  if (!isShown) return null;
  return (
    <aside className={classes.hints} aria-label={words.gettingStarted}>
      <ul>
        <li>{words.arrowsMoveEnterEditsEverything}</li>
        <li>{words.theLineAtTheBottom}</li>
        <li>{words.ctrlKSearchesEverythingShows}</li>
      </ul>
      <CloseButton
        size={24}
        aria-label={words.closeTheseHintsForGood}
        onClick={() => {
          localStorage.setItem(CLOSED, 'yes');
          setShown(false);
        }}
      />
    </aside>
  );
}
