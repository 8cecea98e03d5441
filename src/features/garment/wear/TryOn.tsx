'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { findFaults } from '@/core/facts/faults';
import { fittingSpec, moveIds, type Fitting, type PhotoView } from '@/core/facts/fitting';
import { fittingFaults, keptFitting } from '@/core/wear/keptFitting';
import { tryPlaces } from '@/core/wear/places';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { DraftBox } from '@/ui/DraftBox';
import { Fold } from '@/ui/Fold';
import { GarmentDrawing } from '@/ui/GarmentDrawing';
import { PickField } from '@/ui/PickField';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { useGarmentDrawing } from '../page/useGarmentDrawing';
import { PlaceAnswer } from './PlaceAnswer';
import { RoundPhotos } from './RoundPhotos';
import { Wear } from './Wear';
import { useTryOnDraft, type TryOnDraft } from './useTryOnDraft';
import wear from './Wear.module.css';

/** What is wrong, by the field it is about. */
type Faults = Readonly<Record<string, string>>;

const { held: HELD, moves: MOVES } = fittingSpec.fields;

/** A round of trying on: the drawing is the way in, a tap for each place that has something to say. */
export function TryOn({ first }: { first: boolean }) {
  const { id, facts, garment, kind, plan, set, today } = useGarment();
  const tryOn = useTryOnDraft(id, today);
  const { draft, change, clear } = tryOn;
  const faults: Faults = {
    ...fittingFaults(plan, kind, garment, draft, today),
    ...Object.fromEntries(findFaults(fittingSpec, draft).map(({ path, sentence }) => [path, sentence])),
  };
  const wrong = Object.values(faults)[0];
  const says =
    Object.keys(draft.outcomes).length > 0 ||
    draft.happened !== undefined ||
    draft.photos !== undefined ||
    (draft.note ?? '').trim() !== '';
  const keep = () => {
    const said = Object.fromEntries(Object.entries(draft).filter(([, value]) => value !== '')) as Fitting;
    set('Try-on', { [`fittings.${crypto.randomUUID()}`]: keptFitting(plan, kind, garment, said) });
    clear();
  };
  return (
    <section className={styles.stack}>
      <h2>
        Try it on{facts.wearer ? ` ${facts.wearer.name}` : ''}
        {first ? '' : ' again'}, and say what came out
      </h2>
      <p className="soft">
        Sit, bend, reach up. Tap where it pulls, stands or slips, and where it is right; what you leave out is
        left out.
      </p>
      <Places tryOn={tryOn} faults={faults} />
      <DraftBox
        label="What came out"
        multiline
        value={draft.note ?? ''}
        trouble={faults.note}
        onType={(note) => change({ note })}
      />
      <DraftBox
        label="Next time"
        value={draft.next ?? ''}
        trouble={faults.next}
        help="Shown again when the next one for this wearer, or out of this cloth, is planned."
        onType={(next) => change({ next })}
      />
      <DraftPhotos tryOn={tryOn} />
      <div className={styles.actions}>
        <Button
          variant="contained"
          size="large"
          disabled={!says || wrong !== undefined}
          onClick={keep}
          aria-describedby="keep-try-on"
        >
          Keep this try-on
        </Button>
        <span id="keep-try-on" className={wrong && says ? 'trouble small' : 'soft small'}>
          {says ? wrong : 'Tap a place and say how it sits, write what came out, or take a photo.'}
        </span>
      </div>
    </section>
  );
}

/** Photos that were taken for this round: they wait on the server until it is kept. */
function DraftPhotos({ tryOn: { draft, change } }: { tryOn: TryOnDraft }) {
  const put = (photo: string, view: PhotoView) => change({ photos: { ...draft.photos, [photo]: view } });
  return (
    <RoundPhotos
      photos={draft.photos}
      of="this try-on"
      onAdd={put}
      onView={put}
      onDeleted={(photo) => {
        const others = Object.entries(draft.photos ?? {}).filter(([key]) => key !== photo);
        change({ photos: others.length > 0 ? Object.fromEntries(others) : undefined });
      }}
    />
  );
}

/** The garment drawn, the place that was tapped, and every place with what was said of it. */
function Places({ tryOn, faults }: { tryOn: TryOnDraft; faults: Faults }) {
  const { garment, kind, plan } = useGarment();
  const drawing = useGarmentDrawing();
  const [chosen, setChosen] = useState<string | undefined>(undefined);
  const places = tryPlaces(plan, kind, garment);
  const { outcomes } = tryOn.draft;
  const place = places.find(({ id }) => id === chosen) ?? places[0];
  if (!place) return null;
  const choose = (part: string) => setChosen(places.find((one) => one.part === part)?.id);
  return (
    <div className={wear.tryOn}>
      <div className={wear.drawing}>
        <GarmentDrawing
          drawing={drawing}
          parts={places.map((one) => ({
            part: one.part,
            label: one.label,
            answered: outcomes[one.id] !== undefined,
          }))}
          chosen={place.part}
          onChoose={choose}
        />
      </div>
      <ul className={`${styles.list} ${wear.list}`} aria-label="Places">
        {places.map((one) => (
          <li key={one.id}>
            <button
              type="button"
              className={styles.pick}
              aria-pressed={one.id === place.id}
              onClick={() => setChosen(one.id)}
            >
              <span>{one.label}</span>
              <span>{outcomes[one.id] ?? ''}</span>
            </button>
          </li>
        ))}
      </ul>
      <div className={wear.said}>
        <div className={wear.panel}>
          <PlaceAnswer key={place.id} place={place} tryOn={tryOn} fault={faults[`pinched.${place.id}`]} />
        </div>
        <div className={`${styles.stack} ${wear.rest}`}>
          <Worn tryOn={tryOn} faults={faults} />
        </div>
      </div>
    </div>
  );
}

/** How it was held, when, over what, and what was done in it. */
function Worn({ tryOn, faults }: { tryOn: TryOnDraft; faults: Faults }) {
  const { draft, change } = tryOn;
  return (
    <>
      <ChoiceRow
        legend="How it was held"
        value={draft.held}
        options={HELD.options.map((option) => ({ value: option, label: option }))}
        onChange={(held) => change({ held })}
      />
      <div className={styles.fields}>
        <DraftBox
          label="Tried on"
          type="date"
          value={draft.triedOn}
          trouble={faults.triedOn}
          onType={(triedOn) => change({ triedOn })}
        />
        <DraftBox
          label="Worn over"
          value={draft.over ?? ''}
          trouble={faults.over}
          help="What was on underneath."
          onType={(over) => change({ over })}
        />
      </div>
      <Fold summary="What was done in it: sit, bend, reach, swim">
        <Moves tryOn={tryOn} />
      </Fold>
      <Fold summary="Worn and washed since it was done">
        <Wear tryOn={tryOn} />
      </Fold>
    </>
  );
}

function Moves({ tryOn: { draft, change } }: { tryOn: TryOnDraft }) {
  return (
    <div className={styles.fields} style={{ gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))' }}>
      {moveIds.map((move) => (
        <PickField
          key={move}
          label={move}
          value={draft.moves?.[move] ?? ''}
          options={MOVES.of.options.map((option) => ({ id: option, name: option }))}
          empty="not tried"
          onChange={(how) => {
            const others = Object.entries(draft.moves ?? {}).filter(([key]) => key !== move);
            const found = MOVES.of.options.find((option) => option === how);
            const all = found ? [...others, [move, found] as const] : others;
            change({ moves: all.length > 0 ? Object.fromEntries(all) : undefined });
          }}
        />
      ))}
    </div>
  );
}
