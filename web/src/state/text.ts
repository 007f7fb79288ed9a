import type { Cue, Word } from '../api/types';

/** Words as one line of text; the server tells where spaces are. */
export const textOf = (words: Word[]): string =>
  words.map((w, i) => (i > 0 && w.spaced ? ' ' : '') + w.text).join('');

/** Space that separates words; a no-break space belongs to its word. */
export const tidied = (typed: string): string => typed.replace(/[^\S\u00a0\u202f\u2007]+/g, ' ').trim();

/** The first word that begins at or after this many characters of the cue's text. */
export function wordAt(cue: Cue, characters: number) {
  let from = 0;
  return cue.words.find((word, i) => {
    from += i > 0 && word.spaced ? 1 : 0;
    const here = from;
    from += word.text.length;
    return here >= characters;
  });
}
