'use client';

import { Button } from '@mantine/core';
import { useMemo, useRef, useState } from 'react';
import {
  type Athlete,
  type Block,
  type BlockPlan,
  type Catalogue,
  checkInput,
  dayMatrix,
  type Edit,
  type Goal,
  isEasyWeek,
  type Muscle,
  type Result,
  type Session,
  sessionsInOrder,
  type WeekState,
} from '@/core';
import * as common from '@/ui/words/screens/common';
import * as words from '@/ui/words/screens/split';
import { Activities } from './activities';
import { BalanceFacts } from './balance-facts';
import { Days } from './days';
import classes from './frame.module.css';
import { Matrix } from './matrix';
import { SessionFacts } from './session-facts';
import { ThisWeek, type ThisWeekProps } from './this-week';

export interface FrameProps extends Pick<ThisWeekProps, 'today' | 'onClose' | 'busy'> {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly blockPlan: BlockPlan;
  readonly weekState: WeekState;
  readonly attempt: (edit: Edit) => Result<null>;
  readonly onOpenSession: (sessionId: string) => void;
  /** Adds an empty session; returns its id, or undefined if none can be added. */
  readonly onAddSession: () => string | undefined;
  readonly onGoal: (muscle: Muscle, goal: Goal) => void;
  readonly onSay: (title: string, text: string) => void;
  readonly onSaveTemplate: (() => void) | null;
}

/** With more days than this the matrix takes the full width. */
const LONG = 8;

/** The Split: the cycle's days as columns, their effect on each muscle, and the plan as a whole. */
export default function Split(props: FrameProps) {
  const { block, athlete, catalogue, blockPlan, weekState, attempt, onSay } = props;
  const [chosen, setChosen] = useState<string | null>(null);
  const sessions = sessionsInOrder(block);
  const session = sessions.find(({ id }) => id === chosen) ?? sessions[0];
  const input = useMemo(
    () => checkInput({ block, athlete, blockPlan, exercises: catalogue.find }),
    [block, athlete, blockPlan, catalogue],
  );
  const carried = useRef<string | null>(null);

  const move = (id: string, day: number) => {
    if (day < 0 || day >= block.cycleDays) return;
    carried.current = id;
    attempt({ kind: 'session/set', session: id, field: 'day', value: day });
    setChosen(id);
  };
  const exchange = (id: string, other: string) => {
    const dayOf = (one: string) => sessions.find((session) => session.id === one)?.day;
    const [mine, theirs] = [dayOf(id), dayOf(other)];
    if (mine === undefined || theirs === undefined || mine === theirs) return;
    carried.current = id;
    const to = (session: string, value: number) =>
      ({ kind: 'session/set', session, field: 'day', value }) as const;
    attempt({ kind: 'batch', edits: [to(id, theirs), to(other, mine)] });
    setChosen(id);
  };
  const add = () => {
    const id = props.onAddSession();
    if (id === undefined) return;
    setChosen(id);
    carried.current = id;
  };
  const choose = (one: Session) => {
    setChosen(one.id);
    onSay(one.name, words.spacePicksASessionUp);
  };

  return (
    <div className={classes.frame}>
      <Days
        block={block}
        weekState={weekState}
        chosen={session?.id}
        carried={carried}
        onChoose={choose}
        onOpen={props.onOpenSession}
        onMove={move}
        onExchange={exchange}
        onRemove={(id) => attempt({ kind: 'session/remove', session: id })}
      />
      <div className={classes.lower} data-long={block.cycleDays > LONG}>
        <div className={classes.matrixSide}>
          {input === undefined ? (
            <p className={classes.soft}>{words.addExercisesToTheSessions}</p>
          ) : (
            <Matrix
              cycleDays={block.cycleDays}
              weekState={weekState}
              isEasy={isEasyWeek(block, weekState.plan)}
              cells={dayMatrix(input)}
              onGoal={props.onGoal}
              onSay={props.onSay}
            />
          )}
        </div>
        <div className={classes.facts}>
          {session === undefined || input === undefined ? null : (
            <SessionFacts
              key={session.id}
              session={session}
              input={input}
              athlete={athlete}
              catalogue={catalogue}
              attempt={attempt}
            />
          )}
          {session === undefined || input === undefined ? null : (
            <ThisWeek {...props} session={session} input={input} />
          )}
          <Activities block={block} attempt={attempt} />
          {input === undefined ? null : <BalanceFacts input={input} catalogue={catalogue} />}
          <div className={classes.tools}>
            <Button variant="link" onClick={add} title={words.altS}>
              {common.addSession}
            </Button>
            {props.onSaveTemplate === null ? null : (
              <Button variant="link" onClick={props.onSaveTemplate}>
                {common.saveAsTemplate}
              </Button>
            )}
          </div>
        </div>
      </div>
    </div>
  );
}
