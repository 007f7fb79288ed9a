import { Plus, Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { useChange } from '../../api/changes';
import type { Clip, Headline, Track } from '../../api/types';
import { usePlayer } from '../../player/player';
import { HeadlineText } from '../../score/HeadlineText';
import { useSelection } from '../../state/selection';
import { useLookInHand } from '../../state/useLookInHand';
import { Choice, QuietButton, Section } from '../../ui/parts';
import { TimeField } from '../../ui/TimeField';
import { NumberControl } from '../style/controls/NumberControl';

const PLACES: { value: Headline['place']; label: string; about: string }[] = [
  { value: 'ABOVE', label: 'Above', about: 'In the upper bar, or at the top of the picture' },
  { value: 'OVER', label: 'Over', about: 'Over the middle of the picture' },
  { value: 'BELOW', label: 'Below', about: 'In the lower bar, or at the foot of the picture' },
];

/** Fixed texts, in a bar or over the picture. */
export function HeadlinePart({ clip, track }: { clip: Clip; track: Track }) {
  const change = useChange(clip.id);
  return (
    <Section title="Headlines">
      {track.headlines.length === 0 && (
        <p className="mb-3 text-note text-soft">
          A title in a bar or over the picture, in the style of the track.
        </p>
      )}
      {track.headlines.map((headline) => (
        <OneHeadline key={headline.id} clip={clip} track={track} headline={headline} />
      ))}
      <QuietButton onClick={() => change.mutate({ kind: 'putHeadline', text: clip.name.slice(0, 300) })}>
        <Plus size={16} /> Add a headline
      </QuietButton>
    </Section>
  );
}

function OneHeadline({ clip, track, headline }: { clip: Clip; track: Track; headline: Headline }) {
  const change = useChange(clip.id);
  const target = { headlineId: headline.id };
  const { view, change: ofLook } = useLookInHand(clip.id, track.version, target);
  const put = (part: Partial<Omit<Headline, 'id' | 'look'>>) =>
    change.mutate({ kind: 'putHeadline', id: headline.id, ...part });
  const take = () => useSelection.getState().select({ kind: 'headline', id: headline.id });
  const playhead = () => Math.round(usePlayer.getState().timeMs);
  return (
    <div
      role="group"
      aria-label={`Headline: ${headline.text}`}
      onFocus={take}
      className="mb-4 flex flex-col gap-2.5 border-b border-rule pb-4"
    >
      <HeadlineText clip={clip} headline={headline} label="What it says" className="field px-2.5 py-1.5" />
      <Choice
        label="Position"
        options={PLACES}
        value={headline.place}
        onChange={(place) => {
          // What was dragged on the stage goes back to its place.
          const moved = ['x', 'y'].filter((name) => headline.look && name in headline.look);
          if (moved.length > 0) ofLook.reset(moved);
          put({ place });
        }}
      />
      {view && (
        <NumberControl
          label="Size"
          value={view.look.size!}
          least={8}
          most={400}
          step={1}
          unit=""
          onSoon={(size) => ofLook.soon({ size })}
          onNow={(size) => ofLook.now({ size })}
        />
      )}
      <div className="flex items-center gap-1.5 text-note">
        <span className="flex-1 text-soft">Shows</span>
        <TimeField label="It shows from" ms={headline.fromMs} set={(fromMs) => put({ fromMs })} />
        to
        <TimeField
          label="It shows until"
          ms={headline.toMs ?? clip.durationMs}
          set={(toMs) => put({ toMs: toMs >= clip.durationMs ? 0 : toMs })}
        />
      </div>
      <div className="flex flex-wrap gap-x-3 gap-y-1 text-note text-accent">
        <button className="hover:underline" onClick={() => put({ fromMs: playhead() })}>
          From the playhead
        </button>
        <button className="hover:underline" onClick={() => put({ toMs: playhead() })}>
          Until the playhead
        </button>
        {(headline.fromMs > 0 || headline.toMs !== undefined) && (
          <button className="hover:underline" onClick={() => put({ fromMs: 0, toMs: 0 })}>
            The whole clip
          </button>
        )}
      </div>
      <div className="flex items-center justify-between text-note">
        <Link to={`/clips/${clip.id}/style`} onClick={take} className="text-accent hover:underline">
          Its look and motion
        </Link>
        <button
          onClick={() => change.mutate({ kind: 'dropHeadline', id: headline.id })}
          className="flex items-center gap-1 rounded px-1.5 py-0.5 text-soft hover:text-ink"
        >
          <Trash2 size={14} /> Delete
        </button>
      </div>
    </div>
  );
}
