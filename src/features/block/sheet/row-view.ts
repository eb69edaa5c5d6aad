import { isEqual } from 'es-toolkit';
import {
  type Athlete,
  type BlockPlan,
  type Catalogue,
  groupKind,
  groupSlots,
  inVariant,
  isPieceByPiece,
  type Place,
  placeFor,
  type Session,
  type Slot,
  type SlotPlan,
  type WeekState,
} from '@/core';
import * as words from '@/ui/words/screens/sheet';
import type { CellText } from './columns/column';
import { cellText, PRESCRIPTION, type PrescriptionColumn } from './columns/registry';
import { type ColumnId, type Row, weekColumn } from './layout';
import { type SetLine, setLines } from './week-text';

export interface CellView extends CellText {
  readonly column: PrescriptionColumn;
  /** Something here is not done as written. */
  readonly alert: boolean;
}

export interface WeekView {
  readonly column: ColumnId;
  readonly lines: readonly SetLine[];
  /** Has an override. */
  readonly own: boolean;
  readonly call: boolean;
  readonly logged: boolean;
  readonly current: boolean;
  readonly deload: boolean;
}

/** A slot's position in its group, drawn as a bracket beside the names. */
export type Bracket = 'none' | 'top' | 'middle' | 'bottom';

/** Everything a slot's row shows, as text: a row with an unchanged view does not render again. */
export interface SlotView {
  readonly at: number;
  readonly bracket: Bracket;
  readonly group: string;
  readonly cells: readonly CellView[];
  readonly weeks: readonly WeekView[];
}

export interface Viewed {
  readonly athlete: Athlete;
  readonly catalogue: Catalogue;
  readonly blockPlan: BlockPlan;
  /** Week and slot of open load proposals, `week/slot`. */
  readonly calls: ReadonlySet<string>;
}

/** The planned slots by week and slot, `week/slot`. */
export function plannedSlots(blockPlan: BlockPlan): ReadonlyMap<string, SlotPlan> {
  return new Map(
    blockPlan.weeks.flatMap(({ plan }) =>
      plan.sessions.flatMap(({ slots }) =>
        slots.map((slot) => [`${plan.week}/${slot.slotId}`, slot] as const),
      ),
    ),
  );
}

/** Brackets and names of a session's groups, by slot. */
function groupBrackets(
  session: Session,
  catalogue: Catalogue,
): ReadonlyMap<string, Pick<SlotView, 'bracket' | 'group'>> {
  const found = new Map<string, Pick<SlotView, 'bracket' | 'group'>>();
  for (const group of groupSlots(session)) {
    if (group.length < 2) continue;
    const exercises = group.flatMap((slot) => {
      const exercise = catalogue.find(slot.exercise);
      return exercise === undefined ? [] : [inVariant(exercise, slot.variant)];
    });
    const name = `${groupKind(exercises) ?? ''}${isPieceByPiece(group) ? words.oneClock : ''}`;
    group.forEach((slot, at) => {
      const bracket = at === 0 ? 'top' : at === group.length - 1 ? 'bottom' : 'middle';
      found.set(slot.id, { bracket, group: name });
    });
  }
  return found;
}

/** The last view of each slot with its inputs. */
const kept = new WeakMap<Slot, { readonly from: readonly unknown[]; readonly view: SlotView }>();

/** The previous view, if its inputs are the same. */
function reuseView(slot: Slot, from: readonly unknown[], make: () => SlotView): SlotView {
  const before = kept.get(slot);
  if (
    before !== undefined &&
    before.from.length === from.length &&
    from.every((one, at) => one === before.from[at])
  )
    return before.view;
  const made = make();
  // Different inputs with the same result: the row need not render again.
  const view = before !== undefined && isEqual(before.view, made) ? before.view : made;
  kept.set(slot, { from, view });
  return view;
}

/** The views of all slot rows, by slot. */
export function slotViews(
  rows: readonly Row[],
  { athlete, catalogue, blockPlan, calls }: Viewed,
): ReadonlyMap<string, SlotView> {
  const planned = plannedSlots(blockPlan);
  const views = new Map<string, SlotView>();
  const unissued = blockPlan.weeks.find(({ issued }) => issued === null)?.plan.week ?? 1;
  let brackets: ReturnType<typeof groupBrackets> = new Map();
  let place: Place | undefined;
  for (const row of rows) {
    if (row.kind === 'session') {
      brackets = groupBrackets(row.session, catalogue);
      place = placeFor(athlete, row.session.place);
    }
    if (row.kind !== 'slot' || place === undefined) continue;
    const context = { athlete, catalogue, place, planned: planned.get(`${unissued}/${row.slot.id}`) };
    const { bracket, group } = brackets.get(row.id) ?? { bracket: 'none' as const, group: '' };
    const from: unknown[] = [
      athlete,
      catalogue,
      place,
      row.at,
      bracket,
      group,
      blockPlan.currentWeek,
      unissued,
    ];
    for (const { plan, status, performed } of blockPlan.weeks) {
      const key = `${plan.week}/${row.id}`;
      from.push(planned.get(key), performed.get(row.session.id)?.sets, status, plan.kind, calls.has(key));
    }
    views.set(
      row.id,
      reuseView(row.slot, from, () => ({
        at: row.at,
        bracket,
        group,
        cells: PRESCRIPTION.map(
          ({ id, alert }): CellView => ({
            column: id,
            ...cellText(id, row.slot, context),
            alert: alert?.(context.planned) ?? false,
          }),
        ),
        weeks: blockPlan.weeks.map((weekState) =>
          weekView(row, weekState, planned, calls, blockPlan.currentWeek),
        ),
      })),
    );
  }
  return views;
}

function weekView(
  { slot, session }: Extract<Row, { kind: 'slot' }>,
  weekState: WeekState,
  planned: ReadonlyMap<string, SlotPlan>,
  calls: ReadonlySet<string>,
  current: number,
): WeekView {
  const { week, kind } = weekState.plan;
  const key = `${week}/${slot.id}`;
  const asked = planned.get(key);
  const lines = asked === undefined ? [] : setLines(asked, weekState, session.id);
  return {
    column: weekColumn(week),
    lines,
    own: asked?.override != null,
    call: calls.has(key),
    logged: lines.some(({ logged }) => logged),
    current: week === current,
    deload: kind === 'deload',
  };
}
