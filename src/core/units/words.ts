/** A name as a sentence begins. */
export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** A label within a sentence. */
export const lower = (words: string): string => words.charAt(0).toLowerCase() + words.slice(1);
