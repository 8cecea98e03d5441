import 'server-only';
import { schedule } from '@/core/sewing/assembly/schedule';
import { phraseText } from '@/core/explain/display';
import { writeCalendar } from '@/core/formats/calendar';
import { planGarment } from '@/core/plan/planGarment';
import { timedSteps } from '@/core/sewing/timedSteps';
import { planSewing } from '@/core/sewing/planSewing';
import type { UnitSystem } from '@/core/units/constants';
import type { Database } from '@/data/database';
import { garmentFacts, garmentHere } from './present';
import { download, garmentGone, refusal } from './http';
import { today } from './today';
import { runsOf } from './runs';

/** The garment's evenings as an iCalendar file. */
export function garmentCalendar(db: Database, id: string, unit: UnitSystem): Response {
  const garment = garmentHere(db, id);
  if (!garment) return garmentGone();
  const facts = { ...garmentFacts(db, garment), runs: runsOf(db, garment.kind) };
  const sewing = planSewing(facts, planGarment(facts, { onDate: today() }));
  const left = sewing.steps.filter((step) => !step.done);
  const { sessions } = schedule(timedSteps(sewing), Object.values(garment.evenings ?? {}));
  if (sessions.every(({ steps }) => steps.length === 0))
    return refusal(409, 'empty', 'No evening has a step on it: add a free evening at Sew first.');
  const text = writeCalendar({
    garmentId: id,
    garment: garment.name,
    sessions,
    titleOf: (stepId) =>
      phraseText(left.find((step) => step.id === stepId)?.title ?? [], sewing.numbers, unit),
  });
  return download(text, 'text/calendar; charset=utf-8', 'sewing.ics', 'attachment');
}
