'use client';
import { Fragment } from 'react';
import type { SetupPlan } from '@/core/plan/sewing/types';
import { dialWord, otherSettings } from '@/features/machines/setupWords';
import { ExplainedNumber } from '@/ui/ExplainedNumber';

/** Where the dials of a setup stand, each with where it comes from; then what else is set. */
export function Dials({ setup }: { setup: SetupPlan }) {
  let before = '';
  return (
    <>
      {setup.dials.map(({ field, at }) => {
        const word = dialWord(field);
        const first = word !== before;
        before = word;
        return (
          <Fragment key={field}>
            {first ? `, ${word} ` : ' · '}
            <ExplainedNumber id={at} />
          </Fragment>
        );
      })}
      {otherSettings(setup.setup).map((one) => `, ${one}`)}
    </>
  );
}
