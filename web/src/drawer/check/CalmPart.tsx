import { Waves } from 'lucide-react';
import { useCalm } from '../../api/checks';
import { useChange } from '../../api/changes';
import type { Clip, Edit, Track } from '../../api/types';
import { chosenCues, useSelection } from '../../state/selection';
import { QuietButton, Section } from '../../ui/parts';

/** Moves the selected captions, or all, to where the picture is calmest. */
export function CalmPart({ clip, track, measured }: { clip: Clip; track: Track; measured: boolean }) {
  const selected = useSelection((s) => s.selected);
  const cues = chosenCues(track, selected).map((c) => c.id);
  const calm = useCalm(clip.id, track.version, measured, cues.length > 0 ? cues : null).data;
  const change = useChange(clip.id);
  if (!measured || !calm) return null;
  const whose =
    cues.length === 0
      ? `of ${track.cues.length} cues`
      : cues.length === 1
        ? 'This cue'
        : `of these ${cues.length} cues`;
  return (
    <Section title="Calm place">
      {calm.moved === 0 ? (
        <p className="text-note text-soft">
          {cues.length === 1 ? 'This cue is' : cues.length > 1 ? 'These cues are' : 'All cues are'} where the
          picture is calm enough.
        </p>
      ) : (
        <>
          <p className="mb-2 text-note text-soft">
            {cues.length === 1 ? `${whose} would` : `${calm.moved} ${whose} would`} have a calmer background:
            unrest {calm.before.toFixed(0)}, then {calm.after.toFixed(0)}.
          </p>
          <QuietButton onClick={() => change.mutate(calm.edit as Edit)}>
            <Waves size={16} /> Move {calm.moved === 1 ? 'it' : `these ${calm.moved}`} there
          </QuietButton>
        </>
      )}
    </Section>
  );
}
