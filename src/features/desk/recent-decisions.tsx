'use client';

import { Button } from '@mantine/core';
import { useState } from 'react';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/desk';
import type { GivenLine } from './contract';
import classes from './desk.module.css';
import type { DeskUse } from './use-desk';

/** Recent answers of the coach and of athletes' settings; each can be undone. */
export function RecentDecisions({
  given,
  desk,
}: {
  readonly given: readonly GivenLine[];
  readonly desk: DeskUse;
}) {
  const [open, setOpen] = useState(false);
  if (given.length === 0) return null;
  const byRule = given.filter((one) => one.byRule).length;
  return (
    <section aria-label={words.recentDecisions} className={classes.given}>
      <Button variant="link" aria-expanded={open} onClick={() => setOpen(!open)}>
        {words.recentDecisionsOf(given.length, byRule > 0 ? words.byARule(byRule) : '')}
      </Button>
      {open ? (
        <ul className={classes.items}>
          {given.map((line) => (
            <li key={line.key} className={classes.givenLine}>
              <span className={classes.who}>{line.athlete}</span>
              <span className={classes.evidence}>
                {line.says}
                {line.byRule ? words.byRule : ''}
              </span>
              <Button
                variant="link"
                aria-disabled={desk.busy}
                aria-label={words.undo(line.athlete, line.says)}
                onClick={() => void desk.takeBack(line)}
              >
                {common.undo}
              </Button>
            </li>
          ))}
        </ul>
      ) : null}
    </section>
  );
}
