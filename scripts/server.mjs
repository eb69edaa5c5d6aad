// Starts the application server and waits until it answers.
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { bin, freePort, ROOT } from './machine.mjs';

const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** Starts the production server or `next dev` on a loopback port; resolves once it answers. */
export async function startServer({
  databaseUrl,
  wish = 0,
  mode = 'start',
  quiet = false,
  silent = false,
  env = {},
}) {
  const port = await freePort(wish);
  const command =
    mode === 'dev'
      ? [bin('next'), 'dev', '--hostname', '127.0.0.1', '--port', String(port)]
      : [join(ROOT, 'scripts', 'serve.mjs'), '127.0.0.1', String(port)];
  const child = spawn(process.execPath, command, {
    cwd: ROOT,
    stdio: silent
      ? 'ignore'
      : quiet
        ? ['ignore', 'ignore', 'inherit']
        : ['ignore', mode === 'dev' ? 'inherit' : 'ignore', 'inherit'],
    env: {
      ...process.env,
      NODE_ENV: mode === 'dev' ? 'development' : 'production',
      NEXT_TELEMETRY_DISABLED: '1',
      DATABASE_URL: databaseUrl,
      ...env,
    },
  });
  const address = `http://127.0.0.1:${port}`;
  for (let waited = 0; waited < 60_000; waited += 200) {
    if (child.exitCode !== null) throw new Error('The application did not start.');
    const answer = await fetch(`${address}/status`).catch(() => undefined);
    if (answer?.ok) break;
    await sleep(200);
  }
  return {
    address,
    child,
    async stop() {
      if (child.exitCode !== null) return;
      const ended = new Promise((resolve) => child.once('exit', resolve));
      child.kill('SIGTERM');
      const timer = setTimeout(() => child.kill('SIGKILL'), 8000);
      await ended;
      clearTimeout(timer);
    },
  };
}
