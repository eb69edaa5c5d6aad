import Link from 'next/link';
import { CLINICIAN } from '@/ui/words/cautions';
import classes from './floor.module.css';

/** The floor before any week was handed out. */
export function FloorEmpty() {
  return (
    <main className={classes.page}>
      <div className={classes.top}>
        <h1>Nothing handed out yet</h1>
      </div>
      <p>Your coach has not handed out a week. Once it is, it stands here.</p>
      <div className={classes.grow} />
      <p className={classes.soft}>{CLINICIAN}</p>
      <Link href="/floor/phones" className={classes.link}>
        Phones
      </Link>
    </main>
  );
}
