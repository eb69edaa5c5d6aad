'use client';
import * as screenWords from '@/ui/words/screens/desk';

import '@mantine/core/styles/Checkbox.layer.css';
import { Button, Checkbox, TextInput } from '@mantine/core';
import { useState } from 'react';
import { LONGEST_LINE } from '@/core';
import { plural } from '@/ui/words/figures';
import type { ReadyLine } from './contract';
import classes from './desk.module.css';
import type { DeskUse } from './use-desk';

/** Weeks that can be sent, all at once, with open problems shown first and a note for the athletes. */
export function WeeksToSend({
  ready,
  desk,
}: {
  readonly ready: readonly ReadyLine[];
  readonly desk: DeskUse;
}) {
  const [open, setOpen] = useState(false);
  const [without, setWithout] = useState<ReadonlySet<string>>(new Set());
  const [line, setLine] = useState('');
  if (ready.length === 0) return null;
  const chosen = ready.filter(({ blockId }) => !without.has(blockId));
  const unsettled = ready.filter(({ calls, findings }) => calls + findings > 0).length;
  const turn = (blockId: string, on: boolean) => {
    const next = new Set(without);
    if (on) next.delete(blockId);
    else next.add(blockId);
    setWithout(next);
  };
  return (
    <section aria-label={screenWords.weeksToSendLabel} className={classes.ready}>
      <Button variant="link" aria-expanded={open} onClick={() => setOpen(!open)}>
        {screenWords.readyToSend(
          plural(ready.length, 'week'),
          unsettled > 0 ? screenWords.withOpenProposals(unsettled) : '',
        )}
      </Button>
      {open ? (
        <form
          onSubmit={(event) => {
            event.preventDefault();
            if (desk.busy || chosen.length === 0) return;
            setOpen(false);
            void desk.issue(chosen, line);
          }}
        >
          <ul className={classes.items}>
            {ready.map((one) => (
              <li key={one.blockId}>
                <Checkbox
                  checked={!without.has(one.blockId)}
                  onChange={(event) => turn(one.blockId, event.currentTarget.checked)}
                  label={`${one.athlete}, ${one.weekName}${openText(one)}`}
                />
              </li>
            ))}
          </ul>
          <TextInput
            label={screenWords.noteToEachAthlete}
            value={line}
            maxLength={LONGEST_LINE}
            onChange={(event) => setLine(event.target.value)}
          />
          <Button type="submit" variant="default" aria-disabled={desk.busy || chosen.length === 0}>
            {screenWords.send(plural(chosen.length, 'week'))}
          </Button>
        </form>
      ) : null}
    </section>
  );
}

function openText({ calls, findings }: ReadyLine): string {
  const parts = [
    ...(calls > 0 ? [screenWords.callsOpen(plural(calls, 'call'))] : []),
    ...(findings > 0 ? [plural(findings, 'finding')] : []),
  ];
  return parts.length === 0 ? '' : `: ${parts.join(', ')}`;
}
