import {
  type Athlete,
  type Block,
  type BlockPlan,
  type Catalogue,
  comparePlans,
  credits,
  type Edit,
  type Finding,
  inVariant,
  type Muscle,
  type Proposal,
  placeFor,
  type Result,
  type SessionPlan,
  type SlotPlan,
  setUpText,
  variantName,
  type WeekState,
} from '@/core';
import { callLine } from '@/ui/words/calls';
import { longDay } from '@/ui/words/dates';
import { effectSentences } from '@/ui/words/effects';
import { clock, figure, minutes, plural, setWithUnit, span } from '@/ui/words/figures';
import { findingSentence, fixWords } from '@/ui/words/findings';
import { capital, dayName, namesOf, weekName } from '@/ui/words/names';
import { problemSentence } from '@/ui/words/problems';
import { explain } from '@/ui/words/reasons';
import * as screenWords from '@/ui/words/screens/block';
import * as common from '@/ui/words/screens/common';
import { WEEK_STATUS_NAMES } from '@/ui/words/values';
import { cellText, type PrescriptionColumn, prescriptionColumn } from './sheet/columns/registry';
import { type Cell, type Row, sessionIn, weekOf } from './sheet/layout';

/** What the coach is looking at. */
export type Focus =
  | { readonly kind: 'cell'; readonly cell: Cell }
  | { readonly kind: 'muscle'; readonly muscle: Muscle }
  | { readonly kind: 'total' }
  | { readonly kind: 'call'; readonly id: string }
  | { readonly kind: 'finding'; readonly id: string }
  | { readonly kind: 'fix'; readonly id: string; readonly edit: Edit; readonly does: string }
  | { readonly kind: 'said'; readonly title: string; readonly text: string }
  | { readonly kind: 'setting'; readonly name: string; readonly text: string };

/** The content of the explanation. */
export interface Explanation {
  readonly title: string;
  readonly value: string;
  readonly because: string;
  readonly besides: string;
  readonly keys: readonly (readonly [key: string, does: string])[];
}

export interface Seen {
  readonly block: Block;
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly blockPlan: BlockPlan;
  readonly findings: readonly Finding[];
  readonly rows: readonly Row[];
  /** Reps left beyond the reported ones, if the block's log shows it consistently; null: accurate, or unknown. */
  readonly bias: number | null;
  /** The week shown in the side panel. */
  readonly weekState: WeekState | undefined;
  /** The effects of an edit. */
  readonly lookAt: (
    edit: Edit,
  ) => Result<{ readonly blockPlan: BlockPlan; readonly findings: readonly Finding[] }>;
}

const EDIT = ['Enter', 'edit'] as const;
const NOTHING: Explanation = {
  title: '',
  value: '',
  because: screenWords.selectAnyFigureToSee,
  besides: '',
  keys: [['?', screenWords.shortcuts]],
};

/** Explains the focused figure. */
export function say(focus: Focus | null, seen: Seen): Explanation {
  if (focus === null) return NOTHING;
  switch (focus.kind) {
    case 'cell':
      return sayCell(focus.cell, seen);
    case 'muscle': {
      const week = seen.weekState?.plan.muscles[focus.muscle];
      if (week === undefined || seen.weekState === undefined) return NOTHING;
      return {
        title: capital(focus.muscle),
        value: screenWords.hardSets(
          weekName(seen.weekState.plan.week, seen.weekState.plan.kind),
          figure(week.sets, 1),
        ),
        ...explain(week.why, namesOf(seen.catalogue)),
        keys: [
          [screenWords.g, 'grow'],
          [screenWords.p, 'priority'],
          [screenWords.h, 'hold'],
        ],
      };
    }
    case 'total':
      return seen.weekState === undefined
        ? NOTHING
        : {
            title: screenWords.allHardSets,
            value: screenWords.week(seen.weekState.plan.week),
            ...explain(seen.weekState.plan.whyHardSets, namesOf(seen.catalogue)),
            keys: [],
          };
    case 'call': {
      const call = seen.blockPlan.proposals.find(({ id }) => id === focus.id);
      return call === undefined ? NOTHING : sayCall(call, seen.catalogue);
    }
    case 'finding': {
      const finding = seen.findings.find(({ id }) => id === focus.id);
      if (finding === undefined) return NOTHING;
      const names = namesOf(seen.catalogue);
      const fixes = finding.fixes.map((fix) => fixWords(fix, names));
      return {
        title: capital(finding.detail.rule),
        value: finding.severity,
        because: findingSentence(finding.detail, names),
        besides:
          fixes.length > 0
            ? screenWords.undoReversesIt(fixes.join('; '))
            : screenWords.noSingleChangeFixesThis,
        keys: [],
      };
    }
    case 'fix':
      return sayFix(focus, seen);
    case 'said':
      return { title: capital(focus.title), value: '', because: focus.text, besides: '', keys: [] };
    case 'setting':
      return { title: focus.name, value: screenWords.block, because: focus.text, besides: '', keys: [EDIT] };
  }
}

/** The effects of a check's fix, before it is applied. */
function sayFix({ edit, does }: Extract<Focus, { kind: 'fix' }>, seen: Seen): Explanation {
  const { catalogue, blockPlan, findings, lookAt } = seen;
  const looked = lookAt(edit);
  if (!looked.ok)
    return { ...NOTHING, title: does, because: looked.problems.map(problemSentence).join(' '), keys: [] };
  const changes = comparePlans({ blockPlan, findings }, looked.value);
  const sentences = effectSentences(changes, common.thePlan, namesOf(catalogue));
  return {
    title: screenWords.ifApplied,
    value: '',
    because: `${does}. ${sentences.join(' ')}`,
    besides: '',
    keys: [
      ['Enter', common.applyText],
      [screenWords.ctrlZ, screenWords.undo],
    ],
  };
}

function sayCall(call: Proposal, catalogue: Catalogue): Explanation {
  const { subject, change } = callLine(call, catalogue);
  const written = call.kind === 'load' ? catalogue.newest(call.exerciseId) : undefined;
  const { because, besides } = explain(call.why, namesOf(catalogue), written);
  return {
    title: capital(subject),
    value: screenWords.changeInWeek(change, call.week),
    because: capital(because),
    besides,
    keys: [
      ['A', 'accept'],
      ['K', common.dismiss],
    ],
  };
}

function sayCell(cell: Cell, seen: Seen): Explanation {
  const row = seen.rows.find(({ id }) => id === cell.row);
  if (row === undefined) return NOTHING;
  const week = weekOf(cell.column);
  const weekState = week === null ? undefined : seen.blockPlan.weeks.find(({ plan }) => plan.week === week);
  if (row.kind === 'weeks') return weekState === undefined ? NOTHING : sayWeek(weekState, seen);
  if (row.kind === 'session') {
    const session = weekState === undefined ? undefined : sessionIn(weekState, row.session.id);
    return session === undefined || weekState === undefined
      ? saySessionFact(row, cell, seen)
      : saySession(session, weekState, seen);
  }
  if (weekState === undefined) return saySlotFact(row, cell.column as PrescriptionColumn, seen);
  const slot = sessionIn(weekState, row.session.id)?.slots.find(({ slotId }) => slotId === row.slot.id);
  return slot === undefined
    ? {
        ...NOTHING,
        title: screenWords.week(weekState.plan.week),
        because: screenWords.thisExerciseWasNotIn,
      }
    : saySlotWeek(slot, weekState, row, seen);
}

function sayWeek(weekState: WeekState, seen: Seen): Explanation {
  const { plan } = weekState;
  const names = namesOf(seen.catalogue);
  const rir = explain(plan.whyRir, names);
  const sets = explain(plan.whyHardSets, names);
  return {
    title: capital(weekName(plan.week, plan.kind)),
    value: screenWords.rirSetsFrom(plan.rir, figure(plan.hardSets, 1), longDay(plan.startDate)),
    because: rir.because,
    besides: sets.because,
    keys: [[screenWords.altI, screenWords.sendNextWeek]],
  };
}

/** Exact to the second if that is known; otherwise minutes from short to long. */
function lengthText({ seconds: { low, high }, whySeconds }: SessionPlan): string {
  if (whySeconds.code !== 'minutes' || whySeconds.mode !== 'strict')
    return screenWords.spanMinutes(span(minutes(low), minutes(high)));
  return low === high ? clock(low) : `${clock(low)}–${clock(high)}`;
}

function saySession(session: SessionPlan, weekState: WeekState, seen: Seen): Explanation {
  const why = explain(session.whySeconds, namesOf(seen.catalogue));
  return {
    title: `${session.name} · ${weekName(weekState.plan.week, weekState.plan.kind)}`,
    value: screenWords.sets(lengthText(session), session.sets),
    ...why,
    keys: [],
  };
}

function saySessionFact(row: Extract<Row, { kind: 'session' }>, cell: Cell, seen: Seen): Explanation {
  const day = dayName(row.session.day, seen.block.cycleDays);
  const onDay = cell.column !== 'slot';
  if (cell.column === 'technique') {
    const place = placeFor(seen.athlete, row.session.place);
    return {
      title: row.session.name,
      value: place.name,
      because: screenWords.trainedAtLoadsUseThe(
        place.name,
        row.session.place === null ? screenWords.theUsualPlace : '',
      ),
      besides: screenWords.equipment(place.equipment.join(', ')),
      keys: [EDIT],
    };
  }
  return {
    title: row.session.name,
    value: onDay ? day : screenWords.session(row.letter),
    because: onDay ? screenWords.trainedOnTypeAWeekday(day) : screenWords.enterRenamesTheSessionDelete,
    besides: '',
    keys: [EDIT, ['Alt N', screenWords.addExercise]],
  };
}

function saySlotFact(
  row: Extract<Row, { kind: 'slot' }>,
  column: PrescriptionColumn,
  seen: Seen,
): Explanation {
  const pinned = seen.catalogue.find(row.slot.exercise);
  const exercise = pinned === undefined ? undefined : inVariant(pinned, row.slot.variant);
  const place = placeFor(seen.athlete, row.session.place);
  const { shown } = cellText(column, row.slot, { ...seen, place });
  const keys: Explanation['keys'] =
    column === 'slot' ? [EDIT, [screenWords.alt, 'move'], [screenWords.del, common.remove]] : [EDIT];
  if (column === 'slot' && exercise !== undefined) {
    const shares = credits(exercise).map(([muscle, share]) => `${muscle} ${figure(share)}`);
    const setUp = setUpText(seen.athlete, exercise.id);
    return {
      title: capital(variantName(exercise, row.slot.variant)),
      value: `${exercise.kind}, ${exercise.pattern}`,
      because: screenWords.aHardSetCountsToward(
        shares.join(', '),
        exercise.failableAlone ? '' : screenWords.notSafeToFailAlone,
        exercise.cues,
      ),
      besides: screenWords.stimulusFatigueHardest(
        row.slot.note === '' ? '' : `${row.slot.note} `,
        setUp === undefined ? '' : screenWords.setUp(setUp),
        exercise.stimulus,
        exercise.fatigue,
        exercise.hardest,
      ),
      keys,
    };
  }
  const because = prescriptionColumn(column)?.help(row.slot) ?? '';
  return {
    title: capital(exercise?.name ?? row.slot.exercise.id),
    value: `${prescriptionColumn(column)?.label ?? column} ${column === 'sets' ? '' : shown}`.trim(),
    because,
    besides: '',
    keys,
  };
}

function saySlotWeek(
  slot: SlotPlan,
  weekState: WeekState,
  row: Extract<Row, { kind: 'slot' }>,
  seen: Seen,
): Explanation {
  const [first] = slot.sets;
  const names = namesOf(seen.catalogue);
  const why = explain(slot.why.load, names, slot);
  const efforts = new Set(slot.sets.filter(({ role }) => role === first?.role).map(({ rir }) => rir));
  const left =
    efforts.size > 1
      ? screenWords.endingWithRepsLeft(slot.sets.map(({ rir }) => figure(rir, 1)).join(', '))
      : '';
  const asked = screenWords.plannedReps(slot.sets.map(({ reps }) => reps).join(', '), left);
  const drift =
    slot.sets.length > 1 && slot.why.reps.code === 'reps/drift'
      ? ` ${explain(slot.why.reps, names).because}`
      : '';
  const sets = slot.why.sets.code === 'sets/prescribed' ? '' : ` ${explain(slot.why.sets, names).because}`;
  const target = 'value' in slot.why.rir ? slot.why.rir.value : null;
  const held =
    first?.role === 'top' && target !== null && first.rir > target
      ? screenWords.theTopSetKeepsMore(first.rir - target, target)
      : '';
  const call = seen.blockPlan.proposals.find(
    (one) => one.kind === 'load' && one.slotId === slot.slotId && one.week === weekState.plan.week,
  );
  const status = WEEK_STATUS_NAMES[weekState.status];
  return {
    title: `${letterOf(row, seen)}${row.at} · ${weekName(weekState.plan.week, weekState.plan.kind)}`,
    value: `${setWithUnit(first?.load ?? null, first?.reps ?? 0, slot, slot.unit)} · ${plural(slot.sets.length, 'set')}, ${status}`,
    because: why.because,
    besides: `${biasText(slot, weekState, seen)} ${why.besides}${held} ${sets.trim()} ${asked}${drift}`
      .replace(/\s+/g, ' ')
      .trim(),
    keys:
      call === undefined
        ? []
        : [
            ['Enter', 'accept'],
            [screenWords.del, screenWords.keepTheLastOne],
          ],
  };
}

/** If reported RIR is consistently wrong, so is a load computed from it; nothing otherwise. */
function biasText({ why }: SlotPlan, { status }: WeekState, { bias }: Seen): string {
  const isFound = why.load.code === 'load/best-fit' && why.load.strength.source.kind === 'logged';
  if (bias === null || status === 'done' || !isFound) return '';
  return screenWords.thisAthleteReportsRirReps(
    figure(Math.abs(bias), 1),
    bias > 0 ? screenWords.lowSoThisLoadIs : screenWords.highSoThisLoadIs,
  );
}

function letterOf(row: Extract<Row, { kind: 'slot' }>, seen: Seen): string {
  const session = seen.rows.find((one) => one.kind === 'session' && one.session.id === row.session.id);
  return session?.kind === 'session' ? session.letter : '';
}
