import type { ClothReading } from '../../cloth/reading';
import { USUAL_STRETCH } from '../elastics/elasticReading';
import type { EdgeUse, StripSpec } from '../elastics/edgeUse';
import type { Explained } from '../../explain/explained';
import { getNumber, say, type Ledger } from '../../explain/ledger';
import type { EdgeChoice } from '../../facts/garment';
import { bodyUnder, hasClosure, openingAt, type Edge, type GarmentKind } from '../../fit/garmentKind';
import { planHold, type HoldPlan } from '../hold';
import { cutWayOf } from '../useOf';
import type { EdgeFacts } from '../edgeInputs';
import { readElastic } from '../elastics/elasticReading';
import type { Body } from '../../explain/body';
import type { StripInputs, StripMaterial } from './stripInputs';
import { curvedParts } from '../fold/curve';
import { foldPlan, workFold, type Fold } from '../fold/fold';
import { planCut, workAdds, workSewn } from './stripCut';
import { stripLimits, stripState, type StripLimits } from './stripLimits';
import { ruleLengths, type RuleLength } from './stripRules';
import { crossingSeams, placeSections, sectionEdges } from './stripSections';
import { workWidth } from './stripWidth';
import type { MarkingPlan, StripPlan } from '../types';

interface EdgeStripsInputs {
  readonly book: Ledger;
  readonly facts: EdgeFacts;
  readonly kind: GarmentKind;
  readonly edge: Edge;
  readonly use: EdgeUse;
  readonly length: Explained;
  readonly body: Body;
  readonly band: ClothReading | undefined;
  readonly outer: ClothReading | undefined;
  readonly size: string | undefined;
  readonly endsInSeam: boolean;
}

/** Every strip an edge takes, the one that is sewn to it first. Left out: a band without its cloth, a hold without a body. */
export function planStrips(inputs: EdgeStripsInputs): readonly StripPlan[] {
  const { book, facts, kind, edge, use, length, body } = inputs;
  const choice = facts.garment.edges?.[edge.id];
  const opening = openingAt(kind, edge.id);
  const closed = opening !== undefined && !hasClosure(opening, facts.garment);
  const widest = opening && body[opening.passes];
  const measure = bodyUnder(kind, edge);
  const girth = measure && body[measure];
  const elastic = choice?.elasticId === undefined ? undefined : facts.elastics?.[choice.elasticId];
  const elasticMm = elastic?.widthMm ?? use.usualWidthMm ?? 0;
  const strips: StripPlan[] = [];
  for (const [at, spec] of use.strips.entries()) {
    const first = strips[0];
    if (at > 0 && !first) break;
    const material = materialOf(inputs, spec, choice);
    if (!material) break;
    const planned = planStrip(
      {
        book,
        id: at === 0 ? `edge.${edge.id}` : `edge.${edge.id}.inner`,
        facts,
        kind,
        edge,
        use,
        spec,
        choice,
        second: at > 0,
        hasElastic: use.strips.some(({ of }) => of === 'elastic'),
        ring: edge.open !== true,
        elasticMm,
        size: inputs.size,
        endsInSeam: at === 0 && inputs.endsInSeam,
        passes: closed && widest ? { girth: widest, what: opening.passesWhat } : undefined,
      },
      material,
      first
        ? { on: getNumber(book.numbers, first.sewn), what: `its ${first.label.toLowerCase()}` }
        : { on: length, what: 'the edge' },
      girth,
    );
    if (!planned) break;
    strips.push(planned);
  }
  return strips;
}

function planStrip(
  inputs: StripInputs,
  material: StripMaterial,
  { on, what }: { readonly on: Explained; readonly what: string },
  girth: Explained | undefined,
): StripPlan | undefined {
  const { book, id, spec, edge, second } = inputs;
  const { adds, join } = workAdds(inputs);
  const sections = sectionEdges(inputs, on);
  const fold = workFold(inputs, on);
  const { stretch, growth } = material;
  const limits = stripLimits(inputs, { on, girth, stretch, growth, fold });
  const bases = {
    on,
    girth,
    material,
    adds,
    sections,
    fold,
    shortest: limits.shortest,
    longest: limits.longest,
  };
  const lengths = ruleLengths(inputs, bases);
  if (lengths.length === 0) return undefined;
  const picked = pick(inputs, lengths);
  const chosen = workChosen(inputs, picked, limits);
  const rows = rowsOf(inputs);
  const sewn = workSewn(inputs, rows, chosen, adds);
  const strap = spec.width === 'strap';
  const sewnStretch = strap
    ? undefined
    : book.work(`${id}.sewnStretch`, {
        label: 'stretched while it is sewn',
        unit: 'share',
        mark: 'D',
        formula: 'L / B - 1',
        terms: { L: on, B: sewn },
      });
  const cut = planCut(inputs, chosen, adds, strap ? undefined : on, {
    ...limits,
    ...roundedUpTo(limits, fold, chosen),
  });
  const width = workWidth(inputs, { neckIn: material.neckIn, sewnStretch });
  const placed = placeSections(inputs, sections, sewn, on, picked);
  const marking =
    strap || (second && spec.of !== 'elastic') || inputs.use.stays
      ? undefined
      : markingOf(inputs, { on, sewn, fold, sections, placed });
  const hold = holdOf(inputs, material, sewn, girth);
  return {
    id,
    edge: edge.id,
    label: spec.label,
    of: spec.of,
    ...(material.elasticId === undefined ? {} : { elasticId: material.elasticId }),
    ...(material.way ? { way: material.way } : {}),
    material: material.words,
    ...(material.assumed ? { assumed: material.assumed } : {}),
    on: on.id,
    onWhat: what,
    rules: lengths.map(({ id: rule, label, length, low, high, extreme, learned }) => ({
      id: rule,
      label,
      length: length.id,
      ...(low && high ? { low: low.id, high: high.id } : {}),
      state: stripState(length.value, limits),
      extreme,
      ...(learned ? { learned } : {}),
    })),
    rule: picked.id,
    why: spec.why,
    chosen: chosen.id,
    state: stripState(sewn.value, limits),
    ...(material.stretch ? { stretch: material.stretch.id } : {}),
    shortestBy: limits.shortestBy,
    longestBy: limits.longestBy.map(({ id: limit, label, at }) => ({ id: limit, label, at })),
    ...(limits.shortest ? { shortest: limits.shortest.id } : {}),
    ...(limits.longest ? { longest: limits.longest.id } : {}),
    sewn: sewn.id,
    ...(sewnStretch ? { sewnStretch: sewnStretch.id } : {}),
    ...(material.growth ? { growth: material.growth.id } : {}),
    ...hold,
    ...cut,
    join,
    adds: adds.id,
    ...(width ? { cutWidth: width.cutWidth } : {}),
    ...(fold ? { fold: foldPlan(inputs, fold, sewn, width?.expected) } : {}),
    ...(limits.byFold ? { byFold: true, ...meeting(inputs) } : {}),
    rows,
    sections: placed.sections,
    ...(marking ? { marking } : {}),
  };
}

/** A length that steam settles may be rounded as far as that, one that lies flat no further than it does. */
const roundedUpTo = ({ byFold }: StripLimits, fold: Fold | undefined, chosen: Explained) =>
  byFold && fold?.lies && chosen.value > fold.lies.flat.value ? { longest: fold.lies.steam } : {};

/** Whether its ends meet at the first seam that crosses the edge: as chosen, or as that is open while it is sewn on. */
const meetsAtSeam = ({ choice, endsInSeam }: StripInputs): boolean =>
  endsInSeam || choice?.joinAt === 'left-shoulder';

/** Where the ends of a band on a neck meet. */
function meeting(inputs: StripInputs): Pick<StripPlan, 'meetsAt' | 'endsInSeam'> {
  const { edge, endsInSeam } = inputs;
  const seam = edge.seams?.[0]?.label.replace(/ seam$/, '');
  return {
    meetsAt: (meetsAtSeam(inputs) && seam) || (edge.start ?? 'its start'),
    ...(endsInSeam ? { endsInSeam: true } : {}),
  };
}

/** How edge and strip are marked, from the edge's start; the strip from its join. */
function markingOf(
  inputs: StripInputs,
  {
    on,
    sewn,
    fold,
    sections,
    placed,
  }: {
    readonly on: Explained;
    readonly sewn: Explained;
    readonly fold: Fold | undefined;
    readonly sections: ReturnType<typeof sectionEdges>;
    readonly placed: ReturnType<typeof placeSections>;
  },
): MarkingPlan {
  const { edge, choice, second, ring, spec } = inputs;
  const crossings = second ? [] : crossingSeams(inputs, on, sections);
  const first = spec.lies ? crossings[0]?.at : undefined;
  const curved =
    first && fold && choice?.marks === 'curve' ? curvedParts(inputs, fold, on, first, sewn) : undefined;
  const parts = placed.uneven
    ? placed.sections.map((part) => ({ edge: part.edge, band: part.strip }))
    : curved?.map((part) => ({ edge: part.edge.id, band: part.band.id }));
  return {
    choice: choice?.marks ?? 'auto',
    start: edge.start ?? (ring ? 'join' : 'one end'),
    middle: edge.middle ?? 'half way',
    open: !ring,
    seams: crossings.map(({ label, at }) => ({ label, at: at.id })),
    ...(first && meetsAtSeam(inputs) ? { join: first.id } : {}),
    ...(parts ? { parts } : {}),
  };
}

/** The rule that is chosen; after a round of trying on that one, then the wearer's usual, else the use's own default. */
function pick({ choice, second }: StripInputs, lengths: readonly RuleLength[]): RuleLength {
  const wanted = second ? choice?.elasticSchool : choice?.school;
  const found = lengths.find(({ id }) => id === wanted);
  const by = (rule: string) => lengths.find(({ id }) => id === rule);
  return found ?? by('round') ?? by('usual') ?? (lengths[0] as RuleLength);
}

/** The chosen length; the use's own default is never under the shortest that works, nor too long to hold. */
function workChosen(
  { book, id, spec }: StripInputs,
  { id: rule, label: words, length }: RuleLength,
  { shortest, longest, longestBy }: StripLimits,
): Explained {
  const common = {
    label: `${spec.label.toLowerCase()}, at the seamline`,
    unit: 'mm',
    mark: 'chosen',
  } as const;
  // A rule that keeps to its limits by itself is taken as it is.
  const own = rule === spec.rules[0].id && !spec.lies;
  const holds = longestBy[0]?.id === 'body' ? longest : undefined;
  if (own && shortest && holds) {
    return book.work(`${id}.chosen`, {
      ...common,
      note: `By this rule: ${words}; never under the shortest that works, nor too long to hold.`,
      formula: 'max(min(B, longest), min(shortest, longest))',
      terms: { B: length, shortest, longest: holds },
    });
  }
  return own && shortest && longest
    ? book.work(`${id}.chosen`, {
        ...common,
        note: `By this rule: ${words}; never under the shortest that works.`,
        formula: 'max(min(shortest, longest), B)',
        terms: { B: length, shortest, longest },
      })
    : book.work(`${id}.chosen`, {
        ...common,
        note: `By this rule: ${words}.`,
        formula: 'B',
        terms: { B: length },
      });
}

/** Ids of the ticket's rows: a piece's own where the strip is one, both sides where there are two. */
function rowsOf({ edge, spec, kind }: StripInputs): readonly string[] {
  if (spec.row !== undefined && edge.curve === 'neck') return [spec.row];
  const cloth = spec.of !== 'elastic';
  const piece = cloth ? edge.piece : undefined;
  const name = piece ?? (edge.finish === 'stay' ? 'stay' : cloth ? `${edge.id}-band` : `elastic-${edge.id}`);
  if (piece && kind.pieces.some(({ id }) => id === piece)) return [piece];
  return edge.pair ? [`${name}-left`, `${name}-right`] : [`${name}`];
}

function materialOf(
  { book, facts, use, edge, band, outer }: EdgeStripsInputs,
  spec: StripSpec,
  choice: EdgeChoice | undefined,
): StripMaterial | undefined {
  if (spec.of !== 'elastic') {
    const [cloth, read] = spec.of === 'band' ? [facts.band, band] : [facts.outer, outer];
    const way = cutWayOf(choice, spec) ?? read?.around;
    const reading = way && read?.[way];
    if (!cloth || !reading) return undefined;
    const widthMm = choice?.finishedMm ?? use.finishedMm ?? use.usualWidthMm ?? 0;
    return {
      words: [{ name: cloth.name }],
      way,
      ...(spec.of === 'band' ? { stretch: reading.stretch } : {}),
      ...(spec.of === 'band' && reading.neckIn ? { neckIn: reading.neckIn } : {}),
      parts: reading.parts,
      widthMm,
    };
  }
  const elasticId = choice?.elasticId;
  const elastic = elasticId === undefined ? undefined : facts.elastics?.[elasticId];
  const prefix = `edge.${edge.id}.material`;
  const usual = use.usualWidthMm ?? 10;
  const chosenMm = use.strips.length > 1 ? undefined : choice?.finishedMm;
  if (elastic && elasticId !== undefined) {
    const key = `elastic.${elasticId}`;
    const read = readElastic(book, key, elastic);
    return {
      words: [{ name: elastic.name }],
      elasticId,
      ...(read.assumed
        ? {
            assumed: say`${{ name: elastic.name }} has not been pulled: its stretch is taken as usual for its kind.`,
          }
        : {}),
      stretch: read.reading.stretch,
      ...(read.growth ? { growth: read.growth } : {}),
      parts: read.reading.parts,
      widthMm: chosenMm ?? elastic.widthMm,
    };
  }
  const kind = use.kinds?.[0] ?? 'braided';
  const stretch = book.given(
    `${prefix}.stretch`,
    `stretch of ${kind} elastic, taken as usual`,
    USUAL_STRETCH[kind],
    'share',
    'default',
    'No elastic is chosen: choose one and pull it to be sure.',
  );
  const width = book.given(`${prefix}.width`, `width of ${kind} elastic`, chosenMm ?? usual, 'mm', 'default');
  return {
    words: say`${kind} elastic, ${width}`,
    assumed: say`No elastic is chosen yet: a usual ${kind} one of ${width} stands in.`,
    stretch,
    parts: [],
    widthMm: chosenMm ?? usual,
  };
}

/** How it holds, where it goes round a body: by its resting length once it has grown as it was sewn. */
function holdOf(
  { book, id, spec, elasticMm }: StripInputs,
  material: StripMaterial,
  sewn: Explained,
  girth: Explained | undefined,
): Partial<HoldPlan> & Pick<StripPlan, 'resting' | 'body'> {
  const resting = material.growth
    ? book.work(`${id}.resting`, {
        label: 'resting length once it is sewn on',
        unit: 'mm',
        mark: 'own record',
        formula: 'B * (1 + g)',
        terms: { B: sewn, g: material.growth },
      })
    : sewn;
  const rest = material.growth ? { resting: resting.id } : {};
  if (!girth || spec.width === 'strap' || spec.of === 'outer') return rest;
  const cloth = spec.of === 'band';
  const hold = planHold(book, id, {
    resting,
    girth,
    parts: material.parts,
    layers: cloth ? 2 : 1,
    widthMm: cloth ? material.widthMm || elasticMm : material.widthMm,
  });
  return { ...rest, body: girth.id, ...hold };
}
