import fc from 'fast-check';
import { startOf, TECHNIQUE_KINDS, type TechniqueParameters } from '@/core';
import { anyTechnique } from '@/core/testing/any-technique';
import { TECHNIQUE_NAMES, techniqueCell, techniqueSentence } from './techniques';

const said = (technique: TechniqueParameters) => techniqueSentence({ technique, drift: 'hold RIR' });
const cell = (technique: TechniqueParameters) => techniqueCell({ technique, drift: 'hold RIR' });

test('a drop set, rest-pause and a density, as a coach would say them', () => {
  expect(said({ kind: 'drop set', sets: 2, drops: 1, off: 0.25, toFailure: true })).toBe(
    '2 sets to failure, then 1 drop of 25 % without rest. The first part progresses.',
  );
  const pause = {
    kind: 'rest-pause',
    sets: 1,
    pauses: 2,
    pause: 20,
    total: { low: 15, high: 20 },
    lengths: [],
    toFailure: false,
  } as const;
  expect(said(pause)).toBe(
    '1 set continued 2 times after 20 s of pause, ending at the week’s RIR, at least 1. Total reps 15–20; at 20 the load rises.',
  );
  expect(said({ kind: 'density', of: pause, cut: 5, least: 45, taken: 0 })).toBe(
    `${said(pause)} Each session on target cuts the rest by 5 s, down to 45 s. Then the load rises and the rest starts over.`,
  );
});

test('techniques that need a clinician say so first', () => {
  expect(said(startOf('restricted blood flow'))).toContain('only after a clinician has cleared it');
});

test('cells are as short as their column', () => {
  expect(
    (['cluster', 'ascending mini-sets', 'sectioned reps', 'rep ladder', 'for time'] as const).map((kind) =>
      cell(startOf(kind)),
    ),
  ).toEqual(['cluster 4×3', '2…6', '7+7+7', '1…5', '20-15-10']);
});

test('every technique has a name and a description, and no two names are equal', () => {
  expect(new Set(TECHNIQUE_KINDS.map((kind) => TECHNIQUE_NAMES[kind].name)).size).toBe(
    TECHNIQUE_KINDS.length,
  );
  for (const kind of TECHNIQUE_KINDS) expect(TECHNIQUE_NAMES[kind].is).not.toBe('');
});

test('with any parameters: whole sentences, a cell, nothing left out', () => {
  fc.assert(
    fc.property(
      anyTechnique,
      fc.constantFrom('hold RIR' as const, 'hold reps' as const),
      (technique, drift) => {
        const sentence = techniqueSentence({ technique, drift });
        expect(sentence).toMatch(/^[A-Z\d].+\.$/);
        expect(`${sentence} ${techniqueCell({ technique, drift })}`).not.toMatch(/undefined|NaN|\[object/);
        expect(techniqueCell({ technique, drift })).not.toBe('');
      },
    ),
  );
});
