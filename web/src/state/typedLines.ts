import type { Cue } from '../api/types';
import { tidied } from './text';

/** Between two words of a line: nothing in scripts without spaces. */
export const glueOf = (cue: Cue): '' | ' ' =>
  cue.words.length > 1 && cue.words.slice(1).every((word) => !word.spaced) ? '' : ' ';

/** The cue's text as its field shows it, with a line feed before each word that begins a line. */
export const fieldText = (cue: Cue): string =>
  cue.words
    .map((word, i) => (cue.lineStarts.includes(i) ? '\n' : i > 0 && word.spaced ? ' ' : '') + word.text)
    .join('');

/** Where in the field something is that begins after so many characters of the cue's text in one line. */
export function fieldOffset(cue: Cue, characters: number): number {
  let plain = 0;
  let added = 0;
  cue.words.forEach((word, i) => {
    if (plain >= characters) return;
    if (i > 0 && cue.lineStarts.includes(i) && !word.spaced) added++;
    plain += (i > 0 && word.spaced ? 1 : 0) + word.text.length;
  });
  return characters + added;
}

/** Typed text in one line. */
export const inOneLine = (typed: string, glue: string): string => tidied(typed.replaceAll('\n', glue));

/** Typed text with its lines, as it is sent. */
export const sentText = (typed: string): string =>
  typed
    .split('\n')
    .map(tidied)
    .filter((line) => line !== '')
    .join('\n');

export interface Typed {
  text: string;
  caret: number;
}

/** Breaks the line at the end of the word with the caret. @param alone other breaks are taken away */
export function withBreak({ text, caret }: Typed, glue: string, alone: boolean): Typed {
  const rest = text.slice(caret);
  const inWord = glue !== '' && caret > 0 && !/\s/.test(text[caret - 1]);
  const at = caret + (inWord ? rest.search(/\s|$/) : 0);
  const flat = (part: string) => (alone ? part.replaceAll('\n', glue) : part);
  const head = flat(text.slice(0, at)).trimEnd();
  const tail = flat(text.slice(at)).trimStart();
  if (!head || !tail) return { text, caret };
  return { text: `${head}\n${tail}`, caret: head.length + 1 };
}

/** Takes away the line break that Backspace (before the caret) or Delete (after it) would; null where there is none. */
export function withoutBreak({ text, caret }: Typed, key: string, glue: string): Typed | null {
  const at = key === 'Backspace' ? caret - 1 : caret;
  if (text[at] !== '\n') return null;
  return {
    text: text.slice(0, at) + glue + text.slice(at + 1),
    caret: key === 'Backspace' ? at + glue.length : at,
  };
}
