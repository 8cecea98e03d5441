import { closenessAt } from './closeness';

test.each([
  [-0.1, 900, 0.5, { school: 'loose', looseMm: 100 }],
  [0, 900, 0.5, { school: 'share', share: 0 }],
  [0.1, 900, 0.5, { school: 'share', share: 0.2 }],
  [0.7, 900, 0.5, { school: 'share', share: 1 }],
  [0.1, 900, 0, { school: 'share', share: 0 }],
])('%f on %i mm in a cloth of %f', (extension, bodyMm, stretch, choice) => {
  expect(closenessAt(extension, { bodyMm, stretch })).toEqual(choice);
});
