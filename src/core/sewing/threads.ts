import { isAtMost } from '../units/tolerance';
import type { Explained, Term } from '../explain/explained';
import { leaf, type Ledger } from '../explain/ledger';
import { stitches, type MachineRole, type ThreadPath } from '../machines/seams/stitches';
import { THREAD_WASTE, threadRatios } from '../machines/seams/threadUse';
import type { GarmentFacts } from '../facts/garmentFacts';
import type { SetStep } from './ordering';
import { pliesMm } from './sewnSteps';
import type { ThreadPlan } from './types';

const words: Readonly<Record<MachineRole, Readonly<Partial<Record<ThreadPath, string>>>>> = {
  serger: { needle: 'Serger, needles', looper: 'Serger, loopers' },
  coverstitch: { needle: 'Coverstitch, needles', looper: 'Coverstitch, looper' },
  'sewing machine': { needle: 'Sewing machine, needle', bobbin: 'Sewing machine, bobbin' },
  hand: { needle: 'By hand' },
};
const fieldOf = { needle: 'needleId', looper: 'looperId', bobbin: 'bobbinId' } as const;

interface Need {
  readonly length: Explained;
  readonly ratio: number;
  readonly name: string;
}

/** Thread each path takes for what is left to sew, with waste, split evenly over its spools; whether it suffices. */
export function planThreads(
  book: Ledger,
  facts: GarmentFacts,
  rows: readonly { readonly step: SetStep; readonly length: Explained }[],
): readonly ThreadPlan[] {
  const plies = pliesMm(facts);
  const paths = new Map<string, { role: MachineRole; path: ThreadPath; spools: number; needs: Need[] }>();
  for (const { step, length } of rows) {
    if (!step.choice) continue;
    const stitch = stitches[step.choice.stitch];
    for (const { path, spools, ratio } of threadRatios(stitch, plies)) {
      const key = `${stitch.machine}-${path}`;
      const known = paths.get(key) ?? { role: stitch.machine, path, spools: 0, needs: [] };
      known.spools = Math.max(known.spools, spools);
      known.needs.push({ length, ratio, name: stitch.name });
      paths.set(key, known);
    }
  }
  const plans = [...paths].map(([key, { role, path, spools, needs }]) => {
    const id = `thread.${key.replaceAll(' ', '-')}`;
    const terms: Record<string, Term | Explained> = {
      waste: leaf('waste', THREAD_WASTE, 'share', 'T'),
    };
    needs.forEach(({ length, ratio, name }, at) => {
      terms[`L${at}`] = length;
      terms[`r${at}`] = leaf(`thread for each length of ${name}, ${path}`, ratio, 'ratio', 'S, from memory');
    });
    const sum = needs.map((_, at) => `L${at} * r${at}`).join(' + ');
    const total = book.work(id, {
      label: `thread, ${(words[role][path] ?? path).toLowerCase()}`,
      unit: 'mm',
      mark: 'D',
      formula: `(1 + waste) * (${sum})`,
      terms,
    });
    const count = book.given(`${id}.spools`, 'spools', spools, 'count', 'T');
    const each = book.work(`${id}.each`, {
      label: 'on each spool',
      unit: 'mm',
      mark: 'D',
      formula: 'T / n',
      terms: { T: total, n: count },
    });
    return { id, label: words[role][path] ?? path, total, count, each, path };
  });
  const threadOf = (path: ThreadPath) => facts.garment.threads?.[fieldOf[path]];
  const asked = (threadId: string) =>
    plans.filter(({ path }) => threadOf(path) === threadId).reduce((sum, { total }) => sum + total.value, 0);
  return plans.map(({ id, label, total, count, each, path }): ThreadPlan => {
    const threadId = threadOf(path);
    const thread = threadId === undefined ? undefined : facts.findings?.[threadId];
    const onHand = thread?.lengthMm;
    return {
      id,
      label,
      needs: total.id,
      spools: count.id,
      each: each.id,
      ...(thread ? { thread: thread.name } : {}),
      ...(onHand === undefined || threadId === undefined
        ? {}
        : {
            onHand: book.given(`${id}.onHand`, 'thread on hand', onHand, 'mm', 'measured').id,
            enough: isAtMost(asked(threadId), onHand),
          }),
    };
  });
}
