'use client';
import Stack from '@mui/material/Stack';
import { findingSpec, type Finding } from '@/core/facts/finding';
import type { StoredRecord } from '@/core/facts/records';
import { NameField } from '@/features/records/NameField';
import { RecordsProvider, useRecords } from '@/features/records/RecordsProvider';
import { RemoveButton } from '@/features/records/RemoveButton';
import { TextFactField } from '@/features/records/TextFactField';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { PickField } from '@/ui/PickField';
import { SIZE_LABELS } from './findingWords';

const { fields } = findingSpec;

/** One finding as stock: what it is, its size, how many are there. */
export function FindingPage({ finding }: { finding: StoredRecord<'finding'> }) {
  return (
    <RecordsProvider records={[finding]}>
      <Inside initial={finding} />
    </RecordsProvider>
  );
}

function Inside({ initial }: { initial: StoredRecord<'finding'> }) {
  const records = useRecords();
  const { id } = initial;
  const finding = records.facts('finding', id) ?? initial.facts;
  const { kind } = finding;
  const set = (key: keyof Finding) => (value: unknown) =>
    records.set('finding', id, fields[key].label, { [key]: value });
  const fault = (key: keyof Finding) => records.fault('finding', id, key);
  const byLength = kind === 'tape' || kind === 'thread';
  const words = (key: 'colour' | 'fibre' | 'needleSystem') => (
    <TextFactField spec={fields[key]} value={finding[key]} onChange={set(key)} fault={fault(key)} />
  );
  const yesNo = (key: 'swim' | 'nickel') => (
    <ChoiceRow
      legend={fields[key].label}
      value={finding[key]}
      options={fields[key].options.map((value) => ({ value, label: value }))}
      onChange={set(key)}
    />
  );
  return (
    <Stack sx={{ gap: '20px', maxWidth: 620 }}>
      <Stack direction="row" sx={{ justifyContent: 'space-between', gap: '12px' }}>
        <NameField label="Finding’s name" value={finding.name} fault={fault('name')} onChange={set('name')} />
        <RemoveButton kind="finding" id={id} back="/elastics" />
      </Stack>
      <div style={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(220px, 1fr))', gap: 16 }}>
        <PickField
          label="Kind"
          value={kind}
          options={fields.kind.options.map((one) => ({ id: one, name: one }))}
          empty="choose a kind"
          onChange={(one) => one !== '' && set('kind')(one)}
        />
        {kind === 'needles' ? (
          <NumberField
            spec={fields.needleNm}
            value={finding.needleNm}
            help="NM, such as 75."
            onChange={set('needleNm')}
            fault={fault('needleNm')}
          />
        ) : (
          kind !== 'thread' && (
            <LengthField
              spec={fields.sizeMm}
              label={SIZE_LABELS[kind]}
              valueMm={finding.sizeMm}
              onChange={set('sizeMm')}
              fault={fault('sizeMm')}
            />
          )
        )}
        {byLength ? (
          <LengthField
            spec={fields.lengthMm}
            valueMm={finding.lengthMm}
            onChange={set('lengthMm')}
            fault={fault('lengthMm')}
          />
        ) : (
          <NumberField
            spec={fields.onHand}
            value={finding.onHand}
            onChange={set('onHand')}
            fault={fault('onHand')}
          />
        )}
      </div>
      {(kind === 'thread' || kind === 'needles') && (
        <div
          style={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(220px, 1fr))', gap: 16 }}
        >
          {kind === 'thread' ? (
            <>
              {words('colour')}
              {words('fibre')}
              <NumberField
                spec={fields.ticket}
                value={finding.ticket}
                help="120 to 150 is fine, for lace; polyester on anything that stretches."
                onChange={set('ticket')}
                fault={fault('ticket')}
              />
            </>
          ) : (
            <>
              {words('needleSystem')}
              <NumberField
                spec={fields.usedHours}
                value={finding.usedHours}
                help="A new needle for each project."
                onChange={set('usedHours')}
                fault={fault('usedHours')}
              />
            </>
          )}
        </div>
      )}
      {kind === 'needles' && (
        <ChoiceRow
          legend={fields.needleKind.label}
          value={finding.needleKind}
          options={fields.needleKind.options.map((value) => ({ value, label: value }))}
          onChange={set('needleKind')}
        />
      )}
      {kind === 'cups' && (
        <ChoiceRow
          legend={fields.shape.label}
          value={finding.shape}
          options={fields.shape.options.map((value) => ({ value, label: value }))}
          onChange={set('shape')}
        />
      )}
      {(kind === 'thread' || kind === 'cups') && yesNo('swim')}
      {(kind === 'ring' || kind === 'slider' || kind === 'hook-and-eye') && yesNo('nickel')}
      {(kind === 'ring' || kind === 'slider') && (
        <p className="soft small">
          Small parts come off and are swallowed: none on clothes for children under three. Nickel troubles
          some skins.
        </p>
      )}
      <TextFactField
        spec={fields.notes}
        value={finding.notes}
        multiline
        onChange={set('notes')}
        fault={fault('notes')}
      />
    </Stack>
  );
}
