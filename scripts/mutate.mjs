// npm run mutate [-- --count 120 --seed 1 --only core/effort]   flips comparisons and constants of the core one at a
// time and prints how many flips the tests notice. Works on a copy, so the tree can be edited meanwhile.
import { spawn } from 'node:child_process';
import {
  cpSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { bin, ensurePackages, ROOT, say } from './machine.mjs';

const COPY = join(ROOT, '.cache', 'mutate');
const option = (name, otherwise) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? otherwise : process.argv[at + 1];
};
const count = Number(option('count', '120'));
const seed = Number(option('seed', '1'));
const only = option('only', 'core');

/** Tables of facts and default figures: a test could only repeat them. */
const TABLES = [
  /core\/exercises\/library/,
  /core\/block\/templates\/(shipped|.*-split|.*template)s?\.ts$/,
  /core\/conventions\//,
  /core\/loading\/place-presets/,
  /core\/testing\//,
  /core\/volume\/landmarks\.ts$/,
  /(schema|codec|codecs|index)\.ts$/,
];

/** Replacements by operator. The code is formatted, so operators have spaces around them and types do not match. */
const FLIPS = [
  [/ <= /g, () => ' < '],
  [/ >= /g, () => ' > '],
  [/ < /g, () => ' <= '],
  [/ > /g, () => ' >= '],
  [/ === /g, () => ' !== '],
  [/ !== /g, () => ' === '],
  [/ && /g, () => ' || '],
  [/ \|\| /g, () => ' && '],
  [/ \+ /g, () => ' - '],
  [/ - /g, () => ' + '],
  [/Math\.max\(/g, () => 'Math.min('],
  [/Math\.min\(/g, () => 'Math.max('],
  [/(?<![\w.'"`$#-])\d+(?:\.\d+)?(?![\w'"`])/g, (text) => String(Number(text) + 1)],
];

/** A small seeded random generator, so that a run can be repeated. */
function random(start) {
  let state = start >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

function sources(folder) {
  return readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && /\.ts$/.test(entry.name) && !/\.test\.ts$/.test(entry.name))
    .map((entry) => join(entry.parentPath, entry.name))
    .filter((file) => !TABLES.some((table) => table.test(file)));
}

/** Code only: strings, comments, imports and types are left alone. */
function isCode(line) {
  const tidy = line.trim();
  return !/^(import|export (type|interface|\*)|type |interface |readonly |\||\*|\/\/|\/\*)/.test(tidy);
}

/** A comparator's result matters by sign only, so 2 would equal 1. */
function isSign(line, at) {
  return [...line.matchAll(/\? -?1 : -?1;/g)].some(
    ({ 0: text, index }) => at >= index && at < index + text.length,
  );
}

function inText(line, at) {
  const before = line.slice(0, at);
  return (
    (before.split("'").length - 1) % 2 === 1 ||
    (before.split('`').length - 1) % 2 === 1 ||
    before.includes('//')
  );
}

function mutants(file) {
  const lines = readFileSync(file, 'utf8').split('\n');
  return lines.flatMap((line, at) =>
    isCode(line)
      ? FLIPS.flatMap(([pattern, flip]) =>
          [...line.matchAll(pattern)]
            .filter(({ index }) => !inText(line, index) && !isSign(line, index))
            .map(({ 0: text, index }) => ({
              file,
              line: at + 1,
              from: line.trim(),
              to: line.slice(0, index) + flip(text) + line.slice(index + text.length),
            })),
        )
      : [],
  );
}

/** Tests near a file run first: they notice most flips. */
function tests(file) {
  const folder = dirname(file);
  const beside = readdirSync(folder)
    .filter((name) => name.endsWith('.test.ts'))
    .map((name) => join(folder, name));
  return [...(beside.length > 0 ? [beside] : []), [join(COPY, 'src', 'core')]];
}

/** A flip may cause an endless loop: running much longer than the unflipped tests counts as noticed. */
let patience = 30 * 60_000;

/** Runs the tests in their own process group, which is killed when time is up. */
function passes(paths) {
  return new Promise((resolve) => {
    const args = ['--bail', '--silent', '--maxWorkers=100%', ...paths];
    const child = spawn(bin('jest'), args, { cwd: COPY, stdio: 'ignore', detached: true });
    const timer = setTimeout(() => process.kill(-child.pid, 'SIGKILL'), patience);
    child.once('exit', (code) => {
      clearTimeout(timer);
      resolve(code === 0);
    });
  });
}

async function isNoticed(file) {
  for (const paths of tests(file)) if (!(await passes(paths))) return true;
  return false;
}

await ensurePackages();
rmSync(COPY, { recursive: true, force: true });
mkdirSync(COPY, { recursive: true });
for (const name of ['src', 'package.json', 'jest.config.mjs', 'tsconfig.json'])
  cpSync(join(ROOT, name), join(COPY, name), { recursive: true });
if (!existsSync(join(COPY, 'node_modules')))
  symlinkSync(join(ROOT, 'node_modules'), join(COPY, 'node_modules'));

const [any] = sources(join(COPY, 'src', 'core', 'block'));
const begun = Date.now();
if (await isNoticed(any)) throw new Error('The tests fail before anything is flipped.');
patience = Math.min(120_000, Math.max(30_000, 3 * (Date.now() - begun)));

const all = sources(join(COPY, 'src', 'core'))
  .filter((file) => relative(join(COPY, 'src'), file).startsWith(only))
  .flatMap(mutants);
const next = random(seed);
const chosen = all
  .map((mutant) => ({ mutant, at: next() }))
  .sort((a, b) => a.at - b.at)
  .slice(0, count)
  .map(({ mutant }) => mutant);
say(`${chosen.length} of ${all.length} flips, seed ${seed}`);

let noticed = 0;
const survivors = [];
for (const [at, { file, line, from, to }] of chosen.entries()) {
  const text = readFileSync(file, 'utf8');
  const lines = text.split('\n');
  lines[line - 1] = to;
  writeFileSync(file, lines.join('\n'));
  if (await isNoticed(file)) noticed++;
  else {
    survivors.push(`${relative(COPY, file)}:${line}\n    ${from}\n    ${to.trim()}`);
    say(`  not noticed: ${survivors.at(-1)}`);
  }
  writeFileSync(file, text);
  if ((at + 1) % 5 === 0) say(`  ${at + 1} flips, ${noticed} noticed`);
}
say(`\n${noticed} of ${chosen.length} flips noticed: ${((100 * noticed) / chosen.length).toFixed(1)} %`);
process.exit(noticed / chosen.length >= 0.85 ? 0 : 1);
