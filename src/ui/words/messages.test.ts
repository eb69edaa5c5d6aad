import type { NoteContent, SessionNote } from '@/core';
import { achesText, measuredText, noteSentence, refusedText } from './messages';

const names = (id: string) => id.replaceAll('-', ' ');
const note = (telling: NoteContent): SessionNote => ({ ...telling, id: 'n', at: '2026-11-24T10:00:00.000Z' });
const said = (telling: NoteContent) =>
  noteSentence(
    note(telling),
    names,
    () => 'hack-squat',
    () => 'the cabin',
  );

test.each([
  [
    { kind: 'date', date: '2026-11-23', time: '18:30', was: '2026-11-24' },
    'trained on Mon 23 Nov 2026 from 18:30; the phone’s date was Tue 24 Nov 2026',
  ],
  [{ kind: 'place', place: 'p' }, 'at the cabin'],
  [
    { kind: 'readiness', slept: 'poorly', feels: 'well', rescue: 'lighter' },
    'sleep poor, feeling good; today: a fifth less load',
  ],
  [{ kind: 'readiness', slept: 'well', feels: 'well', rescue: null }, 'sleep good, feeling good'],
  [
    { kind: 'swap', slotId: '1', exerciseId: 'leg-press', why: 'taken' },
    'leg press instead of hack squat: equipment busy',
  ],
  [{ kind: 'swap', slotId: '1', exerciseId: 'hack-squat', why: 'taken' }, 'hack squat as planned after all'],
  [{ kind: 'skip', slotId: '1', why: 'no time' }, 'hack squat skipped: no time'],
  [{ kind: 'skip', slotId: '1', why: null }, 'hack squat done after all'],
  [{ kind: 'one more', slotId: '1' }, 'one extra set of hack squat'],
  [{ kind: 'later', slotId: '1' }, 'hack squat moved to the end'],
  [
    { kind: 'pain', slotId: '1', exerciseId: 'hack-squat', where: 'knee', grade: 'clear', line: 'left' },
    'moderate pain, knee, in hack squat: “left”',
  ],
  [
    { kind: 'pain', slotId: '1', exerciseId: 'hack-squat', where: 'knee', grade: null, line: '' },
    'hack squat: no pain, entered by mistake',
  ],
  [{ kind: 'extra', slotId: 'x', exerciseId: 'cable-curl' }, 'cable curl as an extra exercise'],
  [{ kind: 'rating', rating: 'right', line: '' }, 'just right'],
] as const satisfies readonly (readonly [NoteContent, string])[])('%j', (telling, sentence) => {
  expect(said(telling)).toBe(sentence);
});

test('a check-in in few words', () => {
  expect(
    achesText({
      aches: [
        { joint: 'knee', grade: 'slight' },
        { joint: 'elbow', grade: 'clear' },
      ],
    }),
  ).toBe('knee mild and elbow moderate');
  expect(
    measuredText({ measured: [{ kind: 'body weight', value: 68.2, unit: 'kg' }], restingHeartRate: 52 }),
  ).toBe('body weight 68.2 kg, resting heart rate 52');
});

test('a refused entry, as far as it can be read', () => {
  const set = { exerciseId: 'hack-squat', load: { value: 105, unit: 'kg' }, reps: 8, rir: 2 };
  expect(refusedText(JSON.stringify({ set, localDate: '2026-11-24' }), names)).toBe(
    '2026-11-24 hack squat: 105 kg × 8 @2',
  );
  expect(refusedText('{"kind":"finish","localDate":"2026-11-24"}', names)).toBe('A note of 2026-11-24');
  expect(refusedText('no JSON', names)).toBe('An entry that cannot be read');
});
