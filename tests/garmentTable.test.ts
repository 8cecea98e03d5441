import { kindIds, type KindId } from '@/core/facts/kindIds';
import type { BodyMeasure } from '@/core/facts/wearer';
import { catalogue } from '@/core/garments/catalogue';
import type { Seam } from '@/core/fit/garmentKind';

/**
 * Every garment against the trade's own table of garments, written down here by itself (common practice, no
 * source): what governs, what is cut and how often, how each edge is finished, which seams stay, what must pass.
 */
interface Row {
  /** Measurements whose zones govern it. */
  readonly governs: readonly BodyMeasure[];
  /** Pieces by the first word of their name, with how many are cut of them. */
  readonly cut: Readonly<Record<string, number>>;
  /** Edges by their name's first word, with the finish. */
  readonly edges: Readonly<Record<string, string>>;
  /** Seams that must not grow, or that hardly stretch, by their name's first word. */
  readonly stays?: readonly string[];
  readonly still?: readonly string[];
  /** What its closed openings pass. */
  readonly passes: readonly BodyMeasure[];
  /** Least stretch around, where the trade names one. */
  readonly around?: number;
  readonly along?: number;
}

const table: Readonly<Record<KindId, Row>> = {
  tee: {
    governs: ['bust', 'hip', 'biceps'],
    cut: { Front: 1, Back: 1, Sleeve: 2 },
    edges: { Neckline: 'band', Sleeve: 'hem', Hem: 'hem' },
    stays: ['Shoulder'],
    passes: ['head', 'bust', 'hand'],
  },
  'bound-tee': {
    governs: ['bust', 'hip'],
    cut: { Front: 1, Back: 1, Rib: 1 },
    edges: { Neckline: 'binding', Hem: 'hem' },
    stays: ['Shoulder'],
    passes: ['head', 'bust', 'hand'],
  },
  raglan: {
    governs: ['bust', 'biceps', 'wrist'],
    cut: { Front: 1, Back: 1, Raglan: 2, Cuff: 2, Hem: 1 },
    edges: { Neckline: 'band', Cuffs: 'band', Hem: 'band' },
    passes: ['head', 'hand', 'bust'],
  },
  'lettuce-top': {
    governs: ['bust'],
    cut: { Front: 1, Back: 1, Short: 2 },
    edges: { Neckline: 'band', Sleeve: 'lettuce', Lower: 'lettuce' },
    stays: ['Shoulder'],
    passes: ['head', 'bust', 'hand'],
  },
  'shelf-bra-top': {
    governs: ['bust', 'underbust'],
    cut: { Front: 1, Back: 1, Shelf: 2 },
    edges: { Neckline: 'elastic', Hem: 'elastic', Armholes: 'elastic' },
    stays: ['Shoulder'],
    passes: ['hip', 'bust', 'foot', 'head'],
  },
  'shaped-blouse': {
    governs: ['bust', 'biceps'],
    cut: { Front: 1, Side: 2, Back: 1, Sleeve: 2, Flounce: 2, Lining: 2, Collar: 2 },
    edges: { Hem: 'hem', Shoulders: 'stay' },
    stays: ['Shoulder'],
    still: ['Panel'],
    passes: ['head', 'bust', 'hand'],
  },
  'collar-pullover': {
    governs: ['bust', 'hip'],
    cut: { Front: 2, Back: 2, Sleeve: 2, Collar: 2, Tie: 2 },
    edges: { 'V-neckline': 'facing', Sleeve: 'hem', Hem: 'hem' },
    stays: ['Shoulder'],
    passes: ['head', 'bust', 'hand'],
  },
  cardigan: {
    governs: ['bust', 'biceps'],
    cut: { Front: 4, Back: 1, Sleeve: 2, Cuff: 2, Hem: 1, Pocket: 4 },
    edges: { Cuffs: 'band', Hem: 'band', Front: 'band' },
    stays: ['Shoulder'],
    passes: ['hand'],
  },
  leggings: {
    governs: ['waist', 'hip', 'thigh', 'knee', 'calf', 'ankle', 'rise'],
    cut: { Front: 2, Back: 2, Waistband: 1 },
    edges: { Waist: 'band', Leg: 'hem' },
    passes: ['hip', 'foot'],
    around: 0.5,
  },
  'foldover-trousers': {
    governs: ['waist', 'hip', 'inseam'],
    cut: { Leg: 2, Deep: 1 },
    edges: { Waist: 'band', Leg: 'hem' },
    passes: ['hip', 'foot'],
  },
  'boxer-briefs': {
    governs: ['waist', 'thigh', 'pouch'],
    cut: { Body: 1, Pouch: 4 },
    edges: { Waist: 'elastic', Leg: 'hem' },
    still: ['Pouch'],
    passes: ['hip', 'foot'],
  },
  'lace-panties': {
    governs: ['lowHip', 'legTop'],
    cut: { Front: 1, Back: 2, Gusset: 2 },
    edges: { Top: 'left as it is', Leg: 'elastic', Side: 'elastic' },
    still: ['Gusset'],
    passes: ['hip', 'foot'],
  },
  briefs: {
    // The rise from top edge to top edge, where it sits.
    governs: ['hip', 'legTop', 'lowRise'],
    cut: { Front: 2, Back: 2, Gusset: 1 },
    edges: { Waist: 'elastic', Leg: 'elastic' },
    still: ['Sides', 'Crotch'],
    passes: ['hip', 'foot'],
  },
  'crop-top': {
    governs: ['bust', 'underbust', 'strap'],
    cut: { Front: 2, Back: 2 },
    edges: { Neckline: 'elastic', Armholes: 'elastic', Lower: 'elastic' },
    stays: ['Shoulder'],
    passes: ['bust', 'head'],
  },
  'one-shoulder-top': {
    governs: ['bust', 'underbust'],
    cut: { Front: 2, Back: 2, Extra: 1, Band: 1 },
    edges: { Band: 'band', Armhole: 'elastic', Upper: 'elastic' },
    passes: ['bust', 'head'],
    around: 0.75,
    along: 0.5,
  },
  bralette: {
    governs: ['underbust', 'bust'],
    cut: { Inner: 2, Outer: 2, Band: 1, Back: 2 },
    edges: { Upper: 'left as it is', Band: 'elastic' },
    passes: ['bust'],
  },
  bra: {
    governs: ['underbust', 'cup'],
    cut: { Lower: 2, Upper: 2, Bridge: 1, Band: 2, Lining: 2 },
    edges: { Upper: 'elastic', Underarm: 'elastic', Lower: 'elastic', Straps: 'elastic' },
    stays: ['Bridge', 'Cup'],
    passes: ['bust'],
  },
  'stretch-waist': {
    governs: ['waist', 'hip'],
    cut: { Front: 1, Back: 1 },
    edges: { Waistband: 'elastic' },
    passes: ['hip'],
  },
  'knit-band': {
    governs: ['neck'],
    cut: {},
    edges: { Neckline: 'band' },
    passes: ['head'],
  },
};

const firstWord = (label: string): string => (label.split(/[ ,]/)[0] ?? '').replace(/’s$/, '');

describe.each(kindIds)('%s', (id) => {
  const kind = catalogue[id];
  const row = table[id];

  test('has every zone that governs it', () => {
    const measures = kind.zones.map(({ measure }) => measure);
    expect(row.governs.filter((measure) => !measures.includes(measure))).toEqual([]);
  });
  test('is cut in the pieces the trade cuts, as often, left and right counted by themselves', () => {
    const counts: Record<string, number> = {};
    for (const { label, count = 1 } of kind.pieces)
      counts[firstWord(label)] = (counts[firstWord(label)] ?? 0) + count;
    expect(counts).toMatchObject(row.cut);
    for (const { side, id: piece } of kind.pieces) {
      if (side === undefined) continue;
      const other = side === 'left' ? piece.replace(/left$/, 'right') : piece.replace(/right$/, 'left');
      expect(kind.pieces.map((one) => one.id)).toContain(other);
    }
  });
  test('has its edges finished as usual', () => {
    const finishes = new Map<string, string[]>();
    for (const { label, finish } of kind.edges)
      finishes.set(firstWord(label), [...(finishes.get(firstWord(label)) ?? []), finish]);
    for (const [edge, finish] of Object.entries(row.edges))
      expect([edge, finishes.get(edge)]).toEqual([edge, expect.arrayContaining([finish])]);
  });
  test('has seams that stay, and seams that are still, where the trade has them', () => {
    const named = (demand: Seam['demand']) =>
      kind.seams.filter((seam) => seam.demand === demand).map(({ label }) => firstWord(label));
    for (const seam of row.stays ?? []) expect(named('stay')).toContain(seam);
    for (const seam of row.still ?? []) expect(named('still')).toContain(seam);
  });
  test('every opening passes what it has to, and nothing else is asked', () => {
    const passed = new Set(kind.openings.map(({ passes }) => passes));
    expect([...passed].sort()).toEqual([...row.passes].sort());
  });
  test('asks of its cloth what the trade asks', () => {
    if (row.around !== undefined) expect(kind.asks.around).toBe(row.around);
    if (row.along !== undefined) expect(kind.asks.along).toBe(row.along);
    expect(kind.asks.along).toBeLessThanOrEqual(kind.asks.around);
  });
  test('whatever an opening, a zone or the length of cloth goes by is asked of the wearer', () => {
    const needed = new Set(kind.needs.map(({ measure }) => measure));
    const wanted = [
      ...kind.amount.lengths.map(([measure]) => measure),
      kind.amount.across,
      ...kind.openings.map(({ passes }) => passes),
      ...kind.zones.map(({ measure }) => measure),
    ];
    expect(wanted.filter((measure) => !needed.has(measure))).toEqual([]);
  });
});

/** Default shares of the stretch around and along the body (T, from memory). */
test.each([
  ['tee', 'regular', 0, 0],
  ['tee', 'fitted', 0.1, 0],
  ['bound-tee', 'fitted', 0.1, 0],
  ['boxer-briefs', 'regular', 0.12, 0],
  ['lace-panties', 'regular', 0.15, 0],
  ['briefs', 'fitted', 0.15, 0],
  ['briefs', 'regular', 0.2, 0],
  ['crop-top', 'regular', 0.2, 0],
  ['one-shoulder-top', 'regular', 0.2, 0],
  ['leggings', 'regular', 0.25, 0.05],
  ['shelf-bra-top', 'regular', 0.2, 0.1],
] as const)('%s, %s: %f of its stretch around, %f along', (id, style, around, along) => {
  const found = catalogue[id].styles.find((one) => one.id === style);
  expect([found?.share, found?.shareAlong ?? 0]).toEqual([around, along]);
});

/** Positive ease of a loose garment at the chest: cardigan 10 cm, sweatshirt 8, tee 5 (T, from memory). */
test.each([
  ['cardigan', 100],
  ['raglan', 80],
  ['tee', 50],
] as const)('a loose %s is %i mm larger than the chest', (id, mm) => {
  expect(catalogue[id].styles.find((one) => one.looseMm !== undefined)?.looseMm).toBe(mm);
});
