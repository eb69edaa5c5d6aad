import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/sheet';
import '@mantine/core/styles/Checkbox.layer.css';
import { Checkbox, UnstyledButton } from '@mantine/core';
import {
  AS_IT_IS,
  type Athlete,
  type Catalogue,
  DRIFTS,
  type Edit,
  type Exercise,
  groupSlots,
  isBar,
  LOAD_RULES,
  MOTIONS,
  placeFor,
  type Result,
  SET_RULES,
  type SingleEdit,
  type Slot,
  type SlotPlan,
  setUpText,
  swapCandidates,
  usesOwnStep,
  valueIn,
} from '@/core';
import { FormRow, formClasses as form, SelectField } from '@/ui/form';
import { readNumber, readOptionalNumber, readText } from '@/ui/read';
import { Toggles } from '@/ui/toggles';
import { Typed } from '@/ui/typed';
import { figure } from '@/ui/words/figures';
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

/** A section of a slot's details. */
export interface PartProps extends SlotDetailsProps {
  readonly slot: Slot;
  /** With the slot's variant, and as in the library. */
  readonly exercise: Exercise;
  readonly pinned: Exercise;
  readonly set: <F extends keyof Slot>(field: F, value: Slot[F]) => void;
}

const MOST_SUBSTITUTES = 12;
const RULE_WORDS: Readonly<Record<Slot['loadRule'], string>> = {
  'best fit': screenWords.bestFit,
  'load first': screenWords.loadFirstThenReps,
  'double progression': screenWords.doubleProgressionAllSetsReach,
  'double progression, first set': screenWords.doubleProgressionFirstSetReaches,
  'double progression, beyond the top': screenWords.doubleProgressionPastTheTop,
  percent: screenWords.percentAWeek,
  'two in a row': screenWords.afterTwoSessionsInA,
  'variation chain': screenWords.nextHarderVariation,
};

/** How load and sets progress, and how later sets and the range work. */
export function Progress({ slot, set }: PartProps) {
  return (
    <>
      <FormRow label={screenWords.progressionRule}>
        <SelectField
          label={screenWords.progressionRule}
          value={slot.loadRule}
          options={LOAD_RULES}
          names={(rule) => RULE_WORDS[rule]}
          onValue={(rule) => set('loadRule', rule)}
        />
      </FormRow>
      {usesOwnStep(slot.loadRule) ? (
        <FormRow label={screenWords.step}>
          <Typed
            key={slot.id}
            label={screenWords.step}
            className={form.number}
            text={slot.loadStep === null ? '' : String(slot.loadStep)}
            placeholder="2.5"
            read={(text) => readOptionalNumber(text, { field: 'step', low: 0.5, high: 10 })}
            onValue={(step) => set('loadStep', step)}
          />
        </FormRow>
      ) : null}
      <FormRow label={screenWords.setProgression}>
        <SelectField
          label={screenWords.setProgression}
          value={slot.setRule}
          options={SET_RULES}
          onValue={(rule) => set('setRule', rule)}
        />
      </FormRow>
      <FormRow label={screenWords.laterSets}>
        <SelectField
          label={screenWords.laterSets}
          value={slot.drift}
          options={DRIFTS}
          names={(one) =>
            one === 'hold RIR' ? screenWords.fewerRepsSameRir : screenWords.sameRepsCloserToFailure
          }
          onValue={(drift) => set('drift', drift)}
        />
      </FormRow>
      <FormRow label={screenWords.rangeOfMotion}>
        <SelectField
          label={screenWords.rangeOfMotion}
          value={slot.motion}
          options={MOTIONS}
          onValue={(motion) => set('motion', motion)}
        />
      </FormRow>
    </>
  );
}

const closing =
  (value: number) =>
  ({ id }: Slot): SingleEdit => ({ kind: 'slot/set', slot: id, field: 'optionalSets', value });

/** Supersets, finishing sets, variants, stretch, and how failure is made safe. */
export function Course({ row, slot, exercise, pinned, athlete, set, attempt }: PartProps) {
  const { unit } = athlete;
  // A group is repeated as one.
  const group = groupSlots(row.session).find((members) => members.some(({ id }) => id === slot.id)) ?? [slot];
  return (
    <>
      <FormRow label={screenWords.superset}>
        <Checkbox
          label={screenWords.withTheExerciseAbove}
          checked={slot.joined && row.at > 1}
          disabled={row.at === 1}
          onChange={(event) => set('joined', event.target.checked)}
        />
      </FormRow>
      <FormRow label={group.length > 1 ? screenWords.optionalRounds : screenWords.optionalSets}>
        <Typed
          key={slot.id}
          label={screenWords.optionalAtTheEnd(group.length > 1 ? screenWords.roundsOfTheGroup : 'sets')}
          className={form.number}
          text={String(slot.optionalSets)}
          read={(text) =>
            readNumber(text, { field: screenWords.optionalSetsText, low: 0, high: 10, whole: true })
          }
          onValue={(sets) => attempt({ kind: 'batch', edits: group.map(closing(sets)) })}
        />
        <span className={form.label}>{screenWords.ifEnergyIsLeft}</span>
      </FormRow>
      {pinned.variants.length === 0 ? null : (
        <FormRow label={screenWords.alternatingSetUps}>
          <Toggles
            label={screenWords.setUpsThatChangeFrom}
            value={slot.rotate}
            options={[AS_IT_IS, ...pinned.variants.map(({ id }) => id)]}
            names={(id) => pinned.variants.find((one) => one.id === id)?.name ?? common.standard}
            onValue={(rotate) => set('rotate', rotate)}
          />
        </FormRow>
      )}
      {isBar(exercise) ? (
        <FormRow label={screenWords.bandsTakeOff}>
          <Typed
            key={`${slot.id}/relief`}
            label={screenWords.bandsTakeOffAtBottom(unit)}
            className={form.number}
            text={slot.relief === null ? '' : figure(valueIn(unit, slot.relief))}
            placeholder={common.none}
            read={(text) => readOptionalNumber(text, { field: 'bands', low: 1, high: 200, whole: false })}
            onValue={(value) => set('relief', value === null ? null : { value, unit })}
          />
          <span className={form.label}>{screenWords.atTheBottom(unit)}</span>
        </FormRow>
      ) : null}
      <FormRow label={screenWords.breakBefore}>
        <Typed
          key={`${slot.id}/break`}
          label={screenWords.breakBeforeMinutes}
          className={form.number}
          text={String(slot.breakBefore)}
          read={(text) => readNumber(text, { field: 'break', low: 0, high: 60, whole: true })}
          onValue={(minutes) => set('breakBefore', minutes)}
        />
        <span className={form.label}>{screenWords.minText}</span>
      </FormRow>
      <FormRow label={screenWords.stopWhenPerformanceFalls}>
        <Typed
          key={`${slot.id}/fall`}
          label={screenWords.percentOfTheFirstSets}
          className={form.number}
          text={slot.stopFall === null ? '' : String(slot.stopFall)}
          placeholder={common.none}
          read={(text) => readOptionalNumber(text, { field: 'fall', low: 5, high: 60, whole: true })}
          onValue={(fall) => set('stopFall', fall)}
        />
        <span className={form.label}>{screenWords.ofTheFirstSet}</span>
      </FormRow>
      <StretchLine slot={slot} set={set} />
      <FormRow label={common.madeSafeBy}>
        <Typed
          key={slot.id}
          label={screenWords.howFailureIsMadeSafe}
          className={form.wide}
          text={slot.safety}
          placeholder={exercise.failableAlone ? common.safeToFailAlone : common.safetyBarsASpotter}
          read={readText(200)}
          onValue={(safety) => set('safety', safety)}
        />
      </FormRow>
    </>
  );
}

function StretchLine({ slot, set }: Pick<PartProps, 'slot' | 'set'>) {
  return (
    <FormRow label={screenWords.stretchAtTheEnd}>
      <Typed
        key={`${slot.id}/seconds`}
        label={screenWords.secondsOfStretch}
        className={form.number}
        text={slot.stretch === null ? '' : String(slot.stretch.seconds)}
        placeholder={common.none}
        read={(text) => readOptionalNumber(text, { field: 'stretch', low: 5, high: 600, whole: true })}
        onValue={(seconds) =>
          set('stretch', seconds === null ? null : { seconds, note: slot.stretch?.note ?? '' })
        }
      />
      <span className={form.label}>s</span>
      {slot.stretch === null ? null : (
        <Typed
          key={`${slot.id}/stretch`}
          label={screenWords.noteOnTheStretch}
          text={slot.stretch.note}
          placeholder={screenWords.howToDoIt}
          read={readText(200)}
          onValue={(note) => set('stretch', { seconds: slot.stretch?.seconds ?? 30, note })}
        />
      )}
    </FormRow>
  );
}

/** The athlete's note, substitutes, and warm-up. */
export function Notes(props: PartProps) {
  const { slot, exercise, planned, athlete, set } = props;
  const setUp = setUpText(athlete, exercise.id);
  return (
    <>
      <FormRow label={screenWords.note}>
        <Typed
          key={slot.id}
          label={screenWords.noteForTheAthlete}
          className={form.wide}
          text={slot.note}
          placeholder={exercise.cues}
          read={readText(2000)}
          onValue={(note) => set('note', note)}
        />
      </FormRow>
      <FormRow label={screenWords.cuesForSets}>
        <Typed
          key={`${slot.id}/cues`}
          label={screenWords.cuesForSingleSets}
          className={form.wide}
          text={cuesText(slot)}
          placeholder={screenWords.backOffsHoldEachSqueeze}
          read={readCues}
          onValue={(cues) => set('setTargets', withOwn(slot, 'cue', cues))}
        />
      </FormRow>
      <Substitutes {...props} />
      <FormRow label={screenWords.warmUp}>
        <span>
          {planned === undefined || planned.warmUp.length === 0
            ? screenWords.noneTheMusclesAreWarm
            : warmUpText(planned)}
        </span>
      </FormRow>
      {setUp === undefined ? null : (
        <FormRow label={common.setUp}>
          <span>{setUp}</span>
        </FormRow>
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
    <FormRow label={screenWords.alternatives}>
      <SelectField
        label={screenWords.addAnAlternative}
        value=""
        options={['', ...candidates.map(({ exercise: one }) => one.id)]}
        names={(id) => (id === '' ? screenWords.addAnExercise : (catalogue.newest(id)?.name ?? id))}
        onValue={(id) => {
          if (id !== '') set('substitutes', [...slot.substitutes, id]);
        }}
      />
      {slot.substitutes.map((id) => (
        <UnstyledButton
          key={id}
          className={classes.chip}
          title={screenWords.removeFromTheList}
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
    </FormRow>
  );
}
