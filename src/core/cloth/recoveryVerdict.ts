/** What a recovery allows (T). */
export type RecoveryVerdict = 'holds' | 'tops-only' | 'no-negative-ease' | 'untested';

export const RECOVERY_FROM = { holds: 0.95, topsOnly: 0.85 } as const;

export const verdictSentences: Readonly<Record<RecoveryVerdict, string>> = {
  holds: 'Holds negative ease for any use.',
  'tops-only':
    'Fine for tops and loose bands; it will bag at knees and seat, so cut closer there or line it.',
  'no-negative-ease': 'No negative ease, and no bands: use another fabric, or a stay elastic.',
  untested: 'Recovery is not tested: let go, wait a minute and read it again.',
};

export function recoveryVerdict(recovery: number | undefined): RecoveryVerdict {
  if (recovery === undefined) return 'untested';
  if (recovery >= RECOVERY_FROM.holds) return 'holds';
  return recovery >= RECOVERY_FROM.topsOnly ? 'tops-only' : 'no-negative-ease';
}
