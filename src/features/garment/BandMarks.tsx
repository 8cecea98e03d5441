'use client';
import { useId } from 'react';
import type { BandMark, NeckbandPlan } from '@/core/plan/types';
import { formatLength } from '@/core/units/formatLength';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { useNumbers, valueOf } from '@/ui/numbers';
import { Hatch } from '@/ui/Hatch';
import { useUnit } from '@/ui/unit';
import table from '@/ui/table.module.css';
import styles from './GarmentPage.module.css';
import { useGarment } from './useGarment';

const WIDTH = 590;
const LEFT = 4;
const RIGHT = 570;

/** Neckline and band laid flat from centre back, their marks joined by lines. */
export function BandMarks({ band }: { band: NeckbandPlan }) {
  const { garment, plan, set } = useGarment();
  const numbers = useNumbers();
  const { unit } = useUnit();
  const hatch = useId();
  const get = (id: string) => valueOf(numbers, id);
  if (!plan.neckline) return null;
  const neck = get(plan.neckline.seamline);
  const sewn = get(band.sewn);
  const back = get(plan.neckline.backHalf);
  const scale = (RIGHT - LEFT) / Math.max(neck, sewn);
  const x = (mm: number) => LEFT + mm * scale;
  const count = get(band.markCount);
  const ends = Array.from({ length: count + 1 }, (_, at) => ({
    neck: (neck * at) / count,
    band: (sewn * at) / count,
  }));
  const show = (mm: number) => formatLength(mm, unit);
  const names = (at: number): string => (at === count ? 'centre back' : (band.marks[at]?.label ?? ''));
  const shown = (at: number) => count <= 4 || names(at) !== 'eighth';
  return (
    <section className={styles.stack}>
      <h2>Where the marks go</h2>
      <svg
        viewBox={`0 0 ${WIDTH} 176`}
        style={{ width: '100%', maxWidth: WIDTH, overflow: 'visible' }}
        role="img"
        aria-label={`${count} marks on each: every ${show(neck / count)} on the neckline, every ${show(sewn / count)} on the band`}
      >
        <Hatch id={hatch} of="worn" />
        <rect x={LEFT} y="24" width={neck * scale} height="26" fill="var(--rest)" rx="2" />
        <rect x={LEFT} y="116" width={sewn * scale} height="22" fill="var(--rest)" rx="2" />
        {neck > sewn && (
          <rect
            x={x(sewn)}
            y="116"
            width={(neck - sewn) * scale}
            height="22"
            fill={`url(#${hatch})`}
            stroke="var(--capacity)"
          />
        )}
        {[back, neck - back].map((at, index) => (
          <g key={index}>
            <line
              x1={x(at)}
              x2={x(at)}
              y1="24"
              y2="50"
              stroke="var(--on-rest)"
              strokeWidth="2"
              strokeDasharray="3 3"
            />
            <text
              x={x(at) + (index === 0 ? -6 : 6)}
              y="41"
              fontSize="12.5"
              textAnchor={index === 0 ? 'end' : 'start'}
              fill="var(--on-rest)"
            >
              shoulder
            </text>
          </g>
        ))}
        {ends.map((end, at) => (
          <g key={at}>
            <path
              d={`M${x(end.neck)} 24 V56 L${x(end.band)} 110 V138`}
              fill="none"
              stroke="var(--demand)"
              strokeWidth="1.8"
            />
            {shown(at) && (
              <text
                x={at === 0 ? LEFT : at === count ? x(end.neck) : x(end.neck)}
                y="15"
                fontSize="12.5"
                fill="var(--on-demand-tint)"
                textAnchor={at === 0 ? 'start' : at === count ? 'end' : 'middle'}
              >
                {names(at)}
              </text>
            )}
            {at > 0 && (
              <text
                x={(x(end.neck) + x((neck * (at - 1)) / count)) / 2}
                y="67"
                fontSize="12.5"
                fill="var(--soft)"
                textAnchor="middle"
              >
                {count <= 4 || at === 1 ? show(neck / count) : ''}
              </text>
            )}
            {at > 0 && shown(at) && (
              <text
                x={x(end.band)}
                y="154"
                fontSize="12.5"
                fill="var(--soft)"
                textAnchor={at === count ? 'end' : 'middle'}
              >
                {show(end.band)}
              </text>
            )}
          </g>
        ))}
        <text x={LEFT} y="172" fontSize="13.5" fontWeight="650" fill="var(--ink)">
          Band at rest, {show(sewn)}
        </text>
        <text x={RIGHT} y="172" fontSize="13.5" textAnchor="end" fill="var(--on-capacity-tint)">
          stretched {Math.round(get(band.sewnStretch) * 100)} % as it is sewn, to {show(neck)}
        </text>
      </svg>
      <div className={styles.actions} style={{ gap: 28 }}>
        <ChoiceRow
          legend="Marks"
          value={garment.neckband.marks}
          options={[
            { value: 'auto', label: 'By size' },
            { value: 'halves', label: 'Halves' },
            { value: 'quarters', label: 'Quarters' },
            { value: 'eighths', label: 'Eighths' },
          ]}
          onChange={(marks) => set('Marks', { 'neckband.marks': marks })}
        />
        <ChoiceRow
          legend="Band joined at"
          value={garment.neckband.join}
          options={[
            { value: 'centre-back', label: 'centre back' },
            { value: 'left-shoulder', label: 'left shoulder' },
          ]}
          onChange={(join) => set('Where the band is joined', { 'neckband.join': join })}
        />
      </div>
      <MarkTable marks={band.marks} />
    </section>
  );
}

function MarkTable({ marks }: { marks: readonly BandMark[] }) {
  const numbers = useNumbers();
  const { unit } = useUnit();
  const show = (id: string) => formatLength(Math.abs(valueOf(numbers, id)), unit);
  return (
    <details>
      <summary style={{ cursor: 'pointer', minHeight: 28 }}>Every mark, with its distances</summary>
      <div className={table.scroll}>
        <table className={table.table}>
          <thead>
            <tr>
              <th>Mark</th>
              <th className={table.num}>on the neckline, from centre back</th>
              <th className={table.num}>on the band, from its join</th>
              <th>from the shoulder seam</th>
              <th className={table.num}>from the nearer centre</th>
            </tr>
          </thead>
          <tbody>
            {marks.map((mark) => (
              <tr key={mark.alongNeck}>
                <td>
                  {mark.label}
                  {mark.side === 'middle' ? '' : `, ${mark.side}`}
                </td>
                <td className={table.num}>{show(mark.alongNeck)}</td>
                <td className={table.num}>{show(mark.alongBand)}</td>
                <td>
                  {show(mark.fromShoulder)} {valueOf(numbers, mark.fromShoulder) >= 0 ? 'in front' : 'behind'}
                </td>
                <td className={table.num}>{show(mark.fromCentre)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}
