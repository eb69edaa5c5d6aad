// What the machine needs before any of our code runs: Debian packages and npm packages.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { brotliCompressSync, constants } from 'node:zlib';

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
export const DATA = join(ROOT, '.data');

export function say(text) {
  console.log(text);
}

/** Runs a command with its output shown; resolves to its exit code. */
export function run(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
    child.on('error', reject);
    child.on('exit', (code, signal) => resolve(signal === null ? code : 1));
  });
}

export function which(...names) {
  const places = [...(process.env.PATH ?? '').split(':'), '/usr/sbin', '/usr/local/sbin', '/sbin'];
  for (const name of names) {
    for (const place of places) if (existsSync(join(place, name))) return join(place, name);
  }
  return undefined;
}

/** Installs Debian packages whose programs are missing. */
export async function ensurePrograms(wanted) {
  const missing = wanted.filter(({ program }) => which(program) === undefined).map(({ debian }) => debian);
  if (missing.length === 0) return;
  const names = missing.join(' ');
  const sudo = process.getuid?.() === 0 ? [] : ['sudo', '-n'];
  if (which('apt-get') === undefined || (sudo.length > 0 && which('sudo') === undefined)) {
    throw new Error(`Please install ${names} with your system's package manager, then try again.`);
  }
  say(`Installing ${names} ...`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const apt = (...args) =>
    spawnSync([...sudo, 'apt-get'][0], [...sudo, 'apt-get', ...args].slice(1), { env, encoding: 'utf8' });
  apt('update');
  const result = apt('install', '-y', '--no-install-recommends', ...missing);
  if (result.status !== 0) {
    throw new Error(
      `${result.stdout}\n${result.stderr}\nCould not install ${names}. Please install it by hand, then try again.`,
    );
  }
}

function digest(files) {
  const hash = createHash('sha256');
  for (const file of files) hash.update(file).update(existsSync(file) ? readFileSync(file) : '');
  return hash.digest('hex');
}

/** Runs a piece of work unless a stamp says it was done for the same files. */
async function unlessDone(stamp, files, work) {
  const now = digest(files);
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === now) return false;
  await work();
  mkdirSync(dirname(stamp), { recursive: true });
  writeFileSync(stamp, digest(files));
  return true;
}

/** Installs npm packages if the lock or the list has changed. */
export async function ensurePackages() {
  const files = ['package.json', 'package-lock.json'].map((name) => join(ROOT, name));
  await unlessDone(join(ROOT, 'node_modules', '.installed'), files, async () => {
    say('Installing npm packages ...');
    const code = await run('npm', ['install', '--no-audit', '--no-fund', '--loglevel=error']);
    if (code !== 0) throw new Error('npm install failed.');
  });
}

function sources(folder) {
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile() && !/\.test\.tsx?$/.test(entry.name))
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name))
    .sort();
}

/** Records which sources the production build was made from. */
export const BUILT_FROM = join(ROOT, '.next', 'built-from');

/** Folder of the build's scripts and styles, with their compressed copies. */
export const PACKED = join(ROOT, '.next', 'static');

/** Makes the production build if a source has changed. */
export async function ensureBuild() {
  const files = [
    ...sources(join(ROOT, 'src')),
    ...['next.config.ts', 'package-lock.json', 'tsconfig.json'].map((name) => join(ROOT, name)),
  ];
  await unlessDone(BUILT_FROM, files, async () => {
    say('Building ...');
    const env = { ...process.env, NEXT_TELEMETRY_DISABLED: '1', NODE_ENV: 'production' };
    const code = await run(bin('next'), ['build'], { env });
    if (code !== 0) throw new Error('The build failed.');
    pack();
  });
}

/** Compresses scripts and styles once, at the highest level; the server sends these. */
function pack() {
  for (const file of sources(PACKED).filter((name) => /\.(js|css)$/.test(name)))
    writeFileSync(
      `${file}.br`,
      brotliCompressSync(readFileSync(file), { params: { [constants.BROTLI_PARAM_QUALITY]: 11 } }),
    );
}

export function bin(name) {
  return join(ROOT, 'node_modules', '.bin', name);
}

/** A free loopback port: the preferred one if it is free. */
export async function freePort(wish = 0) {
  const attempt = (port) =>
    new Promise((resolve) => {
      const server = createServer();
      server.once('error', () => resolve(undefined));
      server.listen(port, '127.0.0.1', () => {
        const address = server.address();
        server.close(() => resolve(address.port));
      });
    });
  return (await attempt(wish)) ?? (await attempt(0));
}
