'use client';
import Link from 'next/link';
import { useState } from 'react';
import { mismatchText } from '@/core/edges/elastics/matching';
import type { FindingKind } from '@/core/facts/finding';
import type { EdgeRef } from '@/core/facts/garment';
import { edgeMismatches, findingNeeds } from '@/core/edges/edgeMatches';
import type { EdgePlan } from '@/core/edges/types';
import { formatLength } from '@/core/units/formatLength';
import { PickElastic, PickFinding } from '@/features/records/PickRecord';
import { useUnit } from '@/ui/unit';
import styles from '../page/GarmentPage.module.css';
import { useGarment } from '../page/useGarment';
import { useEdge } from './useEdge';

/** The elastic and the findings of an edge, out of the drawer. What does not go together is refused with a sentence. */
export function EdgeMaterials({ plan }: { plan: EdgePlan }) {
  const { facts, kind, elastics, findings } = useGarment();
  const { edge, use, choice, put } = useEdge(plan);
  const { unit } = useUnit();
  const [refused, setRefused] = useState<Partial<Record<EdgeRef, string>>>({});
  const takesElastic = use.strips.some(({ of }) => of === 'elastic');
  const needs = findingNeeds(facts, kind, edge, use);
  const cups = use.cups && !needs.some(({ field }) => field === 'cupsId');
  if (!takesElastic && needs.length === 0) return null;
  const elastic = facts.elastics?.[choice.elasticId ?? ''];
  const nickel = (['ringId', 'sliderId', 'hookId'] as const).some(
    (field) => facts.findings?.[choice[field] ?? '']?.nickel === 'yes',
  );
  const cautions = [
    ...(elastic?.latex === 'yes' ? [`${elastic.name} has latex in it: some skins do not bear it.`] : []),
    ...(nickel ? ['There is nickel in the hardware: some skins do not bear it.'] : []),
  ];
  const faultOf = (field: EdgeRef, id: string): string | undefined => {
    const garment = {
      ...facts.garment,
      edges: { ...facts.garment.edges, [edge.id]: { ...choice, [field]: id } },
    };
    const drawer = {
      elastics: Object.fromEntries(elastics.map((one) => [one.id, one.facts])),
      findings: Object.fromEntries(findings.map((one) => [one.id, one.facts])),
    };
    const found = edgeMismatches({ ...facts, ...drawer, garment }, kind, edge, use).find(
      (one) => one.field === field,
    );
    return found && mismatchText(found.mismatch, (mm) => formatLength(mm, unit));
  };
  const pick = (field: EdgeRef, id: string) => {
    const sentence = id === '' ? undefined : faultOf(field, id);
    setRefused((before) => ({ ...before, [field]: sentence }));
    if (sentence === undefined) put('what it is made of', { [field]: id === '' ? undefined : id });
  };
  const suits = (
    field: EdgeRef,
    list: readonly { readonly id: string; readonly facts: { readonly name: string } }[],
  ) =>
    list
      .map(({ id, facts: { name } }) => ({ id, name, ok: faultOf(field, id) === undefined }))
      .toSorted((a, b) => Number(b.ok) - Number(a.ok))
      .map(({ id, name, ok }) => ({ id, name: ok ? name : `${name} (does not suit)` }));
  const findingPick = (field: EdgeRef, label: string, kinds: FindingKind) => (
    <PickFinding
      key={field}
      of={kinds}
      label={label}
      value={choice[field] ?? ''}
      options={suits(
        field,
        findings.filter((one) => one.facts.kind === kinds),
      )}
      empty="choose from the drawer"
      onChange={(id) => pick(field, id)}
      onNew={(id) => put('what it is made of', { [field]: id })}
      fault={refused[field]}
    />
  );
  return (
    <section className={styles.stack} style={{ gap: 12 }}>
      <div className={styles.between}>
        <h2>Out of the drawer</h2>
        <Link href="/elastics">Elastics &amp; findings</Link>
      </div>
      <div className={styles.fields}>
        {takesElastic && (
          <PickElastic
            label="Elastic"
            value={choice.elasticId ?? ''}
            options={suits('elasticId', elastics)}
            empty="choose from the drawer"
            onChange={(id) => pick('elasticId', id)}
            onNew={(id) => put('what it is made of', { elasticId: id })}
            fault={refused.elasticId}
          />
        )}
        {needs.map(({ field, label, count }) =>
          findingPick(field, `${label}, ${count}`, FINDING_KIND[field]),
        )}
        {cups && findingPick('cupsId', 'Cups, where it has them', 'cups')}
      </div>
      {cautions.map((caution) => (
        <p key={caution} className="soft small">
          {caution}
        </p>
      ))}
    </section>
  );
}

const FINDING_KIND = {
  ringId: 'ring',
  sliderId: 'slider',
  hookId: 'hook-and-eye',
  cupsId: 'cups',
} as const satisfies Partial<Record<EdgeRef, FindingKind>>;
