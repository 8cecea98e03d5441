'use client';
import Stack from '@mui/material/Stack';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState, type FormEvent } from 'react';
import { startGarment, startRefashion } from '@/core/garments/startGarment';
import { leafFault } from '@/core/facts/faults';
import { garmentSpec, type Garment } from '@/core/facts/garment';
import { kindIds, type KindId } from '@/core/facts/kindIds';
import type { StoredRecord } from '@/core/facts/records';
import { styleOf } from '@/core/fit/garmentKind';
import { kindOf } from '@/core/garments/kindOf';
import type { Choice } from '@/core/views/pageViews';
import { RequestRefused, createRecord } from '@/features/records/api';
import { NextTimeHere } from '@/features/log/NextTimeHere';
import { PickCloth, PickWearer } from '@/features/records/PickRecord';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { DraftBox } from '@/ui/DraftBox';
import { Tick } from '@/ui/Tick';
import { useUnit } from '@/ui/unit';
import { KindGallery } from './KindGallery';

interface Props {
  readonly wearers: readonly Choice[];
  readonly cloths: readonly Choice[];
  readonly ownKinds: readonly StoredRecord<'ownKind'>[];
  /** Chosen already: `?kind=` of a cloth's suggestion. */
  readonly start: { readonly kind?: string; readonly cloth?: string; readonly wearer?: string };
}

/** Starts a garment: its kind, a name, and what is known already. */
export function NewGarmentPage({ wearers, cloths, ownKinds, start }: Props) {
  const router = useRouter();
  const { unit } = useUnit();
  const [name, setName] = useState('');
  const [kind, setKind] = useState<KindId>(kindIds.find((one) => one === start.kind) ?? 'tee');
  const [ownKindId, setOwnKind] = useState<string | undefined>(undefined);
  const own = ownKinds.find(({ id }) => id === ownKindId)?.facts;
  const shown = kindOf({ kind }, own);
  const [made, setMade] = useState(false);
  const [style, setStyle] = useState<Garment['style']>('regular');
  const [wearerId, setWearerId] = useState(start.wearer ?? '');
  const [outerClothId, setOuter] = useState(start.cloth ?? '');
  const [liningClothId, setLining] = useState('');
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const begin = async (event: FormEvent) => {
    event.preventDefault();
    const fault = leafFault(garmentSpec.fields.name, name, 'name', 'cm');
    if (fault) return setTrouble(fault.sentence);
    const facts: Garment = {
      ...(made ? startRefashion : startGarment)(name.trim(), kind, unit),
      style: styleOf(shown, style).id,
      ...(ownKindId ? { ownKindId } : {}),
      ...(wearerId ? { wearerId } : {}),
      ...(outerClothId ? { outerClothId, bandClothId: outerClothId } : {}),
      ...(liningClothId ? { liningClothId } : {}),
    };
    try {
      const written = await createRecord('garment', facts, `Start ${facts.name}`);
      router.push(`/garments/${written.records[0]?.id}`);
    } catch (error) {
      if (!(error instanceof RequestRefused)) throw error;
      setTrouble(error.message);
    }
  };
  return (
    <form
      onSubmit={(event) => void begin(event)}
      noValidate
      style={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fit, minmax(300px, 1fr))', gap: 30 }}
    >
      <Stack sx={{ gap: '18px', alignContent: 'start' }}>
        <h1>New garment</h1>
        <DraftBox
          label="Name"
          value={name}
          autoFocus
          trouble={trouble}
          help="What you will call it, such as “Matinee tee”."
          onType={(text) => {
            setName(text);
            setTrouble(undefined);
          }}
        />
        <p>
          <strong>{shown.label}.</strong> <span className="soft">{shown.about}</span>
        </p>
        {shown.styles.length > 1 && (
          <ChoiceRow
            legend="How it is meant to sit"
            value={styleOf(shown, style).id}
            options={shown.styles.map(({ id, label }) => ({ value: id, label }))}
            onChange={setStyle}
          />
        )}
        <PickWearer
          label="For"
          value={wearerId}
          options={wearers}
          empty="choose later"
          onChange={setWearerId}
        />
        <PickCloth
          label="Cloth"
          value={outerClothId}
          options={cloths}
          empty="choose later"
          onChange={setOuter}
        />
        {shown.asks.lined && (
          <PickCloth
            label="Lining"
            value={liningClothId}
            options={cloths}
            empty="choose later"
            onChange={setLining}
          />
        )}
        <Tick checked={made} onChange={setMade}>
          It is made already, and I change it: crop it, a new band, another hem
        </Tick>
        <Stack direction="row" sx={{ gap: '12px' }}>
          <Button type="submit" variant="contained" size="large">
            Start
          </Button>
          <Button component={Link} href="/garments">
            Back to the list
          </Button>
        </Stack>
        {/* Below the button, so that nothing moves under the pointer. */}
        <NextTimeHere of={[{ wearer: wearerId }, { cloth: outerClothId }, { kind }]} />
      </Stack>
      <KindGallery
        kind={kind}
        ownKindId={ownKindId}
        ownKinds={ownKinds}
        onChoose={(chosen, id) => {
          setKind(chosen);
          setOwnKind(id);
        }}
      />
    </form>
  );
}
