import { catalogueWith } from '../../exercises/catalogue';
import { loadShift } from '../../progression/load-shift';
import { setCount } from '../../techniques/registry';
import { athlete, block, session, slot } from '../../testing/fixtures';
import { emptyBlock } from '../block';
import { decodeBlock } from '../block-codec';
import { blockProblems } from '../block-rules';
import { newBlockSettingsSchema } from './new-block-settings-schema';
import { TEMPLATES } from './shipped';
import { type BlockSource, type NewBlockSettings, startBlock } from './start-block';

const settings: NewBlockSettings = {
  name: 'Winter',
  startDate: '2026-11-30',
  weeks: 5,
  deload: null,
  crediting: 'inclusive',
  landmarks: 'fixed dose',
  goals: { glutes: 'priority' },
  returning: false,
};

/** Those that the block contains. */
const { returning: _, ...settled } = settings;

function start(source: BlockSource) {
  let next = 0;
  return startBlock(source, settings, {
    athlete: athlete(),
    catalogue: catalogueWith([]),
    newId: () => `n${next++}`,
  });
}

const earlier = block([{ ...session('a', 0, [slot('a1', 'leg-press')]), place: 'cellar' }], {
  weeks: 8,
  cycleDays: 10,
  goals: { chest: 'hold' },
  activities: [{ id: 'run', day: 3, name: 'running', hard: true, legs: true }],
  pauses: [{ after: 2, days: 7 }],
  dismissed: [{ finding: 'below floor/chest', facts: 'x', note: '' }],
});

test("chosen settings win over an earlier block's; its design is copied with new ids and without places", () => {
  const made = start({ kind: 'design', block: earlier });
  expect(made).toMatchObject(settled);
  expect(made.cycleDays).toBe(10);
  expect(made.sessions[0]).toMatchObject({ name: earlier.sessions[0]?.name, place: null });
  expect(made.sessions[0]?.id).not.toBe('a');
  expect(made.sessions[0]?.slots[0]).toMatchObject({ exercise: { id: 'leg-press' }, start: null });
  expect(made.sessions[0]?.slots[0]?.id).not.toBe('a1');
  // Week-specific parts of the old run are dropped; weekday-specific ones are kept.
  expect(made.activities).toMatchObject([{ day: 3, name: 'running', hard: true }]);
  expect([made.pauses, made.dismissed]).toEqual([[], []]);
});

test('an empty start has no sessions, a template its own; every result is a valid block', () => {
  expect(start({ kind: 'empty' })).toEqual({ ...emptyBlock('Winter', '2026-11-30'), ...settled });
  for (const template of TEMPLATES) {
    const made = start({ kind: 'template', template });
    expect(made).toMatchObject(settled);
    expect(made.sessions.map(({ day }) => day)).toEqual(template.sessions.map(({ day }) => day));
    expect(blockProblems(made)).toEqual([]);
    expect(decodeBlock(JSON.parse(JSON.stringify(made)))).toEqual({ ok: true, value: made });
  }
});

test('received settings are validated', () => {
  expect(newBlockSettingsSchema.safeParse(settings).success).toBe(true);
  for (const wrong of [
    { landmarks: 'mine' },
    { goals: { elbow: 'grow' } },
    { startDate: 'soon' },
    { sessions: [] },
  ])
    expect(newBlockSettingsSchema.safeParse({ ...settings, ...wrong }).success).toBe(false);
});

test('after time off: half the sets, 4 RIR, no deload, loads rising evenly from 85 %', () => {
  const design = block(
    [
      session('a', 0, [
        slot('1', 'leg-press', { technique: { kind: 'straight', sets: 5 }, rampTo: 6, optionalSets: 1 }),
        slot('2', 'cable-curl', { technique: { kind: 'straight', sets: 1 } }),
      ]),
    ],
    { weeks: 6 },
  );
  const made = (weeks: number) =>
    startBlock(
      { kind: 'design', block: design },
      { ...settings, weeks, returning: true },
      { athlete: athlete(), catalogue: catalogueWith([]), newId: () => 'n' },
    );
  const back = made(3);
  expect(back).toMatchObject({ weeks: 3, rir: { first: 4, last: 4 }, deload: null });
  // Half of five is 2.5, rounded to 3; one stays one.
  expect(back.sessions[0]?.slots.map(({ technique }) => setCount(technique))).toEqual([3, 1]);
  expect(back.sessions[0]?.slots[0]).toMatchObject({ rampTo: null, optionalSets: 0, setRule: 'fixed' });
  // 85, 90 and 95 % of the usual loads.
  expect([1, 2, 3].map((week) => Math.round(100 * loadShift(back, week)))).toEqual([85, 90, 95]);
  expect([made(1).weeks, made(2).weeks, made(4).weeks, made(9).weeks]).toEqual([2, 2, 4, 4]);
});
