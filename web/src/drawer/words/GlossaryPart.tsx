import { useEffect, useRef, useState } from 'react';
import { useGlossary, useSaveGlossary } from '../../api/clients';
import type { Clip } from '../../api/types';
import { QuietButton, Section } from '../../ui/parts';

/** The client's names and trade terms, one a line; after an equals sign how a term is said. */
export function GlossaryPart({ clip }: { clip: Clip }) {
  const glossary = useGlossary(clip.client?.id);
  const save = useSaveGlossary(clip.client?.id);
  const stored = glossary.data?.text ?? '';
  const [typed, setTyped] = useState<string | null>(null);
  const seen = useRef(stored);
  useEffect(() => {
    // What came meanwhile joins what is being typed, and nothing typed is lost.
    const before = new Set(seen.current.split('\n'));
    const came = stored.split('\n').filter((line) => line && !before.has(line));
    if (came.length > 0) setTyped((text) => (text === null ? null : [text, ...came].join('\n')));
    seen.current = stored;
  }, [stored]);
  const text = typed ?? stored;
  return (
    <Section title={clip.client ? `Names and terms of ${clip.client.name}` : 'Names and terms'}>
      <textarea
        aria-label="Names and terms"
        value={text}
        onChange={(e) => setTyped(e.target.value)}
        rows={4}
        placeholder={'Skarholm = scar home\nThorvald'}
        className="w-full resize-y field px-3 py-2 leading-relaxed"
      />
      <p className="mt-1 mb-2 text-note text-soft">
        One a line. Recognition listens for them, the spelling check knows them; after = write how a term is
        said.
        {!clip.client && ' Without a client they apply to every clip.'}
      </p>
      {text !== stored && (
        <QuietButton onClick={() => save.mutate({ text }, { onSuccess: () => setTyped(null) })}>
          Save the terms
        </QuietButton>
      )}
    </Section>
  );
}
