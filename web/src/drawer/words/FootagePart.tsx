import { Clapperboard } from 'lucide-react';
import { useRef, useState } from 'react';
import { useReplaceFootage } from '../../api/footage';
import type { Clip } from '../../api/types';
import { QuietButton, Section } from '../../ui/parts';

/** Replaces the footage by a new cut and keeps the captions. */
export function FootagePart({ clip, busy }: { clip: Clip; busy: boolean }) {
  const chooser = useRef<HTMLInputElement>(null);
  const [arrived, setArrived] = useState(0);
  const replace = useReplaceFootage(clip, setArrived);
  return (
    <Section title="Footage">
      {replace.isPending ? (
        <p role="status">{arrived < 1 ? `${Math.round(100 * arrived)} % uploaded` : 'Reading the file'}</p>
      ) : (
        <QuietButton disabled={busy} onClick={() => chooser.current?.click()}>
          <Clapperboard size={16} /> Replace it with another cut
        </QuietButton>
      )}
      <p className="mt-2 text-note text-soft">
        Its words are found in the other cut by their sound, and the captions go with them. The clip as it is
        now goes to the archive.
      </p>
      <input
        ref={chooser}
        type="file"
        accept="video/*,.mkv,.mov,.mp4,.webm,.m4v"
        hidden
        data-testid="footage"
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = '';
          if (file) replace.mutate(file);
        }}
      />
    </Section>
  );
}
