'use client';

import { Button } from '@mantine/core';
import type { SharedBy } from '@/core';
import { formClasses as classes } from '@/ui/form';
import { KeyHint } from '@/ui/keys';
import { plural } from '@/ui/words/figures';
import own from './athlete.module.css';
import type { DraftTools } from './use-draft';

interface KeepStripProps {
  readonly tools: DraftTools;
  /** What the change alters in the running block, as sentences. */
  readonly effects: readonly string[];
  readonly running: string | null;
  /** Whose athlete it is, where it is another coach's. */
  readonly shared: SharedBy | null;
}

/** Along the foot: what the change alters before it is kept, and the way to keep or drop it. */
export function KeepStrip({ tools, effects, running, shared }: KeepStripProps) {
  const { dirty, keepable, keep, discard, status, message, problems, unread } = tools;
  const wrong = unread + problems.size;
  return (
    <section className={own.strip} aria-label="Keep the change">
      <div className={own.stripHead}>
        <strong>{dirty ? 'Changed, not kept' : status === 'saved' ? 'Kept' : 'Nothing changed'}</strong>
        <span className={classes.soft}>
          {dirty && running !== null ? `in ${running}` : running === null ? 'no running block' : ''}
        </span>
      </div>
      <div className={own.effects} aria-live="polite" data-testid="effects">
        {message === null ? null : (
          <p className={classes.problem} role="alert">
            {message}
          </p>
        )}
        {wrong > 0 ? (
          <p>{plural(wrong, 'field')} cannot be kept as written; the sentence stands beside it.</p>
        ) : null}
        {dirty && running === null && wrong === 0 ? <p>No block is running: nothing else changes.</p> : null}
        {dirty ? effects.map((sentence) => <p key={sentence}>{sentence}</p>) : null}
        {!dirty && message === null ? (
          <p className={classes.soft}>
            A change says here what it alters in the running block before you keep it.
            {shared === null ? '' : ` The athlete is ${shared.coach}’s, shared with you.`}
          </p>
        ) : null}
      </div>
      <div className={own.stripKeys}>
        {dirty ? (
          <>
            <Button variant="link" onClick={discard}>
              Discard
            </Button>
            <Button variant="filled" disabled={!keepable} onClick={() => void keep()}>
              {status === 'saving' ? 'Keeping …' : 'Keep'}
            </Button>
            <KeyHint keys="Ctrl Enter">keep</KeyHint>
          </>
        ) : (
          <>
            <KeyHint keys="Alt 1–8">faces</KeyHint>
            <KeyHint keys="Ctrl K">find</KeyHint>
          </>
        )}
      </div>
    </section>
  );
}
