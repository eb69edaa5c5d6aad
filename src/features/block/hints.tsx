import { CloseButton } from '@mantine/core';
import { useEffect, useState } from 'react';
import classes from './hints.module.css';

const CLOSED = 'ladder/hints-closed';

/** What one must know to begin; closed once, it is gone for good in this browser. */
export function Hints() {
  const [isShown, setShown] = useState(false);
  useEffect(() => setShown(localStorage.getItem(CLOSED) === null), []);
  if (!isShown) return null;
  return (
    <aside className={classes.hints} aria-label="To begin with">
      <ul>
        <li>Arrows move, Enter edits; everything follows at once, Ctrl Z takes it back.</li>
        <li>The strip at the foot says why the figure in focus is what it is.</li>
        <li>Ctrl K finds anything; ? shows the keys.</li>
      </ul>
      <CloseButton
        size={24}
        aria-label="Close these hints for good"
        onClick={() => {
          localStorage.setItem(CLOSED, 'yes');
          setShown(false);
        }}
      />
    </aside>
  );
}
