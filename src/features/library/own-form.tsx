'use client';

import { useState } from 'react';
import {
  conventionsWith,
  credits,
  EQUIPMENT,
  type Exercise,
  type ExerciseUse,
  HARDEST,
  JOINTS,
  LOADINGS,
  LONG_HALVES,
  MEASURES,
  MUSCLES,
  type Muscle,
  newSlot,
  PATTERNS,
  payoff,
  secondsPerRep,
  setCount,
  setSeconds,
} from '@/core';
import { decodeExercise } from '@/core/codecs';
import { Choose, formClasses as classes, Line, Section, Toggles, Typed, UnreadFields } from '@/ui/form';
import { readNumber, readText } from '@/ui/read';
import { useUnread } from '@/ui/use-unread';
import { counted, figure } from '@/ui/words/figures';
import { problemSentence } from '@/ui/words/problems';
import { AdoptRevision } from './adopt-revision';
import type { LibraryActions } from './contract';
import { Contributions } from './contributions';
import own from './library.module.css';
import { Variants } from './variants';

const conventions = conventionsWith();
const GRADES = ['1', '2', '3', '4', '5'] as const;
const AXIAL = ['0', '1', '2', '3'] as const;
const SKILL_WORDS = { no: 'no', technical: 'technical', 'tendon-heavy': 'tendon-heavy' } as const;

interface OwnFormProps {
  readonly start: Exercise;
  readonly fresh: boolean;
  readonly actions: Pick<LibraryActions, 'save' | 'adopt'>;
  readonly onSaved: (exercise: Exercise) => void;
  readonly onClose: () => void;
}

/** An exercise of the coach's own, with a live preview of what it credits; saving makes a revision. */
export function OwnForm({ start, fresh, actions, onSaved, onClose }: OwnFormProps) {
  const [exercise, setExercise] = useState(start);
  const [tried, setTried] = useState(false);
  const unread = useUnread();
  const [busy, setBusy] = useState(false);
  const [message, setMessage] = useState<string | null>(null);
  const [saved, setSaved] = useState<{ exercise: Exercise; uses: readonly ExerciseUse[] } | null>(null);
  const change = (part: Partial<Exercise>) => setExercise((before) => ({ ...before, ...part }));
  const decoded = decodeExercise(exercise);
  const problems = new Map(decoded.ok ? [] : decoded.problems.map((problem) => [problem.path, problem]));
  const problemAt = (path: string) => {
    const problem = problems.get(path);
    return problem === undefined || !tried ? undefined : problemSentence(problem);
  };
  const share = (muscle: Muscle, value: number) => {
    const { [muscle]: _, ...rest } = exercise.contributions;
    change({ contributions: value === 0 ? rest : { ...rest, [muscle]: value } });
  };

  const save = async () => {
    setTried(true);
    if (!decoded.ok || busy || unread.count > 0) return;
    setBusy(true);
    setMessage(null);
    const outcome = await actions.save(decoded.value).catch(() => ({ status: 'unavailable' as const }));
    setBusy(false);
    switch (outcome.status) {
      case 'saved': {
        onSaved(outcome.exercise);
        const behind = outcome.uses.filter(({ slots }) =>
          slots.some(({ revision }) => revision < outcome.exercise.revision),
        );
        if (behind.length === 0) onClose();
        else setSaved({ exercise: outcome.exercise, uses: behind });
        return;
      }
      case 'stale':
        change({ revision: outcome.newest.revision + 1 });
        setMessage(
          `It was changed elsewhere meanwhile (revision ${outcome.newest.revision}). Saving again puts yours on top of it.`,
        );
        return;
      case 'refused':
        setMessage(outcome.problems.map(problemSentence).join(' '));
        return;
      default:
        setMessage(
          'This was not saved: the server does not answer just now. Nothing is lost; please try again.',
        );
    }
  };

  if (saved !== null) return <AdoptRevision {...saved} adopt={actions.adopt} onClose={onClose} />;
  return (
    <UnreadFields value={unread.report}>
      <form
        className={own.detail}
        aria-label={fresh ? 'New exercise' : `Edit ${start.name}`}
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <h2>{fresh ? 'An exercise of your own' : `Edit ${start.name}`}</h2>
        <Preview exercise={exercise} />
        <Section title="What it is">
          <Line label="Name" htmlFor="own-name">
            <Typed
              id="own-name"
              label="Name"
              className={classes.wide}
              text={exercise.name}
              read={readText(120)}
              onValue={(name) => change({ name })}
              problem={problemAt('name')}
            />
          </Line>
          <Line label="Pattern">
            <Choose
              label="Pattern"
              value={exercise.pattern}
              options={PATTERNS}
              onValue={(pattern) => change({ pattern })}
            />
            <Choose
              label="Kind"
              value={exercise.kind}
              options={['compound', 'isolation'] as const}
              onValue={(kind) => change({ kind })}
            />
          </Line>
        </Section>
        <Section title="Share of a hard set" aside="1 prime mover, 0.5 clear assistance, 0.25 minor">
          <div className={own.shares}>
            {MUSCLES.map((muscle) => (
              <div
                key={muscle}
                className={own.shareField}
                data-on={(exercise.contributions[muscle] ?? 0) > 0}
              >
                {muscle}
                <Typed
                  label={`Share of ${muscle}`}
                  className={own.shareInput}
                  placeholder="0"
                  text={
                    exercise.contributions[muscle] === undefined
                      ? ''
                      : figure(exercise.contributions[muscle] ?? 0)
                  }
                  read={(text) =>
                    text.trim() === ''
                      ? { ok: true as const, value: 0 }
                      : readNumber(text, { field: 'a share', low: 0, high: 1 })
                  }
                  onValue={(value) => share(muscle, value)}
                />
              </div>
            ))}
          </div>
          {problemAt('contributions') === undefined ? null : (
            <p className={classes.problem} role="alert">
              {problemAt('contributions')}
            </p>
          )}
        </Section>
        <Section title="How it is done">
          <Line label="Needs">
            <Toggles
              label="Equipment it needs"
              value={exercise.equipment}
              options={EQUIPMENT}
              onValue={(equipment) => change({ equipment })}
            />
          </Line>
          <Line label="Load" problem={problemAt('bodyweightShare') ?? problemAt('measure')}>
            <Choose
              label="How the load is made"
              value={exercise.loading}
              options={LOADINGS}
              onValue={(loading) =>
                change({
                  loading,
                  bodyweightShare: loading === 'bodyweight' ? exercise.bodyweightShare || 0.6 : 0,
                  measure: loading === 'none' ? 'seconds' : exercise.measure,
                })
              }
            />
            {exercise.loading === 'bodyweight' ? (
              <>
                <Typed
                  label="Share of bodyweight lifted, per cent"
                  className={classes.number}
                  text={figure(exercise.bodyweightShare * 100)}
                  read={(text) => readNumber(text, { field: 'per cent', low: 1, high: 100 })}
                  onValue={(percent) => change({ bodyweightShare: percent / 100 })}
                />
                <span className={classes.soft}>% of bodyweight lifted</span>
              </>
            ) : null}
          </Line>
          <Line label="Counted in">
            <Choose
              label="Counted in"
              value={exercise.measure}
              options={MEASURES}
              onValue={(measure) => change({ measure })}
            />
            <Choose
              label="Sides"
              value={String(exercise.sides) as '1' | '2'}
              options={['1', '2'] as const}
              names={(sides) => (sides === '1' ? 'both sides at once' : 'each side in turn')}
              onValue={(sides) => change({ sides: sides === '1' ? 1 : 2 })}
            />
          </Line>
          <Line label="Stimulus, fatigue">
            <Choose
              label="Stimulus, 1 to 5"
              value={String(exercise.stimulus) as '1'}
              options={GRADES}
              onValue={(value) => change({ stimulus: Number(value) as Exercise['stimulus'] })}
            />
            <Choose
              label="Fatigue cost, 1 to 5"
              value={String(exercise.fatigue) as '1'}
              options={GRADES}
              onValue={(value) => change({ fatigue: Number(value) as Exercise['fatigue'] })}
            />
            <span className={classes.soft}>payoff {figure(payoff(exercise), 1)}</span>
          </Line>
          <Line label="Hardest, long half">
            <Choose
              label="Hardest"
              value={exercise.hardest}
              options={HARDEST}
              onValue={(hardest) => change({ hardest })}
            />
            <Choose
              label="Long half"
              value={exercise.longHalf}
              options={LONG_HALVES}
              onValue={(longHalf) => change({ longHalf })}
            />
          </Line>
          <Line label="Load on the spine">
            <Choose
              label="Load on the spine, 0 to 3"
              value={String(exercise.axialLoad) as '0'}
              options={AXIAL}
              onValue={(value) => change({ axialLoad: Number(value) as Exercise['axialLoad'] })}
            />
            <Toggles
              label="Can be failed alone"
              value={exercise.failableAlone ? ['can be failed safely alone'] : []}
              options={['can be failed safely alone']}
              onValue={(value) => change({ failableAlone: value.length > 0 })}
            />
          </Line>
          <Line label="Stresses">
            <Toggles
              label="Joints it stresses"
              value={exercise.joints}
              options={JOINTS}
              onValue={(joints) => change({ joints })}
            />
          </Line>
          <Line label="Skill">
            <Choose
              label="Skill"
              value={exercise.skill ?? 'no'}
              options={['no', 'technical', 'tendon-heavy'] as const}
              names={(skill) => SKILL_WORDS[skill]}
              onValue={(skill) => change({ skill: skill === 'no' ? null : skill })}
            />
          </Line>
          <Line label="Variation chain">
            <Typed
              label="Chain it stands in"
              className={classes.wide}
              placeholder="none"
              text={exercise.chain?.name ?? ''}
              read={readText(80)}
              onValue={(name) =>
                change({
                  chain: name.trim() === '' ? null : { name: name.trim(), step: exercise.chain?.step ?? 1 },
                })
              }
            />
            {exercise.chain === null ? null : (
              <>
                <span className={classes.soft}>step</span>
                <Typed
                  label="Step in the chain, 1 is the easiest"
                  className={own.shareInput}
                  text={String(exercise.chain.step)}
                  read={(text) => readNumber(text, { field: 'step', low: 1, high: 30, whole: true })}
                  onValue={(step) => change({ chain: { name: exercise.chain?.name ?? '', step } })}
                />
              </>
            )}
          </Line>
          <Line label="Tempo, rest" problem={problemAt('tempo')}>
            <Typed
              label="Tempo"
              className={classes.number}
              text={exercise.tempo}
              read={readText(8)}
              onValue={(tempo) => change({ tempo: tempo.trim().toUpperCase() })}
            />
            <Typed
              label="Rest, seconds"
              className={classes.number}
              text={String(exercise.restSeconds)}
              read={(text) => readNumber(text, { field: 'rest', low: 0, high: 900, whole: true })}
              onValue={(restSeconds) => change({ restSeconds })}
            />
            <span className={classes.soft}>s</span>
          </Line>
          <Line label="Cues" htmlFor="own-cues">
            <Typed
              id="own-cues"
              label="Cues"
              className={classes.wide}
              text={exercise.cues}
              read={readText(400)}
              onValue={(cues) => change({ cues })}
            />
          </Line>
        </Section>
        <Variants variants={exercise.variants} onChange={(variants) => change({ variants })} />
        {message === null ? null : (
          <p className={classes.problem} role="alert">
            {message}
          </p>
        )}
        {tried && unread.count > 0 ? (
          <p className={classes.problem}>{counted(unread.count, 'field')} above cannot be read yet.</p>
        ) : null}
        <div className={own.tools}>
          <button type="submit" className={classes.strong} aria-disabled={busy}>
            {fresh ? 'Add it to the library' : `Save as revision ${exercise.revision}`}
          </button>
          <button type="button" className={classes.button} onClick={onClose}>
            Leave it
          </button>
        </div>
      </form>
    </UnreadFields>
  );
}

/** What three sets of it would credit and cost, as it stands in the form. */
function Preview({ exercise }: { readonly exercise: Exercise }) {
  const slot = newSlot('preview', exercise);
  const sets = setCount(slot.technique);
  const credited = credits(exercise).map(([muscle, share]) => `${muscle} ${figure(sets * share)}`);
  const perRep = secondsPerRep({ measure: exercise.measure, tempo: slot.tempo }, conventions);
  const seconds = (reps: number) => setSeconds({ secondsPerRep: perRep, sides: exercise.sides }, reps);
  return (
    <div className={own.preview} role="status">
      <p>
        {counted(sets, 'hard set')} would credit {credited.length === 0 ? 'nothing yet' : credited.join(', ')}
        ; one lasts {seconds(slot.range.low)}–{seconds(slot.range.high)} s.
      </p>
      <Contributions exercise={exercise} />
    </div>
  );
}
