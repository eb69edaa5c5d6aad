import Link from 'next/link';
import { useEffect, useState } from 'react';
import { draftKey } from '@/client/athlete-draft';
import * as words from '@/ui/words/screens/new-block';
import classes from './new-block.module.css';

/** Milliseconds between checks for unsaved changes. */
const LOOK_MS = 1000;

/** Warns about unsaved profile changes in this tab: a new block uses the saved profile. */
export function UnsavedProfile({ athleteId }: { readonly athleteId: string }) {
  const [waits, setWaits] = useState(false);
  useEffect(() => {
    const look = () => setWaits(sessionStorage.getItem(draftKey(athleteId)) !== null);
    look();
    // It may be being saved while this page opens.
    const timer = setInterval(look, LOOK_MS);
    return () => clearInterval(timer);
  }, [athleteId]);
  if (!waits) return null;
  return (
    <p className={classes.unkept} role="note">
      {words.aChangeOfTheProfile} <Link href={`/athletes/${athleteId}`}>{words.openProfile}</Link>
    </p>
  );
}
