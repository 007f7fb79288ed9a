import { Sparkle } from 'lucide-react';
import { useState } from 'react';
import { useChange } from '../../api/changes';
import { useStyles } from '../../api/styles';
import type { Clip, Track } from '../../api/types';
import { useRestedCue } from '../../state/lit';
import { reachOf, useScope } from '../../state/scope';
import { useSelection } from '../../state/selection';
import { QuietButton, Tick } from '../../ui/parts';
import { CompareDialog } from './CompareDialog';
import { EmojiPart } from './EmojiPart';
import { KeepPart } from './KeepPart';
import { LookPart } from './LookPart';
import { RoleOptions } from './RoleOptions';
import { ScopePart } from './ScopePart';
import { StyleStrip } from './StyleStrip';
import { SuggestPart } from './SuggestPart';

/** What a change applies to, the styles, and every part of the look. */
export function StyleStep({ clip, track }: { clip: Clip; track: Track }) {
  const styles = useStyles();
  const change = useChange(clip.id);
  const selected = useSelection((s) => s.selected);
  const { scope, role } = useScope();
  const [keep, setKeep] = useState(false);
  const litCue = useRestedCue();
  const cueOfWord =
    selected.kind === 'word' ? track.cues.find((c) => c.words.some((w) => w.id === selected.id)) : undefined;
  const word = cueOfWord?.words.find((w) => selected.kind === 'word' && w.id === selected.id);
  const cueInHand = selected.kind === 'cue' ? selected.id : (cueOfWord?.id ?? litCue ?? 0);
  const style = styles.data?.find((s) => s.name === track.style);
  const roles = style?.emphasis ?? [];
  const reach = reachOf(track, selected, scope, role, roles);
  const bent = Object.keys(track.styling.all).length > 0 || track.styling.roles.length > 0;
  return (
    <>
      <ScopePart track={track} reach={reach} roles={roles} />
      <StyleStrip clip={clip} track={track} reach={reach} cueId={cueInHand} keep={keep} />
      <CompareDialog clip={clip} track={track} keep={keep} />
      {bent && reach.scope === 'track' && (
        <Tick className="-mt-2 mb-4" checked={keep} onChange={(on) => setKeep(on)}>
          Another style keeps what the track has changed
        </Tick>
      )}
      {word && (
        <div className="mb-4">
          <QuietButton
            hint="E"
            onClick={() =>
              change.mutate({ kind: 'setEmphasis', wordIds: [word.id], emphasis: word.emphasis ? 0 : 1 })
            }
          >
            <Sparkle size={16} /> {word.emphasis ? `Make “${word.text}” plain` : `Emphasise “${word.text}”`}
          </QuietButton>
          <label className="mt-2 flex items-center gap-2 text-note text-soft">
            Marked as
            <select
              aria-label={`What “${word.text}” is marked as`}
              value={word.emphasis}
              onChange={(e) =>
                change.mutate({ kind: 'setEmphasis', wordIds: [word.id], emphasis: Number(e.target.value) })
              }
              className="field min-w-0 flex-1 px-2 py-1 text-ink"
            >
              <option value={0}>plain</option>
              <RoleOptions roles={roles} />
            </select>
          </label>
        </div>
      )}
      <SuggestPart clip={clip} track={track} roles={roles} />
      <EmojiPart clip={clip} track={track} />
      <LookPart clip={clip} track={track} reach={reach} cueId={cueInHand} />
      <KeepPart clip={clip} track={track} style={style} />
    </>
  );
}
