import { readFileSync } from 'node:fs';
import type { APIRequestContext, APIResponse } from '@playwright/test';
import * as z from 'zod';

const manifest = (name: string): unknown => JSON.parse(readFileSync(`.next/server/${name}.json`, 'utf8'));
/** A server action of the build: its id, source file and name. */
export interface Action {
  readonly id: string;
  readonly filename: string;
  readonly name: string;
}
export const ACTIONS: readonly Action[] = Object.entries(
  z
    .object({ node: z.record(z.string(), z.object({ filename: z.string(), exportedName: z.string() })) })
    .parse(manifest('server-reference-manifest')).node,
).map(([id, { filename, exportedName }]) => ({ id, filename, name: exportedName }));
/** Every page and route of the build, by source file. */
export const ROUTES = Object.keys(z.record(z.string(), z.string()).parse(manifest('app-paths-manifest')));

const settings = {
  name: 'Taken',
  startDate: '2026-12-07',
  weeks: 4,
  deload: [{ kind: 'fewer sets', sets: 0.4, reps: 'cut' }],
  crediting: 'fractional',
  landmarks: 'ramped',
  goals: {},
  returning: false,
};
const someone = {
  name: 'Nobody',
  level: 'novice',
  phase: 'holding',
  unit: 'kg',
  bodyweight: 70,
  place: 'full gym',
  timeZone: 'Europe/Oslo',
  days: [0, 3],
};

/** Well-formed arguments for each coach action, so that only the sign-in can refuse the call. */
export const asked = (athleteId: string, blockId: string): Readonly<Record<string, readonly unknown[]>> => ({
  'find.ts find': [],
  'account/actions.ts saveConventionsAction': [{}],
  'account/actions.ts changePasswordAction': [null, {}],
  'athletes/[athleteId]/actions.ts createPhoneLink': [athleteId],
  'athletes/[athleteId]/actions.ts deleteAthlete': [athleteId],
  'athletes/[athleteId]/actions.ts saveMeasurement': [athleteId, { remove: 'x' }],
  'athletes/[athleteId]/actions.ts archive': [athleteId, true],
  'athletes/[athleteId]/actions.ts revoke': [athleteId, 'all'],
  'account/actions.ts createTeamLink': [null],
  'account/actions.ts confirmPasswordAction': ['x'],
  'account/actions.ts startSecondFactor': [],
  'account/actions.ts confirmSecondFactor': ['GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ', '000000'],
  'account/actions.ts endSecondFactor': ['000000'],
  'account/actions.ts requireSecondFactor': [true],
  'account/actions.ts endOneSession': ['0123456789abcdef01234567'],
  'athletes/[athleteId]/actions.ts transfer': [athleteId, 'x'],
  'athletes/[athleteId]/actions.ts share': [athleteId, 'x', 'read'],
  'athletes/[athleteId]/actions.ts createCalendarLink': [athleteId],
  'athletes/[athleteId]/actions.ts revokeCalendarLinks': [athleteId],
  'import-export/actions.ts profile': [athleteId],
  'athletes/[athleteId]/actions.ts saveProfile': [athleteId, {}, 0],
  'athletes/new/actions.ts addNewAthlete': [someone, 'profile'],
  'blocks/[blockId]/actions.ts previousBlock': [blockId],
  'blocks/[blockId]/learning.ts answerLesson': [blockId, 'ceiling/chest', 'take'],
  'blocks/[blockId]/learning.ts createNextBlock': [blockId, []],
  'blocks/[blockId]/actions.ts revisions': [blockId],
  'blocks/[blockId]/actions.ts restore': [blockId],
  'blocks/[blockId]/actions.ts proposeBalance': [blockId],
  'blocks/[blockId]/actions.ts recall': [blockId, 3],
  'blocks/[blockId]/actions.ts revision': [blockId, 0],
  'blocks/[blockId]/actions.ts reasons': [blockId, 3],
  'blocks/[blockId]/actions.ts reload': [blockId, null],
  'blocks/[blockId]/actions.ts saveTemplate': [blockId, 'Taken'],
  'blocks/[blockId]/actions.ts issue': [blockId, 4, 0],
  'blocks/[blockId]/actions.ts answer': [
    blockId,
    [],
    { revision: 0, athleteRevision: 0, exercises: 0, issued: [], readAt: '2026-11-24T10:00:00Z' },
  ],
  'blocks/[blockId]/actions.ts save': [blockId, 0, []],
  'blocks/[blockId]/done/[workoutId]/actions.ts enter': [
    { issuedWeekId: blockId, sessionId: 'a' },
    {
      id: 'x',
      slotId: 's',
      setId: 'work-1',
      exerciseId: 'leg-press',
      load: { value: 1, unit: 'kg' },
      reps: 1,
      rir: 1,
      at: '2026-11-24T10:00:00Z',
      supersedes: null,
      localDate: '2026-11-24',
    },
  ],
  'athletes/[athleteId]/actions.ts changeBlockState': [blockId, 'archive'],
  'athletes/[athleteId]/actions.ts moveBlockStart': [blockId, '2026-12-07'],
  'athletes/[athleteId]/actions.ts copy': [blockId, 'Taken', '2026-11-30'],
  'blocks/[blockId]/actions.ts close': [blockId, 3, true],
  'desk/actions.ts applyOption': [blockId, 'x', null],
  'desk/actions.ts answer': [blockId, [{ id: 'x', outcome: 'accepted', choice: null }]],
  'desk/actions.ts markAllPainSeen': [athleteId],
  'desk/actions.ts applyRoutine': [[blockId]],
  'desk/actions.ts routineLines': [blockId],
  'desk/actions.ts undoAnswers': [blockId, ['x']],
  'desk/actions.ts sendWeeks': [[{ blockId, week: 3 }], ''],
  'desk/actions.ts recall': [blockId, 3],
  'athletes/[athleteId]/actions.ts saveWeekNote': [blockId, 3, 'Hello'],
  'athletes/[athleteId]/actions.ts markPainSeen': [athleteId, 'w'],
  'athletes/[athleteId]/actions.ts settleRefused': [athleteId, 'x'],
  'blocks/new/actions.ts design': [blockId],
  'blocks/new/actions.ts start': [athleteId, { kind: 'empty' }, settings],
  'library/actions.ts save': [{}],
  'library/actions.ts share': ['x', true],
  'templates/actions.ts share': [blockId, true],
  'library/actions.ts findUses': ['leg-press'],
  'library/actions.ts rename': ['leg-press', 'Taken'],
  'library/actions.ts setShares': ['leg-press', { quads: 1, glutes: 0.5 }],
  'library/actions.ts adoptInBlocks': [[blockId], { id: 'leg-press', revision: 1 }],
  'templates/actions.ts savePrerequisites': [blockId, [{ exerciseId: 'pull-up', reps: 8 }]],
  'templates/actions.ts remove': [blockId],
  'templates/actions.ts rename': [blockId, 'Taken'],
});

const COACHS = '(coach)/';

/** The coach's actions, each with its key in `asked`. */
export const COACHS_ACTIONS = ACTIONS.filter(({ filename }) => filename.includes(COACHS)).map((action) => ({
  ...action,
  key: `${action.filename.split(COACHS)[1]} ${action.name}`,
}));

/** The coach's pages or routes, filled in with an athlete and one of their blocks. */
export function coachsPaths(kind: 'page' | 'route', athleteId: string, blockId: string): readonly string[] {
  return ROUTES.filter((route) => route.startsWith('/(coach)/') && route.endsWith(`/${kind}`)).map((route) =>
    filled(route.replace('/(coach)', '').replace(new RegExp(`/${kind}$`), ''), athleteId, blockId),
  );
}

function filled(path: string, athleteId: string, blockId: string): string {
  return path
    .replace('[athleteId]', athleteId)
    .replace('[blockId]', blockId)
    .replace('[week]', '3')
    .replace('[name]', 'everything.json')
    .replace('[workoutId]', 'w')
    .replace('[templateId]', 'x');
}

/** The page from which a coach's action is called. */
export function placeOf(key: string, athleteId: string, blockId: string): string {
  const [file = ''] = key.split(' ');
  return filled(`/${file}`, athleteId, blockId)
    .replace(/\/(?:actions|learning)\.ts$/, '')
    .replace('/find.ts', '/desk');
}

/** Escapes text that the framework would read as one of its own markers, the way its pages do. */
const marked = (_: string, value: unknown) =>
  typeof value === 'string' && value.startsWith('$') ? `$${value}` : value;

/** Calls an action the way a page of this server does. */
export function call(
  request: APIRequestContext,
  { id, origin, path, given }: { id: string; origin: string; path: string; given: unknown },
): Promise<APIResponse> {
  return request.post(path, {
    headers: {
      origin,
      'next-action': id,
      'content-type': 'text/plain;charset=UTF-8',
      accept: 'text/x-component',
    },
    data: JSON.stringify(given, marked),
    maxRedirects: 0,
  });
}
