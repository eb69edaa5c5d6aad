import type { ReactNode } from 'react';
import * as common from '@/ui/words/screens/common';
import classes from './entrance.module.css';
import { Mark } from './mark';

interface EntranceProps {
  /** The form's action; absent: it only shows a message. */
  readonly action?: (data: FormData) => void;
  /** Larger, for a phone. */
  readonly large?: boolean;
  readonly children: ReactNode;
}

/** A page for signing in: the product's name above a form. */
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

/** Why signing in failed; the line stays empty otherwise. */
export function EntranceProblem({ children }: { readonly children: ReactNode }) {
  return (
    <p className={classes.problem} role="alert">
      {children}
    </p>
  );
}
