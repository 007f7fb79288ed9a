import { Check, X } from 'lucide-react';
import { useChange } from '../../api/changes';
import type { Clip, Track } from '../../api/types';
import { QuietButton, Section } from '../../ui/parts';

/** Differences of script and voice, settled all at once. The score settles single ones. */
export function FlaggedPart({ clip, track }: { clip: Clip; track: Track }) {
  const change = useChange(clip.id);
  const missing = track.cues.flatMap((c) => c.words).filter((w) => w.source === 'NOT_FOUND');
  const extra = track.unscripted;
  if (missing.length === 0 && extra.length === 0) return null;
  const wordIds = missing.map((w) => w.id);
  const ids = extra.map((u) => u.id);
  return (
    <Section title="Script and voice differ">
      {missing.length > 0 && (
        <div className="mb-4 space-y-2">
          <p className="text-note text-soft">
            {missing.length} {missing.length === 1 ? 'word' : 'words'} of the script{' '}
            {missing.length === 1 ? 'was' : 'were'} not heard.
          </p>
          <QuietButton onClick={() => change.mutate({ kind: 'dropWords', wordIds })}>
            <X size={16} /> Delete {missing.length === 1 ? 'it' : 'them'}
          </QuietButton>
          <QuietButton onClick={() => change.mutate({ kind: 'confirmWords', wordIds })}>
            <Check size={16} /> Keep {missing.length === 1 ? 'it' : 'them'}
          </QuietButton>
        </div>
      )}
      {extra.length > 0 && (
        <div className="space-y-2">
          <p className="text-note text-soft">
            {extra.length} {extra.length === 1 ? 'piece' : 'pieces'} of speech{' '}
            {extra.length === 1 ? 'is' : 'are'} not in the script.
          </p>
          <QuietButton onClick={() => change.mutate({ kind: 'acceptUnscripted', ids })}>
            <Check size={16} /> Take {extra.length === 1 ? 'it' : 'them'} in
          </QuietButton>
          <QuietButton onClick={() => change.mutate({ kind: 'dropUnscripted', ids })}>
            <X size={16} /> Leave {extra.length === 1 ? 'it' : 'them'} out
          </QuietButton>
        </div>
      )}
    </Section>
  );
}
