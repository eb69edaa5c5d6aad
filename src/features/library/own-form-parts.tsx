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
import { formClasses as classes, FormRow, Section, SelectField } from '@/ui/form';
import { readNumber, readText } from '@/ui/read';
import { Toggles } from '@/ui/toggles';
import { Typed } from '@/ui/typed';
import { figure } from '@/ui/words/figures';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/library';
import own from './library.module.css';

const GRADES = ['1', '2', '3', '4', '5'] as const;
const AXIAL = ['0', '1', '2', '3'] as const;
const SKILL_WORDS = { no: 'no', technical: 'technical', 'tendon-heavy': 'tendon-heavy' } as const;

/** A section of the form for a custom exercise. */
interface PartProps {
  readonly exercise: Exercise;
  readonly change: (part: Partial<Exercise>) => void;
  /** The problem at a path, after an attempt to save. */
  readonly problemAt: (path: string) => string | undefined;
}

/** Its name and movement. */
export function Identity({ exercise, change, problemAt }: PartProps) {
  return (
    <Section title={screenWords.basics}>
      <FormRow label={common.name} htmlFor="own-name">
        <Typed
          id="own-name"
          label={common.name}
          className={classes.wide}
          text={exercise.name}
          read={readText(120)}
          onValue={(name) => change({ name })}
          problem={problemAt('name')}
        />
      </FormRow>
      <FormRow label={screenWords.pattern}>
        <SelectField
          label={screenWords.pattern}
          value={exercise.pattern}
          options={PATTERNS}
          onValue={(pattern) => change({ pattern })}
        />
        <SelectField
          label={screenWords.kind}
          value={exercise.kind}
          options={['compound', 'isolation'] as const}
          onValue={(kind) => change({ kind })}
        />
      </FormRow>
    </Section>
  );
}

/** What a hard set counts toward each muscle. */
export function Shares({ exercise, change, problemAt }: PartProps) {
  const share = (muscle: Muscle, value: number) => {
    const { [muscle]: _, ...rest } = exercise.contributions;
    change({ contributions: value === 0 ? rest : { ...rest, [muscle]: value } });
  };
  return (
    <Section title={screenWords.countsToward} aside={screenWords.n1PrimeMover05}>
      <div className={own.shares}>
        {MUSCLES.map((muscle) => (
          <div key={muscle} className={own.shareField} data-on={(exercise.contributions[muscle] ?? 0) > 0}>
            {muscle}
            <Typed
              label={screenWords.countsTowardLabel(muscle)}
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
                  : readNumber(text, { field: screenWords.aShare, low: 0, high: 1 })
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

/** Its equipment, loading and counting. */
export function Making({ exercise, change, problemAt }: PartProps) {
  return (
    <>
      <FormRow label={common.equipment}>
        <Toggles
          label={screenWords.equipmentNeeded}
          value={exercise.equipment}
          options={EQUIPMENT}
          onValue={(equipment) => change({ equipment })}
        />
      </FormRow>
      <FormRow label={common.load} problem={problemAt('bodyweightShare') ?? problemAt('measure')}>
        <SelectField
          label={screenWords.howTheLoadIsMade}
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
              label={screenWords.percentOfBodyWeightLifted}
              className={classes.number}
              text={figure(exercise.bodyweightShare * 100)}
              read={(text) => readNumber(text, { field: common.percent, low: 1, high: 100 })}
              onValue={(percent) => change({ bodyweightShare: percent / 100 })}
            />
            <span className={classes.soft}>{screenWords.ofBodyWeightLiftedText}</span>
          </>
        ) : null}
      </FormRow>
      <FormRow label={screenWords.countedInLabel}>
        <SelectField
          label={screenWords.countedInLabel}
          value={exercise.measure}
          options={MEASURES}
          onValue={(measure) => change({ measure })}
        />
        <SelectField
          label={screenWords.sides}
          value={String(exercise.sides) as '1' | '2'}
          options={['1', '2'] as const}
          names={(sides) => (sides === '1' ? screenWords.bothSidesAtOnce : common.oneSideAtATime)}
          onValue={(sides) => change({ sides: sides === '1' ? 1 : 2 })}
        />
      </FormRow>
    </>
  );
}

/** Its stimulus and fatigue. */
export function Cost({ exercise, change }: PartProps) {
  return (
    <>
      <FormRow label={screenWords.stimulusFatigueLabel}>
        <SelectField
          label={screenWords.stimulus1To5}
          value={String(exercise.stimulus) as '1'}
          options={GRADES}
          onValue={(value) => change({ stimulus: Number(value) as Exercise['stimulus'] })}
        />
        <SelectField
          label={screenWords.fatigueCost1To5}
          value={String(exercise.fatigue) as '1'}
          options={GRADES}
          onValue={(value) => change({ fatigue: Number(value) as Exercise['fatigue'] })}
        />
        <span className={classes.soft}>{screenWords.payoff(figure(payoff(exercise), 1))}</span>
      </FormRow>
      <FormRow label={screenWords.hardestLongHalf}>
        <SelectField
          label={screenWords.hardestPosition}
          value={exercise.hardest}
          options={HARDEST}
          onValue={(hardest) => change({ hardest })}
        />
        <SelectField
          label={screenWords.longHalfLabel}
          value={exercise.longHalf}
          options={LONG_HALVES}
          onValue={(longHalf) => change({ longHalf })}
        />
      </FormRow>
      <FormRow label={screenWords.spineLoad}>
        <SelectField
          label={screenWords.spineLoad0To3}
          value={String(exercise.axialLoad) as '0'}
          options={AXIAL}
          onValue={(value) => change({ axialLoad: Number(value) as Exercise['axialLoad'] })}
        />
        <Toggles
          label={screenWords.safeToFailAlone}
          value={exercise.failableAlone ? [common.yes] : []}
          options={[common.yes]}
          onValue={(value) => change({ failableAlone: value.length > 0, canSetDown: undefined })}
        />
        {exercise.failableAlone ? null : (
          <Toggles
            label={screenWords.safeToDrop}
            value={exercise.canSetDown ? [common.yes] : []}
            options={[common.yes]}
            onValue={(value) => change({ canSetDown: value.length > 0 ? true : undefined })}
          />
        )}
      </FormRow>
      <FormRow label={screenWords.jointsLoaded}>
        <Toggles
          label={screenWords.jointsLoaded}
          value={exercise.joints}
          options={JOINTS}
          onValue={(joints) => change({ joints })}
        />
      </FormRow>
    </>
  );
}

/** How it is done: skill, chain, tempo, rest, cues. */
export function Doing({ exercise, change, problemAt }: PartProps) {
  return (
    <>
      <FormRow label={screenWords.skill}>
        <SelectField
          label={screenWords.skill}
          value={exercise.skill ?? 'no'}
          options={['no', 'technical', 'tendon-heavy'] as const}
          names={(skill) => SKILL_WORDS[skill]}
          onValue={(skill) => change({ skill: skill === 'no' ? null : skill })}
        />
      </FormRow>
      <FormRow label={screenWords.progressions}>
        <Typed
          label={screenWords.progressionItBelongsTo}
          className={classes.wide}
          placeholder={common.none}
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
            <span className={classes.soft}>{screenWords.step}</span>
            <Typed
              label={screenWords.stepInTheProgression1}
              className={own.shareInput}
              text={String(exercise.chain.step)}
              read={(text) => readNumber(text, { field: 'step', low: 1, high: 30, whole: true })}
              onValue={(step) => change({ chain: { name: exercise.chain?.name ?? '', step } })}
            />
          </>
        )}
      </FormRow>
      <FormRow label={screenWords.tempoRestLabel} problem={problemAt('tempo')}>
        <Typed
          label={screenWords.tempo}
          className={classes.number}
          text={exercise.tempo}
          read={readText(8)}
          onValue={(tempo) => change({ tempo: tempo.trim().toUpperCase() })}
        />
        <Typed
          label={screenWords.restSeconds}
          className={classes.number}
          text={String(exercise.restSeconds)}
          read={(text) => readNumber(text, { field: 'rest', low: 0, high: 900, whole: true })}
          onValue={(restSeconds) => change({ restSeconds })}
        />
        <span className={classes.soft}>s</span>
      </FormRow>
      <FormRow label={screenWords.cues} htmlFor="own-cues">
        <Typed
          id="own-cues"
          label={screenWords.cues}
          className={classes.wide}
          text={exercise.cues}
          read={readText(400)}
          onValue={(cues) => change({ cues })}
        />
      </FormRow>
    </>
  );
}
