import { type Ledger } from '../explain/ledger';
import type { SetupCard } from '../facts/machine';
import { setupSpec, type Setup } from '../facts/setup';
import { dialsOf, isTension, type DialField } from '../machines/dials';
import { cardFor } from '../machines/setupFor';
import { stitches } from '../machines/seams/stitches';
import type { GarmentFacts } from '../facts/garmentFacts';
import { type Plan, type SetStep } from './ordering';
import { capacityNumber, type RowNumbers } from './rowNumbers';
import type { SetupPlan } from './types';
import { capital } from '../units/words';

export const setupKey = ({ station, setup }: SetStep): string => `${station} ${JSON.stringify(setup)}`;

/** Every setup that is wanted, once, by machine and what is set. */
export function setupPlans(
  { steps, sewn }: Plan,
  { garment }: GarmentFacts,
  rows: RowNumbers,
): ReadonlyMap<string, SetupPlan> {
  const seen = new Map<string, SetupPlan>();
  for (const step of steps) {
    const { choice, setup, station } = step;
    const machine = sewn.machines[station];
    const key = setupKey(step);
    if (!choice || !setup || !machine || seen.has(key)) continue;
    const { name, iso, note } = stitches[choice.stitch];
    const card = cardFor(machine, choice.stitch, garment.outerClothId);
    const id = `setup-${seen.size + 1}`;
    seen.set(key, {
      id,
      machineId: station,
      machine: capital(machine.name),
      stitch: choice.stitch,
      name,
      ...(iso === undefined ? {} : { iso }),
      setup,
      dials: dialsOf(setup).map((field) => ({
        field,
        at: dialNumber(rows.book, id, setup, field, card?.card),
      })),
      gives: capacityNumber(rows, choice).id,
      ...(card ? { card: { id: card.id, sewnOn: card.card.sewnOn } } : {}),
      ...(note === undefined ? {} : { note }),
    });
  }
  return seen;
}

/** Where a dial stands: as the card has it that was kept, else as such a stitch usually starts. */
function dialNumber(book: Ledger, id: string, setup: Setup, field: DialField, card?: SetupCard): string {
  const own = card?.setup[field] === setup[field];
  return book.given(
    `${id}.${field}`,
    setupSpec.fields[field].label.toLowerCase(),
    setup[field] ?? 0,
    isTension(field) ? 'count' : field === 'differential' ? 'dial' : 'dialMm',
    own ? 'own record' : 'T',
    own ? `Your card of ${card?.sewnOn ?? ''}.` : 'A starting setting: your swatch decides.',
  ).id;
}
