import { existsSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { ROOT, importsOf, sourceFiles } from './sources';

/** What each layer may import of ours. Imports go one way. */
const MAY: Readonly<Record<string, readonly string[]>> = {
  'src/core': ['src/core'],
  'src/data': ['src/core', 'src/data'],
  'src/server': ['src/core', 'src/data', 'src/server'],
  'src/ui': ['src/core', 'src/ui'],
  'src/workers': ['src/core', 'src/workers'],
  'src/features': ['src/core', 'src/ui', 'src/workers', 'src/features'],
  'src/app': ['src/core', 'src/ui', 'src/features', 'src/server'],
  'src/demo': ['src/core', 'src/data', 'src/server', 'src/demo'],
  bin: ['src/core', 'bin'],
};

/** The core's rooms: each imports only those before it. */
const ROOMS = [
  'units',
  'facts',
  'explain',
  'learn',
  'geometry',
  'layout',
  'cloth',
  'fit',
  'garments',
  'edges',
  'pieces',
  'blocks',
  'machines',
  'sewing',
  'ticket',
  'wear',
  'log',
  'plan',
  'answers',
  'paper',
  'onCloth',
  'formats',
  'views',
] as const;

/** Packages the core must not know. */
const NOT_IN_CORE = /^(react|next|@mui|joi|drizzle-orm|better-sqlite3|server-only|node:)/;

const isTest = (file: string) => file.endsWith('.test.ts');
const layers = Object.keys(MAY);
const files = layers.flatMap((layer) => sourceFiles(layer).filter((file) => !isTest(file)));

const pathOf = (name: string): string | undefined =>
  [`${name}.ts`, `${name}.tsx`, `${name}/index.ts`].find((path) => existsSync(join(ROOT, path)));
/** Every import of ours: the file, and the file it imports. */
const imports = files.flatMap((file) =>
  importsOf(file).flatMap((name) => {
    const target = pathOf(name);
    return target === undefined || isTest(target) ? [] : [{ file, target }];
  }),
);

test('a plausible number of files is scanned, in every layer and room', () => {
  expect(files.length).toBeGreaterThan(100);
  expect(imports.length).toBeGreaterThan(1000);
  for (const layer of [...layers, ...ROOMS.map((room) => `src/core/${room}`)])
    expect([layer, files.some((file) => file.startsWith(`${layer}/`))]).toEqual([layer, true]);
});

test.each(layers)('%s imports only what it may', (layer) => {
  const wrong = files
    .filter((file) => file.startsWith(`${layer}/`))
    .flatMap((file) =>
      importsOf(file)
        .filter((name) => name.startsWith('src/') || name.startsWith('bin/'))
        .filter((name) => !(MAY[layer] ?? []).some((allowed) => name.startsWith(`${allowed}/`)))
        .map((name) => `${file} imports ${name}`),
    );
  expect(wrong).toEqual([]);
});

const roomOf = (path: string): number => {
  const [, room] = /^src\/core\/([^/]+)\//.exec(path) ?? [];
  return ROOMS.findIndex((one) => one === room);
};

test('every file of the core has a room, and a room imports only the rooms before it', () => {
  const core = files.filter((file) => file.startsWith('src/core/'));
  expect(core.filter((file) => roomOf(file) === -1)).toEqual([]);
  const wrong = imports
    .filter(({ file, target }) => file.startsWith('src/core/') && roomOf(target) > roomOf(file))
    .map(({ file, target }) => `${file} imports ${target}`);
  expect(wrong).toEqual([]);
});

test('nothing imports in a circle', () => {
  const of = new Map<string, string[]>();
  for (const { file, target } of imports) of.set(file, [...(of.get(file) ?? []), target]);
  const done = new Set<string>();
  const circles: string[] = [];
  const visit = (file: string, path: readonly string[]): void => {
    if (path.includes(file)) circles.push([...path.slice(path.indexOf(file)), file].join(' → '));
    if (done.has(file) || path.includes(file)) return;
    for (const target of of.get(file) ?? []) visit(target, [...path, file]);
    done.add(file);
  };
  for (const file of of.keys()) visit(file, []);
  expect(circles).toEqual([]);
});

const linesOf = (file: string): number => readFileSync(join(ROOT, file), 'utf8').split('\n').length - 1;

test('no file is longer than 400 lines, no folder holds more than 4,500 at one level', () => {
  expect(files.filter((file) => linesOf(file) > 400)).toEqual([]);
  const folders = new Map<string, number>();
  for (const file of files) folders.set(dirname(file), (folders.get(dirname(file)) ?? 0) + linesOf(file));
  expect([...folders].filter(([, lines]) => lines > 4500)).toEqual([]);
});

test('a folder with an index is entered by it', () => {
  const wrong = imports
    .filter(({ file, target }) => {
      const folder = dirname(target);
      return (
        !target.endsWith('/index.ts') &&
        !file.startsWith(`${folder}/`) &&
        existsSync(join(ROOT, folder, 'index.ts'))
      );
    })
    .map(({ file, target }) => `${file} reaches past the index to ${target}`);
  expect(wrong).toEqual([]);
});

test('the core knows no interface, database, door or platform', () => {
  const wrong = files
    .filter((file) => file.startsWith('src/core/'))
    .flatMap((file) =>
      importsOf(file)
        .filter((name) => NOT_IN_CORE.test(name))
        .map((name) => `${file} imports ${name}`),
    );
  expect(wrong).toEqual([]);
});

test('every file of data and server is marked server-only, but for the schema the migration tool reads', () => {
  const wrong = files
    .filter((file) => /^src\/(data|server)\//.test(file) && file !== 'src/data/schema.ts')
    .filter((file) => !importsOf(file).includes('server-only'));
  expect(wrong).toEqual([]);
});
