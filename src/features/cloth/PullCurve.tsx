'use client';
import Stack from '@mui/material/Stack';
import Alert from '@mui/material/Alert';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { branchFit, branchPoints } from '@/core/cloth/readPulls';
import type { Residual } from '@/core/cloth/pullCurve';
import { formatQuantity } from '@/core/explain/display';
import type { Cloth, ClothDirection } from '@/core/facts/cloth';
import type { ClothPlan } from '@/core/cloth/types';
import { useRecords } from '@/features/records/RecordsProvider';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { ExplainedNumber } from '@/ui/ExplainedNumber';
import { useNumbers, valueOf } from '@/ui/numbers';
import styles from './ClothPage.module.css';
import { HangWeights } from './HangWeights';
import { Fold } from '@/ui/Fold';

const CurveChart = dynamic(() => import('./CurveChart').then((module) => module.CurveChart), { ssr: false });
const GaugePull = dynamic(() => import('./GaugePull').then((module) => module.GaugePull));

interface Props {
  readonly id: string;
  readonly cloth: Cloth;
  readonly reading: ClothPlan;
  readonly today: string;
}

/** The pull curve: weights hung on a strip, or a gauge; the curve through the readings, and its residuals. */
export function PullCurve({ id, cloth, reading, today }: Props) {
  const records = useRecords();
  const numbers = useNumbers();
  const [direction, setDirection] = useState<ClothDirection>(reading.around ?? 'across');
  const [how, setHow] = useState<'weights' | 'gauge'>('weights');
  const plan = reading[direction];
  const comfortable = plan && valueOf(numbers, plan.stretch);
  const pulls = Object.entries(cloth.pulls ?? {}).filter(([, pull]) => pull.direction === direction);
  const fit = branchFit(cloth, direction, 'loading', comfortable);
  const back = branchFit(cloth, direction, 'unloading', comfortable);
  const worst = fit?.ok ? Math.max(...fit.curve.residuals.map(({ off }) => Math.abs(off))) : 0;
  return (
    <Stack component="section" sx={{ gap: '14px' }}>
      <div className={styles.head}>
        <h2>How hard it pulls</h2>
        <span className="soft small">
          only for pressure, and for fabrics that are much firmer than others
        </span>
      </div>
      <ChoiceRow
        legend="The strip runs"
        value={direction}
        options={[
          { value: 'across', label: 'across' },
          { value: 'along', label: 'along' },
        ]}
        onChange={setDirection}
      />
      <Fold summary="Add a pull curve: weights on a strip, or a pull gauge">
        <div className={styles.inner}>
          <ChoiceRow
            legend="Pulled by"
            value={how}
            options={[
              { value: 'weights', label: 'weights hung on it' },
              { value: 'gauge', label: 'a pull gauge' },
            ]}
            onChange={setHow}
          />
          {how === 'weights' ? (
            <HangWeights key={direction} clothId={id} direction={direction} today={today} />
          ) : (
            <GaugePull key={direction} clothId={id} direction={direction} today={today} />
          )}
        </div>
      </Fold>
      {fit && !fit.ok && <Alert>{fit.sentence}</Alert>}
      {fit?.ok && (
        <>
          <CurveChart
            series={[
              { name: 'pulled', curve: fit.curve, points: branchPoints(cloth, direction, 'loading') },
              ...(back?.ok
                ? [
                    {
                      name: 'let go again',
                      curve: back.curve,
                      points: branchPoints(cloth, direction, 'unloading'),
                    },
                  ]
                : []),
            ]}
          />
          <p>
            {plan?.tension && (
              <>
                At its comfortable stretch it pulls <ExplainedNumber id={plan.tension} />;{' '}
              </>
            )}
            {plan?.k && (
              <>
                it stiffens with the power <ExplainedNumber id={plan.k} />.{' '}
              </>
            )}
            <span className="soft">
              {fit.curve.kind === 'power'
                ? 'A power law through the readings (few of them)'
                : 'Read between the points (monotone cubic); the power law beside it'}
              ; the readings lie within {Math.round(worst * 100)} % of the power law. Pulling and letting go
              are kept apart.
            </span>
          </p>
          <Readings residuals={fit.curve.residuals} />
        </>
      )}
      {pulls.map(([pullId, pull]) => (
        <p key={pullId} className="soft small">
          {pull.pulledOn}, by {pull.by}: {Object.keys(pull.points).length} readings{' '}
          <Button
            size="small"
            onClick={() => records.set('cloth', id, 'Discard a pull curve', { [`pulls.${pullId}`]: null })}
          >
            Discard this pull
          </Button>
        </p>
      ))}
    </Stack>
  );
}

/** Every reading taken while pulling, and how far it lies off the power law. */
function Readings({ residuals }: { residuals: readonly Residual[] }) {
  const share = (value: number) => formatQuantity(value, 'share', 'cm');
  return (
    <Fold summary={<>Every reading ({residuals.length})</>}>
      <Table style={{ maxWidth: 420 }} aria-label="Readings while pulling">
        <TableHead>
          <TableRow>
            <TableCell align="right">stretched by</TableCell>
            <TableCell align="right">pulls with</TableCell>
            <TableCell align="right">off the power law</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {residuals.map(({ extension, tension, off }, at) => (
            <TableRow key={at}>
              <TableCell align="right">{share(extension)}</TableCell>
              <TableCell align="right">{formatQuantity(tension, 'nPerM', 'cm')}</TableCell>
              <TableCell align="right">
                {off > 0 ? '+' : ''}
                {share(off)}
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Fold>
  );
}
