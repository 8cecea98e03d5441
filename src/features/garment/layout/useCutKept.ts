import { useMemo } from 'react';
import type { KeptLayout } from '@/core/facts/layout';
import type { LayoutProblem } from '@/core/layout/problem';
import { withCut } from '@/core/onCloth/keptLayout';
import type { ToLayOut } from '@/core/onCloth/toLayOut';

/** What is laid out, with what is cut as it was cut: the same problem as long as nothing more is cut, however often facts are saved. */
export function useCutKept(asked: ToLayOut, kept: KeptLayout | undefined): LayoutProblem | undefined {
  const places = Object.entries(kept?.places ?? {}).filter(([, { outline }]) => outline);
  const sign = JSON.stringify(places);
  const problem = asked.ok ? asked.problem : undefined;
  return useMemo(() => {
    if (!problem) return undefined;
    const cut = Object.fromEntries(JSON.parse(sign) as typeof places);
    return withCut(problem, { places: cut });
  }, [problem, sign]);
}
