'use client';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState, type FormEvent } from 'react';
import { leafFault } from '@/core/facts/faults';
import { garmentSpec, newTee, type Garment } from '@/core/facts/garment';
import type { Choice } from '@/core/views/pageViews';
import { styleOptions } from '@/features/garment/styleOptions';
import { RequestRefused, createRecord } from '@/features/records/api';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { PickField } from '@/ui/PickField';
import { useUnit } from '@/ui/unit';

/** Starts a tee: a name, and what is known already. */
export function NewGarmentPage({
  wearers,
  cloths,
}: {
  wearers: readonly Choice[];
  cloths: readonly Choice[];
}) {
  const router = useRouter();
  const { unit } = useUnit();
  const [name, setName] = useState('');
  const [style, setStyle] = useState<Garment['style']>('regular');
  const [wearerId, setWearerId] = useState('');
  const [outerClothId, setOuter] = useState('');
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const start = async (event: FormEvent) => {
    event.preventDefault();
    const fault = leafFault(garmentSpec.fields.name, name, 'name', 'cm');
    if (fault) return setTrouble(fault.sentence);
    const facts: Garment = {
      ...newTee(name.trim(), unit),
      style,
      ...(wearerId ? { wearerId } : {}),
      ...(outerClothId ? { outerClothId, bandClothId: outerClothId } : {}),
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
      onSubmit={(event) => void start(event)}
      noValidate
      style={{ display: 'grid', gap: 20, maxWidth: 520 }}
    >
      <h1>New tee</h1>
      <TextField
        size="small"
        label="Name"
        value={name}
        autoFocus
        error={trouble !== undefined}
        helperText={trouble ?? 'What you will call it, such as “Matinee tee”.'}
        onChange={(event) => {
          setName(event.target.value);
          setTrouble(undefined);
        }}
        slotProps={{ formHelperText: { role: trouble ? 'alert' : undefined }, inputLabel: { shrink: true } }}
      />
      <ChoiceRow legend="How it is meant to sit" value={style} options={styleOptions} onChange={setStyle} />
      <PickField label="For" value={wearerId} options={wearers} empty="choose later" onChange={setWearerId} />
      <PickField
        label="Cloth"
        value={outerClothId}
        options={cloths}
        empty="choose later"
        onChange={setOuter}
      />
      <p className="soft small">
        Somebody or something not in these lists yet? Add them first at <Link href="/wearers">Wearers</Link>{' '}
        or <Link href="/cloth">Cloth</Link>, or choose later.
      </p>
      <div style={{ display: 'flex', gap: 12 }}>
        <Button type="submit" variant="contained" size="large">
          Start
        </Button>
        <Button component={Link} href="/garments">
          Back to the list
        </Button>
      </div>
    </form>
  );
}
