'use client';
import type { SetFields } from '@/features/records/setFields';
import Button from '@mui/material/Button';
import type { StoredRecord } from '@/core/facts/records';
import { draftedLayerSpec, patternSpec, type Pattern } from '@/core/facts/pattern';
import type { NumberSpec } from '@/core/facts/spec';
import { kindIds } from '@/core/facts/kindIds';
import { catalogue } from '@/core/garments/catalogue';
import { NameField } from '@/features/records/NameField';
import { RecordsProvider, useRecords } from '@/features/records/RecordsProvider';
import { RemoveButton } from '@/features/records/RemoveButton';
import { TextFactField } from '@/features/records/TextFactField';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { PickField } from '@/ui/PickField';
import styles from './PatternPage.module.css';
import { PatternSizes } from './PatternSizes';

const { fields } = patternSpec;

/** One pattern: its size table, what it was drafted for, its own lengths, and notes. */
export function PatternPage({ pattern }: { pattern: StoredRecord<'pattern'> }) {
  return (
    <RecordsProvider records={[pattern]}>
      <Inside initial={pattern} />
    </RecordsProvider>
  );
}

function Inside({ initial }: { initial: StoredRecord<'pattern'> }) {
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
          <RemoveButton kind="pattern" id={id} back="/patterns" />
        </div>
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
          <ChoiceRow
            legend="Where it comes from"
            value={pattern.source}
            options={fields.source.options.map((source) => ({ value: source, label: source }))}
            onChange={(source) => set('Where it comes from', { source })}
          />
        </div>
        <PatternSizes id={id} pattern={pattern} set={set} />
        <DraftedFor pattern={pattern} set={set} fault={fault} />
        <Printed pattern={pattern} set={set} fault={fault} />
      </div>
      <Notes pattern={pattern} set={set} fault={fault} />
    </div>
  );
}

interface PartProps {
  readonly pattern: Pattern;
  readonly set: SetFields;
  readonly fault: (path: string) => string | undefined;
}

function DraftedFor({ pattern, set, fault }: PartProps) {
  const layer = draftedLayerSpec.fields;
  const share = (key: 'easeAround' | 'easeAlong' | 'statedAround' | 'statedAlong', help?: string) => (
    <NumberField
      spec={fields[key] as NumberSpec}
      value={pattern[key]}
      onChange={(value) => set(fields[key].label, { [key]: value })}
      fault={fault(key)}
      {...(help ? { help } : {})}
    />
  );
  return (
    <section className={styles.section}>
      <h2>What it was drafted for</h2>
      <p className="soft">
        The layers and the negative ease the designer had in mind: a garment in other cloth then keeps the
        same tension. The stretch it asks for is a demand on each layer by itself.
      </p>
      {Object.entries(pattern.layers).map(([key, one]) => (
        <div key={key} className={styles.layer}>
          <TextFactField
            spec={layer.label}
            value={one.label}
            onChange={(label) => label && set('Layer', { [`layers.${key}.label`]: label })}
            fault={fault(`layers.${key}.label`)}
          />
          <NumberField
            spec={layer.around}
            value={one.around}
            required
            onChange={(around) => set('Layer', { [`layers.${key}.around`]: around })}
          />
          <NumberField
            spec={layer.along}
            value={one.along}
            onChange={(along) => set('Layer', { [`layers.${key}.along`]: along })}
          />
          <PickField
            label="How it pulls"
            value={one.feel}
            options={layer.feel.options.map((feel) => ({ id: feel, name: feel }))}
            empty="choose"
            onChange={(feel) => feel && set('Layer', { [`layers.${key}.feel`]: feel })}
          />
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
        {share('easeAround', 'How much smaller than the body it is drawn.')}
        {share('easeAlong')}
        {share('statedAround', 'As its envelope asks for.')}
        {share('statedAlong')}
      </div>
    </section>
  );
}

function Printed({ pattern, set, fault }: PartProps) {
  const spec = fields.printed.of.fields;
  return (
    <section className={styles.section}>
      <h2>Allowances and printed lengths</h2>
      <div className={styles.fields}>
        <LengthField
          spec={fields.seamAllowanceMm}
          valueMm={pattern.seamAllowanceMm}
          onChange={(mm) => set('Seam allowance', { seamAllowanceMm: mm })}
          fault={fault('seamAllowanceMm')}
        />
        <LengthField
          spec={fields.hemAllowanceMm}
          valueMm={pattern.hemAllowanceMm}
          onChange={(mm) => set('Hem', { hemAllowanceMm: mm })}
          fault={fault('hemAllowanceMm')}
        />
        <LengthField
          spec={fields.cupDifferenceMm}
          valueMm={pattern.cupDifferenceMm}
          onChange={(mm) => set('Cup drafted for', { cupDifferenceMm: mm })}
          fault={fault('cupDifferenceMm')}
          help="The cup it was drafted for: often 5 cm (2 in)."
        />
        <LengthField
          spec={fields.cupStepMm}
          valueMm={pattern.cupStepMm}
          onChange={(mm) => set('Cup step', { cupStepMm: mm })}
          fault={fault('cupStepMm')}
          help="Only where it has cups: usually 2.5 cm (1 in)."
        />
      </div>
      <ChoiceRow
        legend={fields.assumesFoam.label}
        value={pattern.assumesFoam ? 'yes' : 'no'}
        options={[
          { value: 'no', label: 'no, or no cups' },
          { value: 'yes', label: 'yes' },
        ]}
        onChange={(value) => set('Foam cups', { assumesFoam: value === 'yes' ? true : null })}
      />
      {Object.entries(pattern.printed).map(([key, one]) => (
        <div key={key} className={styles.layer}>
          <TextFactField
            spec={spec.label}
            value={one.label}
            onChange={(label) => label && set('Printed length', { [`printed.${key}.label`]: label })}
            fault={fault(`printed.${key}.label`)}
          />
          <LengthField
            spec={spec.mm}
            valueMm={one.mm}
            required
            onChange={(mm) => set('Printed length', { [`printed.${key}.mm`]: mm })}
            fault={fault(`printed.${key}.mm`)}
          />
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

function Notes({ pattern, set, fault }: PartProps) {
  return (
    <aside className={styles.notes}>
      <h2>What was learned</h2>
      {(['unclear', 'better', 'sizing', 'next'] as const).map((key) => (
        <TextFactField
          key={key}
          spec={fields[key]}
          value={pattern[key]}
          onChange={(text) => set(fields[key].label, { [key]: text })}
          fault={fault(key)}
          multiline
        />
      ))}
    </aside>
  );
}
