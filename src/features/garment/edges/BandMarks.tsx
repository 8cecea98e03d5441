'use client';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableContainer from '@mui/material/TableContainer';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { capital } from '@/core/units/words';
import { useId, type ReactNode } from 'react';
import type { MarkChoice } from '@/core/facts/garment';
import type { BandMark, MarksPlan } from '@/core/edges/types';
import { formatLength } from '@/core/units/formatLength';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { useNumbers, valueOf } from '@/ui/numbers';
import { Hatch } from '@/ui/Hatch';
import { useUnit } from '@/ui/unit';
import styles from '../page/GarmentPage.module.css';
import { Fold } from '@/ui/Fold';

const WIDTH = 590;
const LEFT = 4;
const RIGHT = 570;

interface Props {
  readonly marked: MarksPlan;
  readonly edge: string;
  readonly strip: string;
  readonly edgeName: string;
  readonly stripName: string;
  readonly choice: MarkChoice;
  readonly onChoose: (choice: MarkChoice) => void;
  /** Offered where the shortening can follow the curve. */
  readonly byCurve?: boolean;
  readonly children?: ReactNode;
}

const DIVISIONS = [
  { value: 'auto', label: 'By size' },
  { value: 'halves', label: 'Halves' },
  { value: 'quarters', label: 'Quarters' },
  { value: 'eighths', label: 'Eighths' },
  { value: 'sixteenths', label: 'Sixteenths' },
] as const;

/** An edge and its band laid flat from the edge's start, their marks joined by lines. */
export function BandMarks({
  marked,
  edge: edgeId,
  strip,
  edgeName,
  stripName,
  choice,
  onChoose,
  byCurve = false,
  children,
}: Props) {
  const numbers = useNumbers();
  const { unit } = useUnit();
  const hatch = useId();
  const get = (id: string) => valueOf(numbers, id);
  const edge = get(edgeId);
  const band = get(strip);
  const scale = (RIGHT - LEFT) / Math.max(edge, band);
  const x = (mm: number) => LEFT + mm * scale;
  const count = get(marked.markCount);
  const first = marked.marks[0] ? get(marked.marks[0].alongBand) : 0;
  const lines = marked.marks.map((mark) => ({
    edge: get(mark.alongEdge),
    band: (get(mark.alongBand) - first + band) % Math.max(band, 1),
    label: mark.label,
  }));
  const ends = marked.open ? lines : [...lines, { edge, band, label: marked.start }];
  if (marked.open) Object.assign(ends.at(-1) ?? {}, { band });
  const show = (mm: number) => formatLength(mm, unit);
  const named = namedMarks(ends.map((end) => ({ x: x(end.edge), label: end.label })));
  const stretched = band > 0 ? edge / band - 1 : 0;
  const seams = marked.seams.filter(({ at }) => get(at) > 1 && get(at) < edge - 1);
  const options = byCurve ? [...DIVISIONS, { value: 'curve' as const, label: 'By the curve' }] : DIVISIONS;
  return (
    <section className={styles.stack}>
      <h2>Where the marks go</h2>
      <svg
        viewBox={`0 0 ${WIDTH} 196`}
        style={{ width: '100%', maxWidth: WIDTH, overflow: 'visible' }}
        role="img"
        aria-label={`${count} marks on each: every ${show(edge / count)} on the ${edgeName}${marked.even ? `, every ${show(band / count)} on the ${stripName}` : ''}`}
      >
        <Hatch id={hatch} of="worn" />
        <rect x={LEFT} y="24" width={edge * scale} height="26" fill="var(--rest)" rx="2" />
        <rect x={LEFT} y="116" width={band * scale} height="22" fill="var(--rest)" rx="2" />
        {edge > band && (
          <rect
            x={x(band)}
            y="116"
            width={(edge - band) * scale}
            height="22"
            fill={`url(#${hatch})`}
            stroke="var(--capacity)"
          />
        )}
        {seams.map(({ label, at: seamId }) => {
          const at = get(seamId);
          const end = at < edge / 2;
          return (
            <g key={label}>
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
                x={x(at) + (end ? -6 : 6)}
                y="41"
                fontSize="12.5"
                textAnchor={end ? 'end' : 'start'}
                fill="var(--on-rest)"
              >
                {shortSeam(label)}
              </text>
            </g>
          );
        })}
        {ends.map((end, at) => {
          const last = at === ends.length - 1;
          return (
            <g key={at}>
              <path
                d={`M${x(end.edge)} 24 V56 L${x(end.band)} 110 V138`}
                fill="none"
                stroke="var(--demand)"
                strokeWidth="1.8"
              />
              {named.has(at) && (
                <text
                  x={x(end.edge)}
                  y="15"
                  fontSize="12.5"
                  fill="var(--on-demand-tint)"
                  textAnchor={at === 0 ? 'start' : last ? 'end' : 'middle'}
                >
                  {end.label}
                </text>
              )}
              {at > 0 && (
                <text
                  x={(x(end.edge) + x(ends[at - 1]?.edge ?? 0)) / 2}
                  y="67"
                  fontSize="12.5"
                  fill="var(--soft)"
                  textAnchor="middle"
                >
                  {count <= 4 || at === 1 ? show(edge / count) : ''}
                </text>
              )}
              {at > 0 && named.has(at) && (
                <text
                  x={x(end.band)}
                  y="154"
                  fontSize="12.5"
                  fill="var(--soft)"
                  textAnchor={last ? 'end' : 'middle'}
                >
                  {show(end.band)}
                </text>
              )}
            </g>
          );
        })}
        <text x={LEFT} y="174" fontSize="13.5" fontWeight="650" fill="var(--ink)">
          {capital(stripName)} at rest, {show(band)}
        </text>
        <text x={LEFT} y="192" fontSize="13.5" fill="var(--on-capacity-tint)">
          {Math.abs(stretched) < 0.005
            ? `laid on at rest along ${show(edge)}`
            : stretched > 0
              ? `stretched ${Math.round(stretched * 100)} % as it is sewn, to ${show(edge)}`
              : `the edge of ${show(edge)} is stretched ${Math.round((band / edge - 1) * 100)} % onto it`}
        </text>
      </svg>
      <div className={styles.actions} style={{ gap: 28 }}>
        <ChoiceRow legend="Marks" value={choice} options={options} onChange={onChoose} />
        {children}
      </div>
      <MarkTable marked={marked} />
    </section>
  );
}

/** About how wide a letter of the marks is, in drawing units. */
const LETTER = 6.6;

/** Which marks have room for their name: ends and half first, then quarters, then the rest while they fit. */
function namedMarks(ends: readonly { readonly x: number; readonly label: string }[]): ReadonlySet<number> {
  const last = ends.length - 1;
  const rank = (at: number, label: string) => {
    if (at === 0 || at === last) return 0;
    if (label === 'quarter') return 2;
    return label === 'eighth' || label === 'sixteenth' ? 3 : 1;
  };
  const order = ends
    .map(({ label }, at) => ({ at, rank: rank(at, label) }))
    .filter(({ rank: low }) => low < 3 || last <= 4)
    .toSorted((a, b) => a.rank - b.rank || a.at - b.at);
  const placed: { readonly from: number; readonly to: number }[] = [];
  const named = new Set<number>();
  for (const { at } of order) {
    const { x, label } = ends[at] as (typeof ends)[number];
    const width = label.length * LETTER;
    const from = at === 0 ? x : at === last ? x - width : x - width / 2;
    if (placed.some((one) => from < one.to + 4 && from + width > one.from - 4)) continue;
    placed.push({ from, to: from + width });
    named.add(at);
  }
  return named;
}

/** A seam's name, short enough for the bar it crosses. */
const shortSeam = (label: string): string => label.replace(/^(left|right) /, '').replace(/ seam$/, '');

/** The words of a distance past a seam: in front of it or behind where the edge has a front, else past or before. */
function pastWords(signed: number, mark: BandMark, marked: MarksPlan): string {
  if (Math.abs(signed) < 0.5) return 'on it';
  if (marked.middle !== 'centre front') return signed > 0 ? 'past' : 'before';
  const towardsFront = mark.side === 'right' ? signed < 0 : signed > 0;
  return towardsFront ? 'in front' : 'behind';
}

function MarkTable({ marked }: { marked: MarksPlan }) {
  const numbers = useNumbers();
  const { unit } = useUnit();
  const show = (id: string) => formatLength(Math.abs(valueOf(numbers, id)), unit);
  const nearestFirst = (mark: BandMark) =>
    mark.fromSeams.toSorted((a, b) => Math.abs(valueOf(numbers, a.mm)) - Math.abs(valueOf(numbers, b.mm)));
  return (
    <Fold summary="Every mark, with its distances">
      <TableContainer>
        <Table>
          <TableHead>
            <TableRow>
              <TableCell>Mark</TableCell>
              <TableCell align="right">on the edge, from {marked.start}</TableCell>
              <TableCell align="right">on the band, from its join</TableCell>
              {marked.seams.length > 0 && <TableCell>from the seams that cross it</TableCell>}
              <TableCell align="right">from the nearer centre</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {marked.marks.map((mark) => (
              <TableRow key={mark.alongEdge}>
                <TableCell>
                  {mark.label}
                  {mark.side === 'middle' ? '' : `, ${mark.side}`}
                </TableCell>
                <TableCell align="right">{show(mark.alongEdge)}</TableCell>
                <TableCell align="right">{show(mark.alongBand)}</TableCell>
                {marked.seams.length > 0 && (
                  <TableCell>
                    {nearestFirst(mark).map((seam) => (
                      <div key={seam.label}>
                        {show(seam.mm)} {pastWords(valueOf(numbers, seam.mm), mark, marked)}: {seam.label}
                      </div>
                    ))}
                  </TableCell>
                )}
                <TableCell align="right">{show(mark.fromCentre)}</TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </TableContainer>
    </Fold>
  );
}
