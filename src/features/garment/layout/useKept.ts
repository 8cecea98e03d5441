'use client';
import { useCallback, useMemo } from 'react';
import { layoutBasis } from '@/core/facts/layoutBasis';
import { layoutFaults } from '@/core/layout/check';
import type { LayoutProblem, Placement } from '@/core/layout/problem';
import { cutBeside, tickedBeside } from '@/core/onCloth/besideCut';
import { cutCopies, rowsOfCopies, tickChanges } from '@/core/onCloth/cutCopies';
import type { OnCloth } from '@/core/onCloth/garmentPieces';
import { factsOfLayout, keptPlacements } from '@/core/onCloth/keptLayout';
import type { Using } from '@/core/onCloth/laidOn';
import { keptByEach, type Beside } from '@/core/onCloth/together';
import { frozenLengths } from '@/core/ticket/frozenLengths';
import { useRecords } from '@/features/records/RecordsProvider';
import { useUnit } from '@/ui/unit';
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
  const { unit } = useUnit();
  const garmentOf = useCallback((named: string) => records.facts('garment', named), [records]);
  const rows = useMemo(() => rowsOfCopies(on.pieces, plan), [on.pieces, plan]);
  const { role } = on;
  const saved = garment.layouts?.[role];
  const found = useMemo(() => {
    if (!saved || saved.widthMm !== widthMm || saved.cutWith !== cutWith) return undefined;
    if ((saved.unmatched ?? false) !== unmatched) return undefined;
    const lies = keptPlacements(problem, saved);
    return lies && { ...lies, foldMm: saved.foldMm, all: layoutFaults(problem, lies.layout) };
  }, [saved, problem, widthMm, cutWith, unmatched]);
  const kept = useMemo(() => {
    if (!found) return undefined;
    const { placements } = found.layout;
    const done = new Set([
      ...cutCopies({ garment, role, placements, rows }),
      ...cutBeside(placements, beside, garmentOf),
    ]);
    // What is cut already lies as it was cut.
    const faults = found.all.filter(({ pieces }) => !pieces.every((name) => done.has(name)));
    return { ...found, done, faults, crossed: new Set(faults.flatMap(({ pieces }) => pieces)) };
  }, [found, garment, role, rows, beside, garmentOf]);
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
  /** Ticks a copy as cut, or takes its tick back: on the ticket it is on, its own garment’s or another’s. */
  const tick = (label: string, one: Placement, cut: boolean) => {
    if (!kept) return;
    const { placements } = kept.layout;
    const own = tickChanges({ garment, role, placements, rows }, one, {
      cut,
      cutOn: today,
      frozen: (row) => frozenLengths(row, plan, unit),
      laid: problem,
    });
    set(label, own);
    const theirs = tickedBeside(placements, one, { others: beside, garmentOf, cut, cutOn: today, unit });
    if (theirs) records.set('garment', theirs.garmentId, label, theirs.changes);
  };
  return { kept, keep, forget, tick, rows };
}
