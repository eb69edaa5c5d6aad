'use client';

import classes from './print.module.css';

/** Opens the browser's own printing. */
export function PrintButton() {
  return (
    <button type="button" className={classes.button} onClick={() => window.print()}>
      Print
    </button>
  );
}
