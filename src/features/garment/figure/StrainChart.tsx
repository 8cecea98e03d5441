'use client';
import {
  CartesianGrid,
  Label,
  Line,
  LineChart,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import type { StrainLine } from '@/core/pieces/figureStrain';

interface Props {
  readonly planned: readonly StrainLine[];
  readonly cut: readonly StrainLine[];
  /** The most worn extension, a share. */
  readonly limit: number;
  /** Heights at the upper and the lower end of the drawing beside it. */
  readonly from: number;
  readonly to: number;
  readonly heightPx: number;
}

const AXIS_PX = 44;
/** Figures along the axis: so far apart, and no more than so many. */
const TICK_STEPS = [5, 10, 20, 50] as const;
const MOST_TICKS = 7;
const tick = { fill: 'var(--soft)', fontSize: 12.5 };

/** How far the cloth is stretched at every height of the body, on the scale of the figure beside it. */
export function StrainChart({ planned, cut, limit, from, to, heightPx }: Props) {
  const all = [...planned, ...cut].flatMap(({ spots }) => spots.map(({ extension }) => extension * 100));
  const most = Math.ceil(Math.max(limit * 120, ...all) / 5) * 5;
  const least = Math.floor(Math.min(-5, ...all) / 5) * 5;
  const step = TICK_STEPS.find((one) => (most - least) / one <= MOST_TICKS) ?? 50;
  const ticks = Array.from(
    { length: MOST_TICKS * 2 },
    (_, nth) => (Math.ceil(least / step) + nth) * step,
  ).filter((one) => one <= most);
  const dataOf = ({ spots }: StrainLine) =>
    spots.map(({ y, extension }) => ({ y, extension: extension * 100 }));
  return (
    <div
      role="img"
      aria-label={describe(cut.length > 0 ? cut : planned)}
      style={{ flex: '1 1 160px', minWidth: 160, maxWidth: 300, height: heightPx + AXIS_PX }}
    >
      <ResponsiveContainer
        width="100%"
        height="100%"
        initialDimension={{ width: 260, height: heightPx + AXIS_PX }}
      >
        <LineChart layout="vertical" margin={{ top: 0, right: 12, bottom: 0, left: 0 }}>
          <CartesianGrid stroke="var(--line)" horizontal={false} />
          <XAxis
            type="number"
            dataKey="extension"
            domain={[least, most]}
            ticks={ticks}
            height={AXIS_PX}
            tick={tick}
            stroke="var(--control)"
            allowDataOverflow
          >
            <Label
              value="stretched as worn, %"
              position="insideBottom"
              offset={2}
              fill="var(--soft)"
              fontSize={12.5}
            />
          </XAxis>
          <YAxis type="number" dataKey="y" domain={[from, to]} hide allowDataOverflow />
          <Tooltip
            contentStyle={{ background: 'var(--sheet)', borderColor: 'var(--line)', color: 'var(--ink)' }}
            formatter={(value) => [`${Number(value).toFixed(1)} %`]}
            labelFormatter={() => 'stretched as worn'}
          />
          <ReferenceArea x1={limit * 100} x2={most} fill="var(--demand-tint)" fillOpacity={0.6} />
          <ReferenceLine x={0} stroke="var(--control)" />
          <ReferenceLine x={limit * 100} stroke="var(--demand)" strokeDasharray="4 3" />
          {planned.map((line) => (
            <Line
              key={`planned ${line.tube}`}
              data={dataOf(line)}
              dataKey="extension"
              name="planned"
              stroke={cut.length > 0 ? 'var(--soft)' : 'var(--ink)'}
              strokeWidth={cut.length > 0 ? 1.5 : 2.5}
              strokeDasharray={cut.length > 0 ? '4 4' : '0'}
              dot={false}
              isAnimationActive={false}
            />
          ))}
          {cut.map((line) => (
            <Line
              key={`cut ${line.tube}`}
              data={dataOf(line)}
              dataKey="extension"
              name="as cut"
              stroke="var(--ink)"
              strokeWidth={2.5}
              dot={false}
              isAnimationActive={false}
            />
          ))}
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
}

const describe = (lines: readonly StrainLine[]): string =>
  `How far the cloth is stretched down the body: ${lines
    .flatMap(({ zones }) =>
      zones.map(({ zone, extension }) => `${zone} ${Math.round(extension * 100)} percent`),
    )
    .join(', ')}.`;
