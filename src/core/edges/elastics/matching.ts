import { isAtMostMm } from '../../units/tolerance';
import type { Elastic } from '../../facts/elastic';
import type { Finding } from '../../facts/finding';
import type { EdgeUse } from './edgeUse';

/** Widths of hardware and elastic may differ by this much, mm: hardware is sold by the round figure (T). */
const MATCH_MM = 1;

/** A sentence with lengths in it, for either tape. */
export type Mismatch = readonly (string | { readonly mm: number; readonly what: string })[];

/** The sentence in the reader’s unit. */
export const mismatchText = (mismatch: Mismatch, show: (mm: number) => string): string =>
  mismatch.map((part) => (typeof part === 'string' ? part : show(part.mm))).join('');

const size = (what: string, mm: number) => ({ mm, what });

/** Why an elastic does not suit a use, as a sentence that says what to do; `undefined` where it does. */
export function elasticFault(use: EdgeUse, elastic: Elastic, swim: boolean): Mismatch | undefined {
  const { kinds, widthsMm, onSkin } = use;
  const { name, kind, widthMm } = elastic;
  if (swim && elastic.swim !== 'yes') {
    return [`${name} is not said to stand chlorine and salt: choose a swim elastic for swimwear.`];
  }
  if (onSkin && (kind === 'woven' || kind === 'braided')) {
    return [`${name} is ${kind}, too stiff to lie on the skin: choose a plush or picot elastic.`];
  }
  if (kinds && !kinds.includes(kind)) {
    return [
      `${name} is ${kind} elastic; this edge takes ${kinds.slice(0, 3).join(', ')}: choose one of those.`,
    ];
  }
  if (!widthsMm || (widthMm >= widthsMm[0] - MATCH_MM && widthMm <= widthsMm[1] + MATCH_MM)) return undefined;
  if (widthMm > widthsMm[1] && elastic.cuttable === true) return undefined;
  return [
    `${name} is `,
    size('width of the elastic', widthMm),
    ' wide; this edge takes ',
    size('narrowest for this edge', widthsMm[0]),
    ' to ',
    size('widest for this edge', widthsMm[1]),
    widthMm > widthsMm[1]
      ? ', and it may not be cut narrower: choose another width.'
      : ': choose another width.',
  ];
}

/** Why a ring or slider does not go with a strap, or a hook-and-eye with a band; `undefined` where it does. */
export function findingFault(finding: Finding, partnerMm: number, partner: string): Mismatch | undefined {
  const { name, kind, sizeMm } = finding;
  if (sizeMm === undefined) return [`The size of ${name} is not known: measure it first.`];
  if (Math.abs(sizeMm - partnerMm) <= MATCH_MM) return undefined;
  const remedy =
    kind === 'hook-and-eye'
      ? ' high: choose the pair as high as the band, before cutting either.'
      : ` wide: choose a ${kind} as wide as the strap.`;
  return [
    `${name} takes `,
    size(`size of ${name}`, sizeMm),
    ` and the ${partner} is `,
    size(`width of the ${partner}`, partnerMm),
    remedy,
  ];
}

/** Why an elastic may not be used at a narrower width; `undefined` where it may. */
export function cutNarrowerFault(elastic: Elastic, widthMm: number): Mismatch | undefined {
  if (widthMm > elastic.widthMm + MATCH_MM) {
    return [
      `${elastic.name} is only `,
      size('width of the elastic', elastic.widthMm),
      ' wide: ask for that width or less, or choose a wider one.',
    ];
  }
  if (widthMm < elastic.widthMm - 0.1 && elastic.cuttable !== true) {
    return [
      `${elastic.name} is not made to be cut narrower, it would ravel: use its full `,
      size('width of the elastic', elastic.widthMm),
      '.',
    ];
  }
  return undefined;
}

/** Why an elastic does not fit a folded band; `undefined` where it does. */
export const casingFault = (elasticMm: number, finishedMm: number): Mismatch | undefined =>
  !isAtMostMm(elasticMm, finishedMm)
    ? [
        'The elastic is ',
        size('width of the elastic', elasticMm),
        ' wide and the band finishes at ',
        size('finished width of the band', finishedMm),
        ': make the band wider or the elastic narrower.',
      ]
    : undefined;
