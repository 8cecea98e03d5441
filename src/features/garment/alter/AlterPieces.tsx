'use client';
import Button from '@mui/material/Button';
import { useMemo, useState } from 'react';
import type { Alteration, AlterationKind } from '@/core/facts/alteration';
import { piecesAsCut } from '@/core/plan/asCut';
import { rectanglesOf } from '@/core/ticket/rectangles';
import { PieceShapes } from '@/features/pieces/PieceShapes';
import { useRecords } from '@/features/records/RecordsProvider';
import { PickField } from '@/ui/PickField';
import { useAfterPaint } from '@/ui/useAfterPaint';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { AlterationRow } from './AlterationRow';
import { withAdded } from './alterationList';

/** What can be added, as a person would call it. */
const ADDED: readonly { readonly id: AlterationKind | 'own' | 'graded'; readonly name: string }[] = [
  { id: 'length', name: 'Longer or shorter at a line' },
  { id: 'edge', name: 'A neckline, hem or other edge redrawn' },
  { id: 'own', name: 'Wider or narrower by an amount' },
  { id: 'graded', name: 'Graded between sizes, as this fit advises' },
  { id: 'smooth', name: 'An edge run on smoothly over a seam' },
  { id: 'seat', name: 'A deeper or flatter seat' },
  { id: 'along', name: 'Shorter all along the body' },
];

/** The outlines altered for this garment: a list of named changes, made in order, and what the pieces become. */
export function AlterPieces() {
  const { id: garmentId, garment, facts, kind, plan, today, set } = useGarment();
  const records = useRecords();
  const [opened, setOpened] = useState<string | undefined>(undefined);
  const list = garment.alterations ?? [];
  const drawn = useAfterPaint(useMemo(() => ({ facts, kind, plan }), [facts, kind, plan]));
  const pieces = useMemo(() => piecesAsCut({ ...drawn, onDate: today }), [drawn, today]);
  const { ticket, numbers } = drawn.plan;
  const rectangles = useMemo(() => rectanglesOf(ticket, numbers), [ticket, numbers]);
  if (pieces.length === 0) return null;
  const toPlan = list.some(({ change, zones, bySizes }) => change === 'girths' && !zones && !bySizes);
  // From the list as it is at that moment: what was typed in a field may have come in since this was drawn.
  const put = (label: string, next: (now: readonly Alteration[]) => readonly Alteration[]) => {
    const alterations = next(records.facts('garment', garmentId)?.alterations ?? []);
    set(label, { alterations: alterations.length === 0 ? null : alterations });
  };
  const add = (change: AlterationKind, label: string, rest: Partial<Alteration> = {}) => {
    const id = crypto.randomUUID();
    put(label, (now) => withAdded(now, change, id, rest));
    setOpened(id);
  };
  return (
    <section className={styles.stack} style={{ gap: 14 }}>
      <div className={styles.between}>
        <h2>{list.length === 0 ? 'The pieces' : 'The pieces, altered'}</h2>
        <span className="soft small">
          {list.length === 0 ? 'as they were drawn' : 'Dashed: as drawn. Solid: as they are cut.'}
        </span>
      </div>
      <PieceShapes pieces={pieces} rectangles={rectangles} />
      {list.length > 0 && (
        <ol className={styles.list}>
          {plan.pieces.alterations.map((made, nth) => {
            const one = list.find(({ id }) => id === made.id);
            return one ? (
              <AlterationRow
                key={one.id}
                made={made}
                one={one}
                open={opened === one.id}
                onOpen={(open) => setOpened(open ? one.id : undefined)}
                isFirst={nth === 0}
                isLast={nth === list.length - 1}
                onPut={put}
              />
            ) : null;
          })}
        </ol>
      )}
      <div className={styles.fields} style={{ alignItems: 'center' }}>
        {!toPlan && (
          <div>
            <Button variant="outlined" onClick={() => add('girths', 'Girths to the plan')}>
              Alter them to this plan
            </Button>
          </div>
        )}
        <PickField
          label="Alter something else"
          value=""
          options={ADDED}
          empty="choose what"
          onChange={(id) => {
            const chosen = ADDED.find((one) => one.id === id);
            if (!chosen) return;
            if (chosen.id === 'own') add('girths', 'Own girths', { zones: {} });
            else if (chosen.id === 'graded') add('girths', 'Graded between sizes', { bySizes: true });
            else add(chosen.id, chosen.name);
          }}
        />
      </div>
    </section>
  );
}
