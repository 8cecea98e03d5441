'use client';
import { Fragment } from 'react';
import type { SetupPlan } from '@/core/sewing/types';
import { dialWord, otherSettings } from '@/features/machines/setupWords';
import { ExplainedNumber } from '@/ui/ExplainedNumber';

/** Where the dials of a setup stand, each with where it comes from; then what else is set. */
export function Dials({ setup }: { setup: SetupPlan }) {
  const words = setup.dials.map(({ field }) => dialWord(field));
  return (
    <>
      {setup.dials.map(({ field, at }, nth) => (
        <Fragment key={field}>
          {words[nth] === words[nth - 1] ? ' · ' : `, ${words[nth]} `}
          <ExplainedNumber id={at} />
        </Fragment>
      ))}
      {otherSettings(setup.setup).map((one) => `, ${one}`)}
    </>
  );
}
