import type { Wearer } from '@/core/facts/wearer';
import { before } from './before';
import type { Household } from './householdType';

/** Four wearers: a child who grows, a teenager on the trapeze, two adults. */
export function demoWearers(today: string): Household['wearers'] {
  const set = (daysAgo: number, values: Wearer['measurements'][string]['values'], note?: string) => ({
    measuredOn: before(today, daysAgo),
    how: 'measured' as const,
    values,
    ...(note ? { note } : {}),
  });
  return {
    wren: {
      name: 'Wren',
      grown: 'child',
      bornOn: before(today, 6 * 365 + 120),
      notes: 'Juggles. Pulls every neck over the ears at once.',
      measurements: {
        first: set(1130, { bust: 540, waist: 520, hip: 555, biceps: 160, head: 500, inseam: 420 }),
        second: set(900, { bust: 552, waist: 528, hip: 570, biceps: 164, head: 504, inseam: 455 }),
        third: set(700, { bust: 561, waist: 534, hip: 580, biceps: 168, head: 506, inseam: 480 }),
        autumn: set(520, { bust: 570, waist: 540, hip: 590, biceps: 170, head: 508, inseam: 505 }),
        spring: set(360, { bust: 580, waist: 545, hip: 605, biceps: 175, head: 512, inseam: 530 }),
        now: set(212, {
          bust: 590,
          waist: 550,
          hip: 620,
          biceps: 180,
          head: 515,
          hand: 165,
          inseam: 560,
          rise: 480,
        }),
      },
    },
    tansy: {
      name: 'Tansy',
      grown: 'child',
      bornOn: before(today, 15 * 365 + 40),
      notes: 'On the trapeze: nothing loose at the waist.',
      measurements: {
        winter: set(210, { bust: 805, waist: 655, hip: 865, biceps: 255, head: 549, inseam: 735 }),
        now: set(30, {
          bust: 820,
          highBust: 790,
          underbust: 710,
          waist: 660,
          hip: 880,
          lowHip: 850,
          thigh: 520,
          legTop: 540,
          knee: 350,
          calf: 330,
          ankle: 215,
          foot: 315,
          biceps: 260,
          head: 550,
          backLength: 380,
          rise: 630,
          lowRise: 395,
          inseam: 750,
          loop: 1450,
          strap: 350,
        }),
      },
      usual: { 'leggings-hip': { kind: 'leggings', zone: 'hip', share: 0.3 } },
    },
    odile: {
      name: 'Odile',
      grown: 'adult',
      measurements: {
        before: set(620, { bust: 940, waist: 770, hip: 1000, underbust: 790 }),
        now: set(90, {
          bust: 960,
          highBust: 905,
          underbust: 805,
          cup: 215,
          waist: 790,
          hip: 1020,
          lowHip: 980,
          thigh: 610,
          legTop: 630,
          biceps: 300,
          wrist: 165,
          neck: 345,
          head: 560,
          hand: 215,
          backLength: 415,
          rise: 705,
          lowRise: 455,
          inseam: 760,
          loop: 1570,
          strap: 390,
        }),
      },
      fits: {
        heirloom: {
          name: 'Old swim bottoms',
          stretchAround: 0.7,
          stretchAlong: 0.5,
          girths: { hip: 860, lowHip: 820, legTop: 560 },
        },
      },
    },
    bram: {
      name: 'Bram',
      grown: 'adult',
      measurements: {
        now: set(
          60,
          {
            bust: 1060,
            waist: 940,
            hip: 1040,
            thigh: 610,
            pouch: 190,
            head: 590,
            wrist: 180,
            backLength: 450,
            armLength: 640,
            rise: 740,
          },
          'Biceps still to measure.',
        ),
      },
    },
  };
}
