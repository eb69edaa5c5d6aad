'use client';

import { useComputedColorScheme, useMantineColorScheme } from '@mantine/core';
import classes from './shell/bar.module.css';

/** Switches between light and dark; remembered by the browser. */
export function SchemeButton() {
  const { setColorScheme } = useMantineColorScheme();
  const current = useComputedColorScheme('light', { getInitialValueInEffect: true });
  const other = current === 'dark' ? 'light' : 'dark';
  return (
    <button
      type="button"
      className={classes.quiet}
      onClick={() => setColorScheme(other)}
      title={`Switch to ${other}`}
    >
      {other === 'dark' ? 'Dark' : 'Light'}
    </button>
  );
}
