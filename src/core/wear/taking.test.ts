import { demoFacts, demoFact, TODAY } from '../../../tests/demoFacts';
import { everyGarment } from '../../../tests/sewn';
import { applyChanges } from '../facts/change';
import { findFaults, ID_PATTERN } from '../facts/faults';
import { edgePlace, type Fitting, type Outcome } from '../facts/fitting';
import { garmentSpec } from '../facts/garment';
import type { GarmentFacts } from '../facts/garmentFacts';
import { newWearer, type Wearer } from '../facts/wearer';
import { kindOf } from '../garments/kindOf';
import { planGarment } from '../plan/planGarment';
import { planSewing } from '../sewing/planSewing';
import { phraseText } from '../explain/display';
import { fittingFaults, keptFitting } from './keptFitting';
import { leftToUsual } from './leftToUsual';
import { isAlike, isUsual, likedOf, withLiked } from './liked';
import { tryPlaces } from './places';
import { isAt, proposalsOf, type NowProposal } from './proposals';
import { newestFirst } from './rounds';
import { fitsARound, keepHere, nextMendId, takeBack, takeNow, usualHere } from './taking';

const planOf = (facts: GarmentFacts) => planGarment(facts, { onDate: TODAY });
const withChanges = (facts: GarmentFacts, changes: Readonly<Record<string, unknown>>): GarmentFacts => ({
  ...facts,
  garment: applyChanges(
    facts.garment,
    Object.entries(changes).map(([path, value]) => ({ path, value })),
  ),
});

/** The garment tried on once, with one answer at every place or at some. */
function triedOn(
  given: GarmentFacts,
  answer: (place: string) => Outcome | undefined,
  more: Partial<Fitting> = {},
) {
  const facts = { ...given, garment: { ...given.garment, fittings: {} } };
  const plan = planOf(facts);
  const kind = kindOf(facts.garment, facts.ownKind);
  const outcomes = Object.fromEntries(
    tryPlaces(plan, kind, facts.garment).flatMap(({ id }) => {
      const outcome = answer(id);
      return outcome ? [[id, outcome]] : [];
    }),
  );
  const fitting = keptFitting(plan, kind, facts.garment, { triedOn: TODAY, outcomes, ...more });
  const after = withChanges(facts, { 'fittings.first': fitting });
  const planned = planOf(after);
  return {
    facts: after,
    plan: planned,
    kind,
    fitting,
    proposals: proposalsOf(planned, kind, after.garment, fitting),
  };
}

const TAKEN = { fittingId: 'first', mendId: 'm99', on: TODAY };

/** The neckband of a tee whose band is cut a good deal shorter than its edge. */
const tightNeck = (): GarmentFacts => {
  const facts = demoFact('matinee');
  return withChanges(facts, {
    'edges.neckline.school': 'percent',
    'edges.neckline.shorter': 0.24,
    cuts: { ...facts.garment.cuts, neckband: { cutOn: TODAY, lengthMm: 400 } },
    sewn: { shoulder: { doneOn: TODAY } },
  });
};

describe('a neckband that is too tight', () => {
  const { facts, proposals, plan } = triedOn(tightNeck(), (place) =>
    place === 'neckline' ? 'a little tight' : undefined,
  );
  const place = proposals.places[0];
  const again = place?.now.find(({ what }) => what === 'cut-again') as NowProposal;

  test('a longer one is proposed, within what works on the edge', () => {
    expect(place?.tried?.becomes.value).toBeGreaterThan((place?.tried?.was.value ?? 0) + 4);
    expect(place?.tried?.keeps).toBe(true);
    expect(again.cannot).toBeUndefined();
    expect(again.again?.rows).toEqual(['neckband']);
  });

  test('taken, its row is open again with what was cut before beside the new length', () => {
    const taken = withChanges(facts, takeNow(facts.garment, again, TAKEN));
    expect(findFaults(garmentSpec, taken.garment)).toEqual([]);
    const now = planOf(taken);
    const strip = now.edges.find(({ id }) => id === 'neckline')?.strips[0];
    expect(now.numbers[strip?.chosen ?? '']?.value).toBeCloseTo(place?.tried?.becomes.value ?? 0, 6);
    const row = now.ticket.flatMap(({ rows }) => rows).find(({ id }) => id === 'neckband');
    expect(plan.ticket.flatMap(({ rows }) => rows).find(({ id }) => id === 'neckband')?.cut).toBeDefined();
    expect(row?.cut).toBeUndefined();
    expect(row?.details.map((detail) => phraseText(detail, now.numbers, 'cm'))).toContain(
      'instead of the 40.0 cm that was cut before',
    );
  });

  test('taken back, it is as it was cut, by the rule it was cut by', () => {
    const taken = withChanges(facts, takeNow(facts.garment, again, TAKEN));
    const mend = taken.garment.mends?.m99;
    if (!mend) throw new Error('expected a mend, got none');
    const back = withChanges(taken, takeBack(planOf(taken), 'm99', mend));
    expect(back.garment.edges?.neckline).toEqual(expect.objectContaining({ school: 'percent' }));
    expect(back.garment.cuts.neckband).toEqual({ cutOn: TODAY, lengthMm: 400 });
    expect(planSewing(back, planOf(back)).steps.map(({ id }) => id)).toEqual(
      planSewing(facts, plan).steps.map(({ id }) => id),
    );
  });

  test('its steps come after what they change and before the last look, the band joined before it is sewn on', () => {
    const taken = withChanges(facts, takeNow(facts.garment, again, TAKEN));
    const { steps } = planSewing(taken, planOf(taken));
    const at = (id: string) => steps.findIndex((one) => one.id === id);
    expect(at('m99-unpick')).toBeGreaterThan(at('neckline-sew'));
    expect(at('m99-neckline-join')).toBeGreaterThan(at('m99-unpick'));
    expect(at('m99-neckline-sew')).toBeGreaterThan(at('m99-neckline-join'));
    expect(at('last-look')).toBeGreaterThan(at('m99-neckline-sew'));
  });
});

test('a change at a zone is not one at the edge that is called like it', () => {
  const facts = demoFact('tightrope');
  const places = tryPlaces(planOf(facts), kindOf(facts.garment), facts.garment);
  const at = (id: string) => {
    const found = places.find((one) => one.id === id);
    if (!found) throw new Error(`expected the place ${id}, got ${places.map((one) => one.id).join(', ')}`);
    return found;
  };
  expect(isAt({ what: 'take-in', at: 'waist' }, at('waist'))).toBe(true);
  expect(isAt({ what: 'cut-again', at: 'waist' }, at('waist'))).toBe(false);
  expect(isAt({ what: 'cut-again', at: 'waist' }, at(edgePlace('waist')))).toBe(true);
  expect(isAt({ what: 'take-in', at: 'waist' }, at(edgePlace('waist')))).toBe(false);
  expect(isAt({ what: 'stay', at: 'hem' }, at(edgePlace('waist')))).toBe(false);
});

/** Every kind, and the demo's own: far more than this was written for. */
const all = [...everyGarment.filter(([name]) => name.endsWith('regular')), ...demoFacts().slice(0, 12)];

test.each(['too tight', 'too loose'] as const)(
  '%s everywhere: whatever is proposed can be taken and sewn',
  (outcome) => {
    let taken = 0;
    for (const [name, given] of all) {
      const { facts, proposals } = triedOn(given, () => outcome);
      const can = proposals.places.flatMap(({ place, now }) =>
        now.filter((one) => one.cannot === undefined && fitsARound(one)).map((one) => ({ place, one })),
      );
      for (const { place, one } of can) {
        const after = withChanges(facts, takeNow(facts.garment, one, TAKEN));
        const planned = planOf(after);
        const { steps } = planSewing(after, planned);
        const ids = steps.map(({ id }) => id);
        const made = ids.filter((id) => id.startsWith('m99-'));
        expect([name, place.id, one.what, findFaults(garmentSpec, after.garment)]).toEqual([
          name,
          place.id,
          one.what,
          [],
        ]);
        expect([name, place.id, one.what, made.length > 0]).toEqual([name, place.id, one.what, true]);
        expect(new Set(ids).size).toBe(ids.length);
        // Each can be ticked: what is kept by a step’s id has room for it.
        expect(ids.filter((id) => !ID_PATTERN.test(id))).toEqual([]);
        const mend = after.garment.mends?.m99;
        expect(mend && isAt(mend, place)).toBe(true);
        taken += 1;
      }
    }
    expect(taken).toBeGreaterThan(30);
  },
);

test('taking a usual leaves the garment at hand as it is', () => {
  for (const [name, given] of all.slice(0, 40)) {
    const { facts, plan, proposals } = triedOn(given, () => 'too loose');
    for (const { place, next } of proposals.places) {
      if (!next || !place.worn) continue;
      const kept = withChanges(facts, keepHere(plan, place.worn, facts.garment));
      const wearer = applyChanges(facts.wearer ?? newWearer('x', 'adult'), [
        { path: `${next.of === 'zone' ? 'usual' : 'usualLengths'}.${next.key}`, value: next.usual },
      ]) as Wearer;
      const now = planOf({ ...kept, wearer });
      const size = (of: typeof plan) =>
        place.worn?.of === 'zone'
          ? of.numbers[of.zones.find(({ zone }) => zone === place.id)?.rest ?? '']?.value
          : of.numbers[of.edges.find(({ id }) => edgePlace(id) === place.id)?.strips[0]?.sewn ?? '']?.value;
      expect([name, place.id, size(now)]).toEqual([name, place.id, expect.closeTo(size(plan) ?? 0, 3)]);
      expect(isUsual(wearer, next)).toBe(true);
    }
  }
});

test('a proposal can be changed before it is taken, and then is another', () => {
  const { facts, proposals } = triedOn(demoFact('matinee'), () => 'too loose');
  for (const { next } of proposals.places) {
    if (!next) continue;
    const more = likedOf(next) + 0.01;
    const changed = withLiked(next, more);
    const path = `${next.of === 'zone' ? 'usual' : 'usualLengths'}.${next.key}`;
    const wearer = applyChanges(facts.wearer as Wearer, [{ path, value: changed }]);
    expect(isUsual(wearer, next)).toBe(false);
    expect(isUsual(wearer, { ...next, usual: changed } as typeof next)).toBe(true);
  }
  expect(proposals.places.some(({ next }) => next?.of === 'edge')).toBe(true);
});

test('how close it is here as a usual: told by the stretch where it is close, by the body where it is not', () => {
  const close = triedOn(demoFact('tightrope'), () => undefined);
  const loose = triedOn(demoFact('rigging'), () => undefined);
  const at = ({ plan, kind, facts: { garment } }: typeof close, id: string) => {
    const worn = tryPlaces(plan, kind, garment).find((one) => one.id === id)?.worn;
    return worn?.of === 'zone' ? usualHere(plan, worn, garment) : undefined;
  };
  expect(at(close, 'thigh')?.share).toBeGreaterThan(0.1);
  expect(at(loose, 'hip')?.looser).toBeGreaterThan(0.02);
  expect(at(loose, 'hip')?.share).toBeUndefined();
  expect(isAlike({ kind: 'tee', zone: 'hip', looser: 0.1 }, { kind: 'tee', zone: 'hip', share: 0.1 })).toBe(
    false,
  );
});

test('a garment made like it leaves to the usual what was off and has one, and nothing else', () => {
  const garment = {
    kind: 'tee',
    style: 'fitted',
    fit: {
      bust: { school: 'share', share: 0.1 },
      hip: { school: 'set', extension: 0.1 },
      waist: { school: 'class' },
    },
    edges: { neckline: { school: 'tenth' }, hem: { school: 'x' } },
    fittings: {
      a: {
        triedOn: TODAY,
        outcomes: { bust: 'too tight', hip: 'right', waist: 'too loose', neckline: 'stands or gapes' },
      },
    },
  } as const;
  const usual = (zone: string) => ({ [`tee-fitted-${zone}`]: { kind: 'tee', zone, share: 0.2 } });
  const lengths = { 'tee-neckline': { kind: 'tee', edge: 'neckline', of: 'curve', shorter: 0.9 } } as const;
  expect(
    leftToUsual(garment, { usual: { ...usual('bust'), ...usual('hip') }, usualLengths: lengths }),
  ).toEqual(['fit.bust', 'edges.neckline.school']);
  expect(leftToUsual(garment, undefined)).toEqual([]);
});

test('what is wrong with a round, by its field', () => {
  const facts = demoFact('matinee');
  const plan = planOf(facts);
  const kind = kindOf(facts.garment);
  const faults = (fitting: Partial<Fitting>, sewn = {}) =>
    fittingFaults(
      plan,
      kind,
      { ...facts.garment, sewn },
      { triedOn: TODAY, outcomes: {}, ...fitting },
      TODAY,
    );
  const begun = { shoulder: { doneOn: TODAY } };
  expect(faults({})).toEqual({ held: expect.stringContaining('Nothing of it is ticked as sewn') });
  expect(faults({ held: 'sewn' })).toHaveProperty('held');
  expect(faults({ held: 'basted' })).toEqual({});
  expect(faults({}, begun)).toEqual({});
  expect(faults({ triedOn: '2026-06-02' }, begun)).toEqual({
    triedOn: expect.stringContaining('still to come'),
  });
  expect(faults({ outcomes: { hip: 'too loose' }, pinched: { hip: 790 } }, begun)).toEqual({
    'pinched.hip': expect.stringContaining('half of it or more'),
  });
  expect(faults({ outcomes: { hip: 'too loose' }, pinched: { hip: 30 } }, begun)).toEqual({});
});

test('rounds: the newest first, of one day the one that was kept last', () => {
  const round = (triedOn: string): Fitting => ({ triedOn, outcomes: {} });
  const rounds = {
    a: round('2026-01-02'),
    b: round('2026-01-01'),
    c: round('2026-01-02'),
    d: round('2026-01-03'),
  };
  expect(newestFirst(rounds).map(([id]) => id)).toEqual(['d', 'c', 'a', 'b']);
});

test('the next change has a number that none had, not even one that was taken back after its steps were ticked', () => {
  const mend = { what: 'stay', at: 'hem', on: TODAY } as const;
  expect(nextMendId({ sewn: {} })).toBe('m1');
  expect(nextMendId({ mends: { m1: mend, m9: mend }, sewn: {} })).toBe('m10');
  expect(
    nextMendId({
      mends: { m1: mend },
      sewn: { 'm3-unpick': { doneOn: TODAY }, 'mark-front': { doneOn: TODAY } },
    }),
  ).toBe('m4');
});

describe('a strap', () => {
  const bralette = () => {
    const found = demoFacts().find(
      ([, { garment }]) => garment.kind === 'bralette' || garment.edges?.strap !== undefined,
    );
    if (!found) throw new Error('expected straps in the demo');
    return { ...found[1], garment: { ...found[1].garment, mends: {} } };
  };
  const tried = () => {
    const { plan, proposals } = triedOn(bralette(), (place) =>
      place === edgePlace('strap') ? 'too loose' : undefined,
    );
    return { now: proposals.places[0]?.now ?? [], numbers: { ...plan.numbers, ...proposals.numbers } };
  };

  test('is shortened at its second end, or moved; it is no ring that is quartered anew', () => {
    const { now, numbers } = tried();
    expect(now.map(({ what }) => what)).toEqual(['cut-again', 'move-strap']);
    expect(phraseText(now[0]?.sentence ?? [], numbers, 'cm')).toMatch(
      /^Unpick its second end, shorten it there/,
    );
  });

  test.each(['cut-again', 'move-strap'] as const)(
    '%s: unpicked, tried on, held again, in that order',
    (what) => {
      const given = bralette();
      const one = tried().now.find((proposed) => proposed.what === what);
      if (!one) throw new Error('expected it to be proposed');
      const after = withChanges(given, takeNow(given.garment, one, TAKEN));
      const { steps } = planSewing(after, planOf(after));
      const made = steps.filter(({ id }) => id.startsWith('m99-'));
      expect(made.map(({ id }) => id)).toEqual(['m99-unpick', 'm99-try', 'm99-secure']);
      const ids = steps.map(({ id }) => id);
      expect(ids.indexOf('strap-secure')).toBeLessThan(ids.indexOf('m99-unpick'));
    },
  );
});
