import Link from 'next/link';
import { useEffect, useState } from 'react';
import { draftKey } from '@/client/athlete-draft';
import * as words from '@/ui/words/screens/new-block';
import classes from './new-block.module.css';

/** How often it is looked at whether it still waits. */
const LOOK_MS = 1000;

/** Says that a change of the athlete's profile waits unkept in this tab: a new block is laid for what is kept. */
export function Unkept({ athleteId }: { readonly athleteId: string }) {
  const [waits, setWaits] = useState(false);
  useEffect(() => {
    const look = () => setWaits(sessionStorage.getItem(draftKey(athleteId)) !== null);
    look();
    // It may be on its way to be kept as this page opens.
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
