import type { Exposure } from '../effort/exposure';
import type { NoteContent } from '../on-the-day/session-note';
import { block, session, slot } from '../testing/fixtures';
import { checkIn, type Happened, watched } from '../testing/watched';
import type { WatchCall, WatchEvidence, WatchOption } from './watch-call';
import { NOTED } from './watch-call';
import { watchOutcome } from './watch-outcome';

/** Two days, Monday and Thursday from 2 November 2026. */
const TWO = block(
  [
    session('mon', 0, [slot('press', 'chest-press-machine')]),
    session('thu', 3, [slot('squat', 'hack-squat')]),
  ],
  { weeks: 6 },
);

const happened = (changes: Partial<Happened>): Happened => ({ block: TWO, today: '2026-11-20', ...changes });

/** The result of an alert with these facts, answered on a day. */
function cameOf(
  evidence: WatchEvidence,
  date: string,
  changes: Partial<Happened>,
  { option = NOTED, week = 1, subject = evidence.kind as string } = {} as {
    option?: WatchOption;
    week?: number;
    subject?: string;
  },
) {
  const call: WatchCall = { kind: evidence.kind, id: 'c', subject, week, evidence, options: [option] };
  return watchOutcome({ id: 'c', call, optionId: option.id, date }, watched(happened(changes)));
}

describe('pain', () => {
  const pain: WatchEvidence = { kind: 'joint', where: 'knee', times: 2, lifts: ['hack-squat'] };
  const told = (where: 'knee' | 'elbow'): readonly NoteContent[] => [
    { kind: 'pain', slotId: 'squat', exerciseId: 'hack-squat', where, grade: 'slight', line: '' },
  ];

  test('is counted in later sessions, at that place only; before the next session there is no result', () => {
    const weeks = ['all', 'all'] as const;
    const since = { weeks, told: { '1/thu': told('knee'), '2/mon': told('elbow'), '2/thu': told('knee') } };
    expect(cameOf(pain, '2026-11-05', since)).toEqual({ kind: 'pain', where: 'knee', times: 1, of: 2 });
    expect(cameOf(pain, '2026-11-12', since)).toBeNull();
  });
});

test('fatigue: the score on the day of the answer against the latest check-in since; none before there is one', () => {
  const signs: WatchEvidence = { kind: 'signs', sum: 4, verdict: 'propose', clear: [], date: '2026-11-08' };
  const before = checkIn('2026-11-08', { slept: 'poorly', drive: 'low' });
  const after = checkIn('2026-11-15', { slept: 'so so' });
  expect(cameOf(signs, '2026-11-08', { checkIns: [before] })).toBeNull();
  expect(cameOf(signs, '2026-11-08', { checkIns: [before, after] })).toEqual({
    kind: 'signs',
    before: 4,
    after: 2,
    date: '2026-11-15',
  });
  // The same for weeks of high fatigue, answered before anybody had checked in.
  const tired: WatchEvidence = { kind: 'tired', times: 3, lifts: [] };
  expect(cameOf(tired, '2026-11-07', { checkIns: [after] })).toMatchObject({ before: null, after: 2 });
});

describe('a stall', () => {
  const stall: WatchEvidence = {
    kind: 'stall',
    exerciseId: 'hack-squat',
    weeks: 4,
    gain: 0,
    done: 100,
    line: [],
    roseBefore: false,
  };
  const swap: WatchOption = {
    id: 'swap',
    does: {
      kind: 'swap',
      from: 'hack-squat',
      to: 'leg-press',
      parts: {
        similarity: 1,
        samePattern: true,
        sparesJoints: false,
        payoff: 1,
        longLength: false,
        lately: false,
        nearTwin: false,
        total: 1,
      },
    },
    edit: null,
  };
  const lifted = (exerciseId: string, date: string, load: number): Exposure => ({
    exerciseId,
    slotId: 'squat',
    week: 1,
    date,
    sets: [{ load, reps: 8, rir: 2, fatigue: 0 }],
  });

  test('follows the lift that replaced it from its first session on; one session is too few', () => {
    const exposures = [
      lifted('leg-press', '2026-11-01', 300),
      lifted('leg-press', '2026-11-05', 200),
      lifted('hack-squat', '2026-11-05', 100),
      lifted('leg-press', '2026-11-19', 210),
    ];
    const answered = (date: string) => cameOf(stall, date, { exposures }, { option: swap });
    const outcome = answered('2026-11-02');
    expect(outcome).toMatchObject({ kind: 'lift', exerciseId: 'leg-press', weeks: 2 });
    expect((outcome as { gain: number }).gain).toBeCloseTo(5);
    expect(answered('2026-11-05')).toBeNull();
  });

  test('dismissed, it follows the lift itself', () => {
    const exposures = [lifted('hack-squat', '2026-11-05', 100), lifted('hack-squat', '2026-11-12', 100)];
    expect(cameOf(stall, '2026-11-02', { exposures })).toEqual({
      kind: 'lift',
      exerciseId: 'hack-squat',
      weeks: 1,
      gain: 0,
    });
  });
});

describe('a week', () => {
  const lost: WatchEvidence = { kind: 'days lost', sessions: ['Session mon'], daysLeft: 4 };

  test('shows how much of it was done once it is over, and nothing while it runs', () => {
    const weeks = [['mon', 'thu'], ['thu']];
    const of = (today: string) => cameOf(lost, '2026-11-11', { weeks, today }, { week: 2 });
    expect(of('2026-11-15')).toBeNull();
    expect(of('2026-11-16')).toEqual({ kind: 'week', week: 2, sessions: { done: 1, planned: 2 } });
  });

  test('with a session on another day: whether it was trained in the weeks started since', () => {
    const split: WatchEvidence = { kind: 'split', session: 'Session thu', missed: 3, of: 4 };
    const weeks = [['mon'], ['mon', 'thu'], ['mon']];
    const of = (date: string) =>
      cameOf(split, date, { weeks, today: '2026-11-23' }, { subject: 'split/thu' });
    expect(of('2026-11-08')).toEqual({ kind: 'kept', session: 'Session thu', times: 1, of: 2 });
    expect(of('2026-11-17')).toBeNull();
  });
});

test('poor readiness: of later sessions that reported how they started', () => {
  const evidence: WatchEvidence = { kind: 'readiness', days: 3 };
  const readiness = (slept: 'poorly' | 'well'): NoteContent => ({
    kind: 'readiness',
    slept,
    feels: 'well',
    rescue: null,
  });
  const since = {
    weeks: ['all', 'all'] as const,
    told: { '1/mon': [readiness('poorly')], '1/thu': [readiness('poorly')], '2/mon': [readiness('well')] },
  };
  expect(cameOf(evidence, '2026-11-02', since)).toEqual({ kind: 'begun poorly', times: 1, of: 2 });
  expect(cameOf(evidence, '2026-11-09', since)).toBeNull();
});

test('no log: the first session logged since; a block that ends has no result', () => {
  const quiet: WatchEvidence = { kind: 'no log', days: 6, last: '2026-11-02' };
  const weeks = [['mon', 'thu']];
  expect(cameOf(quiet, '2026-11-04', { weeks })).toEqual({ kind: 'logged again', date: '2026-11-05' });
  expect(cameOf(quiet, '2026-11-05', { weeks })).toBeNull();
  expect(cameOf({ kind: 'block ends', endsIn: 3 }, '2026-11-02', { weeks })).toBeNull();
});
