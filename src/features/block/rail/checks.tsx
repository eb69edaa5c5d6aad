'use client';

import { Button, TextInput } from '@mantine/core';
import { memo, useEffect, useRef, useState } from 'react';
import { type Catalogue, type Dismissal, type Finding, type Fix, findingFacts } from '@/core';
import { findingSentence, fixWords } from '@/ui/words/findings';
import { namesOf } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/rail';
import type { Focus } from '../focus';
import { FixButton } from './fix-button';
import classes from './rail.module.css';

const SIGNS = { block: '×', warn: '!', note: '–' } as const;
const GROUPS = [
  { name: screenWords.problemsAndWarnings, severities: ['block', 'warn'] },
  { name: screenWords.notes, severities: ['note'] },
] as const;

interface FindingsProps {
  readonly catalogue: Catalogue;
  readonly findings: readonly Finding[];
  readonly dismissed: readonly Dismissal[];
  readonly onFocus: (focus: Focus) => void;
  readonly onFix: (fix: Fix) => void;
  readonly onJump: (finding: Finding) => void;
  readonly onDismissed: (dismissed: readonly Dismissal[]) => void;
}

/** Checks: grouped, each with a link to its place, fixes and a way to dismiss it. */
export const Findings = memo(function Findings(props: FindingsProps) {
  const { findings, dismissed, onDismissed } = props;
  const [aside, setAside] = useState(false);
  const section = useRef<HTMLElement>(null);
  const left = useRef<number | null>(null);
  // A fixed check disappears: focus moves to the one that takes its place.
  // biome-ignore lint/correctness/useExhaustiveDependencies: runs when the list of findings has changed
  useEffect(() => {
    if (left.current === null) return;
    const stops = section.current?.querySelectorAll<HTMLElement>('li button:first-of-type') ?? [];
    stops[Math.min(left.current, stops.length - 1)]?.focus();
    left.current = null;
  }, [findings]);
  const leave = (id: string) => {
    const items = [...(section.current?.querySelectorAll<HTMLElement>('[data-finding]') ?? [])];
    left.current = Math.max(
      0,
      items.findIndex((item) => item.dataset.finding === id),
    );
  };
  return (
    <section className={classes.section} aria-label={common.checks} ref={section}>
      <div className={classes.headline}>
        <h2>{common.checks}</h2>
        <span>{findings.length === 0 ? common.none : screenWords.open(findings.length)}</span>
      </div>
      {GROUPS.map(({ name, severities }) => {
        const list = findings.filter(({ severity }) => (severities as readonly string[]).includes(severity));
        return list.length === 0 ? null : (
          <div key={name}>
            <h3 className={classes.group}>
              {name} <span className={classes.soft}>{list.length}</span>
            </h3>
            <ul className={classes.list}>
              {list.map((finding) => (
                <FindingItem key={finding.id} finding={finding} onLeave={leave} {...props} />
              ))}
            </ul>
          </div>
        );
      })}
      {dismissed.length === 0 ? null : (
        <Button variant="link" aria-expanded={aside} onClick={() => setAside(!aside)}>
          {screenWords.dismissedChecks(dismissed.length)}
        </Button>
      )}
      {aside
        ? dismissed.map((one) => (
            <div className={classes.callItem} key={`${one.finding}/${one.facts}`}>
              {one.finding.replaceAll('/', ', ').replaceAll('-', ' ')}
              {one.note === '' ? '' : `: ${one.note}`}{' '}
              <Button variant="link" onClick={() => onDismissed(dismissed.filter((other) => other !== one))}>
                {common.restore}
              </Button>
            </div>
          ))
        : null}
    </section>
  );
});

function FindingItem({
  finding,
  catalogue,
  dismissed,
  onFocus,
  onFix,
  onJump,
  onDismissed,
  onLeave,
}: FindingsProps & { readonly finding: Finding; readonly onLeave: (id: string) => void }) {
  const [noting, setNoting] = useState(false);
  const [note, setNote] = useState('');
  const names = namesOf(catalogue);
  const putAside = () => {
    onLeave(finding.id);
    onDismissed([
      ...dismissed.filter((one) => one.finding !== finding.id),
      { finding: finding.id, facts: findingFacts(finding), note: note.trim() },
    ]);
  };
  const { slotId, sessionId, muscle } = finding.subject;
  const placed = (slotId ?? sessionId ?? muscle) !== undefined;
  return (
    <li
      data-finding={finding.id}
      className={`${classes.item} ${classes[finding.severity] ?? ''}`}
      onFocus={() => onFocus({ kind: 'finding', id: finding.id })}
    >
      <span className={classes.sign} role="img" aria-label={finding.severity}>
        {SIGNS[finding.severity]}
      </span>
      <div>
        {findingSentence(finding.detail, names)}
        <div className={classes.fixes}>
          {finding.fixes.map((fix) => (
            <FixButton
              key={fixWords(fix, names)}
              fix={fix}
              names={names}
              onLook={(looked) =>
                onFocus({ kind: 'fix', id: finding.id, edit: looked.edit, does: fixWords(looked, names) })
              }
              onFix={(taken) => {
                onLeave(finding.id);
                onFix(taken);
              }}
            />
          ))}
          {placed ? (
            <Button variant="quiet" onClick={() => onJump(finding)}>
              {screenWords.show}
            </Button>
          ) : null}
          <Button variant="quiet" onClick={() => setNoting(!noting)}>
            {common.dismissText}
          </Button>
        </div>
        {noting ? (
          <form
            className={classes.fixes}
            onSubmit={(event) => {
              event.preventDefault();
              putAside();
            }}
          >
            <TextInput
              className={classes.noteInput}
              aria-label={screenWords.reasonForDismissing}
              placeholder={screenWords.reasonThenEnter}
              maxLength={400}
              autoFocus
              value={note}
              onChange={(event) => setNote(event.target.value)}
              onKeyDown={(event) => {
                if (event.key === 'Escape') setNoting(false);
              }}
            />
          </form>
        ) : null}
      </div>
    </li>
  );
}
