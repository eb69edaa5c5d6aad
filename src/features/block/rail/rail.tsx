'use client';

import { Button } from '@mantine/core';
import { type KeyboardEvent, memo, useEffect, useRef, useState } from 'react';
import {
  type Catalogue,
  type Dismissal,
  type Finding,
  type Fix,
  type Goal,
  MUSCLES,
  type Muscle,
  type Proposal,
  type SentAnswer,
  type WeekState,
} from '@/core';
import { Gauge } from '@/ui/gauge';
import { figure } from '@/ui/words/figures';
import { callLine, callOthers } from '@/ui/words/findings';
import { capital, weekName } from '@/ui/words/names';
import type { Focus } from '../focus';
import { Findings } from './findings';
import classes from './rail.module.css';

interface RailProps {
  readonly catalogue: Catalogue;
  readonly weekState: WeekState | undefined;
  readonly calls: readonly Proposal[];
  readonly findings: readonly Finding[];
  readonly dismissed: readonly Dismissal[];
  /** Whether findings stand above the calls: while the week is laid they matter more. */
  readonly findingsFirst: boolean;
  readonly busy: boolean;
  readonly onFocus: (focus: Focus) => void;
  readonly onGoal: (muscle: Muscle, goal: Goal) => void;
  readonly onFix: (fix: Fix) => void;
  readonly onJump: (finding: Finding) => void;
  readonly onDismissed: (dismissed: readonly Dismissal[]) => void;
  readonly onAnswer: (
    calls: readonly Proposal[],
    outcome: 'accepted' | 'declined',
    choice: SentAnswer['choice'],
  ) => void;
}

/** Beside every face of the block: hard sets against the landmarks, calls that wait, findings. */
export const Rail = memo(function Rail(props: RailProps) {
  return (
    <aside className={classes.rail} aria-label="Volume, calls and findings">
      <Gauges {...props} />
      {props.findingsFirst ? <Findings {...props} /> : null}
      <Calls {...props} />
      {props.findingsFirst ? null : <Findings {...props} />}
    </aside>
  );
});

const GOAL_KEYS: Readonly<Record<string, Goal>> = { g: 'grow', p: 'priority', h: 'hold' };

function Gauges({ weekState, onFocus, onGoal }: RailProps) {
  const [at, setAt] = useState(0);
  const list = useRef<HTMLUListElement>(null);
  if (weekState === undefined) return null;
  const { plan } = weekState;
  const most = Math.max(
    ...MUSCLES.map((muscle) => Math.max(plan.muscles[muscle].landmarks.ceiling, plan.muscles[muscle].sets)),
  );
  const last = MUSCLES.length;
  const go = (next: number) => {
    setAt(next);
    list.current?.querySelectorAll<HTMLElement>('[data-stop]')[next]?.focus();
  };
  const keys = (event: KeyboardEvent) => {
    const muscle = MUSCLES[at];
    const goal = GOAL_KEYS[event.key.toLowerCase()];
    if (event.key === 'ArrowDown') go(Math.min(last, at + 1));
    else if (event.key === 'ArrowUp') go(Math.max(0, at - 1));
    else if (event.key === 'Home') go(0);
    else if (event.key === 'End') go(last);
    else if (goal !== undefined && muscle !== undefined && !event.ctrlKey && !event.altKey && !event.metaKey)
      onGoal(muscle, goal);
    else return;
    event.preventDefault();
  };
  return (
    <section aria-label="Hard sets">
      <div className={classes.headline}>
        <h2>Hard sets, {weekName(plan.week, plan.kind)}</h2>
        <span>sets, times a week</span>
      </div>
      <ul className={classes.list} ref={list} onKeyDown={keys}>
        {MUSCLES.map((muscle, index) => (
          <li
            key={muscle}
            className={classes.gauge}
            data-stop
            data-muscle={muscle}
            tabIndex={index === at ? 0 : -1}
            onFocus={() => {
              setAt(index);
              onFocus({ kind: 'muscle', muscle });
            }}
          >
            <Gauge week={plan.muscles[muscle]} most={most} />
          </li>
        ))}
        <li
          className={classes.total}
          data-stop
          tabIndex={at === last ? 0 : -1}
          onFocus={() => {
            setAt(last);
            onFocus({ kind: 'total' });
          }}
        >
          <span>all, each set once</span>
          <span>
            <strong>{figure(plan.hardSets, 0)}</strong> of {figure(plan.budget, 0)}
          </span>
        </li>
      </ul>
    </section>
  );
}

/** Calls that change how much is done come one by one; loads are routine and stand together until asked for. */
function Calls({ catalogue, calls, busy, onFocus, onAnswer }: RailProps) {
  const [open, setOpen] = useState(false);
  const section = useRef<HTMLElement>(null);
  const answered = useRef<number | null>(null);
  // An answered call leaves the list: the focus goes on to the one that took its place.
  // biome-ignore lint/correctness/useExhaustiveDependencies: runs when the list of calls has changed
  useEffect(() => {
    if (answered.current === null) return;
    const stops = section.current?.querySelectorAll<HTMLElement>('[data-call] button:first-of-type') ?? [];
    stops[Math.min(answered.current, stops.length - 1)]?.focus();
    answered.current = null;
  }, [calls]);
  if (calls.length === 0) return null;
  const answerOne: RailProps['onAnswer'] = (some, outcome, choice) => {
    const items = [...(section.current?.querySelectorAll<HTMLElement>('[data-call]') ?? [])];
    answered.current = Math.max(
      0,
      items.findIndex((item) => item.dataset.call === some[0]?.id),
    );
    onAnswer(some, outcome, choice);
  };
  const loads = calls.filter((call) => call.kind === 'load');
  const others = calls.filter((call) => call.kind !== 'load');
  const shared = { catalogue, busy, onFocus, onAnswer: answerOne };
  return (
    <section className={classes.section} aria-label="Calls" ref={section}>
      <div className={classes.headline}>
        <h2>
          <span className={classes.now}>{calls.length}</span> {calls.length === 1 ? 'call' : 'calls'} for week{' '}
          {calls[0]?.week}
        </h2>
        <Button
          variant="link"
          aria-disabled={busy}
          onClick={() => onAnswer(calls, 'accepted', null)}
          title="Alt A"
        >
          Accept all
        </Button>
      </div>
      <ul className={classes.list}>
        {others.map((call) => (
          <CallItem key={call.id} call={call} {...shared} />
        ))}
        {loads.length === 0 ? null : (
          <li className={classes.callItem}>
            <div className={classes.callHead}>
              <span>
                {loads.length === 1 ? '1 load by its rule' : `${loads.length} loads by their rules`}
              </span>
              <span className={classes.fixes}>
                <Button variant="link" aria-disabled={busy} onClick={() => onAnswer(loads, 'accepted', null)}>
                  Accept
                </Button>
                <Button variant="link" aria-expanded={open} onClick={() => setOpen(!open)}>
                  {open ? 'Hide' : 'Show'}
                </Button>
              </span>
            </div>
          </li>
        )}
        {open ? loads.map((call) => <CallItem key={call.id} call={call} {...shared} />) : null}
      </ul>
    </section>
  );
}

function CallItem({
  call,
  catalogue,
  busy,
  onFocus,
  onAnswer,
}: { readonly call: Proposal } & Pick<RailProps, 'catalogue' | 'busy' | 'onFocus' | 'onAnswer'>) {
  const { subject, change } = callLine(call, catalogue);
  const keys = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || busy) return;
    if (event.key.toLowerCase() === 'a') onAnswer([call], 'accepted', null);
    else if (event.key.toLowerCase() === 'k') onAnswer([call], 'declined', null);
    else return;
    event.preventDefault();
  };
  return (
    <li
      className={classes.callItem}
      data-call={call.id}
      onFocus={() => onFocus({ kind: 'call', id: call.id })}
      onKeyDown={keys}
    >
      {call.kind === 'load' ? (
        <div className={classes.callHead}>
          <span className={classes.callName}>{capital(subject)}</span>
          <span className={classes.callChange}>{change}</span>
        </div>
      ) : (
        <div>
          {capital(subject)}: <strong>{change}</strong>
        </div>
      )}
      <div className={classes.fixes}>
        <Button variant="link" aria-disabled={busy} onClick={() => onAnswer([call], 'accepted', null)}>
          Accept
        </Button>
        <Button variant="link" aria-disabled={busy} onClick={() => onAnswer([call], 'declined', null)}>
          Keep
        </Button>
        {callOthers(call).map(({ choice, words }) => (
          <Button
            key={words}
            variant="link"
            aria-disabled={busy}
            onClick={() => onAnswer([call], 'accepted', choice)}
          >
            {words}
          </Button>
        ))}
      </div>
    </li>
  );
}
