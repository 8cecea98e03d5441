import { isAtMost } from '../../units/tolerance';
import type { Evening } from '../../facts/garment';

/** A step as it is to be scheduled: its minutes with the changing over before it. */
export interface TimedStep {
  readonly id: string;
  readonly minutes: number;
}

/** What gets done on one evening, from which minute of the day. */
export interface Session {
  readonly day: string;
  /** Minute of the day at which it begins. */
  readonly fromMinute: number;
  readonly minutes: number;
  readonly steps: readonly { readonly id: string; readonly minutes: number; readonly goesOn: boolean }[];
  readonly spareMinutes: number;
}

export interface Schedule {
  readonly sessions: readonly Session[];
  /** Steps for which no evening is left. */
  readonly left: readonly TimedStep[];
  /** Evenings that cannot be read: their time is no time of the day. */
  readonly unread: readonly Evening[];
}

const TIME = /^([01]?\d|2[0-3]):([0-5]\d)$/;

/** Minute of the day of a time such as `18:30`; `undefined` where it is none. */
export function minuteOfDay(time: string): number | undefined {
  const parts = TIME.exec(time.trim());
  return parts ? Number(parts[1]) * 60 + Number(parts[2]) : undefined;
}

/**
 * What gets done when: steps in their order, each begun only where it fits in the evening, unless it is longer
 * than a whole evening: then it goes on the next.
 */
export function schedule(steps: readonly TimedStep[], evenings: readonly Evening[]): Schedule {
  const readable = evenings
    .flatMap((evening) => {
      const fromMinute = minuteOfDay(evening.from);
      return fromMinute === undefined ? [] : [{ evening, fromMinute }];
    })
    .sort((a, b) => a.evening.day.localeCompare(b.evening.day) || a.fromMinute - b.fromMinute);
  const longest = Math.max(0, ...readable.map(({ evening }) => evening.minutes));
  const queue = steps.map((step) => ({ ...step }));
  const sessions = readable.map(({ evening, fromMinute }): Session => {
    let spare = evening.minutes;
    const done: Session['steps'][number][] = [];
    while (queue.length > 0) {
      const next = queue[0] as (typeof queue)[number];
      if (isAtMost(next.minutes, spare)) {
        done.push({ id: next.id, minutes: next.minutes, goesOn: false });
        spare -= next.minutes;
        queue.shift();
        continue;
      }
      if (next.minutes > longest && spare > 0) {
        done.push({ id: next.id, minutes: spare, goesOn: true });
        next.minutes -= spare;
        spare = 0;
      }
      break;
    }
    return { day: evening.day, fromMinute, minutes: evening.minutes, steps: done, spareMinutes: spare };
  });
  return {
    sessions,
    left: queue,
    unread: evenings.filter(({ from }) => minuteOfDay(from) === undefined),
  };
}
