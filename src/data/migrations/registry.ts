import { STATEMENTS as firstRung } from './001-first-rung';
import { STATEMENTS as athletesExercises } from './002-athletes-exercises';
import { STATEMENTS as templates } from './003-templates';
import { STATEMENTS as setDetails } from './004-set-details';
import { STATEMENTS as whatSetsMeasure } from './005-what-sets-measure';
import { STATEMENTS as pendingCalls } from './006-pending-calls';
import { STATEMENTS as coachConventions } from './007-coach-conventions';
import { STATEMENTS as phones } from './008-phones';
import { STATEMENTS as athletesSide } from './009-athletes-side';
import { STATEMENTS as whoEntered } from './010-who-entered';
import { STATEMENTS as steering } from './011-steering';
import { STATEMENTS as outlines } from './012-outlines';
import { STATEMENTS as inAndOut } from './013-in-and-out';
import { STATEMENTS as sharedAthletes } from './014-shared-athletes';
import { STATEMENTS as signIn } from './015-sign-in';
import { STATEMENTS as whatIsDue } from './016-what-is-due';
import { STATEMENTS as toldAgain } from './017-told-again';
import { STATEMENTS as exerciseNames } from './018-exercise-names';
import { STATEMENTS as ownShares } from './019-own-shares';

/**
 * Migrations in order, each a list of SQL statements. Every statement must be repeatable, because the database
 * commits each schema change by itself: an interrupted migration runs again from its start. A released migration is
 * never changed; add the next one below it.
 */
export const MIGRATIONS: readonly { readonly name: string; readonly statements: readonly string[] }[] = [
  { name: '001-first-rung', statements: firstRung },
  { name: '002-athletes-exercises', statements: athletesExercises },
  { name: '003-templates', statements: templates },
  { name: '004-set-details', statements: setDetails },
  { name: '005-what-sets-measure', statements: whatSetsMeasure },
  { name: '006-pending-calls', statements: pendingCalls },
  { name: '007-coach-conventions', statements: coachConventions },
  { name: '008-phones', statements: phones },
  { name: '009-athletes-side', statements: athletesSide },
  { name: '010-who-entered', statements: whoEntered },
  { name: '011-steering', statements: steering },
  { name: '012-outlines', statements: outlines },
  { name: '013-in-and-out', statements: inAndOut },
  { name: '014-shared-athletes', statements: sharedAthletes },
  { name: '015-sign-in', statements: signIn },
  { name: '016-what-is-due', statements: whatIsDue },
  { name: '017-told-again', statements: toldAgain },
  { name: '018-exercise-names', statements: exerciseNames },
  { name: '019-own-shares', statements: ownShares },
];
