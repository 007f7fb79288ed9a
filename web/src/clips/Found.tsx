import type { Clip } from '../api/types';
import { length } from '../player/time';

const fold = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/** The cue that matches the search. */
export function Found({ found, terms }: { found: NonNullable<Clip['found']>; terms: string[] }) {
  return (
    <p className="mt-1 w-0 min-w-full border-l-2 border-accent pl-2 text-note">
      {found.cue.split(' ').map((word, i) => (
        <span key={i}>
          {i > 0 && ' '}
          {terms.some((term) => fold(word).includes(fold(term))) ? (
            <mark className="bg-tint text-accent">{word}</mark>
          ) : (
            word
          )}
        </span>
      ))}
      <span className="text-soft"> {length(found.atMs)}</span>
    </p>
  );
}
