import type { Explained, Phrase } from '../explain/explained';
import { say } from '../explain/ledger';
import type { Garment } from '../facts/garment';
import type { StitchId } from '../seams/stitches';

/** The numbers a tee's steps speak of. Absent where the plan has no such number yet. */
export interface TeeFigures {
  readonly seamAllowance: Explained;
  readonly neckAllowance: Explained;
  readonly sleeveHem: Explained;
  readonly hem: Explained;
  readonly trimmed: Explained;
  readonly swatch: Explained;
  readonly overlap: Explained;
  readonly mostAsked: Explained | undefined;
  readonly shoulder: Explained | undefined;
  readonly neckline: Explained | undefined;
  readonly head: Explained | undefined;
  readonly band: TeeBandFigures | undefined;
}

export interface TeeBandFigures {
  readonly sewn: Explained;
  readonly count: Explained;
  readonly neckSegment: Explained;
  readonly bandSegment: Explained;
  readonly stretch: Explained;
  readonly finished: Explained;
  /** The quarter mark's distance from the shoulder seam, without its sign, and which side it lies on. */
  readonly quarter: Explained | undefined;
  readonly quarterInFront: boolean;
}

export interface TeeNames {
  readonly outer: Phrase;
  readonly band: Phrase;
  readonly child: boolean;
}

export interface StepDraft {
  readonly id: string;
  readonly title: Phrase;
  readonly lines: readonly Phrase[];
  readonly check: Phrase;
  readonly cautions: readonly string[];
  /** Estimated minutes (common practice, no source). */
  readonly minutes: number;
  readonly stitch?: StitchId;
  /** The opening whose pull-on this seam must follow. */
  readonly opening?: string;
}

export interface TeeStitches {
  readonly seam: StitchId;
  readonly neck: StitchId;
  readonly hem: StitchId;
  readonly topstitch?: StitchId;
}

const CLIPS_SERGER = 'Clips out before they reach the knife.';
const CLIPS = 'Clips or pins out before they reach the foot: a needle that hits one can break and fly.';
const IRON = 'Low heat on polyester and nylon; press cloth on elastane. Try a scrap first.';
const POWER = 'Power off before threading or changing needles.';
const SLEEPWEAR =
  'If it is to be slept in, check your local rules on children’s sleepwear; this product certifies nothing.';

/** A tee's steps in order, for these machines and choices. Every length and setting in them is a number of the plan. */
export function teeSteps(
  garment: Garment,
  stitches: TeeStitches,
  figures: TeeFigures,
  names: TeeNames,
): readonly StepDraft[] {
  const serger = garment.machines === 'serger-coverstitch';
  const roundHems = garment.sleeveHems === 'round';
  const common: Common = {
    garment,
    stitches,
    figures,
    names,
    clips: serger ? CLIPS_SERGER : CLIPS,
    finish: serger
      ? []
      : [say`Trim to ${figures.trimmed} and sew the two edges together with a second row beside the first.`],
  };
  const hemFlat = sleeveHems(common, 'flat');
  const hemRound = sleeveHems(common, 'round');
  return [
    markFront(),
    swatch(common),
    creases(common),
    shoulders(common),
    ...(roundHems ? [] : [hemFlat]),
    sleeves(common),
    sides(common),
    ...neckbandSteps(common),
    ...(roundHems ? [hemRound] : []),
    bodyHem(common),
    lastLook(common),
  ];
}

interface Common {
  readonly garment: Garment;
  readonly stitches: TeeStitches;
  readonly figures: TeeFigures;
  readonly names: TeeNames;
  readonly clips: string;
  readonly finish: readonly Phrase[];
}

const markFront = (): StepDraft => ({
  id: 'mark-front',
  title: say`Mark the front`,
  lines: [
    say`Put a clip at the neck of the front, on its right side.`,
    say`The front’s neck scoops lower than the back’s; a double notch means back.`,
  ],
  check: say`One front and one back, and a left and a right sleeve that mirror each other.`,
  cautions: [],
  minutes: 2,
});

function swatch({ figures, stitches, names, garment }: Common): StepDraft {
  const reach = figures.mostAsked ? say` It must reach ${figures.mostAsked} without a thread going.` : say``;
  const machine =
    garment.machines === 'sewing-only' ? 'the sewing machine' : 'the serger, and then the coverstitch,';
  return {
    id: 'swatch',
    title: say`Try the stitches on scraps of ${names.outer}`,
    lines: [
      say`Set ${machine} as listed for this garment, with a new ball-point or stretch needle.`,
      say`Sew ${figures.swatch} through two layers along the greatest stretch, and mark both ends.`,
      say`Pull it until it resists.${reach}`,
      say`Waves: more differential feed or a lighter foot. Puckers: less.`,
    ],
    check: say`Flat, as long as it was, and no thread broken when pulled.`,
    cautions: [POWER],
    minutes: 10,
    stitch: stitches.seam,
  };
}

const creases = ({ figures }: Common): StepDraft => ({
  id: 'press-hems',
  title: say`Press the hem creases while the pieces are flat`,
  lines: [
    say`Turn up ${figures.sleeveHem} at the lower edge of both sleeves, wrong sides facing, and press the fold.`,
    say`Turn up ${figures.hem} at the lower edge of front and back, and press.`,
    say`Open them out again: the crease is the guide later.`,
  ],
  check: say`Creases parallel to the edges, the same depth on front and back.`,
  cautions: [IRON],
  minutes: 6,
});

function shoulders({ garment, figures, stitches, clips, finish }: Common): StepDraft {
  const stay =
    garment.stay === 'none'
      ? []
      : [
          figures.shoulder
            ? say`Lay the stay on the wrong side of the back’s shoulder, at rest: ${figures.shoulder} long, not stretched.`
            : say`Lay the stay on the wrong side of the back’s shoulder, at rest, not stretched.`,
        ];
  return {
    id: 'shoulders',
    title: garment.stay === 'none' ? say`Sew the shoulders` : say`Sew the shoulders with their stay`,
    lines: [
      say`Front on back, right sides facing, neck edges level.`,
      ...stay,
      say`Sew at ${figures.seamAllowance} from the cut edge, back uppermost, catching the stay.`,
      ...finish,
      say`Press the allowance to the back.`,
    ],
    check: figures.shoulder
      ? say`Each shoulder still measures ${figures.shoulder}.`
      : say`Both shoulders are the same length.`,
    cautions: [clips],
    minutes: 8,
    stitch: stitches.seam,
  };
}

function sleeves({ figures, stitches, clips, finish }: Common): StepDraft {
  return {
    id: 'sleeves',
    title: say`Set the sleeves in flat`,
    lines: [
      say`Open front and back out. Match the sleeve’s top notch to the shoulder seam, right sides facing.`,
      say`Match single notch to front and double notch to back, then both ends.`,
      say`Sew at ${figures.seamAllowance}, sleeve underneath: the feed eases the fuller layer.`,
      ...finish,
      say`Press the allowance to the sleeve.`,
    ],
    check: say`No tucks in the sleeve top; left sleeve on the left.`,
    cautions: [clips],
    minutes: 12,
    stitch: stitches.seam,
  };
}

function sides({ garment, figures, stitches, clips, finish }: Common): StepDraft {
  return {
    id: 'sides',
    title: say`Sew side and underarm in one pass`,
    lines: [
      say`Right sides facing, match the underarm seams, their allowances turned opposite ways.`,
      garment.sleeveHems === 'flat'
        ? say`Start at the finished sleeve hem with foot and needle up and the layers pushed right in.`
        : say`Start at the sleeve’s lower edge.`,
      say`Sew at ${figures.seamAllowance}, hem to hem, without pulling.`,
      ...finish,
      say`Press the allowance to the back.`,
    ],
    check: say`Underarm seams meet; both sides the same length.`,
    cautions: [clips],
    minutes: 12,
    stitch: stitches.seam,
  };
}

function sleeveHems({ figures, stitches, garment }: Common, how: 'flat' | 'round'): StepDraft {
  const needle =
    garment.machines === 'sewing-only'
      ? 'from the right side'
      : 'from the right side, both needles on the fold’s side of the raw edge';
  return {
    id: 'sleeve-hems',
    title: how === 'flat' ? say`Hem the sleeves, flat` : say`Hem the sleeves in the round`,
    lines: [
      say`Fold on the crease: ${figures.sleeveHem} deep.`,
      how === 'flat'
        ? say`Sew edge to edge ${needle}.`
        : say`Slide the sleeve over the free arm. Start at the underarm seam, sew round ${needle}, and overlap the start by ${figures.overlap}.`,
    ],
    check: say`The raw edge is caught all along, and the row stretches with the cloth.`,
    cautions: [],
    minutes: how === 'flat' ? 8 : 14,
    stitch: stitches.hem,
    opening: 'sleeve-hem',
  };
}

function neckbandSteps(common: Common): StepDraft[] {
  const { garment, figures, stitches, names, clips, finish } = common;
  const { neckline, band, head, neckAllowance, overlap } = figures;
  if (!neckline || !band) return [];
  const atShoulder = garment.neckband.join === 'left-shoulder';
  const join = atShoulder ? 'the left shoulder' : 'centre back';
  const quarters = band.quarter
    ? [
        band.quarterInFront
          ? say`The quarter marks lie ${band.quarter} in front of each shoulder seam, not on it.`
          : say`The quarter marks lie ${band.quarter} behind each shoulder seam, not on it.`,
      ]
    : [];
  const steps: StepDraft[] = [
    {
      id: 'measure-neck',
      title: say`Measure the neckline as it is now`,
      lines: [
        say`Tape on its edge, along the seamline, ${neckAllowance} in from the cut edge, without pulling.`,
        say`The plan has ${neckline} all round. Where yours differs, type it at Bands before the band is sewn.`,
      ],
      check: say`Within a tape’s thickness of ${neckline}.`,
      cautions: [],
      minutes: 3,
    },
    {
      id: 'join-band',
      title: say`Join the neckband into a ring`,
      lines: [
        say`Ends together, right sides facing, ${names.band} not twisted.`,
        say`Sew at ${neckAllowance} and press the join open.`,
        say`Fold it along its length, wrong sides facing, and press without pulling.`,
      ],
      check: say`The ring measures ${band.sewn} at its seamline.`,
      cautions: [IRON],
      minutes: 5,
      stitch: stitches.seam,
    },
    {
      id: 'mark-neck',
      title: say`Mark band and neckline in ${band.count}`,
      lines: [
        say`Band: from the join, a mark every ${band.bandSegment}${atShoulder ? ', counted so that one falls on centre back' : ''}.`,
        say`Neckline: fold it front to back, not at the shoulder seams. Mark centre back and centre front, then every ${band.neckSegment}.`,
        ...quarters,
      ],
      check: say`Count the marks: ${band.count} on each.`,
      cautions: [],
      minutes: 5,
    },
    {
      id: 'sew-band',
      title: say`Sew the neckband on, stretching only the band`,
      lines: [
        say`Garment right side out, band round it, raw edges level, join at ${join}. Clip mark to mark.`,
        say`Look before you sew: evenly full between the clips, nothing twisted.`,
        say`Start at centre back. Keep ${neckAllowance} all the way round, needle down when you stop.`,
        say`Pull the band level with the neckline: each ${band.bandSegment} becomes ${band.neckSegment}, ${band.stretch} longer.`,
        say`Overlap the start by ${overlap}.`,
        ...finish,
      ],
      check: head
        ? say`Same width all round, nothing caught underneath, and it goes over ${head}.`
        : say`Same width all round, nothing caught underneath.`,
      cautions: names.child
        ? [clips, 'No second layer under tight curves: a child’s neck is small.']
        : [clips],
      minutes: 12,
      stitch: stitches.neck,
      opening: 'neckline',
    },
    {
      id: 'press-neck',
      title: say`Steam the neckband into shape`,
      lines: [say`Allowance towards the garment. Hover with steam, pat flat, let it cool before moving it.`],
      check: say`It lies flat and shows ${band.finished} all round.`,
      cautions: [IRON],
      minutes: 3,
    },
  ];
  return stitches.topstitch ? [...steps, topstitch(common, stitches.topstitch)] : steps;
}

const topstitch = ({ figures }: Common, stitch: StitchId): StepDraft => ({
  id: 'topstitch',
  title: say`Topstitch the neckline`,
  lines: [
    say`From the right side, just beside the seam, on the garment, the allowance underneath.`,
    say`Overlap the start by ${figures.overlap}.`,
  ],
  check: say`Pull it as far as it must go: no thread goes.`,
  cautions: ['A row that stretches less than the neck pops when the head goes through.'],
  minutes: 8,
  stitch,
  opening: 'neckline',
});

const bodyHem = ({ figures, stitches }: Common): StepDraft => ({
  id: 'hem',
  title: say`Hem the body in the round`,
  lines: [
    say`Try it on for length first. Then fold on the crease: ${figures.hem} deep.`,
    say`Start at a side seam, from the right side, without pulling, and overlap the start by ${figures.overlap}.`,
  ],
  check: say`No bubbles, the raw edge caught all round.`,
  cautions: [],
  minutes: 10,
  stitch: stitches.hem,
  opening: 'hem',
});

const lastLook = ({ names }: Common): StepDraft => ({
  id: 'last-look',
  title: say`Bury the tails, look at every seam, press`,
  lines: [
    say`Thread each tail back under its loops with a blunt needle.`,
    say`Turn it over seam by seam; mend what was missed.`,
  ],
  check: say`No skipped stitches, no loose tails.`,
  cautions: names.child ? [SLEEPWEAR] : [],
  minutes: 8,
});
