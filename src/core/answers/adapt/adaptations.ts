import {
  draftLegLine,
  legLineOnPieces,
  legLineSpec,
  openWithHip,
  usualLegLine,
  type LegLineFacts,
} from './legLine';
import { draftShorts, draftWiden, shortsSpec, usualShorts, usualWiden, widenSpec } from './legs';
import { shortsOnPieces, widenOnPieces } from './legsOnPieces';
import { draftRaglan, raglanOnPieces, raglanSpec, usualRaglan } from './raglan';
import type { KindId } from '../../facts/kindIds';
import type { Outlines } from '../../pieces/outline';
import type { Drafted, OnPieces } from './draft';
import type { NumberSpec } from '../../facts/spec';
import type { BodyMeasure } from '../../facts/wearer';

export const adaptationIds = ['raglan', 'leg-line', 'shorts', 'widen'] as const;
export type AdaptationId = (typeof adaptationIds)[number];

/** An adaptation as a page shows it: its fields, where it starts, and its drawing. */
export interface Adaptation {
  readonly label: string;
  readonly about: string;
  readonly fields: Readonly<Record<string, NumberSpec>>;
  readonly usual: Readonly<Record<string, number>>;
  /** Fields that a wearer's measurement fills. */
  readonly fromBody: Readonly<Record<string, BodyMeasure>>;
  readonly draft: (facts: Readonly<Record<string, number>>) => Drafted;
  /** How it is drawn on traced pieces. */
  readonly onPieces: Omit<OnPieces<Readonly<Record<string, number>>>, 'measure'> & {
    readonly measure: (outlines: Outlines, kind: KindId) => Readonly<Record<string, number>> | string;
  };
  /** What else changes with a change; absent where nothing does. */
  readonly follow?: (
    before: Readonly<Record<string, number>>,
    changes: Readonly<Record<string, number>>,
  ) => Readonly<Record<string, number>>;
}

const adaptation = <F extends Readonly<Record<string, number>>>(
  words: Pick<Adaptation, 'label' | 'about' | 'fromBody'>,
  spec: { readonly fields: Readonly<Record<string, NumberSpec>> },
  usual: F,
  draft: (facts: F) => Drafted,
  onPieces: OnPieces<F>,
): Adaptation => ({
  ...words,
  fields: spec.fields,
  usual,
  draft: (facts) => draft(facts as F),
  onPieces: {
    kinds: onPieces.kinds,
    measure: (outlines, kind) =>
      onPieces.measure(outlines, kind) as Readonly<Record<string, number>> | string,
    draft: (facts, outlines, kind) => onPieces.draft(facts as F, outlines, kind),
  },
});

/** Every adaptation of a pattern that is worked out and drawn here. */
export const adaptations: Readonly<Record<AdaptationId, Adaptation>> = {
  raglan: adaptation(
    {
      label: 'Raglan from a tee',
      about:
        'Front, back and sleeve of a tee become a raglan: the shoulder goes to the sleeve, along a line from a point on the neckline to the underarm.',
      fromBody: { wristMm: 'wrist', sleeveMm: 'armLength' },
    },
    raglanSpec,
    usualRaglan,
    draftRaglan,
    raglanOnPieces,
  ),
  'leg-line': {
    ...adaptation(
      {
        label: 'Opening the leg line of panties',
        about: 'The leg line is moved to the top edge, a distance from the centre that grows with the hip.',
        fromBody: { hipMm: 'hip' },
      },
      legLineSpec,
      usualLegLine,
      draftLegLine,
      legLineOnPieces,
    ),
    follow: (before, changes) => openWithHip(before as LegLineFacts, changes) as Record<string, number>,
  },
  shorts: adaptation(
    {
      label: 'Shorts from leggings',
      about: 'Where to cut the leg, and how close the new hem will sit.',
      fromBody: { bodyThighMm: 'thigh', bodyKneeMm: 'knee' },
    },
    shortsSpec,
    usualShorts,
    draftShorts,
    shortsOnPieces,
  ),
  widen: adaptation(
    {
      label: 'Widening a leg',
      about:
        'From the knee down to a wider hem, the same at both seams, so that they stay as long as each other.',
      fromBody: {},
    },
    widenSpec,
    usualWiden,
    draftWiden,
    widenOnPieces,
  ),
};
