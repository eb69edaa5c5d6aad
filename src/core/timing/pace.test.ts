import fc from 'fast-check';
import { PATTERNS } from '../exercises/exercise';
import { paceAt } from './pace';
import { parseTempo } from './tempo';

function tempoOf(text: string) {
  const tempo = parseTempo(text);
  if (tempo === undefined) throw new Error(`${text} is no tempo`);
  return tempo;
}

// 3-1-2-0: three seconds down, one in the stretch, two up, six in all.
test.each([
  [0, { rep: 1, phase: 'lowering', left: 3, height: 1 }],
  [1.5, { rep: 1, phase: 'lowering', left: 2, height: 0.5 }],
  [3, { rep: 1, phase: 'stretch', left: 1, height: 0 }],
  [4, { rep: 1, phase: 'lifting', left: 2, height: 0 }],
  [5, { rep: 1, phase: 'lifting', left: 1, height: 0.5 }],
  [6, { rep: 2, phase: 'lowering', left: 3, height: 1 }],
  [66, { rep: 12, phase: 'lowering', left: 3, height: 1 }],
] as const)('a squat after %d s of its set', (seconds, expected) => {
  expect(paceAt(tempoOf('3120'), 'squat', seconds)).toEqual(expected);
});

test('a pull starts by pulling, and is held at the top before it is lowered', () => {
  const at = (seconds: number) => paceAt(tempoOf('3021'), 'vertical pull', seconds)?.phase;
  expect([0, 1, 2, 3, 5, 6].map(at)).toEqual([
    'lifting',
    'lifting',
    'squeeze',
    'lowering',
    'lowering',
    'lifting',
  ]);
});

test('a tempo of zero seconds has no pace', () => {
  expect(paceAt(tempoOf('000'), 'squat', 4)).toBeUndefined();
});

test('at any tempo and moment: a height between long and short, a lasting phase, reps that only rise', () => {
  const phase = fc.integer({ min: 0, max: 60 });
  fc.assert(
    fc.property(
      fc.record({ lowering: phase, stretch: phase, lifting: phase, squeeze: phase }),
      fc.constantFrom(...PATTERNS),
      fc.double({ min: 0, max: 3600, noNaN: true }),
      (tempo, pattern, seconds) => {
        const now = paceAt(tempo, pattern, seconds);
        if (now === undefined) {
          expect(tempo.lowering + tempo.stretch + tempo.lifting + tempo.squeeze).toBe(0);
          return;
        }
        expect(now.height).toBeGreaterThanOrEqual(0);
        expect(now.height).toBeLessThanOrEqual(1);
        expect(now.left).toBeGreaterThanOrEqual(1);
        expect(now.left).toBeLessThanOrEqual(tempo[now.phase]);
        expect(paceAt(tempo, pattern, seconds + 1)?.rep).toBeGreaterThanOrEqual(now.rep);
      },
    ),
  );
});
