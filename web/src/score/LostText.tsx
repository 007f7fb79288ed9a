import { useEffect, useState } from 'react';
import { useChange } from '../api/changes';
import type { Clip, Track } from '../api/types';
import { dropDraft, lostDrafts } from '../state/drafts';
import { useSelection } from '../state/selection';

/** Unsaved text of cues that another person deleted, so that it is not lost. */
export function LostText({ clip, track }: { clip: Clip; track: Track }) {
  const change = useChange(clip.id);
  const [lost, setLost] = useState<ReturnType<typeof lostDrafts>>([]);
  useEffect(() => {
    const there = new Set(track.cues.map((c) => c.id));
    const { typing, endTyping } = useSelection.getState();
    if (typing && 'cueId' in typing && !there.has(typing.cueId)) endTyping();
    setLost(lostDrafts(clip.id, (cueId) => there.has(cueId)));
  }, [clip.id, track.cues]);
  const drop = (cueId: number) => {
    dropDraft(clip.id, cueId);
    setLost((all) => all.filter((one) => one.cueId !== cueId));
  };
  return lost.map(({ cueId, draft }) => (
    <div
      key={cueId}
      role="alert"
      className="mx-4 mb-3 flex-none rounded-lg border border-rule bg-paper px-4 py-3 text-note shadow-lg"
    >
      <p className="text-soft">The cue in which you typed this was deleted:</p>
      <p dir="auto" className="py-1 text-head text-ink">
        {draft.text}
      </p>
      <p className="flex flex-wrap gap-2 pt-1">
        <button
          className="rounded-md bg-accent px-3 py-1 text-on-accent"
          onClick={() =>
            change.mutate(
              { kind: 'addCue', fromMs: draft.showMs, toMs: draft.hideMs, text: draft.text },
              { onSuccess: () => drop(cueId) },
            )
          }
        >
          Make a cue of it
        </button>
        <button className="rounded-md px-3 py-1 text-soft hover:bg-sunk" onClick={() => drop(cueId)}>
          Discard it
        </button>
      </p>
    </div>
  ));
}
