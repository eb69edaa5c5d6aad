import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { parseSync } from '@swc/core';

/** What each part of the house may import of the others; `core` inside itself goes by relative paths. */
const MAY: Readonly<Record<string, readonly string[]>> = {
  core: [],
  formats: ['core'],
  data: ['core', 'formats'],
  workers: ['core'],
  ui: ['core'],
  features: ['core', 'ui', 'workers'],
  app: ['core', 'formats', 'data', 'features', 'ui'],
  cli: ['core', 'formats'],
};

/** Packages each part may use; parts not named here may use any. */
const PACKAGES: Readonly<Record<string, readonly string[]>> = {
  core: ['zod'],
  formats: ['zod'],
  ui: ['react', 'next', '@mantine'],
  features: ['react', 'next', '@mantine', '@dnd-kit', 'recharts'],
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
  readonly typeOnly?: boolean;
  readonly specifiers?: readonly { readonly isTypeOnly?: boolean }[];
  readonly callee?: Node;
  readonly arguments?: readonly { readonly expression?: { readonly value?: unknown } }[];
}

/** Whether an import or export is of types alone and so is gone at run time. */
function ofTypesOnly({ typeOnly, specifiers }: Node): boolean {
  const named = specifiers ?? [];
  return typeOnly === true || (named.length > 0 && named.every(({ isTypeOnly }) => isTypeOnly === true));
}

/** Every static and dynamic import and re-export of a source text; those of types alone can be left out. */
function importsOf(source: string, runtimeOnly = false): string[] {
  const found: string[] = [];
  const walk = (node: unknown): void => {
    if (Array.isArray(node)) node.forEach(walk);
    else if (node !== null && typeof node === 'object') {
      const { type, source: from, callee, arguments: given } = node as Node;
      if (
        type !== undefined &&
        /^(Import|Export(Named|All)?)Declaration$/.test(type) &&
        from?.value !== undefined
      ) {
        if (!runtimeOnly || !ofTypesOnly(node as Node)) found.push(from.value);
      }
      if (callee?.type === 'Import' && typeof given?.[0]?.expression?.value === 'string')
        found.push(given[0].expression.value);
      Object.values(node).forEach(walk);
    }
  };
  walk(parseSync(source, { syntax: 'typescript', tsx: true }).body);
  return found;
}

/** Why an import is against the house's order; undefined when it is not. */
function against(file: string, from: string): string | undefined {
  const [part = ''] = file.split('/');
  const allowed = MAY[part];
  if (allowed === undefined) return undefined;
  let target: string | undefined;
  if (from.startsWith('@/')) {
    const path = from.slice(2);
    [target] = path.split('/');
    if (target === 'core' && path !== 'core' && path !== 'core/codecs' && part !== 'core')
      return 'the core has two doors: @/core and @/core/codecs';
    if (path === 'core/codecs' && part === 'ui') return 'what every screen loads reads nothing unchecked';
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
  if (target === part || (target !== undefined && allowed.includes(target))) return undefined;
  return `${part} may not import ${target}`;
}

/** Source files that are shipped: neither tests nor what only tests use. */
function files(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile() && /\.tsx?$/.test(entry.name) && !/\.test\.tsx?$/.test(entry.name))
    .map((entry) => relative(SOURCE, join(entry.parentPath, entry.name)))
    .filter((file) => !file.startsWith('core/testing/'));
}

const imports: readonly Import[] = files(SOURCE).flatMap((file) =>
  importsOf(readFileSync(join(SOURCE, file), 'utf8')).map((from) => ({ file, from })),
);

test('the whole tree is read', () => {
  expect(imports.length).toBeGreaterThan(300);
  expect(new Set(imports.map(({ file }) => file.split('/')[0]))).toEqual(
    new Set(['core', 'cli', 'data', 'app', 'features', 'ui']),
  );
});

test('imports go one way: core <- formats <- data <- app, core <- ui <- features <- app', () => {
  const wrong = imports.flatMap(({ file, from }) => {
    const why = against(file, from);
    return why === undefined ? [] : [`${file} imports ${from}: ${why}`];
  });
  expect(wrong).toEqual([]);
});

test('no import goes round in a circle at run time within the core’s folders', () => {
  const graph = new Map<string, string[]>();
  for (const { file, from } of runtimeImports()) graph.set(file, [...(graph.get(file) ?? []), from]);
  const done = new Set<string>();
  const path: string[] = [];
  const visit = (file: string): string | undefined => {
    if (path.includes(file)) return [...path.slice(path.indexOf(file)), file].join(' -> ');
    if (done.has(file)) return undefined;
    path.push(file);
    for (const next of graph.get(file) ?? []) {
      const circle = visit(next);
      if (circle !== undefined) return circle;
    }
    path.pop();
    done.add(file);
    return undefined;
  };
  expect([...graph.keys()].map(visit).find((circle) => circle !== undefined)).toBeUndefined();
});

/** Imports between core files that stay at run time. */
function runtimeImports(): Import[] {
  return files(join(SOURCE, 'core')).flatMap((file) =>
    importsOf(readFileSync(join(SOURCE, file), 'utf8'), true)
      .filter((from) => from.startsWith('.'))
      .map((from) => ({ file, from: `${join(file, '..', from)}.ts` })),
  );
}

test.each([
  ['core/unfold/unfold.ts', 'react'],
  ['core/unfold/unfold.ts', 'next/navigation'],
  ['core/block/block.ts', 'sequelize'],
  ['core/block/block.ts', 'node:fs'],
  ['core/block/block.ts', '@/data'],
  ['core/block/block.ts', '../../features/block/block-screen'],
  ['core/block/block.ts', '../index'],
  ['ui/gauge.tsx', '@/features/block/block-screen'],
  ['features/block/block-screen.tsx', '@/data'],
  ['features/block/block-screen.tsx', '@/app/asker'],
  ['features/block/block-screen.tsx', '@/core/unfold/unfold'],
  ['features/block/block-screen.tsx', 'sequelize'],
  ['data/database.ts', '@/features/block/block-screen'],
  ['app/desk/page.tsx', '@/data/repositories/blocks'],
])('%s importing %s is caught', (file, from) => {
  expect(against(file, from)).toBeDefined();
});

test('all kinds of import are seen', () => {
  const source =
    "import a from 'one'; export * from 'two'; export { b } from 'three'; import 'four'; const c = () => import('five');";
  expect(importsOf(source)).toEqual(['one', 'two', 'three', 'four', 'five']);
});
