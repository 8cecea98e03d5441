import { choice, date, flag, lengthMm, map, numberOf, optional, record, text, type FactsOf } from './spec';
import type { StyleId } from './wearer';

/** How one zone or edge came out. */
export const outcomeIds = [
  'too tight',
  'a little tight',
  'right',
  'a little loose',
  'too loose',
  'lies flat',
  'stands or gapes',
] as const;
const outcomeSpec = choice('Outcome', outcomeIds);
export type Outcome = FactsOf<typeof outcomeSpec>;

/** What was tried in it. */
export const moveIds = ['sit', 'bend', 'reach', 'lunge', 'swim', 'dance', 'sleep'] as const;
const moveSpec = choice('How it went', ['stays put', 'pulls', 'rides up', 'slips down', 'gapes']);

/** What wear and wash did to it. */
export const wearIds = ['bagged out', 'shrank', 'grew', 'faded', 'pilled', 'popped', 'rolls'] as const;

/**
 * The scales that a liking is told on: a share of the stretch, looser than the body as a share of it, the share of the
 * curve that a band takes off, shorter than the body or than the edge.
 */
export const likingScaleIds = ['share', 'looser', 'curve', 'under-body', 'under-edge'] as const;
export type LikingScaleId = (typeof likingScaleIds)[number];

/** What a photo of a round shows: the same view of two rounds is laid side by side. */
export const photoViewIds = ['front', 'back', 'left side', 'right side', 'close up'] as const;
const photoViewSpec = choice('What it shows', photoViewIds);
export type PhotoView = FactsOf<typeof photoViewSpec>;

/** How a place was worn on that day, frozen: what is learned rests on it, whatever the plan says later. */
const wornAtSpec = record('As it was worn', {
  scale: choice('Told as', likingScaleIds),
  at: numberOf('share', 'Worn at', -1, 3),
  wanted: optional(numberOf('share', 'Wanted, by what was pinched', -1, 3)),
});
export type WornAt = FactsOf<typeof wornAtSpec>;

/** What wear or wash did somewhere on it. */
const happenedSpec = record('Happened', {
  what: choice('What it did', wearIds),
  at: optional(text('Where', 0, 40)),
  note: optional(text('Note', 0, 500)),
});

/** One round of trying on: basted, sewn, or worn and washed since. */
export const fittingSpec = record('Try-on', {
  triedOn: date('Tried on'),
  held: optional(choice('How it was held', ['pinned', 'basted', 'sewn'])),
  over: optional(text('Worn over', 0, 120)),
  wears: optional(numberOf('count', 'Worn since it was done', 0, 2000)),
  washes: optional(numberOf('count', 'Washed since it was done', 0, 2000)),
  note: optional(text('What came out', 0, 2000)),
  next: optional(text('Next time', 0, 500)),
  outcomes: map('Outcome by zone', outcomeSpec, 40),
  pinched: optional(map('Pinched out, all round', lengthMm('Pinched out', -400, 800), 40)),
  marks: optional(map('Marks stayed', numberOf('count', 'Marks stayed for, minutes', 0, 1440), 40)),
  moves: optional(map('Tried in it', moveSpec, 12)),
  happened: optional(map('What wear did', happenedSpec, 20)),
  measured: optional(map('Measured after it', lengthMm('As it measures now', 20, 2500), 40)),
  worn: optional(map('As it was worn', wornAtSpec, 40)),
  photos: optional(map('Photos', photoViewSpec, 12)),
  refused: optional(map('Proposals that were refused', flag('Refused'), 40)),
});
export type Fitting = FactsOf<typeof fittingSpec>;

/** What an edge is called among the places of a try-on: zones have their own ids, and an edge may be called like one. */
export const edgePlace = (edgeId: string): string => (edgeId === 'neckline' ? edgeId : `edge-${edgeId}`);

/** One answer about one place, from a try-on of some garment. */
export interface Evidence extends WornAt {
  readonly fittingId: string;
  /** The garment's name. */
  readonly garment: string;
  /** How that garment was meant to sit: closeness is told apart by it. */
  readonly style: StyleId;
  readonly triedOn: string;
  readonly outcome: Outcome;
}

/** What was answered before, by the kind of garment and the place. */
export type Tried = Readonly<Record<string, readonly Evidence[]>>;
