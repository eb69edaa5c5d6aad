'use client';

import { Button } from '@mantine/core';
import { useEffect, useRef } from 'react';
import type { JsonText } from '@/ui/json-text';
import type { KeyList } from '@/ui/key-list';
import { KeysHelp } from '@/ui/keys-help';
import { Bar } from '@/ui/shell/bar';
import { useHydrated } from '@/ui/use-hydrated';
import { useJson } from '@/ui/use-json';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/desk';
import { Alerts } from './alerts';
import type { DeskActions, DeskData } from './contract';
import classes from './desk.module.css';
import { RecentDecisions } from './recent-decisions';
import { Roster } from './roster';
import { type DeskUse, useDesk } from './use-desk';
import { WeeksToSend } from './weeks-to-send';

interface DeskProps {
  readonly data: JsonText<DeskData>;
  /** The form for the first athlete, shown if there are none. */
  readonly firstAthlete: React.ReactNode;
  readonly actions: DeskActions;
}

const KEYS: KeyList = [
  ['↑, ↓', words.nextOrPreviousInEither],
  ['A', words.applyTheFirstOption],
  ['2, 3, …', words.applyAnotherOption],
  ['K', common.dismiss],
  ['Enter', words.open],
  ['/', words.searchAthletesEscGoesBack],
];

/** Left everything that needs attention, most urgent first; right the roster. */
export function Desk({ data, firstAthlete, actions }: DeskProps) {
  const { lines, items, more, ready, given, today } = useJson(data);
  const desk = useDesk(actions);
  const isReady = useHydrated();
  return (
    <>
      <Bar crumbs={[{ name: common.desk }]} />
      <main className={classes.page} data-ready={isReady}>
        {firstAthlete}
        {lines.length === 0 ? null : (
          <>
            <div className={classes.left}>
              <Notice desk={desk} />
              <WeeksToSend ready={ready} desk={desk} />
              <Alerts items={items} more={more} desk={desk} routineOf={actions.routineLines} />
              <RecentDecisions given={given} desk={desk} />
            </div>
            <Roster lines={lines} today={today} />
          </>
        )}
      </main>
      <KeysHelp of={common.desk} keys={KEYS} />
    </>
  );
}

/** The result of the last answer. Weeks just sent can be recalled here, where focus moves. */
function Notice({ desk }: { readonly desk: DeskUse }) {
  const { said } = desk;
  const back = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (said !== null && said.weeks.length > 0) back.current?.focus();
  }, [said]);
  return (
    <div role="status" className={classes.notice}>
      {said === null ? null : (
        <>
          {said.text}{' '}
          {said.weeks.length === 0 ? null : (
            <Button ref={back} variant="link" onClick={() => void desk.recall(said.weeks)}>
              {common.undo}
            </Button>
          )}
        </>
      )}
    </div>
  );
}
