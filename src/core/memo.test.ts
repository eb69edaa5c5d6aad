import fc from 'fast-check';
import { applyEdit } from './block/apply-edit';
import type { Block } from './block/block';
import type { Edit } from './block/edits/edit';
import { EMPTY_LOG } from './log/log';
import { Memo } from './memo';
import { anyPrescription } from './testing/any-prescription';
import { athlete, block, lookup, performWeek, session, slot } from './testing/fixtures';
import type { UnfoldInput } from './unfold/input';
import { unfold } from './unfold/unfold';

const who = athlete();
const plain = (made: Block): UnfoldInput => ({
  block: made,
  athlete: who,
  exercises: lookup,
  issued: NONE,
  log: EMPTY_LOG,
  answers: NO_ANSWERS,
});
const NONE: UnfoldInput['issued'] = [];
const NO_ANSWERS: UnfoldInput['answers'] = [];

function edited(made: Block, edit: Edit): Block {
  const applied = applyEdit(made, edit);
  if (!applied.ok) throw new Error(JSON.stringify(applied.problems));
  return applied.value.block;
}

test('any chain of edits gives the same plan with and without memory', () => {
  fc.assert(
    fc.property(
      anyPrescription,
      fc.array(fc.tuple(fc.nat(), fc.integer({ min: 0, max: 5 }), fc.integer({ min: 15, max: 240 })), {
        minLength: 1,
        maxLength: 5,
      }),
      (first, edits) => {
        const memory = new Memo();
        let made = first;
        expect(unfold(plain(made), memory)).toEqual(unfold(plain(made)));
        for (const [which, kind, value] of edits) {
          const slots = made.sessions.flatMap(({ slots: all }) => all);
          const one = slots[which % slots.length];
          const home = made.sessions[which % made.sessions.length];
          if (one === undefined || home === undefined) continue;
          const edit: Edit =
            kind === 0
              ? { kind: 'block/set', field: 'rir', value: { first: 3, last: value % 3 } }
              : kind === 1
                ? { kind: 'slot/move', slot: one.id, session: home.id, after: null }
                : kind === 2
                  ? { kind: 'slot/set', slot: one.id, field: 'joined', value: !one.joined }
                  : { kind: 'slot/set', slot: one.id, field: 'rest', value };
          made = edited(made, edit);
          expect(unfold(plain(made), memory)).toEqual(unfold(plain(made)));
        }
      },
    ),
    { numRuns: 25 },
  );
});

test('so does a running block, with calls, logged sets and an edit to one of two sessions', () => {
  let made = block([
    session('a', 0, [slot('a1', 'leg-press'), slot('a2', 'leg-extension')]),
    session('b', 2, [slot('b1', 'hack-squat')]),
  ]);
  const state = performWeek(
    { block: made, athlete: who, issued: [], log: EMPTY_LOG },
    1,
    ({ reps, rir }) => ({
      reps: reps - 1,
      rir: Math.max(0, rir - 2),
    }),
  );
  const memory = new Memo();
  const input = () => ({ ...plain(made), ...state });
  expect(unfold(input(), memory).proposals.length).toBeGreaterThan(0);
  for (const rest of [60, 75, 90]) {
    made = edited(made, { kind: 'slot/set', slot: 'b1', field: 'rest', value: rest });
    expect(unfold(input(), memory)).toEqual(unfold(input()));
  }
});

test('newly logged sets are always taken into account', () => {
  const made = block([session('a', 0, [slot('a1', 'leg-press')])]);
  const memory = new Memo();
  unfold(plain(made), memory);
  const state = performWeek({ block: made, athlete: who, issued: [], log: EMPTY_LOG }, 1);
  expect(unfold({ ...plain(made), ...state }, memory)).toEqual(unfold({ ...plain(made), ...state }));
});

test('an unchanged session is reused', () => {
  const made = block([
    session('a', 0, [slot('a1', 'leg-press')]),
    session('b', 2, [slot('b1', 'hack-squat')]),
  ]);
  const memory = new Memo();
  const before = unfold(plain(made), memory);
  const after = unfold(
    plain(edited(made, { kind: 'slot/set', slot: 'b1', field: 'rest', value: 45 })),
    memory,
  );
  expect(after.weeks[1]?.plan.sessions[0]).toBe(before.weeks[1]?.plan.sessions[0]);
  expect(after.weeks[1]?.plan.sessions[1]).not.toBe(before.weeks[1]?.plan.sessions[1]);
});
