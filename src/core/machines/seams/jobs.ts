import { say } from '../../explain/ledger';
import type { Phrase } from '../../explain/explained';
import type { StitchId } from '../../facts/stitchIds';

/** How much a row is asked to stretch before anything is known of the body: shares (estimates). */
export const demandClasses = {
  /** Taken out again, or held by something else. */
  nothing: 0,
  /** Gusset ends, side seams of snug briefs. */
  little: 0.1,
  /** Hems of garments that skim. */
  hem: 0.2,
  /** Seams that go round or along the body. */
  seam: 0.3,
  /** Necklines, waists and openings that something is pulled over. */
  opening: 0.5,
} as const;
type DemandClass = keyof typeof demandClasses;

/** What a row of stitches is for: which stitches do it, the usual first. */
interface Job {
  readonly label: string;
  readonly demand: DemandClass;
  readonly ways: readonly [StitchId, ...StitchId[]];
  /** The cut edge has to be finished: in the same pass by a serger, else in one of its own. */
  readonly finishes?: true;
  /** Taken out again before it is worn. */
  readonly temporary?: true;
  /** Sewn through elastic. */
  readonly onElastic?: true;
  /** The row runs across the edge it belongs to: what stretches the edge does not stretch it. */
  readonly across?: true;
  /** No swatch is sewn first: nothing hangs on it. */
  readonly noSwatch?: true;
  /** What its swatch has to look like, where flat and unbroken is not it. */
  readonly swatchCheck?: Phrase;
}

const job = (
  label: string,
  demand: DemandClass,
  ways: readonly [StitchId, ...StitchId[]],
  rest: Partial<Job> = {},
): Job => ({ label, demand, ways, ...rest });

/** Elastic that was stretched on has to come back. */
const SPRINGS_BACK = say`Let go, the elastic comes back to its length; stretched, no thread breaks.`;

export const jobs = {
  seam: job(
    'a seam that stretches with the body',
    'seam',
    [
      'overlock4',
      'overlock3',
      'zigzag-seam',
      'zigzag-close',
      'zigzag-neck',
      'lightning',
      'triple-straight',
      'top-cover',
    ],
    { finishes: true },
  ),
  ring: job(
    'a band or edge that something is pulled over',
    'opening',
    ['overlock4', 'overlock3', 'zigzag-neck', 'zigzag-close', 'lightning'],
    { finishes: true },
  ),
  stay: job(
    'a seam that must not grow',
    'nothing',
    ['overlock4', 'overlock3', 'straight-seam', 'zigzag-seam'],
    {
      finishes: true,
    },
  ),
  still: job(
    'a seam that hardly stretches',
    'little',
    ['overlock4', 'overlock3', 'straight-seam', 'zigzag-seam', 'zigzag-neck', 'triple-straight'],
    { finishes: true },
  ),
  /** Small seams of cups and pouches, to the millimetre: straight, pressed open, and topstitched. */
  precise: job('a small seam to the millimetre', 'nothing', [
    'straight-seam',
    'triple-straight',
    'zigzag-seam',
    'zigzag-neck',
  ]),
  /** Seams that are turned in or pressed open: the layers cover them. */
  enclosed: job('a seam that the layers cover', 'little', [
    'straight-seam',
    'zigzag-seam',
    'zigzag-neck',
    'zigzag-close',
    'overlock4',
    'overlock3',
  ]),
  /** Enclosed seams that go round an opening. */
  'enclosed-ring': job('an enclosed seam that stretches', 'opening', [
    'zigzag-neck',
    'zigzag-close',
    'overlock4',
    'zigzag-seam',
    'overlock3',
    'lightning',
  ]),
  'band-join': job(
    'the ends of a band',
    'little',
    ['zigzag-seam', 'straight-seam', 'zigzag-neck', 'overlock4', 'overlock3'],
    { across: true },
  ),
  'elastic-join': job('the ends of elastic', 'nothing', ['zigzag-bar', 'zigzag-seam', 'straight-seam'], {
    onElastic: true,
    noSwatch: true,
  }),
  finish: job('the cut edges of a seam', 'nothing', [
    'overcast',
    'three-step',
    'zigzag-hem',
    'overlock3',
    'overlock4',
  ]),
  hem: job('a hem', 'hem', ['cover2', 'twin', 'zigzag-hem', 'three-step', 'zigzag-neck', 'cover3']),
  'serger-hem': job(
    'a hem that does not show',
    'hem',
    ['flatlock', 'cover2', 'twin', 'zigzag-hem', 'three-step', 'zigzag-neck'],
    { swatchCheck: say`The fold is caught all along; pulled flat, little of it shows on the face.` },
  ),
  topstitch: job('topstitching', 'opening', [
    'cover2-narrow',
    'zigzag-neck',
    'three-step',
    'triple-straight',
    'straight-top',
  ]),
  understitch: job('a row that holds a facing in', 'hem', [
    'zigzag-seam',
    'feather',
    'straight-top',
    'zigzag-neck',
    'zigzag-close',
  ]),
  'elastic-on': job(
    'elastic on the wrong side of an edge',
    'opening',
    ['overlock4', 'overlock3', 'zigzag-elastic', 'three-step', 'zigzag-picot'],
    { onElastic: true, swatchCheck: SPRINGS_BACK },
  ),
  'elastic-turned': job(
    'the row over turned elastic',
    'opening',
    ['cover2', 'zigzag-elastic', 'three-step', 'zigzag-picot', 'cover2-narrow'],
    { onElastic: true, swatchCheck: SPRINGS_BACK },
  ),
  'picot-on': job(
    'elastic beside its loops',
    'opening',
    ['zigzag-picot', 'three-step', 'zigzag-neck', 'overlock3'],
    { onElastic: true, swatchCheck: SPRINGS_BACK },
  ),
  'picot-turned': job(
    'the second row on picot or plush',
    'opening',
    ['zigzag-picot', 'three-step', 'zigzag-neck', 'cover2'],
    { onElastic: true, swatchCheck: SPRINGS_BACK },
  ),
  'elastic-flat': job(
    'elastic laid over an edge',
    'opening',
    ['zigzag-elastic', 'cover2', 'three-step', 'zigzag-picot', 'cover3'],
    { onElastic: true, swatchCheck: SPRINGS_BACK },
  ),
  baste: job('basting', 'nothing', ['basting', 'chain'], { temporary: true, noSwatch: true }),
  'baste-to-try': job('basting that is tried on', 'nothing', ['zigzag-baste', 'basting', 'chain'], {
    temporary: true,
    noSwatch: true,
  }),
  /** Inside the allowance, left in: it only keeps layers together. */
  hold: job(
    'layers held together',
    'opening',
    ['zigzag-baste', 'zigzag-picot', 'zigzag-close', 'overlock3'],
    {
      noSwatch: true,
    },
  ),
  gather: job('gathers', 'nothing', ['gathering'], { noSwatch: true }),
  ripple: job('a rippled edge', 'opening', ['ripple', 'rolled', 'zigzag-lettuce', 'overlock3-narrow'], {
    swatchCheck: say`It ripples evenly: count the waves, and keep the count with the card.`,
  }),
  bar: job('an end that is held', 'nothing', ['zigzag-bar', 'straight-seam'], {
    onElastic: true,
    noSwatch: true,
  }),
} as const satisfies Readonly<Record<string, Job>>;
export type JobId = keyof typeof jobs;

export const jobOf = (id: JobId): Job => jobs[id];

/** The pairs of job and stitch that the table of starting settings lists, for each its demand class (T). */
export const startingSettings: readonly {
  readonly job: string;
  readonly stitch: StitchId;
  readonly demand: DemandClass;
}[] = [
  { job: 'four-thread seam, medium jersey', stitch: 'overlock4', demand: 'opening' },
  { job: 'three-thread wide flatlock, invisible hem', stitch: 'flatlock', demand: 'hem' },
  { job: 'lettuce edge, flat ripple', stitch: 'ripple', demand: 'opening' },
  { job: 'lettuce edge, rolled', stitch: 'rolled', demand: 'opening' },
  { job: 'lettuce on a sewing machine', stitch: 'zigzag-lettuce', demand: 'opening' },
  { job: 'picot elastic', stitch: 'zigzag-picot', demand: 'opening' },
  { job: 'swim elastic', stitch: 'zigzag-elastic', demand: 'opening' },
  { job: 'swim elastic, second row', stitch: 'cover2', demand: 'opening' },
  { job: 'hem, coverstitch', stitch: 'cover2', demand: 'hem' },
  { job: 'hem, twin needle', stitch: 'twin', demand: 'hem' },
  { job: 'hem, zigzag', stitch: 'zigzag-hem', demand: 'hem' },
  { job: 'hem, three-step zigzag', stitch: 'three-step', demand: 'hem' },
  { job: 'neckline topstitch, coverstitch', stitch: 'cover2-narrow', demand: 'opening' },
  { job: 'neckline topstitch, zigzag', stitch: 'zigzag-neck', demand: 'opening' },
  { job: 'basting', stitch: 'basting', demand: 'nothing' },
  { job: 'basting to try on', stitch: 'zigzag-baste', demand: 'nothing' },
  { job: 'gathers', stitch: 'gathering', demand: 'nothing' },
];
