'use client';

import { Textarea, TextInput, UnstyledButton } from '@mantine/core';
import Link from 'next/link';
import { useState } from 'react';
import {
  type CheckIn,
  DRIVES,
  type Drive,
  FELT,
  type Felt,
  JOINTS,
  type Joint,
  LINGERING,
  type Lingering,
  LONGEST_LINE,
  type LocalDate,
  type MeasurementKind,
  PAIN_GRADES,
  type PainGrade,
  type Unit,
  type Weight,
} from '@/core';
import { newId } from '@/ui/new-id';
import { readOptionalNumber } from '@/ui/read';
import { CLINICIAN } from '@/ui/words/cautions';
import { longDay } from '@/ui/words/dates';
import { capital } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/training';
import { screenWord } from '@/ui/words/values';
import { Choices } from './choices';
import classes from './training.module.css';
import { localToday, useTrainingQueue } from './use-training';

interface CheckInFormProps {
  readonly name: string;
  readonly unit: Unit;
  readonly bodyweight: Weight;
  readonly girths: readonly MeasurementKind[];
  /** When they last checked in. */
  readonly last: LocalDate | null;
}

const NO_ACHE = 'none';

/** The weekly check-in, online or offline. */
export function CheckInForm({ name, unit, bodyweight, girths, last }: CheckInFormProps) {
  const [queue, state] = useTrainingQueue();
  const [sent, setSent] = useState(false);
  const [slept, setSlept] = useState<Felt | null>(null);
  const [drive, setDrive] = useState<Drive | null>(null);
  const [appetite, setAppetite] = useState<Felt | null>(null);
  const [soreness, setSoreness] = useState<Lingering | null>(null);
  const [aches, setAches] = useState<Readonly<Partial<Record<Joint, PainGrade>>>>({});
  const [joint, setJoint] = useState<Joint | null>(null);
  const [heart, setHeart] = useState('');
  const [measured, setMeasured] = useState<Readonly<Partial<Record<MeasurementKind, string>>>>({});
  const [line, setLine] = useState('');
  const isPounds = unit === 'lb';
  const asked: readonly MeasurementKind[] = ['body weight', ...girths.filter((one) => one !== 'body weight')];
  const unitOf = (kind: MeasurementKind) =>
    kind === 'body weight' ? unit : isPounds ? ('in' as const) : ('cm' as const);
  const rate = readOptionalNumber(heart, { field: 'heart', low: 25, high: 220, whole: true });
  const read = (kind: MeasurementKind) =>
    readOptionalNumber(measured[kind] ?? '', { field: kind, low: 1, high: 1000 });
  const problem = !rate.ok
    ? screenWords.restingHeartRateMustBe
    : (asked.flatMap((kind) => (read(kind).ok ? [] : [screenWords.mustBeANumberFrom(capital(kind))]))[0] ??
      null);
  const isWhole = slept !== null && drive !== null && appetite !== null && soreness !== null;
  const send = () => {
    if (!isWhole || problem !== null || !rate.ok) return;
    const id = newId();
    const date = localToday();
    const checkIn: CheckIn = {
      id,
      date,
      slept,
      drive,
      appetite,
      soreness,
      aches: (Object.entries(aches) as [Joint, PainGrade][]).map(([one, grade]) => ({ joint: one, grade })),
      restingHeartRate: rate.value,
      measured: asked.flatMap((kind) => {
        const value = read(kind);
        return value.ok && value.value !== null ? [{ kind, value: value.value, unit: unitOf(kind) }] : [];
      }),
      line: line.trim(),
    };
    void queue.add({ id, localDate: date, kind: 'check-in', checkIn }).then(() => setSent(true));
  };
  if (sent)
    return (
      <main className={classes.page}>
        <div className={classes.top}>
          <h1>{name}</h1>
        </div>
        <p className={classes.slotName}>{screenWords.thankYou}</p>
        <p role="status">
          {state.waiting.length === 0
            ? screenWords.yourCoachHasYourCheck
            : state.isStored
              ? screenWords.yourCheckInIsSaved
              : screenWords.yourCheckInIsOnly}
        </p>
        {Object.keys(aches).length === 0 ? null : <p className={classes.caution}>{CLINICIAN}</p>}
        <Link href="/training" className={classes.link} prefetch={false}>
          {screenWords.backToTheWeek}
        </Link>
      </main>
    );
  return (
    <main className={classes.page}>
      <div className={classes.top}>
        <h1>{screenWords.howWasTheWeek}</h1>
        <span className={classes.soft}>
          {last === null ? screenWords.yourFirst : screenWords.last(longDay(last))}
        </span>
      </div>
      <Choices legend={screenWords.sleep} options={FELT} value={slept} onValue={setSlept} />
      <Choices legend={screenWords.motivation} options={DRIVES} value={drive} onValue={setDrive} />
      <Choices legend={screenWords.appetite} options={FELT} value={appetite} onValue={setAppetite} />
      <Choices legend={screenWords.soreness} options={LINGERING} value={soreness} onValue={setSoreness} />
      <Choices<Joint>
        legend={screenWords.achingJointsTapOneThen}
        options={JOINTS}
        value={joint}
        onValue={setJoint}
        words={(one) =>
          aches[one] === undefined ? capital(one) : `${capital(one)}: ${screenWord(aches[one] ?? '')}`
        }
      />
      {joint === null ? null : (
        <Choices<PainGrade | typeof NO_ACHE>
          legend={capital(joint)}
          options={[NO_ACHE, ...PAIN_GRADES]}
          value={aches[joint] ?? NO_ACHE}
          onValue={(grade) => {
            const { [joint]: _, ...others } = aches;
            setAches(grade === NO_ACHE ? others : { ...others, [joint]: grade });
          }}
        />
      )}
      {Object.keys(aches).length === 0 ? null : <p className={classes.caution}>{CLINICIAN}</p>}
      <div className={classes.measured}>
        {asked.map((kind) => (
          <TextInput
            key={kind}
            label={`${capital(kind)}, ${unitOf(kind)}`}
            inputMode="decimal"
            placeholder={kind === 'body weight' && bodyweight.unit === unit ? String(bodyweight.value) : ''}
            value={measured[kind] ?? ''}
            onChange={(event) => {
              const { value } = event.target;
              setMeasured((now) => ({ ...now, [kind]: value }));
            }}
          />
        ))}
        <TextInput
          label={screenWords.restingHeartRate}
          inputMode="numeric"
          placeholder={screenWords.afterWaking}
          value={heart}
          onChange={(event) => setHeart(event.target.value)}
        />
      </div>
      <Textarea
        label={screenWords.anythingElse}
        value={line}
        maxLength={LONGEST_LINE}
        autosize
        minRows={2}
        onChange={(event) => setLine(event.target.value)}
      />
      <p
        className={classes.said}
        data-problem={problem !== null}
        role={problem === null ? undefined : 'alert'}
      >
        {problem ?? (isWhole ? '' : screenWords.fillInSleepMotivationAppetite)}
      </p>
      <UnstyledButton className={classes.go} disabled={!isWhole || problem !== null} onClick={send}>
        {screenWords.send}
      </UnstyledButton>
      <div className={classes.foot}>
        <span />
        <Link href="/training" className={classes.link} prefetch={false}>
          {common.weekText}
        </Link>
      </div>
    </main>
  );
}
