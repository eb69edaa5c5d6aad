import { QueryTypes } from 'sequelize';
import { catalogueWith, pageState } from '@/core';
import { athleteFile } from './archive/archive-out';
import { closeDatabase, database } from './database';
import { multiply } from './demo/multiply';
import { DEMO_COACH, seedDemo } from './demo/seed';
import { migrate } from './migrate';
import { listActivity, recordActivity } from './repositories/activity';
import { dayAnswers } from './repositories/alerts';
import { athleteNames, findAthlete, placesOf, saveAthlete } from './repositories/athletes';
import { listBlocks } from './repositories/block-list';
import { saveSteps } from './repositories/blocks';
import { calendarLinks, calendarOf } from './repositories/calendar-links';
import { pendingCalls } from './repositories/calls';
import { reloadTraining } from './repositories/changes';
import { coachByEmail, signIn } from './repositories/coaches';
import { entriesOf } from './repositories/entries';
import { exerciseUses } from './repositories/exercises';
import { importNames } from './repositories/import-names';
import { lastDoneElsewhere } from './repositories/last-done';
import { storeWork } from './repositories/logging';
import { findMeasurements } from './repositories/measurements';
import { ownExercises } from './repositories/own-exercises';
import { unseenPain } from './repositories/pain';
import { findPhone, inviteAthlete, listPhones, signInPhone } from './repositories/phones';
import { listRefused } from './repositories/refused-items';
import { findRevisions } from './repositories/revisions';
import { answersSince, roster, waiting } from './repositories/roster';
import { refreshChangedBlocks, refreshDueBlocks } from './repositories/rounds';
import { weekNotes } from './repositories/sending-weeks';
import { listSentWeeks } from './repositories/sent-weeks';
import { findSessionCoach, listSessions } from './repositories/sessions';
import { actingAs, listShares, sharedWith } from './repositories/sharing';
import { findExposures } from './repositories/strength';
import { findTeam } from './repositories/teams';
import { blocksToCopy, ownTemplates } from './repositories/templates';
import { findHistory, findTraining, newestIssued } from './repositories/training';
import { inSchema } from './testing/schema';

/** How many times one demo coach's data is copied. */
const TIMES = 60;
/** Tables that grow with use; scanning one takes longer each month. */
const GROWING = new Set([
  'athletes',
  'blocks',
  'block_revisions',
  'issued_weeks',
  'issued_before',
  'workouts',
  'logged_sets',
  'soreness_reports',
  'ramp_reports',
  'calls',
  'standings',
  'measurements',
  'check_ins',
  'deeds',
  'phones',
  'sign_ins',
  'exercises',
  'templates',
]);

/** Queries of screens, phones and background work. */
async function everything(): Promise<void> {
  const now = new Date();
  const asker = await coachByEmail(DEMO_COACH.email);
  const signedIn = await signIn(DEMO_COACH.email, DEMO_COACH.password, now);
  if (asker === undefined || signedIn.status !== 'signed in') throw new Error('nobody there');
  const coach = await findSessionCoach(signedIn.token, now);
  if (coach === undefined) throw new Error('no session');
  await listSessions(coach, signedIn.token, now);
  const shown = await sharedWith({ ...coach, isShown: true });
  await refreshChangedBlocks(coach, [...shown.keys()], now);
  const lines = await roster(coach, shown);
  await waiting(coach, ['pain'], shown);
  await answersSince(coach, new Date(0), shown);
  await athleteNames(coach);
  await placesOf(coach);
  await ownTemplates(coach);
  await blocksToCopy(coach);
  await findTeam(coach);
  await importNames(coach);
  await exerciseUses(coach, 'leg-press');
  const line = lines.find(({ name }) => name.startsWith('Maren'));
  const { athleteId = '', block } = line ?? {};
  const blockId = block?.id ?? '';
  await actingAs({ ...coach, isShown: true }, { blockId });
  const found = await findAthlete(coach, athleteId);
  const training = await findTraining(coach, blockId);
  if (found === undefined || training === undefined) throw new Error('no athlete');
  const own = await ownExercises(coach);
  for (const ask of [
    () => listBlocks(coach, athleteId),
    () => findMeasurements(coach, athleteId),
    () => listPhones(coach, athleteId, now),
    () => calendarLinks(coach, athleteId),
    () => listShares(coach, athleteId),
    () => listActivity(coach, athleteId),
    () => dayAnswers(coach, blockId),
    () => findExposures(coach, found.athlete, catalogueWith(own)),
    () => weekNotes(coach, blockId),
    () => unseenPain(coach, athleteId),
    () => listRefused(coach, athleteId),
    () => findHistory(coach, blockId),
    () => findRevisions(coach, blockId),
    () => pendingCalls(coach, blockId, now),
    () => newestIssued({ ...coach, athleteId }),
    () => reloadTraining(coach, blockId, pageState(training)),
    () => listSentWeeks(coach, blockId),
    () => lastDoneElsewhere(coach, athleteId, ['leg-press'], blockId),
    () => calendarOf(coach, athleteId),
    () => athleteFile(coach, athleteId),
    () => entriesOf(coach, training.log.workouts[0]?.id ?? ''),
    () => saveAthlete(coach, found.athlete, found.revision, now),
    () => recordActivity(coach, { blockId }, { what: 'measured', about: '' }, now),
  ] as (() => Promise<unknown>)[])
    await ask();
  const edit = { kind: 'block/set', field: 'name', value: 'Another' } as const;
  await saveSteps(coach, blockId, training.revision, [{ id: 'step-x', action: 'do', edit }], now);
  const invite = await inviteAthlete(coach, athleteId, now);
  const joined = await signInPhone(invite?.token ?? '', 'a phone', now);
  if (joined.status === 'joined') await findPhone(joined.token, now);
  const week = training.issued.at(-1);
  const session = week?.plan.sessions[0];
  await storeWork(
    coach,
    { issuedWeekId: week?.id ?? '', sessionId: session?.sessionId ?? '' },
    { localDate: '2026-11-27', sets: [], finish: true, soreness: [], ramps: [], notes: [] },
    now,
  );
  await refreshDueBlocks(now, undefined, false);
}

test('no query scans a table that grows', async () => {
  const before = process.env.DATABASE_URL ?? '';
  await inSchema(async ({ sequelize, url }) => {
    await closeDatabase();
    process.env.DATABASE_URL = url;
    await migrate();
    await seedDemo('2026-11-24', DEMO_COACH, false);
    await multiply(sequelize, TIMES);
    for (const table of GROWING) await sequelize.query(`ANALYZE TABLE \`${table}\``);
    const asked = new Map<string, string>();
    database().addHook('afterQuery', (_, query) => {
      const { sql } = query as unknown as { readonly sql: string };
      if (/^\s*(SELECT|WITH)/i.test(sql)) asked.set(sql.replace(/'[^']*'|\d+/g, '?'), sql);
    });
    await everything();
    expect(asked.size).toBeGreaterThan(80);
    const scans: string[] = [];
    for (const sql of asked.values()) {
      const plan = await sequelize.query<{ table: string; type: string; rows: string }>(`EXPLAIN ${sql}`, {
        type: QueryTypes.SELECT,
      });
      const aliases = new Map(
        [...sql.matchAll(/(?:FROM|JOIN)\s+`?(\w+)`?(?:\s+AS)?\s+`?(\w+)`?/gi)].map(
          ([, table = '', alias = '']) => [alias, table],
        ),
      );
      for (const { table, type, rows } of plan) {
        const named = aliases.get(table) ?? table;
        if ((type === 'ALL' || type === 'index') && GROWING.has(named) && Number(rows) > TIMES)
          scans.push(`${named} (${type}, ${rows}): ${sql.replace(/\s+/g, ' ').slice(0, 260)}`);
      }
    }
    expect(scans).toEqual([]);
    await closeDatabase();
  }).finally(() => {
    process.env.DATABASE_URL = before;
  });
}, 120_000);
