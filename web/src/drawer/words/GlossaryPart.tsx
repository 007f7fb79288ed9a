import { useEffect, useRef, useState } from 'react';
import { useGlossary, useSaveGlossary } from '../../api/clients';
import type { Clip } from '../../api/types';

/** After the last letter, ms. */
const SAVED_AFTER_MS = 700;

/** The client's names and trade terms, one a line; after an equals sign how a term is said. They save themselves. */
export function GlossaryPart({ clip }: { clip: Clip }) {
  const glossary = useGlossary(clip.client?.id);
  const { mutate, isError } = useSaveGlossary(clip.client?.id);
  const stored = glossary.data?.text ?? '';
  const [typed, setTyped] = useState<string | null>(null);
  const seen = useRef(stored);
  useEffect(() => {
    // What came meanwhile joins what is being typed, and nothing typed is lost.
    const before = new Set(seen.current.split('\n'));
    const came = stored.split('\n').filter((line) => line && !before.has(line));
    setTyped((text) => {
      if (text === null || text === stored) return null;
      const there = new Set(text.split('\n'));
      return [text, ...came.filter((line) => !there.has(line))].join('\n');
    });
    seen.current = stored;
  }, [stored]);
  const unsaved = useRef<string | null>(null);
  unsaved.current = typed !== null && typed !== stored ? typed : null;
  const save = useRef(() => {});
  save.current = () => {
    if (unsaved.current !== null) mutate({ text: unsaved.current });
    unsaved.current = null;
  };
  useEffect(() => {
    if (typed === null) return;
    const timer = window.setTimeout(() => save.current(), SAVED_AFTER_MS);
    return () => window.clearTimeout(timer);
  }, [typed]);
  useEffect(() => {
    const left = () => save.current();
    window.addEventListener('pagehide', left);
    return () => {
      window.removeEventListener('pagehide', left);
      left();
    };
  }, []);
  return (
    <label className="block">
      <span className="mb-1 block text-note text-soft">
        {clip.client ? `Names and terms of ${clip.client.name}` : 'Names and terms'}
      </span>
      <textarea
        aria-label="Names and terms"
        value={typed ?? stored}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={() => save.current()}
        rows={3}
        placeholder={'Skarholm = scar home\nThorvald'}
        className="w-full resize-y field px-3 py-2 leading-relaxed"
      />
      <span className={`block text-note ${isError ? 'text-accent' : 'text-soft'}`}>
        {isError
          ? 'Not saved yet: it is tried again with the next letter.'
          : 'One a line, saved as you type. Recognition listens for them, the spelling check knows them; after = write how a term is said.'}
        {!clip.client && !isError && ' Without a client they apply to every clip.'}
      </span>
    </label>
  );
}
