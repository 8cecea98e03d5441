'use client';
import Stack from '@mui/material/Stack';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { FEWEST_POINTS, tensionOfWeight } from '@/core/cloth/pullCurve';
import { pullPointSpec, pullSpec, type ClothDirection, type PullPoint } from '@/core/facts/cloth';
import { formatQuantity } from '@/core/explain/display';
import { useRecords } from '@/features/records/RecordsProvider';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { useUnit } from '@/ui/unit';
import { USUAL_STRIP_MM } from './usualStrip';

const { fields } = pullSpec;
const point = pullPointSpec.fields;

interface Row {
  readonly massG: number | undefined;
  readonly lengthMm: number | undefined;
  readonly branch: PullPoint['branch'];
}

const EMPTY: Row = { massG: undefined, lengthMm: undefined, branch: 'loading' };

/** Weights hung on a strip, one reading a row; the pull is kept whole. */
export function HangWeights({
  kind = 'cloth',
  clothId,
  direction,
  today,
  stripWidthMm,
}: {
  /** What is pulled: a strip of cloth, or a length of elastic, which has its own width. */
  readonly kind?: 'cloth' | 'elastic';
  readonly clothId: string;
  readonly direction: ClothDirection;
  readonly today: string;
  readonly stripWidthMm?: number;
}) {
  const { unit } = useUnit();
  const records = useRecords();
  const [widthMm, setWidth] = useState<number | undefined>(stripWidthMm ?? USUAL_STRIP_MM[unit].width);
  const [restMm, setRest] = useState<number | undefined>(USUAL_STRIP_MM[unit].rest);
  const [rows, setRows] = useState<readonly Row[]>([EMPTY, EMPTY, EMPTY]);
  const put = (at: number, change: Partial<Row>) =>
    setRows((before) => before.map((row, nth) => (nth === at ? { ...row, ...change } : row)));
  const whole = rows.filter(
    (row): row is { massG: number; lengthMm: number; branch: Row['branch'] } =>
      row.massG !== undefined && row.lengthMm !== undefined,
  );
  const short = whole.find((row) => restMm !== undefined && row.lengthMm < restMm - 1);
  const enough = whole.filter(({ branch }) => branch === 'loading').length >= FEWEST_POINTS;
  const keep = () => {
    const points = Object.fromEntries(whole.map((row, at) => [`r${at + 1}`, row]));
    records.set(kind, clothId, kind === 'cloth' ? `Pull curve ${direction}` : 'Pull curve', {
      [`pulls.${crypto.randomUUID()}`]: {
        direction,
        pulledOn: today,
        by: 'weights',
        widthMm,
        restMm,
        points,
      },
    });
    setRows([EMPTY, EMPTY, EMPTY]);
  };
  return (
    <Stack sx={{ gap: '12px' }}>
      <p className="soft small">
        {kind === 'cloth' ? 'Cut a strip along the direction, clip it' : 'Clip a length of it'} at both ends,
        mark its rest length. Hang a weight, read the length, take the next. Three are enough; six read
        better.
      </p>
      <div style={{ display: 'grid', gridTemplateColumns: 'repeat(2, minmax(0, 190px))', gap: 12 }}>
        <LengthField live spec={fields.widthMm} valueMm={widthMm} onChange={setWidth} required />
        <LengthField live spec={fields.restMm} valueMm={restMm} onChange={setRest} required />
      </div>
      {rows.map((row, at) => (
        <div
          key={at}
          style={{
            display: 'grid',
            gridTemplateColumns: 'repeat(2, minmax(0, 190px)) auto auto',
            gap: 12,
            alignItems: 'center',
          }}
        >
          <NumberField
            live
            spec={point.massG}
            label={`Weight ${at + 1}`}
            value={row.massG}
            onChange={(massG) => put(at, { massG })}
          />
          <LengthField
            live
            spec={point.lengthMm}
            label={`Length ${at + 1}`}
            valueMm={row.lengthMm}
            onChange={(lengthMm) => put(at, { lengthMm })}
          />
          <ChoiceRow
            legend={`Reading ${at + 1}`}
            value={row.branch}
            options={[
              { value: 'loading', label: 'adding' },
              { value: 'unloading', label: 'taking off' },
            ]}
            onChange={(branch) => put(at, { branch })}
          />
          <span className="soft small">
            {row.massG !== undefined && widthMm
              ? formatQuantity(tensionOfWeight(row.massG, widthMm), 'nPerM', unit)
              : ''}
          </span>
        </div>
      ))}
      {short && <Alert>A length is shorter than at rest: read it again.</Alert>}
      <Stack direction="row" sx={{ gap: '12px', alignItems: 'center' }}>
        <Button size="small" onClick={() => setRows([...rows, EMPTY])} disabled={rows.length >= 24}>
          Another weight
        </Button>
        <Button
          variant="outlined"
          disabled={!enough || short !== undefined || !widthMm || !restMm}
          onClick={keep}
        >
          Keep this pull curve
        </Button>
        {!enough && <span className="soft small">Three weights with their lengths make a curve.</span>}
      </Stack>
    </Stack>
  );
}
