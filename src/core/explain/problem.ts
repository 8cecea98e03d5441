import type { Phrase } from './explained';

export const stageIds = ['measure', 'stretch', 'fit', 'bands', 'cut', 'sew', 'wear'] as const;

export type StageId = (typeof stageIds)[number];

export type StageState = 'done' | 'next' | 'attention' | 'open';

export interface Problem {
  readonly id: string;
  readonly stage: StageId;
  /** `stop`: it cannot work as planned; `look`: it can, with care. */
  readonly severity: 'stop' | 'look';
  readonly sentence: Phrase;
  readonly remedies: readonly Phrase[];
}

/** Something that has to be filled in before a part of the plan exists. */
export interface Need {
  readonly stage: StageId;
  readonly sentence: Phrase;
}
