import { KeyHint } from '@/ui/keys';
import * as words from '@/ui/words/screens/block';
import type { Explanation } from './focus';
import classes from './strip.module.css';

/** At the bottom: the reason for the focused figure, and its alternatives. */
export function WhyStrip({ said }: { readonly said: Explanation }) {
  return (
    <section className={classes.strip} aria-label={words.explanation}>
      <div className={classes.subject}>
        <span className={classes.title}>{said.title}</span>
        <span className={classes.value}>{said.value}</span>
      </div>
      <div aria-live="polite" data-testid="why">
        <p className={classes.because} title={said.because}>
          {said.because}
        </p>
        <p className={classes.besides} title={said.besides}>
          {said.besides}
        </p>
      </div>
      <div className={classes.keys}>
        {said.keys.map(([key, does]) => (
          <KeyHint keys={key} key={key}>
            {does}
          </KeyHint>
        ))}
        {said.keys.some(([key]) => key === '?') ? null : <KeyHint keys="?">{words.shortcuts}</KeyHint>}
      </div>
    </section>
  );
}
