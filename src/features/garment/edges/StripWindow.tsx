'use client';
import { edgeChoiceSpec } from '@/core/facts/garment';
import { edgePlace } from '@/core/facts/fitting';
import type { EdgePlan, StripLimit, StripPlan } from '@/core/edges/types';
import { MM_PER_INCH } from '@/core/units/constants';
import { formatLength } from '@/core/units/formatLength';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { LengthField } from '@/ui/LengthField';
import { lengthScale } from '@/ui/lengthScale';
import { NumberField } from '@/ui/NumberField';
import { useNumbers, valueOf } from '@/ui/numbers';
import { ScaleChooser, type ScaleRegion } from '@/ui/ScaleChooser';
import { useUnit } from '@/ui/unit';
import styles from '../page/GarmentPage.module.css';
import { Learned } from '../wear/Learned';
import { RuleTable } from './RuleTable';
import { stateWords } from './stateWords';
import { useEdge } from './useEdge';

const { fields } = edgeChoiceSpec;

interface Props {
  readonly edge: EdgePlan;
  readonly strip: StripPlan;
  /** It lies in or on the first strip of its edge. */
  readonly second: boolean;
}

/** How long a strip can be: every rule against the limits, and the length chosen. */
export function StripWindow({ edge, strip, second }: Props) {
  const { use, choice, put, fault } = useEdge(edge);
  const numbers = useNumbers();
  const { unit } = useUnit();
  const get = (id: string) => valueOf(numbers, id);
  const chosen = get(strip.chosen);
  const shortest = strip.shortest === undefined ? undefined : get(strip.shortest);
  const longest = strip.longest === undefined ? undefined : get(strip.longest);
  const lengths = strip.rules.flatMap(({ length, low, high }) =>
    [length, low ?? length, high ?? length].map(get),
  );
  const least = Math.min(chosen, ...lengths);
  const reach = Math.max(Math.max(chosen, ...lengths) - least, least * 0.03);
  const near = shortest !== undefined && least - shortest < 3 * reach;
  const low = near ? Math.min(least, shortest) : least - 0.8 * reach;
  const high = Math.max(chosen, longest ?? chosen, ...lengths);
  const span = Math.max(high - low, high * 0.06);
  const { from, to, ticks } = lengthScale(Math.max(0, low - span * 0.08), high + span * 0.08, unit);
  const own = second ? 'elasticOwnMm' : 'ownMm';
  const school = second ? 'elasticSchool' : 'school';
  const choose = (mm: number) =>
    put('its length', { [own]: Math.max(mm, fields.ownMm.min), [school]: 'own' });
  const pick = (id: string) => {
    const learned = strip.rules.find((rule) => rule.id === id && rule.learned);
    if (learned) choose(get(learned.length));
    else put('whose rule', { [school]: id });
  };
  const name = strip.label.toLowerCase();
  return (
    <section className={styles.stack}>
      <div className={styles.between}>
        <h2>How long the {name} can be</h2>
        <ExplainedNumber id={strip.chosen} text={`Why ${formatLength(chosen, unit)}?`} />
      </div>
      <ScaleChooser
        label={`Length of the ${name} at the seamline`}
        from={from}
        to={to}
        step={unit === 'cm' ? 1 : MM_PER_INCH / 16}
        value={chosen}
        valueText={formatLength(chosen, unit)}
        regions={
          strip.byFold ? foldRegions(from, to, strip, get) : regionsOf(from, to, shortest, longest, strip)
        }
        marks={strip.rules
          .filter(({ id }) => id !== 'own')
          .map((rule) => ({
            value: get(rule.length),
            label: shortLabel(rule.label),
            ...(rule.low && rule.high ? { low: get(rule.low), high: get(rule.high) } : {}),
          }))}
        ticks={ticks}
        onChange={choose}
      />
      <Limits strip={strip} />
      <RuleTable strip={strip} onPick={pick} words={(rule) => stateWords[rule.state]} />
      {strip.rules.map(({ learned }) =>
        learned && !second ? <Learned key="learned" place={edgePlace(edge.id)} plan={learned} /> : null,
      )}
      <p className="soft small">The default, and why: {strip.why}</p>
      <div className={styles.fields}>
        {strip.byFold && (
          <LengthField
            spec={fields.finishedMm}
            valueMm={choice.finishedMm ?? use.finishedMm}
            required
            help="What shows when it is worn."
            onChange={(finishedMm) => put('its width', { finishedMm })}
            fault={fault('finishedMm')}
          />
        )}
        <LengthField
          spec={fields[own]}
          label="Your own length"
          valueMm={choice[own]}
          help="At the seamline, without joins and tails."
          onChange={(mm) => put('its length', { [own]: mm, [school]: mm === undefined ? undefined : 'own' })}
          fault={fault(own)}
        />
        {strip.byFold && (
          <LengthField
            spec={fields.printedCutMm}
            label="The pattern’s own band, as cut"
            valueMm={choice.printedCutMm}
            help="From the pattern piece or its chart."
            onChange={(printedCutMm) =>
              put('the pattern’s own', {
                printedCutMm,
                ...(printedCutMm === undefined && choice.school === 'pattern' ? { school: undefined } : {}),
              })
            }
            fault={fault('printedCutMm')}
          />
        )}
        {!second && strip.shorter && (
          <NumberField
            spec={fields.shorter}
            label={`Shorter than ${strip.onWhat} by`}
            value={choice.shorter}
            help="Your own share. Under zero it is eased on."
            onChange={(shorter) =>
              put('share taken off', { shorter, school: shorter === undefined ? undefined : 'percent' })
            }
            fault={fault('shorter')}
          />
        )}
      </div>
    </section>
  );
}

/** Between what it can be, in words: each limit opens to how it comes about. */
function Limits({ strip }: { strip: StripPlan }) {
  const numbers = useNumbers();
  const binding = strip.shortestBy.find(
    ({ at }) => strip.shortest !== undefined && valueOf(numbers, at) === valueOf(numbers, strip.shortest),
  );
  const top = strip.longestBy[0];
  if (!binding && !top) return null;
  return (
    <p className="soft small">
      {binding && (
        <>
          At least <ExplainedNumber id={binding.at} />, so that it {binding.label}.{' '}
        </>
      )}
      {top && (
        <>
          At most <ExplainedNumber id={top.at} />, to {TO[top.id] ?? 'need no easing'}.
        </>
      )}
    </p>
  );
}

const TO: Readonly<Partial<Record<StripLimit['id'], string>>> = { body: 'hold', flat: 'lie flat' };

/** A rule's name, short enough for its flag on the scale. */
const shortLabel = (label: string): string => label.split(/[,:(]/)[0]?.trim() ?? label;

/** The scale's parts: too short, works, and what is past the edge or the body. */
function regionsOf(
  from: number,
  to: number,
  shortest: number | undefined,
  longest: number | undefined,
  strip: StripPlan,
): ScaleRegion[] {
  const start = Math.max(shortest ?? from, from);
  const end = Math.min(Math.max(longest ?? to, start), to);
  const binds = strip.longestBy[0]?.id;
  return [
    { from, to: start, kind: 'no' as const, word: 'too short' },
    { from: start, to: end, kind: 'good' as const, word: 'works' },
    {
      from: end,
      to,
      kind: binds === 'body' ? ('no' as const) : ('care' as const),
      word: binds === 'body' ? 'does not hold' : 'has to be eased on',
    },
  ].filter((region) => region.to > region.from + 0.5);
}

/** The scale's parts where the fold says what is too long: too short, lies flat, wants steam, stands up. */
function foldRegions(
  from: number,
  to: number,
  { shortest, shortestBy, fold }: StripPlan,
  get: (id: string) => number,
): ScaleRegion[] {
  const least = shortest === undefined ? from : get(shortest);
  const passing = shortestBy.some(({ id, at }) => id === 'passes' && get(at) === least);
  const start = Math.min(Math.max(least, from), to);
  const flat = fold?.lies ? Math.max(get(fold.lies.flat), least) : start;
  const steam = fold?.lies ? Math.max(get(fold.lies.steam), least) : start;
  const regions: ScaleRegion[] = [
    { from, to: start, kind: 'no', word: passing ? 'does not go over' : 'won’t reach the seam' },
    { from: start, to: Math.min(flat, to), kind: 'good', word: 'lies flat' },
    { from: Math.min(flat, to), to: Math.min(steam, to), kind: 'care', word: 'wants steam' },
    { from: Math.min(steam, to), to, kind: 'no', word: 'stands up' },
  ];
  return regions.filter((region) => region.to > region.from + 0.5);
}
