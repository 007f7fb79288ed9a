import { Play } from 'lucide-react';
import { useState } from 'react';
import { useShorter } from '../../api/proof';
import { useChange } from '../../api/changes';
import type { Clip, CutView, Track } from '../../api/types';
import { usePlayer } from '../../player/player';
import { stamp } from '../../player/time';
import { useSelection } from '../../state/selection';
import { MainButton, Section } from '../../ui/parts';

const AROUND_MS = 700;

/** Fillers, false starts and repetitions: a click plays them, and they are left out together. */
export function ShorterPart({ clip, track }: { clip: Clip; track: Track }) {
  const cuts = useShorter(clip.id, track.version).data ?? [];
  const change = useChange(clip.id);
  // What a person chose otherwise than proposed, by the first word.
  const [otherwise, setOtherwise] = useState<Map<number, boolean>>(new Map());
  if (cuts.length === 0) return null;
  const goes = ({ cut }: CutView) => otherwise.get(cut.wordIds[0]) ?? cut.sure;
  const gone = cuts.filter(goes).flatMap(({ cut }) => cut.wordIds);
  return (
    <Section title="Shorter for reading">
      <p className="mb-2 text-note text-soft">
        A reader does not miss these. All other words keep their times.
      </p>
      <ul className="mb-3 divide-y divide-rule border-y border-rule">
        {cuts.map((view) => (
          <li key={view.cut.wordIds[0]} className="flex items-center gap-2 py-1.5">
            <input
              type="checkbox"
              aria-label={`Leave out “${view.cut.text}” at ${stamp(view.cut.fromMs)}`}
              checked={goes(view)}
              onChange={(e) => setOtherwise(new Map(otherwise).set(view.cut.wordIds[0], e.target.checked))}
              className="accent-accent"
            />
            <button
              onClick={() => useSelection.getState().select({ kind: 'word', id: view.cut.wordIds[0] })}
              className="min-w-0 flex-1 text-left hover:text-accent"
              title={view.kind}
            >
              <span className="text-note text-soft">{stamp(view.cut.fromMs)}</span> {view.cut.text}{' '}
              <span className="text-tiny text-soft">{view.kind}</span>
            </button>
            <button
              onClick={() =>
                usePlayer.getState().play(Math.max(0, view.cut.fromMs - AROUND_MS), view.cut.toMs + AROUND_MS)
              }
              aria-label={`Hear “${view.cut.text}”`}
              title="Hear it"
              className="rounded p-1 text-soft hover:bg-sunk hover:text-ink"
            >
              <Play size={14} />
            </button>
          </li>
        ))}
      </ul>
      <MainButton
        disabled={gone.length === 0}
        onClick={() => change.mutate({ kind: 'shorten', wordIds: gone })}
      >
        Leave out {gone.length === 1 ? 'one word' : `${gone.length} words`}
      </MainButton>
    </Section>
  );
}
