import type { Edge, GarmentKind, Seam, Zone } from '../../fit/garmentKind';
import { catalogue } from '../../garments/catalogue';
import { demandOf, isHandled, type Wearing } from './demand';

/** A made garment: a seat and a waist around, a crotch length along; the waist is pulled over something. */
const zones: readonly Zone[] = [
  { id: 'hip', label: 'Hip', measure: 'hip', axis: 'around', seamEdges: 4, skin: 'seat' },
  { id: 'waist', label: 'Waist', measure: 'waist', axis: 'around', seamEdges: 4 },
  { id: 'rise', label: 'Crotch length', measure: 'rise', axis: 'along', seamEdges: 2, skin: 'crotch' },
];
const kind: GarmentKind = {
  ...catalogue.briefs,
  zones,
  openings: [
    {
      id: 'top',
      label: 'Waist',
      edge: 'waist-edge',
      passes: 'hip',
      passesWhat: 'the hips',
      at: { zone: 'waist' },
    },
  ],
};
const wearing = (more: Partial<Wearing> = {}): Wearing => ({
  kind,
  zones: { hip: 0.1, waist: 0.2, rise: 0.05 },
  openings: {},
  stated: {},
  ...more,
});
const seam = (more: Partial<Seam>): Seam => ({
  id: 'a',
  label: 'A seam',
  near: ['hip', 'waist', 'rise'],
  direction: 'round',
  demand: 'stretch',
  ...more,
});
const edge: Edge = { id: 'waist-edge', label: 'Waist edge', finish: 'elastic', zone: 'waist' };

describe('a row across the body', () => {
  test('is asked what the zone that asks most does: worn, and the skin moving under it (D)', () => {
    expect(demandOf(wearing(), { seam: seam({}) })).toMatchObject({
      share: expect.closeTo(1.1 * 1.3 - 1, 9) as number,
      from: 'moving',
      zone: 'hip',
      skinLabel: 'seat, sitting or bending',
    });
  });
  test('a zone without skin that is stretched further beats it', () => {
    const most = demandOf(wearing({ zones: { hip: 0.1, waist: 0.5 } }), { seam: seam({}) });
    expect(most).toMatchObject({
      share: expect.closeTo(0.5, 9) as number,
      from: 'worn',
      zone: 'waist',
      skin: 0,
    });
    expect(most).not.toHaveProperty('skinLabel');
  });
  test('a loose zone asks nothing of its own, and only zones it runs through count', () => {
    const loose = wearing({ zones: { hip: -0.2, waist: -0.1 } });
    expect(demandOf(loose, { seam: seam({ near: ['waist'] }) })?.share).toBe(0);
    expect(demandOf(wearing(), { seam: seam({ near: ['waist'] }) })?.share).toBeCloseTo(0.2, 9);
    expect(demandOf(wearing(), { seam: seam({ near: [] }) })).toBeUndefined();
  });
});

test('a row along the body goes with the lengthwise zone and its skin', () => {
  const along = demandOf(wearing(), { seam: seam({ direction: 'along' }) });
  expect(along).toMatchObject({ along: 0.05, alongZone: 'rise', zone: 'rise', from: 'moving' });
  expect(along?.share).toBeCloseTo(1.05 * 1.15 - 1, 9);
  expect(demandOf(wearing({ zones: { hip: 0.3 } }), { seam: seam({ direction: 'along' }) })?.share).toBe(0);
});

describe('an edge', () => {
  test('is asked what its own zone asks, not what others near it do', () => {
    expect(demandOf(wearing(), { edge })).toMatchObject({
      zone: 'waist',
      share: expect.closeTo(0.2, 9) as number,
    });
  });
  test('that something is pulled through is asked that, where it is more', () => {
    const pulled = (share: number) => demandOf(wearing({ openings: { top: share } }), { edge });
    expect(pulled(0.35)).toMatchObject({ share: 0.35, from: 'pulled on', opening: 'top' });
    expect(pulled(0.15)).toMatchObject({ from: 'worn', opening: 'top' });
    expect(pulled(0.15)?.share).toBeCloseTo(0.2, 9);
  });
});

describe('what pulls at a seam', () => {
  test('a stay is asked nothing, whatever pulls', () => {
    const all = wearing({ stated: { a: 0.5 }, handling: 0.4 });
    expect(demandOf(all, { seam: seam({ demand: 'stay' }) })).toMatchObject({ share: 0, from: 'stay' });
  });
  test('one that lies still is asked only what pulls it', () => {
    expect(demandOf(wearing(), { seam: seam({ demand: 'still' }) })).toMatchObject({
      share: 0,
      from: 'still',
    });
    expect(demandOf(wearing({ stated: { a: 0.25 } }), { seam: seam({ demand: 'still' }) })).toMatchObject({
      share: 0.25,
      from: 'stated',
    });
  });
  test('the most of what is said, handled and pulled over counts', () => {
    const of = (more: Partial<Wearing>) =>
      demandOf(wearing({ zones: {}, ...more }), { seam: seam({ direction: 'along', opening: 'top' }) });
    expect(of({ stated: { a: 0.2 }, handling: 0.3, openings: { top: 0.25 } })).toMatchObject({
      share: 0.3,
      from: 'handled',
    });
    expect(of({ stated: { a: 0.4 }, handling: 0.3, openings: { top: 0.25 } })).toMatchObject({
      share: 0.4,
      from: 'stated',
    });
    expect(of({ handling: 0.1, openings: { top: 0.25 } })).toMatchObject({
      share: 0.25,
      from: 'pulled on',
    });
    expect(of({ stated: { b: 0.9 } })).toBeUndefined();
  });
  test('hands pull along a seam that stretches, not round one, nor along one that is still', () => {
    expect(isHandled(seam({ direction: 'along' }))).toBe(true);
    expect(isHandled(seam({ direction: 'round' }))).toBe(false);
    expect(isHandled(seam({ direction: 'along', demand: 'still' }))).toBe(false);
  });
});
