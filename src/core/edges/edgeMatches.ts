import {
  casingFault,
  cutNarrowerFault,
  elasticFault,
  findingFault,
  type Mismatch,
} from './elastics/matching';
import type { EdgeUse } from './elastics/edgeUse';
import type { Phrase } from '../explain/explained';
import type { Ledger } from '../explain/ledger';
import type { EdgeChoice, EdgeRef } from '../facts/garment';
import type { Edge, GarmentKind } from '../fit/garmentKind';
import { isSwimwear } from './useOf';
import type { Seen } from '../explain/stage';

type MaterialFacts = Seen<'elastics' | 'findings', 'edges'>;

/** Everything that does not go together at an edge, by the field that would have to change. */
export function edgeMismatches(
  facts: Seen<'elastics' | 'findings', 'edges' | 'style'>,
  kind: GarmentKind,
  edge: Edge,
  use: EdgeUse,
): readonly { readonly field: EdgeRef | 'finishedMm'; readonly mismatch: Mismatch }[] {
  const { garment, elastics = {}, findings = {} } = facts;
  const choice: EdgeChoice = garment.edges?.[edge.id] ?? {};
  const elastic = choice.elasticId === undefined ? undefined : elastics[choice.elasticId];
  const found: { field: EdgeRef | 'finishedMm'; mismatch: Mismatch }[] = [];
  const add = (field: EdgeRef | 'finishedMm', mismatch: Mismatch | undefined) => {
    if (mismatch) found.push({ field, mismatch });
  };
  const takesElastic = use.strips.some(({ of }) => of === 'elastic');
  if (elastic && takesElastic) {
    add('elasticId', elasticFault(use, elastic, isSwimwear(kind.asks.swim, garment)));
    if (choice.finishedMm !== undefined) {
      const inCloth = use.strips.some(({ of }) => of !== 'elastic');
      add(
        'finishedMm',
        inCloth
          ? casingFault(elastic.widthMm, choice.finishedMm)
          : cutNarrowerFault(elastic, choice.finishedMm),
      );
    }
  }
  const strapMm = elastic?.widthMm ?? use.usualWidthMm;
  for (const field of ['ringId', 'sliderId'] as const) {
    const finding = findings[choice[field] ?? ''];
    if (finding && use.hardware && strapMm !== undefined) add(field, findingFault(finding, strapMm, 'strap'));
  }
  const hook = findings[choice.hookId ?? ''];
  const bandMm = use.hook ? bandHeight(facts, kind) : undefined;
  if (hook && use.hook && bandMm !== undefined) add('hookId', findingFault(hook, bandMm, 'band'));
  return found;
}

/** The height of the band that a hook-and-eye closes: as chosen, else that of the elastic in its casing. */
function bandHeight({ garment, elastics = {} }: MaterialFacts, kind: GarmentKind): number | undefined {
  const closure = kind.edges.find(({ use }) => use === 'hook-and-eye');
  const casing = kind.edges.find(({ use }) => use === 'casing');
  return (
    (closure && garment.edges?.[closure.id]?.finishedMm) ??
    (casing && elastics[garment.edges?.[casing.id]?.elasticId ?? '']?.widthMm)
  );
}

/** The same as phrases of the plan. */
export const mismatchesOf = (
  book: Ledger,
  facts: Parameters<typeof edgeMismatches>[0],
  kind: GarmentKind,
  edge: Edge,
  use: EdgeUse,
): readonly Phrase[] =>
  edgeMismatches(facts, kind, edge, use).map(({ mismatch }, nth) =>
    mismatch.map((part, at) =>
      typeof part === 'string'
        ? { name: part }
        : { n: book.given(`edge.${edge.id}.match${nth + 1}.${at}`, part.what, part.mm, 'mm', 'measured').id },
    ),
  );

/** Findings an edge takes: rings and sliders for each strap, a hook-and-eye, cups. */
interface FindingNeed {
  readonly field: Exclude<EdgeRef, 'elasticId'>;
  readonly label: string;
  readonly count: number;
  readonly sizeMm?: number;
}

export function findingNeeds(
  facts: MaterialFacts,
  kind: GarmentKind,
  edge: Edge,
  use: EdgeUse,
): readonly FindingNeed[] {
  const choice = facts.garment.edges?.[edge.id];
  const elastic = choice?.elasticId === undefined ? undefined : facts.elastics?.[choice.elasticId];
  const widthMm = elastic?.widthMm ?? use.usualWidthMm;
  const sides = edge.pair ? 2 : 1;
  const needs: FindingNeed[] = [];
  if (use.hardware) {
    const size = widthMm === undefined ? {} : { sizeMm: widthMm };
    needs.push(
      { field: 'ringId', label: 'Rings', count: use.hardware.rings * sides, ...size },
      { field: 'sliderId', label: 'Sliders', count: use.hardware.sliders * sides, ...size },
    );
  }
  if (use.hook) {
    const height = bandHeight(facts, kind);
    needs.push({
      field: 'hookId',
      label: 'Hook-and-eye',
      count: 1,
      ...(height === undefined ? {} : { sizeMm: height }),
    });
  }
  if (choice?.cupsId !== undefined) needs.push({ field: 'cupsId', label: 'Cups', count: 2 });
  return needs;
}
