'use client';
import Stack from '@mui/material/Stack';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import { useEffect, useRef, useState } from 'react';
import { fitCurve } from '@/core/cloth/pullCurve';
import { pullSpec, type ClothDirection } from '@/core/facts/cloth';
import { numberOf } from '@/core/facts/spec';
import type { GaugeReading, PullGauge } from '@/core/cloth/gauge/pullGauge';
import { USUAL_STRIP, simulatedGauge } from '@/core/cloth/gauge/simulatedGauge';
import { useRecords } from '@/features/records/RecordsProvider';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { useUnit } from '@/ui/unit';
import { USUAL_STRIP_MM } from './usualStrip';

const CurveChart = dynamic(() => import('./CurveChart').then((module) => module.CurveChart), { ssr: false });

const { fields } = pullSpec;
const REACH = numberOf('share', 'Pull it to', 0.05, 3);

/** Live readings are shown this often: a gauge reads faster than a chart is drawn. */
const SHOW_MS = 300;

/** The browser's clock, as the gauge wants it. */
const clock = {
  every(ms: number, tick: () => void) {
    const timer = setInterval(tick, ms);
    return () => clearInterval(timer);
  },
};

interface Props {
  readonly clothId: string;
  readonly direction: ClothDirection;
  readonly today: string;
}

/** A pull gauge at work: start, watch, stop, repeat, keep or discard. */
export function GaugePull({ clothId, direction, today }: Props) {
  const records = useRecords();
  const [gauge] = useState<PullGauge>(() => simulatedGauge(USUAL_STRIP, 1, clock));
  const { unit } = useUnit();
  const [widthMm, setWidth] = useState<number | undefined>(USUAL_STRIP_MM[unit].width);
  const [restMm, setRest] = useState<number | undefined>(USUAL_STRIP_MM[unit].rest);
  const [toExtension, setReach] = useState<number | undefined>(0.75);
  const [readings, setReadings] = useState<readonly GaugeReading[]>([]);
  const [pulling, setPulling] = useState(false);
  const stopPull = useRef<(() => void) | undefined>(undefined);
  useEffect(() => () => stopPull.current?.(), []);
  const start = () => {
    if (widthMm === undefined || restMm === undefined || toExtension === undefined) return;
    setPulling(true);
    const fresh: GaugeReading[] = [];
    const show = () => {
      const shown = fresh.splice(0);
      if (shown.length > 0) setReadings((before) => [...before, ...shown]);
    };
    const showing = clock.every(SHOW_MS, show);
    const stopReading = gauge.pull(
      { restMm, widthMm, toExtension },
      (reading) => fresh.push(reading),
      () => stopPull.current?.(),
    );
    stopPull.current = () => {
      stopReading();
      showing();
      show();
      setPulling(false);
      stopPull.current = undefined;
    };
  };
  const stop = () => stopPull.current?.();
  const keep = () => {
    const points = Object.fromEntries(
      readings.map(({ lengthMm, tensionNPerM, branch }, at) => [
        `r${at + 1}`,
        { lengthMm, tensionNPerM, branch },
      ]),
    );
    records.set('cloth', clothId, `Pull curve ${direction}`, {
      [`pulls.${crypto.randomUUID()}`]: { direction, pulledOn: today, by: 'gauge', widthMm, restMm, points },
    });
    setReadings([]);
  };
  const pointsOf = (branch: GaugeReading['branch']) =>
    readings
      .filter((reading) => reading.branch === branch)
      .map(({ lengthMm, tensionNPerM }) => ({
        extension: lengthMm / (restMm ?? 1) - 1,
        tension: tensionNPerM,
      }));
  const loading = pointsOf('loading');
  const fit = loading.length > 0 ? fitCurve(loading, toExtension) : undefined;
  const last = readings.at(-1);
  const full = readings.length + 120 > 400;
  return (
    <Stack sx={{ gap: '12px' }}>
      <p className="soft small">
        No gauge is plugged in here: the {gauge.name} stands in for one, with a known strip, some hysteresis
        and noise. Its readings are not your cloth’s.
      </p>
      <div style={{ display: 'grid', gridTemplateColumns: 'repeat(3, minmax(0, 180px))', gap: 12 }}>
        <LengthField live spec={fields.widthMm} valueMm={widthMm} onChange={setWidth} required />
        <LengthField live spec={fields.restMm} valueMm={restMm} onChange={setRest} required />
        <NumberField live spec={REACH} value={toExtension} onChange={setReach} required />
      </div>
      <Stack direction="row" sx={{ gap: '12px', alignItems: 'center', flexWrap: 'wrap' }}>
        {pulling ? (
          <Button variant="contained" onClick={stop}>
            Stop
          </Button>
        ) : (
          <Button variant="contained" onClick={start} disabled={full}>
            {readings.length === 0 ? 'Start the pull' : 'Repeat'}
          </Button>
        )}
        <Button variant="outlined" disabled={pulling || !fit?.ok} onClick={keep}>
          Keep these readings
        </Button>
        <Button disabled={pulling || readings.length === 0} onClick={() => setReadings([])}>
          Discard
        </Button>
        <span role="status" className="soft">
          {last
            ? `${readings.length} readings; ${last.tensionNPerM.toFixed(1)} N/m at ${((last.lengthMm / (restMm ?? 1) - 1) * 100).toFixed(0)} %`
            : 'ready'}
        </span>
      </Stack>
      {full && !pulling && <p className="small">Enough readings: keep them or discard them.</p>}
      {fit && !fit.ok && !pulling && <Alert>{fit.sentence}</Alert>}
      {readings.length > 0 && (
        <CurveChart
          series={[
            { name: 'pulled', points: loading, ...(fit?.ok ? { curve: fit.curve } : {}) },
            { name: 'let go again', points: pointsOf('unloading') },
          ]}
        />
      )}
    </Stack>
  );
}
