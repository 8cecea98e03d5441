// Bundles the core into dist/plan.mjs, which plain Node runs without a server or a database.
import { build } from 'esbuild';

await build({
  entryPoints: ['bin/planCommand.ts'],
  outfile: 'dist/plan.mjs',
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  logLevel: 'warning',
});
