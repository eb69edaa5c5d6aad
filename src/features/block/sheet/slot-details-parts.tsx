import '@mantine/core/styles/Checkbox.layer.css';
import { Checkbox, UnstyledButton } from '@mantine/core';
import {
  AS_IT_IS,
  type Athlete,
  type Catalogue,
  DRIFTS,
  type Edit,
  type Exercise,
  groupsOf,
  LOAD_RULES,
  MOTIONS,
  placeFor,
  type Result,
  SET_RULES,
  type SingleEdit,
  type Slot,
  type SlotPlan,
  setUpOf,
  swapCandidates,
  takesStep,
} from '@/core';
import { Choose, formClasses as form, Line } from '@/ui/form';
import { readNumber, readOptionalNumber, readText } from '@/ui/read';
import { Toggles } from '@/ui/toggles';
import { Typed } from '@/ui/typed';
import { warmUpText } from '@/ui/words/warm-up';
import { cuesText, readCues, withOwn } from './columns/own-sets';
import type { Row } from './layout';
import classes from './slot-details.module.css';

export interface SlotDetailsProps {
  readonly row: Extract<Row, { kind: 'slot' }>;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  /** The slot in the first week that can still change. */
  readonly planned: SlotPlan | undefined;
  readonly today: string;
  readonly attempt: (edit: Edit) => Result<null>;
  readonly onClose: () => void;
}

/** A part of the details of a slot. */
export interface PartProps extends SlotDetailsProps {
  readonly slot: Slot;
  /** In the slot's set-up, and as the library has it. */
  readonly exercise: Exercise;
  readonly pinned: Exercise;
  readonly set: <F extends keyof Slot>(field: F, value: Slot[F]) => void;
}

const MOST_SUBSTITUTES = 12;
const RULE_WORDS: Readonly<Record<Slot['loadRule'], string>> = {
  'best fit': 'best fit',
  'load first': 'load first, then reps',
  'double progression': 'double progression, all sets at the top',
  'double progression, first set': 'double progression, first set at the top',
  'double progression, beyond the top': 'double progression, beyond the top',
  percent: 'per cent a week',
  'two in a row': 'met in two sessions running',
  'variation chain': 'next harder variation',
};

/** How its load and sets go on, and how its later sets and its range are done. */
export function Progress({ slot, set }: PartProps) {
  return (
    <>
      <Line label="Load goes by">
        <Choose
          label="Load goes by"
          value={slot.loadRule}
          options={LOAD_RULES}
          names={(rule) => RULE_WORDS[rule]}
          onValue={(rule) => set('loadRule', rule)}
        />
      </Line>
      {takesStep(slot.loadRule) ? (
        <Line label="Step, %">
          <Typed
            key={slot.id}
            label="Step, %"
            className={form.number}
            text={slot.loadStep === null ? '' : String(slot.loadStep)}
            placeholder="2.5"
            read={(text) => readOptionalNumber(text, { field: 'step', low: 0.5, high: 10 })}
            onValue={(step) => set('loadStep', step)}
          />
        </Line>
      ) : null}
      <Line label="Sets go by">
        <Choose
          label="Sets go by"
          value={slot.setRule}
          options={SET_RULES}
          onValue={(rule) => set('setRule', rule)}
        />
      </Line>
      <Line label="Later sets">
        <Choose
          label="Later sets"
          value={slot.drift}
          options={DRIFTS}
          names={(one) => (one === 'hold RIR' ? 'fewer reps, same RIR' : 'same reps, nearer failure')}
          onValue={(drift) => set('drift', drift)}
        />
      </Line>
      <Line label="Range of motion">
        <Choose
          label="Range of motion"
          value={slot.motion}
          options={MOTIONS}
          onValue={(motion) => set('motion', motion)}
        />
      </Line>
    </>
  );
}

const closing =
  (value: number) =>
  ({ id }: Slot): SingleEdit => ({ kind: 'slot/set', slot: id, field: 'optionalSets', value });

/** What it is done in turn with, its closing sets, its set-ups, its stretch, and what makes it safe. */
export function Course({ row, slot, exercise, pinned, set, attempt }: PartProps) {
  // A group is repeated as one.
  const group = groupsOf(row.session).find((members) => members.some(({ id }) => id === slot.id)) ?? [slot];
  return (
    <>
      <Line label="In turn">
        <Checkbox
          label="with the slot above"
          checked={slot.joined && row.at > 1}
          disabled={row.at === 1}
          onChange={(event) => set('joined', event.target.checked)}
        />
      </Line>
      <Line label={group.length > 1 ? 'Closing rounds' : 'Closing sets'}>
        <Typed
          key={slot.id}
          label={`Closing ${group.length > 1 ? 'rounds of the group' : 'sets'}, if there is energy left`}
          className={form.number}
          text={String(slot.optionalSets)}
          read={(text) => readNumber(text, { field: 'closing sets', low: 0, high: 10, whole: true })}
          onValue={(sets) => attempt({ kind: 'batch', edits: group.map(closing(sets)) })}
        />
        <span className={form.label}>if there is energy left</span>
      </Line>
      {pinned.variants.length === 0 ? null : (
        <Line label="Set-ups in turn">
          <Toggles
            label="Set-ups that rotate set by set"
            value={slot.rotate}
            options={[AS_IT_IS, ...pinned.variants.map(({ id }) => id)]}
            names={(id) => pinned.variants.find((one) => one.id === id)?.name ?? 'as it is'}
            onValue={(rotate) => set('rotate', rotate)}
          />
        </Line>
      )}
      <Line label="Break before it">
        <Typed
          key={`${slot.id}/break`}
          label="Minutes of break before it"
          className={form.number}
          text={String(slot.breakBefore)}
          read={(text) => readNumber(text, { field: 'break', low: 0, high: 60, whole: true })}
          onValue={(minutes) => set('breakBefore', minutes)}
        />
        <span className={form.label}>min</span>
      </Line>
      <Line label="Until reps fall by">
        <Typed
          key={`${slot.id}/fall`}
          label="Per cent of the first set by which reps fall when it stops"
          className={form.number}
          text={slot.stopFall === null ? '' : String(slot.stopFall)}
          placeholder="none"
          read={(text) => readOptionalNumber(text, { field: 'fall', low: 5, high: 60, whole: true })}
          onValue={(fall) => set('stopFall', fall)}
        />
        <span className={form.label}>% of the first set</span>
      </Line>
      <StretchLine slot={slot} set={set} />
      <Line label="Made safe by">
        <Typed
          key={slot.id}
          label="How failing is made safe"
          className={form.wide}
          text={slot.safety}
          placeholder={exercise.failableAlone ? 'can be failed alone' : 'safeties, a spotter'}
          read={readText(200)}
          onValue={(safety) => set('safety', safety)}
        />
      </Line>
    </>
  );
}

function StretchLine({ slot, set }: Pick<PartProps, 'slot' | 'set'>) {
  return (
    <Line label="Ends in a stretch">
      <Typed
        key={`${slot.id}/seconds`}
        label="Seconds of the stretch"
        className={form.number}
        text={slot.stretch === null ? '' : String(slot.stretch.seconds)}
        placeholder="none"
        read={(text) => readOptionalNumber(text, { field: 'stretch', low: 5, high: 600, whole: true })}
        onValue={(seconds) =>
          set('stretch', seconds === null ? null : { seconds, note: slot.stretch?.note ?? '' })
        }
      />
      <span className={form.label}>s</span>
      {slot.stretch === null ? null : (
        <Typed
          key={`${slot.id}/stretch`}
          label="Note on the stretch"
          text={slot.stretch.note}
          placeholder="how"
          read={readText(200)}
          onValue={(note) => set('stretch', { seconds: slot.stretch?.seconds ?? 30, note })}
        />
      )}
    </Line>
  );
}

/** What the athlete is told, what they may take instead, and how they warm up. */
export function Notes(props: PartProps) {
  const { slot, exercise, planned, athlete, set } = props;
  const setUp = setUpOf(athlete, exercise.id);
  return (
    <>
      <Line label="Note">
        <Typed
          key={slot.id}
          label="Note for the athlete"
          className={form.wide}
          text={slot.note}
          placeholder={exercise.cues}
          read={readText(2000)}
          onValue={(note) => set('note', note)}
        />
      </Line>
      <Line label="Cues of sets">
        <Typed
          key={`${slot.id}/cues`}
          label="Cues of single sets"
          className={form.wide}
          text={cuesText(slot)}
          placeholder="back-offs: hold each squeeze; last: slowly down"
          read={readCues}
          onValue={(cues) => set('setTargets', withOwn(slot, 'cue', cues))}
        />
      </Line>
      <Substitutes {...props} />
      <Line label="Warm-up">
        <span>
          {planned === undefined || planned.warmUp.length === 0
            ? 'none: its muscles are warm, or its load is not known'
            : warmUpText(planned)}
        </span>
      </Line>
      {setUp === undefined ? null : (
        <Line label="Set-up">
          <span>{setUp}</span>
        </Line>
      )}
    </>
  );
}

function Substitutes({ row, slot, exercise, athlete, catalogue, today, set }: PartProps) {
  const place = placeFor(athlete, row.session.place);
  const candidates = swapCandidates(exercise, catalogue.list, { athlete, place, date: today })
    .filter(({ exercise: one }) => !slot.substitutes.includes(one.id))
    .slice(0, MOST_SUBSTITUTES);
  return (
    <Line label="Or instead">
      <Choose
        label="Add a substitute"
        value=""
        options={['', ...candidates.map(({ exercise: one }) => one.id)]}
        names={(id) => (id === '' ? 'add an exercise …' : (catalogue.newest(id)?.name ?? id))}
        onValue={(id) => {
          if (id !== '') set('substitutes', [...slot.substitutes, id]);
        }}
      />
      {slot.substitutes.map((id) => (
        <UnstyledButton
          key={id}
          className={classes.chip}
          title="Take it off the list"
          onClick={() =>
            set(
              'substitutes',
              slot.substitutes.filter((one) => one !== id),
            )
          }
        >
          {catalogue.newest(id)?.name ?? id} ×
        </UnstyledButton>
      ))}
    </Line>
  );
}
