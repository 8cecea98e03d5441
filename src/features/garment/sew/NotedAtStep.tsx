'use client';
import Link from 'next/link';
import { ofStep } from '@/core/sewing/assembly/assemble';
import { notesAtStep } from '@/core/log/notesAt';
import type { StepPlan } from '@/core/sewing/types';
import { useGarment } from '../page/useGarment';

const MOST = 3;

/** What was noted at this step of earlier garments, of its machine and of its elastic. */
export function NotedAtStep({ step }: { step: StepPlan }) {
  const { facts, notedAtSteps } = useGarment();
  const before = ofStep(notedAtSteps, step.id)?.slice(0, MOST) ?? [];
  const things = notesAtStep(facts, step);
  if (before.length + things.length === 0) return null;
  return (
    <div role="note" aria-label="Noted before">
      {before.map(({ garment, href, at, text }) => (
        <p key={`${href} ${at}`}>
          <span className="soft">
            At this step of <Link href={href}>{garment}</Link>:
          </span>{' '}
          {text}
        </p>
      ))}
      {things.map(({ name, text }) => (
        <p key={name}>
          <span className="soft">{name}:</span> {text}
        </p>
      ))}
    </div>
  );
}
