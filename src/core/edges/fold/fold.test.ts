import { edge, rule, sentences, strip } from '../../../../tests/edgePlans';
import { odile, plan, stated, value } from '../../../../tests/planned';
import { atNeckline } from '../../../../tests/sewn';
import { newCloth } from '../../facts/cloth';
import { newPattern } from '../../facts/pattern';
import type { EdgeChoice } from '../../facts/garment';
import { usualKey } from '../../facts/wearer';
import type { GarmentPlan } from '../../plan/types';
import { marksOf, firstMark, quarterPastSeam } from '../marks/stripMarks';
import { USUAL_TURN } from '../turns';
import { USUAL_EASE_IN } from './formulas';

const cloths = { outer: stated(0.5), band: stated(0.6) };
const tank = (armhole: EdgeChoice) => plan('shelf-bra-top', cloths, { style: 'fitted', edges: { armhole } });
const tee = (neckline: EdgeChoice, more: Parameters<typeof plan>[2] = {}) =>
  plan('tee', cloths, { ...more, ...atNeckline({}, neckline) });
const round: EdgeChoice = { measured: { as: 'seamline', wholeMm: 560, backMm: 190 } };

describe('a folded band on any edge that turns', () => {
  const armhole: EdgeChoice = {
    use: 'hem-band',
    finishedMm: 15,
    measured: { as: 'seamline', wholeMm: 420 },
  };
  const of = tank(armhole);
  const one = strip(of, 'armhole');
  test('an armhole’s band is offered its flat-lying length, not taken by itself: L − c·Θ·w (D)', () => {
    expect(rule(of, one, 'flat')).toBeCloseTo(420 - USUAL_EASE_IN * USUAL_TURN.armhole * 15, 9);
    expect(one.rule).toBe('usual-ratio');
    expect(one.byFold).toBeUndefined();
  });
  test('its slack is said all the same: B / (L − Θ·w) − 1 (D)', () => {
    const fold = 420 - USUAL_TURN.armhole * 15;
    expect(value(of, one.fold?.lies?.slack)).toBeCloseTo(value(of, one.sewn) / fold - 1, 9);
    // The garment’s seams take 6 mm.
    expect(value(of, one.fold?.inside)).toBeCloseTo(15 - 6, 9);
  });
  test('how far it turns is what was measured, and a share of the curve can be one’s own', () => {
    const own = tank({ ...armhole, easeIn: 1, measured: { as: 'seamline', wholeMm: 420, turnRad: 3 } });
    expect(rule(own, strip(own, 'armhole'), 'flat')).toBeCloseTo(420 - 3 * 15, 9);
  });
  test('a hem does not turn: no such rule, no fold', () => {
    const hem = plan('tee', cloths, {
      edges: { hem: { use: 'hem-band', measured: { as: 'seamline', wholeMm: 900 } } },
    });
    expect(strip(hem, 'hem').rules.map(({ id }) => id)).not.toContain('flat');
    expect(strip(hem, 'hem').fold).toBeUndefined();
  });
});

describe('the neckband is a strip like any other', () => {
  test('its rules in their order, the default first; two to four inches only where that leaves something', () => {
    const ids = (wholeMm: number) =>
      strip(tee({ measured: { as: 'seamline', wholeMm } }), 'neckline').rules.map(({ id }) => id);
    expect(ids(560)).toEqual(['flat', 'fixed', 'tenth', 'fifth', 'stretch']);
    expect(ids(101)).not.toContain('fixed');
    expect(ids(101.6)).not.toContain('fixed');
    expect(ids(102)).toContain('fixed');
  });
  test('two to four inches: 76.2 off, from 101.6 to 50.8 (T)', () => {
    const fixed = strip(tee(round), 'neckline').rules.find(({ id }) => id === 'fixed');
    const of = tee(round);
    expect([fixed?.low, fixed?.length, fixed?.high].map((id) => value(of, id))).toEqual([
      560 - 101.6,
      560 - 76.2,
      560 - 50.8,
    ]);
  });
  test.each([
    [0.2, 0.95],
    [0.25, 0.9],
    [0.6, 0.85],
    [1, 0.775],
  ])('by its own stretch of %f: a ratio of %f', (stretch, ratio) => {
    const of = plan('tee', { ...cloths, band: stated(stretch) }, atNeckline({}, round));
    expect(rule(of, strip(of, 'neckline'), 'stretch')).toBeCloseTo(560 * ratio, 9);
  });
  test('cut in two parts it takes two joins more', () => {
    const adds = (parts: number) => {
      const of = tee({ ...round, parts });
      return value(of, strip(of, 'neckline').adds);
    };
    expect(adds(2)).toBeCloseTo(2 * adds(1), 9);
  });
  test('the pattern’s own: what is typed at the edge comes before what the pattern prints for every size', () => {
    const pattern = {
      ...newPattern('P', 'tee'),
      printed: { a: { label: 'Neckband', edge: 'neckline', mm: 400 } },
    };
    const own = (choice: EdgeChoice) => {
      const of = plan('tee', { ...cloths, pattern }, atNeckline({}, { ...round, ...choice }));
      return rule(of, strip(of, 'neckline'), 'pattern') + value(of, strip(of, 'neckline').adds);
    };
    expect(own({})).toBeCloseTo(400, 9);
    expect(own({ printedCutMm: 430 })).toBeCloseTo(430, 9);
  });
  test('a neck with a closure need not let the head through: only being sewn on limits its band', () => {
    const limits = (closed: boolean) =>
      strip(tee(round, { closures: { neckline: !closed } }), 'neckline').shortestBy.map(({ id }) => id);
    expect(limits(true)).toEqual(['sewn', 'passes']);
    expect(limits(false)).toEqual(['sewn']);
  });
  test('two necks’ bands do not share a row of the ticket with a band on another edge', () => {
    const of = plan('tee', cloths, {
      edges: { neckline: round, hem: { use: 'neckband', measured: { as: 'seamline', wholeMm: 900 } } },
    });
    const rows = of.edges.flatMap(({ strips }) => strips.flatMap((one) => one.rows));
    expect(new Set(rows).size).toBe(rows.length);
    expect(strip(of, 'neckline').rows).toEqual(['neckband']);
  });
  test('where it is in doubt it says so at its edge: measure it, or pull the cloth the way it is cut', () => {
    expect(edge(tee({}), 'neckline').missing?.join('')).toBe('Measure the neckline on the pattern');
    const band = { ...newCloth('Along only'), statedAlong: 0.6 };
    const of = plan('tee', { ...cloths, band }, atNeckline({}, round));
    expect(edge(of, 'neckline').missing?.at(-1)).toMatch(/as the band is cut/);
  });
  test('no length works: what would open the window is solved for the edge it is on', () => {
    const of = tee({ ...round, finishedMm: 60 });
    expect(of.problems.map(({ id }) => id)).toContain('band-window-neckline');
    expect(sentences(of).find((said) => said.startsWith('No neckband length works'))).toMatch(
      /must be at least .* and at most .* to lie down/,
    );
    const narrower = tee({ ...round, finishedMm: value(of, 'problem.neckline.finished') - 0.01 });
    expect(narrower.problems.map(({ id }) => id)).not.toContain('band-window-neckline');
  });
});

describe('what its fold says is too long', () => {
  const limits = (choice: EdgeChoice) => {
    const of = tee({ ...round, ...choice });
    return strip(of, 'neckline').longestBy.map(({ id, at }) => [id, value(of, at)] as const);
  };
  const fold = 560 - USUAL_TURN.neck * 20;
  test('flat up to 5 % longer than the fold edge, with steam up to 12 % (T)', () => {
    const [flat, steam] = limits({});
    expect(flat).toEqual(['flat', expect.closeTo(1.05 * fold, 9)]);
    expect(steam).toEqual(['steam', expect.closeTo(1.12 * fold, 9)]);
  });
  test.each([
    [1.05 * fold, 'lies flat'],
    [1.05 * fold + 1, 'wants steam'],
    [1.12 * fold, 'wants steam'],
    [1.12 * fold + 1, 'stands up'],
    [400, 'too short'],
  ])('%f mm: %s', (ownMm, state) => {
    const one = strip(
      plan('tee', { ...cloths, band: stated(0.2) }, atNeckline({}, { ...round, school: 'own', ownMm })),
      'neckline',
    );
    expect(one.state).toBe(state);
  });
  test('an edge that does not turn takes a band as long as itself, and a little', () => {
    const straight = { as: 'seamline', wholeMm: 560, backMm: 190, turnRad: 0 } as const;
    expect(limits({ measured: straight })[0]).toEqual(['flat', expect.closeTo(1.05 * 560, 9)]);
  });
  test('a point whose mitre takes all of the fold leaves nothing that lies', () => {
    const sharp: EdgeChoice = {
      shape: 'V',
      pointRad: 2.5,
      finishedMm: 30,
      measured: { as: 'seamline', wholeMm: 250 },
    };
    // 250 − (280° − 2.5) · 30 = 178; the mitre takes 2 · 30 · tan 1.25 = 181.
    const of = tee(sharp);
    expect(strip(of, 'neckline').fold?.lies).toBeUndefined();
    expect(strip(of, 'neckline').state).toBe('stands up');
    expect(sentences(of)).toContainEqual(expect.stringMatching(/too wide to lie on an edge of 25\.0 cm/));
  });
  test('a length that only steam settles may be rounded up to there, one that lies flat not past that', () => {
    const cut = (ownMm: number) => {
      const of = tee({ ...round, school: 'own', ownMm });
      const one = strip(of, 'neckline');
      return value(of, one.cutLength.cm) - value(of, one.adds);
    };
    expect(cut(1.05 * fold - 0.2)).toBeLessThanOrEqual(1.05 * fold);
    expect(cut(1.05 * fold + 0.2)).toBeGreaterThan(1.05 * fold);
    expect(cut(1.12 * fold - 0.2)).toBeLessThanOrEqual(1.12 * fold);
  });
});

describe('how wide it comes out', () => {
  const tested = (choice: EdgeChoice) => {
    const pulls = Object.fromEntries(
      ['a', 'b', 'c'].map((id) => [
        id,
        {
          testedOn: '2026-05-01',
          direction: 'across' as const,
          restMm: 100,
          pulledMm: 160,
          releasedMm: 101,
          restWidthMm: 50,
          pulledWidthMm: 44,
        },
      ]),
    );
    return plan(
      'tee',
      { ...cloths, band: { ...stated(0.6), tests: pulls } },
      atNeckline({}, { ...round, ...choice }),
    );
  };
  // 6 mm of 50 at 60 %: a fifth of what it is stretched by.
  const neckIn = 6 / 50 / 0.6;
  test('stretched on it is narrower than wished for, by its neck-in', () => {
    const of = tested({});
    const one = strip(of, 'neckline');
    expect(value(of, one.fold?.finished)).toBeCloseTo(20 * (1 - neckIn * value(of, one.sewnStretch)), 6);
    expect(value(of, one.cutWidth?.exact)).toBeCloseTo(2 * (20 + 6), 9);
  });
  test('made up for, it is cut wider and comes out as wished', () => {
    const of = tested({ makeUpNarrowing: true });
    const one = strip(of, 'neckline');
    expect(value(of, one.fold?.finished)).toBe(20);
    const wider = 20 / (1 - neckIn * value(of, one.sewnStretch));
    expect(value(of, one.cutWidth?.exact)).toBeCloseTo(2 * (wider + 6), 6);
  });
});

test('front and back by themselves come before what both were measured to together', () => {
  const of = tee({ measured: { as: 'pieces', frontMm: 330, backMm: 190, wholeMm: 900 } });
  expect(value(of, edge(of, 'neckline').length)).toBeCloseTo(520 - 4 * 6 + USUAL_TURN.neck * 6, 9);
});

test('of what is too long for a waistband what binds first is said first: its edge, or the body it holds on', () => {
  const first = (wholeMm: number) => {
    const of = plan('leggings', cloths, {
      edges: { waist: { use: 'waistband', measured: { as: 'seamline', wholeMm } } },
    });
    return strip(of, 'waist').longestBy.map(({ id }) => id);
  };
  expect(first(500)).toEqual(['edge', 'body']);
  expect(first(1500)).toEqual(['body', 'edge']);
});

describe('what is said of it', () => {
  test('a band that steam settles is no problem; one that stands up is', () => {
    const fold = 560 - USUAL_TURN.neck * 20;
    const said = (ownMm: number) => tee({ ...round, school: 'own', ownMm }).problems.map(({ id }) => id);
    expect(said(1.1 * fold)).not.toContain('band-long-neckline');
    expect(said(1.13 * fold)).toContain('band-long-neckline');
  });
  test('a neck that opens: what would mend a band too wide asks nothing of the head', () => {
    const wide: EdgeChoice = { ...round, finishedMm: 70 };
    const stretch = (closures: Record<string, boolean>) =>
      value(tee(wide, { closures }), 'problem.neckline.stretch');
    const fold = 560 - USUAL_TURN.neck * 70;
    // N / (1.05 · F) = 1 + 0.8 · S, solved; the head asks for more.
    expect(stretch({ neckline: true })).toBeCloseTo((560 / (1.05 * fold) - 1) / 0.8, 9);
    expect(Number.isFinite(stretch({}))).toBe(true);
  });
  test('how far inside the cut edge it comes to lie, where it does', () => {
    const lines = (finishedMm: number) =>
      tee({ ...round, finishedMm })
        .cutting.filter((one) => one.edge === 'neckline')
        .flatMap((one) => one.lines)
        .filter((line) => line.includes(' inside the cut edge')).length;
    expect([lines(20), lines(6), lines(5)]).toEqual([1, 0, 0]);
  });
});

describe('its marks', () => {
  test('by the curve: each part is eased by its own quarters of the turn (D), all of it the band', () => {
    const of = tee({ ...round, marks: 'curve' });
    const one = strip(of, 'neckline');
    const [B, turn] = [value(of, one.sewn), USUAL_TURN.neck];
    const all = 560 - USUAL_EASE_IN * turn * 20;
    const parts = one.marking?.parts?.map(({ band }) => value(of, band)) ?? [];
    const back = ((95 - USUAL_EASE_IN * (turn / 4) * 20) * B) / all;
    expect(parts).toEqual([
      expect.closeTo(back, 9),
      expect.closeTo(((370 - USUAL_EASE_IN * (turn / 2) * 20) * B) / all, 9),
      expect.closeTo(back, 9),
    ]);
    expect(parts.reduce((sum, part) => sum + part, 0)).toBeCloseTo(B, 9);
  });
  test('joined at the shoulder the first mark is not at the join; the quarter lies in front of the seam', () => {
    const of = tee({ ...round, joinAt: 'left-shoulder' });
    const one = strip(of, 'neckline');
    const marks = marksOf(of, one);
    if (!marks) throw new Error('expected marks');
    const ratio = value(of, one.sewn) / 560;
    // 95 mm from centre back to the shoulder; eighths of 560 lie at 70 and 140.
    expect(firstMark(marks)?.value).toBeCloseTo((140 - 95) * ratio, 6);
    expect(quarterPastSeam(marks)?.value).toBeCloseTo(140 - 95, 6);
    const plain = marksOf(tee(round), strip(tee(round), 'neckline'));
    expect(plain && firstMark(plain)).toBeUndefined();
  });
});

test('the usual of a wearer is a rule of their neckband too, of the edge it is kept for', () => {
  const wearer = {
    ...odile,
    usualLengths: {
      [usualKey('tee', 'neckline')]: {
        kind: 'tee' as const,
        edge: 'neckline',
        of: 'edge' as const,
        shorter: 0.12,
      },
    },
  };
  const of = plan('tee', { ...cloths, wearer }, atNeckline({}, { ...round, school: 'usual' }));
  expect(value(of, strip(of, 'neckline').chosen)).toBeCloseTo(560 * 0.88, 9);
});

test('a V-neck: the point is mitred, only the rest is eased: B = N − c·(Θ − θ)·w (D)', () => {
  const point = Math.PI / 3;
  const of = tee({ ...round, finishedMm: 15, shape: 'V', pointRad: point });
  const band = strip(of, 'neckline');
  const turn = USUAL_TURN.neck - point;
  expect(value(of, 'edge.neckline.formula')).toBeCloseTo(560 - USUAL_EASE_IN * turn * 15, 9);
  const mitre = 2 * 15 * Math.tan(point / 2);
  const fold = 560 - turn * 15;
  expect(value(of, band.fold?.lies?.slack)).toBeCloseTo(
    (value(of, band.sewn) - mitre) / (fold - mitre) - 1,
    9,
  );
});

test('marks by the curve: more of the shortening in the back, where a child’s neck turns more', () => {
  const child = { as: 'seamline', wholeMm: 380, backMm: 120 } as const;
  const by = (marks: 'quarters' | 'curve') => tee({ measured: child, marks });
  const place = (of: GarmentPlan) => {
    const marks = marksOf(of, strip(of, 'neckline'));
    return marks?.numbers[marks.marked.marks[1]?.alongBand ?? '']?.value ?? NaN;
  };
  expect(place(by('curve'))).toBeLessThan(place(by('quarters')));
  expect(value(by('curve'), strip(by('curve'), 'neckline').sewn)).toBe(
    value(by('quarters'), strip(by('quarters'), 'neckline').sewn),
  );
});
