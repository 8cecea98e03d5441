'use client';
import Stack from '@mui/material/Stack';
import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import { useRef, useState } from 'react';
import { readingFault, recoveryOf, stretchOf, type Reading } from '@/core/cloth/handTest';
import { clothTestSpec, type ClothDirection } from '@/core/facts/cloth';
import { formatQuantity } from '@/core/explain/display';
import { useRecords } from '@/features/records/RecordsProvider';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { LengthField } from '@/ui/LengthField';
import { useUnit } from '@/ui/unit';
import styles from './HandTest.module.css';
import { RulerDrawing } from './RulerDrawing';
import { USUAL_STRIP_MM } from './usualStrip';
import { Fold } from '@/ui/Fold';

const ScreenGauge = dynamic(() => import('./ScreenGauge').then((module) => module.ScreenGauge));

const { fields } = clothTestSpec;

type Draft = Partial<Reading>;

/** The guided hand test: mark, pull, let go; the ruler follows what is typed. A pull is kept whole or not at all. */
export function HandTest({
  clothId,
  today,
  done,
}: {
  clothId: string;
  today: string;
  done: Readonly<Record<ClothDirection, number>>;
}) {
  const { unit } = useUnit();
  const records = useRecords();
  const [direction, setDirection] = useState<ClothDirection>(
    done.across > 0 && done.along === 0 ? 'along' : 'across',
  );
  const [draft, setDraft] = useState<Draft>({ restMm: USUAL_STRIP_MM[unit].rest });
  const form = useRef<HTMLDivElement>(null);
  const [gauge, setGauge] = useState(false);
  const complete = draft.restMm !== undefined && draft.pulledMm !== undefined;
  const fault = complete ? readingFault(draft as Reading) : undefined;
  const field = (key: keyof Reading, help?: string) => (
    <LengthField
      live
      spec={fields[key]}
      valueMm={draft[key]}
      onChange={(mm) => setDraft((before) => ({ ...before, [key]: mm }))}
      fault={fault?.path === key ? fault.sentence : undefined}
      {...(help === undefined ? {} : { help })}
    />
  );
  const keep = () => {
    const reading = Object.fromEntries(Object.entries(draft).filter(([, mm]) => mm !== undefined));
    records.set('cloth', clothId, `Pull ${direction}`, {
      [`tests.${crypto.randomUUID()}`]: { direction, testedOn: today, ...reading },
    });
    setDraft({ restMm: draft.restMm });
    // The next pull of the same strip: only what it pulls to is new.
    form.current?.querySelectorAll('input')[1]?.focus();
  };
  const which = done[direction] + 1;
  return (
    <Stack component="section" sx={{ gap: '14px' }}>
      <Stack direction="row" sx={{ gap: '18px', alignItems: 'end', flexWrap: 'wrap' }}>
        <h2>Pull it {direction}</h2>
        <ChoiceRow
          legend="Direction"
          value={direction}
          options={[
            { value: 'across', label: 'across, selvedge to selvedge' },
            { value: 'along', label: 'along the selvedge' },
          ]}
          onChange={setDirection}
        />
        <span className="soft">{which <= 3 ? `pull ${which} of three` : `pull ${which}`}</span>
      </Stack>
      <div className={styles.test}>
        <div>
          <RulerDrawing restMm={draft.restMm} pulledMm={draft.pulledMm} releasedMm={draft.releasedMm} />
          <p className="soft small">
            Fold the cloth along the direction, a little away from the cut edge. Mark the rest length, pull as
            far as it goes easily, before it fights back or curls; read it. Let go, wait a minute, read it
            again.
          </p>
          <div style={{ marginTop: 10 }}>
            <Button size="small" aria-expanded={gauge} onClick={() => setGauge(!gauge)}>
              {gauge ? 'Put the screen’s ruler away' : 'No ruler? Use the screen'}
            </Button>
            {gauge && (
              <ScreenGauge
                onRead={(pulledMm) => {
                  setDraft((before) => ({ ...before, pulledMm }));
                }}
              />
            )}
          </div>
          {complete && !fault && (
            <p style={{ marginTop: 8 }}>
              This pull:{' '}
              <strong>
                {formatQuantity(stretchOf(draft.restMm as number, draft.pulledMm as number), 'share', unit)}
              </strong>
              {draft.releasedMm !== undefined && (draft.pulledMm as number) > (draft.restMm as number) && (
                <>
                  , comes back{' '}
                  <strong>
                    {formatQuantity(
                      recoveryOf(draft.restMm as number, draft.pulledMm as number, draft.releasedMm),
                      'share',
                      unit,
                    )}
                  </strong>
                </>
              )}
              .
            </p>
          )}
        </div>
        <div ref={form} className={styles.fields}>
          {field('restMm', '10 cm or 4 in reads best.')}
          {field('pulledMm')}
          {field('releasedMm', 'Without it, recovery is not known.')}
          <Fold summary="Also the strip’s width">
            <div className={styles.fields}>
              {field('restWidthMm')}
              {field('pulledWidthMm', 'Tells how much a band narrows.')}
            </div>
          </Fold>
          <Button variant="contained" size="large" disabled={!complete || fault !== undefined} onClick={keep}>
            Keep this pull
          </Button>
        </div>
      </div>
    </Stack>
  );
}
