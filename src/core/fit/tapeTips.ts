import type { BodyMeasure } from '../facts/wearer';

/** Where the tape goes for each measurement, in the words of the page. */
export const tapeTips: Readonly<Record<BodyMeasure, string>> = {
  bust: 'Level round the fullest part, snug, over what will be worn underneath.',
  highBust: 'Under the arms, level at the back, above the bust in front.',
  underbust: 'Level round the ribs right under the bust, snug, breathing out.',
  cup: 'From the breastbone over the fullest part to the side seam.',
  waist: 'Level round the narrowest part, breathing out.',
  hip: 'Level round the widest part, feet together.',
  lowHip: 'Round where the top edge will sit, level, over bare skin.',
  thigh: 'Round the fullest part of one thigh, parallel to the floor, standing on both feet.',
  legTop: 'Round the leg where the leg edge will sit: high at the hip, into the fold behind.',
  knee: 'Round the middle of the knee, slightly bent.',
  calf: 'Round the fullest part of the calf.',
  ankle: 'Round the ankle bone.',
  foot: 'Round heel and instep, toes pointed: what a leg hem passes.',
  biceps: 'Round the fullest part of the upper arm, arm hanging.',
  wrist: 'Round the wrist bone.',
  hand: 'Round the knuckles with the thumb tucked in.',
  neck: 'Round the base of the neck, a finger inside the tape.',
  head: 'Over the forehead and the back of the head, where it is widest.',
  shoulder: 'From the base of the neck to the end of the shoulder bone.',
  backLength: 'From the bone at the nape straight down to the waist.',
  armLength: 'From the shoulder bone over a slightly bent elbow to the wrist.',
  rise: 'From the waist in front, between the legs, to the waist behind; snug, not tight.',
  lowRise:
    'From where the top edge sits in front, between the legs, to where it sits behind; snug, not tight.',
  bodyRise: 'Sitting upright on a flat chair: from the waist at the side down to the seat.',
  inseam: 'From the crotch down the inside of the leg to the ankle.',
  loop: 'From one shoulder down in front, between the legs and up the back to the same shoulder.',
  strap: 'From the top edge in front over the shoulder to the top edge behind.',
  stature: 'Standing against a wall without shoes, from the floor to the crown.',
  pouch: 'Across the front from one leg fold to the other, over the fullest part.',
};

/** How any tape is held. */
export const tapeHabits =
  'Snug, not tight: a finger fits under the tape. Level all round, over what will be worn underneath, and twice.';
