import { Button } from '@mantine/core';
import { type LastDone, loadRecipe, type SlotPlan, type ToBeat, toBeat } from '@/core';
import { Recipe } from '@/ui/recipe';
import { NOT_ALONE } from '@/ui/words/cautions';
import { shortDay } from '@/ui/words/dates';
import { figure, listed, load as loadWords, reserveText, setWithUnit } from '@/ui/words/figures';
import { capital } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/training';
import { afterCell, sectionWords, setName, techniqueSentence } from '@/ui/words/techniques';
import { screenWord } from '@/ui/words/values';
import type { SessionData } from './contract';
import { Fact } from './fact';
import { nameOf } from './issued-name';
import { loadLabel } from './load-label';
import type { AskedSet } from './order';
import { Rest } from './rest';
import classes from './training.module.css';

interface AskedProps {
  readonly data: SessionData;
  readonly asked: AskedSet;
}

/** Which set it is, how it is done, and its figures in large type. */
export function SetAsked({
  data,
  asked: { slot, set, partners },
  onDifferent,
}: AskedProps & { readonly onDifferent: (() => void) | null }) {
  const exercise = data.exercises[slot.exerciseId];
  const setUp = data.setUps[slot.exerciseId];
  const tempo = set.tempo ?? slot.tempo;
  const held = slot.measure === 'seconds';
  return (
    <>
      <div className={classes.slotHead}>
        <span className={classes.slotName}>
          {capital(nameOf(slot, data, set))}, {setName(set, slot.sets)}
        </span>
        {onDifferent === null ? null : (
          <Button variant="link" onClick={onDifferent}>
            {screenWords.changeThisSet}
          </Button>
        )}
      </div>
      {partners.length === 0 ? null : (
        <p className={classes.cue}>
          {screenWords.supersetWith(listed(partners.map((one) => nameOf(one, data))))}
        </p>
      )}
      <p className={classes.cue}>
        {slot.note === '' ? (exercise?.cues ?? '') : slot.note}
        {setUp === undefined ? '' : screenWords.setUp(setUp)}
        {set.cue === undefined ? '' : ` ${capital(set.cue)}${/[.!?]$/.test(set.cue) ? '' : '.'}`}
        {tempo === null ? '' : screenWords.tempo(tempo)}
        {slot.relief === undefined ? '' : screenWords.bandsTakeOff(`${figure(slot.relief)} ${slot.unit}`)}
        {slot.motion === 'full' ? '' : screenWords.rangeOfMotion(screenWord(slot.motion))}
        {slot.technique.kind === 'straight'
          ? ''
          : ` ${techniqueSentence({ technique: slot.technique, drift: 'hold RIR' })}`}
        {set.sections.length === 0 ? '' : screenWords.thenPart(set.sections.map(sectionWords).join(', '))}
        {slot.stopFall == null ? '' : screenWords.stopWhenPerformanceFalls(slot.stopFall)}
        {slot.stretch === null || slot.sets.at(-1)?.id !== set.id
          ? ''
          : screenWords.thenStretchForS(slot.stretch.seconds, slot.stretch.note)}
      </p>
      <div className={classes.asked}>
        {slot.loading === 'none' ? null : (
          <BigFigures value={loadWords(set.load, slot.loading)} label={loadLabel(slot.loading, slot.unit)} />
        )}
        <BigFigures
          value={String(set.reps)}
          label={`${held ? common.seconds : common.reps}${exercise?.sides === 2 ? screenWords.eachSide : ''}`}
        />
        <BigFigures value={reserveText(set.rir)} label={screenWords.repsLeft} />
      </div>
    </>
  );
}

interface HelpProps extends AskedProps {
  /** The load in the field; null if it cannot be read. */
  readonly load: number | null;
  /** Whether to show how to make the load: not during the warm-up. */
  readonly showsLoad: boolean;
  readonly soFar: { readonly sum: number; readonly of: number } | undefined;
  readonly isDone: boolean;
  /** When the session's last set was logged. */
  readonly restSince: string | null;
}

/** Help for the set: how to make the load, last time, rest. */
export function SetHelp({ data, asked, load, showsLoad, soFar, isDone, restSince }: HelpProps) {
  const { slot, set, key } = asked;
  const last = data.lastTime[key];
  // A deload is not meant to be beaten.
  const beat = data.kind === 'deload' ? null : toBeat(slot, set, lastOf(slot, data));
  const held = slot.measure === 'seconds';
  const recipe = load === null ? null : loadRecipe(load, slot.loading, data.equipment);
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
            name={screenWords.lastTime}
            value={screenWords.lastTimeWas(
              setWithUnit(last.load.value, last.reps, slot, last.load.unit) + afterCell(last.more ?? {}),
              figure(last.rir),
              last.earlier ? shortDay(last.date) : '',
            )}
          />
        )}
        {beat === null || isDone ? null : <Fact name={screenWords.toBeat} value={beatWords(beat, held)} />}
        {soFar === undefined || isDone ? null : (
          <Fact name={screenWords.soFar} value={screenWords.loggedOfSets(soFar.sum, soFar.of)} />
        )}
        {restSince === null || isDone ? null : <Rest since={restSince} of={asked.rest} />}
      </dl>
    </>
  );
}

/** The slot's sets as last done, by set id. */
function lastOf({ slotId, sets }: SlotPlan, { lastTime }: SessionData): ReadonlyMap<string, LastDone> {
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
      return held ? screenWords.holdSeconds(beat.reps) : screenWords.beatReps(beat.reps);
    case 'pair':
      return screenWords.beat(beat.reps, beat.partials);
    case 'sum':
      return screenWords.beatInTotal(beat.sum);
    case 'load':
      return screenWords.theLoadIsNew;
  }
}

/** Cues before the set. */
export function SetCautions({ data, asked: { slot, set } }: AskedProps) {
  const exercise = data.exercises[slot.exerciseId];
  const held = slot.measure === 'seconds';
  return (
    <>
      {set.load === null ? (
        <p className={classes.caution}>
          {held
            ? screenWords.noHoldLoggedYetHold(reserveText(set.rir))
            : screenWords.noLoadKnownYetWork(set.reps, reserveText(set.rir))}
        </p>
      ) : null}
      {exercise !== undefined && !exercise.failableAlone && set.rir <= 1 ? (
        <p className={classes.caution}>{NOT_ALONE}</p>
      ) : null}
    </>
  );
}

function BigFigures({ value, label }: { readonly value: string; readonly label: string }) {
  return (
    <div>
      <span className={classes.big}>{value}</span>
      <span className={classes.soft}>{label}</span>
    </div>
  );
}
