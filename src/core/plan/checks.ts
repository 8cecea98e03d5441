import type { ClothReading } from '../cloth/reading';
import { lowestRecovery } from '../cloth/readCloth';
import type { Phrase } from '../explain/explained';
import { getNumber, atLeast, say, type Ledger } from '../explain/ledger';
import { stage, type SeenBy } from '../explain/stage';
import type { Cloth } from '../facts/cloth';
import type { KeptLayout } from '../facts/layout';
import { styleOf, type GarmentKind } from '../fit/garmentKind';
import { isAtLeastShare } from '../units/tolerance';
import { amountCheck } from '../cloth/amount';
import { shortfall, timesOver } from '../explain/compare';
import { finishOf } from '../edges/useOf';
import type { Body } from '../explain/body';
import type { CheckPlan } from '../cloth/types';
import type { ZonePlan } from '../fit/types';
import { wayOf } from '../fit/sharedFit';

const checksSee = { records: ['outer', 'lining', 'pattern'], garment: ['style', 'edges'] } as const;

interface Inputs {
  readonly book: Ledger;
  readonly facts: SeenBy<typeof checksSee>;
  readonly kind: GarmentKind;
  readonly outer: ClothReading | undefined;
  readonly lining: ClothReading | undefined;
  readonly body: Body;
  readonly zones: readonly ZonePlan[];
  /** How its pieces lie on the outer cloth, where that was kept and still holds. */
  readonly laidOut: KeptLayout | undefined;
}

/** Recovery matters where a zone is smaller than the body by more than this. */
const CLOSE_FROM = 0.005;

/** What this garment asks of its cloth, and whether the cloth has it: each check with its numbers. */
export const planChecks = stage(checksSee, workChecks);

function workChecks(inputs: Inputs): readonly CheckPlan[] {
  const { facts, outer } = inputs;
  if (!facts.outer || !outer) return [];
  return [
    ...stretchChecks(inputs, 'outer', facts.outer.name, outer),
    ...(facts.lining && inputs.lining
      ? stretchChecks(inputs, 'lining', facts.lining.name, inputs.lining)
      : []),
    ...recoveryCheck(inputs, facts.outer, outer),
    ...weightCheck(inputs, facts.outer),
    ...hangCheck(inputs, facts.outer),
    ...opaqueCheck(inputs, facts.outer),
    ...swimCheck(inputs, facts.outer),
    ...liningCheck(inputs),
    ...edgeChecks(inputs, facts.outer),
    ...amountCheck({ ...inputs, amount: inputs.kind.amount }, facts.outer),
  ];
}

/** The stretch asked for is a demand on each layer by itself; the pattern's own demand beats the kind's. */
function stretchChecks(
  { book, facts, kind }: Inputs,
  role: 'outer' | 'lining',
  name: string,
  reading: ClothReading,
): CheckPlan[] {
  const { pattern } = facts;
  const asked = [
    ['around', pattern?.statedAround, kind.asks.around] as const,
    ['along', pattern?.statedAlong, kind.asks.along] as const,
  ];
  return asked.flatMap(([axis, stated, usual]): CheckPlan[] => {
    const share = stated ?? usual;
    if (share <= 0) return [];
    const way = wayOf(reading, axis);
    const has = way && reading[way]?.stretch;
    const words = axis === 'around' ? 'around' : 'lengthwise';
    const label = role === 'outer' ? `Stretch ${words}` : `Stretch of the lining ${words}`;
    const id = `check.${role}.${axis}`;
    const needs = book.given(
      id,
      `stretch ${kind.label.toLowerCase()} asks for ${words}`,
      share,
      'share',
      stated === undefined ? 'T' : 'own record',
      stated === undefined ? undefined : 'As the pattern states it.',
    );
    if (!has) {
      return [
        {
          id,
          label,
          state: 'unknown',
          severity: 'stop',
          needs: needs.id,
          sentence: say`Pull a swatch of ${{ name }} ${axis === 'along' ? 'the other way' : 'both ways'}.`,
          remedies: [],
        },
      ];
    }
    const ok = isAtLeastShare(has.value, needs.value);
    return [
      {
        id,
        label,
        state: ok ? 'ok' : 'short',
        severity: 'stop',
        needs: needs.id,
        has: has.id,
        margin: timesOver(book, `${id}.margin`, has, needs).id,
        sentence: ok
          ? say`${{ name }} stretches ${has} ${words}; ${needs} is asked.`
          : say`${{ name }} stretches ${has} ${words}, and ${needs} is asked: ${shortfall(book, `${id}.short`, needs, has)} short, not suitable.`,
        remedies: ok ? [] : [say`Choose a cloth that stretches ${atLeast(needs)} or more ${words}.`],
      },
    ];
  });
}

/** A lining that comes back holds an outer cloth that does so less. */
function recoveryCheck(
  { book, kind, zones, facts, lining }: Inputs,
  cloth: Cloth,
  reading: ClothReading,
): CheckPlan[] {
  const close =
    zones.length === 0
      ? (styleOf(kind, facts.garment.style).share ?? 0) > 0
      : zones.some((zone) => getNumber(book.numbers, zone.extension).value > CLOSE_FROM);
  if (!close || kind.asks.recovery <= 0) return [];
  const label = 'Comes back';
  const own = lowestRecovery(reading);
  const under = lining && lowestRecovery(lining);
  const has = own && under && under.value > own.value ? under : own;
  const common = { id: 'check.recovery', label, severity: 'look' as const };
  const name = { name: cloth.name };
  if (!has) {
    return [
      {
        ...common,
        state: 'unknown',
        sentence: say`Let a swatch of ${name} go and read it again after a minute.`,
        remedies: [],
      },
    ];
  }
  const needs = book.given(
    'check.recovery',
    'recovery asked where it is close',
    kind.asks.recovery,
    'share',
    'T',
  );
  const ok = isAtLeastShare(has.value, needs.value);
  return [
    {
      ...common,
      state: ok ? 'ok' : 'short',
      needs: needs.id,
      has: has.id,
      margin: timesOver(book, 'check.recovery.margin', has, needs).id,
      sentence: ok
        ? say`${name} comes back ${has}.`
        : say`${name} comes back ${has}; ${needs} keeps this garment from bagging: ${shortfall(book, 'check.recovery.short', needs, has)} short.`,
      remedies: ok ? [] : [say`Line it with a cloth that comes back, or choose another.`],
    },
  ];
}

function weightCheck({ book, kind }: Inputs, cloth: Cloth): CheckPlan[] {
  const range = kind.asks.weightGsm;
  if (!range || cloth.weightGsm === undefined) return [];
  const [least, most] = range;
  const has = book.given('check.weight.has', `weight of ${cloth.name}`, cloth.weightGsm, 'gsm', 'measured');
  const low = book.given('check.weight.least', 'usual weight, least', least, 'gsm', 'T');
  const high = book.given('check.weight.most', 'usual weight, most', most, 'gsm', 'T');
  const light = has.value < low.value;
  const ok = !light && has.value <= high.value;
  return [
    {
      id: 'check.weight',
      label: 'Weight',
      state: ok ? 'ok' : 'short',
      severity: 'look',
      ...(ok ? {} : { needs: light ? low.id : high.id }),
      has: has.id,
      sentence: ok
        ? say`${has} is usual for it.`
        : say`${has} is ${light ? 'lighter' : 'heavier'} than usual here: ${low} to ${high}.`,
      remedies: ok ? [] : [light ? say`Line it.` : say`Expect it to hang more heavily.`],
    },
  ];
}

/** A check that cannot be made before something is said of the cloth. */
const asked = (id: string, label: string, sentence: Phrase): CheckPlan => ({
  id,
  label,
  state: 'unknown',
  severity: 'look',
  sentence,
  remedies: [],
});

function hangCheck({ kind }: Inputs, cloth: Cloth): CheckPlan[] {
  const { hang } = kind.asks;
  if (!hang || cloth.drape === undefined) return [];
  const ok = cloth.drape === hang || cloth.drape === 'medium';
  return [
    {
      id: 'check.hang',
      label: 'How it hangs',
      state: ok ? 'ok' : 'short',
      severity: 'look',
      sentence: ok
        ? say`It hangs as this garment wants it.`
        : say`${{ name: cloth.name }} is ${cloth.drape}; this garment is made for ${hang} cloth.`,
      remedies: [],
    },
  ];
}

const SEEN = { opaque: 0, 'a little': 1, 'see-through': 2 } as const;

function opaqueCheck({ kind, facts }: Inputs, cloth: Cloth): CheckPlan[] {
  const { opaque } = kind.asks;
  if (!opaque) return [];
  const seen = cloth[opaque];
  const label = opaque === 'wet' ? 'Seen through, wet' : 'Seen through';
  if (!seen) {
    const how = opaque === 'wet' ? 'a wet swatch of ' : '';
    return [
      asked(
        'check.opaque',
        label,
        say`Hold ${how}${{ name: cloth.name }} to the light and say whether it covers.`,
      ),
    ];
  }
  const under = facts.lining?.[opaque];
  const through = under === undefined ? SEEN[seen] : Math.min(SEEN[seen], SEEN[under]);
  const covered = through === 0 || (under !== undefined && through === 1);
  const wet = opaque === 'wet' ? ' when wet' : '';
  return [
    {
      id: 'check.opaque',
      label,
      state: covered ? 'ok' : 'short',
      severity: through === 2 ? 'stop' : 'look',
      sentence: covered ? say`It covers${wet}.` : say`${{ name: cloth.name }} can be seen through${wet}.`,
      remedies: covered ? [] : [say`Line it with a cloth that covers${wet}.`],
    },
  ];
}

function swimCheck({ kind, facts }: Inputs, cloth: Cloth): CheckPlan[] {
  const swims = kind.asks.swim && facts.garment.style === 'regular';
  if (!swims) return [];
  if (cloth.swim === undefined) {
    const sentence = say`Find out whether ${{ name: cloth.name }} stands chlorine and salt.`;
    return [asked('check.swim', 'Chlorine and salt', sentence)];
  }
  const ok = cloth.swim === 'yes';
  return [
    {
      id: 'check.swim',
      label: 'Chlorine and salt',
      state: ok ? 'ok' : 'short',
      severity: 'stop',
      sentence: ok
        ? say`It stands chlorine and salt.`
        : say`${{ name: cloth.name }} does not stand chlorine and salt: it would fade and slacken.`,
      remedies: ok ? [] : [say`Choose a swim cloth, or make it for dry land.`],
    },
  ];
}

function liningCheck({ kind, facts }: Inputs): CheckPlan[] {
  if (!kind.asks.lined) return [];
  const ok = facts.lining !== undefined;
  return [
    {
      id: 'check.lined',
      label: 'Lining',
      state: ok ? 'ok' : 'unknown',
      severity: 'look',
      sentence: ok
        ? say`It is lined.`
        : say`This garment is usually lined: choose the lining with the cloth.`,
      remedies: [],
    },
  ];
}

function edgeChecks({ kind, facts }: Inputs, cloth: Cloth): CheckPlan[] {
  if (cloth.ravels === undefined || cloth.ravels === 'holds') return [];
  return kind.edges.flatMap((edge): CheckPlan[] => {
    const finish = finishOf(edge, facts.garment);
    if (finish !== 'left as it is' && finish !== 'lettuce') return [];
    const runs = cloth.ravels === 'runs';
    return [
      {
        id: `check.edge.${edge.id}`,
        label: `${edge.label}, ${finish}`,
        state: 'short',
        severity: runs ? 'stop' : 'look',
        sentence: say`${{ name: cloth.name }} ${runs ? 'runs' : 'sheds'} from a cut edge, and the ${edge.label.toLowerCase()} is ${finish === 'lettuce' ? 'only overcast' : finish}.`,
        remedies: [say`Finish that edge with elastic, a band or a hem.`],
      },
    ];
  });
}
