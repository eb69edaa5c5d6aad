// What goes wrong: the database killed, a server killed, the network between them cut, slow or dead. Each is done, lasts a
// while, and is mended.
import { connect, createServer } from 'node:net';

const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** A wire between the servers and the database that can be cut, slowed and silenced. */
export async function wireTo(port) {
  const wire = { port: 0, delay: 0, isSilent: false, isCut: false };
  const open = new Set();
  const server = createServer((near) => {
    if (wire.isCut) return near.destroy();
    const far = connect(port, '127.0.0.1');
    const both = { near, far };
    open.add(both);
    const end = () => {
      open.delete(both);
      near.destroy();
      far.destroy();
    };
    const carry = (from, to) => {
      from.on('data', (bytes) => {
        if (wire.isSilent) return;
        if (wire.delay === 0) to.write(bytes);
        else setTimeout(() => to.write(bytes), wire.delay);
      });
      from.on('close', end);
      from.on('error', end);
    };
    carry(near, far);
    carry(far, near);
  });
  await new Promise((resolve) => server.listen(0, '127.0.0.1', resolve));
  wire.port = server.address().port;
  wire.cut = () => {
    for (const { near, far } of open) {
      near.destroy();
      far.destroy();
    }
  };
  wire.close = () => {
    wire.cut();
    server.close();
  };
  return wire;
}

/** The faults by name: each does its worst, waits, and mends it. */
export function faultsOn({ database, servers, wire, restart }) {
  const some = () => 200 + Math.random() * 1300;
  const any = () => servers[Math.floor(Math.random() * servers.length)];
  return {
    'database killed': async () => {
      await database.kill();
      await sleep(some());
      await database.start();
    },
    'server killed': async () => {
      const one = any();
      one.child.kill('SIGKILL');
      await sleep(some());
      await restart(one);
    },
    'both killed': async () => {
      const one = any();
      one.child.kill('SIGKILL');
      await database.kill();
      await sleep(some());
      await database.start();
      await restart(one);
    },
    'network cut': async () => {
      wire.isCut = true;
      wire.cut();
      await sleep(some());
      wire.isCut = false;
    },
    'network slow': async () => {
      wire.delay = 150;
      await sleep(2 * some());
      wire.delay = 0;
    },
    'network silent': async () => {
      wire.isSilent = true;
      await sleep(2 * some());
      wire.isSilent = false;
      // What was swallowed does not come back: connections that missed some of it are of no use.
      wire.cut();
    },
  };
}

/** The faults of a cluster: nodes killed one after another and let back, one cut off while it runs, a server killed. */
export function faultsOnCluster({ cluster, servers, restart }) {
  const some = () => 500 + Math.random() * 2000;
  let at = 0;
  return {
    'node killed': async () => {
      at++;
      await cluster.kill(at);
      await sleep(some());
      await cluster.back(at);
    },
    'node cut off': async () => {
      at++;
      await cluster.isolate(at, true);
      await sleep(2 * some());
      await cluster.isolate(at, false);
    },
    'server killed': async () => {
      const one = servers[at % servers.length];
      one.child.kill('SIGKILL');
      await sleep(some());
      await restart(one);
    },
  };
}
