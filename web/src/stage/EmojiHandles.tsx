import { useMemo, useRef, useState } from 'react';
import { useWithin } from '../api/looks';
import type { Clip, Scene, Track } from '../api/types';
import { usePlayer } from '../player/player';
import { useRestedTime } from '../player/useEachTime';
import { useScope } from '../state/scope';
import { useSelection } from '../state/selection';
import { useLookInHand } from '../state/useLookInHand';
import { Knob } from './Knob';
import { emojiBoxes, turnOf, unturned, type WordBox } from './captionBoxes';
import { Timeline } from './paint/timeline';

/** Handles to move and size emoji on the stage while the clip is paused; a click selects the word. */
export function EmojiHandles({ clip, track, scene }: { clip: Clip; track: Track; scene: Scene }) {
  const timeMs = useRestedTime();
  const timeline = useMemo(() => new Timeline(scene), [scene]);
  const part = timeMs === null ? undefined : timeline.alive(timeMs).find((one) => one.depth === 0);
  const boxes = useMemo(() => (part ? emojiBoxes(part) : []), [part]);
  if (!part || boxes.length === 0) return null;
  const turn = turnOf(part);
  return (
    <div
      className="pointer-events-none absolute inset-0"
      style={
        turn
          ? {
              transformOrigin: `${(100 * turn.pivotX) / scene.width}% ${(100 * turn.pivotY) / scene.height}%`,
              transform: `rotate(${turn.tilt}deg)`,
            }
          : {}
      }
    >
      {boxes.map((one) => (
        <EmojiHandle
          key={one.wordId}
          clip={clip}
          track={track}
          at={one}
          scene={scene}
          tilt={turn?.tilt ?? 0}
        />
      ))}
    </div>
  );
}

interface Drag {
  handle: 'move' | 'size';
  clientX: number;
  clientY: number;
  x: number;
  y: number;
  size: number;
  /** Letter size of the word, design pixels. */
  em: number;
}

function EmojiHandle(props: { clip: Clip; track: Track; at: WordBox; scene: Scene; tilt: number }) {
  const { clip, track, scene, tilt } = props;
  const { wordId, box } = props.at;
  const room = useRef<HTMLDivElement>(null);
  const [drag, setDrag] = useState<Drag | null>(null);
  const { view, change } = useLookInHand(clip.id, track.version, { wordIds: [wordId] });
  const look = view?.look;
  const within = useWithin();
  const selected = useSelection((s) => s.selected.kind === 'word' && s.selected.id === wordId);
  if (!look) return null;
  const text = track.cues.flatMap((cue) => cue.words).find((word) => word.id === wordId)?.text ?? '';
  const held = (facet: string, value: number) => within(facet, Math.round(value * 100) / 100);
  const begun = (handle: Drag['handle'], clientX: number, clientY: number): Drag => ({
    handle,
    clientX,
    clientY,
    x: look.emojiX!,
    y: look.emojiY!,
    size: look.emojiSize!,
    em: box.width / look.emojiSize!,
  });
  const grasp = (handle: Drag['handle']) => (e: React.PointerEvent) => {
    e.preventDefault();
    e.stopPropagation();
    usePlayer.getState().pause();
    useSelection.getState().select({ kind: 'word', id: wordId });
    useScope.setState({ scope: 'word' });
    room.current!.setPointerCapture(e.pointerId);
    setDrag(begun(handle, e.clientX, e.clientY));
  };
  const onMove = (e: React.PointerEvent) => {
    if (!drag) return;
    const px = scene.width / Math.max(1, room.current!.parentElement!.clientWidth);
    const by = unturned(
      { pivotX: 0, pivotY: 0, tilt },
      (e.clientX - drag.clientX) * px,
      (e.clientY - drag.clientY) * px,
    );
    if (drag.handle === 'move') {
      change.soon({
        emojiX: held('emojiX', drag.x + by.x / drag.em),
        emojiY: held('emojiY', drag.y + by.y / drag.em),
      });
    } else {
      // Its centre is fixed, so its corner moves half as far as it grows; above a word its lower edge would be fixed.
      const emojiSize = held('emojiSize', drag.size + (by.x - by.y) / drag.em);
      const foot = look.emojiAt === 'ABOVE' ? (emojiSize - drag.size) / 2 : 0;
      change.soon(foot ? { emojiSize, emojiY: held('emojiY', drag.y + foot) } : { emojiSize });
    }
  };
  const byKey = (e: React.KeyboardEvent) => {
    const step = (e.shiftKey ? 10 : 1) / (box.width / look.emojiSize!);
    const dx = e.key === 'ArrowLeft' ? -step : e.key === 'ArrowRight' ? step : 0;
    const dy = e.key === 'ArrowUp' ? -step : e.key === 'ArrowDown' ? step : 0;
    if (!dx && !dy) return;
    e.preventDefault();
    e.stopPropagation();
    change.soon({ emojiX: within('emojiX', look.emojiX! + dx), emojiY: within('emojiY', look.emojiY! + dy) });
  };
  return (
    <div
      ref={room}
      role="group"
      tabIndex={0}
      aria-label={`Emoji of “${text}”. Dragging and the arrow keys move it`}
      title="Drag to move it"
      data-testid="emoji-frame"
      onPointerDown={grasp('move')}
      onPointerMove={onMove}
      onPointerUp={() => setDrag(null)}
      onPointerCancel={() => setDrag(null)}
      onKeyDown={byKey}
      className={`pointer-events-auto absolute cursor-move touch-none rounded-[2px] outline-offset-2 outline-white hover:outline-1 focus-visible:outline-2 ${selected ? 'outline-1' : ''}`}
      style={{
        left: `${(100 * box.x) / scene.width}%`,
        top: `${(100 * box.y) / scene.height}%`,
        width: `${(100 * box.width) / scene.width}%`,
        height: `${(100 * box.height) / scene.height}%`,
      }}
    >
      {selected && (
        <Knob
          label="Size of the emoji"
          className="-top-[9px] -right-[9px] cursor-nesw-resize"
          onPointerDown={grasp('size')}
        />
      )}
    </div>
  );
}
