import { boundsOf } from '../conventions/bounds';
import { CONVENTION_IDS, CONVENTIONS } from '../conventions/conventions';
import type { Problem } from '../problem';
import type { DeloadMeasure } from '../recovery/deload/deload';
import { setCount, setLimits } from '../techniques/registry';
import { parseTempo } from '../timing/tempo';
import type { Block, BlockSettings, Session, Slot, SlotRir } from './block';
import { BOUNDS } from './bounds';

function outside(
  path: string,
  field: string,
  value: number,
  bounds: { low: number; high: number },
  whole = true,
): Problem[] {
  const { low, high } = bounds;
  if (value >= low && value <= high && (!whole || Number.isInteger(value))) return [];
  return [{ code: 'out-of-range', path, field, low, high, value, whole }];
}

function rirProblems(path: string, rir: SlotRir): Problem[] {
  return rir.kind === 'fixed'
    ? outside(path, 'RIR', rir.rir, BOUNDS.rir)
    : outside(path, 'RIR offset', rir.offset, BOUNDS.rirOffset);
}

/** What is wrong with a slot; empty when nothing. */
export function slotProblems(slot: Slot): readonly Problem[] {
  const path = `slot/${slot.id}`;
  const limits = setLimits(slot.technique);
  const problems: Problem[] = [
    ...outside(`${path}/technique`, 'sets', setCount(slot.technique), {
      low: limits.least,
      high: limits.most,
    }),
    ...outside(`${path}/range`, 'reps', slot.range.low, BOUNDS.reps),
    ...outside(`${path}/range`, 'reps', slot.range.high, BOUNDS.reps),
    ...rirProblems(`${path}/rir`, slot.rir),
    ...slot.setTargets.flatMap(({ rir }) => rirProblems(`${path}/setTargets`, rir)),
    ...outside(`${path}/rest`, 'rest', slot.rest, BOUNDS.rest),
  ];
  if (slot.range.low > slot.range.high) {
    problems.push({
      code: 'range-upside-down',
      path: `${path}/range`,
      low: slot.range.low,
      high: slot.range.high,
    });
  }
  if (slot.tempo !== null && parseTempo(slot.tempo) === undefined) {
    problems.push({ code: 'tempo', path: `${path}/tempo`, text: slot.tempo });
  }
  if (slot.loadStep !== null)
    problems.push(...outside(`${path}/loadStep`, 'load step', slot.loadStep, BOUNDS.loadStep, false));
  for (const { week, sets, reps, rir, load } of slot.weeks) {
    const own = `${path}/weeks`;
    problems.push(
      ...outside(own, 'week', week, BOUNDS.week),
      ...(sets === null ? [] : outside(own, 'sets', sets, { low: limits.least, high: limits.most })),
      ...(reps === null ? [] : outside(own, 'reps', reps, BOUNDS.reps)),
      ...(rir === null ? [] : outside(own, 'RIR', rir, BOUNDS.rir)),
      ...(load === null ? [] : outside(own, 'load', load.value, BOUNDS.load, false)),
    );
  }
  if (slot.start !== null) {
    problems.push(
      ...outside(`${path}/start`, 'reps', slot.start.reps, BOUNDS.reps),
      ...outside(`${path}/start`, 'RIR', slot.start.rir, { low: 0, high: 10 }, false),
      ...outside(`${path}/start`, 'load', slot.start.load.value, BOUNDS.load, false),
    );
  }
  return problems;
}

/** What is wrong with a session apart from its slots. */
export function sessionProblems(session: Session, cycleDays: number): readonly Problem[] {
  const path = `session/${session.id}`;
  return [
    ...(session.name.trim() === '' ? [{ code: 'name-missing' as const, path: `${path}/name` }] : []),
    ...outside(`${path}/day`, 'day', session.day, { low: 0, high: cycleDays - 1 }),
  ];
}

/** What is wrong with the block's own settings. */
export function settingsProblems(block: BlockSettings): readonly Problem[] {
  const { first, last } = block.rir;
  return [
    ...(block.name.trim() === '' ? [{ code: 'name-missing' as const, path: 'block/name' }] : []),
    ...outside('block/weeks', 'weeks', block.weeks, BOUNDS.weeks),
    ...outside('block/cycleDays', 'days', block.cycleDays, BOUNDS.cycleDays),
    ...outside('block/rir', 'RIR', first, BOUNDS.rir),
    ...outside('block/rir', 'RIR', last, BOUNDS.rir),
    ...(last > first ? [{ code: 'rir-rises' as const, path: 'block/rir', first, last }] : []),
    ...block.activities.flatMap(({ id, name, day }) => [
      ...(name.trim() === '' ? [{ code: 'name-missing' as const, path: `activity/${id}/name` }] : []),
      ...outside(`activity/${id}/day`, 'day', day, { low: 0, high: block.cycleDays - 1 }),
    ]),
    ...block.pauses.flatMap(({ after, days }) => [
      ...outside('block/pauses', 'week', after, { low: 1, high: block.weeks }),
      ...outside('block/pauses', 'days', days, BOUNDS.pauseDays),
    ]),
    ...(block.deload ?? []).flatMap((measure) => deloadProblems(measure)),
    ...CONVENTION_IDS.flatMap((id) => {
      const own = block.conventions[id];
      const { name } = CONVENTIONS[id];
      return own === undefined ? [] : outside('block/conventions', name, own, boundsOf(id), false);
    }),
  ];
}

/** What is wrong with one way of deloading. Shares and weeks have the bounds of their schema. */
function deloadProblems(measure: DeloadMeasure): Problem[] {
  const path = 'block/deload';
  switch (measure.kind) {
    case 'fewer sets':
    case 'both':
      return outside(path, 'share of sets', measure.sets, BOUNDS.deloadSets, false);
    case 'lighter':
      return outside(path, 'share of the load', measure.load, BOUNDS.deloadLoad, false);
    case 'easier':
      return outside(path, 'RIR', measure.rir, BOUNDS.deloadRir);
    case 'less time':
      return outside(path, 'minutes', measure.minutes, BOUNDS.deloadMinutes);
    case 'active rest':
      return outside(path, 'weeks', measure.weeks, BOUNDS.restWeeks);
    case 'fewer days':
    case 'fewer exercises':
    case 'one heavy touch':
      return [];
  }
}

/** Everything wrong with a block, doubled ids included. */
export function blockProblems(block: Block): readonly Problem[] {
  const problems: Problem[] = [...settingsProblems(block)];
  const seen = new Set<string>();
  const claim = (id: string, path: string) => {
    if (seen.has(id)) problems.push({ code: 'id-taken', path, id });
    seen.add(id);
  };
  for (const session of block.sessions) {
    claim(session.id, `session/${session.id}`);
    problems.push(...sessionProblems(session, block.cycleDays));
    for (const slot of session.slots) {
      claim(slot.id, `slot/${slot.id}`);
      problems.push(...slotProblems(slot));
    }
  }
  return problems;
}
