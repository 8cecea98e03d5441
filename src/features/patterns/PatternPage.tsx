'use client';
import type { SetFields } from '@/features/records/setFields';
import Button from '@mui/material/Button';
import Link from 'next/link';
import type { StoredRecord } from '@/core/facts/records';
import type { Pattern } from '@/core/facts/pattern';
import { kindIds } from '@/core/facts/kindIds';
import { catalogue } from '@/core/garments/catalogue';
import { FactField } from '@/features/records/FactField';
import { NameField } from '@/features/records/NameField';
import { RecordFields } from '@/features/records/RecordFields';
import { RecordsProvider, useRecords } from '@/features/records/RecordsProvider';
import { LogLink } from '@/features/log/LogLink';
import { NextTimeNotes } from '@/features/log/NextTimeNotes';
import type { LogEntry } from '@/core/views/logViews';
import { RemoveButton } from '@/features/records/RemoveButton';
import { PickField } from '@/ui/PickField';
import styles from './PatternPage.module.css';
import { PatternSizes } from './PatternSizes';

interface Props {
  readonly pattern: StoredRecord<'pattern'>;
  readonly nextTime: readonly LogEntry[];
}

/** One pattern: its size table, what it was drafted for, its own lengths, and notes. */
export function PatternPage({ pattern, nextTime }: Props) {
  return (
    <RecordsProvider records={[pattern]}>
      <Inside pattern={pattern} nextTime={nextTime} />
    </RecordsProvider>
  );
}

function Inside({ pattern: initial, nextTime }: Props) {
  const records = useRecords();
  const { id } = initial;
  const pattern = records.facts('pattern', id) ?? initial.facts;
  const set: SetFields = (label, changes) => records.set('pattern', id, label, changes);
  const fault = (path: string) => records.fault('pattern', id, path);
  return (
    <div className={styles.page}>
      <div className={styles.work}>
        <div className={styles.head}>
          <NameField
            label="Pattern’s name"
            value={pattern.name}
            fault={fault('name')}
            onChange={(name) => set('Name', { name })}
          />
          <LogLink of="pattern" id={id} />
          <RemoveButton kind="pattern" id={id} back="/patterns" />
        </div>
        <NextTimeNotes entries={nextTime} />
        <div className={styles.row}>
          <div style={{ width: 260 }}>
            <PickField
              label="Garment"
              value={pattern.kind}
              options={kindIds.map((kind) => ({ id: kind, name: catalogue[kind].label }))}
              empty="choose a garment"
              fault={fault('kind')}
              onChange={(kind) => kind && set('Garment', { kind })}
            />
          </div>
          <FactField kind="pattern" id={id} path="source" />
        </div>
        <Outlines id={id} pattern={pattern} />
        <PatternSizes id={id} pattern={pattern} set={set} />
        <DraftedFor id={id} pattern={pattern} set={set} />
        <Printed id={id} pattern={pattern} set={set} />
      </div>
      <Notes id={id} />
    </div>
  );
}

/** Which of its pieces have an outline, and the way to the table where they get one. */
function Outlines({ id, pattern }: Omit<PartProps, 'set'>) {
  const traced = new Set(Object.values(pattern.shapes ?? {}).flatMap((shapes) => Object.keys(shapes)));
  const { shapes } = catalogue[pattern.kind];
  const there = shapes.filter((shape) => traced.has(shape.id));
  if (shapes.length === 0) return null;
  return (
    <section className={styles.section}>
      <h2>Outlines</h2>
      <p className="soft">
        {there.length === 0
          ? 'None yet. With the outlines of its pieces every edge, seam and girth is measured by itself: lay a paper piece beside a sheet of A4, photograph both, and click round it.'
          : `${there.map(({ label }) => label).join(', ')}: ${there.length} of ${shapes.length} pieces have one.`}
      </p>
      <div>
        <Button variant="outlined" href={`/patterns/${id}/trace`} component={Link}>
          {there.length === 0 ? 'Trace its pieces' : 'To the tracing table'}
        </Button>
      </div>
    </section>
  );
}

/** The fields of its parts; what is in none of these lists stands with the allowances. */
const DRAFTED_FOR = ['easeAround', 'easeAlong', 'statedAround', 'statedAlong'];
const LEARNED = ['unclear', 'better', 'sizing', 'liked', 'next'];
const ELSEWHERE = ['name', 'kind', 'source', 'tableOf', ...DRAFTED_FOR, ...LEARNED];

interface PartProps {
  readonly id: string;
  readonly pattern: Pattern;
  readonly set: SetFields;
}

function DraftedFor({ id, pattern, set }: PartProps) {
  return (
    <section className={styles.section}>
      <h2>What it was drafted for</h2>
      <p className="soft">
        The layers and the negative ease the designer had in mind: a garment in other cloth then keeps the
        same tension. The stretch it asks for is a demand on each layer by itself.
      </p>
      {Object.keys(pattern.layers).map((key) => (
        <div key={key} className={styles.layer}>
          <RecordFields kind="pattern" id={id} path={`layers.${key}`} compact />
          <Button size="small" onClick={() => set('Take a layer away', { [`layers.${key}`]: null })}>
            Take away
          </Button>
        </div>
      ))}
      <div>
        <Button
          size="small"
          onClick={() =>
            set('Add a layer', {
              [`layers.layer-${crypto.randomUUID().slice(0, 8)}`]: {
                label: Object.keys(pattern.layers).length === 0 ? 'Outer' : 'Second layer',
                around: 0.5,
                feel: 'medium',
              },
            })
          }
        >
          Add a layer it was drafted for
        </Button>
      </div>
      <div className={styles.fields}>
        <RecordFields kind="pattern" id={id} only={DRAFTED_FOR} />
      </div>
    </section>
  );
}

function Printed({ id, pattern, set }: PartProps) {
  return (
    <section className={styles.section}>
      <h2>Allowances and printed lengths</h2>
      <div className={styles.fields}>
        <RecordFields kind="pattern" id={id} without={ELSEWHERE} />
      </div>
      {Object.entries(pattern.printed).map(([key, one]) => (
        <div key={key} className={styles.layer}>
          <RecordFields kind="pattern" id={id} path={`printed.${key}`} />
          <PickField
            label="For the edge"
            value={one.edge ?? ''}
            options={catalogue[pattern.kind].edges.map((edge) => ({ id: edge.id, name: edge.label }))}
            empty="no edge: only kept"
            onChange={(edge) => set('Printed length', { [`printed.${key}.edge`]: edge === '' ? null : edge })}
          />
          <PickField
            label="Of the size"
            value={one.sizeId ?? ''}
            options={Object.entries(pattern.sizes).map(([id, { label }]) => ({ id, name: label }))}
            empty="every size"
            onChange={(sizeId) =>
              set('Printed length', { [`printed.${key}.sizeId`]: sizeId === '' ? null : sizeId })
            }
          />
          <Button size="small" onClick={() => set('Take a length away', { [`printed.${key}`]: null })}>
            Take away
          </Button>
        </div>
      ))}
      <div>
        <Button
          size="small"
          onClick={() =>
            set('Add a printed length', {
              [`printed.length-${crypto.randomUUID().slice(0, 8)}`]: { label: 'Elastic', mm: 700 },
            })
          }
        >
          Add a band or elastic length it prints
        </Button>
      </div>
    </section>
  );
}

function Notes({ id }: { readonly id: string }) {
  return (
    <aside className={styles.notes}>
      <h2>What was learned</h2>
      <RecordFields kind="pattern" id={id} only={LEARNED} />
    </aside>
  );
}
