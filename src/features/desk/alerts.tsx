'use client';

import { Button } from '@mantine/core';
import Link from 'next/link';
import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import { OneOf } from '@/ui/toggles';
import { plural } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/desk';
import type { DeskActions, DeskItem } from './contract';
import classes from './desk.module.css';
import type { DeskUse } from './use-desk';

const ORDERS = [screenWords.mostUrgentFirst, screenWords.byAthlete, screenWords.byKind] as const;
type Order = (typeof ORDERS)[number];

/** Headings of the kinds when grouped. */
const KINDS: Readonly<Record<string, string>> = {
  pain: 'pain',
  joint: 'joints',
  recover: screenWords.belowTargetTwiceInA,
  deload: common.deloadText,
  signs: common.fatigue,
  stall: screenWords.stalledLifts,
  'days lost': screenWords.missedDays,
  rearrange: screenWords.rearrangedWeeks,
  refused: screenWords.setsNotAccepted,
  'next week': screenWords.weeksToSend,
  'no log': screenWords.nothingLogged,
  readiness: screenWords.poorReadiness,
  tired: screenWords.tiredForWeeks,
  'block ends': screenWords.blocksThatEnd,
  split: screenWords.splitsThatDoNotFit,
  effort: screenWords.rirAccuracy,
  routine: screenWords.routineChanges,
};

/** Items shown before "more", in total and per group: the most urgent first. */
const IN_SIGHT = 60;
const IN_GROUP = 12;

interface NeedsProps {
  readonly items: readonly DeskItem[];
  /** Number of less urgent items besides these. */
  readonly more: number;
  readonly desk: DeskUse;
  readonly routineOf: DeskActions['routineLines'];
}

/**
 * Everything that needs attention, each with its evidence and the effect of each answer. Arrow keys move, A applies
 * the first answer, digits apply others, K dismisses, Enter opens; focus moves to the item that takes an answered
 * one's place.
 */
export function Alerts({ items, more, desk, routineOf }: NeedsProps) {
  const [order, setOrder] = useState<Order>(screenWords.mostUrgentFirst);
  const [marked, setMarked] = useState<string | null>(null);
  const [all, setAll] = useState(false);
  const section = useRef<HTMLElement>(null);
  const answered = useRef<number | null>(null);
  const stops = () => [...(section.current?.querySelectorAll<HTMLElement>('[data-need]') ?? [])];
  // biome-ignore lint/correctness/useExhaustiveDependencies: runs when the list has changed
  useEffect(() => {
    if (answered.current === null) return;
    const list = stops();
    (list[Math.min(answered.current, list.length - 1)] ?? section.current)?.focus();
    answered.current = null;
  }, [items]);

  const groups = grouped(items, order);
  const sorted = groups.flatMap((group) => group.items);
  const shown = all
    ? sorted
    : order === screenWords.mostUrgentFirst
      ? sorted.slice(0, IN_SIGHT)
      : groups.slice(0, IN_SIGHT).flatMap((group) => group.items.slice(0, IN_GROUP));
  const inSight = new Set(shown.map(({ key }) => key));
  const now = shown.find(({ key }) => key === marked) ?? shown[0];
  const routine = items.filter(({ ask }) => ask.kind === 'routine');
  const give = (item: DeskItem, option: string | null) => {
    if (desk.busy) return;
    answered.current = stops().findIndex((stop) => stop.dataset.need === item.key);
    void desk.answer(item, option);
  };
  const walk = (event: KeyboardEvent) => {
    const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (by === 0) return;
    const list = stops();
    const at = list.findIndex((stop) => stop.contains(document.activeElement));
    const next = list[at + by];
    if (next === undefined) return;
    next.focus();
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <section
      className={classes.needs}
      aria-label={screenWords.needsAttention}
      ref={section}
      tabIndex={-1}
      onKeyDown={walk}
    >
      <div className={classes.needsHead}>
        <h2>
          <span className={classes.now}>{items.length + more}</span>{' '}
          {items.length + more === 1 ? screenWords.alertNeedsAttention : screenWords.alertsNeedAttention}
        </h2>
        <OneOf label={screenWords.order} value={order} options={ORDERS} onValue={setOrder} />
        {routine.length === 0 ? null : (
          <Button variant="link" aria-disabled={desk.busy} onClick={() => void desk.applyAll(routine)}>
            {screenWords.applyAllRoutineChanges}
          </Button>
        )}
      </div>
      {items.length === 0 ? <p className={classes.calm}>{screenWords.nothingNeedsYourAttention}</p> : null}
      <div className={classes.list}>
        {groups.map(({ name, items: some }) => {
          const visible = some.filter(({ key }) => inSight.has(key));
          return visible.length === 0 ? null : (
            <div key={name}>
              {name === '' ? null : (
                <h3 className={classes.group}>
                  {capital(name)} <span>{some.length}</span>
                </h3>
              )}
              <ul className={classes.items}>
                {visible.map((item) => (
                  <AlertItem
                    key={item.key}
                    item={item}
                    isStop={item === now}
                    isNamed={order !== 'by athlete'}
                    busy={desk.busy}
                    onMark={() => setMarked(item.key)}
                    onGive={(option) => give(item, option)}
                  />
                ))}
              </ul>
            </div>
          );
        })}
        {shown.length < sorted.length ? (
          <Button variant="link" onClick={() => setAll(true)}>
            {screenWords.showAll(sorted.length)}
          </Button>
        ) : null}
        {more === 0 ? null : (
          <p className={classes.calm}>
            {screenWords.asYouWorkThroughThese(
              plural(more, 'less urgent alert'),
              more === 1 ? screenWords.appears : screenWords.appear,
            )}
          </p>
        )}
      </div>
      {now === undefined ? null : (
        <Preview
          key={now.key}
          item={now}
          busy={desk.busy}
          routineOf={routineOf}
          onGive={(option) => give(now, option)}
        />
      )}
    </section>
  );
}

interface Group {
  readonly name: string;
  readonly items: readonly DeskItem[];
}

/** Items grouped by athlete or kind, each group as urgent as its first item. */
function grouped(items: readonly DeskItem[], order: Order): readonly Group[] {
  if (order === screenWords.mostUrgentFirst) return [{ name: '', items }];
  const groups = new Map<string, DeskItem[]>();
  for (const item of items) {
    const name = order === screenWords.byAthlete ? item.athlete : (KINDS[item.kind] ?? item.kind);
    groups.set(name, [...(groups.get(name) ?? []), item]);
  }
  return [...groups].map(([name, some]) => ({ name, items: some }));
}

interface NeedProps {
  readonly item: DeskItem;
  readonly isStop: boolean;
  readonly isNamed: boolean;
  readonly busy: boolean;
  readonly onMark: () => void;
  readonly onGive: (option: string | null) => void;
}

function AlertItem({ item, isStop, isNamed, busy, onMark, onGive }: NeedProps) {
  const { options, leave, says, evidence, athlete, href } = item;
  const keys = (event: KeyboardEvent<HTMLElement>) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const key = event.key.toLowerCase();
    const option = key === 'a' ? options[0] : /^[1-9]$/.test(key) ? options[Number(key) - 1] : undefined;
    if (option !== undefined && !busy) onGive(option.id);
    else if (key === 'k' && leave !== null && !busy) onGive(null);
    else if (key === 'enter' && event.target === event.currentTarget)
      event.currentTarget.querySelector('a')?.click();
    else return;
    event.preventDefault();
  };
  const [first] = options;
  return (
    <li
      className={classes.need}
      data-need={item.key}
      data-kind={item.kind}
      tabIndex={isStop ? 0 : -1}
      aria-label={`${athlete}: ${says}`}
      onFocus={onMark}
      onKeyDown={keys}
    >
      <div className={classes.needLine}>
        {isNamed ? <span className={classes.who}>{athlete}</span> : null}
        <span className={classes.says}>{says}</span>
        <Link href={href} prefetch={false} tabIndex={-1} aria-label={screenWords.openLabel(athlete, says)}>
          {common.open}
        </Link>
      </div>
      <div className={classes.needLine}>
        <span className={classes.evidence} title={evidence}>
          {evidence}
        </span>
        {first === undefined ? null : (
          <Button
            className={classes.first}
            variant="link"
            tabIndex={-1}
            aria-disabled={busy}
            aria-label={`${first.words}: ${athlete}`}
            onClick={() => onGive(first.id)}
          >
            {first.words}
          </Button>
        )}
      </div>
    </li>
  );
}

interface PreviewProps {
  readonly item: DeskItem;
  readonly busy: boolean;
  readonly routineOf: DeskActions['routineLines'];
  readonly onGive: (option: string | null) => void;
}

/** The answers to the focused item, each with its effect; for routine changes, all of them. */
function Preview({ item, busy, routineOf, onGive }: PreviewProps) {
  const [lines, setLines] = useState<readonly string[] | null>(null);
  const { ask, options, leave, athlete, says } = item;
  const show = async (blockId: string) => {
    const answer = await routineOf(blockId).catch(() => null);
    setLines(answer?.status === 'found' ? answer.lines : [screenWords.cantReachTheServer]);
  };
  const answer = (key: string, words: string, change: string, option: string | null) => (
    <div key={key} className={classes.answer}>
      <kbd className={classes.key}>{key}</kbd>
      <p>
        <Button variant="link" tabIndex={-1} aria-disabled={busy} onClick={() => onGive(option)}>
          {words}
        </Button>{' '}
        {change}
      </p>
    </div>
  );
  return (
    <section className={classes.preview} aria-live="polite" aria-label={screenWords.whatEachOptionChanges}>
      <h3>
        {athlete}: {says}
      </h3>
      {options.map(({ id, words, change }, at) => answer(at === 0 ? 'A' : String(at + 1), words, change, id))}
      {leave === null ? null : answer('K', common.dismissText, leave, null)}
      {ask.kind === 'look' ? <p>{screenWords.enterOpensTheMessages}</p> : null}
      {ask.kind === 'routine' && lines === null ? (
        <Button variant="link" onClick={() => void show(ask.blockId)}>
          {screenWords.showAll(ask.count)}
        </Button>
      ) : null}
      {lines === null ? null : (
        <ul className={classes.routine}>
          {lines.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
    </section>
  );
}
