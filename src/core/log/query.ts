/** Longest text that is looked for. */
const LONGEST = 200;

export type ReadQuery =
  | { readonly ok: true; /** For the index; absent where nothing is looked for. */ readonly match?: string }
  | { readonly ok: false; readonly sentence: string };

/**
 * What a person types to look for something, as the full-text index is asked: words match from their beginning, what
 * stands in quotes as it stands there, all of it in any order. An open quote reaches to the end.
 */
export function readQuery(typed: string): ReadQuery {
  const text = typed.trim();
  if (text === '') return { ok: true };
  if (text.length > LONGEST)
    return { ok: false, sentence: `That is too long to look for: type at most ${LONGEST} letters.` };
  const parts = text.split(/["“”„]/).flatMap((part, at) => {
    const found = part.match(/[\p{L}\p{N}\p{M}]+/gu) ?? [];
    if (found.length === 0) return [];
    return at % 2 === 1 ? [`"${found.join(' ')}"`] : found.map((word) => `"${word}"*`);
  });
  if (parts.length === 0)
    return { ok: false, sentence: 'There is no letter and no number in that: type a word to look for.' };
  return { ok: true, match: parts.join(' ') };
}
