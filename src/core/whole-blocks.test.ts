import { MUSCLES } from './anatomy/muscle';
import type { Block, Slot } from './block/block';
import { emptyBlock, ownSet } from './block/block';
import { TIME_MODES } from './block/settings-fields';
import { DRIFTS, SET_RULES } from './block/slot-fields';
import { fromTemplate } from './block/templates/from-template';
import { TEMPLATES } from './block/templates/shipped';
import { addDays } from './calendar';
import { catalogueWith } from './exercises/catalogue';
import { runChecks } from './findings/registry';
import { PLACE_KINDS, presetPlace } from './loading/place-presets';
import { EMPTY_LOG, type Log } from './log/log';
import type { IssuedWeek } from './plan/week-state';
import { LOAD_RULES } from './progression/load-rules/registry';
import { DELOAD_KINDS, defaultDeload } from './recovery/deload/deload';
import { startOf, TECHNIQUE_KINDS } from './techniques/registry';
import { athlete, type Doing, performWeek } from './testing/fixtures';
import { writtenOut } from './testing/written-out';
import { unfold } from './unfold/unfold';

const catalogue = catalogueWith([]);
const LEVELS = ['novice', 'intermediate', 'advanced'] as const;
const PHASES = ['gaining', 'cutting', 'holding'] as const;
const STYLES = ['cautious', 'standard', 'bold'] as const;

/** Cycles through a list. */
function turn<T>(list: readonly T[], at: number): T {
  return list[at % list.length] as T;
}

/** Realistic slots: mostly straight sets, sometimes a technique, a rule, an effort of its own. */
function written(slot: Slot, at: number, seed: number): Slot {
  const nth = at + seed * 5;
  return {
    ...slot,
    technique: nth % 2 === 0 ? slot.technique : startOf(turn(TECHNIQUE_KINDS, nth >> 1)),
    loadRule: turn(LOAD_RULES, nth % 3 === 0 ? nth : 0),
    setRule: turn(SET_RULES, nth % 4 === 0 ? nth : 0),
    drift: turn(DRIFTS, nth % 5 === 0 ? 1 : 0),
    joined: at > 0 && nth % 6 === 5,
    optionalSets: nth % 11 === 3 ? 1 : 0,
    rest: slot.rest + 15 * ((nth % 5) - 2),
    safety: nth % 2 === 1 ? 'safeties at the right height' : '',
    setTargets: nth % 7 === 2 ? [ownSet('last', { rir: { kind: 'fixed', rir: 0 } })] : slot.setTargets,
  };
}

function blockOf(at: number, person: ReturnType<typeof athlete>): Block {
  const template = turn(TEMPLATES, at);
  const plain = emptyBlock(template.name, '2026-11-02');
  let next = 0;
  const laid = fromTemplate(template, plain, { athlete: person, catalogue, newId: () => `n${next++}` });
  return {
    ...laid,
    weeks: 3,
    rir: { first: turn([3, 4, 2], at), last: turn([1, 0], at) },
    deload: [defaultDeload(turn(DELOAD_KINDS, at)), defaultDeload(turn(DELOAD_KINDS, at + 3))].slice(
      0,
      1 + (at % 2),
    ),
    crediting: turn(['fractional', 'direct only', 'inclusive', 'near-failure reps'], at),
    time: turn(TIME_MODES, at),
    goals: { [turn(MUSCLES, at * 3)]: 'priority', [turn(MUSCLES, at * 5 + 1)]: 'hold' },
    sessions: laid.sessions.map((session, s) => ({
      ...session,
      slots: session.slots.map((slot, k) => written(slot, k, at + s)),
    })),
  };
}

/** Sets done slightly better or worse than planned, in a fixed pattern. */
function doing(at: number, week: number): Doing {
  let set = 0;
  return ({ reps, rir }) => {
    set++;
    const off = turn([0, 1, 0, -1, 2, 0, -2, 1, 0], set + at * 2 + week) + turn([0, -1, 1], at);
    return { reps: Math.max(1, reps + off), rir: Math.max(0, rir + turn([0, 0, -1, 1], set + at)) };
  };
}

function run(at: number): string {
  const person = athlete({
    level: turn(LEVELS, at),
    style: turn(STYLES, at),
    unit: at % 3 === 2 ? 'lb' : 'kg',
    minutes: turn([75, 60, 90], at),
    phases: [
      { from: '2026-01-01', phase: turn(PHASES, at) },
      { from: '2026-11-16', phase: turn(PHASES, at + 1) },
    ],
    places: [presetPlace(turn(PLACE_KINDS, at), at % 3 === 2 ? 'lb' : 'kg', 'p')],
    joints: at % 2 === 0 ? [{ joint: 'shoulder', since: '2026-10-01', note: '' }] : [],
  } as Parameters<typeof athlete>[0]);
  const made = blockOf(at, person);
  let state: { readonly issued: readonly IssuedWeek[]; readonly log: Log } = { issued: [], log: EMPTY_LOG };
  const done = at % 4;
  for (let week = 1; week <= Math.min(done, 2); week++) {
    const after = performWeek({ block: made, athlete: person, ...state }, week, doing(at, week));
    const reports = after.log.workouts
      .filter(({ week: of }) => of === week)
      .flatMap(({ id, date }, w) =>
        MUSCLES.map((muscle, m) => {
          const days = turn([0, 1, 3, 8], w + m + week + at);
          const ended = days === 0 ? 'none' : addDays(date, days);
          return { workoutId: id, muscle, ended, said: ended === 'none' ? date : ended };
        }),
      );
    state = { ...after, log: { ...after.log, soreness: [...state.log.soreness, ...reports] } };
  }
  const blockPlan = unfold({
    block: made,
    athlete: person,
    exercises: catalogue.find,
    answers: [],
    ...state,
  });
  return writtenOut(
    blockPlan,
    runChecks({ block: made, athlete: person, blockPlan, exercises: catalogue.find }),
    [state.issued.length + 1],
  );
}

// Everything a coach would get, written out. A changed line is a changed figure: check it before accepting it.
test.each(TEMPLATES.map(({ id }, at) => [id, at] as const))('%s, whole', (_, at) => {
  expect(run(at)).toMatchSnapshot();
});
