import { choice, helped, lengthMm, numberOf, optional, record, text, type FactsOf } from './spec';

const findingKinds = ['ring', 'slider', 'hook-and-eye', 'cups', 'tape', 'thread', 'needles'] as const;
export type FindingKind = (typeof findingKinds)[number];

/** Hardware, cups, tapes, threads and needles as stock. What `sizeMm` measures depends on the kind. */
export const findingSpec = record('Finding', {
  name: text('Name', 1, 60),
  kind: choice('Kind', findingKinds),
  sizeMm: optional(lengthMm('Size', 1, 300, [4, 120])),
  needleNm: optional(
    helped(numberOf('count', 'Needle size, hundredths of a millimetre', 40, 140), 'NM, such as 75.'),
  ),
  onHand: optional(numberOf('count', 'Pieces on hand', 0, 10_000)),
  lengthMm: optional(lengthMm('Length on hand', 0, 50_000_000)),
  colour: optional(text('Colour', 0, 60)),
  fibre: optional(text('Fibre', 0, 60)),
  ticket: optional(
    helped(
      numberOf('count', 'Ticket number', 10, 300),
      '120 to 150 is fine, for lace; polyester on anything that stretches.',
    ),
  ),
  needleSystem: optional(text('Needle system', 0, 60)),
  usedHours: optional(helped(numberOf('count', 'Hours used', 0, 1000), 'A new needle for each project.')),
  needleKind: optional(choice('Needle', ['universal', 'ball-point', 'stretch'])),
  shape: optional(choice('Shape', ['none', 'small oval', 'triangle', 'moulded'])),
  swim: optional(choice('Stands chlorine and salt', ['yes', 'no'])),
  nickel: optional(choice('Nickel in it', ['yes', 'no'])),
  notes: optional(text('Notes', 0, 2000)),
});
export type Finding = FactsOf<typeof findingSpec>;

export const newFinding = (name: string, kind: FindingKind = 'ring'): Finding => ({ name, kind });

/** What is asked of each kind beside its name, kind and notes. */
export const findingFields: Readonly<Record<FindingKind, readonly (keyof Finding)[]>> = {
  ring: ['sizeMm', 'onHand', 'nickel'],
  slider: ['sizeMm', 'onHand', 'nickel'],
  'hook-and-eye': ['sizeMm', 'onHand', 'nickel'],
  cups: ['sizeMm', 'onHand', 'shape', 'swim'],
  tape: ['sizeMm', 'lengthMm'],
  thread: ['lengthMm', 'colour', 'fibre', 'ticket', 'swim'],
  needles: ['needleNm', 'onHand', 'needleSystem', 'usedHours', 'needleKind'],
};

/** What is turned at an open end, or a tail round a ring: the middle of 3 to 4 cm (T). */
export const RING_TAIL_MM = 35;
