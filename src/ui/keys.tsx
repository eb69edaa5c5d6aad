import classes from './keys.module.css';

/** A key with what it does, as the strip and the help show it. */
export function KeyHint({ keys, children }: { readonly keys: string; readonly children: React.ReactNode }) {
  return (
    <span className={classes.hint}>
      <kbd className={classes.key}>{keys}</kbd> {children}
    </span>
  );
}
