import { MM_PER_M } from '../units/constants';
import { isReal, workTension, type TensionPart } from '../cloth/tensionNumbers';
import type { Explained } from '../explain/explained';
import { leaf, type Ledger } from '../explain/ledger';
import { workPressure, workWornExtension } from '../fit/fitNumbers';

export interface HoldPlan {
  readonly worn: string;
  readonly force?: string;
  readonly pressure?: string;
}

/**
 * How a strip holds on the body: how far it is worn, and, where it was pulled with weights or a gauge, with what
 * force and pressure: force ÷ (width × radius), which is tension per width ÷ radius (Laplace, D).
 */
export function planHold(
  book: Ledger,
  id: string,
  {
    resting,
    girth,
    parts,
    layers,
    widthMm,
  }: {
    readonly resting: Explained;
    readonly girth: Explained;
    readonly parts: readonly TensionPart[];
    readonly layers: number;
    readonly widthMm: number;
  },
): HoldPlan {
  const worn = workWornExtension(book, `${id}.worn`, 'stretched on the body', { G: girth, g: resting });
  if (worn.value <= 0 || !isReal(parts)) return { worn: worn.id };
  const one = workTension(
    book,
    { id: `${id}.tension`, label: 'tension as worn, for each width', real: true },
    parts,
    worn,
  );
  const tension =
    layers === 1
      ? one
      : book.work(`${id}.layers`, {
          label: 'tension of its layers together',
          unit: 'nPerM',
          mark: 'D',
          formula: 'T * n',
          terms: { T: one, n: leaf('layers of a folded band', layers, 'count', 'D') },
        });
  const force = book.work(`${id}.force`, {
    label: 'force it pulls with',
    unit: 'newton',
    mark: 'D',
    note: 'The width is in millimetres.',
    formula: 'T * w / mm',
    terms: {
      T: tension,
      w: leaf('its width, mm', widthMm, 'dialMm', 'measured'),
      mm: leaf('millimetres in a metre', MM_PER_M, 'count', 'D'),
    },
  });
  const pressure = workPressure(
    book,
    `${id}.pressure`,
    tension,
    leaf('body, mm', girth.value, 'dialMm', 'measured'),
  );
  return { worn: worn.id, force: force.id, pressure: pressure.id };
}
