'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { ONE_SIZE } from '@/core/facts/outline';
import { newPattern } from '@/core/facts/pattern';
import { draftOf } from '@/core/plan/asCut';
import { useMakePattern } from '@/features/patterns/useMakePattern';
import { useRecords } from '@/features/records/RecordsProvider';
import { useGarment } from '../page/useGarment';

/** Freezes the drafted pieces into a pattern of one's own, to be altered like any other. */
export function KeepAsPattern() {
  const { garment, facts, kind, today, set } = useGarment();
  const records = useRecords();
  const { make, trouble } = useMakePattern();
  const keep = async () => {
    const draft = draftOf({ facts, kind, onDate: today });
    if (!draft || Object.keys(draft.drawn.facts).length === 0) return;
    const { seamAllowanceMm, hemAllowanceMm } = garment.pattern;
    const shaped = draft.choices.filter(({ chosen }) => chosen).map(({ label }) => label);
    const pattern = await make(
      {
        ...newPattern(`${garment.name}, drafted`.slice(0, 60), garment.kind),
        source: 'drafted here',
        seamAllowanceMm,
        hemAllowanceMm,
        shapes: { [ONE_SIZE]: draft.drawn.facts },
        sizing: [
          `Drafted on ${today} for ${facts.wearer?.name ?? 'nobody yet'}, in ${facts.outer?.name ?? 'no cloth yet'}.`,
          shaped.length > 0 ? `Shaped by hand: ${shaped.join(', ')}.` : 'Nothing shaped by hand.',
        ].join(' '),
      },
      'Drafted pattern',
    );
    if (!pattern) return;
    records.open(pattern);
    set('Keep the draft as a pattern', { patternId: pattern.id, draft: null });
  };
  return (
    <>
      <Button variant="outlined" onClick={() => void keep()}>
        Keep these pieces as a pattern
      </Button>
      {trouble && <Alert>{trouble}</Alert>}
    </>
  );
}
