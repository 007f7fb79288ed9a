import { useAddTerm, useGlossary } from '../api/clients';
import type { Clip } from '../api/types';
import { bare } from './bare';

/** How a word is taken into the client's terms. @returns no term where it is one already, or no word */
export function useTermOf(clip: Clip | undefined, word: string): { term: string | null; take: () => void } {
  const addTerm = useAddTerm(clip?.client?.id);
  const glossary = useGlossary(clip?.client?.id);
  const plain = bare(word);
  const known = glossary.data?.terms.some((t) => t.term.toLowerCase() === plain.toLowerCase());
  return {
    term: plain && glossary.data && !known ? plain : null,
    take: () => addTerm.mutate({ term: plain, sayAs: undefined }),
  };
}
