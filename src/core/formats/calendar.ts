import { createEvents, type EventAttributes } from 'ics';
import type { Session } from '../sewing/assembly/schedule';

interface CalendarInputs {
  readonly garmentId: string;
  readonly garment: string;
  readonly sessions: readonly Session[];
  /** A step's title in the reader's words, by id. */
  readonly titleOf: (id: string) => string;
}

/**
 * The evenings on which something gets done, as an iCalendar file (S: RFC 5545) in the times of the place it is
 * read at. Throws where the writer refuses an event (misuse: days and times are checked before).
 */
export function writeCalendar({ garmentId, garment, sessions, titleOf }: CalendarInputs): string {
  const events = sessions
    .filter(({ steps }) => steps.length > 0)
    .map(({ day, fromMinute, minutes, spareMinutes, steps }): EventAttributes => {
      const [year, month, date] = day.split('-').map(Number) as [number, number, number];
      const taken = Math.max(1, Math.round(minutes - spareMinutes));
      return {
        uid: `${garmentId}-${day}-${fromMinute}@idle-stretch`,
        productId: 'idle-stretch',
        title: `Sew: ${garment}`,
        description: steps
          .map(
            (step) => `${titleOf(step.id)}, ${Math.round(step.minutes)} min${step.goesOn ? ', goes on' : ''}`,
          )
          .join('\n'),
        start: [year, month, date, Math.floor(fromMinute / 60), fromMinute % 60],
        startInputType: 'local',
        startOutputType: 'local',
        duration: { hours: Math.floor(taken / 60), minutes: taken % 60 },
      };
    });
  const { error, value } = createEvents(events);
  if (error || !value) {
    throw new Error('expected events that a calendar can hold, got some it refuses; check days and times', {
      cause: error,
    });
  }
  return value;
}
