'use client';

import { Button, TextInput } from '@mantine/core';
import { changedAt } from '@/client/athlete-draft';
import { ANSWERINGS, type Athlete, JOINTS, LEVELS, type LocalDate, STYLES, UNITS, WEEKDAYS } from '@/core';
import { DateField } from '@/ui/date-field';
import { formClasses as classes, FormRow, Section, SelectField } from '@/ui/form';
import { readNumber, readText } from '@/ui/read';
import { Toggles } from '@/ui/toggles';
import { Typed } from '@/ui/typed';
import { CLINICIAN } from '@/ui/words/cautions';
import { longDay } from '@/ui/words/dates';
import { figure } from '@/ui/words/figures';
import * as screenWords from '@/ui/words/screens/athlete';
import * as common from '@/ui/words/screens/common';
import own from './athlete.module.css';
import { Events, Phases } from './phases';
import type { DraftTools } from './use-draft';

const DAYS = [0, 1, 2, 3, 4, 5, 6] as const;
const STYLE_WORDS = {
  cautious: screenWords.cautiousOneSetAtA,
  standard: 'standard',
  bold: screenWords.boldAddsSetsSooner,
} as const;

const ANSWERING_WORDS = {
  'ask for all': screenWords.askMeAboutEverything,
  'apply the routine': screenWords.applyLoadsAskMeAbout,
  'apply all': screenWords.applyEverythingAndListIt,
} as const;

function trainingAge(since: LocalDate | null, today: LocalDate): string {
  if (since === null) return '';
  const months =
    12 * (Number(today.slice(0, 4)) - Number(since.slice(0, 4))) +
    Number(today.slice(5, 7)) -
    Number(since.slice(5, 7));
  if (months < 0) return screenWords.startsLater;
  const years = Math.floor(months / 12);
  return years === 0 ? screenWords.months(months) : screenWords.yearsMonths(years, months % 12);
}

function timeZones(): readonly string[] {
  return Intl.supportedValuesOf('timeZone');
}

interface PersonProps {
  readonly tools: DraftTools;
  readonly today: LocalDate;
  readonly archived: boolean;
  /** When they are erased; null: not deleted. */
  readonly eraseAt: string | null;
  readonly onArchive: () => void;
  readonly onErase: () => void;
  /** The section for transferring them to another coach. */
  /** Whether the athlete can be archived and deleted here: by their own coach. */
  readonly records: boolean;
  readonly colleagues: React.ReactNode;
  /** The section with the athlete's phones. */
  readonly phones: React.ReactNode;
}

/** Name, level, and settings for computing and showing figures. */
function Profile({ tools, today }: Pick<PersonProps, 'tools' | 'today'>) {
  const { athlete, change, problemAt } = tools;
  return (
    <Section title={common.profile}>
      <FormRow label={common.name} htmlFor="name">
        <Typed
          id="name"
          label={common.name}
          className={classes.wide}
          text={athlete.name}
          read={readText(120)}
          onValue={(name) => change({ name })}
          problem={problemAt('name')}
        />
      </FormRow>
      <FormRow label={screenWords.level} htmlFor="level">
        <SelectField
          id="level"
          label={screenWords.level}
          value={athlete.level}
          options={LEVELS}
          onValue={(level) => change({ level })}
        />
        <span className={classes.soft}>{screenWords.affectsVolumeRangesWeeklyBudget}</span>
      </FormRow>
      <FormRow label={screenWords.trainingSince} htmlFor="since">
        <TextInput
          id="since"
          type="month"
          value={athlete.trainingSince?.slice(0, 7) ?? ''}
          onChange={(event) =>
            change({ trainingSince: event.target.value === '' ? null : `${event.target.value}-01` })
          }
        />
        <span className={classes.soft}>{trainingAge(athlete.trainingSince, today)}</span>
      </FormRow>
      <FormRow label={common.bodyWeight} htmlFor="bodyweight">
        <Typed
          id="bodyweight"
          label={common.bodyWeight}
          className={classes.number}
          text={figure(athlete.bodyweight.value)}
          read={(text) => readNumber(text, { field: screenWords.bodyWeight, low: 20, high: 700 })}
          onValue={(value) => change({ bodyweight: { ...athlete.bodyweight, value } })}
        />
        <SelectField
          label={screenWords.unitOfBodyWeight}
          value={athlete.bodyweight.unit}
          options={UNITS}
          onValue={(unit) => change({ bodyweight: { ...athlete.bodyweight, unit } })}
        />
        <span className={classes.soft}>{screenWords.replacedByTheLatestMeasurement}</span>
      </FormRow>
      <FormRow label={screenWords.displayUnit} htmlFor="unit">
        <SelectField
          id="unit"
          label={screenWords.displayUnit}
          value={athlete.unit}
          options={UNITS}
          onValue={(unit) => change({ unit })}
        />
        <span className={classes.soft}>{screenWords.equipmentKeepsItsOwnUnit}</span>
      </FormRow>
      <FormRow label={screenWords.timeZone} htmlFor="zone">
        <Typed
          id="zone"
          label={screenWords.timeZone}
          className={classes.wide}
          text={athlete.timeZone}
          read={readText(64)}
          onValue={(timeZone) => change({ timeZone })}
          problem={problemAt('timeZone') === undefined ? undefined : screenWords.noSuchTimeZoneWrite}
        />
      </FormRow>
      <FormRow label={screenWords.addingSets} htmlFor="style">
        <SelectField
          id="style"
          label={screenWords.addingSets}
          value={athlete.style}
          options={STYLES}
          names={(style) => STYLE_WORDS[style]}
          onValue={(style) => change({ style })}
        />
      </FormRow>
      <FormRow label={common.proposedChanges} htmlFor="answering">
        <SelectField
          id="answering"
          label={screenWords.whoDecidesOnProposedChanges}
          value={athlete.answering}
          options={ANSWERINGS}
          names={(answering) => ANSWERING_WORDS[answering]}
          onValue={(answering) => change({ answering })}
        />
      </FormRow>
    </Section>
  );
}

function TrainingTime({ tools }: Pick<PersonProps, 'tools'>) {
  const { athlete, change } = tools;
  return (
    <Section title={screenWords.trainingTime}>
      <FormRow label={screenWords.days}>
        <Toggles
          label={screenWords.trainingDays}
          value={athlete.days}
          options={DAYS}
          names={(day) => WEEKDAYS[day] ?? ''}
          onValue={(days) => change({ days })}
        />
      </FormRow>
      <FormRow label={screenWords.longestSession} htmlFor="minutes">
        <Typed
          id="minutes"
          label={screenWords.longestSessionInMinutes}
          className={classes.number}
          text={String(athlete.minutes)}
          read={(text) => readNumber(text, { field: 'minutes', low: 10, high: 300, whole: true })}
          onValue={(minutes) => change({ minutes })}
        />
        <span className={classes.soft}>{common.minutes}</span>
      </FormRow>
    </Section>
  );
}

/** Who the athlete is: experience, phases, time, other sport, joints. */
export function ProfileTab({
  tools,
  today,
  archived,
  eraseAt,
  onArchive,
  onErase,
  records,
  colleagues,
  phones,
}: PersonProps) {
  const { athlete } = tools;
  return (
    <div className={own.columns}>
      <div>
        <Profile tools={tools} today={today} />
        <TrainingTime tools={tools} />
        <SportTable athlete={athlete} tools={tools} />
        {phones}
      </div>
      <div>
        <Phases tools={tools} today={today} />
        <Events tools={tools} today={today} />
        <Joints athlete={athlete} tools={tools} today={today} />
        {records ? (
          <Section title={screenWords.archiveOrDelete}>
            <p className={classes.soft}>
              {screenWords.archivingTakesOffYourList(athlete.name.trim() || screenWords.theAthlete)}
            </p>
            {eraseAt === null ? null : (
              <p role="note">{screenWords.willBeDeletedForGood(longDay(eraseAt.slice(0, 10)))}</p>
            )}
            <div className={own.actions}>
              <Button variant="link" onClick={onArchive}>
                {archived ? common.restore : screenWords.archive}
              </Button>
              <Button variant="link" onClick={onErase}>
                {screenWords.deleteWordText}
              </Button>
            </div>
          </Section>
        ) : null}
        {colleagues}
      </div>
      <datalist id="zones">
        {timeZones().map((zone) => (
          <option key={zone} value={zone} />
        ))}
      </datalist>
    </div>
  );
}

interface PartProps {
  readonly athlete: Athlete;
  readonly tools: DraftTools;
}

function SportTable({ athlete, tools }: PartProps) {
  const { sport } = athlete;
  const { change, problemAt } = tools;
  const add = () => change({ sport: [...sport, { name: 'running', sessions: 1, hard: true }] });
  return (
    <Section
      title={screenWords.otherSportAndCardio}
      aside={
        <Button variant="link" onClick={add}>
          {common.add}
        </Button>
      }
    >
      {sport.length === 0 ? <p className={classes.soft}>{screenWords.noneEachHardSessionLowers}</p> : null}
      {sport.map((one, at) => (
        // Lines of a list have no ids; they are edited in place.
        // biome-ignore lint/suspicious/noArrayIndexKey: see above
        <div className={own.entry} key={at}>
          <Typed
            label={screenWords.sport(at + 1)}
            className={classes.wide}
            text={one.name}
            read={readText(60)}
            onValue={(name) => change({ sport: changedAt(sport, at, { name }) })}
            problem={problemAt(`sport/${at}/name`) === undefined ? undefined : common.enterAName}
          />
          <Typed
            label={screenWords.sessionsAWeekOfSport(at + 1)}
            className={own.short}
            text={String(one.sessions)}
            read={(text) => readNumber(text, { field: 'sessions', low: 1, high: 14, whole: true })}
            onValue={(sessions) => change({ sport: changedAt(sport, at, { sessions }) })}
          />
          <span className={classes.soft}>{common.aWeek}</span>
          <Toggles
            label={screenWords.intensityOfSport(at + 1)}
            value={one.hard ? ['hard'] : []}
            options={['hard']}
            onValue={(value) => change({ sport: changedAt(sport, at, { hard: value.length > 0 }) })}
          />
          <Button variant="link" onClick={() => change({ sport: sport.filter((_, index) => index !== at) })}>
            {common.removeText}
          </Button>
        </div>
      ))}
    </Section>
  );
}

function Joints({ athlete, tools, today }: PartProps & { readonly today: LocalDate }) {
  const { joints } = athlete;
  const { change } = tools;
  const free = JOINTS.filter((joint) => !joints.some((one) => one.joint === joint));
  const [first] = free;
  const add = () => {
    if (first !== undefined) change({ joints: [...joints, { joint: first, since: today, note: '' }] });
  };
  return (
    <Section
      title={screenWords.irritatedJoints}
      aside={
        <Button variant="link" disabled={first === undefined} onClick={add}>
          {common.add}
        </Button>
      }
    >
      {joints.length === 0 ? <p className={classes.soft}>{screenWords.none}</p> : null}
      {joints.map((one, at) => (
        <div className={own.entry} key={one.joint}>
          <SelectField
            label={screenWords.joint(at + 1)}
            value={one.joint}
            options={JOINTS.filter((joint) => joint === one.joint || free.includes(joint))}
            onValue={(joint) => change({ joints: changedAt(joints, at, { joint }) })}
          />
          <span className={classes.soft}>{screenWords.sinceText}</span>
          <DateField
            label={screenWords.startDateOfJoint(at + 1)}
            className={own.date}
            date={one.since}
            onDate={(since) => change({ joints: changedAt(joints, at, { since }) })}
          />
          <Typed
            label={screenWords.noteOnJoint(at + 1)}
            className={classes.wide}
            placeholder={screenWords.whereWhenSeenByWhom}
            text={one.note}
            read={readText(400)}
            onValue={(note) => change({ joints: changedAt(joints, at, { note }) })}
          />
          <Button
            variant="link"
            onClick={() => change({ joints: joints.filter((_, index) => index !== at) })}
          >
            {common.removeText}
          </Button>
        </div>
      ))}
      {joints.length === 0 ? null : <p className={classes.caution}>{CLINICIAN}</p>}
    </Section>
  );
}
