'use client';
import { alterationFields, type Alteration } from '@/core/facts/alteration';
import type { GarmentKind } from '@/core/fit/garmentKind';
import { edgesBeside } from '@/core/fit/pieceShape';
import { liesOn } from '@/core/pieces/girth';
import type { SeamWalk } from '@/core/pieces/types';
import { TextFactField } from '@/features/records/TextFactField';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { PickField } from '@/ui/PickField';
import { useGarment } from '../page/useGarment';
import styles from './Alter.module.css';

interface Props {
  readonly one: Alteration;
  readonly onChange: (label: string, fields: Readonly<Partial<Record<keyof Alteration, unknown>>>) => void;
}

/** What is said of an alteration: each kind of it has its own fields, and all a name. */
export function AlterationFields({ one, onChange }: Props) {
  return (
    <div className={styles.fields}>
      <ItsFields one={one} onChange={onChange} />
      <TextFactField
        spec={alterationFields.name}
        value={one.name}
        whole
        onChange={(name) => onChange('Called', { name })}
      />
    </div>
  );
}

function ItsFields({ one, onChange }: Props) {
  const { kind, plan } = useGarment();
  const length = (
    field: 'byMm' | 'belowMm' | 'startMm' | 'middleMm' | 'endMm',
    label: string,
    help: string,
  ) => (
    <LengthField
      key={field}
      spec={alterationFields[field]}
      label={label}
      help={help}
      valueMm={one[field]}
      onChange={(mm) => onChange(label, { [field]: mm })}
    />
  );
  switch (one.change) {
    case 'girths':
      return one.zones ? (
        <OwnGirths one={one} onChange={onChange} />
      ) : (
        <p className="soft small">
          {one.bySizes
            ? 'Each zone becomes as wide as the outlines of the size advised there, smoothly from one to the next.'
            : 'Each zone becomes as wide as this plan has it at rest, also when that changes.'}
        </p>
      );
    case 'length':
      return (
        <>
          <PickField
            label="Near"
            value={one.zone ?? ''}
            options={levelsOf(kind)}
            empty="choose where"
            onChange={(zone) => onChange('Near', { zone: zone || undefined })}
          />
          {length('belowMm', 'So far below it', 'Above it with a minus.')}
          {length('byMm', 'Longer by', 'Shorter with a minus.')}
        </>
      );
    case 'seat':
      return length('byMm', 'Deeper by', 'Flatter with a minus.');
    case 'along':
      return (
        <NumberField
          spec={alterationFields.share}
          label="Shorter by"
          help="Empty: by the ease the plan has along the body."
          value={one.share}
          onChange={(share) => onChange('Shorter by', { share })}
        />
      );
    case 'smooth':
      return (
        <PickField
          label="Over the seam"
          value={one.seam ?? ''}
          options={crossed(plan.pieces.seams)}
          empty="choose a seam"
          onChange={(seam) => onChange('Over the seam', { seam: seam || undefined })}
        />
      );
    case 'edge': {
      const edges = finishedEdges(kind);
      const chosen = edges.find(({ piece, edge }) => piece === one.piece && edge === one.edge);
      return (
        <>
          <PickField
            label="Edge"
            value={chosen?.id ?? ''}
            options={edges}
            empty="choose an edge"
            onChange={(id) => {
              const next = edges.find((edge) => edge.id === id);
              onChange('Edge', { piece: next?.piece, edge: next?.edge });
            }}
          />
          {chosen && (
            <>
              {length('startMm', `In at the ${chosen.start}`, 'Along it, into the piece; out with a minus.')}
              {length('middleMm', 'In at its middle', 'Out with a minus.')}
              {length('endMm', `In at the ${chosen.end}`, 'Along it, into the piece; out with a minus.')}
            </>
          )}
        </>
      );
    }
  }
}

function OwnGirths({ one, onChange }: Props) {
  const { kind } = useGarment();
  const zones = kind.zones.filter(
    ({ id, axis }) => axis === 'around' && kind.shapes.some((shape) => liesOn(shape, id)),
  );
  return zones.map(({ id, label }) => (
    <LengthField
      key={id}
      spec={alterationFields.zones.of}
      label={`${label}: larger by`}
      help="All round; smaller with a minus."
      valueMm={one.zones?.[id]}
      onChange={(mm) => {
        const others = Object.entries(one.zones ?? {}).filter(([zone]) => zone !== id);
        const zones = Object.fromEntries(mm === undefined ? others : [...others, [id, mm]]);
        onChange(`${label}: larger by`, { zones });
      }}
    />
  ));
}

/** Seams that edges of both their pieces cross. */
const crossed = (seams: readonly SeamWalk[]) =>
  seams.filter(({ crossings }) => crossings.length > 0).map(({ id, label }) => ({ id, name: label }));

/** Zones that lie at a height of a piece. */
const levelsOf = (kind: GarmentKind) =>
  kind.zones
    .filter(({ id }) => kind.shapes.some(({ levels }) => levels?.[id]))
    .map(({ id, label }) => ({ id, name: label }));

/** Edges that are finished, with what they meet at their ends. */
const finishedEdges = ({ shapes }: GarmentKind) =>
  shapes.flatMap((shape) =>
    shape.edges.flatMap(({ id, label, edge, seam, fold }, nth) => {
      if (edge === undefined || seam !== undefined || fold) return [];
      const [start, end] = edgesBeside(shape, nth);
      return [
        {
          id: `${shape.id}.${id}`,
          name: `${shape.label}, ${label}`,
          piece: shape.id,
          edge: id,
          start: start.label,
          end: end.label,
        },
      ];
    }),
  );
