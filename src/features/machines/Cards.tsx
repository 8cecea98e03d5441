'use client';
import Stack from '@mui/material/Stack';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useState } from 'react';
import { cardSpec, type Machine, type SetupCard } from '@/core/facts/machine';
import type { StoredRecord } from '@/core/facts/records';
import { stitchIds, type StitchId } from '@/core/facts/stitchIds';
import { capabilityOf, whyNot } from '@/core/machines/capability';
import { setupFor } from '@/core/machines/setupFor';
import { measuredCapacity, swatchAdvice } from '@/core/machines/swatch';
import { stitches } from '@/core/machines/seams/stitches';
import { TextFactField } from '@/features/records/TextFactField';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { LengthField } from '@/ui/LengthField';
import { PickField } from '@/ui/PickField';
import type { SetFields } from '@/features/records/setFields';
import styles from './MachinePage.module.css';
import { SetupForm } from './SetupForm';
import { mainSettings } from './setupWords';
import { withMinus } from '@/core/units/formatLength';

const { fields } = cardSpec;

interface Props {
  readonly id: string;
  readonly machine: Machine;
  readonly cloths: readonly StoredRecord<'cloth'>[];
  readonly set: SetFields;
  readonly today: string;
}

/** Setup cards: a cloth, a stitch, its settings, and what a swatch of it did. */
export function Cards({ id, machine, cloths, set, today }: Props) {
  const [clothId, setClothId] = useState('');
  const [stitch, setStitch] = useState('');
  const [opened, setOpened] = useState<string | undefined>(undefined);
  const can = stitchIds.filter((one) => whyNot(machine, one) === undefined);
  const cloth = cloths.find((one) => one.id === clothId);
  const add = () => {
    if (stitch === '') return;
    const key = crypto.randomUUID().slice(0, 8);
    const setup = setupFor({
      machine,
      stitch: stitch as StitchId,
      ...(cloth ? { cloth: cloth.facts, clothId } : {}),
    });
    set('Setup card', {
      [`cards.${key}`]: { stitch, setup, sewnOn: today, ...(clothId === '' ? {} : { clothId }) },
    });
    setOpened(key);
  };
  const cards = Object.entries(machine.cards).sort(([, a], [, b]) => b.sewnOn.localeCompare(a.sewnOn));
  return (
    <section className={styles.section}>
      <div className={styles.head}>
        <h2>Setup cards</h2>
        {cards.length > 0 && <Link href={`/machines/${id}/cards`}>Print the cards</Link>}
      </div>
      <p className="soft">
        A card starts from the usual settings. Sew ten centimetres with it on a scrap, measure, and from then
        on your own figures count in every plan.
      </p>
      <div className={styles.fields} style={{ maxWidth: 640 }}>
        <PickField
          label="Cloth"
          value={clothId}
          empty="any cloth without a card of its own"
          options={cloths.map((one) => ({ id: one.id, name: one.facts.name }))}
          onChange={setClothId}
        />
        <PickField
          label="Stitch"
          value={stitch}
          empty="choose a stitch"
          options={can.map((one) => ({ id: one, name: stitches[one].name }))}
          onChange={setStitch}
        />
        <Button variant="contained" disabled={stitch === ''} onClick={add}>
          Start a card
        </Button>
      </div>
      <div className={styles.cards}>
        {cards.map(([key, card]) => (
          <Card
            key={key}
            at={key}
            card={card}
            machine={machine}
            cloth={cloths.find((one) => one.id === card.clothId)?.facts.name}
            open={opened === key}
            onOpen={(open) => setOpened(open ? key : undefined)}
            set={set}
          />
        ))}
      </div>
    </section>
  );
}

interface CardProps {
  readonly at: string;
  readonly card: SetupCard;
  readonly machine: Machine;
  readonly cloth: string | undefined;
  readonly open: boolean;
  readonly onOpen: (open: boolean) => void;
  readonly set: SetFields;
}

const percent = (share: number): string => withMinus(`${Math.round(share * 100)} %`);

function Card({ at, card, machine, cloth, open, onOpen, set }: CardProps) {
  const path = `cards.${at}`;
  const change = (key: keyof SetupCard) => (value: unknown) =>
    set('Setup card', { [`${path}.${key}`]: value ?? null });
  const advice = swatchAdvice(card, capabilityOf(machine).differential);
  const capacity = measuredCapacity(card);
  return (
    <article className={styles.card} data-card={at}>
      <div className={styles.head}>
        <h3>
          {stitches[card.stitch].name} on {cloth ?? 'any cloth'}
        </h3>
        <span className="soft small">{card.sewnOn}</span>
      </div>
      <p className="soft">{mainSettings(card.setup)}</p>
      <div className={styles.fields}>
        <LengthField spec={fields.beforeMm} valueMm={card.beforeMm} onChange={change('beforeMm')} />
        <LengthField spec={fields.afterMm} valueMm={card.afterMm} onChange={change('afterMm')} />
        <LengthField spec={fields.reachedMm} valueMm={card.reachedMm} onChange={change('reachedMm')} />
      </div>
      <ChoiceRow
        legend={fields.ended.label}
        value={card.ended}
        options={fields.ended.options.map((value) => ({ value, label: value }))}
        onChange={change('ended')}
      />
      {capacity !== undefined && (
        <p>
          It stretches <strong>{percent(capacity)}</strong> before it{' '}
          {card.ended === 'popped' ? 'pops' : 'resists'}: this counts in every plan on this cloth.
        </p>
      )}
      {advice.state === 'flat' && <p>{advice.lines[0]}</p>}
      {(advice.state === 'waved' || advice.state === 'puckered') && (
        <div>
          <p>
            It {advice.state} by {percent(Math.abs(advice.grew ?? 0))}.{' '}
            {advice.differential !== undefined && (
              <>
                Set the differential feed to <strong>{advice.differential.toFixed(2)}</strong>
                {advice.clamped ? ', as far as this machine goes' : ''}, or:
              </>
            )}
          </p>
          <ul style={{ margin: 0, paddingLeft: 20 }}>
            {advice.lines.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
          {advice.differential !== undefined && (
            <Button
              size="small"
              onClick={() =>
                set('Setup card', {
                  [`${path}.setup.differential`]: Number((advice.differential ?? 1).toFixed(2)),
                  [`${path}.afterMm`]: null,
                  [`${path}.reachedMm`]: null,
                })
              }
            >
              Set it so, and sew another
            </Button>
          )}
        </div>
      )}
      <TextFactField spec={fields.note} value={card.note} onChange={change('note')} />
      <Stack direction="row" sx={{ gap: '8px', flexWrap: 'wrap' }}>
        <Button size="small" aria-expanded={open} onClick={() => onOpen(!open)}>
          {open ? 'Hide the settings' : 'Settings'}
        </Button>
        <Button size="small" onClick={() => set('Present setup', { present: card.setup })}>
          The machine stands like this
        </Button>
        <Button size="small" onClick={() => set('Setup card', { [path]: null })}>
          Discard
        </Button>
      </Stack>
      {open && (
        <SetupForm
          machine={machine}
          setup={card.setup}
          onSet={(field, value) => set('Setup card', { [`${path}.setup.${field}`]: value ?? null })}
        />
      )}
    </article>
  );
}
