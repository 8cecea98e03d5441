'use client';
import Stack from '@mui/material/Stack';
import Button from '@mui/material/Button';
import { bodyFields, bodyMeasures, isBodyMeasure, type Wearer } from '@/core/facts/wearer';
import { FactField } from '@/features/records/FactField';
import { RecordFields } from '@/features/records/RecordFields';
import { useRecords } from '@/features/records/RecordsProvider';
import { PickField } from '@/ui/PickField';
import styles from './WearerPage.module.css';

/** Garments that already fit, measured flat: their ease is one more school when the next one is planned. */
export function Fits({ id, wearer }: { id: string; wearer: Wearer }) {
  const records = useRecords();
  const set = (label: string, changes: Readonly<Record<string, unknown>>) =>
    records.set('wearer', id, label, changes);
  const entries = Object.entries(wearer.fits ?? {});
  return (
    <Stack component="section" sx={{ gap: '14px' }}>
      <div className={styles.head}>
        <h2>Garments that fit</h2>
        <Button
          size="small"
          onClick={() =>
            set('Add a garment that fits', {
              [`fits.fit-${crypto.randomUUID().slice(0, 8)}`]: {
                name: 'A garment that fits',
                stretchAround: 0.5,
                girths: {},
              },
            })
          }
        >
          Add one
        </Button>
      </div>
      {entries.length === 0 && (
        <p className="soft">
          Lay one flat, measure across and double it, and pull its cloth: its ease then stands beside the
          other schools.
        </p>
      )}
      {entries.map(([key, fit]) => {
        const shown = bodyMeasures.filter((measure) => fit.girths[measure] !== undefined);
        const base = `fits.${key}`;
        return (
          <div
            key={key}
            className={styles.values}
            style={{ borderTop: '1px solid var(--line)', paddingTop: 14 }}
          >
            <RecordFields kind="wearer" id={id} path={base} />
            {shown.map((measure) => (
              <FactField
                key={measure}
                kind="wearer"
                id={id}
                path={`${base}.girths.${measure}`}
                label={`${bodyFields[measure].label}, all round at rest`}
              />
            ))}
            <PickField
              label="Measured at"
              value=""
              options={bodyMeasures
                .filter((measure) => !shown.includes(measure))
                .map((measure) => ({ id: measure, name: bodyFields[measure].label }))}
              empty="add a place"
              onChange={(measure) => {
                if (!isBodyMeasure(measure)) return;
                const { min, max, usual } = bodyFields[measure];
                const start = usual ? (usual[0] + usual[1]) / 2 : (min + max) / 2;
                set('Its girth', { [`${base}.girths.${measure}`]: Math.round(start) });
              }}
            />
            <Button size="small" onClick={() => set('Take a garment that fits away', { [base]: null })}>
              Take away
            </Button>
          </div>
        );
      })}
    </Stack>
  );
}
