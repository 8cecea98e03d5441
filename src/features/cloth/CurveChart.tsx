'use client';
import {
  CartesianGrid,
  ComposedChart,
  Label,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  Scatter,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import { tensionAt, type Curve, type TensionPoint } from '@/core/cloth/pullCurve';

interface ChartSeries {
  readonly name: string;
  readonly curve?: Curve;
  readonly points: readonly TensionPoint[];
}

const STEPS = 40;
const STROKES = [
  { stroke: 'var(--demand)', dash: '0' },
  { stroke: 'var(--capacity)', dash: '7 4' },
  { stroke: 'var(--ink)', dash: '2 3' },
  { stroke: 'var(--soft)', dash: '10 3 2 3' },
] as const;

const tick = { fill: 'var(--soft)', fontSize: 12.5 };

/** How far a cloth is drawn: to its furthest reading or its comfortable stretch, not beyond. */
const reachOf = ({ points, curve }: Pick<ChartSeries, 'points' | 'curve'>): number =>
  Math.max(curve?.S ?? 0, ...points.map(({ extension }) => extension));

/** Tension against extension: readings as dots, each curve a line with its name at its end. */
export function CurveChart({
  series,
  heightPx = 250,
}: {
  series: readonly ChartSeries[];
  heightPx?: number;
}) {
  const furthest = Math.max(0.1, ...series.map(reachOf));
  const first = series[0]?.curve;
  return (
    <div role="img" aria-label={describe(series)} style={{ width: '100%', maxWidth: 640, height: heightPx }}>
      <ResponsiveContainer width="100%" height="100%" initialDimension={{ width: 600, height: heightPx }}>
        <ComposedChart margin={{ top: 8, right: 96, bottom: 22, left: 12 }}>
          <CartesianGrid stroke="var(--line)" vertical={false} />
          <XAxis
            type="number"
            dataKey="x"
            domain={[0, Math.ceil(furthest * 100)]}
            allowDataOverflow
            tick={tick}
            stroke="var(--control)"
          >
            <Label
              value="stretched by, %"
              position="insideBottom"
              offset={-14}
              fill="var(--soft)"
              fontSize={12.5}
            />
          </XAxis>
          <YAxis type="number" dataKey="y" tick={tick} stroke="var(--control)" width={56}>
            <Label value="N per m" angle={-90} position="insideLeft" fill="var(--soft)" fontSize={12.5} />
          </YAxis>
          <Tooltip
            cursor={{ stroke: 'var(--control)' }}
            contentStyle={{ background: 'var(--sheet)', borderColor: 'var(--line)', color: 'var(--ink)' }}
            formatter={(value) => [`${Number(value).toFixed(1)} N/m`]}
            labelFormatter={(label) => `${Number(label).toFixed(0)} %`}
          />
          {first && (
            <ReferenceLine x={first.S * 100} stroke="var(--control)" strokeDasharray="3 3">
              <Label value="comfortable" position="insideBottomRight" fill="var(--soft)" fontSize={12.5} />
            </ReferenceLine>
          )}
          {series.map(({ name, points }, at) => (
            <Scatter
              key={`dots-${name}`}
              data={points.map(({ extension, tension }) => ({ x: extension * 100, y: tension }))}
              fill={STROKES[at % STROKES.length]?.stroke ?? 'var(--ink)'}
              shape={at % 2 === 0 ? 'circle' : 'diamond'}
              isAnimationActive={false}
            />
          ))}
          {series.flatMap(({ name, curve, points }, at) => {
            if (!curve) return [];
            const own = reachOf({ curve, points });
            const style = STROKES[at % STROKES.length] ?? STROKES[0];
            const last = STEPS;
            const data = Array.from({ length: STEPS + 1 }, (_, step) => {
              const extension = (own * step) / STEPS;
              return { x: extension * 100, y: tensionAt(curve, extension), name: step === last ? name : '' };
            });
            return [
              <Line
                key={`line-${name}`}
                data={data}
                dataKey="y"
                stroke={style.stroke}
                strokeDasharray={style.dash}
                strokeWidth={2}
                dot={false}
                isAnimationActive={false}
                label={(props: { index?: number; x?: number | string; y?: number | string }) =>
                  props.index === last ? (
                    <text x={Number(props.x) + 6} y={Number(props.y) + 4} fill={style.stroke} fontSize={12.5}>
                      {name}
                    </text>
                  ) : (
                    <g />
                  )
                }
              />,
            ];
          })}
        </ComposedChart>
      </ResponsiveContainer>
    </div>
  );
}

const describe = (series: readonly ChartSeries[]): string =>
  `Tension against stretch. ${series
    .map(({ name, curve, points }) =>
      curve
        ? `${name}: ${Math.round(curve.tS)} newtons per metre at ${Math.round(curve.S * 100)} percent`
        : `${name}: ${points.length} readings`,
    )
    .join('; ')}.`;
