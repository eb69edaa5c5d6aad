'use client';

import { Button } from '@mantine/core';
import { type MouseEvent, useState } from 'react';
import {
  type Athlete,
  applyEdit,
  type Catalogue,
  type CheckInput,
  type Edit,
  missedSessionOptions,
  placeFor,
  type Result,
  type Session,
  type SingleEdit,
  sessionsOf,
  tensionSeconds,
  trimToMinutes,
} from '@/core';
import { Choose, formClasses as form, Section } from '@/ui/form';
import { readNumber } from '@/ui/read';
import { Toggles } from '@/ui/toggles';
import { Typed } from '@/ui/typed';
import { figure, listed, minutes, plural, span } from '@/ui/words/figures';
import { trimText } from '@/ui/words/findings';
import { dayName, namesOf } from '@/ui/words/names';
import classes from './frame.module.css';

interface SessionFactsProps {
  readonly session: Session;
  readonly input: CheckInput;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly attempt: (edit: Edit) => Result<null>;
}

/** The chosen session: where, how long, what under tension; fitted to a time; and what if its day is gone. */
export function SessionFacts({ session, input, athlete, catalogue, attempt }: SessionFactsProps) {
  const seen = sessionsOf({
    ...input,
    week: { ...input.week, sessions: input.week.sessions.map((one) => ({ ...one, optional: false })) },
  });
  const planned = seen.find((one) => one.session.sessionId === session.id);
  const set = (field: 'place' | 'optional', value: string | boolean | null) =>
    attempt({ kind: 'session/set', session: session.id, field, value } as Edit);
  const why = planned?.session.whySeconds;
  const tension = planned === undefined ? [] : [...tensionSeconds(planned.slots, input.conventions)];
  const most = tension.sort((a, b) => b[1] - a[1]).slice(0, 3);
  return (
    <Section title={session.name} aside={dayName(session.day, input.block.cycleDays)}>
      <div className={classes.line}>
        <Choose
          label="Place of the session"
          value={placeFor(athlete, session.place).id}
          options={athlete.places.map(({ id }) => id)}
          names={(id) => placeFor(athlete, id).name}
          onValue={(id) => set('place', id === athlete.places[0]?.id ? null : id)}
        />
        <Toggles
          label="Whether the session is optional"
          value={session.optional ? ['optional'] : []}
          options={['optional']}
          onValue={(value) => set('optional', value.length > 0)}
        />
      </div>
      {planned === undefined || why?.code !== 'minutes' ? null : (
        <p>
          {span(minutes(planned.session.seconds.low), minutes(planned.session.seconds.high))} min {why.mode},{' '}
          {Math.round((100 * why.rest) / Math.max(1, why.high))} % rest.
          {most.length === 0
            ? ''
            : ` Under tension: ${listed(most.map(([muscle, seconds]) => `${muscle} ${Math.round(seconds)} s`))}.`}
        </p>
      )}
      <FitTo
        session={session}
        input={input}
        catalogue={catalogue}
        attempt={attempt}
        limit={athlete.minutes}
      />
      <DayGone session={session} input={input} />
    </Section>
  );
}

interface FitToProps {
  readonly session: Session;
  readonly input: CheckInput;
  readonly catalogue: Catalogue;
  readonly attempt: (edit: Edit) => Result<null>;
  readonly limit: number;
}

/** What would be cut to fit so many minutes, shown as a difference before it is taken. */
function FitTo({ session, input, catalogue, attempt, limit }: FitToProps) {
  const [wanted, setWanted] = useState(limit);
  const names = namesOf(catalogue);
  const fit = trimToMinutes(session, wanted, input);
  const take = (edits: readonly SingleEdit[]) => (event: MouseEvent<HTMLButtonElement>) => {
    const line = event.currentTarget.parentElement;
    attempt({ kind: 'batch', edits });
    // The button goes with what it offered.
    requestAnimationFrame(() => line?.querySelector('input')?.focus());
  };
  const isPossible = (edits: readonly SingleEdit[]) =>
    edits.length > 0 && applyEdit(input.block, { kind: 'batch', edits }).ok;
  return (
    <div className={classes.line}>
      <span className={form.soft}>fit to</span>
      <Typed
        label="Minutes to fit the session to"
        className={classes.short}
        text={String(wanted)}
        read={(text) => readNumber(text, { field: 'minutes', low: 5, high: 300, whole: true })}
        onValue={setWanted}
      />
      <span className={form.soft}>min:</span>
      <span>
        {fit.changes.length === 0
          ? fit.fits
            ? 'it fits.'
            : 'nothing more can be cut.'
          : `${listed(fit.changes.map((change) => trimText(change, names)))}${fit.fits ? `, then ${minutes(fit.after)} min` : `, and still ${minutes(fit.after)} min`}${fit.belowFloor.length > 0 ? `; below floor then: ${listed(fit.belowFloor)}` : ''}.`}
      </span>
      {isPossible(fit.edits) ? (
        <Button variant="link" onClick={take(fit.edits)}>
          Take it
        </Button>
      ) : null}
      {fit.weekEdits !== null && isPossible(fit.weekEdits) ? (
        <Button variant="link" onClick={take(fit.weekEdits)}>
          In week {input.week.week} alone
        </Button>
      ) : null}
    </div>
  );
}

/** If this day is gone in a week: where the session would go, what breaks, what is lost. */
function DayGone({ session, input }: Pick<SessionFactsProps, 'session' | 'input'>) {
  const [asked, setAsked] = useState(false);
  const options = asked
    ? missedSessionOptions(input, { done: new Set(), today: 0, gone: new Set([session.day]) })
    : [];
  const name = (id: string) => input.block.sessions.find((one) => one.id === id)?.name ?? id;
  return (
    <div>
      <Button variant="link" aria-expanded={asked} onClick={() => setAsked(!asked)}>
        If this day is gone
      </Button>
      {asked ? (
        <ul className={classes.options}>
          {options.map((option) => {
            const moves = option.moves.map(
              ({ sessionId, to }) => `${name(sessionId)} to ${dayName(to, input.block.cycleDays)}`,
            );
            const cost = [...option.cost].map(([muscle, sets]) => `${muscle} ${figure(sets, 1)}`);
            const left = option.left.map(name);
            return (
              <li key={option.kind}>
                {option.kind === 'move'
                  ? `Move ${listed(moves)}`
                  : option.kind === 'merge'
                    ? `Put the best of ${listed(left)} into ${name(option.into?.sessionId ?? '')}${moves.length > 0 ? `; ${listed(moves)}` : ''}`
                    : `Leave out ${listed(left)}${moves.length > 0 ? `; ${listed(moves)}` : ''}`}
                {cost.length > 0 ? `. Costs ${listed(cost)} sets` : '. Costs nothing'}
                {option.breaks.length > 0 ? `; breaks ${plural(option.breaks.length, 'rule')}` : ''}.
              </li>
            );
          })}
        </ul>
      ) : null}
    </div>
  );
}
