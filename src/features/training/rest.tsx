import { useEffect, useRef } from 'react';
import { clock } from '@/ui/words/figures';
import * as screenWords from '@/ui/words/screens/training';
import { Fact } from './fact';
import { signal } from './signal';
import classes from './training.module.css';
import { useNow } from './use-now';

const LONGEST_SHOWN = 15 * 60;

/**
 * Counts the rest up from the last logged set, so that a closed page or a sleeping phone loses no time. Its end is
 * signalled once by sound and vibration.
 */
export function Rest({ since, of }: { readonly since: string; readonly of: number }) {
  const now = useNow(true, 1000);
  const over = now !== null && of > 0 && now - Date.parse(since) >= of * 1000;
  const waited = useRef(false);
  useEffect(() => {
    if (now === null) return;
    if (over && waited.current) signal();
    waited.current = !over;
  }, [now, over]);
  if (now === null) return null;
  const seconds = Math.max(0, Math.floor((now - Date.parse(since)) / 1000));
  if (seconds > LONGEST_SHOWN) return null;
  if (of === 0) return <Fact name="Rest" value={screenWords.noRestContinue} />;
  return (
    <div className={classes.fact}>
      <dt>{screenWords.rest}</dt>
      <dd className={seconds >= of ? classes.over : ''}>
        {screenWords.timeOfLimit(clock(seconds), clock(of), seconds >= of ? screenWords.go : '')}
      </dd>
    </div>
  );
}
