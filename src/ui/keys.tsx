import classes from './keys.module.css';

/** A key with its effect, in the explanation and the help. */
export function KeyHint({ keys, children }: { readonly keys: string; readonly children: React.ReactNode }) {
  return (
    <span className={classes.hint}>
      <kbd className={classes.key}>{keys}</kbd> {children}
    </span>
  );
}
