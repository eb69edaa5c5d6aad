import {
  type Athlete,
  BOUNDS,
  CREDITING_SCHOOLS,
  conventionsWith,
  DELOAD_KINDS,
  defaultDeload,
  firstDay,
  type Goal,
  LANDMARK_SCHOOLS,
  MUSCLES,
  type Muscle,
  RETURN_WEEKS,
} from '@/core';
import { DateField } from '@/ui/date-field';
import { FormRow, formClasses as form, Section, SelectField } from '@/ui/form';
import { readNumber, readText } from '@/ui/read';
import { Toggles } from '@/ui/toggles';
import { Typed } from '@/ui/typed';
import { deloadText, measureText, readDeload } from '@/ui/words/deloads';
import { figure, plural } from '@/ui/words/figures';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/new-block';
import classes from './new-block.module.css';
import type { NewBlockUse } from './use-new-block';

/** Kinds of deload to choose; combinations are typed into the block's own line. */
const DELOADS = [...DELOAD_KINDS.map((kind) => measureText(defaultDeload(kind))), 'none'];

interface SettingsProps extends Pick<NewBlockUse, 'settings' | 'set'> {
  /** Days of the chosen cycle. */
  readonly cycleDays: number;
  readonly athlete: Athlete;
  /** Days without training before it starts; null: no earlier training. */
  readonly away: number | null;
}

/** Settings of a new block; all of them can be changed later. */
export function Settings({ athlete, settings, set, cycleDays, away }: SettingsProps) {
  const usual = conventionsWith();
  const weekBounds = settings.returning ? { low: RETURN_WEEKS.least, high: RETURN_WEEKS.most } : BOUNDS.weeks;
  return (
    <Section
      title={screenWords.theBlock}
      aside={<span className={classes.soft}>{screenWords.youCanChangeAllOf}</span>}
    >
      <FormRow label={common.name} htmlFor="block-name">
        <Typed
          id="block-name"
          label={common.name}
          className={form.wide}
          text={settings.name}
          read={readText(120)}
          onValue={(name) => set({ name })}
        />
      </FormRow>
      <FormRow label={screenWords.beginsOn} htmlFor="begins">
        <DateField
          id="begins"
          label={screenWords.beginsOn}
          className={classes.date}
          date={settings.startDate}
          onDate={(date) => set({ startDate: firstDay(date, cycleDays) })}
        />
        <span className={classes.soft}>
          {screenWords.inTimeZone(
            cycleDays % 7 === 0 ? screenWords.aMonday : screenWords.anyDay,
            athlete.timeZone,
          )}
        </span>
      </FormRow>
      <FormRow label={common.buildingWeeks} htmlFor="weeks">
        <Typed
          id="weeks"
          label={common.buildingWeeks}
          className={form.number}
          text={String(settings.weeks)}
          read={(text) => readNumber(text, { field: 'weeks', ...weekBounds, whole: true })}
          onValue={(weeks) => set({ weeks })}
        />
      </FormRow>
      {settings.returning ? null : (
        <FormRow label={screenWords.thenWord}>
          <SelectField
            label={common.deload}
            value={deloadText(settings.deload)}
            options={[...new Set([...DELOADS, deloadText(settings.deload)])]}
            names={(text) => (text === 'none' ? screenWords.noDeload : screenWords.aDeload(text))}
            onValue={(text) => {
              const deload = readDeload(text, 'block/deload');
              if (deload.ok) set({ deload: deload.value });
            }}
          />
        </FormRow>
      )}
      <FormRow label={screenWords.afterTimeAway}>
        <Toggles
          label={screenWords.isTheAthleteComingBack}
          value={settings.returning ? [screenWords.twoWeeksOrMore] : []}
          options={[screenWords.twoWeeksOrMore]}
          onValue={(value) =>
            set(value.length > 0 ? { returning: true, weeks: RETURN_WEEKS.usual } : { returning: false })
          }
        />
        {away !== null && away > 0 ? (
          <span className={classes.soft}>{screenWords.lastTrainedBeforeTheStart(plural(away, 'day'))}</span>
        ) : null}
        {settings.returning ? (
          <span className={classes.soft}>
            {screenWords.toWeeksAtOfThe(
              RETURN_WEEKS.least,
              RETURN_WEEKS.most,
              figure(usual.returnSets * 100),
              usual.returnRir,
              usual.returnLoad,
            )}
          </span>
        ) : null}
      </FormRow>
      <Schools settings={settings} set={set} />
      <Goals athlete={athlete} settings={settings} set={set} />
    </Section>
  );
}

function Schools({ settings, set }: Pick<SettingsProps, 'settings' | 'set'>) {
  return (
    <>
      <FormRow label={common.setCounting}>
        <SelectField
          label={common.setCounting}
          value={settings.crediting}
          options={CREDITING_SCHOOLS}
          onValue={(crediting) => set({ crediting })}
        />
      </FormRow>
      <FormRow label={common.volumeRanges}>
        <SelectField
          label={common.volumeRanges}
          value={settings.landmarks}
          options={LANDMARK_SCHOOLS}
          onValue={(landmarks) => set({ landmarks })}
        />
      </FormRow>
    </>
  );
}

function Goals({ athlete, settings, set }: Omit<SettingsProps, 'cycleDays' | 'away'>) {
  const goalOf = (muscle: Muscle): Goal => settings.goals[muscle] ?? athlete.goals[muscle] ?? 'grow';
  const withGoal = (goal: Goal) => MUSCLES.filter((muscle) => goalOf(muscle) === goal);
  const setGoals = (goal: Goal, muscles: readonly Muscle[]) => {
    const goals = Object.fromEntries(
      MUSCLES.flatMap((muscle) => {
        const now = muscles.includes(muscle) ? goal : goalOf(muscle) === goal ? 'grow' : goalOf(muscle);
        return now === (athlete.goals[muscle] ?? 'grow') ? [] : [[muscle, now]];
      }),
    );
    set({ goals });
  };

  return (
    <>
      <FormRow label={screenWords.priority}>
        <Toggles
          label={screenWords.priorityMuscles}
          value={withGoal('priority')}
          options={MUSCLES}
          onValue={(muscles) => setGoals('priority', muscles)}
        />
      </FormRow>
      <FormRow label={screenWords.maintain}>
        <Toggles
          label={screenWords.musclesToMaintain}
          value={withGoal('hold')}
          options={MUSCLES}
          onValue={(muscles) => setGoals('hold', muscles)}
        />
      </FormRow>
    </>
  );
}
