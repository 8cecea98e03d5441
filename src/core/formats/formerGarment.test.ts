import { finishOf, edgeUseOf } from '../edges/useOf';
import { useIds } from '../facts/edgeUses';
import { newGarment, type Garment } from '../facts/garment';
import { kindIds } from '../facts/kindIds';
import { USUAL_TURN } from '../edges/turns';
import { edgeUses } from '../edges/elastics/uses';
import { catalogue } from '../garments/catalogue';
import { fromFormerGarment } from './formerGarment';

const former = {
  ...newGarment('Old', 'tee'),
  machines: 'serger-coverstitch',
  sleeveHems: 'best',
  topstitch: 'none',
};
const now = (fields: object): Garment => fromFormerGarment({ ...former, ...fields }) as unknown as Garment;

test('what was usual is said by nothing', () => expect(now({})).toEqual(newGarment('Old', 'tee')));

test('machines: usual ones by their name, a set of one’s own before them', () => {
  expect(now({ machines: 'sewing-only' }).machineSetId).toBe('sewing-only');
  expect(now({ machines: 'sewing-only', machineSetId: 'corner' }).machineSetId).toBe('corner');
});

test('sleeve hems are a way; one that was chosen later as a way counts', () => {
  expect(now({ sleeveHems: 'flat' }).ways).toEqual({ 'sleeve-hems': 'flat' });
  expect(now({ sleeveHems: 'flat', ways: { sleeves: 'set' } }).ways).toEqual({
    'sleeve-hems': 'flat',
    sleeves: 'set',
  });
  expect(now({ sleeveHems: 'flat', ways: { 'sleeve-hems': 'round' } }).ways).toEqual({
    'sleeve-hems': 'round',
  });
});

test.each([
  ['cover', 'cover2-narrow'],
  ['zigzag', 'zigzag-neck'],
  ['straight', 'straight-top'],
])('a neckline topstitched with %s is topstitched, and its stitch picked', (topstitch, stitch) => {
  expect(now({ topstitch })).toMatchObject({
    topstitched: true,
    picks: { 'neckline-topstitch': { stitch } },
  });
  const picked = { picks: { 'neckline-topstitch': { stitch: 'by-hand' } } };
  expect(now({ topstitch, ...picked })).toMatchObject({ topstitched: true, ...picked });
});

const formerNeck = {
  neckband: {
    finishedMm: 20,
    direction: 'across',
    school: 'tenth',
    easeIn: 0.84,
    marks: 'auto',
    join: 'left-shoulder',
    makeUpNarrowing: false,
  },
  pattern: {
    ...former.pattern,
    neckline: {
      measuredAs: 'pieces',
      frontMm: 330,
      backMm: 190,
      allowanceMm: 6,
      shoulderAllowanceMm: 10,
      turnRad: USUAL_TURN.neck,
    },
  },
};

test('a neckband and its neckline go to the neckline’s edge, as far as they are not usual', () => {
  const garment = now(formerNeck);
  expect(garment).toEqual({
    ...newGarment('Old', 'tee'),
    edges: {
      neckline: {
        school: 'tenth',
        joinAt: 'left-shoulder',
        measured: { as: 'pieces', frontMm: 330, backMm: 190, crossingAllowanceMm: 10 },
      },
    },
  });
});

test('what was chosen at the edge for another strip counts no more for a neckband, and the other way about', () => {
  const edges = { neckline: { finishedMm: 8, ownMm: 300, elasticId: 'roll' } };
  expect(now({ ...formerNeck, edges }).edges?.neckline).toMatchObject({ school: 'tenth', elasticId: 'roll' });
  expect(now({ ...formerNeck, edges }).edges?.neckline).not.toHaveProperty('ownMm');
  const elastic = now({ ...formerNeck, edges, finishes: { neckline: { finish: 'elastic' } } }).edges
    ?.neckline;
  expect(elastic).toEqual({
    ...edges.neckline,
    use: 'turned',
    measured: { as: 'pieces', frontMm: 330, backMm: 190, crossingAllowanceMm: 10 },
  });
  const collar = now({ ...formerNeck, kind: 'shaped-blouse' }).edges?.collar;
  expect(collar?.measured).toMatchObject({ as: 'pieces', wholeMm: 520, backMm: 190 });
  const measured = { as: 'ring', wholeMm: 480 } as const;
  const own = { ...formerNeck, kind: 'crop-top', edges: { neckline: { measured } } };
  expect(now(own).edges?.neckline).toEqual({ measured });
});

test('a neck that nobody measured says nothing; a kind without one loses what it never showed', () => {
  const { neckline } = formerNeck.pattern;
  const unmeasured = { ...neckline, frontMm: undefined, backMm: undefined, wholeMm: undefined };
  expect(now({ pattern: { ...former.pattern, neckline: unmeasured } })).toEqual(newGarment('Old', 'tee'));
  expect(now({ ...formerNeck, kind: 'leggings' })).toEqual(newGarment('Old', 'leggings'));
});

/** As version 1 had it: the finish from the map or the kind, the use only where it finishes so. */
function thenUsed(
  edge: (typeof catalogue)['tee']['edges'][number],
  finish: string,
  chosen: string | undefined,
) {
  const of = (id: string | undefined) =>
    id === undefined ? undefined : edgeUses[id as keyof typeof edgeUses];
  if (of(chosen)?.finish === finish) return chosen;
  return of(edge.use)?.finish === finish ? edge.use : undefined;
}

test('every edge of every kind keeps its finish, and its use where that finished it so, whatever was chosen', () => {
  for (const kind of kindIds)
    for (const edge of catalogue[kind].edges)
      for (const chosen of [undefined, ...useIds])
        for (const finish of [undefined, 'band', 'elastic', 'hem', 'facing'] as const) {
          const garment = now({
            kind,
            edges: { [edge.id]: { tailMm: 12, ...(chosen ? { use: chosen } : {}) } },
            finishes: finish ? { [edge.id]: { finish } } : {},
          });
          const wanted = finish ?? edge.finish;
          const then = thenUsed(edge, wanted, chosen);
          const at = [kind, edge.id, chosen, finish];
          expect([...at, finishOf(edge, garment)]).toEqual([...at, wanted]);
          if (then !== undefined) expect([...at, edgeUseOf(edge, garment).id]).toEqual([...at, then]);
          expect(garment.edges?.[edge.id]?.tailMm).toBe(12);
        }
});

test('what it does not know stays as it is, for the reader to find fault with', () => {
  const odd = { ...former, edges: 'none', finishes: 4, kind: 7, ways: null, extra: [1] };
  expect(fromFormerGarment(odd)).toMatchObject({ edges: {}, kind: 7, ways: null, extra: [1] });
  expect(now({ edges: { elsewhere: { use: 'hem' } } }).edges).toEqual({ elsewhere: { use: 'hem' } });
});
