import { isDeepStrictEqual } from 'node:util';
import fc from 'fast-check';
import type { Athlete } from '../athlete/athlete';
import { applyEdit } from '../block/apply-edit';
import { type Block, emptyBlock, type Slot } from '../block/block';
import { fromTemplate } from '../block/templates/from-template';
import { TEMPLATES } from '../block/templates/shipped';
import { catalogueWith } from '../exercises/catalogue';
import { EMPTY_LOG } from '../log/log';
import { anyBlock, anyBlockOf, FINE_LOADS } from '../testing/any-block';
import { athlete, block, lookup, session, slot } from '../testing/fixtures';
import { unfold } from '../unfold/unfold';
import { type Finding, SEVERITIES } from './finding';
import type { FindingDetail } from './finding-detail';
import { findingFacts, runAllChecks, runChecks } from './registry';

const planned = (of: Block, who: Athlete) =>
  unfold({ block: of, athlete: who, exercises: lookup, issued: [], log: EMPTY_LOG, answers: [] });
/** For each slot of a block, by week, how many of its sets are hard enough to count. */
const counted = (of: Block) =>
  planned(of, athlete()).weeks.map(({ plan }) =>
    plan.sessions.map(({ slots }) => slots.map(({ sets }) => sets.filter(({ hard }) => hard).length)),
  );
const run = (of: Block, who: Athlete, all = false) => {
  const blockPlan = planned(of, who);
  return (all ? runAllChecks : runChecks)({ block: of, athlete: who, blockPlan, exercises: lookup });
};
const sets = (count: number): Partial<Slot> => ({ technique: { kind: 'straight', sets: count } });
const one = (id: string, exercise: string, count = 3, changes: Partial<Slot> = {}) =>
  slot(id, exercise, { ...sets(count), ...changes });

interface Case {
  readonly rule: FindingDetail['rule'];
  readonly fires: Block;
  readonly quiet: Block;
  readonly who?: Partial<Athlete>;
  /** What silences it, instead of another block. */
  readonly calm?: Partial<Athlete>;
}

const CASES: readonly Case[] = [
  {
    rule: 'spine back to back',
    fires: block([
      session('a', 0, [one('1', 'stiff-leg-deadlift')]),
      session('b', 1, [one('2', 'leg-press')]),
    ]),
    quiet: block([
      session('a', 0, [one('1', 'stiff-leg-deadlift')]),
      session('b', 2, [one('2', 'leg-press')]),
    ]),
  },
  {
    rule: 'legs before upper',
    fires: block([session('a', 0, [one('1', 'leg-press')]), session('b', 1, [one('2', 'pull-up')])]),
    quiet: block([session('a', 0, [one('1', 'pull-up')]), session('b', 1, [one('2', 'leg-press')])]),
  },
  {
    rule: 'tired helpers',
    fires: block([session('a', 0, [one('1', 'cable-curl')]), session('b', 1, [one('2', 'pull-up')])]),
    quiet: block([session('a', 0, [one('1', 'cable-curl')]), session('b', 1, [one('2', 'dip')])]),
  },
  {
    rule: 'tired legs',
    fires: block([session('a', 1, [one('1', 'leg-press')])], {
      activities: [{ id: 'x', day: 0, name: 'hill running', hard: true, legs: true }],
    }),
    quiet: block([session('a', 1, [one('1', 'leg-press')])], {
      activities: [{ id: 'x', day: 0, name: 'swimming', hard: true, legs: false }],
    }),
  },
  {
    rule: 'rest days',
    fires: block([session('a', 0, [one('1', 'leg-press')]), session('b', 1, [one('2', 'pull-up')])]),
    quiet: block([session('a', 0, [one('1', 'leg-press')]), session('b', 3, [one('2', 'pull-up')])]),
  },
  {
    rule: 'unavailable day',
    who: { days: [0, 2] },
    fires: block([session('a', 1, [one('1', 'leg-press')])]),
    quiet: block([session('a', 2, [one('1', 'leg-press')])]),
  },
  {
    rule: 'session dose',
    fires: block([session('a', 0, [one('1', 'leg-press', 5), one('2', 'hack-squat', 4)])]),
    quiet: block([session('a', 0, [one('1', 'leg-press', 4), one('2', 'hack-squat', 4)])]),
  },
  {
    rule: 'small after compounds',
    fires: block([
      session('a', 0, [one('1', 'pull-up'), one('2', 'cable-curl')]),
      session('b', 3, [one('3', 'pull-up'), one('4', 'cable-curl')]),
    ]),
    quiet: block([
      session('a', 0, [one('1', 'pull-up'), one('2', 'cable-curl')]),
      session('b', 3, [one('3', 'leg-press'), one('4', 'cable-curl')]),
    ]),
  },
  {
    rule: 'too few sessions',
    who: { level: 'novice', phases: [{ from: '2026-01-01', phase: 'gaining' }] },
    fires: block([0, 3].map((day) => session(`s${day}`, day, [one(`x${day}`, 'leg-press')]))),
    quiet: block([0, 2, 4].map((day) => session(`s${day}`, day, [one(`x${day}`, 'leg-press')]))),
  },
  {
    rule: 'too few sessions',
    who: { phases: [{ from: '2026-01-01', phase: 'cutting' }] },
    fires: block([0, 2, 4].map((day) => session(`s${day}`, day, [one(`x${day}`, 'leg-press')]))),
    quiet: block([0, 2, 4, 5].map((day) => session(`s${day}`, day, [one(`x${day}`, 'leg-press')]))),
  },
  {
    rule: 'balance',
    fires: block([session('a', 0, [one('1', 'leg-press', 6), one('2', 'seated-leg-curl', 3)])]),
    quiet: block([session('a', 0, [one('1', 'leg-extension', 4), one('2', 'seated-leg-curl', 4)])]),
  },
  {
    rule: 'compound share',
    who: { level: 'novice' },
    fires: block([session('a', 0, [one('1', 'leg-press', 2), one('2', 'leg-extension', 3)])]),
    quiet: block([session('a', 0, [one('1', 'leg-press', 3), one('2', 'leg-extension', 2)])]),
  },
  {
    rule: 'uneven days',
    fires: block([session('a', 0, [one('1', 'leg-press', 6)]), session('b', 3, [one('2', 'pull-up', 3)])]),
    quiet: block([session('a', 0, [one('1', 'leg-press', 4)]), session('b', 3, [one('2', 'pull-up', 3)])]),
  },
  {
    rule: 'priority late',
    who: { goals: { calves: 'priority' } },
    fires: block([
      session('a', 0, [one('1', 'leg-press'), one('2', 'seated-leg-curl'), one('3', 'standing-calf-raise')]),
    ]),
    quiet: block([session('a', 0, [one('1', 'leg-press'), one('3', 'standing-calf-raise')])]),
  },
  {
    rule: 'building weeks',
    fires: block([session('a', 0, [one('1', 'leg-press')])], { weeks: 9 }),
    quiet: block([session('a', 0, [one('1', 'leg-press')])], { weeks: 8 }),
  },
  {
    rule: 'skill frequency',
    fires: block([0, 2, 4].map((day) => session(`s${day}`, day, [one(`x${day}`, 'tucked-front-lever')]))),
    quiet: block([0, 3].map((day) => session(`s${day}`, day, [one(`x${day}`, 'tucked-front-lever')]))),
  },
  {
    rule: 'split',
    fires: block([session('a', 0, [one('1', 'leg-press')])], { shape: 'body parts' }),
    quiet: block([session('a', 0, [one('1', 'leg-press')])], { shape: 'upper/lower' }),
  },
  {
    rule: 'prerequisite',
    who: {
      level: 'advanced',
      bestSets: {
        dip: { load: { value: 0, unit: 'kg' }, reps: 10, rir: 2, date: null },
        'pull-up': { load: { value: 0, unit: 'kg' }, reps: 7, rir: 1, date: null },
      },
    },
    fires: block([session('a', 0, [one('1', 'leg-press')])], { shape: 'bent arm/straight arm' }),
    quiet: block([session('a', 0, [one('1', 'leg-press')])], { shape: 'full body' }),
  },
];

test.each(CASES.map((given) => [given.rule, given] as const))(
  '%s fires where it should and is quiet where not',
  (rule, given) => {
    const who = athlete(given.who);
    const about = (of: Block) => run(of, who).filter(({ detail }) => detail.rule === rule);
    expect(about(given.fires).length).toBeGreaterThanOrEqual(1);
    expect(about(given.quiet)).toEqual([]);
  },
);

test('skills go first, triceps before biceps, and the fix reorders them', () => {
  const wrong = block([
    session('a', 0, [one('1', 'leg-press'), one('2', 'wall-handstand-hold')]),
    session('b', 3, [one('3', 'cable-curl'), one('4', 'cable-pushdown')]),
  ]);
  const found = run(wrong, athlete()).filter(({ detail }) => detail.rule === 'order');
  expect(found.map(({ detail }) => detail.rule === 'order' && detail.why).sort()).toEqual([
    'skill first',
    'triceps first',
  ]);
  for (const { id, fixes } of found) {
    const applied = applyEdit(wrong, fixes[0]?.edit ?? { kind: 'batch', edits: [] });
    if (!applied.ok) throw new Error(JSON.stringify(applied.problems));
    expect(run(applied.value.block, athlete()).some((finding) => finding.id === id)).toBe(false);
  }
});

test('technical skills may be trained on consecutive days', () => {
  const daily = (exercise: string) =>
    run(
      block([session('a', 0, [one('1', exercise, 4)]), session('b', 1, [one('2', exercise, 4)])]),
      athlete(),
    ).filter(({ detail }) => detail.rule === 'recovery gap');
  expect(daily('wall-handstand-hold')).toEqual([]);
  expect(daily('standing-barbell-press')).not.toEqual([]);
});

test('an optional session does not count', () => {
  const of = (optional: boolean) =>
    block([
      session('a', 0, [one('1', 'leg-press')]),
      { ...session('b', 1, [one('2', 'leg-press')]), optional },
    ]);
  expect(run(of(false), athlete()).some(({ detail }) => detail.rule === 'recovery gap')).toBe(true);
  expect(run(of(true), athlete()).some(({ detail }) => detail.rule === 'recovery gap')).toBe(false);
});

test('a dismissed finding stays hidden until its facts change', () => {
  const of = block([session('a', 0, [one('1', 'leg-press', 6), one('2', 'seated-leg-curl', 3)])]);
  const found = run(of, athlete()).find(({ detail }) => detail.rule === 'balance');
  if (found === undefined) throw new Error('nothing to put aside');
  const dismissed = [{ finding: found.id, facts: findingFacts(found), note: 'legs come up next block' }];
  const quiet = { ...of, dismissed };
  expect(run(quiet, athlete()).some(({ id }) => id === found.id)).toBe(false);
  expect(run(quiet, athlete(), true).some(({ id }) => id === found.id)).toBe(true);
  const changed = block([session('a', 0, [one('1', 'leg-press', 7), one('2', 'seated-leg-curl', 3)])], {
    dismissed,
  });
  expect(run(changed, athlete()).some(({ id }) => id === found.id)).toBe(true);
});

/** Any block, finished or half finished. */
test('sixty random blocks unfold and check without an error, each finding once', () => {
  fc.assert(
    fc.property(anyBlock, fc.constantFrom('novice', 'intermediate', 'advanced'), (of, level) => {
      const findings = run(of, athlete({ level: level as 'novice' }));
      expect(new Set(findings.map(({ id }) => id)).size).toBe(findings.length);
    }),
    { numRuns: 60 },
  );
});

test('every fix removes its finding and adds none more severe; moving a session never adds warnings', () => {
  const rank = (finding: Finding) => SEVERITIES.indexOf(finding.severity);
  const warnings = (findings: readonly Finding[]) =>
    findings.filter(({ severity }) => severity !== 'note').length;
  const tried = new Set<string>();
  fc.assert(
    fc.property(anyBlockOf(FINE_LOADS), (of) => {
      const before = run(of, athlete());
      const known = new Set(before.map(({ id }) => id));
      for (const finding of before) {
        for (const fix of finding.fixes) {
          const applied = applyEdit(of, fix.edit);
          if (!applied.ok) throw new Error(JSON.stringify(applied.problems));
          const after = run(applied.value.block, athlete());
          const added = after.filter(({ id }) => !known.has(id));
          const label = `${finding.id}, ${fix.does}`;
          expect([label, after.some(({ id }) => id === finding.id)]).toEqual([label, false]);
          // A substitute has other load steps: a set may just stop counting, or start to.
          if (fix.does !== 'swap' || isDeepStrictEqual(counted(of), counted(applied.value.block)))
            expect([label, added.filter((one) => rank(one) < rank(finding))]).toEqual([label, []]);
          if (fix.does === 'move session' || fix.does === 'swap sessions')
            expect([label, warnings(after) <= warnings(before)]).toEqual([label, true]);
          tried.add(fix.does);
        }
      }
    }),
    // A failing block is shown as it is: shrinking takes minutes.
    { numRuns: 50, endOnFailure: true },
  );
  expect(tried.size).toBeGreaterThan(5);
});

test.each(TEMPLATES.map((template) => [template.name, template] as const))(
  '%s lays out a block that an athlete it suits can train, whatever their place',
  (_name, template) => {
    let next = 0;
    const layOut = {
      athlete: athlete({ level: template.from }),
      catalogue: catalogueWith([]),
      newId: () => `n${next++}`,
    };
    const made = fromTemplate(template, emptyBlock('New', '2026-11-02'), layOut);
    expect(made.sessions.every(({ slots }) => slots.length >= 3)).toBe(true);
    const rules = run(made, layOut.athlete)
      .filter(({ severity }) => severity === 'warn')
      .map(({ detail }) => detail.rule);
    expect(
      run(made, layOut.athlete).flatMap(({ detail }) => (detail.rule === 'recovery gap' ? [detail] : [])),
    ).toEqual([]);
    expect(rules).not.toContain('spine back to back');
    expect(rules).not.toContain('equipment');
  },
);
