import ICAL from 'ical.js';
import { schedule, minuteOfDay } from './assembly/schedule';
import { writeCalendar } from '../formats/calendar';

describe('evenings', () => {
  const steps = [
    { id: 'a', minutes: 40 },
    { id: 'b', minutes: 30 },
    { id: 'c', minutes: 200 },
    { id: 'd', minutes: 5 },
  ];
  const evening = (day: string, from: string, minutes: number) => ({ day, from, minutes });
  test('a step is begun where it fits; one longer than any evening goes on', () => {
    const of = schedule(steps, [
      evening('2026-12-03', '19:00', 120),
      evening('2026-12-01', '18:30', 60),
      evening('2026-12-02', '19:00', 60),
    ]);
    expect(
      of.sessions.map(({ day, steps: done }) => [
        day,
        done.map(({ id, minutes, goesOn }) => [id, minutes, goesOn]),
      ]),
    ).toEqual([
      ['2026-12-01', [['a', 40, false]]],
      [
        '2026-12-02',
        [
          ['b', 30, false],
          ['c', 30, true],
        ],
      ],
      ['2026-12-03', [['c', 120, true]]],
    ]);
    expect(of.left).toEqual([
      { id: 'c', minutes: 50 },
      { id: 'd', minutes: 5 },
    ]);
  });
  test.each([
    ['18:30', 1110],
    ['7:05', 425],
    ['24:00', undefined],
    ['half six', undefined],
  ])('%s is minute %d', (text, wanted) => expect(minuteOfDay(text)).toBe(wanted));
  test('a time that is none is told, and its evening left out', () => {
    const of = schedule(steps, [evening('2026-12-01', 'late', 60)]);
    expect(of.sessions).toEqual([]);
    expect(of.unread).toHaveLength(1);
  });
  test('the calendar file is read back by another library (S: RFC 5545)', () => {
    const { sessions } = schedule(steps, [
      evening('2026-12-01', '18:30', 90),
      evening('2026-12-02', '19:15', 60),
    ]);
    const text = writeCalendar({
      garmentId: 'ring-toss',
      garment: 'Ring-toss, “tee”; second',
      sessions,
      titleOf: (id) => `Step ${id}, with a comma`,
    });
    const events = new ICAL.Component(ICAL.parse(text) as unknown[])
      .getAllSubcomponents('vevent')
      .map((one) => new ICAL.Event(one));
    expect(events.map(({ summary }) => summary)).toEqual([
      'Sew: Ring-toss, “tee”; second',
      'Sew: Ring-toss, “tee”; second',
    ]);
    expect(events[0]?.startDate.toString()).toBe('2026-12-01T18:30:00');
    expect(events[0]?.duration.toSeconds()).toBe(90 * 60);
    expect(events[0]?.description).toContain('Step a, with a comma, 40 min');
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(2);
  });
});
