import {
  type Athlete,
  BOUNDS,
  CREDITING_SCHOOLS,
  conventionsWith,
  DELOAD_KINDS,
  deloadStart,
  firstDay,
  type Goal,
  LANDMARK_SCHOOLS,
  MUSCLES,
  type Muscle,
  RETURN_WEEKS,
} from '@/core';
import { DateField } from '@/ui/date-field';
import { Choose, formClasses as form, Line, Section } from '@/ui/form';
import { readNumber, readText } from '@/ui/read';
import { Toggles } from '@/ui/toggles';
import { Typed } from '@/ui/typed';
import { deloadText, measureText, readDeload } from '@/ui/words/deloads';
import { figure, plural } from '@/ui/words/figures';
import classes from './new-block.module.css';
import type { NewBlockUse } from './use-new-block';

/** Ways of deloading to pick from; combinations are written in the block's own line. */
const DELOADS = [...DELOAD_KINDS.map((kind) => measureText(deloadStart(kind))), 'none'];

interface SettingsProps extends Pick<NewBlockUse, 'settings' | 'set'> {
  /** Days of the cycle that is chosen. */
  readonly cycleDays: number;
  readonly athlete: Athlete;
  /** Days since training, as of its first one; null: nothing was trained yet. */
  readonly away: number | null;
}

/** What a new block begins with; all of it can be changed later. */
export function Settings({ athlete, settings, set, cycleDays, away }: SettingsProps) {
  const usual = conventionsWith();
  const weekBounds = settings.returning ? { low: RETURN_WEEKS.least, high: RETURN_WEEKS.most } : BOUNDS.weeks;
  return (
    <Section title="The block" aside={<span className={classes.soft}>all of it can be changed later</span>}>
      <Line label="Name" htmlFor="block-name">
        <Typed
          id="block-name"
          label="Name"
          className={form.wide}
          text={settings.name}
          read={readText(120)}
          onValue={(name) => set({ name })}
        />
      </Line>
      <Line label="Begins on" htmlFor="begins">
        <DateField
          id="begins"
          label="Begins on"
          className={classes.date}
          date={settings.startDate}
          onDate={(date) => set({ startDate: firstDay(date, cycleDays) })}
        />
        <span className={classes.soft}>
          {cycleDays % 7 === 0 ? 'a Monday' : 'any day'}, as days go in {athlete.timeZone}
        </span>
      </Line>
      <Line label="Building weeks" htmlFor="weeks">
        <Typed
          id="weeks"
          label="Building weeks"
          className={form.number}
          text={String(settings.weeks)}
          read={(text) => readNumber(text, { field: 'weeks', ...weekBounds, whole: true })}
          onValue={(weeks) => set({ weeks })}
        />
      </Line>
      {settings.returning ? null : (
        <Line label="Then">
          <Choose
            label="Deload"
            value={deloadText(settings.deload)}
            options={[...new Set([...DELOADS, deloadText(settings.deload)])]}
            names={(text) => (text === 'none' ? 'no deload' : `a deload: ${text}`)}
            onValue={(text) => {
              const deload = readDeload(text, 'block/deload');
              if (deload.ok) set({ deload: deload.value });
            }}
          />
        </Line>
      )}
      <Line label="After time away">
        <Toggles
          label="Whether the athlete comes back after two weeks or more away"
          value={settings.returning ? ['two weeks or more'] : []}
          options={['two weeks or more']}
          onValue={(value) =>
            set(value.length > 0 ? { returning: true, weeks: RETURN_WEEKS.usual } : { returning: false })
          }
        />
        {away !== null && away > 0 ? (
          <span className={classes.soft}>last trained {plural(away, 'day')} before it begins</span>
        ) : null}
        {settings.returning ? (
          <span className={classes.soft}>
            {RETURN_WEEKS.least} to {RETURN_WEEKS.most} weeks at {figure(usual.returnSets * 100)} % of the
            sets and RIR {usual.returnRir}, loads from {usual.returnLoad} % back to the whole; no deload
            behind
          </span>
        ) : null}
      </Line>
      <Schools settings={settings} set={set} />
      <Goals athlete={athlete} settings={settings} set={set} />
    </Section>
  );
}

function Schools({ settings, set }: Pick<SettingsProps, 'settings' | 'set'>) {
  return (
    <>
      <Line label="Sets count">
        <Choose
          label="Counting of sets"
          value={settings.crediting}
          options={CREDITING_SCHOOLS}
          onValue={(crediting) => set({ crediting })}
        />
      </Line>
      <Line label="Landmarks">
        <Choose
          label="Landmarks"
          value={settings.landmarks}
          options={LANDMARK_SCHOOLS}
          onValue={(landmarks) => set({ landmarks })}
        />
      </Line>
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
      <Line label="Priority">
        <Toggles
          label="Priority muscles"
          value={withGoal('priority')}
          options={MUSCLES}
          onValue={(muscles) => setGoals('priority', muscles)}
        />
      </Line>
      <Line label="Only hold">
        <Toggles
          label="Held muscles"
          value={withGoal('hold')}
          options={MUSCLES}
          onValue={(muscles) => setGoals('hold', muscles)}
        />
      </Line>
    </>
  );
}
