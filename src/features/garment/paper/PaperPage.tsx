'use client';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { lengthMm } from '@/core/facts/spec';
import { sizesOnPaper, type PaperChoices } from '@/core/paper/paperPieces';
import { OWN_RANGE, papers, ROLL_MM, ROLL_RANGE, type AskedPaper, type PaperId } from '@/core/paper/papers';
import { formatLength } from '@/core/units/formatLength';
import type { GarmentView } from '@/core/views/pageViews';
import { RecordsProvider, useRecords } from '@/features/records/RecordsProvider';
import { LengthField } from '@/ui/LengthField';
import { PickField } from '@/ui/PickField';
import { Tick } from '@/ui/Tick';
import { useUnit } from '@/ui/unit';
import type { PaperReply } from '@/workers/paper';
import { GarmentProvider, useGarment } from '../page/useGarment';
import styles from './Paper.module.css';
import { SheetMap } from './SheetMap';
import { usePaper } from './usePaper';

/** The pieces of a garment at true scale: on paper, as a drawing, or thrown onto the cloth. */
export const PaperPage = ({ view }: { view: GarmentView }) => (
  <RecordsProvider records={[view.garment, ...view.records]}>
    <GarmentProvider view={view}>
      <Inside />
    </GarmentProvider>
  </RecordsProvider>
);

const rollSpec = lengthMm('Width of the roll', ...ROLL_RANGE);
const widthSpec = lengthMm('Width of a sheet', ...OWN_RANGE);
const heightSpec = lengthMm('Height of a sheet', ...OWN_RANGE);
const PAPERS = Object.entries(papers).map(([id, { label }]) => ({ id, name: label }));
/** The map is worked out for this much room, px. */
const ROOM = { widthMm: 620, heightMm: 620 };

function Inside() {
  const { id, garment, facts, kind, plan, today } = useGarment();
  const { unit } = useUnit();
  const [chosen, setChosen] = useState<PaperId | undefined>(undefined);
  const [own, setOwn] = useState<Omit<AskedPaper, 'paper'>>({});
  const [choices, setChoices] = useState<PaperChoices>({ nested: false, bands: true, opened: false });
  const paper: AskedPaper = { paper: chosen ?? (unit === 'in' ? 'letter' : 'a4'), ...own };
  const sizes = sizesOnPaper({ facts });
  const drawn = plan.pieces.pieces.filter(({ outlined }) => outlined);
  const missing = plan.pieces.pieces.filter(({ outlined }) => !outlined);
  const request = useMemo(
    () => ({ facts, onDate: today, paper, choices, room: ROOM }),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- a paper is what its three parts say
    [facts, today, choices, paper.paper, paper.widthMm, paper.heightMm],
  );
  const { reply, works } = usePaper(request);
  const pick = (change: Partial<PaperChoices>) => setChoices({ ...choices, ...change });
  return (
    <>
      <p className="small">
        <Link href={`/garments/${id}?stage=cut`}>{garment.name}, Cut</Link>
      </p>
      <h1>Pieces at true scale</h1>
      <div className={styles.page} style={{ marginTop: 18 }}>
        <div className={styles.choices}>
          <PickField
            label="Paper"
            value={paper.paper}
            options={PAPERS}
            empty="As the tape is: A4 or Letter"
            onChange={(next) => setChosen(next === '' ? undefined : (next as PaperId))}
          />
          {paper.paper === 'roll' && (
            <LengthField
              spec={rollSpec}
              valueMm={own.widthMm ?? ROLL_MM}
              help="As wide as the copy shop’s roll: often 61, 91 or 107 cm (24, 36 or 42 in)."
              onChange={(widthMm) => setOwn({ ...own, ...(widthMm === undefined ? {} : { widthMm }) })}
            />
          )}
          {paper.paper === 'own' && (
            <>
              <LengthField
                spec={widthSpec}
                valueMm={own.widthMm}
                onChange={(mm) => setOwn({ ...own, widthMm: mm })}
              />
              <LengthField
                spec={heightSpec}
                valueMm={own.heightMm}
                onChange={(mm) => setOwn({ ...own, heightMm: mm })}
              />
            </>
          )}
          <div className={styles.ticks}>
            <Tick checked={choices.bands} onChange={(bands) => pick({ bands })}>
              Bands, straps and ties too
            </Tick>
            <Tick checked={choices.opened} onChange={(opened) => pick({ opened })}>
              Open out what lies on a fold: for cloth in one layer
            </Tick>
            {sizes.length > 1 && (
              <Tick checked={choices.nested} onChange={(nested) => pick({ nested })}>
                All {sizes.length} sizes of the pattern, as it has them
              </Tick>
            )}
          </div>
          <p className="soft small">
            {choices.nested
              ? 'Each size is a layer of the PDF, with dashes of its own. Nothing is altered on it.'
              : 'As it is cut: altered and drafted for this wearer, in this cloth. Edges have the allowance that their construction takes.'}
          </p>
          {drawn.length === 0 && (
            <Alert severity="info">
              No piece of this garment has an outline yet. Draft them at Measure, or trace those of its
              pattern; bands print without.
            </Alert>
          )}
          {drawn.length > 0 && missing.length > 0 && (
            <Alert severity="warning">
              Not on paper, since {missing.length === 1 ? 'it has' : 'they have'} no outline:{' '}
              {missing.map(({ label }) => label.toLowerCase()).join(', ')}.
            </Alert>
          )}
        </div>
        <Desk
          reply={reply}
          works={works}
          link={linkOf(id, paper, choices)}
          garmentId={id}
          paper={paper.paper}
        />
      </div>
      <p className="soft small" style={{ marginTop: 12 }}>
        {kind.label}. Print at 100 %, without fitting to the page, and measure a square before you cut.
      </p>
    </>
  );
}

/** Where the pieces are written as they were chosen. */
const linkOf =
  (id: string, paper: AskedPaper, choices: PaperChoices) =>
  (as: 'pdf' | 'svg' | 'dxf'): string => {
    const asked = Object.entries({ as, ...paper, ...choices }).flatMap(([key, value]) =>
      value === undefined ? [] : [[key, String(value)]],
    );
    return `/api/garments/${id}/paper?${new URLSearchParams(asked).toString()}`;
  };

interface DeskProps {
  readonly reply: PaperReply | undefined;
  readonly works: boolean;
  readonly link: (as: 'pdf' | 'svg' | 'dxf') => string;
  readonly garmentId: string;
  readonly paper: PaperId;
}

function Desk({ reply, works, link, garmentId, paper }: DeskProps) {
  const records = useRecords();
  const { unit } = useUnit();
  const flush = () => void records.flush();
  if (!reply) return <div className={styles.desk} aria-busy="true" />;
  if (!reply.ok) {
    return (
      <div className={styles.desk}>
        <Alert severity="warning">{reply.sentence}</Alert>
      </div>
    );
  }
  const { sheets, lastMm, map } = reply;
  if (sheets === 0) return <p className={styles.desk}>There is nothing to print yet.</p>;
  return (
    <section className={styles.desk} data-works={works} aria-label="Sheets">
      <p className={styles.count} role="status">
        {sheets === 1 ? 'One sheet' : `${sheets} sheets`}
        {paper === 'roll' && `, ${sheets === 1 ? '' : 'the last '}${formatLength(lastMm, unit)} long`}
      </p>
      <SheetMap map={map} />
      <div className={styles.actions}>
        <Button variant="contained" href={link('pdf')} target="_blank" rel="noopener" onClick={flush}>
          Open the PDF
        </Button>
        <a href={link('svg')} onClick={flush}>
          Drawing (SVG)
        </a>
        <a href={link('dxf')} onClick={flush}>
          Drawing (DXF)
        </a>
        <Link href={`/garments/${garmentId}/project`}>With a projector, on the cloth</Link>
      </div>
    </section>
  );
}
