// Three nodes of a Galera cluster on loopback: a commit on one node is acknowledged once all nodes have it.
import { chmodSync, copyFileSync, existsSync, mkdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import mysql from 'mysql2/promise';
import { Database } from './database.mjs';
import { bin, ensurePrograms, freePort, run } from './machine.mjs';

const NODES = 3;
const PROVIDER = '/usr/lib/galera/libgalera_smm.so';
const READY_MS = 90_000;
const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

export class Cluster {
  /** @param name of its folder below the machine's temporary folders */
  constructor(name) {
    this.home = Cluster.homeOf(name);
    this.nodes = [];
  }

  static homeOf(name) {
    return join(tmpdir(), `dense-ladder-${name}`);
  }

  static erase(name) {
    Database.erase(Cluster.homeOf(name));
  }

  async start() {
    await ensurePrograms([
      { program: 'mariadbd', debian: 'mariadb-server' },
      { program: 'rsync', debian: 'rsync' },
      { program: 'lsof', debian: 'lsof' },
      { program: 'ip', debian: 'iproute2' },
    ]);
    if (!existsSync(PROVIDER)) throw new Error('Galera is missing: please install galera-4.');
    // A node run by root cannot send its state to another, so nodes run as the database's own user, who needs access
    // to the folder.
    mkdirSync(this.home, { recursive: true });
    chmodSync(this.home, 0o711);
    for (let at = 0; at < NODES; at++) {
      // Three ports each: group communication and the two transfers for a node that was away.
      const base = await freePort(0);
      const node = { base, sent: await freePort(0), whole: await freePort(0), isFirst: at === 0, args: [] };
      this.nodes.push(new Database(join(this.home, `node-${at + 1}`), { node }));
    }
    const [first, ...others] = this.nodes;
    await this.#begin(first, true);
    for (const other of others) {
      mkdirSync(other.home, { recursive: true, mode: 0o700 });
      for (const name of ['password', 'owner-password'])
        copyFileSync(join(first.home, name), join(other.home, name));
      await this.#begin(other, false);
    }
  }

  /** An address with all nodes, for the application. */
  get url() {
    return this.#urlOf(({ url }) => url);
  }

  get ownerUrl() {
    return this.#urlOf(({ ownerUrl }) => ownerUrl);
  }

  #urlOf(of) {
    const [first] = this.nodes;
    const all = this.nodes.map(({ port }) => `127.0.0.1:${port}`).join(',');
    return of(first).replace(/@[^/]+\//, `@${all}/`);
  }

  /** Runs one of the data commands (migrate, seed) on the cluster. */
  async command(...args) {
    const env = { ...process.env, DATABASE_URL: this.url, DATABASE_OWNER_URL: this.ownerUrl };
    const code = await run(bin('tsx'), ['src/data/command.ts', ...args], { env });
    if (code !== 0) throw new Error(`${args.join(' ')} failed.`);
  }

  /** Kills a node as a power cut would. */
  async kill(at) {
    await this.nodes[at % NODES].kill();
  }

  /** Restarts a node: another node sends it what it missed. */
  async back(at) {
    await this.#begin(this.nodes[at % NODES], false);
  }

  /** Cuts a running node off from the others, or reconnects it. */
  async isolate(at, isCut) {
    const node = this.nodes[at % NODES];
    const db = await mysql.createConnection({ socketPath: node.socket, user: node.adminName });
    await db.query(`SET GLOBAL wsrep_provider_options = 'gmcast.isolate=${isCut ? 1 : 0}'`);
    await db.end();
    if (!isCut) await this.#isReady(node);
  }

  async stop() {
    for (const node of [...this.nodes].reverse()) await node.stop();
  }

  async #begin(node, isNew) {
    const peers = isNew
      ? []
      : this.nodes.filter((one) => one !== node).map((one) => `127.0.0.1:${one.node.base}`);
    const { base, sent, whole } = node.node;
    node.node.isFirst = isNew;
    node.node.args = [
      '--wsrep-on=ON',
      `--wsrep-provider=${PROVIDER}`,
      '--wsrep-cluster-name=dense_ladder',
      `--wsrep-cluster-address=gcomm://${peers.join(',')}`,
      `--wsrep-node-address=127.0.0.1:${base}`,
      `--wsrep-provider-options=base_port=${base};gmcast.listen_addr=tcp://127.0.0.1:${base};ist.recv_addr=127.0.0.1:${sent}`,
      '--wsrep-sst-method=rsync',
      `--wsrep-sst-receive-address=127.0.0.1:${whole}`,
      '--binlog-format=ROW',
      '--innodb-autoinc-lock-mode=2',
      '--default-storage-engine=InnoDB',
    ];
    await node.start();
    await this.#isReady(node);
  }

  async #isReady(node) {
    for (let waited = 0; waited < READY_MS; waited += 200) {
      const db = await mysql
        .createConnection({ socketPath: node.socket, user: node.adminName })
        .catch(() => undefined);
      const [rows] = (await db?.query("SHOW STATUS LIKE 'wsrep_ready'").catch(() => [[]])) ?? [[]];
      await db?.end().catch(() => undefined);
      if (rows[0]?.Value === 'ON') return;
      await sleep(200);
    }
    throw new Error(`A node did not become ready; see ${join(node.home, 'mariadb.log')}.`);
  }
}
