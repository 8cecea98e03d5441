import { drawnInExtension } from './ease';
import { isAtMostShare } from '../units/tolerance';
import { getNumber, say, type Ledger } from '../explain/ledger';
import type { GarmentKind } from './garmentKind';
import { shortfall } from '../explain/compare';
import type { Problem } from '../explain/problem';
import type { ZonePlan } from './types';

/**
 * The vertical loop of a one-piece: the cloth that goes around draws in lengthwise, so that the loop is stretched
 * further than by its own ease. Zones that are not such a loop are handed back as they are.
 */
export function withLoop(book: Ledger, kind: GarmentKind, zones: readonly ZonePlan[]): readonly ZonePlan[] {
  const loop = kind.onePiece && zones.find((one) => isLoop(kind, one.zone));
  const drawn = zones
    .flatMap(({ drawIn }) => (drawIn === undefined ? [] : [getNumber(book.numbers, drawIn)]))
    .toSorted((a, b) => b.value - a.value)[0];
  if (!loop || !drawn || drawn.value >= 1) return zones;
  const worn = book.work(`fit.${loop.zone}.withDrawIn`, {
    label: 'worn extension of the loop with the drawing in',
    unit: 'share',
    mark: 'D',
    note: 'Where it is held closest around, the cloth draws in most.',
    formula: drawnInExtension.text,
    terms: { e: getNumber(book.numbers, loop.extension), d: drawn },
  });
  return zones.map((one) => (one === loop ? { ...one, withDrawIn: worn.id } : one));
}

const isLoop = (kind: GarmentKind, id: string): boolean =>
  kind.zones.some((zone) => zone.id === id && zone.axis === 'along' && zone.measure === 'loop');

/** A loop that nobody measured, or that is stretched too far once the cloth around it draws in. */
export function loopProblems(
  book: Ledger,
  kind: GarmentKind,
  zones: readonly ZonePlan[],
): readonly Problem[] {
  const wanted = kind.onePiece && kind.zones.find(({ id }) => isLoop(kind, id));
  if (!wanted || zones.length === 0) return [];
  const loop = zones.find(({ zone }) => zone === wanted.id);
  if (!loop) {
    return [
      {
        id: 'loop-unmeasured',
        stage: 'fit',
        severity: 'look',
        sentence: say`The ${wanted.label.toLowerCase()} is not measured or its cloth not tested lengthwise: a one-piece that fits around may still be too short.`,
        remedies: [
          say`Measure from one shoulder between the legs and back to it, and pull a swatch lengthwise.`,
        ],
      },
    ];
  }
  const worn = loop.withDrawIn === undefined ? undefined : getNumber(book.numbers, loop.withDrawIn);
  const limit = getNumber(book.numbers, loop.limit);
  const own = getNumber(book.numbers, loop.extension);
  if (!worn || isAtMostShare(worn.value, limit.value) || !isAtMostShare(own.value, limit.value)) return [];
  return [
    {
      id: 'loop-drawn-in',
      stage: 'fit',
      severity: 'look',
      sentence: say`${loop.label}: worn at ${own} by itself, but ${worn} once the cloth draws in, where ${limit} is the most: ${shortfall(book, 'problem.loop.over', worn, limit)} too far.`,
      remedies: [
        say`Move the ${loop.label.toLowerCase()} towards skim: it is then cut longer.`,
        say`Move the closest zone around towards skim: it draws in less.`,
      ],
    },
  ];
}
