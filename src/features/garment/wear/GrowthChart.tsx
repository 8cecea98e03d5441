'use client';
import {
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  Scatter,
  XAxis,
  YAxis,
} from 'recharts';
import type { ZoneStillFits } from '@/core/wear/stillFits';
import { MM_PER_INCH } from '@/core/units/constants';
import { formatLength } from '@/core/units/formatLength';
import { useUnit } from '@/ui/unit';

const tick = { fill: 'var(--soft)', fontSize: 12.5 };

/** The girth that is outgrown first: its measurements, the line through them, and the most the garment takes. */
export function GrowthChart({
  zone: { label, line, most, then, until },
  on,
}: {
  zone: ZoneStillFits;
  on: string;
}) {
  const { unit } = useUnit();
  const per = unit === 'cm' ? 10 : MM_PER_INCH;
  const first = line.through[0]?.on ?? line.from;
  const begins = then.value - line.perDay.value * ((Date.parse(on) - Date.parse(first)) / 86_400_000);
  const data = [
    ...line.through.map(({ on: day, mm }) => ({ at: Date.parse(day), measured: mm / per })),
    { at: Date.parse(first), line: begins / per },
    { at: Date.parse(on), line: then.value / per },
  ].toSorted((a, b) => a.at - b.at);
  const described = line.through.map(({ on: day, mm }) => `${day} ${formatLength(mm, unit)}`).join(', ');
  return (
    <div
      role="img"
      aria-label={`${label}: ${described}; ${formatLength(then.value, unit)} on ${on}. It takes ${formatLength(most.value, unit)}${until ? `, until ${until}` : ''}.`}
      style={{ width: '100%', height: 220 }}
    >
      <ResponsiveContainer width="100%" height="100%" initialDimension={{ width: 700, height: 220 }}>
        <ComposedChart data={data} margin={{ top: 8, right: 70, bottom: 6, left: 4 }}>
          <CartesianGrid stroke="var(--line)" vertical={false} />
          <XAxis
            dataKey="at"
            type="number"
            scale="time"
            domain={['dataMin', 'dataMax']}
            tickFormatter={(at: number) => new Date(at).toISOString().slice(0, 7)}
            tick={tick}
            stroke="var(--control)"
          />
          <YAxis
            domain={['auto', 'auto']}
            tick={tick}
            stroke="var(--control)"
            width={56}
            tickFormatter={(value: number) => `${Math.round(value * 10) / 10} ${unit}`}
          />
          <ReferenceLine
            y={most.value / per}
            stroke="var(--capacity)"
            strokeWidth={2}
            ifOverflow="extendDomain"
            label={{ value: 'it takes', position: 'insideTopLeft', fill: 'var(--soft)', fontSize: 12.5 }}
          />
          <Line
            dataKey="line"
            stroke="var(--demand)"
            strokeDasharray="6 4"
            strokeWidth={2}
            dot={false}
            connectNulls
            isAnimationActive={false}
          />
          <Scatter dataKey="measured" fill="var(--demand)" isAnimationActive={false} />
        </ComposedChart>
      </ResponsiveContainer>
    </div>
  );
}
