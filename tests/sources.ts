import { readdirSync, readFileSync } from 'node:fs';
import { join, relative, resolve } from 'node:path';

export const ROOT = resolve(__dirname, '..');

/** Every TypeScript file of the project below a folder, as paths from the root. */
export function sourceFiles(folder: string): string[] {
  return readdirSync(join(ROOT, folder), { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && /\.tsx?$/.test(entry.name))
    .map((entry) => relative(ROOT, join(entry.parentPath, entry.name)));
}

/** What a file imports: our own files as paths from `src/` (or the root), packages by name. */
export function importsOf(file: string): string[] {
  const text = readFileSync(join(ROOT, file), 'utf8');
  const found = [...text.matchAll(/(?:from|import|import\()\s*'([^']+)'/g)].map(
    (match) => match[1] as string,
  );
  return found.map((name) => {
    if (name.startsWith('@/')) return `src/${name.slice(2)}`;
    return name.startsWith('.') ? relative(ROOT, resolve(ROOT, file, '..', name)) : name;
  });
}
