'use client';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { drawGarment } from '@/core/garments/drawings/drawGarment';
import { FrontDrawing } from '@/ui/GarmentDrawing';
import styles from './Becoming.module.css';
import type { Become } from './useBecomings';
import { Answer, VerdictText, marginText } from './VerdictText';

interface Props {
  readonly found: readonly Become[];
  readonly clothId: string;
  readonly wearerId: string;
}

/** Garments with their answers: what each takes, how much is to spare, and a way to start it. */
export function BecomingList({ found, clothId, wearerId }: Props) {
  return (
    <ul className={styles.list} aria-label="What it can become">
      {found.map(({ kind, label, verdict }) => (
        <li key={kind} data-kind={kind} data-answer={verdict.answer}>
          <FrontDrawing drawing={drawGarment(kind, {})} heightPx={46} />
          <div>
            <strong>{label}</strong>
            <VerdictText verdict={verdict} />
          </div>
          <div className={styles.answer}>
            <Answer answer={verdict.answer} />
            <span className="soft small">{marginText(verdict)}</span>
          </div>
          {(verdict.answer === 'yes' || verdict.answer === 'yes if') && (
            <Button
              size="small"
              component={Link}
              href={`/garments/new?kind=${kind}&cloth=${clothId}${wearerId ? `&wearer=${wearerId}` : ''}`}
            >
              Start one
            </Button>
          )}
        </li>
      ))}
    </ul>
  );
}
