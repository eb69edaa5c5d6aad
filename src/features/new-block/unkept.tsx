import Link from 'next/link';
import { useEffect, useState } from 'react';
import { draftKey } from '@/client/athlete-draft';
import classes from './new-block.module.css';

/** Says that a change of the athlete's profile waits unkept in this tab: a new block is laid for what is kept. */
export function Unkept({ athleteId }: { readonly athleteId: string }) {
  const [waits, setWaits] = useState(false);
  useEffect(() => setWaits(sessionStorage.getItem(draftKey(athleteId)) !== null), [athleteId]);
  if (!waits) return null;
  return (
    <p className={classes.unkept} role="note">
      A change of the profile is not kept yet; this block is laid for what is kept.{' '}
      <Link href={`/athletes/${athleteId}`}>Look at it</Link>
    </p>
  );
}
