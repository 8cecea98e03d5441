'use client';
import { useMemo } from 'react';
import { layoutBasis } from '@/core/facts/layoutBasis';
import { layoutFaults } from '@/core/layout/check';
import type { LayoutProblem, Placement } from '@/core/layout/problem';
import { cutCopies, rowsOfCopies } from '@/core/onCloth/cutCopies';
import type { OnCloth } from '@/core/onCloth/garmentPieces';
import { factsOfLayout, keptPlacements } from '@/core/onCloth/keptLayout';
import type { Using } from '@/core/onCloth/laidOn';
import { keptByEach, type Beside } from '@/core/onCloth/together';
import { useRecords } from '@/features/records/RecordsProvider';
import { useGarment } from '../page/useGarment';

/** What is laid out: one cloth of a garment, and how that is used. */
export interface OnDesk {
  readonly on: OnCloth;
  readonly problem: LayoutProblem;
  readonly using: Using & { readonly widthMm: number };
  /** Other garments that lie on it too; `on` has their pieces already. */
  readonly beside: readonly Beside[];
}

/** The layout that was kept of these pieces on this width, and how to keep another in its place. */
export function useKept({ on, problem, using, beside }: OnDesk) {
  const records = useRecords();
  const { widthMm, cutWith, unmatched = false } = using;
  const { id, garment, facts, plan, set, today } = useGarment();
  const rows = useMemo(() => rowsOfCopies(on.pieces, plan), [on.pieces, plan]);
  const { role } = on;
  const saved = garment.layouts?.[role];
  const kept = useMemo(() => {
    if (!saved || saved.widthMm !== widthMm || saved.cutWith !== cutWith) return undefined;
    if ((saved.unmatched ?? false) !== unmatched) return undefined;
    const found = keptPlacements(problem, saved);
    if (!found) return undefined;
    const done = cutCopies({ garment, role, placements: found.layout.placements, rows });
    // What is cut already lies as it was cut.
    const faults = layoutFaults(problem, found.layout).filter(
      ({ pieces }) => !pieces.every((name) => done.has(name)),
    );
    return {
      ...found,
      foldMm: saved.foldMm,
      faults,
      done,
      crossed: new Set(faults.flatMap(({ pieces }) => pieces)),
    };
  }, [saved, problem, widthMm, cutWith, unmatched, garment, role, rows]);
  const keep = (
    label: string,
    placements: readonly Placement[],
    pinned: ReadonlySet<string>,
    foldMm?: number,
  ) => {
    // What is moved no longer lies as the folded cloth has it.
    const same = placements === kept?.layout.placements;
    const next = factsOfLayout(problem, placements, {
      keptOn: today,
      widthMm,
      cutWith,
      unmatched,
      basis: layoutBasis(facts),
      pinned,
      before: saved,
      foldMm: foldMm ?? (same ? saved?.foldMm : undefined),
    });
    const own = on.pieces.slice(
      0,
      on.pieces.length - beside.reduce((sum, { pieces }) => sum + pieces.length, 0),
    );
    const each = keptByEach(next, { ownId: id, own, others: beside });
    set(label, { [`layouts.${role}`]: each.own });
    for (const { garmentId, role: theirRole, kept: theirs } of each.others)
      records.set('garment', garmentId, `${label}, with ${garment.name}`, {
        [`layouts.${theirRole}`]: theirs,
      });
  };
  const forget = () => set('Layout put away', { [`layouts.${role}`]: null });
  return { kept, keep, forget, rows };
}
