import type { Explained } from '../explain/explained';
import { leaf, type Ledger } from '../explain/ledger';
import type { Cloth } from '../facts/cloth';
import type { Garment } from '../facts/garment';
import {
  DEFAULT_PLIES_MM,
  PLANNED_SHARE,
  lockstitchStretch,
  needleThreadStretch,
} from '../seams/stitchStretch';
import { stitches, type StitchId } from '../seams/stitches';
import type { SetupPlan } from './types';

/** The stitch of each job on these machines. */
export interface StitchChoice {
  readonly seam: StitchId;
  readonly neck: StitchId;
  readonly hem: StitchId;
  readonly topstitch?: StitchId;
}

/** A sewing machine alone gives a whole plan; a coverstitch is only asked for where there is one. */
export function chooseStitches({ machines, topstitch }: Garment): StitchChoice {
  const alone = machines === 'sewing-only';
  const top: Readonly<Record<Garment['topstitch'], StitchId | undefined>> = {
    none: undefined,
    cover: alone ? 'zigzag-neck' : 'cover2',
    zigzag: 'zigzag-neck',
    straight: 'straight-top',
  };
  const chosen = top[topstitch];
  const base: StitchChoice = alone
    ? { seam: 'zigzag-seam', neck: 'zigzag-neck', hem: 'zigzag-hem' }
    : { seam: 'overlock4', neck: 'overlock4', hem: 'cover2' };
  return chosen ? { ...base, topstitch: chosen } : base;
}

export interface Setups {
  readonly choice: StitchChoice;
  readonly setups: readonly SetupPlan[];
  /** What a stitch is planned to stretch. */
  gives(stitch: StitchId): Explained;
}

/** The machine setups the garment's stitches want, in the order they are first used, with what each can stretch. */
export function planSetups(book: Ledger, garment: Garment, outer: Cloth | undefined): Setups {
  const choice = chooseStitches(garment);
  const used = [
    ...new Set([choice.seam, choice.neck, choice.hem, ...(choice.topstitch ? [choice.topstitch] : [])]),
  ];
  const gives = new Map(used.map((id) => [id, planCapacity(book, id, outer)]));
  return {
    choice,
    setups: used.map((id) => setup(book, id, gives.get(id) as Explained)),
    gives: (id) => {
      const capacity = gives.get(id);
      if (!capacity) throw new Error(`expected a stitch of this plan, got ${id}; add it to chooseStitches`);
      return capacity;
    },
  };
}

function planCapacity(book: Ledger, id: StitchId, outer: Cloth | undefined): Explained {
  const { model, name } = stitches[id];
  const label = `what a ${name} is planned to stretch`;
  const planned = leaf('share of the bound that is planned on', PLANNED_SHARE, 'ratio', 'T');
  if (model.kind === 'looped') {
    return book.work(`stitch.${id}.gives`, {
      label,
      unit: 'share',
      mark: 'S, from memory',
      note: 'industrial thread-consumption tables',
      formula: 'planned * (thread * share / needles - 1)',
      terms: {
        planned,
        thread: leaf('thread for each length of seam', model.threadRatio, 'ratio', 'S, from memory'),
        share: leaf('the needles’ share of it', model.needleShare, 'share', 'S, from memory'),
        needles: leaf('needles', model.needles, 'count', 'S'),
      },
      by: (v) => v.planned * needleThreadStretch(v.thread, v.share, v.needles),
    });
  }
  const plies =
    outer?.thicknessMm === undefined
      ? leaf('two layers of cloth, not measured', DEFAULT_PLIES_MM, 'dialMm', 'default')
      : leaf('two layers of the cloth', 2 * outer.thicknessMm, 'dialMm', 'measured');
  return book.work(`stitch.${id}.gives`, {
    label,
    unit: 'share',
    mark: 'D',
    formula: 'planned * ((sqrt(L ^ 2 + W ^ 2) + t) / L - 1)',
    terms: {
      planned,
      L: leaf('stitch length', model.lengthMm, 'dialMm', 'T'),
      W: leaf('zigzag width', model.widthMm, 'dialMm', 'T'),
      t: plies,
    },
    by: (v) => v.planned * lockstitchStretch(v.L, v.W, v.t),
  });
}

function setup(book: Ledger, id: StitchId, gives: Explained): SetupPlan {
  const { name, iso, machine, settings } = stitches[id];
  return {
    stitch: id,
    name,
    iso,
    machine,
    settings: settings.map((setting, at) =>
      'word' in setting
        ? { label: setting.label, word: setting.word }
        : {
            label: setting.label,
            value: book.given(
              `stitch.${id}.setting${at}`,
              setting.label.toLowerCase(),
              setting.value,
              setting.unit,
              'T',
            ).id,
          },
    ),
    gives: gives.id,
  };
}
