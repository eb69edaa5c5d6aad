import {
  EQUIPMENT,
  type Exercise,
  HARDEST,
  JOINTS,
  LOADINGS,
  LONG_HALVES,
  MEASURES,
  MUSCLES,
  type Muscle,
  PATTERNS,
  payoff,
} from '@/core';
import { Choose, formClasses as classes, Line, Section } from '@/ui/form';
import { readNumber, readText } from '@/ui/read';
import { Toggles } from '@/ui/toggles';
import { Typed } from '@/ui/typed';
import { figure } from '@/ui/words/figures';
import own from './library.module.css';

const GRADES = ['1', '2', '3', '4', '5'] as const;
const AXIAL = ['0', '1', '2', '3'] as const;
const SKILL_WORDS = { no: 'no', technical: 'technical', 'tendon-heavy': 'tendon-heavy' } as const;

/** A part of the form of an own exercise. */
interface PartProps {
  readonly exercise: Exercise;
  readonly change: (part: Partial<Exercise>) => void;
  /** What is wrong at a path, once somebody has tried to save. */
  readonly problemAt: (path: string) => string | undefined;
}

/** What it is called and how it moves. */
export function Identity({ exercise, change, problemAt }: PartProps) {
  return (
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
  );
}

/** What a hard set of it credits to each muscle. */
export function Shares({ exercise, change, problemAt }: PartProps) {
  const share = (muscle: Muscle, value: number) => {
    const { [muscle]: _, ...rest } = exercise.contributions;
    change({ contributions: value === 0 ? rest : { ...rest, [muscle]: value } });
  };
  return (
    <Section title="Share of a hard set" aside="1 prime mover, 0.5 clear assistance, 0.25 minor">
      <div className={own.shares}>
        {MUSCLES.map((muscle) => (
          <div key={muscle} className={own.shareField} data-on={(exercise.contributions[muscle] ?? 0) > 0}>
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
  );
}

/** What it needs, how its load is made and what is counted. */
export function Making({ exercise, change, problemAt }: PartProps) {
  return (
    <>
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
    </>
  );
}

/** What it gives and what it costs. */
export function Cost({ exercise, change }: PartProps) {
  return (
    <>
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
          onValue={(value) => change({ failableAlone: value.length > 0, canSetDown: undefined })}
        />
        {exercise.failableAlone ? null : (
          <Toggles
            label="Can be set down"
            value={exercise.canSetDown ? ['can be set down'] : []}
            options={['can be set down']}
            onValue={(value) => change({ canSetDown: value.length > 0 ? true : undefined })}
          />
        )}
      </Line>
      <Line label="Stresses">
        <Toggles
          label="Joints it stresses"
          value={exercise.joints}
          options={JOINTS}
          onValue={(joints) => change({ joints })}
        />
      </Line>
    </>
  );
}

/** How it is done: skill, chain, tempo, rest, cues. */
export function Doing({ exercise, change, problemAt }: PartProps) {
  return (
    <>
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
    </>
  );
}
