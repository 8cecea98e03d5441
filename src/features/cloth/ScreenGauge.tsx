'use client';
import Stack from '@mui/material/Stack';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useEffect, useState, useSyncExternalStore } from 'react';
import {
  CARD,
  calibrate,
  calibrationFault,
  screenMm,
  type Calibration,
  type Display,
} from '@/core/cloth/screenGauge';
import { MM_PER_INCH } from '@/core/units/constants';
import { formatLength } from '@/core/units/formatLength';
import { useUnit } from '@/ui/unit';
import styles from './ScreenGauge.module.css';
import { keepOnDevice, readOnDevice } from '@/ui/onDevice';

const KEEP = 'idle-stretch-screen-gauge';
/** Nominal pixels for each mm before the card says otherwise. */
const NOMINAL = 96 / MM_PER_INCH;

const display = (): Display => ({
  pixelRatio: window.devicePixelRatio,
  screenWidthPx: window.screen.width,
  screenHeightPx: window.screen.height,
});

function kept(): Calibration | undefined {
  const found = readOnDevice(KEEP) as Calibration | undefined;
  return found && typeof found.pxPerMm === 'number' ? found : undefined;
}

/** How often the display is looked at: a window dragged to another one says nothing, ms. */
const LOOK_MS = 1000;

/** Says when the zoom or the display may have changed. */
const onDisplayChange = (changed: () => void) => {
  window.addEventListener('resize', changed);
  const timer = setInterval(changed, LOOK_MS);
  return () => {
    window.removeEventListener('resize', changed);
    clearInterval(timer);
  };
};

/** A ruler on the screen: set with a card first, then the cloth is held to it and the stretched length tapped. */
export function ScreenGauge({ onRead }: { onRead: (mm: number) => void }) {
  const { unit } = useUnit();
  const [calibration, setCalibration] = useState<Calibration | undefined>(undefined);
  const [cardPx, setCardPx] = useState(CARD.widthMm * NOMINAL);
  const [read, setRead] = useState<number | undefined>(undefined);
  useEffect(() => setCalibration(kept()), []);
  const ratio = useSyncExternalStore(
    onDisplayChange,
    () => JSON.stringify(display()),
    () => '',
  );
  const fault =
    calibration && ratio !== '' ? calibrationFault(calibration, JSON.parse(ratio) as Display) : undefined;
  const set = () => {
    const made = calibrate(cardPx, display());
    if (!made) return;
    keepOnDevice(KEEP, made);
    setCalibration(made);
  };
  if (!calibration || fault) {
    return (
      <div className={styles.card}>
        {fault && <Alert>{fault}</Alert>}
        <p>
          Hold a bank card to the screen, its left edge on the outline’s, and move the slider until both are
          as wide.
        </p>
        <svg
          width={cardPx}
          height={(cardPx * CARD.heightMm) / CARD.widthMm}
          role="img"
          aria-label="Outline of the card"
        >
          <rect
            x="1"
            y="1"
            width={cardPx - 2}
            height={(cardPx * CARD.heightMm) / CARD.widthMm - 2}
            rx="10"
            fill="var(--sheet)"
            stroke="var(--demand)"
            strokeWidth="2"
          />
        </svg>
        <input
          type="range"
          aria-label="Width of the card on the screen"
          min={CARD.widthMm * 1.6}
          max={CARD.widthMm * 9}
          step={0.25}
          value={cardPx}
          onChange={(event) => setCardPx(Number(event.target.value))}
        />
        <div>
          <Button variant="outlined" onClick={set}>
            It fits
          </Button>
        </div>
      </div>
    );
  }
  const tap = (px: number) => {
    const mm = Math.round(screenMm(calibration, px) * 2) / 2;
    setRead(mm);
    onRead(mm);
  };
  return (
    <div className={styles.card}>
      <p className="soft small">
        Hold the cloth to the ruler, its first mark at the left edge, and tap where the second mark comes to.
      </p>
      <Ruler pxPerMm={calibration.pxPerMm} read={read} unit={unit} onTap={tap} />
      <Stack direction="row" sx={{ gap: '12px', alignItems: 'center' }}>
        <span role="status">{read === undefined ? '' : `Read: ${formatLength(read, unit)}`}</span>
        <Button size="small" onClick={() => setCalibration(undefined)}>
          Set it with a card again
        </Button>
      </Stack>
    </div>
  );
}

const LONGEST_MM = 400;

function Ruler({
  pxPerMm,
  read,
  unit,
  onTap,
}: {
  pxPerMm: number;
  read: number | undefined;
  unit: 'cm' | 'in';
  onTap: (px: number) => void;
}) {
  const width = LONGEST_MM * pxPerMm;
  const step = unit === 'cm' ? 10 : MM_PER_INCH;
  const fine = unit === 'cm' ? 1 : MM_PER_INCH / 8;
  const marks = Array.from({ length: Math.floor(LONGEST_MM / fine) + 1 }, (_, at) => at * fine);
  return (
    <div className={styles.scroll}>
      <svg
        width={width}
        height="72"
        role="slider"
        tabIndex={0}
        aria-label="Ruler on the screen"
        aria-valuemin={0}
        aria-valuemax={LONGEST_MM}
        aria-valuenow={read ?? 0}
        aria-valuetext={read === undefined ? 'nothing read yet' : formatLength(read, unit)}
        style={{ cursor: 'crosshair', touchAction: 'pan-x' }}
        onPointerDown={(event) => onTap(event.clientX - event.currentTarget.getBoundingClientRect().left)}
        onKeyDown={(event) => {
          const by = event.key === 'ArrowRight' ? 0.5 : event.key === 'ArrowLeft' ? -0.5 : 0;
          if (by === 0) return;
          event.preventDefault();
          onTap(Math.min(Math.max((read ?? 0) + by, 0), LONGEST_MM) * pxPerMm);
        }}
      >
        <rect x="0" y="0" width={width} height="71" fill="var(--sheet)" stroke="var(--control)" />
        {marks.map((mm, at) => {
          const whole = Math.abs(mm / step - Math.round(mm / step)) < 1e-6;
          const half = Math.abs(mm / (step / 2) - Math.round(mm / (step / 2))) < 1e-6;
          return (
            <g key={at}>
              <path
                d={`M${mm * pxPerMm} 0 v${whole ? 26 : half ? 18 : 10}`}
                stroke="var(--ink)"
                strokeWidth={whole ? 1.4 : 0.8}
              />
              {whole && at > 0 && (
                <text x={mm * pxPerMm} y="42" textAnchor="middle" fontSize="12.5" fill="var(--ink)">
                  {Math.round(mm / step)}
                </text>
              )}
            </g>
          );
        })}
        {read !== undefined && (
          <path d={`M${read * pxPerMm} 0 v71`} stroke="var(--demand)" strokeWidth="2.5" />
        )}
      </svg>
    </div>
  );
}
