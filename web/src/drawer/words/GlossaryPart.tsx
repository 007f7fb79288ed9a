import { useEffect, useState } from 'react';
import { useGlossary, useSaveGlossary } from '../../api/clients';
import type { Clip } from '../../api/types';
import { QuietButton, Section } from '../../ui/parts';

/** The client's names and trade terms, one a line; after an equals sign how a term is said. */
export function GlossaryPart({ clip }: { clip: Clip }) {
  const glossary = useGlossary(clip.client?.id);
  const save = useSaveGlossary(clip.client?.id);
  const stored = (glossary.data?.terms ?? [])
    .map((t) => (t.sayAs ? `${t.term} = ${t.sayAs}` : t.term))
    .join('\n');
  const [text, setText] = useState(stored);
  useEffect(() => setText(stored), [stored]);
  const terms = text
    .split('\n')
    .map((line) => line.split('='))
    .filter(([term]) => term.trim())
    .map(([term, ...sayAs]) => ({ term: term.trim(), sayAs: sayAs.join('=').trim() || undefined }));
  return (
    <Section title={clip.client ? `Names and terms of ${clip.client.name}` : 'Names and terms'}>
      <textarea
        aria-label="Names and terms"
        value={text}
        onChange={(e) => setText(e.target.value)}
        rows={4}
        placeholder={'Skarholm = scar home\nThorvald'}
        className="w-full resize-y rounded-lg border border-rule bg-paper px-3 py-2 leading-relaxed placeholder:text-soft"
      />
      <p className="mt-1 mb-2 text-[13px] text-soft">
        One a line. Recognition listens for them, the spelling check knows them; after = write how a term is
        said.
        {!clip.client && ' Without a client they hold for every clip.'}
      </p>
      {text !== stored && <QuietButton onClick={() => save.mutate({ terms })}>Save the terms</QuietButton>}
    </Section>
  );
}
