import { edgeUses } from '../edges/elastics/uses';
import type { Explained, Phrase } from '../explain/explained';
import { getNumber, atLeast, atMost, leaf, say, type Ledger } from '../explain/ledger';
import type { Seen } from '../explain/stage';
import { isAtMostMm } from '../units/tolerance';
import { COMFORT_PA } from '../fit/pressure';
import type { EdgePlan, StripPlan } from '../edges/types';
import type { GarmentKind } from '../fit/garmentKind';
import { foldProblems } from './foldProblems';
import type { Problem } from '../explain/problem';
import type { TicketGroup } from '../ticket/types';

interface Inputs {
  readonly book: Ledger;
  readonly facts: Seen<'band', 'edges'>;
  readonly kind: GarmentKind;
  readonly edges: readonly EdgePlan[];
  readonly ticket: readonly TicketGroup[];
}

/** What cannot work at the edges, or wants care: lengths, matches, rolls. */
export const edgeProblems = (inputs: Inputs): Problem[] => [
  ...inputs.edges.flatMap((edge) => [
    ...edge.mismatches.map((sentence, at): Problem => ({
      id: `match-${edge.id}-${at + 1}`,
      stage: 'bands',
      severity: 'stop',
      sentence,
      remedies: [],
    })),
    ...absurdEdge(inputs, edge),
    ...edge.strips.flatMap((strip) =>
      strip.byFold ? foldProblems(inputs, edge, strip) : stripProblems(inputs, edge, strip),
    ),
    ...edge.strips.flatMap((strip) => piecing(inputs, edge, strip)),
  ]),
  ...rollProblems(inputs),
];

/** An edge this short, mm, is a slip of the pen or all allowance. */
const ABSURD_MM = 20;

function absurdEdge({ book, facts }: Inputs, edge: EdgePlan): Problem[] {
  const choice = facts.garment.edges?.[edge.id];
  const betweenRings = edgeUses[edge.use].measured === 'between rings';
  const length = edge.length === undefined ? undefined : getNumber(book.numbers, edge.length);
  if (length && length.value < ABSURD_MM && !betweenRings) {
    return [
      {
        id: `edge-${edge.id}`,
        stage: 'bands',
        severity: 'stop',
        sentence: say`${edge.label}: only ${length} is left at the seamline. Measure the edge and its allowances again.`,
        remedies: [say`Type the edge as it is measured, at this edge.`],
      },
    ];
  }
  const { frontRingsMm, backRingsMm } = choice ?? {};
  if (!betweenRings || frontRingsMm === undefined || backRingsMm === undefined || length) return [];
  const front = book.given(`edge.${edge.id}.front`, 'front, ring to ring', frontRingsMm, 'mm', 'measured');
  const back = book.given(`edge.${edge.id}.back`, 'back, ring to ring', backRingsMm, 'mm', 'measured');
  return [
    {
      id: `edge-${edge.id}`,
      stage: 'bands',
      severity: 'stop',
      sentence: say`Front ${front} and back ${back} together reach round the hip where it is worn: nothing is left for the straps.`,
      remedies: [say`Cut the panels narrower, or measure the hip where the top edge sits.`],
    },
  ];
}

function stripProblems({ book }: Inputs, edge: EdgePlan, strip: StripPlan): Problem[] {
  const get = (id: string) => getNumber(book.numbers, id);
  const name = `${edge.label}, ${strip.label.toLowerCase()}`;
  const id = `strip-${strip.id.replaceAll('.', '-')}`;
  const shortest = strip.shortest === undefined ? undefined : get(strip.shortest);
  const longest = strip.longest === undefined ? undefined : get(strip.longest);
  const body = strip.longestBy.find(({ id: limit }) => limit === 'body');
  const holding = body && get(body.at);
  const binding = strip.shortestBy.find(({ at }) => shortest && get(at).value === shortest.value);
  const problems: Problem[] = [];
  const add = (severity: Problem['severity'], sentence: Phrase, remedies: readonly Phrase[], also = '') =>
    problems.push({ id: `${id}${also}`, stage: 'bands', severity, sentence, remedies });
  if (shortest && longest && binding && !isAtMostMm(shortest.value, longest.value)) {
    const stretch = stretchToWork(book, strip, longest);
    add(
      'stop',
      say`${name}: no length works. It must be at least ${shortest}, or it never ${binding.label}; and at most ${longest} to ${strip.longestBy[0]?.id === 'body' ? 'hold' : 'need no easing'}.`,
      [
        ...(stretch
          ? [
              strip.of === 'elastic'
                ? say`Choose an elastic that stretches ${atLeast(stretch)} or more.`
                : say`Cut it from a cloth that stretches ${atLeast(stretch)} or more.`,
            ]
          : []),
        say`Make the opening larger, or give it a closure.`,
      ],
    );
  } else if (strip.state === 'too short' && shortest && binding) {
    add(
      'stop',
      say`${name}: at ${get(strip.sewn)} it never ${binding.label}; the shortest that works is ${shortest}.`,
      [say`Choose at least ${atLeast(shortest)}.`],
    );
  } else if (strip.state === 'eased' && longest) {
    add(
      'look',
      say`${name}: ${get(strip.sewn)} is longer than its edge of ${longest}: it has to be eased on, and ripples where that was not meant.`,
      [say`Choose ${atMost(longest)} or less, unless easing is meant.`],
    );
  } else if (strip.state === 'does not hold' && holding) {
    add(
      'look',
      say`${name}: ${get(strip.sewn)} is longer than what holds on the body there, ${holding}: it will not hold.`,
      [say`It holds at ${atMost(holding)} or less.`],
    );
  }
  const adds = get(strip.adds);
  if (adds.value > get(strip.chosen).value) {
    add(
      'look',
      say`${name}: joins and tails take ${adds}, more than the ${get(strip.chosen)} that is sewn.`,
      [say`Shorten the tails, or look at the edge’s length again.`],
      '-tails',
    );
  }
  const pressure = strip.pressure === undefined ? undefined : get(strip.pressure);
  if (pressure && pressure.value >= COMFORT_PA.from) {
    const from = book.given(
      `${strip.id}.comfort`,
      'pressure from which comfort falls off',
      COMFORT_PA.from,
      'pa',
      'S, from memory',
      'Denton, 1972',
    );
    add(
      'look',
      say`${name}: it presses with ${pressure}; comfort falls off from about ${from}. Marks that stay, numbness, tingling or short breath mean too tight: loosen it.`,
      [say`Make it longer, or take a softer elastic.`],
      '-tight',
    );
  }
  return problems;
}

/** A cloth strip that is longer than its cloth is that way: in how many parts it can be cut. */
function piecing({ book, facts }: Inputs, edge: EdgePlan, strip: StripPlan): Problem[] {
  const cloth = strip.of === 'band' ? facts.band : undefined;
  if (!cloth || strip.way === undefined) return [];
  const room = strip.way === 'across' ? cloth.widthMm : cloth.onHandMm;
  const cut = getNumber(book.numbers, strip.cutLength.exact);
  if (room === undefined || room <= 0 || cut.value <= room) return [];
  const has = book.given(`${strip.id}.room`, `${cloth.name}, that way`, room, 'mm', 'measured');
  const parts = book.work(`${strip.id}.piecing`, {
    label: 'parts it can be cut in',
    unit: 'count',
    mark: 'D',
    note: 'Each join takes two allowances more; where that just does not fit, one part more.',
    formula: 'ceil(cut * n / room)',
    terms: { cut, n: getNumber(book.numbers, strip.parts), room: has },
  });
  return [
    {
      id: `piece-${strip.id.replaceAll('.', '-')}`,
      stage: 'bands',
      severity: 'look',
      sentence: say`${edge.label}, ${strip.label.toLowerCase()}: ${cut} is longer than ${{ name: cloth.name }} is that way, ${has}.`,
      remedies: [
        say`Cut it in ${parts} parts, with the joins where they hide.`,
        say`Cut it the other way of the cloth.`,
      ],
    },
  ];
}

/** The stretch at which the shortest that works is as long as the longest (D: each limit, solved). */
function stretchToWork(book: Ledger, strip: StripPlan, longest: Explained): Explained | undefined {
  if (strip.shortestBy.length === 0) return undefined;
  const lengths = strip.shortestBy.map(({ at }) => getNumber(book.numbers, at));
  const terms: Record<string, Explained | ReturnType<typeof leaf>> = { most: longest };
  lengths.forEach((length, at) => {
    const { L, limit } = length.terms as Readonly<Record<'L' | 'limit', { label: string; value: number }>>;
    terms[`L${at + 1}`] = leaf(L.label, L.value, 'mm', 'D');
    terms[`u${at + 1}`] = leaf(limit.label, limit.value, 'share', 'T');
  });
  return book.work(`${strip.id}.stretchToWork`, {
    label: 'stretch it needs here',
    unit: 'share',
    mark: 'D',
    formula: `max(${lengths.map((_, at) => `(L${at + 1} / most - 1) / u${at + 1}`).join(', ')})`,
    terms,
  });
}

/** Rolls that are shorter than what is planned on them. */
function rollProblems({ book, ticket }: Inputs): Problem[] {
  return ticket.flatMap(({ roll, material }): Problem[] => {
    if (roll?.short === undefined || roll.onHand === undefined || roll.taken === undefined) return [];
    const short = getNumber(book.numbers, roll.short);
    const others = getNumber(book.numbers, roll.taken);
    const taken: Phrase = others.value > 0 ? say`, and other garments take ${others}` : [];
    return [
      {
        id: `roll-${roll.elasticId}`,
        stage: 'cut',
        severity: 'look',
        sentence: say`${material}: ${getNumber(book.numbers, roll.onHand)} is on hand${taken}. It is ${short} short for this garment.`,
        remedies: [say`Get ${atLeast(short)} more: it is on the shopping list.`],
      },
    ];
  });
}
