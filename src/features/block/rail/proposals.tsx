'use client';

import { Button } from '@mantine/core';
import { type KeyboardEvent, memo, useEffect, useRef, useState } from 'react';
import type { Catalogue, Proposal, SentAnswer } from '@/core';
import { Term } from '@/ui/term';
import { callEvidence, callLine, callOthers } from '@/ui/words/calls';
import { capital } from '@/ui/words/names';
import { nounFor } from '@/ui/words/nouns';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/rail';
import type { Focus } from '../focus';
import classes from './rail.module.css';

export interface CallsProps {
  readonly catalogue: Catalogue;
  readonly calls: readonly Proposal[];
  readonly busy: boolean;
  readonly onFocus: (focus: Focus) => void;
  readonly onAnswer: (
    calls: readonly Proposal[],
    outcome: 'accepted' | 'declined',
    choice: SentAnswer['choice'],
  ) => void;
}

/** Kinds of proposals in the order of deciding, with their headings. */
const GROUPS: readonly (readonly [kind: Proposal['kind'], name: string])[] = [
  ['deload', common.deload],
  ['recover', screenWords.recover],
  ['sets', screenWords.moreSets],
  ['load', common.loads],
];

/**
 * Proposals by kind and muscle, each with its evidence; loads are routine and collapsed. Arrow keys move between
 * them, A accepts, K keeps; focus moves to the proposal that takes an answered one's place.
 */
export const Calls = memo(function Calls({ catalogue, calls, busy, onFocus, onAnswer }: CallsProps) {
  const [open, setOpen] = useState(false);
  const [marked, setMarked] = useState<string | null>(null);
  const section = useRef<HTMLElement>(null);
  const answered = useRef<number | null>(null);
  const stops = () => [...(section.current?.querySelectorAll<HTMLElement>('[data-call]') ?? [])];
  // biome-ignore lint/correctness/useExhaustiveDependencies: runs when the list of calls has changed
  useEffect(() => {
    if (answered.current === null) return;
    const all = stops();
    (all[Math.min(answered.current, all.length - 1)] ?? section.current)?.focus();
    answered.current = null;
  }, [calls]);
  if (calls.length === 0) return null;

  const groups = GROUPS.map(([kind, name]) => ({
    kind,
    name,
    calls: calls.filter((call) => call.kind === kind).sort(byMuscle),
  })).filter((group) => group.calls.length > 0);
  const shown = groups.flatMap((group) => (group.kind === 'load' && !open ? [] : group.calls));
  const stop = shown.some(({ id }) => id === marked) ? marked : (shown[0]?.id ?? null);
  const answer: CallsProps['onAnswer'] = (some, outcome, choice) => {
    const at = stops().findIndex((item) => item.dataset.call === some[0]?.id);
    answered.current = Math.max(0, at);
    onAnswer(some, outcome, choice);
  };
  const walk = (event: KeyboardEvent) => {
    const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (by === 0) return;
    const all = stops();
    const at = all.findIndex((item) => item.contains(document.activeElement));
    all[Math.max(0, Math.min(all.length - 1, at + by))]?.focus();
    event.preventDefault();
  };
  return (
    <section className={classes.section} aria-label={common.proposedChanges} ref={section} tabIndex={-1}>
      <div className={classes.headline}>
        <h2>
          <span className={classes.now}>{calls.length}</span>{' '}
          <Term word="proposed change">{nounFor(calls.length, 'call')}</Term> {screenWords.forWeek}{' '}
          {calls[0]?.week}
        </h2>
        <Button
          variant="link"
          aria-disabled={busy}
          onClick={() => onAnswer(calls, 'accepted', null)}
          title={screenWords.altA}
        >
          {screenWords.applyAll}
        </Button>
      </div>
      {groups.map((group) => (
        <div key={group.kind}>
          <div className={classes.callGroup}>
            <h3>
              {group.name} <span>{group.calls.length}</span>
            </h3>
            {group.kind === 'load' ? (
              <Button variant="quiet" aria-expanded={open} onClick={() => setOpen(!open)}>
                {open ? screenWords.hide : screenWords.show}
              </Button>
            ) : null}
            {group.calls.length < 2 ? null : (
              <Button
                variant="link"
                aria-disabled={busy}
                aria-label={screenWords.applyKind(group.calls.length, group.name)}
                onClick={() => answer(group.calls, 'accepted', null)}
              >
                {screenWords.applyCount(group.calls.length)}
              </Button>
            )}
          </div>
          {group.kind === 'load' && !open ? null : (
            <ul className={classes.list} onKeyDown={walk}>
              {group.calls.map((call, at) => (
                <CallItem
                  key={call.id}
                  call={call}
                  catalogue={catalogue}
                  busy={busy}
                  isStop={call.id === stop}
                  isAgain={
                    at > 0 && muscleOf(group.calls[at - 1]) === muscleOf(call) && muscleOf(call) !== ''
                  }
                  onFocus={(focus) => {
                    setMarked(call.id);
                    onFocus(focus);
                  }}
                  onAnswer={answer}
                />
              ))}
            </ul>
          )}
        </div>
      ))}
    </section>
  );
});

function muscleOf(call: Proposal | undefined): string {
  return call !== undefined && 'muscle' in call ? call.muscle : '';
}

function byMuscle(a: Proposal, b: Proposal): number {
  return muscleOf(a).localeCompare(muscleOf(b));
}

interface CallItemProps extends Pick<CallsProps, 'catalogue' | 'busy' | 'onFocus' | 'onAnswer'> {
  readonly call: Proposal;
  readonly isStop: boolean;
  /** Whether the previous proposal is about the same muscle, which then shows the name and evidence. */
  readonly isAgain: boolean;
}

function CallItem({ call, catalogue, busy, isStop, isAgain, onFocus, onAnswer }: CallItemProps) {
  const { subject, change } = callLine(call, catalogue);
  const evidence = callEvidence(call);
  const keys = (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || busy) return;
    if (event.key.toLowerCase() === 'a') onAnswer([call], 'accepted', null);
    else if (event.key.toLowerCase() === 'k') onAnswer([call], 'declined', null);
    else return;
    event.preventDefault();
  };
  const button = (words: string, run: () => void) => (
    <Button key={words} variant="link" tabIndex={isStop ? 0 : -1} aria-disabled={busy} onClick={run}>
      {words}
    </Button>
  );
  return (
    <li
      className={classes.callItem}
      data-call={call.id}
      tabIndex={isStop ? 0 : -1}
      onFocus={() => onFocus({ kind: 'call', id: call.id })}
      onKeyDown={keys}
    >
      <div className={classes.callHead}>
        <span className={classes.callName}>{isAgain ? '' : capital(subject)}</span>
        <span className={classes.callChange}>{change}</span>
      </div>
      <div className={classes.callFoot}>
        <span className={classes.evidence}>{evidence}</span>
        <span className={classes.fixes}>
          {button(common.apply, () => onAnswer([call], 'accepted', null))}
          {button(common.dismissText, () => onAnswer([call], 'declined', null))}
          {callOthers(call).map(({ choice, words }) =>
            button(words, () => onAnswer([call], 'accepted', choice)),
          )}
        </span>
      </div>
    </li>
  );
}
