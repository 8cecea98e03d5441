// Bundles what plain Node runs: dist/plan.mjs and dist/layout.mjs, the core without a server or a database, and
// dist/seed.mjs, which fills the demo's household.
import { build } from 'esbuild';

await build({
  entryPoints: { plan: 'bin/planCommand.ts', layout: 'bin/layoutCommand.ts', seed: 'src/demo/seed.ts' },
  outdir: 'dist',
  outExtension: { '.js': '.mjs' },
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  external: ['better-sqlite3', 'drizzle-orm', 'joi', 'server-only'],
  logLevel: 'warning',
});
