// npm run cluster: three nodes of the database and two servers of the application on loopback, with the demo's data.
import { Cluster } from './cluster-nodes.mjs';
import { ensureBuild, ensurePackages, say } from './machine.mjs';
import { startServer } from './server.mjs';

const SERVERS = 2;
const cluster = new Cluster('cluster');
const servers = [];
let ending = false;

async function end(code) {
  if (ending) return;
  ending = true;
  for (const server of servers) await server.stop();
  await cluster.stop();
  process.exit(code);
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => end(0));

try {
  await ensurePackages();
  Cluster.erase('cluster');
  await cluster.start();
  await cluster.command('migrate');
  await cluster.command('seed');
  await ensureBuild();
  for (let at = 0; at < SERVERS; at++)
    servers.push(
      await startServer({ databaseUrl: cluster.url, wish: Number(process.env.PORT ?? 3000) + at }),
    );
  say(`\n  Three nodes: ${cluster.nodes.map(({ port }) => `127.0.0.1:${port}`).join(', ')}`);
  say(
    `  Two servers; put any load balancer in front of them: ${servers.map(({ address }) => address).join(', ')}`,
  );
  say(
    '  Email:     coach@example.org\n  Password:  rung by rung\n  Ctrl-C stops it. Data is created again at each start.\n',
  );
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  await end(1);
}
