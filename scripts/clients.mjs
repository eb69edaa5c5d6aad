// Phones that log sets and coaches who edit, through the same endpoints as real pages. Each repeats a request until
// it gets an answer and records what was acknowledged: at the end this history is compared with the database.
import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import mysql from 'mysql2/promise';
import { ROOT } from './machine.mjs';

const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const PATIENCE_MS = 8_000;
const DAY_MS = 86_400_000;

/** The address of an action, by its name and source file. */
function actionId(file, name) {
  const manifest = JSON.parse(
    readFileSync(join(ROOT, '.next', 'server', 'server-reference-manifest.json'), 'utf8'),
  );
  const [id] = Object.entries(manifest.node).find(
    ([, one]) => one.exportedName === name && one.filename.endsWith(file),
  ) ?? [undefined];
  if (id === undefined) throw new Error(`There is no action ${name} in ${file}.`);
  return id;
}

/** Writes a session of a demo coach, and a phone for each athlete in training, straight into the database. */
export async function letIn(url, email) {
  const db = await mysql.createConnection({ uri: url, jsonStrings: true });
  const token = () => randomBytes(32).toString('base64url');
  const digest = (text) => createHash('sha256').update(text).digest('hex');
  // Longer than any simulated clock error.
  const later = new Date(Date.now() + 20 * DAY_MS);
  const [rows] = await db.query(
    `SELECT c.id AS coachId, b.athlete_id AS athleteId, b.id AS blockId, b.revision, i.id AS issuedWeekId, i.snapshot
     FROM coaches c JOIN blocks b ON b.coach_id = c.id JOIN issued_weeks i ON i.block_id = b.id
     WHERE c.email = ? AND i.week = (SELECT MAX(l.week) FROM issued_weeks l WHERE l.block_id = b.id) ORDER BY b.id`,
    [email],
  );
  const session = token();
  await db.query(
    'INSERT INTO sign_ins (token_hash, coach_id, expires_at, awaits_code, tries, begun_at, seen_at) VALUES (?, ?, ?, FALSE, 0, NOW(3), NOW(3))',
    [digest(session), rows[0].coachId, later],
  );
  const homes = [];
  for (const { snapshot, ...home } of rows) {
    const phone = token();
    await db.query(
      'INSERT INTO phones (id, coach_id, athlete_id, token_hash, name, created_at, seen_at, expires_at) VALUES (?, ?, ?, ?, ?, NOW(3), NOW(3), ?)',
      [randomUUID(), home.coachId, home.athleteId, digest(phone), 'a phone', later],
    );
    homes.push({ ...home, session, phone, plan: JSON.parse(snapshot).plan.sessions[0] });
  }
  await db.end();
  return homes;
}

/** A client that sends until it is stopped. What was acknowledged is in `stands`, by id. */
class Client {
  constructor(name, addresses, cookie) {
    this.name = name;
    this.addresses = addresses;
    this.cookie = cookie;
    this.stands = new Map();
    this.sent = new Set();
    this.refused = 0;
    this.unanswered = 0;
    this.waits = [];
    /** Characters of the longest response. */
    this.longest = 0;
    this.isOver = false;
  }

  /** Sends a request to one of the servers; undefined if none answers in time or the answer is not one. */
  async ask(path, init) {
    const address = this.addresses[Math.floor(Math.random() * this.addresses.length)]();
    const origin = new URL(address).origin;
    try {
      const answer = await fetch(`${address}${path}`, {
        ...init,
        method: 'POST',
        redirect: 'manual',
        headers: { ...init.headers, cookie: this.cookie, origin },
        signal: AbortSignal.timeout(PATIENCE_MS),
      });
      if (!answer.ok) return undefined;
      const text = await answer.text();
      this.longest = Math.max(this.longest, text.length);
      return text;
    } catch {
      return undefined;
    }
  }

  /** Until stopped: creates something and sends it until it is acknowledged or refused. */
  async run() {
    while (!this.isOver) {
      const made = this.make();
      this.sent.add(made.id);
      const begun = Date.now();
      for (let times = 0; ; times++) {
        const said = await this.send(made);
        if (said === 'stands') this.stands.set(made.id, made);
        if (said === 'refused') this.refused++;
        if (said !== undefined) break;
        this.unanswered++;
        // At the end the last request gets as long as a person would wait.
        if (this.isOver && times > 60) break;
        await sleep(100 + Math.random() * 300);
      }
      this.waits.push(Date.now() - begun);
    }
  }
}

/** Logs sets of one session one after another; some of them correct the previous one. */
export class Phone extends Client {
  /** @param off milliseconds by which its clock is wrong */
  constructor(name, addresses, home, off = 0) {
    super(name, addresses, `ladder_phone=${home.phone}`);
    this.home = home;
    this.off = off;
    this.count = 0;
  }

  make() {
    const { plan } = this.home;
    const slot = plan.slots[this.count % plan.slots.length];
    const set = slot.sets[this.count % slot.sets.length];
    this.count++;
    return {
      id: randomUUID(),
      slotId: slot.slotId,
      setId: set.id,
      exerciseId: slot.exerciseId,
      load: { value: 20 + (this.count % 100) / 2, unit: 'kg' },
      reps: 1 + (this.count % 20),
      rir: 2,
      at: new Date(Date.now() + this.off).toISOString(),
      supersedes: null,
    };
  }

  async send(set) {
    const { issuedWeekId, plan } = this.home;
    const text = await this.ask('/training/log', {
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({
        ref: { issuedWeekId, sessionId: plan.sessionId },
        outgoing: {
          localDate: new Date().toISOString().slice(0, 10),
          sets: [set],
          finish: false,
          soreness: [],
          ramps: [],
          notes: [],
        },
      }),
    });
    const said = text === undefined ? {} : JSON.parse(text);
    if (said.status === 'taken') return said.refused.length === 0 ? 'stands' : 'refused';
    return said.status === 'gone' || said.status === 'malformed' ? 'refused' : undefined;
  }
}

/** Changes the rest of its own slot again and again, from the revision it knows. */
export class Coach extends Client {
  constructor(name, addresses, home, at) {
    super(name, addresses, `ladder_sign_in=${home.session}`);
    this.home = home;
    this.slot = home.plan.slots[at % home.plan.slots.length].slotId;
    this.base = home.revision;
    this.count = 0;
    this.action = actionId('(coach)/blocks/[blockId]/actions.ts', 'save');
  }

  make() {
    this.count++;
    return {
      id: randomUUID(),
      action: 'do',
      edit: { kind: 'slot/set', slot: this.slot, field: 'rest', value: 60 + (this.count % 200) },
    };
  }

  async send(step) {
    const { blockId } = this.home;
    const text = await this.ask(`/blocks/${blockId}`, {
      headers: {
        'next-action': this.action,
        'content-type': 'text/plain;charset=UTF-8',
        accept: 'text/x-component',
      },
      body: JSON.stringify([blockId, this.base, [step]]),
    });
    const told = /^1:(.*)$/m.exec(text ?? '')?.[1];
    if (told === undefined) return undefined;
    const said = JSON.parse(told);
    if (said.revision !== undefined) this.base = said.revision;
    if (said.status === 'saved') return 'stands';
    // Somebody else changed the same field, so the same change is made again from the new revision.
    if (said.status === 'collision') return undefined;
    return said.status === 'unavailable' ? undefined : 'refused';
  }
}

/** Compares what clients were told with what the database holds. */
export async function judged(url, phones, coaches) {
  const db = await mysql.createConnection({ uri: url, jsonStrings: true });
  const problems = [];
  const told = phones.flatMap(({ stands }) => [...stands.values()]);
  const sent = new Set(phones.flatMap((phone) => [...phone.sent]));
  const [sets] = await db.query('SELECT id, reps, load_value AS value FROM logged_sets');
  const byId = new Map(sets.map((row) => [row.id, row]));
  for (const { id, reps, load } of told) {
    const row = byId.get(id);
    if (row === undefined) problems.push(`lost: the set ${id}`);
    else if (row.reps !== reps || Number(row.value) !== load.value) problems.push(`changed: the set ${id}`);
  }
  const stored = sets.filter(({ id }) => sent.has(id)).length;
  let steps = 0;
  for (const home of new Map(coaches.map((one) => [one.home.blockId, one.home])).values()) {
    const [rows] = await db.query(
      'SELECT revision, edit_id AS editId, edit FROM block_revisions WHERE block_id = ? ORDER BY revision',
      [home.blockId],
    );
    const [[block]] = await db.query('SELECT revision, document FROM blocks WHERE id = ?', [home.blockId]);
    const count = new Map();
    for (const { editId } of rows) count.set(editId, (count.get(editId) ?? 0) + 1);
    for (const coach of coaches.filter((one) => one.home.blockId === home.blockId))
      for (const id of coach.stands.keys()) {
        steps++;
        if (count.get(id) === undefined) problems.push(`lost: the step ${id}`);
      }
    for (const [id, times] of count) if (times > 1) problems.push(`doubled: the step ${id}, ${times} times`);
    rows.forEach(({ revision }, at) => {
      if (revision !== rows[0].revision + at) problems.push(`a gap before revision ${revision}`);
    });
    const last = rows.at(-1);
    if (last !== undefined && last.revision !== block.revision)
      problems.push('the block is not at its last revision');
    const rests = new Map(
      JSON.parse(block.document).sessions.flatMap(({ slots }) => slots.map(({ id, rest }) => [id, rest])),
    );
    const said = new Map(
      rows
        .map(({ edit }) => JSON.parse(edit))
        .filter(({ field }) => field === 'rest')
        .map(({ slot, value }) => [slot, value]),
    );
    for (const [slot, rest] of said)
      if (rests.get(slot) !== rest) problems.push(`the block is not what its steps say: the rest of ${slot}`);
  }
  await db.end();
  return { problems, sets: told.length, stored, steps };
}

/** Deletes a set and a step, so that the judge must report them missing. */
export async function takeAway(url, setId, stepId) {
  const db = await mysql.createConnection(url);
  await db.query('DELETE FROM logged_sets WHERE id = ?', [setId ?? '']);
  await db.query('DELETE FROM block_revisions WHERE edit_id = ?', [stepId ?? '']);
  await db.end();
}
