import { say } from '../../../explain/ledger';
import { seam, type RecipeContext } from '../recipe';

export const inseams = (c: RecipeContext, after: readonly string[]) =>
  seam(
    c,
    'inseam',
    say`Sew the inside legs`,
    [
      say`Each leg to itself, front notch to front.`,
      c.ways['leg-hems'] === 'flat'
        ? say`The finished hem first, layers pushed right in.`
        : say`From hem to crotch, without pulling.`,
    ],
    say`Two tubes of the same length, left and right mirrored.`,
    { job: 'seam', after, up: 'the front', start: 'the hem', press: 'to the back' },
  );

export const crotch = (c: RecipeContext, after: readonly string[]) =>
  seam(
    c,
    'crotch',
    say`Sew the crotch with one leg inside the other`,
    [
      say`One leg right side out, put it inside the other, right sides facing.`,
      say`Match the inside seams, the front notch and the double notch behind; then the whole curve in one.`,
      say`A second row over the curve where it is pulled most.`,
    ],
    say`The inside seams meet; nothing is caught inside.`,
    {
      job: 'seam',
      after,
      times: 1,
      minutes: 12,
      up: 'either leg',
      start: 'the front waist',
      press: 'either way',
      diagram: 'leg-in-leg',
    },
  );
