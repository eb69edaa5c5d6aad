'use client';

import { Button, UnstyledButton } from '@mantine/core';
import { useState } from 'react';
import {
  BETWEEN_HALVES,
  hundredths,
  type LoggedSet,
  loadAfterRamp,
  type RampVerdict,
  type Rescue,
  type SetPlan,
  type SlotPlan,
  splitInHalves,
} from '@/core';
import { figure, listed, setAtReserve } from '@/ui/words/figures';
import * as screenWords from '@/ui/words/screens/training';
import type { SessionData } from './contract';
import { HoldClock } from './hold-clock';
import { Pacer } from './metronome';
import { asPlanned, MORE_LABELS } from './more-entry';
import type { AskedSet } from './order';
import { RampWalk } from './ramp-walk';
import { RESCUE_WORDS } from './readiness';
import { RoundClock } from './round-clock';
import { SetAsked, SetCautions, SetHelp } from './set-asked';
import type { CheckedSet } from './set-entry';
import { SetFigures, SetMore } from './set-figures';
import { Stopwatch } from './stopwatch';
import classes from './training.module.css';
import { useSetEntry } from './use-set-entry';
import type { Watches } from './use-watches';

interface SetScreenProps {
  readonly data: SessionData;
  readonly asked: AskedSet;
  readonly done: LoggedSet | null;
  /** When the session's last set was logged. */
  readonly restSince: string | null;
  /** How the slot's last warm-up set moved, once answered. */
  readonly ramp: RampVerdict | null;
  readonly onRamp: (verdict: RampVerdict) => void;
  readonly watches: Watches;
  readonly onLog: (value: CheckedSet) => void;
  /** This set and the parts that follow at once, if one tap may log them all; otherwise null. */
  readonly round: readonly AskedSet[] | null;
  readonly onRound: () => void;
  /** Reps so far and their target, if the sum counts. */
  readonly soFar: { readonly sum: number; readonly of: number } | undefined;
  /** Skips the set; null if it is not optional. */
  readonly onSkip: (() => void) | null;
  /** How the day was made easier; null if it was not. */
  readonly rescue: Rescue | null;
  readonly onDifferent: () => void;
}

/** One set: its plan in large type, help, three steppers and a button to log it. */
export function SetScreen({
  data,
  asked,
  done,
  restSince,
  ramp,
  onRamp,
  watches,
  onLog,
  round,
  onRound,
  soFar,
  onSkip,
  rescue,
  onDifferent,
}: SetScreenProps) {
  const { slot, set, watch } = asked;
  const exercise = data.exercises[slot.exerciseId];
  const tempo = set.tempo ?? slot.tempo;
  const startedAt = watch === null ? null : watches.startedAt(watch.key);
  const use = useSetEntry(data, asked, done, startedAt, onLog);
  const { grid, check, noted, put, tap, isAsAsked } = use;
  // Unsaved notes are included.
  const isNothingElse = JSON.stringify(noted.value) === JSON.stringify(asPlanned(set).more);
  const verb = done === null ? screenWords.log : screenWords.saveCorrection;
  const isFirst = slot.sets[0]?.id === set.id;
  const walks = isFirst && done === null && slot.warmUp.length > 0;
  const [rampAt, setRampAt] = useState(ramp === null ? 0 : slot.warmUp.length);
  const isWarm = !walks || rampAt >= slot.warmUp.length;
  const judge = (verdict: RampVerdict) => {
    onRamp(verdict);
    put('load', String(loadAfterRamp(hundredths(set.load ?? 0), verdict, grid, slot.carried) / 100));
  };
  return (
    <>
      <SetAsked data={data} asked={asked} onDifferent={done === null ? onDifferent : null} />
      {rescue === null || done !== null ? null : <p className={classes.soft}>{rescueWords(rescue, set)}</p>}
      <SetHelp
        data={data}
        asked={asked}
        load={check.value?.load ?? null}
        showsLoad={isWarm}
        soFar={soFar}
        isDone={done !== null}
        restSince={restSince}
      />
      {walks ? (
        <RampWalk
          slot={slot}
          equipment={data.equipment}
          at={rampAt}
          onStep={setRampAt}
          verdict={ramp}
          onVerdict={set.load !== null && slot.warmUp.some(({ kind }) => kind === 'ramp') ? judge : null}
        />
      ) : null}
      <SetCautions data={data} asked={asked} />
      <div className={classes.grow} />
      {tempo === null ||
      exercise === undefined ||
      slot.measure === 'seconds' ||
      done !== null ||
      round !== null ? null : (
        <Pacer tempo={tempo} pattern={exercise.pattern} reps={set.reps} />
      )}
      {slot.measure === 'seconds' && done === null ? (
        <HoldClock of={set.reps} onHeld={(seconds) => put('reps', String(seconds))} />
      ) : null}
      {watch === null || done !== null ? null : (
        <Stopwatch startedAt={startedAt} cap={watch.cap} onStart={() => watches.start(watch.key)} />
      )}
      {round === null || done !== null ? null : (
        <RoundClock round={round} sides={exercise?.sides ?? 1} conventions={data.conventions} />
      )}
      <SetFigures slot={slot} use={use} />
      <SetMore use={use} />
      <p
        className={classes.said}
        data-problem={check.problem !== null || noted.problem !== null}
        role={check.problem === null && noted.problem === null ? undefined : 'alert'}
      >
        {noted.problem === null ? '' : screenWords.mustBeAWholeNumber(MORE_LABELS[noted.problem])}
        {check.problem?.sentence ?? check.hint}
      </p>
      <UnstyledButton className={classes.go} disabled={check.value === null} onClick={tap}>
        {isAsAsked && done === null
          ? screenWords.logAsPlanned
          : check.value === null
            ? verb
            : screenWords.logThisSet(
                verb,
                setAtReserve(check.value.load, check.value.reps, check.value.rir, slot),
              )}
      </UnstyledButton>
      {round === null || !isAsAsked || !isNothingElse ? null : (
        <UnstyledButton className={classes.round} onClick={onRound}>
          {roundWords(round, slot)}
        </UnstyledButton>
      )}
      {onSkip === null || done !== null ? null : (
        <Button variant="link" onClick={onSkip}>
          {screenWords.noEnergyLeftSkipIt}
        </Button>
      )}
    </>
  );
}

/** How a poor night changed the set. */
function rescueWords(rescue: Rescue, set: SetPlan): string {
  const halves = rescue === 'in halves' ? splitInHalves(set) : null;
  if (halves !== null) return screenWords.todayInTwoHalvesS(halves.join(' + '), BETWEEN_HALVES);
  return rescue === 'in halves'
    ? screenWords.nothingToFailureToday
    : screenWords.todayNothingToFailure(RESCUE_WORDS[rescue]);
}

/**
 * What is left of a round, with the rest before each part if all are equal: `All of it as asked: 12, 4, 4, 20 s
 * between`.
 */
function roundWords(round: readonly AskedSet[], slot: SlotPlan): string {
  const rests = new Set(round.slice(1).map(({ rest }) => rest));
  const between = rests.size === 1 ? screenWords.secondsApart(figure([...rests][0] ?? 0)) : '';
  const held = slot.measure === 'seconds' ? ' s' : '';
  return screenWords.logAllAsPlanned(listed(round.map(({ set }) => `${set.reps}${held}`)), between);
}
