import type { ClothReading } from '../cloth/reading';
import { lowestRecovery } from '../cloth/readCloth';
import { RECOVERY_FROM } from '../cloth/recoveryVerdict';
import type { Phrase } from '../explain/explained';
import { getNumber, atLeast, atMost, leaf, say, type Ledger } from '../explain/ledger';
import { stage, type SeenBy } from '../explain/stage';
import { LIMITS } from '../fit/limits';
import { COMFORT_PA } from '../fit/pressure';
import type { GarmentKind } from '../fit/garmentKind';
import { isAtMostShare } from '../units/tolerance';
import { shortfall } from '../explain/compare';
import { rowsSee } from '../sewing/rowNumbers';
import { sewingProblems } from '../sewing/sewingProblems';
import type { SewnSteps } from '../sewing/sewnSteps';
import { edgeProblems } from './edgeProblems';
import { loopProblems } from '../fit/loop';
import type { Body } from '../explain/body';
import type { CheckPlan } from '../cloth/types';
import type { DraftPlan } from '../blocks/planDraft';
import type { EdgePlan, OpeningPlan } from '../edges/types';
import type { Problem } from '../explain/problem';
import type { TicketGroup } from '../ticket/types';
import type { ZonePlan } from '../fit/types';

const problemsSee = {
  records: ['outer', 'band', ...rowsSee.records],
  garment: ['edges', ...rowsSee.garment],
} as const;

interface ProblemInputs {
  readonly book: Ledger;
  readonly facts: SeenBy<typeof problemsSee>;
  readonly kind: GarmentKind;
  readonly body: Body;
  readonly outer: ClothReading | undefined;
  readonly band: ClothReading | undefined;
  readonly zones: readonly ZonePlan[];
  readonly edges: readonly EdgePlan[];
  readonly ticket: readonly TicketGroup[];
  readonly openings: readonly OpeningPlan[];
  readonly checks: readonly CheckPlan[];
  readonly sewn: SewnSteps;
  readonly draft: DraftPlan | undefined;
}

/** What cannot work or wants care, each with what would mend it. */
export const planProblems = stage(problemsSee, (inputs: ProblemInputs): readonly Problem[] => [
  ...checkProblems(inputs),
  ...draftProblems(inputs),
  ...recoveryProblems(inputs),
  ...zoneProblems(inputs),
  ...loopProblems(inputs.book, inputs.kind, inputs.zones),
  ...movementProblems(inputs),
  ...pressureProblems(inputs),
  ...edgeProblems(inputs),
  ...openingProblems(inputs),
  ...sewingProblems(inputs, inputs.sewn),
]);

/** What the cloth falls short of. Recovery has its own sentence where nothing close can be made at all. */
const checkProblems = ({ checks, outer }: ProblemInputs): Problem[] =>
  checks
    .filter(
      ({ id, state }) =>
        state === 'short' && !(id === 'check.recovery' && outer?.verdict === 'no-negative-ease'),
    )
    .map(({ id, severity, sentence, remedies }) => ({
      id: id.replaceAll('.', '-'),
      stage: 'stretch',
      severity,
      sentence,
      remedies,
    }));

/** Why its pieces cannot be drafted from these measures. */
const draftProblems = ({ draft }: ProblemInputs): Problem[] =>
  (draft?.faults ?? []).map((sentence, nth) => ({
    id: `draft-${nth + 1}`,
    stage: 'measure',
    severity: 'look',
    sentence,
    remedies: [],
  }));

function movementProblems({ zones, book }: ProblemInputs): Problem[] {
  return zones.flatMap(({ zone, label, movement }) =>
    movement
      .filter(({ ok }) => !ok)
      .map((one, at): Problem => {
        const needs = getNumber(book.numbers, one.needs);
        const has = getNumber(book.numbers, one.has);
        const short = shortfall(book, `problem.${zone}.movement${at + 1}`, needs, has);
        const most = one.most === undefined ? undefined : getNumber(book.numbers, one.most);
        const others = [
          say`Choose a cloth that stretches ${atLeast(needs)} or more that way.`,
          say`Set in a gusset: it gives there what the cloth does not.`,
        ];
        return {
          id: `movement-${zone}-${at + 1}`,
          stage: 'fit',
          severity: 'look',
          sentence: say`${label}: the ${one.label} asks for ${needs}, and the cloth has ${has}: ${short} short.`,
          remedies: most
            ? [
                say`Best: wear it at ${atMost(most)} or less here, less negative ease, and it follows.`,
                ...others,
              ]
            : others,
        };
      }),
  );
}

function pressureProblems({ zones, book }: ProblemInputs): Problem[] {
  return zones.flatMap(({ zone, label, pressure }) => {
    const pressed = pressure === undefined ? undefined : getNumber(book.numbers, pressure);
    if (!pressed || pressed.value < COMFORT_PA.from) return [];
    const from = book.given(
      `problem.${zone}.comfort`,
      'pressure from which comfort falls off',
      COMFORT_PA.from,
      'pa',
      'S, from memory',
      'Denton, 1972',
    );
    return [
      {
        id: `pressure-${zone}`,
        stage: 'fit',
        severity: 'look',
        sentence: say`${label}: it presses with ${pressed}; comfort falls off from about ${from}. Marks that stay, numbness or tingling mean too tight.`,
        remedies: [say`Move it towards skim.`],
      } satisfies Problem,
    ];
  });
}

function recoveryProblems({ outer, band, facts, zones, book, checks }: ProblemInputs): Problem[] {
  const problems: Problem[] = [];
  const asked = zones.filter((zone) => getNumber(book.numbers, zone.extension).value > 0);
  const unmeasured = zones.length === 0 && checks.some(({ id }) => id === 'check.recovery');
  if (outer?.verdict === 'no-negative-ease' && facts.outer && (asked.length > 0 || unmeasured)) {
    problems.push({
      id: 'outer-recovery',
      stage: 'stretch',
      severity: 'stop',
      sentence: say`${{ name: facts.outer.name }} does not come back well enough to be worn smaller than the body: it will bag.${recoveryShort(book, outer)}`,
      remedies: [say`Set every zone to skim or looser.`, say`Choose a cloth that comes back better.`],
    });
  }
  if (band?.verdict === 'no-negative-ease' && facts.band) {
    problems.push({
      id: 'band-recovery',
      stage: 'stretch',
      severity: 'stop',
      sentence: say`${{ name: facts.band.name }} does not come back well enough for a band: it will gape.`,
      remedies: [say`Cut the band from a cloth that comes back better, such as a rib with elastane.`],
    });
  }
  return problems;
}

/** How far its recovery is under the least that may be worn smaller than the body. */
function recoveryShort(book: Ledger, outer: ClothReading): Phrase {
  const has = lowestRecovery(outer);
  if (!has) return [];
  const id = 'problem.recovery';
  const least = 'recovery asked of anything smaller than the body';
  const needs = book.given(id, least, RECOVERY_FROM.topsOnly, 'share', 'T');
  return say` It comes back ${has} where ${needs} is asked: ${shortfall(book, `${id}.short`, needs, has)} short.`;
}

function zoneProblems({ zones, book, facts }: ProblemInputs): Problem[] {
  const get = (id: string) => getNumber(book.numbers, id);
  return zones.flatMap((zone) => {
    const worn = get(zone.extension);
    const limit = get(zone.limit);
    if (isAtMostShare(worn.value, limit.value)) return [];
    const wanted = book.work(`problem.${zone.zone}.stretch`, {
      label: `stretch a cloth needs for this ${zone.label.toLowerCase()}`,
      unit: 'share',
      mark: 'D',
      formula: 'e / worn',
      terms: { e: worn, worn: leaf('share of the stretch that may be worn', LIMITS.worn, 'share', 'T') },
    });
    const cloth: Phrase = facts.outer ? [{ name: facts.outer.name }] : say`The cloth`;
    return [
      {
        id: `zone-${zone.zone}`,
        stage: 'fit',
        severity: 'stop',
        sentence: say`${zone.label}: worn at ${worn}, but ${cloth} should not be worn past ${limit}: ${shortfall(book, `problem.${zone.zone}.over`, worn, limit)} too far.`,
        remedies: [
          say`Move it towards skim.`,
          say`Choose a cloth that stretches ${atLeast(wanted)} or more around.`,
        ],
      } satisfies Problem,
    ];
  });
}

function openingProblems({ openings, book, facts }: ProblemInputs): Problem[] {
  return openings
    .filter((opening) => !opening.ok)
    .map((opening): Problem => {
      const weak = opening.parts.filter((part) => !part.ok);
      const first = weak[0] as (typeof weak)[number];
      const needs = getNumber(book.numbers, first.needs);
      const gives = getNumber(book.numbers, first.gives);
      const short = shortfall(book, `problem.${opening.id}.short`, needs, gives);
      const stitchOnly = weak.every(({ kind }) => kind === 'stitch');
      const elasticOnly = weak.every(({ label }) => label === 'elastic');
      const passes = getNumber(book.numbers, opening.passes);
      return {
        id: `opening-${opening.id}`,
        stage: stitchOnly ? 'sew' : opening.id === 'neckline' || elasticOnly ? 'bands' : 'fit',
        severity: 'stop',
        sentence:
          first.kind === 'strip'
            ? say`${opening.label} does not pass ${opening.passesWhat}: the ${first.label} gives ${gives}, too little to reach ${passes}: ${short} short.`
            : say`${opening.label} does not pass ${opening.passesWhat}: it must give ${needs}, and the ${first.label} gives ${gives}: ${short} short.`,
        remedies: stitchOnly
          ? [say`Choose a stitch that stretches more, or leave the row off.`]
          : openingRemedies(book, opening, facts),
      };
    });
}

function openingRemedies(book: Ledger, opening: OpeningPlan, facts: ProblemInputs['facts']): Phrase[] {
  const clothPart = opening.parts.find(({ kind, ok }) => kind === 'cloth' && !ok);
  const otherwise = say`Add an opening, such as a placket, a slit or a zip.`;
  if (!clothPart) {
    const elastic = opening.parts.some(
      ({ kind, label, ok }) => kind === 'strip' && label === 'elastic' && !ok,
    );
    const stretchier = elastic
      ? say`Choose an elastic that stretches more, or make it longer.`
      : say`Cut the band from a cloth that stretches more, or make it longer.`;
    return [stretchier, otherwise];
  }
  const wider = book.work(`problem.${opening.id}.girth`, {
    label: `smallest ${opening.label.toLowerCase()} that passes`,
    unit: 'mm',
    mark: 'D',
    formula: 'G / (1 + S)',
    terms: { G: getNumber(book.numbers, opening.passes), S: getNumber(book.numbers, clothPart.gives) },
  });
  const cloth: Phrase = facts.outer ? say` in ${{ name: facts.outer.name }}` : say``;
  return [
    say`Make it ${atLeast(wider)} around, or more${cloth}.`,
    say`Choose a cloth that stretches ${atLeast(getNumber(book.numbers, opening.needs))} or more around.`,
    otherwise,
  ];
}
