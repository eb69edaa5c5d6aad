'use client';

import { Button, TextInput, UnstyledButton } from '@mantine/core';
import { useState } from 'react';
import {
  type Day,
  type Instead,
  insteadToday,
  LONGEST_LINE,
  type NoteContent,
  type NoteSummary,
  PAIN_GRADES,
  PAIN_PLACES,
  type PainGrade,
  type PainPlace,
  type SkipReason,
  type SlotPlan,
  type SwapReason,
} from '@/core';
import { CLINICIAN } from '@/ui/words/cautions';
import { capital } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/training';
import { InsteadList } from './alternatives';
import { Choices } from './choices';
import classes from './training.module.css';

interface DifferentProps {
  readonly slot: SlotPlan;
  readonly name: string;
  /** The planned exercise, if another is done; otherwise null. */
  readonly planned: { readonly id: string; readonly name: string } | null;
  readonly list: readonly Instead[];
  readonly day: Day;
  readonly told: NoteSummary;
  readonly onTell: (telling: NoteContent) => void;
  /** Back to the sets. */
  readonly onDone: () => void;
}

const WAYS = ['swap', 'pain', 'skip', 'later', 'extra set'] as const;
type ChangeKind = (typeof WAYS)[number];

const WAY_NAMES: Readonly<Record<ChangeKind, string>> = {
  swap: screenWords.swap,
  pain: screenWords.pain,
  skip: screenWords.skip,
  later: screenWords.doLater,
  'extra set': screenWords.extraSet,
};

const SWAPS = ['taken', 'not here'] as const satisfies readonly SwapReason[];
const SKIPS = ['no time', 'no energy', 'taken', 'not here'] as const satisfies readonly SkipReason[];

/** What an athlete can do when an exercise cannot be done as planned. */
export function ChangeSet(props: DifferentProps) {
  const { slot, name, planned, onTell, onDone } = props;
  const [way, setWay] = useState<ChangeKind | null>(null);
  const { slotId } = slot;
  const take = (next: ChangeKind) => {
    if (next === 'later') onTell({ kind: 'later', slotId });
    if (next === 'extra set') onTell({ kind: 'one more', slotId });
    if (next === 'later' || next === 'extra set') onDone();
    else setWay(next);
  };
  return (
    <>
      <p className={classes.slotName}>{capital(name)}</p>
      <Choices<ChangeKind>
        legend={screenWords.changeThisSet}
        options={WAYS}
        value={way}
        onValue={take}
        words={(one) => WAY_NAMES[one]}
      />
      {way === 'swap' ? <Swap {...props} /> : null}
      {way === 'pain' ? <Pain {...props} /> : null}
      {way === 'skip' ? (
        <Choices<SkipReason>
          legend={screenWords.reason}
          options={SKIPS}
          value={null}
          onValue={(why) => {
            onTell({ kind: 'skip', slotId, why });
            onDone();
          }}
        />
      ) : null}
      {planned === null || way !== null ? null : (
        <p>
          <Button
            variant="default"
            onClick={() => {
              onTell({ kind: 'swap', slotId, exerciseId: planned.id, why: 'taken' });
              onDone();
            }}
          >
            {screenWords.backTo(planned.name)}
          </Button>
        </p>
      )}
      <div className={classes.grow} />
      <p>
        <Button variant="link" onClick={onDone}>
          {common.cancel}
        </Button>
      </p>
    </>
  );
}

/** Most substitutes offered. */
export const MOST_OFFERED = 6;

/** Reps to failure of a slot's first set. */
export function toFailureOf({ sets }: Pick<SlotPlan, 'sets'>): number {
  const [first] = sets;
  return first === undefined ? 1 : first.reps + first.rir;
}

function Swap({ slot, list, day, told, onTell, onDone }: DifferentProps) {
  const [why, setWhy] = useState<SwapReason>('taken');
  const others = list.filter(({ exerciseId }) => exerciseId !== slot.exerciseId);
  const offered = insteadToday(others, told, day, MOST_OFFERED);
  return (
    <>
      <Choices<SwapReason> legend={screenWords.reason} options={SWAPS} value={why} onValue={setWhy} />
      <InsteadList
        list={offered}
        day={day}
        toFailure={toFailureOf(slot)}
        onTake={(exerciseId) => {
          onTell({ kind: 'swap', slotId: slot.slotId, exerciseId, why });
          onDone();
        }}
      />
    </>
  );
}

/** Where it hurts and how much; reporting it ends the exercise. */
function Pain({ slot, name, onTell }: DifferentProps) {
  const [where, setWhere] = useState<PainPlace | null>(null);
  const [grade, setGrade] = useState<PainGrade | null>(null);
  const [line, setLine] = useState('');
  const tell = () => {
    if (where === null || grade === null) return;
    onTell({ kind: 'pain', slotId: slot.slotId, exerciseId: slot.exerciseId, where, grade, line });
  };
  return (
    <>
      <Choices<PainPlace> legend={screenWords.where} options={PAIN_PLACES} value={where} onValue={setWhere} />
      <Choices<PainGrade>
        legend={screenWords.howBad}
        options={PAIN_GRADES}
        value={grade}
        onValue={setGrade}
      />
      <TextInput
        label={screenWords.anythingYourCoachShouldKnow}
        value={line}
        maxLength={LONGEST_LINE}
        onChange={(event) => setLine(event.target.value)}
      />
      <p className={classes.caution}>{CLINICIAN}</p>
      <UnstyledButton className={classes.go} disabled={where === null || grade === null} onClick={tell}>
        {screenWords.stop(name)}
      </UnstyledButton>
    </>
  );
}
