'use client';

import { useEffect, useState } from 'react';
import {
  howToMake,
  hundredths,
  type LoggedSet,
  loadAfterRamp,
  loadGrid,
  RAMP_VERDICTS,
  type RampVerdict,
} from '@/core';
import { Recipe } from '@/ui/recipe';
import { NOT_ALONE } from '@/ui/words/cautions';
import { figure, loadWithUnit, load as loadWords, reserve, setText } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import { setName, techniqueSentence } from '@/ui/words/techniques';
import type { FloorSession } from './contract';
import classes from './floor.module.css';
import { nameOf } from './issued-name';
import { checkMore, MORE_LABELS, type MoreEntry, moreFields, startMore } from './more-entry';
import type { Place } from './order';
import { type CheckedSet, checkEntry, type SetEntry, stepLoad } from './set-entry';
import { Stepper } from './stepper';

interface SetScreenProps {
  readonly data: FloorSession;
  readonly place: Place;
  readonly done: LoggedSet | null;
  /** When the last set of the session was logged. */
  readonly restSince: string | null;
  /** How the last ramp set of the slot moved, once told. */
  readonly ramp: RampVerdict | null;
  readonly onRamp: (verdict: RampVerdict) => void;
  readonly onLog: (value: CheckedSet) => void;
  /** Leaves the set out; null where it must be done. */
  readonly onSkip: (() => void) | null;
}

/** One set: what is asked, huge; what helps to do it; three steppers and one button to log it. */
export function SetScreen({ data, place, done, restSince, ramp, onRamp, onLog, onSkip }: SetScreenProps) {
  const { slot, set } = place;
  const exercise = data.exercises[slot.exerciseId];
  const grid = loadGrid(slot.loading, data.equipment);
  const last = data.lastTime[slot.slotId];
  const [entry, setEntry] = useState<SetEntry>(() => ({
    load: String(done?.load.value ?? set.load ?? last?.load.value ?? (grid.steps[0] ?? 0) / 100),
    reps: String(done?.reps ?? set.reps),
    rir: String(done?.rir ?? reserve(set.rir)),
  }));

  const fields = moreFields(slot, set, exercise);
  const [more, setMore] = useState<MoreEntry>(() => startMore(fields, set, done?.more));
  const noted = checkMore(more);

  const check = checkEntry(entry, grid);
  const put = (field: keyof SetEntry, text: string) => setEntry((before) => ({ ...before, [field]: text }));
  const step = (field: keyof SetEntry, by: 1 | -1) => {
    if (field === 'load') put('load', String(stepLoad(check.value?.load ?? set.load ?? 0, by, grid)));
    else put(field, String(Math.max(0, (Number.parseFloat(entry[field]) || 0) + by)));
  };
  const tap = () => {
    if (check.value === null || noted.problem !== null) return;
    const { left, right } = noted.value ?? {};
    // Of two sides the lower counts.
    const reps = left === undefined || right === undefined ? check.value.reps : Math.min(left, right);
    // Done as asked is done as planned, to the fraction.
    const rir = check.value.rir === reserve(set.rir) ? Math.max(0, set.rir) : check.value.rir;
    onLog({ ...check.value, reps, rir, ...(noted.value === undefined ? {} : { more: noted.value }) });
  };

  const asked =
    check.value !== null &&
    check.value.load === set.load &&
    check.value.reps === set.reps &&
    check.value.rir === reserve(set.rir);
  const verb = done === null ? 'Log' : 'Correct to';
  const recipe = check.value === null ? null : howToMake(check.value.load, slot.loading, data.equipment);
  const first = slot.sets[0]?.id === set.id;
  const held = slot.measure === 'seconds';
  const loadless = slot.loading === 'none';
  const ramped =
    first && done === null && set.load !== null && slot.warmUp.some(({ kind }) => kind === 'ramp');
  const judge = (verdict: RampVerdict) => {
    onRamp(verdict);
    put('load', String(loadAfterRamp(hundredths(set.load ?? 0), verdict, grid) / 100));
  };
  const setUp = data.setUps[slot.exerciseId];

  return (
    <>
      <div className={classes.slotName}>
        {capital(nameOf(slot, data))}, {setName(set, slot.sets)}
      </div>
      <p className={classes.cue}>
        {slot.note === '' ? (exercise?.cues ?? '') : slot.note}
        {setUp === undefined ? '' : ` Set-up: ${setUp}`}
        {slot.tempo === null ? '' : ` Tempo ${slot.tempo}.`}
        {slot.motion === 'full' ? '' : ` Range of motion: ${slot.motion}.`}
        {slot.technique.kind === 'straight'
          ? ''
          : ` ${techniqueSentence({ technique: slot.technique, drift: 'hold RIR' })}`}
        {set.sections.length === 0
          ? ''
          : ` Then ${set.sections.map(({ reps, manner }) => `${reps} ${manner}`).join(', ')}.`}
        {slot.stretch === null || slot.sets.at(-1)?.id !== set.id
          ? ''
          : ` End in a stretch of ${slot.stretch.seconds} s. ${slot.stretch.note}`}
      </p>
      <div className={classes.asked}>
        <Big
          value={String(set.reps)}
          label={`${held ? 'seconds' : 'reps'}${exercise?.sides === 2 ? ' each side' : ''}`}
        />
        {loadless ? null : (
          <Big value={loadWords(set.load, slot.loading)} label={loadLabel(slot.loading, slot.unit)} />
        )}
        <Big value={String(reserve(set.rir))} label="left at the end" />
      </div>
      {recipe === null || recipe.kind === 'not makeable' || recipe.kind === 'bodyweight alone' ? null : (
        <Recipe recipe={recipe} />
      )}
      <dl className={classes.facts}>
        {first && slot.warmUp.length > 0 ? (
          <Fact
            name="Warm-up"
            value={slot.warmUp.map(({ load, reps }) => setText(load / 100, reps, slot)).join(', ')}
          />
        ) : null}
        {last === undefined ? null : (
          <Fact
            name="Last time"
            value={`${held ? `${last.reps} s` : last.reps}${loadless ? '' : ` at ${loadWithUnit(last.load.value, slot.loading, last.load.unit)}`}, ${figure(last.rir)} left`}
          />
        )}
        {restSince === null || done !== null ? null : <Rest since={restSince} of={place.rest} />}
      </dl>
      {ramped ? (
        <fieldset className={classes.verdicts}>
          <legend className={classes.soft}>How did the last warm-up set move?</legend>
          {RAMP_VERDICTS.map((verdict) => (
            <button
              type="button"
              key={verdict}
              className={classes.verdict}
              aria-pressed={ramp === verdict}
              onClick={() => judge(verdict)}
            >
              {verdict}
            </button>
          ))}
        </fieldset>
      ) : null}
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
      <div className={classes.grow} />
      <div className={classes.steppers}>
        {loadless ? null : (
          <Stepper
            label={loadLabel(slot.loading, slot.unit)}
            text={entry.load}
            decimal
            problem={check.problem?.field === 'load' ? check.problem.sentence : null}
            onText={(text) => put('load', text)}
            onStep={(by) => step('load', by)}
          />
        )}
        <Stepper
          label={held ? 'seconds' : 'reps'}
          text={entry.reps}
          decimal={false}
          problem={check.problem?.field === 'reps' ? check.problem.sentence : null}
          onText={(text) => put('reps', text)}
          onStep={(by) => step('reps', by)}
        />
        <Stepper
          label="left"
          text={entry.rir}
          decimal
          problem={check.problem?.field === 'rir' ? check.problem.sentence : null}
          onText={(text) => put('rir', text)}
          onStep={(by) => step('rir', by)}
        />
      </div>
      {fields.length === 0 ? null : (
        <div className={classes.more}>
          {fields.map((field) => (
            <label key={field} className={classes.moreField}>
              {MORE_LABELS[field]}
              <input
                className={classes.moreInput}
                inputMode="numeric"
                value={more[field] ?? ''}
                placeholder={field === 'left' || field === 'right' ? 'if they differ' : ''}
                aria-invalid={noted.problem === field}
                onFocus={(event) => event.target.select()}
                onChange={(event) => setMore((now) => ({ ...now, [field]: event.target.value }))}
              />
            </label>
          ))}
        </div>
      )}
      <p
        className={classes.said}
        data-problem={check.problem !== null || noted.problem !== null}
        role={check.problem === null && noted.problem === null ? undefined : 'alert'}
      >
        {noted.problem === null ? '' : `${MORE_LABELS[noted.problem]}: a whole number, please. `}
        {check.problem?.sentence ?? check.hint}
      </p>
      <button type="button" className={classes.go} disabled={check.value === null} onClick={tap}>
        {asked && done === null
          ? 'Done as asked'
          : check.value === null
            ? verb
            : `${verb} ${setText(check.value.load, check.value.reps, slot)}, ${figure(check.value.rir)} left`}
      </button>
      {onSkip === null || done !== null ? null : (
        <button type="button" className={classes.link} onClick={onSkip}>
          No energy left: leave it out
        </button>
      )}
    </>
  );
}

function loadLabel(loading: string, unit: string): string {
  if (loading === 'bodyweight') return `${unit} added`;
  if (loading === 'band') return `${unit} band`;
  return loading === 'dumbbell' ? `${unit} each` : unit;
}

function Big({ value, label }: { readonly value: string; readonly label: string }) {
  return (
    <div>
      <span className={classes.big}>{value}</span>
      <span className={classes.soft}>{label}</span>
    </div>
  );
}

function Fact({ name, value }: { readonly name: string; readonly value: string }) {
  return (
    <div className={classes.fact}>
      <dt>{name}</dt>
      <dd>{value}</dd>
    </div>
  );
}

const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
const LONGEST_SHOWN = 15 * 60;

/** Counts the rest up from the last logged set, so that a closed page loses no time. */
function Rest({ since, of }: { readonly since: string; readonly of: number }) {
  const [now, setNow] = useState<number | null>(null);
  useEffect(() => {
    const tick = () => setNow(Date.now());
    tick();
    const timer = setInterval(tick, 1000);
    return () => clearInterval(timer);
  }, []);
  if (now === null) return null;
  const seconds = Math.max(0, Math.floor((now - Date.parse(since)) / 1000));
  if (seconds > LONGEST_SHOWN) return null;
  if (of === 0) return <Fact name="Rest" value="none: straight on" />;
  return (
    <div className={classes.fact}>
      <dt>Rest</dt>
      <dd className={seconds >= of ? classes.over : ''}>
        {clock(seconds)} of {clock(of)}
        {seconds >= of ? ', go' : ''}
      </dd>
    </div>
  );
}
