import type { ReactNode } from 'react';
import * as common from '@/ui/words/screens/common';
import classes from './entrance.module.css';
import { Mark } from './mark';

interface EntranceProps {
  /** What its form does; absent: it only says something. */
  readonly action?: (data: FormData) => void;
  /** Set larger, for a phone. */
  readonly large?: boolean;
  readonly children: ReactNode;
}

/** A page one comes in by: the product's name over one form. */
export function Entrance({ action, large = false, children }: EntranceProps) {
  const all = (
    <>
      <h1 className={classes.title}>
        <Mark /> {common.product}
      </h1>
      {children}
    </>
  );
  return (
    <main className={classes.page}>
      {action === undefined ? (
        <div className={classes.form}>{all}</div>
      ) : (
        <form action={action} className={classes.form} data-large={large}>
          {all}
        </form>
      )}
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
