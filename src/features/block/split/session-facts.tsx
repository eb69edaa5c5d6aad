'use client';

import { Button, Table } from '@mantine/core';
import { type MouseEvent, useState } from 'react';
import {
  type Athlete,
  applyEdit,
  type Catalogue,
  type CheckInput,
  type Edit,
  placeFor,
  type Result,
  type SeenSlot,
  type Session,
  type SingleEdit,
  sessionsOf,
  slotFigures,
  tensionSeconds,
  trimToMinutes,
} from '@/core';
import { formClasses as form, Section, SelectField } from '@/ui/form';
import { readNumber } from '@/ui/read';
import { Term } from '@/ui/term';
import { Toggles } from '@/ui/toggles';
import { Typed } from '@/ui/typed';
import { clock, figure, listed, minutes, span } from '@/ui/words/figures';
import { trimText } from '@/ui/words/findings';
import { dayName, namesOf } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/split';
import classes from './frame.module.css';

interface SessionFactsProps {
  readonly session: Session;
  readonly input: CheckInput;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly attempt: (edit: Edit) => Result<null>;
}

/**
 * The selected session: place, duration, time under tension; fitting it to a time; and what to do if its day is
 * missed.
 */
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
        <SelectField
          label={common.placeOfTheSession}
          value={placeFor(athlete, session.place).id}
          options={athlete.places.map(({ id }) => id)}
          names={(id) => placeFor(athlete, id).name}
          onValue={(id) => set('place', id === athlete.places[0]?.id ? null : id)}
        />
        <Toggles
          label={screenWords.isTheSessionOptional}
          value={session.optional ? ['optional'] : []}
          options={['optional']}
          onValue={(value) => set('optional', value.length > 0)}
        />
      </div>
      {planned === undefined || why?.code !== 'minutes' ? null : (
        <p>
          {screenWords.rest(
            lengthText(planned.session.seconds, why.mode),
            why.mode,
            Math.round((100 * why.rest) / Math.max(1, why.high)),
            most.length === 0
              ? ''
              : screenWords.underTension(
                  listed(
                    most.map(([muscle, seconds]) => screenWords.tensionText(muscle, Math.round(seconds))),
                  ),
                ),
          )}
        </p>
      )}
      {planned === undefined ? null : <SlotTable slots={planned.slots} input={input} catalogue={catalogue} />}
      <FitTo
        session={session}
        input={input}
        catalogue={catalogue}
        attempt={attempt}
        limit={athlete.minutes}
      />
    </Section>
  );
}

/** Exact to the second if that is known; otherwise minutes from short to long. */
function lengthText({ low, high }: { readonly low: number; readonly high: number }, mode: string): string {
  if (mode !== 'strict') return screenWords.spanMinutes(span(minutes(low), minutes(high)));
  return low === high ? clock(low) : `${clock(low)}–${clock(high)}`;
}

/** Reps, seconds under tension and load on the spine, by slot and in total. */
function SlotTable({
  slots,
  input,
  catalogue,
}: Pick<SessionFactsProps, 'input' | 'catalogue'> & { readonly slots: readonly SeenSlot[] }) {
  const names = namesOf(catalogue);
  const rows = slots
    .filter(({ slot }) => slot.sets.length > 0)
    .map(({ slot, exercise }) => ({
      id: slot.slotId,
      name: names(slot.exerciseId),
      ...slotFigures(slot, exercise, input.conventions),
    }));
  const all = (of: (row: (typeof rows)[number]) => number) => rows.reduce((sum, row) => sum + of(row), 0);
  return (
    <Table className={classes.balance}>
      <Table.Thead>
        <Table.Tr>
          <Table.Th scope="col">{common.exercise}</Table.Th>
          <Table.Th scope="col" className={classes.number}>
            {screenWords.reps}
          </Table.Th>
          <Table.Th scope="col" className={classes.number}>
            {screenWords.underTensionText}
            {screenWords.sText}
          </Table.Th>
          <Table.Th scope="col" className={classes.number}>
            <Term word="spine load">{common.spineLoad}</Term>
          </Table.Th>
        </Table.Tr>
      </Table.Thead>
      <Table.Tbody>
        {rows.map(({ id, name, reps, tension, spine }) => (
          <Table.Tr key={id}>
            <Table.Th scope="row">{name}</Table.Th>
            <Table.Td className={classes.number}>{reps === 0 ? '–' : reps}</Table.Td>
            <Table.Td className={classes.number}>{Math.round(tension)}</Table.Td>
            <Table.Td className={classes.number}>{spine === 0 ? '–' : figure(spine, 1)}</Table.Td>
          </Table.Tr>
        ))}
        <Table.Tr>
          <Table.Th scope="row">{screenWords.total}</Table.Th>
          <Table.Td className={classes.number}>{all(({ reps }) => reps)}</Table.Td>
          <Table.Td className={classes.number}>{Math.round(all(({ tension }) => tension))}</Table.Td>
          <Table.Td className={classes.number}>
            {figure(
              all(({ spine }) => spine),
              1,
            )}
          </Table.Td>
        </Table.Tr>
      </Table.Tbody>
    </Table>
  );
}

interface FitToProps {
  readonly session: Session;
  readonly input: CheckInput;
  readonly catalogue: Catalogue;
  readonly attempt: (edit: Edit) => Result<null>;
  readonly limit: number;
}

/** What would be cut to fit this many minutes, shown before it is applied. */
function FitTo({ session, input, catalogue, attempt, limit }: FitToProps) {
  const [wanted, setWanted] = useState(limit);
  const names = namesOf(catalogue);
  const fit = trimToMinutes(session, wanted, input);
  const take = (edits: readonly SingleEdit[]) => (event: MouseEvent<HTMLButtonElement>) => {
    const line = event.currentTarget.parentElement;
    attempt({ kind: 'batch', edits });
    // The button disappears with its offer.
    requestAnimationFrame(() => line?.querySelector('input')?.focus());
  };
  const isPossible = (edits: readonly SingleEdit[]) =>
    edits.length > 0 && applyEdit(input.block, { kind: 'batch', edits }).ok;
  return (
    <div className={classes.line}>
      <span className={form.soft}>{screenWords.fitInto}</span>
      <Typed
        label={screenWords.minutesToFitTheSession}
        className={classes.short}
        text={String(wanted)}
        read={(text) => readNumber(text, { field: 'minutes', low: 5, high: 300, whole: true })}
        onValue={setWanted}
      />
      <span className={form.soft}>{screenWords.minText}</span>
      <span>
        {fit.changes.length === 0
          ? fit.fits
            ? screenWords.itFits
            : screenWords.nothingMoreCanBeCut
          : `${listed(fit.changes.map((change) => trimText(change, names)))}${fit.fits ? screenWords.thenMin(minutes(fit.after)) : screenWords.stillMin(minutes(fit.after))}${fit.belowFloor.length > 0 ? screenWords.thenBelowMinimum(listed(fit.belowFloor)) : ''}.`}
      </span>
      {isPossible(fit.edits) ? (
        <Button variant="link" onClick={take(fit.edits)}>
          {common.apply}
        </Button>
      ) : null}
      {fit.weekEdits !== null && isPossible(fit.weekEdits) ? (
        <Button variant="link" onClick={take(fit.weekEdits)}>
          {screenWords.inWeekOnly(input.week.week)}
        </Button>
      ) : null}
    </div>
  );
}
