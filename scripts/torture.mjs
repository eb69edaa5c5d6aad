// npm run torture [-- --rounds N] [--fault NAME] [--cluster]: phones log and coaches edit on two servers while
// databases and servers are killed, the network is cut, slowed and silenced, the disk fills up and clocks are wrong.
// At the end everything acknowledged is compared with the database.
import { join } from 'node:path';
import { Coach, judged, letIn, Phone, takeAway } from './clients.mjs';
import { Cluster } from './cluster-nodes.mjs';
import { Database } from './database.mjs';
import { DATA, ensureBuild, ensurePackages, say } from './machine.mjs';
import { startServer } from './server.mjs';
import { faultsOn, faultsOnCluster, smallDisk, wireTo } from './torture-faults.mjs';
import { option } from './which-database.mjs';

const ROUNDS = Number(option('--rounds') ?? 80);
/** A single fault by name. */
const ONLY = option('--fault');
const SERVERS = 2;
const PHONES = 6;
const COACHES = 3;
const COACH = { email: 'torture@example.org' };
/** How wrong a phone's clock is: some are right, others days ahead or behind. */
const clockOf = (at) => ((at % 3) - 1) * 2 * 86_400_000;
const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

await ensurePackages();
const isCluster = process.argv.includes('--cluster');
const home = isCluster ? 'torture' : join(DATA, 'torture');
const Kind = isCluster ? Cluster : Database;
const disk = isCluster ? undefined : smallDisk(home);
if (isCluster) Cluster.erase(home);
else if (disk === undefined) say('Nothing may be mounted here: the disk is never full.');
const database = new Kind(home);
const servers = [];
let wire;
let problems = ['it did not run to its end'];
try {
  await database.start();
  await database.command('migrate');
  await database.command('seed', COACH.email);
  await ensureBuild();
  wire = isCluster ? undefined : await wireTo(database.port);
  // With a single database the servers connect through a proxy that can be cut.
  const databaseUrl = wire === undefined ? database.url : database.url.replace(/:\d+\//, `:${wire.port}/`);
  const begin = async (env = {}) => startServer({ databaseUrl, silent: true, env });
  for (let at = 0; at < SERVERS; at++) servers.push(await begin());
  const restart = async (one, env) => Object.assign(one, await begin(env));

  // The judge reads the database directly; in a cluster the first node, which holds what all hold.
  const straight = isCluster ? database.nodes[0].url : database.url;
  const homes = await letIn(straight, COACH.email);
  const homeOf = (at) => homes[at % homes.length];
  const addresses = servers.map((one) => () => one.address);
  const phones = Array.from(
    { length: PHONES },
    (_, at) => new Phone(`phone ${at}`, addresses, homeOf(at), clockOf(at)),
  );
  const coaches = Array.from(
    { length: COACHES },
    (_, at) => new Coach(`coach ${at}`, addresses, homeOf(at), at),
  );
  const clients = [...phones, ...coaches];
  const running = clients.map((client) => client.run());
  const standing = () => clients.reduce((sum, { stands }) => sum + stands.size, 0);
  await sleep(2000);

  const faults = isCluster
    ? faultsOnCluster({ cluster: database, servers, restart })
    : faultsOn({ database, servers, wire, disk, restart });
  const names = Object.keys(faults).filter((name) => ONLY === undefined || name === ONLY);
  if (names.length === 0) throw new Error(`The faults are: ${Object.keys(faults).join(', ')}.`);
  const did = new Map();
  const recovery = [];
  for (let round = 0; round < ROUNDS; round++) {
    const name = names[round % names.length];
    await faults[name]();
    did.set(name, (did.get(name) ?? 0) + 1);
    const before = standing();
    const mended = Date.now();
    while (standing() === before && Date.now() - mended < 60_000) await sleep(20);
    recovery.push(Date.now() - mended);
    await sleep(500);
  }
  for (const client of clients) client.isOver = true;
  await Promise.all(running);

  const found = await judged(straight, phones, coaches);
  problems = found.problems;
  // Checks the judge itself: what is deleted behind its back must be reported missing.
  const [aSet, aStep] = [phones, coaches].map((some) => some.flatMap(({ stands }) => [...stands.keys()])[0]);
  await takeAway(straight, aSet, aStep);
  const seen = (await judged(straight, phones, coaches)).problems;
  for (const taken of [aSet, aStep])
    if (!seen.some((problem) => problem.startsWith('lost') && problem.includes(taken)))
      problems = [...problems, 'the judge is blind'];
  if (recovery.some((ms) => ms >= 60_000))
    problems = [...problems, 'it did not come back by itself within a minute'];
  const unanswered = clients.reduce((sum, one) => sum + one.unanswered, 0);
  const refused = clients.reduce((sum, one) => sum + one.refused, 0);
  const sorted = [...recovery].sort((a, b) => a - b);
  const longest = Math.max(...clients.flatMap(({ waits }) => waits));
  say([...did].map(([name, times]) => `${name} ${times}×`).join(', '));
  say(
    `${found.sets} sets and ${found.steps} steps were said to stand; ${unanswered} sendings had no answer, ${refused} were refused.`,
  );
  say(
    `Back after a fault was mended: half within ${sorted[Math.floor(sorted.length / 2)]} ms, all within ${sorted.at(-1)} ms; the longest that one thing waited: ${longest} ms.`,
  );
  if (found.sets === 0 || found.steps === 0) problems = [...problems, 'nothing was said to stand'];
} catch (error) {
  console.error(error);
} finally {
  for (const server of servers) await server.stop();
  wire?.close();
  await database.stop();
  disk?.unmount();
}
for (const problem of problems.slice(0, 40)) say(problem);
say(`${problems.length} lost, doubled or broken`);
process.exit(problems.length === 0 ? 0 : 1);
