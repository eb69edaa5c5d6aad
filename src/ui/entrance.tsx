import type { ReactNode } from 'react';
import classes from './entrance.module.css';
import { Mark } from './mark';

interface EntranceProps {
  readonly action: (data: FormData) => void;
  /** Set larger, for a phone. */
  readonly large?: boolean;
  readonly children: ReactNode;
}

/** A page one comes in by: the product's name over one form. */
export function Entrance({ action, large = false, children }: EntranceProps) {
  return (
    <main className={classes.page}>
      <form action={action} className={classes.form} data-large={large}>
        <h1 className={classes.title}>
          <Mark /> Dense Ladder
        </h1>
        {children}
      </form>
    </main>
  );
}

/** Why one is not in yet; its line stands empty while there is nothing to say. */
export function EntranceProblem({ children }: { readonly children: ReactNode }) {
  return (
    <p className={classes.problem} role="alert">
      {children}
    </p>
  );
}
