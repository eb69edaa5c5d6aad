import { type Catalogue, type Proposal, type SentAnswer, summariseNotes, type WatchCall } from '@/core';
import type { GivenAnswer, RosterLine, Waiting } from '@/data';
import type { DeskItem, GivenLine, ReadyLine } from '@/features/desk/contract';
import { callEvidence, callLine, callOthers } from '@/ui/words/calls';
import { shortDay } from '@/ui/words/dates';
import { listed, plural } from '@/ui/words/figures';
import { capital, type ExerciseNames, namesOf } from '@/ui/words/names';
import * as common from '@/ui/words/screens/common';
import * as screenWords from '@/ui/words/screens/desk';
import { screenWord } from '@/ui/words/values';
import { alertText } from '@/ui/words/watch';

/** What needs the coach's attention, most urgent first. */
export const URGENCY = [
  'pain',
  'joint',
  'recover',
  'deload',
  'signs',
  'stall',
  'days lost',
  'rearrange',
  'refused',
  'next week',
  'no log',
  'readiness',
  'tired',
  'further exercise',
  'block ends',
  'same plan',
  'lift back',
  'split',
  'effort',
  'routine',
] as const;
type Kind = (typeof URGENCY)[number];

interface Roster {
  readonly lines: readonly RosterLine[];
  readonly waiting: Waiting;
  readonly catalogue: Pick<Catalogue, 'newest'>;
}

/** Everything that needs attention, in words, most urgent first. Archived athletes raise nothing. */
export function deskItems({ lines, waiting, catalogue }: Roster): readonly DeskItem[] {
  const athletes = new Map(lines.filter(({ archived }) => !archived).map((line) => [line.athleteId, line]));
  const items: (DeskItem & { readonly kind: Kind })[] = [];
  const add = (
    athleteId: string,
    item: Omit<DeskItem, 'athleteId' | 'athlete' | 'kind'> & { kind: Kind },
  ) => {
    const line = athletes.get(athleteId);
    if (line !== undefined) items.push({ ...item, athleteId, athlete: line.name });
  };
  for (const [athleteId, told] of byAthlete(waiting.pains))
    add(athleteId, {
      key: `pain/${athleteId}`,
      kind: 'pain',
      says: screenWords.painReported,
      evidence: painText(told, namesOf(catalogue)),
      href: `/athletes/${athleteId}#check-ins`,
      ask: { kind: 'pain', athleteId },
      options: [
        {
          id: 'seen',
          words: common.markAsSeen,
          change: screenWords.marksItAsSeenChanges,
        },
      ],
      leave: null,
    });
  for (const { athleteId, count } of waiting.refused)
    add(athleteId, {
      key: `refused/${athleteId}`,
      kind: 'refused',
      says: screenWords.fromAPhoneCouldNot(capital(plural(count, 'set'))),
      evidence: screenWords.savedOnThePhoneUntil,
      href: `/athletes/${athleteId}#check-ins`,
      ask: { kind: 'look' },
      options: [],
      leave: null,
    });
  const behind = new Map<string, { readonly athleteId: string; readonly calls: Proposal[] }>();
  for (const { athleteId, blockId, call } of waiting.calls) {
    if ('options' in call) add(athleteId, alertItem(blockId, call, catalogue, athletes.get(athleteId)));
    else if (call.kind !== 'recover') add(athleteId, proposalItem(blockId, [call], catalogue));
    else behind.set(blockId, { athleteId, calls: [...(behind.get(blockId)?.calls ?? []), call] });
  }
  // Muscles below target twice are one alert: they recover together, or one by one in the block.
  for (const [blockId, { athleteId, calls }] of behind)
    add(athleteId, proposalItem(blockId, calls, catalogue));
  for (const { athleteId, blockId, week, loads, sets } of waiting.routine) {
    const parts = [
      ...(loads > 0 ? [plural(loads, 'load')] : []),
      ...(sets > 0 ? [screenWords.moreSetsIn(plural(sets, 'session'))] : []),
    ];
    add(athleteId, {
      key: `routine/${blockId}`,
      kind: 'routine',
      says: screenWords.nameForWeek(capital(parts.join(' and ')), week),
      evidence: screenWords.followsTheProgressionRule,
      href: `/blocks/${blockId}#sheet`,
      ask: { kind: 'routine', blockId, count: loads + sets },
      options: [
        {
          id: 'apply',
          words: common.apply,
          change: screenWords.allOfThemAreApplied,
        },
      ],
      leave: null,
    });
  }
  return items.sort(
    (a, b) => URGENCY.indexOf(a.kind) - URGENCY.indexOf(b.kind) || a.athlete.localeCompare(b.athlete),
  );
}

function cycleDaysOf(line: RosterLine | undefined, blockId: string): number {
  return line?.block?.id === blockId ? (line.block.standing?.cycleDays ?? 7) : 7;
}

type Written = Omit<DeskItem, 'athleteId' | 'athlete' | 'kind'> & { kind: Kind };

function alertItem(
  blockId: string,
  call: WatchCall,
  catalogue: Pick<Catalogue, 'newest'>,
  line: RosterLine | undefined,
): Written {
  const reading = { names: namesOf(catalogue), cycleDays: cycleDaysOf(line, blockId) };
  const { says, evidence, options: all } = alertText(call, reading);
  // Every alert can be dismissed with one key; if nothing else can be done, dismissing is the first option.
  const others = all.filter(({ id }) => id !== 'noted');
  const options = others.length > 0 ? others : all;
  const next = line?.block?.id === blockId ? line.block.standing?.next : null;
  // Open problems of a week are listed before it is sent.
  const open = call.kind === 'next week' && next?.week === call.week ? openProblemsText(next) : '';
  return {
    key: `${blockId}/${call.id}`,
    kind: call.kind,
    says,
    evidence: open === '' ? evidence : screenWords.openProblems(evidence, open),
    href: `/blocks/${blockId}#${call.kind === 'signs' || call.kind === 'stall' ? 'ladder' : 'split'}`,
    ask: { kind: 'day', blockId, id: call.id },
    options: options.map((option) =>
      option.id === 'next block' && line !== undefined
        ? { ...option, href: `/blocks/new?athlete=${line.athleteId}` }
        : option,
    ),
    leave: others.length === 0 ? null : screenWords.nothingChangesTheAlertComes,
  };
}

function openProblemsText({
  calls,
  findings,
}: {
  readonly calls: number;
  readonly findings: number;
}): string {
  return [
    ...(calls > 0 ? [plural(calls, 'call')] : []),
    ...(findings > 0 ? [plural(findings, 'finding')] : []),
  ].join(', ');
}

/** Proposals of one kind, answered together. */
function proposalItem(
  blockId: string,
  calls: readonly Proposal[],
  catalogue: Pick<Catalogue, 'newest'>,
): Written {
  const [call] = calls as readonly [Proposal];
  const { subject, change } = callLine(call, catalogue);
  const others = callOthers(call);
  const choices: Record<string, SentAnswer['choice']> = { accept: null };
  for (const [at, { choice }] of others.entries()) choices[`other ${at}`] = choice;
  const subjects = calls.map((one) => callLine(one, catalogue).subject);
  return {
    key: `${blockId}/${call.kind}/${call.id}`,
    kind: call.kind === 'recover' ? 'recover' : 'deload',
    says: calls.length === 1 ? `${capital(subject)}: ${change}` : screenWords.muscles(calls.length, change),
    evidence: calls.length === 1 ? callEvidence(call) : `${callEvidence(call)}: ${listed(subjects)}`,
    href: `/blocks/${blockId}#sheet`,
    ask: { kind: 'log', blockId, ids: calls.map(({ id }) => id), choices },
    options: [
      { id: 'accept', words: common.apply, change: screenWords.week(call.week, listed(subjects), change) },
      ...others.map(({ words }, at) => ({
        id: `other ${at}`,
        words,
        change: screenWords.weekResult(call.week, words.toLowerCase()),
      })),
    ],
    leave: screenWords.weekDoesNotChange(call.week),
  };
}

function byAthlete(pains: Waiting['pains']): ReadonlyMap<string, Waiting['pains']> {
  const found = new Map<string, Waiting['pains'][number][]>();
  for (const one of pains) found.set(one.athleteId, [...(found.get(one.athleteId) ?? []), one]);
  return found;
}

/** Where it hurts, how much, in which exercise, and what the athlete wrote, from the latest session. */
function painText(told: Waiting['pains'], names: ExerciseNames): string {
  const [latest] = told;
  const pains = [...summariseNotes(latest?.notes ?? []).pains.values()].map(
    ({ where, grade, exerciseId, line }) =>
      screenWords.painIn(
        screenWord(where),
        screenWord(grade ?? ''),
        names(exerciseId),
        line.trim() === '' ? '' : `: “${line.trim()}”`,
      ),
  );
  const when = latest === undefined ? '' : `, ${shortDay(latest.date)}`;
  const more = told.length > 1 ? screenWords.inSessions(plural(told.length, 'session')) : '';
  return `${pains.join('; ')}${when}${more}`;
}

/** Weeks that can be sent now, each with its open problems. */
export function sendableLines(lines: readonly RosterLine[]): readonly ReadyLine[] {
  return lines.flatMap(({ archived, name, block, shared }) => {
    const next = block?.standing?.next;
    if (archived || shared?.may === 'read' || block === null || next == null || !next.isDue) return [];
    return [
      {
        blockId: block.id,
        athlete: name,
        week: next.week,
        weekName: next.isDeload ? common.theDeload : screenWords.weekNumber(next.week),
        calls: next.calls,
        findings: next.findings,
      },
    ];
  });
}

/** Recent answers, newest first; alike ones given at the same moment are grouped. */
export function recentDecisionLines(
  given: readonly GivenAnswer[],
  { lines, catalogue }: Pick<Roster, 'lines' | 'catalogue'>,
): readonly GivenLine[] {
  const athletes = new Map(lines.map((line) => [line.athleteId, line]));
  const groups = new Map<string, GivenAnswer[]>();
  for (const one of given) {
    const routine = one.call.kind === 'load' || one.call.kind === 'sets';
    const key = routine
      ? `${one.blockId}/${one.call.kind}/${one.outcome}/${one.at}`
      : `${one.blockId}/${one.id}`;
    groups.set(key, [...(groups.get(key) ?? []), one]);
  }
  return [...groups].flatMap(([key, alike]) => {
    const [first] = alike;
    if (first === undefined) return [];
    const line = athletes.get(first.athleteId);
    return [
      {
        key,
        athlete: line?.name ?? '',
        blockId: first.blockId,
        says: recentDecisionText(first, alike.length, {
          catalogue,
          cycleDays: cycleDaysOf(line, first.blockId),
        }),
        ids: alike.map(({ id }) => id),
        byRule: first.byRule,
        week: null,
      },
    ];
  });
}

function recentDecisionText(
  { call, outcome, option }: GivenAnswer,
  many: number,
  { catalogue, cycleDays }: { readonly catalogue: Pick<Catalogue, 'newest'>; readonly cycleDays: number },
): string {
  const how = outcome === 'declined' ? screenWords.keptAsItIs : screenWords.applied;
  if ('options' in call) {
    const { says, options } = alertText(call, { names: namesOf(catalogue), cycleDays });
    return `${says}: ${options.find(({ id }) => id === option)?.words.toLowerCase() ?? how}`;
  }
  const { subject, change } = callLine(call, catalogue);
  if (many === 1) return `${capital(subject)}, ${change}: ${how}`;
  return screenWords.howForWeek(
    capital(call.kind === 'load' ? plural(many, 'load') : plural(many, 'set proposal')),
    call.week,
    how,
  );
}
