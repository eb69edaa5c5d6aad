'use client';

import { Button } from '@mantine/core';
import type { SharedBy } from '@/core';
import { formClasses as classes } from '@/ui/form';
import { KeyHint } from '@/ui/keys';
import { plural } from '@/ui/words/figures';
import * as screenWords from '@/ui/words/screens/athlete';
import * as common from '@/ui/words/screens/common';
import own from './athlete.module.css';
import type { DraftTools } from './use-draft';

interface KeepStripProps {
  readonly tools: DraftTools;
  /** The effects of the change on the running block, as sentences. */
  readonly effects: readonly string[];
  readonly running: string | null;
  /** The owner, if the athlete is another coach's. */
  readonly shared: SharedBy | null;
}

/** At the bottom: the effects of the change before saving, and buttons to save or discard it. */
export function SaveBar({ tools, effects, running, shared }: KeepStripProps) {
  const { dirty, keepable, keep, discard, status, message, problems, unread } = tools;
  const wrong = unread + problems.size;
  return (
    <section className={own.strip} aria-label={screenWords.unsavedChanges}>
      <div className={own.stripHead}>
        <strong>
          {dirty ? screenWords.notSavedYet : status === 'saved' ? common.saved : screenWords.noChanges}
        </strong>
        <span className={classes.soft}>
          {dirty && running !== null
            ? screenWords.weeksInRunning(running)
            : running === null
              ? screenWords.noRunningBlock
              : ''}
        </span>
      </div>
      <div className={own.effects} aria-live="polite" data-testid="effects">
        {message === null ? null : (
          <p className={classes.problem} role="alert">
            {message}
          </p>
        )}
        {wrong > 0 ? <p>{screenWords.cannotBeSavedYetThe(plural(wrong, 'field'))}</p> : null}
        {dirty && running === null && wrong === 0 ? <p>{screenWords.noBlockIsRunningSo}</p> : null}
        {dirty ? effects.map((sentence) => <p key={sentence}>{sentence}</p>) : null}
        {!dirty && message === null ? (
          <p className={classes.soft}>
            {screenWords.changesShowHereWhatThey(
              shared === null ? '' : screenWords.thisAthleteBelongsToAnd(shared.coach),
            )}
          </p>
        ) : null}
      </div>
      <div className={own.stripKeys}>
        {dirty ? (
          <>
            <Button variant="link" onClick={discard}>
              {screenWords.discard}
            </Button>
            <Button variant="filled" disabled={!keepable} onClick={() => void keep()}>
              {status === 'saving' ? common.saving : common.save}
            </Button>
            <KeyHint keys="Ctrl Enter">{screenWords.save}</KeyHint>
          </>
        ) : (
          <>
            <KeyHint keys={screenWords.alt18}>{screenWords.tabs}</KeyHint>
            <KeyHint keys="Ctrl K">{screenWords.search}</KeyHint>
          </>
        )}
      </div>
    </section>
  );
}
