import fc from 'fast-check';
import { anyPrescription } from '../testing/any-prescription';
import { block, session, slot } from '../testing/fixtures';
import { applyEdit } from './apply-edit';
import type { Block } from './block';
import { differenceEdit } from './difference';
import { editSchema } from './edit-schema';

function turned(from: Block, to: Block): Block {
  const edit = differenceEdit(from, to);
  if (edit === null) return from;
  const applied = applyEdit(from, edit);
  if (!applied.ok) throw new Error(JSON.stringify(applied.problems));
  return applied.value.block;
}

const base = block([
  session('a', 0, [slot('a1', 'leg-press'), slot('a2', 'hack-squat')]),
  session('b', 3, [slot('b1', 'pull-up')]),
]);

test('equal blocks need no edit', () => {
  expect(differenceEdit(base, structuredClone(base))).toBeNull();
});

test('finds a moved slot, a changed slot, a removed session and a new one', () => {
  const to = block(
    [
      session('b', 2, [slot('b1', 'pull-up', { rest: 45 }), slot('a2', 'hack-squat')]),
      session('c', 4, [slot('c1', 'cable-crunch')]),
    ],
    { weeks: 4, name: 'Other' },
  );
  expect(turned(base, to)).toEqual(to);
  expect(turned(to, base)).toEqual(base);
});

test('handles a longer and a shorter cycle', () => {
  const long = block([session('a', 9, [slot('a1', 'leg-press')])], { cycleDays: 14 });
  expect(turned(base, long)).toEqual(long);
  expect(turned(long, base)).toEqual(base);
});

test('turns any block into any other by an edit that can be serialised and reverted', () => {
  fc.assert(
    fc.property(anyPrescription, anyPrescription, fc.nat(), (from, other, seed) => {
      const to = { ...other, sessions: seed % 2 ? [...other.sessions].reverse() : other.sessions };
      const edit = differenceEdit(from, to);
      if (edit === null) return;
      expect(editSchema.safeParse(edit).success).toBe(true);
      const applied = applyEdit(from, edit);
      expect(applied.ok && applied.value.block).toEqual(to);
      const back = applied.ok ? applyEdit(applied.value.block, applied.value.inverse) : applied;
      expect(back.ok && back.value.block).toEqual(from);
    }),
    { numRuns: 60 },
  );
});
