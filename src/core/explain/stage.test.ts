import { newGarment } from '../facts/garment';
import type { GarmentFacts } from '../facts/garmentFacts';
import { newWearer } from '../facts/wearer';
import { createLedger, getNumber, leaf, recording, type Ledger } from './ledger';
import { stage, type SeenBy } from './stage';

const sees = { records: ['wearer'], garment: ['style', 'likeId'] } as const;
interface Inputs {
  readonly book: Ledger;
  readonly facts: SeenBy<typeof sees>;
  readonly base: { readonly id: string };
}

/** A stage that doubles a number of an earlier one, and keeps what it was shown. */
function doubling() {
  const shown: object[] = [];
  const run = stage(sees, ({ book, facts, base }: Inputs) => {
    shown.push(facts);
    const twice = book.work('twice', {
      label: 'twice',
      unit: 'mm',
      mark: 'D',
      formula: 'x * 2',
      terms: { x: getNumber(book.numbers, base.id) },
    });
    return { id: twice.id };
  });
  return { run, shown };
}

const facts: GarmentFacts = { garment: newGarment('Tee', 'tee'), wearer: newWearer('Odile', 'adult') };
const base = { id: 'base' };

function bookWith(value: number): Ledger {
  const book = createLedger();
  book.given('base', 'base', value, 'mm', 'measured');
  return book;
}

test('what it sees is what it named, and nothing else', () => {
  const { run, shown } = doubling();
  const liked: GarmentFacts = { ...facts, garment: { ...facts.garment, likeId: 'old-tee' } };
  run({ book: bookWith(10), facts: liked, base });
  expect(shown).toEqual([{ wearer: facts.wearer, garment: { style: 'regular', likeId: 'old-tee' } }]);
  run({ book: bookWith(10), facts: { garment: facts.garment }, base });
  expect(shown[1]).toEqual({ garment: { style: 'regular' } });
});

test('the same object again, its numbers entered again, while all it sees is the same', () => {
  const { run, shown } = doubling();
  const first = run({ book: bookWith(10), facts, base });
  const renamed = { ...facts, garment: { ...facts.garment, name: 'Other', cuts: {} } };
  const book = bookWith(10);
  expect(run({ book, facts: renamed, base })).toBe(first);
  expect(getNumber(book.numbers, 'twice').value).toBe(20);
  expect(shown).toHaveLength(1);
});

test.each<[string, (now: GarmentFacts) => GarmentFacts, object]>([
  ['a record', (now) => ({ ...now, wearer: newWearer('Odile', 'adult') }), base],
  [
    'a fact of the garment',
    ({ garment, ...now }) => ({ ...now, garment: { ...garment, style: 'loose' } }),
    base,
  ],
  ['what an earlier stage hands on', (now) => now, { id: 'base' }],
])('anew after a change of %s', (_, change, handedOn) => {
  const { run, shown } = doubling();
  const first = run({ book: bookWith(10), facts, base });
  const book = bookWith(15);
  const second = run({ book, facts: change(facts), base: handedOn as typeof base });
  expect(second).not.toBe(first);
  expect(getNumber(book.numbers, 'twice').value).toBe(30);
  expect(shown).toHaveLength(2);
});

test('what is entered by a stage, or taken in by it, is noted; the same number may come twice, another not', () => {
  const earlier = bookWith(3);
  const { book, entries } = recording(earlier);
  expect(getNumber(book.numbers, 'base').value).toBe(3);
  expect(entries).toEqual([]);
  expect(() => book.given('base', 'again', 4, 'mm', 'measured')).toThrow('twice');
  book.adopt([getNumber(earlier.numbers, 'base')]);
  const own = book.given('own', 'own', 4, 'mm', 'measured');
  expect(entries).toEqual([getNumber(earlier.numbers, 'base'), own]);
  expect(getNumber(earlier.numbers, 'own')).toBe(own);
  const other = createLedger();
  other.work('base', {
    label: 'other',
    unit: 'mm',
    mark: 'D',
    formula: 'x',
    terms: { x: leaf('x', 3, 'mm', 'D') },
  });
  expect(() => book.adopt(Object.values(other.numbers))).toThrow('twice');
});
