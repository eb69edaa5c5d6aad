import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { parseSync } from '@swc/core';

/** What each part of the code may import from the others; inside `core` imports are relative. */
const MAY: Readonly<Record<string, readonly string[]>> = {
  core: [],
  formats: ['core'],
  client: ['core'],
  data: ['core', 'formats'],
  workers: ['core'],
  ui: ['core', 'client', 'formats'],
  features: ['core', 'client', 'ui', 'workers', 'formats'],
  app: ['core', 'formats', 'data', 'features', 'ui'],
  cli: ['core', 'formats', 'features'],
};

/** Packages each part may use; parts not listed may use any. */
const PACKAGES: Readonly<Record<string, readonly string[]>> = {
  core: ['zod', 'es-toolkit'],
  client: ['es-toolkit', 'idb'],
  formats: ['zod', 'papaparse', 'ics', 'exceljs'],
  // Schemas of forms only: code loaded by every screen reads no unchecked data.
  ui: ['react', 'next', '@mantine', '@tabler', 'dayjs', 'fuse.js', 'zod'],
  features: ['react', 'next', '@mantine', '@dnd-kit', 'recharts', 'es-toolkit', 'papaparse'],
  workers: [],
};

const SOURCE = join(__dirname);

interface Import {
  readonly file: string;
  readonly from: string;
}

interface Node {
  readonly type?: string;
  readonly source?: { readonly value?: string } | null;
  readonly callee?: Node;
  readonly arguments?: readonly { readonly expression?: { readonly value?: unknown } }[];
}

/** Every static and dynamic import and re-export in a source text, including `import('x')` in a type. */
function importsOf(source: string, tsx = false): string[] {
  const found: string[] = [];
  const walk = (node: unknown): void => {
    if (Array.isArray(node)) node.forEach(walk);
    else if (node !== null && typeof node === 'object') {
      const { type, source: from, callee, arguments: given } = node as Node;
      if (
        type !== undefined &&
        /^(Import|Export(Named|All)?)Declaration$/.test(type) &&
        from?.value !== undefined
      )
        found.push(from.value);
      if (callee?.type === 'Import' && typeof given?.[0]?.expression?.value === 'string')
        found.push(given[0].expression.value);
      Object.values(node).forEach(walk);
    }
  };
  walk(parseSync(source, { syntax: 'typescript', tsx }).body);
  return found;
}

const CORE_DOORS: readonly string[] = ['core', 'core/codecs', 'core/names'];

/** Why an import is not allowed; undefined if it is. */
function against(file: string, from: string): string | undefined {
  const [part = ''] = file.split('/');
  const allowed = MAY[part];
  if (allowed === undefined) return undefined;
  let target: string | undefined;
  if (from.startsWith('@/')) {
    const path = from.slice(2);
    [target] = path.split('/');
    if (target === 'core' && !CORE_DOORS.includes(path) && part !== 'core')
      return 'the core has three doors: @/core, @/core/codecs and @/core/names';
    if (path === 'core/codecs' && (part === 'ui' || part === 'client'))
      return 'what every screen loads reads nothing unchecked';
    if (part === 'app' && target === 'data' && path !== 'data') return 'the database has one door: @/data';
  } else if (from.startsWith('.')) {
    const path = relative('.', join(file, '..', from));
    [target] = path.split('/');
    if (part === 'core' && path === 'core/index') return 'core files import each other, not their own door';
  } else {
    const packages = PACKAGES[part];
    const [name = from] = from.split('/');
    return packages === undefined || packages.includes(name) ? undefined : `${part} does not use ${name}`;
  }
  if (part === 'ui' && (target === 'client' || target === 'formats') && !file.startsWith('ui/words/'))
    return 'only words name what these have';
  if (target === part || (target !== undefined && allowed.includes(target))) return undefined;
  return `${part} may not import ${target}`;
}

/** Shipped source files: without tests and test helpers. */
function files(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile() && /\.tsx?$/.test(entry.name) && !/\.test\.tsx?$/.test(entry.name))
    .map((entry) => relative(SOURCE, join(entry.parentPath, entry.name)))
    .filter((file) => !/^(core|client)\/testing\//.test(file));
}

const shipped = new Set(files(SOURCE));
const imports: readonly Import[] = [...shipped].flatMap((file) =>
  importsOf(readFileSync(join(SOURCE, file), 'utf8'), file.endsWith('x')).map((from) => ({ file, from })),
);

test('the whole tree is read', () => {
  expect(imports.length).toBeGreaterThan(300);
  expect(new Set(imports.map(({ file }) => file.split('/')[0]))).toEqual(
    new Set([
      'core',
      'formats',
      'client',
      'cli',
      'data',
      'app',
      'features',
      'ui',
      'proxy.ts',
      'instrumentation.ts',
    ]),
  );
});

test('imports go one way: core <- formats <- data <- app, core <- ui <- features <- app', () => {
  const wrong = imports.flatMap(({ file, from }) => {
    const why = against(file, from);
    return why === undefined ? [] : [`${file} imports ${from}: ${why}`];
  });
  expect(wrong).toEqual([]);
});

test('there are no import circles, not even of types', () => {
  const graph = new Map<string, string[]>();
  for (const { file, from } of imports) {
    const target = fileOf(file, from);
    if (target !== undefined) graph.set(file, [...(graph.get(file) ?? []), target]);
  }
  expect(circlesIn(graph)).toEqual([]);
});

/** The file an import resolves to; undefined for packages and styles. */
function fileOf(file: string, from: string): string | undefined {
  const path = from.startsWith('@/')
    ? from.slice(2)
    : from.startsWith('.')
      ? join(file, '..', from)
      : undefined;
  if (path === undefined) return undefined;
  return [`${path}.ts`, `${path}.tsx`, join(path, 'index.ts')].find((one) => shipped.has(one));
}

/** Each circle of imports once. */
function circlesIn(graph: ReadonlyMap<string, readonly string[]>): readonly string[] {
  const done = new Set<string>();
  const found: string[] = [];
  const path: string[] = [];
  const visit = (file: string): void => {
    if (path.includes(file)) found.push([...path.slice(path.indexOf(file)), file].join(' -> '));
    if (done.has(file) || path.includes(file)) return;
    path.push(file);
    for (const next of graph.get(file) ?? []) visit(next);
    path.pop();
    done.add(file);
  };
  for (const file of graph.keys()) visit(file);
  return found;
}

test.each([
  ['core/unfold/unfold.ts', 'react'],
  ['core/unfold/unfold.ts', 'next/navigation'],
  ['core/block/block.ts', 'sequelize'],
  ['core/block/block.ts', 'node:fs'],
  ['core/block/block.ts', '@/data'],
  ['core/block/block.ts', '../../features/block/block-screen'],
  ['core/block/block.ts', '../index'],
  ['client/sync-queue.ts', 'react'],
  ['client/sync-queue.ts', '@/ui/new-id'],
  ['client/sync-queue.ts', '@/core/codecs'],
  ['core/memo.ts', '@/client/sync-queue'],
  ['ui/gauge.tsx', '@/client/sync-queue'],
  ['ui/gauge.tsx', '@/formats/formats'],
  ['ui/gauge.tsx', '@/features/block/block-screen'],
  ['features/block/block-screen.tsx', '@/data'],
  ['features/block/block-screen.tsx', '@/app/asker'],
  ['features/block/block-screen.tsx', '@/core/unfold/unfold'],
  ['features/block/block-screen.tsx', 'sequelize'],
  ['data/database.ts', '@/features/block/block-screen'],
  ['app/desk/page.tsx', '@/data/repositories/blocks'],
])('%s importing %s is refused', (file, from) => {
  expect(against(file, from)).toBeDefined();
});

test('all kinds of import are recognised', () => {
  const source =
    "import a from 'one'; export * from 'two'; export { b } from 'three'; import 'four'; const c = () => import('five');";
  expect(importsOf(source)).toEqual(['one', 'two', 'three', 'four', 'five']);
});
