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
  setUpOf,
  variantName,
  type WeekState,
} from '@/core';
import { callLine } from '@/ui/words/calls';
import { longDay } from '@/ui/words/dates';
import { effectSentences } from '@/ui/words/effects';
import { clock, count, figure, loadWithUnit, minutes, span } from '@/ui/words/figures';
import { findingSentence, fixWords } from '@/ui/words/findings';
import { capital, dayName, namesOf, weekName } from '@/ui/words/names';
import { problemSentence } from '@/ui/words/problems';
import { explain } from '@/ui/words/reasons';
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

/** What the why strip says. */
export interface Said {
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
  /** Reps left beyond those reported, where the log of the block shows it steadily; null: honest, or not known. */
  readonly bias: number | null;
  /** The week whose figures the rail shows. */
  readonly weekState: WeekState | undefined;
  /** What an edit would come to. */
  readonly lookAt: (
    edit: Edit,
  ) => Result<{ readonly blockPlan: BlockPlan; readonly findings: readonly Finding[] }>;
}

const EDIT = ['Enter', 'edit'] as const;
const NOTHING: Said = {
  title: '',
  value: '',
  because: 'Move to any figure to see why it is what it is.',
  besides: '',
  keys: [['?', 'keys']],
};

/** Says why the figure in focus is what it is. */
export function say(focus: Focus | null, seen: Seen): Said {
  if (focus === null) return NOTHING;
  switch (focus.kind) {
    case 'cell':
      return sayCell(focus.cell, seen);
    case 'muscle': {
      const week = seen.weekState?.plan.muscles[focus.muscle];
      if (week === undefined || seen.weekState === undefined) return NOTHING;
      return {
        title: capital(focus.muscle),
        value: `${weekName(seen.weekState.plan.week, seen.weekState.plan.kind)} · ${figure(week.sets, 1)} hard sets`,
        ...explain(week.why, namesOf(seen.catalogue)),
        keys: [
          ['G', 'grow'],
          ['P', 'priority'],
          ['H', 'hold'],
        ],
      };
    }
    case 'total':
      return seen.weekState === undefined
        ? NOTHING
        : {
            title: 'All hard sets',
            value: `week ${seen.weekState.plan.week}`,
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
        besides: fixes.length > 0 ? `${fixes.join('; ')}. Undo takes it back.` : 'No single edit mends this.',
        keys: [],
      };
    }
    case 'fix':
      return sayFix(focus, seen);
    case 'said':
      return { title: capital(focus.title), value: '', because: focus.text, besides: '', keys: [] };
    case 'setting':
      return { title: focus.name, value: 'block', because: focus.text, besides: '', keys: [EDIT] };
  }
}

/** What an edit that mends a finding would alter, before it is taken. */
function sayFix({ edit, does }: Extract<Focus, { kind: 'fix' }>, seen: Seen): Said {
  const { catalogue, blockPlan, findings, lookAt } = seen;
  const looked = lookAt(edit);
  if (!looked.ok)
    return { ...NOTHING, title: does, because: looked.problems.map(problemSentence).join(' '), keys: [] };
  const changes = comparePlans({ blockPlan, findings }, looked.value);
  const sentences = effectSentences(changes, 'the plan', namesOf(catalogue));
  return {
    title: 'If taken',
    value: '',
    because: `${does}. ${sentences.join(' ')}`,
    besides: '',
    keys: [
      ['Enter', 'take it'],
      ['Ctrl Z', 'take it back'],
    ],
  };
}

function sayCall(call: Proposal, catalogue: Catalogue): Said {
  const { subject, change } = callLine(call, catalogue);
  const written = call.kind === 'load' ? catalogue.newest(call.exerciseId) : undefined;
  const { because, besides } = explain(call.why, namesOf(catalogue), written);
  return {
    title: capital(subject),
    value: `${change}, week ${call.week}`,
    because: capital(because),
    besides,
    keys: [
      ['A', 'accept'],
      ['K', 'keep as it was'],
    ],
  };
}

function sayCell(cell: Cell, seen: Seen): Said {
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
        title: `week ${weekState.plan.week}`,
        because: 'This slot was not in the week as it was issued.',
      }
    : saySlotWeek(slot, weekState, row, seen);
}

function sayWeek(weekState: WeekState, seen: Seen): Said {
  const { plan } = weekState;
  const names = namesOf(seen.catalogue);
  const rir = explain(plan.whyRir, names);
  const sets = explain(plan.whyHardSets, names);
  return {
    title: capital(weekName(plan.week, plan.kind)),
    value: `RIR ${plan.rir} · ${figure(plan.hardSets, 1)} sets · from ${longDay(plan.startDate)}`,
    because: rir.because,
    besides: sets.because,
    keys: [['Alt I', 'issue next week']],
  };
}

/** To the second where every second is what it is; else in minutes from short to long. */
function lengthText({ seconds: { low, high }, whySeconds }: SessionPlan): string {
  if (whySeconds.code !== 'minutes' || whySeconds.mode !== 'strict')
    return `${span(minutes(low), minutes(high))} min`;
  return low === high ? clock(low) : `${clock(low)}–${clock(high)}`;
}

function saySession(session: SessionPlan, weekState: WeekState, seen: Seen): Said {
  const why = explain(session.whySeconds, namesOf(seen.catalogue));
  return {
    title: `${session.name} · ${weekName(weekState.plan.week, weekState.plan.kind)}`,
    value: `${lengthText(session)} · ${session.sets} sets`,
    ...why,
    keys: [],
  };
}

function saySessionFact(row: Extract<Row, { kind: 'session' }>, cell: Cell, seen: Seen): Said {
  const day = dayName(row.session.day, seen.block.cycleDays);
  const onDay = cell.column !== 'slot';
  if (cell.column === 'technique') {
    const place = placeFor(seen.athlete, row.session.place);
    return {
      title: row.session.name,
      value: place.name,
      because: `Trained at ${place.name}${row.session.place === null ? ', the usual place' : ''}: its loads are made of what is there.`,
      besides: `There: ${place.equipment.join(', ')}.`,
      keys: [EDIT],
    };
  }
  return {
    title: row.session.name,
    value: onDay ? day : `session ${row.letter}`,
    because: onDay
      ? `Trained on ${day}. Type a weekday to move it.`
      : 'Enter renames the session; Delete takes it out.',
    besides: '',
    keys: [EDIT, ['Alt N', 'add a slot']],
  };
}

function saySlotFact(row: Extract<Row, { kind: 'slot' }>, column: PrescriptionColumn, seen: Seen): Said {
  const pinned = seen.catalogue.find(row.slot.exercise);
  const exercise = pinned === undefined ? undefined : inVariant(pinned, row.slot.variant);
  const place = placeFor(seen.athlete, row.session.place);
  const { shown } = cellText(column, row.slot, { ...seen, place });
  const keys: Said['keys'] = column === 'slot' ? [EDIT, ['Alt ↑↓', 'move'], ['Del', 'take out']] : [EDIT];
  if (column === 'slot' && exercise !== undefined) {
    const shares = credits(exercise).map(([muscle, share]) => `${muscle} ${figure(share)}`);
    const setUp = setUpOf(seen.athlete, exercise.id);
    return {
      title: capital(variantName(exercise, row.slot.variant)),
      value: `${exercise.kind}, ${exercise.pattern}`,
      because: `A hard set credits ${shares.join(', ')}. ${exercise.failableAlone ? '' : 'Not to be failed alone: keep reps in reserve or have safeties. '}${exercise.cues}`,
      besides: `${row.slot.note === '' ? '' : `${row.slot.note} `}${setUp === undefined ? '' : `Set-up: ${setUp} `}Stimulus ${exercise.stimulus}, fatigue ${exercise.fatigue}; hardest ${exercise.hardest}.`,
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
): Said {
  const [first] = slot.sets;
  const names = namesOf(seen.catalogue);
  const why = explain(slot.why.load, names, slot);
  const efforts = new Set(slot.sets.filter(({ role }) => role === first?.role).map(({ rir }) => rir));
  const left = efforts.size > 1 ? `, with ${slot.sets.map(({ rir }) => figure(rir, 1)).join(', ')} left` : '';
  const asked = `Asked ${slot.sets.map(({ reps }) => reps).join(', ')}${left}.`;
  const drift =
    slot.sets.length > 1 && slot.why.reps.code === 'reps/drift'
      ? ` ${explain(slot.why.reps, names).because}`
      : '';
  const sets = slot.why.sets.code === 'sets/prescribed' ? '' : ` ${explain(slot.why.sets, names).because}`;
  const target = 'value' in slot.why.rir ? slot.why.rir.value : null;
  const held =
    first?.role === 'top' && target !== null && first.rir > target
      ? ` The top set is held back by ${first.rir - target} from the week’s RIR ${target}.`
      : '';
  const call = seen.blockPlan.proposals.find(
    (one) => one.kind === 'load' && one.slotId === slot.slotId && one.week === weekState.plan.week,
  );
  const status = { planned: 'planned', issued: 'issued', done: 'done' }[weekState.status];
  return {
    title: `${letterOf(row, seen)}${row.at} · ${weekName(weekState.plan.week, weekState.plan.kind)}`,
    value: `${slot.sets.length} × ${count(first?.reps ?? 0, slot)}${slot.loading === 'none' ? '' : ` at ${loadWithUnit(first?.load ?? null, slot.loading, slot.unit)}`} · ${status}`,
    because: why.because,
    besides: `${biasText(slot, weekState, seen)} ${why.besides}${held} ${sets.trim()} ${asked}${drift}`
      .replace(/\s+/g, ' ')
      .trim(),
    keys:
      call === undefined
        ? []
        : [
            ['Enter', 'accept'],
            ['Del', 'keep last'],
          ],
  };
}

/** Where reported reserve is steadily off, a load that was found from it is too; nothing where there is none. */
function biasText({ why }: SlotPlan, { status }: WeekState, { bias }: Seen): string {
  const isFound = why.load.code === 'load/best-fit' && why.load.strength.source.kind === 'logged';
  if (bias === null || status === 'done' || !isFound) return '';
  return `Reserve is reported ${figure(Math.abs(bias), 1)} reps too ${bias > 0 ? 'low: this is likely light' : 'high: this is likely heavy'}.`;
}

function letterOf(row: Extract<Row, { kind: 'slot' }>, seen: Seen): string {
  const session = seen.rows.find((one) => one.kind === 'session' && one.session.id === row.session.id);
  return session?.kind === 'session' ? session.letter : '';
}
