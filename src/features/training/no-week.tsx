import Link from 'next/link';
import { CLINICIAN } from '@/ui/words/cautions';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/training';
import classes from './training.module.css';

/** The athlete's app before any week was sent. */
export function NoWeek() {
  return (
    <main className={classes.page}>
      <div className={classes.top}>
        <h1>{screenWords.noWeekSentYet}</h1>
      </div>
      <p>{screenWords.yourCoachHasNotSent}</p>
      <div className={classes.grow} />
      <p className={classes.soft}>{CLINICIAN}</p>
      <Link href="/training/phones" className={classes.link}>
        {common.phones}
      </Link>
    </main>
  );
}
