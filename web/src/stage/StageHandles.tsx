import { useMemo, useRef, useState } from 'react';
import { useWithin } from '../api/looks';
import { useStyles } from '../api/styles';
import type { Box, Clip, Look, Part, Pose, Scene, Track } from '../api/types';
import { usePlayer } from '../player/player';
import { useRestedTime } from '../player/useEachTime';
import { reachOf, useScope } from '../state/scope';
import { useSelection } from '../state/selection';
import type { LookChange } from '../state/useLookChange';
import { useLookInHand } from '../state/useLookInHand';
import { Knob } from './Knob';
import { blockOf, emojiBoxes, turnOf, unturned, wordBoxes } from './captionBoxes';
import { Timeline } from './paint/timeline';
import { linesOf, snap, type Snap } from './snapping';

const MOVED_PX = 4;
const TILT_STEP = 0.5;

type Handle = 'move' | 'size' | 'width' | 'tilt';

interface Drag {
  handle: Handle;
  clientX: number;
  clientY: number;
  look: Look;
  block: Box;
  fit: number;
  moved: boolean;
  wordId: number | null;
  /** The present value, in words. */
  said: string;
  across: Snap | null;
  down: Snap | null;
}

/** Frame and handles of the caption on the stage while the clip rests: it is dragged, sized, widened and tilted there; a click takes a word. */
export function StageHandles({ clip, track, scene }: { clip: Clip; track: Track; scene: Scene }) {
  const timeMs = useRestedTime();
  const selected = useSelection((s) => s.selected);
  const { scope } = useScope();
  const styles = useStyles();
  const roles = styles.data?.find((s) => s.name === track.style)?.emphasis ?? [];
  // A position belongs to a cue or the track; a word cannot have one.
  const reach = reachOf(
    track,
    selected,
    scope === 'word' ? 'cue' : scope === 'role' ? 'track' : scope,
    1,
    roles,
  );
  const { view, change } = useLookInHand(clip.id, track.version, reach.target);
  const timeline = useMemo(() => new Timeline(scene), [scene]);
  const alive = timeMs === null ? [] : timeline.alive(timeMs);
  const held = reach.target.headlineId;
  const part =
    held === undefined ? alive.find((one) => one.depth === 0) : alive.find((one) => one.cueId === held);
  const words = useMemo(() => (part ? wordBoxes(part) : []), [part]);
  const block = useMemo(() => blockOf(words, part ? emojiBoxes(part) : []), [words, part]);
  const look = view?.look;
  const others = alive.filter((one) => one !== part);
  // What is selected by a click stays one element, so that it keeps the keyboard while the look is loading.
  return (
    <>
      <Others parts={others} scene={scene} />
      {part && block && look && (
        <CaptionHandles
          {...{ track, scene, part, words, block, look, change }}
          typed={held === undefined}
          said={reach.said}
        />
      )}
    </>
  );
}

interface Held {
  track: Track;
  scene: Scene;
  part: Part;
  words: ReturnType<typeof wordBoxes>;
  block: Box;
  look: Look;
  change: LookChange;
  /** Whether its words can be typed on the stage: those of a headline cannot. */
  typed: boolean;
  /** What a change reaches, in words. */
  said: string;
}

/** Frame and handles of one caption. */
function CaptionHandles({ track, scene, part, words, block, look, change, typed, said }: Held) {
  const room = useRef<HTMLDivElement>(null);
  const within = useWithin();
  const [drag, setDrag] = useState<Drag | null>(null);
  const turn = turnOf(part);
  // What is shrunk to fit is taken by the size it is seen at.
  const { fit } = part;
  const { width, height } = scene;
  const place = (facet: string, part: number) => within(facet, Math.round(part * 10_000) / 10_000);
  const percent = (box: Box) => ({
    left: `${(100 * box.x) / width}%`,
    top: `${(100 * box.y) / height}%`,
    width: `${(100 * box.width) / width}%`,
    height: `${(100 * box.height) / height}%`,
  });
  /** From pixels of the page to design pixels. */
  const design = (px: number) => (px * width) / Math.max(1, room.current!.clientWidth);

  const grasp = (handle: Handle) => (e: React.PointerEvent) => {
    e.preventDefault();
    e.stopPropagation();
    room.current!.setPointerCapture(e.pointerId);
    const at = room.current!.getBoundingClientRect();
    const { x, y } = unturned(turn, design(e.clientX - at.left), design(e.clientY - at.top));
    const under = words.find(
      ({ box }) => x >= box.x && x <= box.x + box.width && y >= box.y && y <= box.y + box.height,
    );
    setDrag({
      handle,
      clientX: e.clientX,
      clientY: e.clientY,
      look,
      block,
      fit,
      moved: false,
      wordId: under?.wordId ?? null,
      said: '',
      across: null,
      down: null,
    });
  };

  const moved = (d: Drag, dx: number, dy: number, free: boolean) => {
    const lines = linesOf(track.layout.safe);
    const left = (d.block.x + dx) / width;
    const top = (d.block.y + dy) / height;
    const wide = d.block.width / width;
    const high = d.block.height / height;
    // The middle of a block that is centred on its place is that place, not the middle of its ink.
    const x = d.look.align === 'CENTRE' ? d.look.x! + dx / width : left + wide / 2;
    const y = d.look.grow === 'BOTH' ? d.look.y! + dy / height : top + high / 2;
    const across = free ? null : snap({ start: left, middle: x, end: left + wide }, lines.x);
    const down = free ? null : snap({ start: top, middle: y, end: top + high }, lines.y);
    return {
      across,
      down,
      look: {
        x: place('x', d.look.x! + dx / width + (across?.by ?? 0)),
        y: place('y', d.look.y! + dy / height + (down?.by ?? 0)),
      } as Look,
    };
  };

  const onMove = (e: React.PointerEvent) => {
    if (!drag) return;
    const dx = design(e.clientX - drag.clientX);
    const dy = design(e.clientY - drag.clientY);
    if (!drag.moved && Math.hypot(e.clientX - drag.clientX, e.clientY - drag.clientY) < MOVED_PX) return;
    const now = { ...drag, moved: true };
    if (drag.handle === 'move') {
      const to = moved(drag, dx, dy, e.ctrlKey || e.metaKey);
      change.soon(to.look);
      setDrag({ ...now, across: to.across, down: to.down });
      return;
    }
    const half = drag.block.width / 2;
    if (drag.handle === 'size') {
      const seen = drag.look.size! * drag.fit;
      const size = Math.round(within('size', (seen * Math.max(8, half + dx)) / half));
      change.soon({ size });
      now.said = fit < 1 ? `Size ${size}, shrunk to ${Math.round(100 * fit)} % to fit` : `Size ${size}`;
    } else if (drag.handle === 'width') {
      const widest = within('widest', Math.round(100 * (drag.look.widest! + (2 * dx) / width)) / 100);
      change.soon({ widest });
      now.said = `Widest line ${Math.round(100 * widest)} %`;
    } else {
      const reachOut = drag.block.height / 2 + design(34);
      const turned = (Math.atan2(dx, reachOut) * 180) / Math.PI;
      const tilt = within('tilt', Math.round((drag.look.tilt! + turned) / TILT_STEP) * TILT_STEP);
      change.soon({ tilt });
      now.said = `Tilt ${tilt}°`;
    }
    setDrag(now);
  };

  const onDrop = () => {
    if (drag && !drag.moved && drag.wordId !== null) {
      usePlayer.getState().pause();
      useSelection.getState().select({ kind: 'word', id: drag.wordId });
    }
    setDrag(null);
  };

  const byKey = (e: React.KeyboardEvent) => {
    if (e.key === 'Enter' && typed) {
      e.preventDefault();
      e.stopPropagation();
      useSelection.getState().type(part.cueId, null, 'end', true);
      return;
    }
    const step = (e.shiftKey ? 10 : 1) / 1;
    const dx = e.key === 'ArrowLeft' ? -step : e.key === 'ArrowRight' ? step : 0;
    const dy = e.key === 'ArrowUp' ? -step : e.key === 'ArrowDown' ? step : 0;
    if (!dx && !dy) return;
    e.preventDefault();
    e.stopPropagation();
    change.soon({ x: place('x', look.x! + dx / width), y: place('y', look.y! + dy / height) });
  };

  return (
    <div
      ref={room}
      className="pointer-events-none absolute inset-0 touch-none"
      onPointerMove={onMove}
      onPointerUp={onDrop}
      onPointerCancel={() => setDrag(null)}
    >
      {drag?.across && (
        <span
          className="absolute inset-y-0 border-l border-[#ff8a66]"
          style={{ left: `${100 * drag.across.line}%` }}
          data-testid="guide"
        />
      )}
      {drag?.down && (
        <span
          className="absolute inset-x-0 border-t border-[#ff8a66]"
          style={{ top: `${100 * drag.down.line}%` }}
          data-testid="guide"
        />
      )}
      {drag?.moved && drag.handle === 'move' && (
        <span
          className="absolute border border-dashed border-white/45"
          style={{
            left: `${100 * track.layout.safe.x}%`,
            top: `${100 * track.layout.safe.y}%`,
            width: `${100 * track.layout.safe.width}%`,
            height: `${100 * track.layout.safe.height}%`,
          }}
        />
      )}
      <div
        role="group"
        tabIndex={0}
        aria-label={`Caption on the stage. Dragging and the arrow keys move ${said}`}
        title={`Drag to move ${said}. Ctrl lets it go free of the guides; a double click types in it`}
        data-testid="caption-frame"
        onPointerDown={grasp('move')}
        onKeyDown={byKey}
        className="pointer-events-auto absolute cursor-move rounded-[2px] outline-1 outline-offset-4 outline-white/50 hover:outline-white focus-visible:outline-2"
        style={{ ...percent(block), ...turning(turn, block) }}
      >
        {drag?.said && (
          <span
            className="absolute top-full left-1/2 mt-3 -translate-x-1/2 rounded-[3px] bg-[#0a1d21]/90 px-2 py-0.5 text-tiny whitespace-nowrap text-white"
            data-testid="handle-says"
          >
            {drag.said}
          </span>
        )}
        <Knob
          label="Size"
          className="-right-[11px] -bottom-[11px] cursor-nwse-resize"
          onPointerDown={grasp('size')}
        />
        <Knob
          label="Widest line"
          className="top-[calc(50%-5px)] -right-[11px] cursor-ew-resize"
          onPointerDown={grasp('width')}
        />
        <Knob
          label="Tilt"
          className="-top-[34px] left-[calc(50%-5px)] cursor-grab rounded-full"
          onPointerDown={grasp('tilt')}
        />
      </div>
    </div>
  );
}

/** The other headlines and captions on the stage; a click selects one. */
function Others({ parts, scene }: { parts: Part[]; scene: Scene }) {
  return parts.map((part) => {
    const block = blockOf(wordBoxes(part), []);
    const headline = part.depth > 0;
    return (
      block && (
        <button
          key={part.cueId}
          aria-label={headline ? 'Select the headline on the stage' : 'Select the caption on the stage'}
          title={headline ? 'Select the headline on the stage' : 'Select the caption on the stage'}
          data-testid={headline ? 'other-headline' : 'other-caption'}
          onClick={() => {
            usePlayer.getState().pause();
            useSelection.getState().select({ kind: headline ? 'headline' : 'cue', id: part.cueId });
          }}
          className="pointer-events-auto absolute rounded-[2px] outline-offset-4 outline-white/50 hover:outline-1"
          style={{
            left: `${(100 * block.x) / scene.width}%`,
            top: `${(100 * block.y) / scene.height}%`,
            width: `${(100 * block.width) / scene.width}%`,
            height: `${(100 * block.height) / scene.height}%`,
          }}
        />
      )
    );
  });
}

/** As the block itself is turned. */
function turning(turn: Pose | null, block: Box): React.CSSProperties {
  if (!turn) return {};
  const across = (100 * (turn.pivotX - block.x)) / block.width;
  const down = (100 * (turn.pivotY - block.y)) / block.height;
  return { transformOrigin: `${across}% ${down}%`, transform: `rotate(${turn.tilt}deg)` };
}
