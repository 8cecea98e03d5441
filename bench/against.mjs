import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/**
 * `npm run bench -- --against REV`: every figure here and at REV, in one run, each taken ROUNDS times in turn and the
 * best kept. Fails where one is worse by more than a tenth. `--quick` leaves out what wants a browser.
 */
const ROUNDS = 3;
const WORSE = 1.1;
const here = process.cwd();
const args = process.argv.slice(2);
const at = args.indexOf('--against');
const rev = at === -1 ? undefined : args[at + 1];
const passed = args.includes('--quick') ? ['--quick'] : [];

function bench(folder) {
  const built = spawnSync(
    'node_modules/.bin/esbuild',
    [
      'bench/run.ts',
      '--bundle',
      '--platform=node',
      '--packages=external',
      '--outfile=dist/bench.cjs',
      '--log-level=error',
    ],
    { cwd: folder, stdio: 'inherit' },
  );
  if (built.status !== 0) throw new Error(`expected the benchmark of ${folder} to be built`);
  const { stdout, status } = spawnSync('node', ['--conditions=react-server', 'dist/bench.cjs', ...passed], {
    cwd: folder,
    encoding: 'utf8',
    env: { ...process.env, NODE_ENV: 'production' },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  if (status !== 0) console.error(`The benchmark of ${folder} did not end; what it printed before counts.`);
  return stdout;
}

/** A printed line: what was measured, its figure, and whether more is better. */
function figuresIn(text) {
  return new Map(
    text.split('\n').flatMap((line) => {
      const found = /^(.*?)\s+([\d.]+)\s+aim (.*)$/.exec(line);
      if (!found) return [];
      const [, what, figure, aim] = found;
      // Steps and kinds that are told in the words may differ between the two.
      return [
        [
          what.replace(/\(.*?\)|, \d+.*?,|of \S+,/g, '').trim(),
          { figure: Number(figure), more: aim.includes('or more') },
        ],
      ];
    }),
  );
}

function better(before, next) {
  if (!before) return next;
  return (next.more ? next.figure > before.figure : next.figure < before.figure) ? next : before;
}

if (rev === undefined) {
  process.stdout.write(bench(here));
} else {
  const other = mkdtempSync(join(tmpdir(), 'bench-'));
  const git = (...words) => spawnSync('git', words, { cwd: here, stdio: 'inherit' });
  git('worktree', 'add', '--detach', '--force', other, rev);
  try {
    const locked = (folder) => readFileSync(join(folder, 'package-lock.json'), 'utf8');
    // Hard links: a linked folder is refused by the bundler. Other packages have to be installed.
    if (locked(here) === locked(other))
      spawnSync('cp', ['-al', join(here, 'node_modules'), join(other, 'node_modules')]);
    else spawnSync('npm', ['ci', '--silent'], { cwd: other, stdio: 'inherit' });
    spawnSync('touch', [join(other, 'node_modules/.idle-stretch-installed')]);
    if (!existsSync(join(other, 'bench/run.ts'))) throw new Error(`expected a benchmark at ${rev}`);
    const best = { here: new Map(), other: new Map() };
    for (let round = 0; round < ROUNDS; round += 1) {
      for (const [name, folder] of [
        ['other', other],
        ['here', here],
      ]) {
        for (const [what, next] of figuresIn(bench(folder)))
          best[name].set(what, better(best[name].get(what), next));
      }
    }
    let worse = 0;
    for (const [what, { figure, more }] of best.here) {
      const was = best.other.get(what);
      const ratio = was && (more ? was.figure / figure : figure / was.figure);
      const isWorse = ratio !== undefined && ratio > WORSE;
      worse += isWorse ? 1 : 0;
      console.log(
        `${what.padEnd(64)} ${String(figure).padStart(8)}  was ${String(was?.figure ?? 'new').padStart(8)}${isWorse ? '  WORSE' : ''}`,
      );
    }
    process.exitCode = worse === 0 ? 0 : 1;
  } finally {
    git('worktree', 'remove', '--force', other);
    rmSync(other, { recursive: true, force: true });
  }
}
