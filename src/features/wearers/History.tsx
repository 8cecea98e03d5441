'use client';
import Stack from '@mui/material/Stack';
import { useState } from 'react';
import { CartesianGrid, Line, LineChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts';
import { bodyFields, bodyMeasures, isBodyMeasure, type BodyMeasure, type Wearer } from '@/core/facts/wearer';
import { MM_PER_INCH } from '@/core/units/constants';
import { formatLength } from '@/core/units/formatLength';
import { PickField } from '@/ui/PickField';
import { useUnit } from '@/ui/unit';

const tick = { fill: 'var(--soft)', fontSize: 12.5 };

/** One measurement over time: children grow, and some grown-ups change. */
export function History({ wearer }: { wearer: Wearer }) {
  const { unit } = useUnit();
  const sets = Object.values(wearer.measurements).toSorted((a, b) =>
    a.measuredOn.localeCompare(b.measuredOn),
  );
  const repeated = bodyMeasures.filter(
    (measure) => sets.filter(({ values }) => values[measure] !== undefined).length > 1,
  );
  const [picked, setPicked] = useState<BodyMeasure | undefined>(undefined);
  const measure = picked ?? repeated[0];
  if (!measure) return null;
  const per = unit === 'cm' ? 10 : MM_PER_INCH;
  const data = sets.flatMap(({ measuredOn, values }) => {
    const mm = values[measure];
    return mm === undefined ? [] : [{ at: Date.parse(measuredOn), on: measuredOn, mm, value: mm / per }];
  });
  const { label } = bodyFields[measure];
  const described = data.map(({ on, mm }) => `${on} ${formatLength(mm, unit)}`).join(', ');
  return (
    <Stack component="section" sx={{ gap: '12px' }}>
      <Stack direction="row" sx={{ justifyContent: 'space-between', gap: '12px', alignItems: 'end' }}>
        <h2>Over time</h2>
        <div style={{ width: 230 }}>
          <PickField
            label="Measurement"
            value={measure}
            options={repeated.map((one) => ({ id: one, name: bodyFields[one].label }))}
            empty="choose one"
            onChange={(id) => isBodyMeasure(id) && setPicked(id)}
          />
        </div>
      </Stack>
      <div role="img" aria-label={`${label} over time: ${described}`} style={{ width: '100%', height: 230 }}>
        <ResponsiveContainer width="100%" height="100%" initialDimension={{ width: 700, height: 230 }}>
          <LineChart data={data} margin={{ top: 8, right: 70, bottom: 6, left: 4 }}>
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
            <Tooltip
              contentStyle={{ background: 'var(--sheet)', borderColor: 'var(--line)', color: 'var(--ink)' }}
              formatter={(value) => [formatLength(Number(value) * per, unit), label]}
              labelFormatter={(at) => new Date(Number(at)).toISOString().slice(0, 10)}
            />
            <Line
              dataKey="value"
              stroke="var(--demand)"
              strokeWidth={2}
              dot={{ r: 4, fill: 'var(--ground)', stroke: 'var(--demand)', strokeWidth: 2 }}
              isAnimationActive={false}
            />
          </LineChart>
        </ResponsiveContainer>
      </div>
    </Stack>
  );
}
