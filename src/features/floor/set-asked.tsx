import { Button } from '@mantine/core';
import { howToMake, type LastDone, type SlotPlan, type ToBeat, toBeat } from '@/core';
import { Recipe } from '@/ui/recipe';
import { NOT_ALONE } from '@/ui/words/cautions';
import { shortDay } from '@/ui/words/dates';
import { figure, listed, loadWithUnit, load as loadWords, reserve } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import { afterCell, sectionWords, setName, techniqueSentence } from '@/ui/words/techniques';
import type { FloorSession } from './contract';
import { Fact } from './fact';
import classes from './floor.module.css';
import { nameOf } from './issued-name';
import { loadLabel } from './load-label';
import type { AskedSet } from './order';
import { Rest } from './rest';

interface AskedProps {
  readonly data: FloorSession;
  readonly asked: AskedSet;
}

/** Which set it is, how it is done, and its figures, huge. */
export function SetAsked({
  data,
  asked: { slot, set, partners },
  onDifferent,
}: AskedProps & { readonly onDifferent: (() => void) | null }) {
  const exercise = data.exercises[slot.exerciseId];
  const setUp = data.setUps[slot.exerciseId];
  const held = slot.measure === 'seconds';
  return (
    <>
      <div className={classes.slotHead}>
        <span className={classes.slotName}>
          {capital(nameOf(slot, data, set))}, {setName(set, slot.sets)}
        </span>
        {onDifferent === null ? null : (
          <Button variant="link" onClick={onDifferent}>
            Not as planned?
          </Button>
        )}
      </div>
      {partners.length === 0 ? null : (
        <p className={classes.cue}>In turn with {listed(partners.map((one) => nameOf(one, data)))}.</p>
      )}
      <p className={classes.cue}>
        {slot.note === '' ? (exercise?.cues ?? '') : slot.note}
        {setUp === undefined ? '' : ` Set-up: ${setUp}`}
        {set.cue === undefined ? '' : ` ${capital(set.cue)}${/[.!?]$/.test(set.cue) ? '' : '.'}`}
        {(set.tempo ?? slot.tempo) === null ? '' : ` Tempo ${set.tempo ?? slot.tempo}.`}
        {slot.motion === 'full' ? '' : ` Range of motion: ${slot.motion}.`}
        {slot.technique.kind === 'straight'
          ? ''
          : ` ${techniqueSentence({ technique: slot.technique, drift: 'hold RIR' })}`}
        {set.sections.length === 0 ? '' : ` Then ${set.sections.map(sectionWords).join(', ')}.`}
        {slot.stopFall == null ? '' : ` Stop once reps fall by ${slot.stopFall} % of the first set.`}
        {slot.stretch === null || slot.sets.at(-1)?.id !== set.id
          ? ''
          : ` End in a stretch of ${slot.stretch.seconds} s. ${slot.stretch.note}`}
      </p>
      <div className={classes.asked}>
        <Big
          value={String(set.reps)}
          label={`${held ? 'seconds' : 'reps'}${exercise?.sides === 2 ? ' each side' : ''}`}
        />
        {slot.loading === 'none' ? null : (
          <Big value={loadWords(set.load, slot.loading)} label={loadLabel(slot.loading, slot.unit)} />
        )}
        <Big value={String(reserve(set.rir))} label="left at the end" />
      </div>
    </>
  );
}

interface HelpProps extends AskedProps {
  /** The load as it stands in the field; null while it cannot be read. */
  readonly load: number | null;
  /** Whether how to make the load is shown: not while the way up to it still is. */
  readonly showsLoad: boolean;
  readonly soFar: { readonly sum: number; readonly of: number } | undefined;
  readonly isDone: boolean;
  /** When the last set of the session was logged. */
  readonly restSince: string | null;
}

/** What helps to do it: how to make the load, last time, the rest. */
export function SetHelp({ data, asked, load, showsLoad, soFar, isDone, restSince }: HelpProps) {
  const { slot, set, key } = asked;
  const last = data.lastTime[key];
  // A deload is not there to be beaten.
  const beat = data.kind === 'deload' ? null : toBeat(slot, set, lastOf(slot, data));
  const held = slot.measure === 'seconds';
  const loadless = slot.loading === 'none';
  const recipe = load === null ? null : howToMake(load, slot.loading, data.equipment);
  return (
    <>
      {!showsLoad ||
      recipe === null ||
      recipe.kind === 'not makeable' ||
      recipe.kind === 'bodyweight alone' ? null : (
        <Recipe recipe={recipe} />
      )}
      <dl className={classes.facts}>
        {last === undefined ? null : (
          <Fact
            name="Last time"
            value={`${held ? `${last.reps} s` : last.reps}${afterCell(last.more ?? {})}${loadless ? '' : ` at ${loadWithUnit(last.load.value, slot.loading, last.load.unit)}`}, ${figure(last.rir)} left${last.earlier ? `, ${shortDay(last.date)}` : ''}`}
          />
        )}
        {beat === null || isDone ? null : <Fact name="To beat" value={beatWords(beat, held)} />}
        {soFar === undefined || isDone ? null : <Fact name="So far" value={`${soFar.sum} of ${soFar.of}`} />}
        {restSince === null || isDone ? null : <Rest since={restSince} of={asked.rest} />}
      </dl>
    </>
  );
}

/** The slot's sets as they were last done, by set id. */
function lastOf({ slotId, sets }: SlotPlan, { lastTime }: FloorSession): ReadonlyMap<string, LastDone> {
  return new Map(
    sets.flatMap(({ id }) => {
      const last = lastTime[`${slotId}/${id}`];
      return last === undefined ? [] : [[id, last] as const];
    }),
  );
}

function beatWords(beat: ToBeat, held: boolean): string {
  switch (beat.kind) {
    case 'reps':
      return held ? `${beat.reps} s` : `${beat.reps}: ${beat.reps + 1} is more`;
    case 'pair':
      return `${beat.reps}+${beat.partials}: one more of either`;
    case 'sum':
      return `${beat.sum} in all`;
    case 'load':
      return 'the load is new';
  }
}

/** What to mind before it is done. */
export function SetCautions({ data, asked: { slot, set } }: AskedProps) {
  const exercise = data.exercises[slot.exerciseId];
  const held = slot.measure === 'seconds';
  return (
    <>
      {set.load === null ? (
        <p className={classes.caution}>
          {held
            ? `Not known yet: hold until about ${reserve(set.rir)} tenths more would be left, then log the seconds.`
            : `No load is known yet: work up until ${set.reps} reps leave ${reserve(set.rir)}, then log what you used.`}
        </p>
      ) : null}
      {exercise !== undefined && !exercise.failableAlone && set.rir <= 1 ? (
        <p className={classes.caution}>{NOT_ALONE}</p>
      ) : null}
    </>
  );
}

function Big({ value, label }: { readonly value: string; readonly label: string }) {
  return (
    <div>
      <span className={classes.big}>{value}</span>
      <span className={classes.soft}>{label}</span>
    </div>
  );
}
