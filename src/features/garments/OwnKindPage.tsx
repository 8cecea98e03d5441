'use client';
import Stack from '@mui/material/Stack';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import { useState, type ReactNode } from 'react';
import type { OwnKind } from '@/core/facts/ownKind';
import type { StoredRecord } from '@/core/facts/records';
import { bodyFields, bodyMeasures, type BodyMeasure } from '@/core/facts/wearer';
import { catalogue } from '@/core/garments/catalogue';
import { drawGarment } from '@/core/garments/drawings/drawGarment';
import { kindOf } from '@/core/garments/kindOf';
import { FactField } from '@/features/records/FactField';
import { NameField } from '@/features/records/NameField';
import { RecordFields } from '@/features/records/RecordFields';
import { RecordsProvider, useRecords } from '@/features/records/RecordsProvider';
import { RemoveButton } from '@/features/records/RemoveButton';
import { GarmentDrawing } from '@/ui/GarmentDrawing';
import { PickField } from '@/ui/PickField';
import { TextBox } from '@/ui/TextBox';
import { useTyped } from '@/ui/useTyped';

type What = 'zone' | 'edge' | 'piece';
const WORDS: Readonly<Record<What, { many: string; add: string; map: 'zones' | 'edges' | 'pieces' }>> = {
  zone: { many: 'Zones', add: 'Add a zone', map: 'zones' },
  edge: { many: 'Edges', add: 'Add an edge', map: 'edges' },
  piece: { many: 'Pieces', add: 'Add a piece', map: 'pieces' },
};
const START = {
  zone: { label: 'New zone', measure: 'waist', axis: 'around', seamEdges: 4, at: 0.5 },
  edge: { label: 'New edge', finish: 'hem', at: 0.8 },
  piece: { label: 'New piece', count: 1, cloth: 'outer' },
} as const;

/** A person's own version of a garment: what it has, taken away, renamed and added, beside its drawing. */
export function OwnKindPage({ ownKind }: { ownKind: StoredRecord<'ownKind'> }) {
  return (
    <RecordsProvider records={[ownKind]}>
      <Inside initial={ownKind} />
    </RecordsProvider>
  );
}

function Inside({ initial }: { initial: StoredRecord<'ownKind'> }) {
  const records = useRecords();
  const { id } = initial;
  const own = records.facts('ownKind', id) ?? initial.facts;
  const set = (label: string, changes: Readonly<Record<string, unknown>>) =>
    records.set('ownKind', id, label, changes);
  const kind = kindOf({ kind: own.base }, own);
  const [chosen, setChosen] = useState<string | undefined>(undefined);
  return (
    <Stack sx={{ gap: '20px' }}>
      <Stack direction="row" sx={{ justifyContent: 'space-between', gap: '12px' }}>
        <NameField
          label="Name of your kind"
          value={own.name}
          fault={records.fault('ownKind', id, 'name')}
          onChange={(name) => set('Name', { name })}
        />
        <RemoveButton kind="ownKind" id={id} back="/garments/new" />
      </Stack>
      <p className="soft">
        Made from: {catalogue[own.base].label.toLowerCase()}. What is taken away here is left out of every
        garment of this kind; the catalogue’s own stays as it is.
      </p>
      <div style={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fit, minmax(320px, 1fr))', gap: 30 }}>
        <Stack sx={{ gap: '14px', alignContent: 'start' }}>
          <GarmentDrawing
            drawing={drawGarment(own.base, {}, { own })}
            parts={[
              ...kind.zones.map((one) => ({ part: `zone-${one.id}`, label: `${one.label}, zone` })),
              ...kind.edges.map((one) => ({ part: `edge-${one.id}`, label: `${one.label}, edge` })),
            ]}
            chosen={chosen}
            onChoose={setChosen}
            widthPx={320}
          />
          <FactField kind="ownKind" id={id} path="notes" />
        </Stack>
        <Stack sx={{ gap: '22px', alignContent: 'start' }}>
          {(['zone', 'edge', 'piece'] as const).map((what) => (
            <Parts key={what} what={what} recordId={id} own={own} set={set} />
          ))}
        </Stack>
      </div>
    </Stack>
  );
}

interface PartsProps {
  readonly what: What;
  readonly recordId: string;
  readonly own: OwnKind;
  readonly set: (label: string, changes: Readonly<Record<string, unknown>>) => void;
}

function Parts({ what, recordId, own, set }: PartsProps) {
  const { many, add, map } = WORDS[what];
  const base: readonly { id: string; label: string }[] = catalogue[own.base][map];
  const added = Object.entries(own[map] as Readonly<Record<string, { label: string }>>);
  return (
    <section>
      <h2>{many}</h2>
      <Table>
        <TableHead>
          <TableRow>
            <TableCell>Name</TableCell>
            <TableCell style={{ width: 150 }}>
              <span className="visuallyHidden">What to do</span>
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {base.map((part) => {
            const key = `${what}-${part.id}`;
            const gone = own.without[key] === true;
            return (
              <TableRow key={key}>
                <TableCell>
                  {gone ? (
                    <s className="soft">{part.label}</s>
                  ) : (
                    <PartName
                      label={`Name of ${part.label.toLowerCase()}`}
                      value={own.renamed[key]?.label ?? part.label}
                      onChange={(label) =>
                        set('Rename', { [`renamed.${key}`]: label === part.label ? null : { label } })
                      }
                    />
                  )}
                </TableCell>
                <TableCell>
                  <Button
                    size="small"
                    onClick={() =>
                      set(gone ? 'Put back' : 'Take away', { [`without.${key}`]: gone ? null : true })
                    }
                  >
                    {gone ? 'Put back' : 'Take away'}
                  </Button>
                </TableCell>
              </TableRow>
            );
          })}
          {added.map(([key, part]) => (
            <TableRow key={key}>
              <TableCell>
                <PartName
                  label={`Name of ${part.label.toLowerCase()}`}
                  value={part.label}
                  onChange={(label) => set('Rename', { [`${map}.${key}.label`]: label })}
                />
                {what === 'zone' ? (
                  <ZoneFields recordId={recordId} own={own} id={key} set={set} />
                ) : (
                  <PartFields recordId={recordId} path={`${map}.${key}`} />
                )}
              </TableCell>
              <TableCell>
                <Button size="small" onClick={() => set('Take away', { [`${map}.${key}`]: null })}>
                  Take away
                </Button>
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      <Button
        size="small"
        onClick={() => set(add, { [`${map}.own-${crypto.randomUUID().slice(0, 8)}`]: START[what] })}
      >
        {add}
      </Button>
    </section>
  );
}

function PartName({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
}) {
  const fine = (text: string) => text.trim() !== '' && text.length <= 60;
  // It counts when it is left: the part's other fields are called by it, and would be renamed at every letter.
  const take = (text: string): boolean => {
    if (fine(text)) onChange(text);
    return fine(text);
  };
  const { text, onType, onLeave } = useTyped({ stored: value, take });
  return (
    <TextBox
      label={label}
      value={text}
      trouble={fine(text) ? undefined : 'Give it a name of at most 60 characters.'}
      onType={onType}
      onLeave={onLeave}
    />
  );
}

type FieldsProps = Pick<PartsProps, 'own' | 'set' | 'recordId'> & { readonly id: string };

function ZoneFields({ own, recordId, id, set }: FieldsProps) {
  const zone = own.zones[id];
  if (!zone) return null;
  const measure = (
    <PickField
      label="Measured at"
      value={zone.measure}
      options={bodyMeasures.map((one: BodyMeasure) => ({ id: one, name: bodyFields[one].label }))}
      empty="choose a measurement"
      onChange={(one) => one && set('Zone', { [`zones.${id}.measure`]: one })}
    />
  );
  return <PartFields recordId={recordId} path={`zones.${id}`} parts={{ measure }} />;
}

/** What is said of an added part beside its name. */
const PartFields = ({
  recordId,
  path,
  parts = {},
}: {
  readonly recordId: string;
  readonly path: string;
  readonly parts?: Readonly<Record<string, ReactNode>>;
}) => (
  <Stack sx={{ gap: '12px', paddingTop: '8px' }}>
    <RecordFields kind="ownKind" id={recordId} path={path} without={['label']} parts={parts} />
  </Stack>
);
