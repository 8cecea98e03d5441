import { FIXED_MM, flatLyingBand, ratioByStretch, defaultBand } from './formulas';
import type { Explained } from '../../explain/explained';
import { leaf } from '../../explain/ledger';
import type { BandSchool } from '../../facts/neckline';
import { endAllowance, turnLeaf, type NeckbandInputs, type NeckbandLimits } from './neckbandLimits';

const bandSchoolLabels: Readonly<Record<BandSchool, string>> = {
  flat: 'lies flat by its width',
  fixed: 'two to four inches off',
  tenth: 'a tenth off',
  fifth: 'a fifth off',
  stretch: 'by the band’s stretch',
  usual: 'usual for the wearer',
  pattern: 'the pattern’s own',
  own: 'your own',
};

interface SchoolLength {
  readonly school: BandSchool;
  readonly label: string;
  readonly length: Explained;
  readonly low?: Explained;
  readonly high?: Explained;
}

/** Every school's length for this neck and band, the default first. */
export function schoolLengths(inputs: NeckbandInputs, w: Explained, limits: NeckbandLimits): SchoolLength[] {
  const { book, neckband, neckline, reading, printedMm, usual } = inputs;
  const N = neckline.seamline;
  const at = (school: string) => `neckband.school.${school}`;
  const label = (school: BandSchool) => `neckband, ${bandSchoolLabels[school]}`;
  const easeIn = leaf('share of the curve taken off', neckband.easeIn, 'ratio', 'D');
  const turn = turnLeaf(inputs);
  // Where the band is wider than the neck there is no such length, and none is shown.
  const formula =
    flatLyingBand(N.value, turn.value, w.value, easeIn.value) > 0
      ? book.work('neckband.formula', {
          label: 'neckband by the flat-lying formula',
          unit: 'mm',
          mark: 'D',
          formula: flatLyingBand.text,
          terms: { N, c: easeIn, turn, w },
        })
      : undefined;
  const flat =
    limits.liesFlat && formula
      ? book.work(at('flat'), {
          label: label('flat'),
          unit: 'mm',
          mark: 'D',
          note: 'The formula, no longer than lies flat and never under the shortest that works.',
          formula: defaultBand.text,
          terms: { B: formula, flat: limits.liesFlat, shortest: limits.shortest },
        })
      : book.work(at('flat'), {
          label: label('flat'),
          unit: 'mm',
          mark: 'D',
          note: 'A band this wide cannot lie on this neck: only the shortest that works is left.',
          formula: 'shortest',
          terms: { shortest: limits.shortest },
        });
  const off = (name: string, mm: number) =>
    book.work(at(name), {
      label: `neckband, ${name === 'fixed' ? bandSchoolLabels.fixed : 'end of the fixed rule'}`,
      unit: 'mm',
      mark: 'T',
      formula: 'N - off',
      terms: { N, off: leaf('taken off', mm, 'mm', 'T') },
    });
  const times = (
    school: 'tenth' | 'fifth' | 'stretch',
    ratio: number,
    what: string,
    mark: 'T' | 'T, from memory',
  ) =>
    book.work(at(school), {
      label: label(school),
      unit: 'mm',
      mark,
      formula: 'N * r',
      terms: { N, r: leaf(what, ratio, 'ratio', mark) },
    });
  const row = ratioByStretch(reading.stretch.value);
  const fixed: SchoolLength[] =
    N.value > FIXED_MM.most
      ? [
          {
            school: 'fixed',
            label: bandSchoolLabels.fixed,
            length: off('fixed', FIXED_MM.middle),
            low: off('fixed.low', FIXED_MM.most),
            high: off('fixed.high', FIXED_MM.least),
          },
        ]
      : [];
  const schools: SchoolLength[] = [
    { school: 'flat', label: bandSchoolLabels.flat, length: flat },
    ...fixed,
    { school: 'tenth', label: bandSchoolLabels.tenth, length: times('tenth', 0.9, 'nine tenths', 'T') },
    { school: 'fifth', label: bandSchoolLabels.fifth, length: times('fifth', 0.8, 'four fifths', 'T') },
    {
      school: 'stretch',
      label: bandSchoolLabels.stretch,
      length: times('stretch', row.ratio, `ratio for a band of ${row.label}`, 'T, from memory'),
    },
  ];
  if (usual) {
    const length = book.work(at('usual'), {
      label: label('usual'),
      unit: 'mm',
      mark: 'own record',
      formula: 'N * (1 - s)',
      terms: { N, s: leaf(`usual for ${usual.name}, shorter by`, usual.shorter, 'share', 'own record') },
    });
    schools.push({ school: 'usual', label: bandSchoolLabels.usual, length });
  }
  const printedCutMm = neckband.printedCutMm ?? printedMm;
  if (printedCutMm !== undefined) {
    const length = book.work(at('pattern'), {
      label: label('pattern'),
      unit: 'mm',
      mark: 'measured',
      formula: 'max(cut - 2 * a, least)',
      terms: {
        least: leaf('least that can be sewn', 1, 'mm', 'D'),
        cut: leaf('cut length the pattern gives', printedCutMm, 'mm', 'measured'),
        a: endAllowance(inputs),
      },
    });
    schools.push({ school: 'pattern', label: bandSchoolLabels.pattern, length });
  }
  if (neckband.ownMm !== undefined) {
    const length = book.given(at('own'), label('own'), neckband.ownMm, 'mm', 'chosen');
    schools.push({ school: 'own', label: bandSchoolLabels.own, length });
  }
  return schools;
}

/** The length of the school that is chosen; the default's where that school has no length yet. */
export function chosenLength(
  { book, neckband }: NeckbandInputs,
  lengths: readonly SchoolLength[],
): Explained {
  const picked = lengths.find(({ school }) => school === neckband.school) ?? (lengths[0] as SchoolLength);
  return book.work('neckband.chosen', {
    label: 'neckband at the seamline',
    unit: 'mm',
    mark: 'chosen',
    note: `School: ${picked.label}.`,
    formula: 'B',
    terms: { B: picked.length },
  });
}
