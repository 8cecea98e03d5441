'use client';
import { memo, useId, useMemo } from 'react';
import type { GarmentFacts } from '@/core/facts/garmentFacts';
import type { GarmentKind } from '@/core/fit/garmentKind';
import type { GarmentPlan } from '@/core/plan/types';
import { drawnBody } from '@/core/garments/drawings/drawnBody';
import { figureOf } from '@/core/garments/drawings/figure';
import { piecesAsCut } from '@/core/plan/asCut';
import { plannedStrain, runsOf, strainOfPieces, type StrainLine } from '@/core/pieces/figureStrain';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { Hatch } from '@/ui/Hatch';
import { isAtMostShare } from '@/core/units/tolerance';
import { NumbersProvider, valueOf } from '@/ui/numbers';
import { useAfterPaint } from '@/ui/useAfterPaint';
import { useGarment } from '../page/useGarment';
import { EdgeWindows } from './EdgeWindows';
import styles from './Figure.module.css';
import { StrainChart } from './StrainChart';
import { bodyOutline, silhouetteOf, wornOutlines, type Seen } from './silhouette';

/** As high as the figure may be drawn, and as wide from the front, px. */
const HIGH_PX = 360;
const WIDE_PX = 210;
/** What is seen of the body above and below the garment, in units of it; of a top its shoulders and neck. */
const ABOVE = 10;
const BELOW = 9;
/** Room at the sides, as a share of half the figure. */
const BESIDE = 1.12;

/** The wearer’s figure with the garment on it: drawn in the frame after what is being slid or typed, so that that never waits. */
export function OnFigure() {
  const { facts, kind, plan, today } = useAfterPaint(useGarment());
  // Its numbers are those of that frame: the page's own may be without them by now.
  return (
    <NumbersProvider numbers={plan.numbers}>
      <Figure facts={facts} kind={kind} plan={plan} today={today} />
    </NumbersProvider>
  );
}

interface FigureProps {
  readonly facts: GarmentFacts;
  readonly kind: GarmentKind;
  readonly plan: GarmentPlan;
  readonly today: string;
}

/** It from the front and the side, and what is asked of the cloth at every height. */
const Figure = memo(function Figure({ facts, kind, plan, today }: FigureProps) {
  const { numbers } = plan;
  const hatch = useId();
  const { wearer } = facts;
  const { figure, body } = useMemo(() => {
    const measured = drawnBody(wearer);
    return { figure: figureOf(measured), body: measured };
  }, [wearer]);
  const inputs = { kind, zones: plan.zones, numbers, figure, measured: body };
  const planned = plannedStrain(inputs);
  const outlines = Object.fromEntries(
    piecesAsCut({ facts, kind, onDate: today }).map(({ shape, cut }) => [shape.id, cut]),
  );
  const cut = strainOfPieces(inputs, outlines);
  const lines = cut.length > 0 ? cut : planned;
  const limitId = plan.zones.find(({ axis }) => axis === 'around')?.limit;
  const ys = lines.flatMap(({ spots }) => spots.map(({ y }) => y));
  if (limitId === undefined || lines.length === 0 || ys.length < 2) return null;
  const limit = valueOf(numbers, limitId);
  const first = Math.min(...ys);
  const [top, foot] = [first < figure.waistY ? -1 : first - ABOVE, Math.max(...ys) + BELOW];
  const views = (['front', 'side'] as const).map((seen) => {
    const sides = silhouetteOf(figure, body, seen);
    const seenYs = [...ys, foot, ...(top < 0 ? [figure.shoulderDrop] : [])];
    const reach = seenYs.flatMap((y) => [sides.outer(y), sides.inner(y)].map(Math.abs));
    return { seen, sides, half: BESIDE * Math.max(...reach) };
  });
  const widest = Math.max(...views.map(({ half }) => 2 * half));
  const scale = Math.min(HIGH_PX / (foot - top), WIDE_PX / widest);
  const highPx = (foot - top) * scale;
  const zones = lines.flatMap((line) => line.zones);
  const places = apartFrom(zones.map(({ y }) => (y - top) * scale));
  return (
    <section className={styles.section}>
      <h2>On the body</h2>
      <div className={styles.figure}>
        <ul className={styles.zones} style={{ height: highPx }}>
          {zones.map(({ zone }, nth) => {
            const plan1 = plan.zones.find((one) => one.zone === zone);
            return plan1 ? (
              <li key={zone} style={{ top: places[nth] }}>
                {plan1.label}{' '}
                <ExplainedNumber
                  id={cut.length > 0 ? (plan1.pattern?.extension ?? plan1.extension) : plan1.extension}
                />
              </li>
            ) : null;
          })}
        </ul>
        {views.map(({ seen, sides, half }) => {
          return (
            <svg
              key={seen}
              role="img"
              aria-label={`${wearer?.name ?? 'The wearer'} from the ${seen}`}
              width={2 * half * scale}
              height={highPx}
              viewBox={`${-half} ${top} ${2 * half} ${foot - top}`}
            >
              <Hatch id={`${hatch}-${seen}`} of="forbidden" />
              {lines.map((line) => (
                <Worn
                  key={line.tube}
                  line={line}
                  limit={limit}
                  seen={seen}
                  sides={sides}
                  hatch={`${hatch}-${seen}`}
                  scale={scale}
                />
              ))}
              <path
                className={styles.body}
                d={bodyOutline(sides, seen, figure.crotchY, Math.max(top, 0), foot)}
                strokeWidth={1.6 / scale}
              />
            </svg>
          );
        })}
        <StrainChart planned={planned} cut={cut} limit={limit} from={top} to={foot} heightPx={highPx} />
      </div>
      <Said plan={plan} lines={lines} limit={limit} ofPieces={cut.length > 0} />
      <EdgeWindows edges={plan.edges} />
    </section>
  );
});

function Worn({
  line,
  limit,
  seen,
  sides,
  hatch,
  scale,
}: {
  line: StrainLine;
  limit: number;
  seen: Seen;
  sides: ReturnType<typeof silhouetteOf>;
  hatch: string;
  scale: number;
}) {
  return runsOf(line, limit).flatMap(({ lies, spots }, nth) =>
    wornOutlines(sides, seen, line.tube, spots).map((d, side) => (
      <path
        key={`${nth} ${side}`}
        d={d}
        className={styles[lies]}
        strokeWidth={1 / scale}
        {...(lies === 'strained' ? { fill: `url(#${hatch})` } : {})}
      />
    )),
  );
}

/** What the drawing shows, in words; and what it is. */
function Said({
  plan,
  lines,
  limit,
  ofPieces,
}: {
  plan: GarmentPlan;
  lines: readonly StrainLine[];
  limit: number;
  ofPieces: boolean;
}) {
  const labelOf = (zone: string) => plan.zones.find((one) => one.zone === zone)?.label.toLowerCase() ?? zone;
  const said = lines.flatMap((line) =>
    runsOf(line, limit).flatMap(({ lies, spots }) => {
      if (lies === 'well') return [];
      const [from, to] = [spots[0]?.y ?? 0, spots.at(-1)?.y ?? 0];
      const within = line.zones.filter(({ y }) => y >= from && y <= to);
      const beside = [line.zones.filter(({ y }) => y < from).at(-1), line.zones.find(({ y }) => y > to)];
      const names = (within.length > 0 ? within : beside).flatMap((one) =>
        one ? [`the ${labelOf(one.zone)}`] : [],
      );
      const place = `${within.length > 0 ? 'at' : 'between'} ${names.join(' and ')}`;
      return [
        lies === 'strained'
          ? `The cloth is used beyond six tenths of its stretch ${place}.`
          : `The pieces are more than 4 % wider than planned ${place}: it hangs loose there.`,
      ];
    }),
  );
  const pressed = plan.zones.flatMap(({ label, ofComfort }) =>
    ofComfort !== undefined && !isAtMostShare(valueOf(plan.numbers, ofComfort), 1)
      ? [`It presses beyond comfort at the ${label.toLowerCase()}.`]
      : [],
  );
  return (
    <>
      {[...said, ...pressed].map((sentence) => (
        <p key={sentence}>{sentence}</p>
      ))}
      <p className="soft small">
        {ofPieces
          ? 'The pieces as they are cut, at every height. '
          : 'Through the zones only: with outlines every height between them is measured. '}
        Hatched: beyond six tenths of its stretch. Dotted outline: hangs loose. The body is an estimate from a
        few girths at usual heights.
      </p>
    </>
  );
}

/** As far apart as lines of text need, px. */
const LINE_PX = 24;

/** Heights for labels, each near its own and none on another. */
function apartFrom(heights: readonly number[]): readonly number[] {
  const sorted = [...heights.entries()].toSorted(([, a], [, b]) => a - b);
  const placed: number[] = [];
  let least = -Infinity;
  for (const [nth, y] of sorted) {
    placed[nth] = Math.max(y - LINE_PX / 2, least);
    least = placed[nth] + LINE_PX;
  }
  return placed;
}
