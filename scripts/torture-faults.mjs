// Faults: database killed, server killed, network cut, slow or silent, disk full, clock shifted. Each is caused,
// lasts a while, and is repaired.
import { spawnSync } from 'node:child_process';
import { closeSync, mkdirSync, openSync, rmSync, writeSync } from 'node:fs';
import { connect, createServer } from 'node:net';
import { join } from 'node:path';

const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** A proxy between servers and database that can be cut, slowed and silenced. */
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

const DISK_MB = 700;
const MB = Buffer.alloc(1 << 20);

/** A small empty disk in memory for a folder, which can be filled up; undefined if mounting is not allowed. */
export function smallDisk(home) {
  // A run that was killed leaves its own mount behind.
  spawnSync('umount', ['-l', home]);
  rmSync(home, { recursive: true, force: true });
  mkdirSync(home, { recursive: true });
  const mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${DISK_MB}m`, 'tmpfs', home]);
  if (mounted.status !== 0) return undefined;
  const filler = join(home, 'filler');
  return {
    fill() {
      const file = openSync(filler, 'w');
      try {
        // Fills the disk to the last byte: large pieces first, then smaller ones.
        for (let size = MB.length; size >= 1; ) {
          try {
            writeSync(file, MB, 0, size);
          } catch {
            size >>= 1;
          }
        }
      } finally {
        closeSync(file);
      }
    },
    empty: () => rmSync(filler, { force: true }),
    unmount: () => spawnSync('umount', ['-l', home]),
  };
}

const MOVED_CLOCK = new URL('moved-clock.mjs', import.meta.url).href;
const DAY_MS = 86_400_000;

/** The faults by name: each is caused, waits, and is repaired. */
export function faultsOn({ database, servers, wire, disk, restart }) {
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
      // Swallowed bytes do not come back: connections that lost some are closed.
      wire.cut();
    },
    ...(disk === undefined
      ? {}
      : {
          'disk full': async () => {
            disk.fill();
            await sleep(4 * some());
            disk.empty();
            // A database that could not write has stopped itself; like a service manager, this restarts it.
            if (database.child.exitCode !== null || database.child.signalCode !== null)
              await database.start();
          },
        }),
    'clock moved': async () => {
      const one = any();
      one.child.kill('SIGKILL');
      // Two days ahead or behind, while the other server keeps correct time.
      await restart(one, {
        NODE_OPTIONS: `--import ${MOVED_CLOCK}`,
        CLOCK_MOVED_BY: String((Math.random() < 0.5 ? -2 : 2) * DAY_MS),
      });
      await sleep(2 * some());
      one.child.kill('SIGKILL');
      await restart(one);
    },
  };
}

/** Cluster faults: nodes killed in turn and restarted, one cut off while running, a server killed. */
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
