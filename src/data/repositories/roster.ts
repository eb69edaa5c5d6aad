import { QueryTypes } from 'sequelize';
import type {
  Athlete,
  BlockState,
  BlockStatus,
  LocalDate,
  Proposal,
  SessionNote,
  SharedBy,
  WatchCall,
} from '@/core';
import { decodeBlockStatus, decodeProposal, decodeWatchCall } from '@/core/codecs';
import type { Asker } from '../asker';
import { database } from '../database';
import { OWN_FIRST } from './current-blocks';
import { stored } from './stored';
import { notesOf } from './stored-log';

/** Athletes shared with the asker, by id; see `shownTo`. */
export type SharedAthletes = ReadonlyMap<string, SharedBy>;

const NONE: SharedAthletes = new Map();

/** Restricts a query to the asker's rows and those of athletes shared with them. */
function within(asker: Asker, shown: readonly string[]) {
  return {
    replacements: { coachId: asker.coachId, shown },
    /** SQL, given the columns for coach and athlete. */
    mine: (coach: string, athlete: string) =>
      shown.length === 0 ? `${coach} = :coachId` : `(${coach} = :coachId OR ${athlete} IN (:shown))`,
  };
}

const fullyShared = (shown: SharedAthletes) =>
  [...shown].filter(([, { may }]) => may === 'full').map(([id]) => id);

/** A block in the roster. */
export interface RosterBlock {
  readonly id: string;
  readonly name: string;
  readonly state: BlockState;
  /** Building weeks. */
  readonly weeks: number;
  /** Its state; null until first computed. */
  readonly standing: BlockStatus | null;
  /** ISO time of the last logged set. */
  readonly lastLog: string | null;
}

/** A line of the roster. */
export interface RosterLine {
  readonly athleteId: string;
  readonly name: string;
  readonly level: Athlete['level'];
  readonly phases: Athlete['phases'];
  readonly timeZone: string;
  readonly archived: boolean;
  /** The athlete's coach; null: the asker. */
  readonly shared: SharedBy | null;
  /** Their current block: the running one, otherwise a planned one, otherwise the last finished. */
  readonly block: RosterBlock | null;
  /** Number of their other blocks that are not archived. */
  readonly others: number;
}

interface AthleteFacts {
  id: string;
  name: string;
  level: Athlete['level'];
  phases: string;
  timeZone: string;
  archived: number;
}

interface BlockRow {
  id: string;
  athleteId: string;
  name: string;
  weeks: number;
  state: BlockState | null;
  facts: string | null;
  lastLog: Date | null;
  many: number;
}

/** A coach's own and shared athletes with their states, by name: two queries for any number. */
export async function roster(asker: Asker, shown: SharedAthletes = NONE): Promise<readonly RosterLine[]> {
  const { replacements, mine } = within(asker, [...shown.keys()]);
  const [athletes, blocks] = await Promise.all([
    database().query<AthleteFacts>(
      `SELECT id, name, JSON_VALUE(facts, '$.level') AS level, JSON_QUERY(facts, '$.phases') AS phases,
         JSON_VALUE(facts, '$.timeZone') AS timeZone, archived_at IS NOT NULL AS archived
       FROM athletes WHERE ${mine('coach_id', 'id')} ORDER BY name`,
      { type: QueryTypes.SELECT, replacements },
    ),
    database().query<BlockRow>(
      `WITH theirs AS (
         SELECT b.id, COUNT(*) OVER (PARTITION BY b.athlete_id) AS many,
           ROW_NUMBER() OVER (PARTITION BY b.athlete_id ORDER BY ${OWN_FIRST}) AS nth
         FROM blocks b LEFT JOIN standings s ON s.block_id = b.id
         WHERE ${mine('b.coach_id', 'b.athlete_id')} AND b.archived_at IS NULL AND b.deleted_at IS NULL)
       SELECT b.id, b.athlete_id AS athleteId, b.name, b.weeks, s.state, s.facts, s.last_log_at AS lastLog, t.many
       FROM theirs t JOIN blocks b ON b.id = t.id LEFT JOIN standings s ON s.block_id = t.id
       WHERE t.nth = 1`,
      { type: QueryTypes.SELECT, replacements },
    ),
  ]);
  const own = new Map(blocks.map((row) => [row.athleteId, row]));
  return athletes.map((row) => {
    const block = own.get(row.id);
    return {
      athleteId: row.id,
      name: row.name,
      level: row.level,
      phases: JSON.parse(row.phases) as Athlete['phases'],
      timeZone: row.timeZone,
      archived: Number(row.archived) === 1,
      shared: shown.get(row.id) ?? null,
      block: block === undefined ? null : blockFrom(block),
      others: block === undefined ? 0 : Number(block.many) - 1,
    };
  });
}

function blockFrom(row: BlockRow): RosterBlock {
  return {
    id: row.id,
    name: row.name,
    state: row.state ?? 'planned',
    weeks: Number(row.weeks),
    standing: row.facts === null ? null : stored('where a block stands', decodeBlockStatus, row.facts),
    lastLog: row.lastLog === null ? null : new Date(row.lastLog).toISOString(),
  };
}

/** Everything on the roster that waits for the coach. */
export interface Waiting {
  /** Alerts, and proposals that are not routine: the most urgent ones. */
  readonly calls: readonly {
    readonly athleteId: string;
    readonly blockId: string;
    readonly call: WatchCall | Proposal;
  }[];
  /** Number of waiting items per athlete, listed or not. */
  readonly counts: ReadonlyMap<string, number>;
  /** Routine loads and sets, counted per athlete. */
  readonly routine: readonly {
    readonly athleteId: string;
    readonly blockId: string;
    readonly week: number;
    readonly loads: number;
    readonly sets: number;
  }[];
  /** Sessions with reported pain not marked as seen, latest first. */
  readonly pains: readonly {
    readonly athleteId: string;
    readonly date: LocalDate;
    readonly notes: readonly SessionNote[];
  }[];
  /** Sets of phones that the server refused. */
  readonly refused: readonly { readonly athleteId: string; readonly count: number }[];
}

/** Waiting items of a block, counted. */
interface PendingRow {
  athleteId: string;
  blockId: string;
  /** The last week with routine changes; null if there are none. */
  week: number | null;
  loads: string;
  sets: string;
  behind: string;
  calls: number;
}

/** Most alerts listed at once: more than anybody answers in one go. The next ones follow as they are answered. */
const MOST_CALLS = 150;

/**
 * Everything that waits for the coach, including athletes fully shared with them: four queries for any number of
 * athletes.
 * @param urgency kinds of calls, most urgent first
 */
export async function waiting(
  asker: Asker,
  urgency: readonly string[],
  shown: SharedAthletes = NONE,
): Promise<Waiting> {
  const { replacements, mine } = within(asker, fullyShared(shown));
  const select = { type: QueryTypes.SELECT as const, replacements: { ...replacements, urgency } };
  const [calls, pending, pains, refused] = await Promise.all([
    database().query<{ athleteId: string; blockId: string; source: 'log' | 'day'; proposal: string }>(
      `WITH urgent AS (
         SELECT c.block_id, c.id, ROW_NUMBER() OVER (
           ORDER BY FIELD(SUBSTRING_INDEX(c.subject, '/', 1), :urgency), a.name, c.id) AS nth
         FROM calls c JOIN athletes a ON a.id = c.athlete_id AND a.archived_at IS NULL
         WHERE ${mine('c.coach_id', 'c.athlete_id')} AND c.status = 'pending'
           AND c.subject NOT LIKE 'load/%' AND c.subject NOT LIKE 'sets/%'
         ORDER BY nth LIMIT ${MOST_CALLS})
       SELECT c.athlete_id AS athleteId, c.block_id AS blockId, c.source, c.proposal
       FROM urgent u JOIN calls c ON c.block_id = u.block_id AND c.id = u.id ORDER BY u.nth`,
      select,
    ),
    database().query<PendingRow>(
      `SELECT athlete_id AS athleteId, block_id AS blockId,
         MAX(CASE WHEN subject LIKE 'load/%' OR subject LIKE 'sets/%' THEN week END) AS week,
         SUM(subject LIKE 'load/%') AS loads, SUM(subject LIKE 'sets/%') AS sets,
         SUM(subject LIKE 'recover/%') AS behind, COUNT(*) AS calls
       FROM calls WHERE ${mine('coach_id', 'athlete_id')} AND status = 'pending' GROUP BY athlete_id, block_id`,
      select,
    ),
    database().query<{ athleteId: string; date: string; notes: string }>(
      `SELECT b.athlete_id AS athleteId, DATE_FORMAT(w.local_date, '%Y-%m-%d') AS date, w.notes
       FROM workouts w JOIN blocks b ON b.id = w.block_id
       WHERE ${mine('w.coach_id', 'b.athlete_id')} AND w.hurt_at IS NOT NULL AND (w.hurt_seen_at IS NULL OR w.hurt_seen_at < w.hurt_at)
       ORDER BY w.hurt_at DESC LIMIT ${MOST_CALLS}`,
      select,
    ),
    database().query<{ athleteId: string; count: number }>(
      `SELECT athlete_id AS athleteId, COUNT(*) AS count FROM refused_items
       WHERE ${mine('coach_id', 'athlete_id')} AND settled_at IS NULL GROUP BY athlete_id`,
      select,
    ),
  ]);
  const waits = new Map<string, number>();
  const wait = (athleteId: string, things: number) =>
    waits.set(athleteId, (waits.get(athleteId) ?? 0) + things);
  const routine = pending.map(({ athleteId, blockId, week, ...counted }) => {
    const [loads, sets, behind, all] = [counted.loads, counted.sets, counted.behind, counted.calls].map(
      Number,
    ) as [number, number, number, number];
    // A block's routine changes count as one item, and so do its muscles below target twice.
    wait(athleteId, Math.min(loads + sets, 1) + Math.min(behind, 1) + all - loads - sets - behind);
    return { athleteId, blockId, week: Number(week), loads, sets };
  });
  const hurt = new Set(pains.map(({ athleteId }) => athleteId));
  for (const athleteId of [...hurt, ...refused.map((one) => one.athleteId)]) wait(athleteId, 1);
  return {
    counts: waits,
    calls: calls.map(({ athleteId, blockId, source, proposal }) => ({
      athleteId,
      blockId,
      call:
        source === 'day'
          ? stored('a call', decodeWatchCall, proposal)
          : stored('a call', decodeProposal, proposal),
    })),
    routine: routine.filter(({ loads, sets }) => loads + sets > 0),
    pains: pains.map(({ athleteId, date, notes }) => ({ athleteId, date, notes: notesOf({ notes }) })),
    refused: refused.map(({ athleteId, count }) => ({ athleteId, count: Number(count) })),
  };
}

/** A recent answer, for undoing it. */
export interface GivenAnswer {
  readonly id: string;
  readonly blockId: string;
  readonly athleteId: string;
  readonly outcome: 'accepted' | 'changed' | 'declined';
  readonly at: string;
  readonly byRule: boolean;
  readonly call: WatchCall | Proposal;
  /** The chosen option of an alert. */
  readonly option: string | null;
}

const MOST_GIVEN = 200;

/** Answers since an instant, latest first: by the coach, and by athletes' settings. */
export async function answersSince(
  asker: Asker,
  since: Date,
  shown: SharedAthletes = NONE,
): Promise<readonly GivenAnswer[]> {
  const { replacements, mine } = within(asker, fullyShared(shown));
  const rows = await database().query<{
    id: string;
    blockId: string;
    athleteId: string;
    status: GivenAnswer['outcome'];
    answeredAt: Date;
    byRule: number;
    source: 'log' | 'day';
    proposal: string;
    choice: string | null;
  }>(
    `SELECT id, block_id AS blockId, athlete_id AS athleteId, status, answered_at AS answeredAt, by_rule AS byRule,
       source, proposal, choice
     FROM calls WHERE ${mine('coach_id', 'athlete_id')} AND status <> 'pending' AND answered_at >= :since
     ORDER BY answered_at DESC LIMIT ${MOST_GIVEN}`,
    { type: QueryTypes.SELECT, replacements: { ...replacements, since } },
  );
  return rows.map((row) => ({
    id: row.id,
    blockId: row.blockId,
    athleteId: row.athleteId,
    outcome: row.status,
    at: new Date(row.answeredAt).toISOString(),
    byRule: Number(row.byRule) === 1,
    call:
      row.source === 'day'
        ? stored('a call', decodeWatchCall, row.proposal)
        : stored('a call', decodeProposal, row.proposal),
    option: row.source === 'day' && row.choice !== null ? (JSON.parse(row.choice) as string) : null,
  }));
}
