/** Stitches a tee is sewn with. Numbers are ISO 4915 (S); the rest T, starting points to test on scrap. */
export type StitchId =
  'overlock4' | 'cover2' | 'zigzag-seam' | 'zigzag-neck' | 'zigzag-hem' | 'straight-top' | 'basting';

export type MachineRole = 'serger' | 'coverstitch' | 'sewing machine';

/** How the stitch's stretch is bounded: by the path of a lockstitch, or by thread consumption. */
export type StitchModel =
  | { readonly kind: 'lockstitch'; readonly lengthMm: number; readonly widthMm: number }
  | {
      readonly kind: 'looped';
      readonly threadRatio: number;
      readonly needleShare: number;
      readonly needles: number;
    };

export interface Stitch {
  readonly id: StitchId;
  readonly name: string;
  /** ISO 4915 stitch type. */
  readonly iso: string;
  readonly machine: MachineRole;
  readonly model: StitchModel;
  /** Dials and parts, in the order hands set them. `mm` is the machine's own scale, in either unit system. */
  readonly settings: readonly StitchSetting[];
}

export type StitchSetting =
  | { readonly label: string; readonly value: number; readonly unit: 'dialMm' | 'dial' | 'ratio' | 'count' }
  | { readonly label: string; readonly word: string };

const lockstitch = (lengthMm: number, widthMm: number): Pick<Stitch, 'model' | 'settings'> => ({
  model: { kind: 'lockstitch', lengthMm, widthMm },
  settings: [
    { label: 'Stitch length', value: lengthMm, unit: 'dialMm' },
    ...(widthMm > 0 ? [{ label: 'Zigzag width', value: widthMm, unit: 'dialMm' } as const] : []),
    { label: 'Foot pressure', word: 'normal' },
  ],
});

export const stitches: Readonly<Record<StitchId, Stitch>> = {
  overlock4: {
    id: 'overlock4',
    name: 'four-thread overlock',
    iso: '514',
    machine: 'serger',
    model: { kind: 'looped', threadRatio: 18, needleShare: 0.25, needles: 2 },
    settings: [
      { label: 'Needles and loopers', value: 4, unit: 'dial' },
      { label: 'Stitch length', value: 2.5, unit: 'dialMm' },
      { label: 'Stitch width', value: 6, unit: 'dialMm' },
      { label: 'Differential feed', value: 1.3, unit: 'ratio' },
      { label: 'Foot pressure', word: 'normal' },
    ],
  },
  cover2: {
    id: 'cover2',
    name: 'two-needle coverstitch',
    iso: '406',
    machine: 'coverstitch',
    model: { kind: 'looped', threadRatio: 18, needleShare: 0.3, needles: 2 },
    settings: [
      { label: 'Needles', value: 2, unit: 'count' },
      { label: 'Between the needles', value: 5, unit: 'dialMm' },
      { label: 'Stitch length', value: 3, unit: 'dialMm' },
      { label: 'Differential feed', value: 1.2, unit: 'ratio' },
    ],
  },
  'zigzag-seam': {
    id: 'zigzag-seam',
    name: 'zigzag seam',
    iso: '304',
    machine: 'sewing machine',
    ...lockstitch(2.5, 1.5),
  },
  'zigzag-neck': {
    id: 'zigzag-neck',
    name: 'short zigzag',
    iso: '304',
    machine: 'sewing machine',
    ...lockstitch(1.5, 1.5),
  },
  'zigzag-hem': {
    id: 'zigzag-hem',
    name: 'zigzag hem',
    iso: '304',
    machine: 'sewing machine',
    ...lockstitch(2, 2),
  },
  'straight-top': {
    id: 'straight-top',
    name: 'straight topstitch',
    iso: '301',
    machine: 'sewing machine',
    ...lockstitch(2.5, 0),
  },
  basting: { id: 'basting', name: 'basting', iso: '301', machine: 'sewing machine', ...lockstitch(5, 0) },
};
