import { Keyboard, X } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { useChange } from '../api/changes';
import { useTrackNow } from '../api/queries';
import type { Clip } from '../api/types';
import { IconButton } from '../ui/IconButton';
import { usePlayer } from '../player/player';
import { useEachTime } from '../player/useEachTime';
import { stamp } from '../player/time';
import { useSelection } from '../state/selection';
import { tidied } from '../state/text';

/**
 * Cues typed one after the other, while the clip plays or is paused. A cue begins where the playhead was at its first
 * letter; while paused, the next one begins where the last ends. The server decides how long it is shown.
 */
export function HandLine({ clip }: { clip: Clip }) {
  const field = useRef<HTMLInputElement>(null);
  const { mutateAsync } = useChange(clip.id);
  const trackNow = useTrackNow(clip.id);
  const going = useRef<Promise<void>>(Promise.resolve());
  const [begunMs, setBegunMs] = useState<number | null>(null);
  const begins = useRef<HTMLSpanElement>(null);
  useEachTime((timeMs) => {
    begins.current!.textContent = stamp(begunMs ?? timeMs);
  });
  const playing = usePlayer((s) => s.playing);
  const { endTyping } = useSelection.getState();
  useEffect(() => field.current!.focus(), []);

  /** What is typed goes out one after another; the line is free for the next at once. */
  const keep = () => {
    const text = tidied(field.current!.value);
    if (!text) return;
    field.current!.value = '';
    setBegunMs(null);
    going.current = going.current.then(() => add(text, begunMs));
  };
  const add = async (text: string, begun: number | null) => {
    const fromMs = Math.round(begun ?? usePlayer.getState().timeMs);
    const known = new Set(trackNow()?.cues.map((c) => c.id));
    try {
      const track = await mutateAsync({ kind: 'addCue', fromMs, toMs: clip.durationMs, text });
      const added = track.cues.find((c) => !known.has(c.id));
      const end = added?.words[added.words.length - 1].endMs;
      if (begun === null && end !== undefined) usePlayer.getState().seek(end);
    } catch {
      // The notice says why; what was typed comes back.
      if (field.current) field.current.value = text + (field.current.value ? ' ' + field.current.value : '');
    }
  };
  return (
    <div
      role="group"
      aria-label="Type cues by hand"
      className="flex-none border-t border-rule bg-paper px-6 py-3"
    >
      <div className="mx-auto flex max-w-2xl items-center gap-3">
        <span ref={begins} className="w-[58px] flex-none text-right text-note text-accent" />
        <input
          ref={field}
          dir="auto"
          data-stays
          aria-label="Text of the next cue"
          placeholder={playing ? 'Type along with the voice' : 'Type what is to be read here'}
          onChange={(e) => {
            if (!e.target.value) setBegunMs(null);
            // While paused, the next cue begins where the last one ends.
            else if (begunMs === null && playing) setBegunMs(usePlayer.getState().timeMs);
          }}
          onKeyDown={(e) => {
            if (e.key === 'Enter') keep();
            else if (e.key === 'Escape') endTyping();
            else if (e.key === ' ' && (e.ctrlKey || e.metaKey)) {
              e.preventDefault();
              usePlayer.getState().toggle();
            }
          }}
          className="min-w-0 flex-1 rounded-md bg-page px-2 py-1 text-score outline-2 outline-accent placeholder:text-soft"
        />
        <IconButton label="End typing by hand" hint="Esc" onClick={endTyping}>
          <X size={17} />
        </IconButton>
      </div>
      <p className="mx-auto mt-1.5 max-w-2xl pl-[70px] text-tiny text-soft">
        <Keyboard size={12} className="mr-1 inline" />
        Enter keeps it and goes on · Ctrl Space plays · Esc ends
      </p>
    </div>
  );
}
