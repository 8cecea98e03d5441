import fc from 'fast-check';
import { createLedger } from '../../explain/ledger';
import { planMarks } from './bandMarks';

const parts = fc.array(
  fc.record({
    lengthMm: fc.double({ min: 5, max: 400, noNaN: true }),
    ratio: fc.double({ min: 0.6, max: 1.2, noNaN: true }),
  }),
  { minLength: 1, maxLength: 5 },
);

test('marks rise along the edge and along its band, each part at its own ratio, and end where both end', () => {
  fc.assert(
    fc.property(parts, (each) => {
      const book = createLedger();
      const sum = (of: (part: (typeof each)[number]) => number) =>
        each.reduce((all, one) => all + of(one), 0);
      const given = (id: string, mm: number) => book.given(id, id, mm, 'mm', 'measured');
      const { marks } = planMarks({
        book,
        id: 'edge',
        edge: given(
          'whole',
          sum(({ lengthMm }) => lengthMm),
        ),
        band: given(
          'band',
          sum(({ lengthMm, ratio }) => lengthMm * ratio),
        ),
        choice: 'sixteenths',
        start: 'start',
        middle: 'middle',
        seams: [],
        open: true,
        parts: each.map(({ lengthMm, ratio }, at) => ({
          edge: given(`part${at}`, lengthMm),
          band: given(`strip${at}`, lengthMm * ratio),
        })),
      });
      const places = marks.map(({ alongEdge, alongBand }) => ({
        edge: book.numbers[alongEdge]?.value ?? NaN,
        band: book.numbers[alongBand]?.value ?? NaN,
      }));
      const last = places.at(-1) ?? { edge: NaN, band: NaN };
      expect(places).toHaveLength(17);
      expect(last.band).toBeCloseTo(book.numbers.band?.value ?? NaN, 6);
      for (const [at, place] of places.entries()) {
        const before = places[at - 1] ?? { edge: -1, band: -1 };
        expect(place.edge).toBeGreaterThan(before.edge);
        expect(place.band).toBeGreaterThan(before.band);
        // Where it lies by hand: the whole parts before it, and what it is into its own.
        let left = place.edge;
        const byHand = each.reduce((mm, { lengthMm, ratio }) => {
          const within = Math.min(Math.max(left, 0), lengthMm);
          left -= lengthMm;
          return mm + within * ratio;
        }, 0);
        expect(place.band).toBeCloseTo(byHand, 6);
      }
    }),
    { seed: 94 },
  );
});
