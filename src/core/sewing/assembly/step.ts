import type { Explained, NumberPart, Phrase } from '../../explain/explained';
import type { Join } from '../../edges/elastics/edgeUse';
import type { JobId } from '../../machines/seams/jobs';

/** Lengths and counts a step speaks of, entered in the ledger as they are asked for. */
export interface Figures {
  readonly allowance: Explained;
  readonly neckAllowance: Explained;
  readonly overlap: Explained;
  readonly longOverlap: NumberPart;
  readonly lap: Explained;
  readonly swatch: NumberPart;
  /** What a seam's allowance is trimmed to; `undefined` where it is no wider. */
  readonly trimmed: Explained | undefined;
  readonly exposed: Explained;
  readonly lettuce: Explained;
  readonly head: Explained | undefined;
  /** How deep an edge's hem is turned up. */
  hem(edge: string): Explained;
  /** The edge's seamline, where it is known. */
  edge(id: string): Explained | undefined;
  /** How far a seam is moved on each layer by a change to what is sewn. */
  mend(id: string): Explained | undefined;
  /** How far above the finished edge of a garment that is made already it is cut. */
  cutOff(edge: string): Explained | undefined;
  /** What is sewn to an edge, where it is planned. */
  strip(edge: string, at?: number): StripFigures | undefined;
  readonly names: {
    readonly outer: Phrase;
    readonly band: Phrase;
    readonly lining: Phrase;
    readonly elastic: (edge: string) => Phrase;
  };
  readonly child: boolean;
}

export interface StripFigures {
  readonly sewn: Explained;
  /** How its ends meet, and what that adds to its length. */
  readonly join?: Join;
  readonly adds?: Explained;
  readonly count?: Explained;
  readonly edgeSegment?: Explained;
  readonly stripSegment?: Explained;
  /** From its join to the first mark, where the marks do not start there. */
  readonly firstMark?: Explained;
  /** Its marks are not even: each part of the edge has its own. */
  readonly byParts?: boolean;
  /** How far it is pulled to the edge; absent where it is as long as the edge, or longer. */
  readonly stretch?: Explained;
  /** It is as long as the edge, to what a tape shows. */
  readonly level?: boolean;
  readonly finished?: Explained;
  /** A quarter mark's distance from the seam that crosses near it, and which side it lies on. */
  readonly quarter?: Explained;
  readonly quarterBefore?: boolean;
}

/** A sentence, or one made from the plan's figures; `undefined` where there is nothing to say. */
export type Line = Phrase | ((figures: Figures) => Phrase | undefined);

export type Place = 'table' | 'iron' | 'machine' | 'body';

export type DiagramId =
  | 'roll-and-enclose'
  | 'leg-in-leg'
  | 'quartering'
  | 'slider'
  | 'serger-hem'
  | 'turn-through-strap'
  | 'bind-flat';

/** Something that has to happen exactly once to a seam or edge: `edge:leg/first row`. */
type Pass = string;

/** One step of a garment's order, as its recipe has it. */
export interface StepSpec {
  readonly id: string;
  readonly title: Line;
  readonly place: Place;
  /** What its row of stitches is for; absent for work by hand. */
  readonly job?: JobId;
  /** The seam or edge its row runs along. */
  readonly seam?: string;
  readonly edge?: string;
  /** The edge whose strip its row runs along: as long as the strip is, not the edge. */
  readonly onStrip?: string;
  /** Steps, or `edge:X` and `seam:X` for all that makes them, that must come before. */
  readonly after: readonly string[];
  readonly passes: readonly Pass[];
  readonly lines: readonly Line[];
  readonly check: Line;
  readonly cautions: readonly CautionId[];
  /** Estimated minutes (common practice, no source). */
  readonly minutes: number;
  /** How it is done that words say best in one place. */
  readonly sides?: string;
  readonly up?: string;
  readonly start?: string;
  readonly press?: string;
  /** A closed ring: the end overlaps the start. */
  readonly ring?: true;
  /** Sewn in the round on a small tube. */
  readonly freeArm?: true;
  /** How often: both sides, both legs. */
  readonly times?: number;
  readonly diagram?: DiagramId;
  /** The basting that this step takes out. */
  readonly takesOut?: string;
  readonly tryOn?: true;
  /** The step as it is done with any other stitch than the first of its job's ways. */
  readonly otherwise?: StepSpec;
  /** Edges whose length it settles: they are finished after it. */
  readonly settles?: readonly string[];
}

export type CautionId =
  | 'clips-knife'
  | 'clips-foot'
  | 'pins-break'
  | 'iron'
  | 'power'
  | 'under-tight-curves'
  | 'basting-pops'
  | 'too-tight'
  | 'small-parts'
  | 'sleepwear'
  | 'rotary'
  | 'hand-wheel'
  | 'starch'
  | 'velvet'
  | 'cords';

/** Cautions as they are shown where the step is; each stands alone (T). */
export const cautionTexts: Readonly<Record<CautionId, string>> = {
  'clips-knife':
    'Clips come out before the knife. Pins, if any: parallel to the edge, heads toward you, out before the foot.',
  'clips-foot': 'Clips and pins come out before they reach the foot.',
  'pins-break': 'A needle or knife that hits a pin can break and fly: protect your eyes.',
  iron: 'Iron low on polyester and nylon, with a cloth between on lace and elastane.',
  power: 'Power off before needles, threads or parts are changed.',
  'under-tight-curves': 'No second layer under tight curves: a child’s neck is small.',
  'basting-pops': 'Basting left in a stretching edge pops on the person, or at the pool.',
  'too-tight':
    'Marks that stay, numbness, tingling or short breath: too tight, loosen it. It is never medical compression.',
  'small-parts': 'Rings, sliders and hooks come off and are swallowed: none for children under three.',
  sleepwear:
    'Children’s sleepwear must meet local flammability rules: look them up; this plan does not certify anything.',
  rotary: 'Close a rotary cutter whenever it is put down; cut away from the body.',
  'hand-wheel': 'Needles fully up, by the hand wheel, before the work is drawn out.',
  starch: 'Spray starch needs fresh air.',
  velvet: 'Never a hot plate on pile: wrong side up on a towel, steam only.',
  cords:
    'Cords and ties at hood and neck of children’s clothes are restricted in many places: look up the local rules.',
};
