'use client';
import { useState } from 'react';
import { clothSpec, newCloth } from '@/core/facts/cloth';
import { elasticKinds, elasticSpec, newElastic, type ElasticKind } from '@/core/facts/elastic';
import { findingSpec, newFinding, type FindingKind } from '@/core/facts/finding';
import { newWearer, type Wearer } from '@/core/facts/wearer';
import type { Choice } from '@/core/views/pageViews';
import { grownOptions } from '@/features/wearers/grownOptions';
import { ChoiceRow } from '@/ui/ChoiceRow';
import { LengthField } from '@/ui/LengthField';
import { NumberField } from '@/ui/NumberField';
import { PickField } from '@/ui/PickField';
import { AddInPlace } from './AddInPlace';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly options: readonly Choice[];
  /** What choosing nothing is called. */
  readonly empty: string;
  readonly fault?: string | undefined;
  readonly onChange: (id: string) => void;
}

/** The list as the page got it, with what was added to it here. */
function useGrowing({ options, onChange }: Props) {
  const [made, setMade] = useState<readonly Choice[]>([]);
  const all = [...options, ...made.filter(({ id }) => !options.some((one) => one.id === id))];
  const onMade = ({ id, facts }: { readonly id: string; readonly facts: { readonly name: string } }) => {
    setMade((before) => [...before, { id, name: facts.name }]);
    onChange(id);
  };
  return { all, onMade };
}

/** Who it is for, or somebody new. */
export function PickWearer(props: Props) {
  const { all, onMade } = useGrowing(props);
  const [grown, setGrown] = useState<Wearer['grown']>('adult');
  return (
    <>
      <PickField {...props} options={all} />
      <AddInPlace kind="wearer" factsOf={(name) => newWearer(name, grown)} onMade={onMade}>
        <ChoiceRow legend="Grown" value={grown} options={grownOptions} onChange={setGrown} />
      </AddInPlace>
    </>
  );
}

/** A cloth from the shelf, or a new one with what is said of its stretch; a swatch test says more. */
export function PickCloth(props: Props) {
  const { all, onMade } = useGrowing(props);
  const [across, setAcross] = useState<number | undefined>(undefined);
  const [along, setAlong] = useState<number | undefined>(undefined);
  const { statedAcross, statedAlong } = clothSpec.fields;
  return (
    <>
      <PickField {...props} options={all} />
      <AddInPlace
        kind="cloth"
        factsOf={(name) => ({
          ...newCloth(name),
          ...(across === undefined ? {} : { statedAcross: across }),
          ...(along === undefined ? {} : { statedAlong: along }),
        })}
        onMade={onMade}
      >
        <NumberField
          live
          spec={statedAcross}
          help="As far as you know; pull a swatch of it later."
          value={across}
          onChange={setAcross}
        />
        <NumberField live spec={statedAlong} value={along} onChange={setAlong} />
      </AddInPlace>
    </>
  );
}

/** An elastic out of the drawer, or a new one. */
export function PickElastic({ onNew, ...props }: Props & { readonly onNew: (id: string) => void }) {
  const { all, onMade } = useGrowing({ ...props, onChange: onNew });
  const [kind, setKind] = useState<ElasticKind>('braided');
  const [widthMm, setWidth] = useState<number | undefined>(10);
  return (
    <>
      <PickField {...props} options={all} />
      <AddInPlace kind="elastic" factsOf={(name) => newElastic(name, kind, widthMm)} onMade={onMade}>
        <PickField
          label={elasticSpec.fields.kind.label}
          value={kind}
          options={elasticKinds.map((id) => ({ id, name: id }))}
          empty="choose its kind"
          onChange={(id) => id && setKind(id as ElasticKind)}
        />
        <LengthField live spec={elasticSpec.fields.widthMm} valueMm={widthMm} required onChange={setWidth} />
      </AddInPlace>
    </>
  );
}

/** A ring, slider, hook or cup out of the drawer, or a new one. */
export function PickFinding({
  of,
  onNew,
  ...props
}: Props & { readonly of: FindingKind; readonly onNew: (id: string) => void }) {
  const { all, onMade } = useGrowing({ ...props, onChange: onNew });
  const [sizeMm, setSize] = useState<number | undefined>(undefined);
  return (
    <>
      <PickField {...props} options={all} />
      <AddInPlace
        kind="finding"
        factsOf={(name) => ({ ...newFinding(name, of), ...(sizeMm === undefined ? {} : { sizeMm }) })}
        onMade={onMade}
      >
        <LengthField live spec={findingSpec.fields.sizeMm} valueMm={sizeMm} onChange={setSize} />
      </AddInPlace>
    </>
  );
}
