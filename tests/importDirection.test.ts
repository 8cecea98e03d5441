import { importsOf, sourceFiles } from './sources';

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

/** Packages the core must not know. */
const NOT_IN_CORE = /^(react|next|@mui|joi|drizzle-orm|better-sqlite3|server-only|node:)/;

const isTest = (file: string) => file.endsWith('.test.ts');
const layers = Object.keys(MAY);
const files = layers.flatMap((layer) => sourceFiles(layer).filter((file) => !isTest(file)));

test('a plausible number of files is scanned, in every layer', () => {
  expect(files.length).toBeGreaterThan(100);
  for (const layer of layers)
    expect(files.filter((file) => file.startsWith(`${layer}/`)).length).toBeGreaterThan(0);
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
