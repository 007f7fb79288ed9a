import { useChange } from '../../api/changes';
import type { Clip, Track } from '../../api/types';
import { chosenCues, saidOf, useSelection } from '../../state/selection';
import { QuietButton, Section } from '../../ui/parts';
import { RecipePart } from './RecipePart';
import { TimePart } from './TimePart';

/**
 * Recipes break the whole clip, or the selected cues, again; manual breaks are kept. Below are the tools that close
 * gaps and trim.
 */
export function BreaksStep({ clip, track }: { clip: Clip; track: Track }) {
  const change = useChange(clip.id);
  const selected = useSelection((s) => s.selected);
  const chosen = chosenCues(track, selected);
  const pins = track.cues.flatMap((c) => c.words).filter((w) => w.pin !== 'FREE').length;
  const said = saidOf(track, selected.kind === 'word' ? { kind: 'none' } : selected);
  const run = selected.kind === 'word' ? [] : chosen;
  return (
    <>
      <RecipePart clip={clip} track={track} />
      {pins > 0 && (
        <Section title="Made by hand">
          <p className="mb-2 text-note text-soft">
            {pins} {pins === 1 ? 'break' : 'breaks'} made by hand; re-breaking keeps them.
          </p>
          <QuietButton
            onClick={() =>
              change.mutate({
                kind: 'releaseBreaks',
                cueIds: (run.length ? run : track.cues).map((c) => c.id),
              })
            }
          >
            Release them in {said}
          </QuietButton>
        </Section>
      )}
      <TimePart clip={clip} track={track} cues={run} said={said} />
    </>
  );
}
