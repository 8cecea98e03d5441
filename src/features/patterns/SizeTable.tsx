'use client';
import { sizesInOrder, placeInColumn, tableColumns } from '@/core/fit/patternSize';
import type { Pattern } from '@/core/facts/pattern';
import { bodyFields, type BodyMeasure } from '@/core/facts/wearer';
import { bareLength } from '@/core/units/formatLength';
import { useUnit } from '@/ui/unit';
import styles from './SizeTable.module.css';

/** Where a wearer stands in one column: the girth wanted, and the finished girth of the size cut. */
interface ColumnTarget {
  readonly measure: BodyMeasure;
  readonly targetMm: number;
  readonly finishedMm: number;
}

interface Props {
  readonly pattern: Pattern;
  readonly cut?: string;
  readonly targets?: readonly ColumnTarget[];
}

/** Heights of the drawn table, in px: the line is laid over it. */
const ROW = 30;
const FIRST = 84;
const COLUMN = 112;
/** The line runs left of the figures. */
const DOT = 20;

/** A size table with the wearer's line drawn through the sizes. */
export function SizeTable({ pattern, cut, targets = [] }: Props) {
  const { unit } = useUnit();
  const rows = sizesInOrder(pattern);
  const columns = tableColumns(pattern);
  if (rows.length === 0 || columns.length === 0) return null;
  const dots = columns.flatMap((measure, at) => {
    const target = targets.find((one) => one.measure === measure);
    const cutRow = rows.find(([id]) => id === cut)?.[1].values[measure];
    if (!target || cutRow === undefined) return [];
    const scale = target.finishedMm / cutRow;
    const place = placeInColumn(
      rows.map(([, size]) => size.values[measure]),
      target.targetMm / scale,
    );
    return [{ x: FIRST + COLUMN * at + DOT, y: ROW * (1 + place + 0.5), measure }];
  });
  const width = FIRST + COLUMN * columns.length;
  return (
    <div className={styles.scroll}>
      <div style={{ position: 'relative', width }}>
        <table className={styles.table} style={{ width }}>
          <caption className="visuallyHidden">
            Size table, {pattern.tableOf === 'body' ? 'body measurements' : 'finished garment'}
          </caption>
          <thead>
            <tr style={{ height: ROW }}>
              <th style={{ width: FIRST }}>Size</th>
              {columns.map((measure) => (
                <th key={measure} style={{ width: COLUMN }}>
                  {bodyFields[measure].label}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(([id, size]) => (
              <tr key={id} style={{ height: ROW }} data-cut={id === cut}>
                <th scope="row">
                  {size.label}
                  {id === cut && <span className="visuallyHidden">, the size to cut</span>}
                </th>
                {columns.map((measure) => {
                  const mm = size.values[measure];
                  return <td key={measure}>{mm === undefined ? '' : bareLength(mm, unit)}</td>;
                })}
              </tr>
            ))}
          </tbody>
        </table>
        {dots.length > 0 && (
          <svg
            className={styles.line}
            width={width}
            height={ROW * (rows.length + 1)}
            role="img"
            aria-label="The wearer’s line through the sizes"
          >
            <polyline
              points={dots.map(({ x, y }) => `${x},${y}`).join(' ')}
              fill="none"
              stroke="var(--demand)"
              strokeOpacity="0.45"
              strokeWidth="2"
            />
            {dots.map(({ x, y, measure }) => (
              <circle
                key={measure}
                cx={x}
                cy={y}
                r="5"
                fill="var(--ground)"
                stroke="var(--demand)"
                strokeWidth="2.4"
              />
            ))}
          </svg>
        )}
      </div>
      <p className="soft small">
        In {unit === 'in' ? 'inches' : 'centimetres'}.
        {dots.length > 0 &&
          ' The line is what this wearer wants in this cloth; the marked row is the size to cut.'}
      </p>
    </div>
  );
}
