import { useRef, useState } from 'react';
import { useChange } from '../api/changes';
import type { Box, Clip, Focus, Frame, FrameLayout, Track } from '../api/types';
import { usePlayer } from '../player/player';
import { useRestedTime } from '../player/useEachTime';
import { endFraming, tryFrame, useShownFrame } from '../state/framing';
import { pictureAt } from './framing';

type Grip = 'picture' | 'top' | 'bottom';

interface Drag {
  grip: Grip;
  clientX: number;
  clientY: number;
  frame: Frame;
  /** Of the picture when it was taken. */
  picture: Box;
  next: Frame;
}

const clamp = (value: number, least: number, most: number) => Math.min(most, Math.max(least, value));
const fine = (value: number) => Math.round(value * 10_000) / 10_000;

/** At the frame's step, while the clip rests, the picture is taken hold of: what fills is moved under the frame, what fits has its bars dragged. */
export function FrameHandles({ clip, track }: { clip: Clip; track: Track }) {
  const room = useRef<HTMLDivElement>(null);
  const { frame, layout } = useShownFrame(track);
  const change = useChange(clip.id);
  const timeMs = useRestedTime();
  const [drag, setDrag] = useState<Drag | null>(null);
  if (frame.aspect === 'OWN' || timeMs === null) return null;
  const picture = pictureAt(layout, timeMs);
  const { output } = layout;

  const fills = frame.sit === 'FILL';
  const changed = (held: Pick<Drag, 'grip' | 'frame' | 'picture'>, dx: number, dy: number) =>
    fills
      ? refocused(held.frame, layout, held.picture, dx, dy, timeMs)
      : rebarred(held.frame, layout, held.picture, held.grip, dy);

  const grasp = (grip: Grip) => (e: React.PointerEvent) => {
    e.preventDefault();
    e.stopPropagation();
    room.current!.setPointerCapture(e.pointerId);
    usePlayer.getState().pause();
    setDrag({ grip, clientX: e.clientX, clientY: e.clientY, frame, picture, next: frame });
  };

  const onMove = (e: React.PointerEvent) => {
    if (!drag) return;
    const scale = output.width / room.current!.clientWidth;
    const dx = (e.clientX - drag.clientX) * scale;
    const dy = (e.clientY - drag.clientY) * scale;
    const next = changed(drag, dx, dy);
    setDrag({ ...drag, next });
    tryFrame(clip.id, next);
  };

  const onDrop = () => {
    if (drag && drag.next !== drag.frame) {
      change.mutate({ kind: 'reframe', frame: drag.next }, { onSettled: endFraming });
    } else {
      endFraming();
    }
    setDrag(null);
  };

  const byKey = (grip: Grip) => (e: React.KeyboardEvent) => {
    const step = e.shiftKey ? 20 : 4;
    const dx = e.key === 'ArrowLeft' ? -step : e.key === 'ArrowRight' ? step : 0;
    const dy = e.key === 'ArrowUp' ? -step : e.key === 'ArrowDown' ? step : 0;
    if (!dx && !dy) return;
    e.preventDefault();
    e.stopPropagation();
    change.mutate({ kind: 'reframe', frame: changed({ grip, frame, picture }, dx, dy) });
  };

  const slack = layout.turned.width * output.height !== layout.turned.height * output.width;
  return (
    <div
      ref={room}
      className="absolute inset-0 touch-none"
      onPointerMove={onMove}
      onPointerUp={onDrop}
      onPointerCancel={() => {
        endFraming();
        setDrag(null);
      }}
    >
      {slack && (
        <div
          role="group"
          tabIndex={0}
          aria-label="The picture in its frame. Dragging and the arrow keys move it"
          title={
            fills
              ? 'Drag the picture to choose what stays in sight'
              : 'Drag the clip up or down between its bars'
          }
          data-testid="frame-picture"
          onPointerDown={grasp('picture')}
          onKeyDown={byKey('picture')}
          className="absolute inset-0 cursor-grab active:cursor-grabbing"
        >
          {drag && fills && <Thirds />}
        </div>
      )}
      {!fills &&
        (['top', 'bottom'] as const).map((edge) => (
          <Edge
            key={edge}
            edge={edge}
            at={(edge === 'top' ? picture.y : picture.y + picture.height) / output.height}
            height={barOf(layout, edge)}
            onPointerDown={grasp(edge)}
            onKeyDown={byKey(edge)}
          />
        ))}
    </div>
  );
}

function Edge(props: {
  edge: 'top' | 'bottom';
  at: number;
  height: number;
  onPointerDown: (e: React.PointerEvent) => void;
  onKeyDown: (e: React.KeyboardEvent) => void;
}) {
  const name = props.edge === 'top' ? 'Upper bar' : 'Lower bar';
  return (
    <div
      role="slider"
      tabIndex={0}
      aria-label={name}
      aria-valuemin={0}
      aria-valuemax={90}
      aria-valuenow={Math.round(100 * props.height)}
      title={`${name}: drag its edge to make the clip smaller or larger`}
      data-handle={name}
      onPointerDown={props.onPointerDown}
      onKeyDown={props.onKeyDown}
      className="group absolute inset-x-0 -mt-2.5 flex h-5 cursor-ns-resize items-center justify-center"
      style={{ top: `${100 * clamp(props.at, 0.012, 0.988)}%` }}
    >
      <span className="h-px w-full bg-white/55 group-hover:bg-white" />
      <span className="absolute rounded-full border border-[#0a1d21] bg-white px-2 text-tiny text-[#0a1d21]">
        {Math.round(100 * props.height)} %
      </span>
    </div>
  );
}

function Thirds() {
  return (
    <>
      {[1, 2].map((n) => (
        <span
          key={`x${n}`}
          className="absolute inset-y-0 border-l border-white/35"
          style={{ left: `${(100 * n) / 3}%` }}
        />
      ))}
      {[1, 2].map((n) => (
        <span
          key={`y${n}`}
          className="absolute inset-x-0 border-t border-white/35"
          style={{ top: `${(100 * n) / 3}%` }}
        />
      ))}
    </>
  );
}

const barOf = ({ picture, output }: FrameLayout, edge: 'top' | 'bottom') =>
  clamp(
    edge === 'top' ? picture.y / output.height : 1 - (picture.y + picture.height) / output.height,
    0,
    0.9,
  );

/** The clip moved up or down between its bars, or made smaller and larger by one of its edges. */
function rebarred(frame: Frame, layout: FrameLayout, picture: Box, grip: Grip, dy: number): Frame {
  const { output, turned } = layout;
  const by = dy / output.height;
  const top = picture.y / output.height;
  const bottom = 1 - (picture.y + picture.height) / output.height;
  // As wide as the frame, or as high.
  const most = Math.min(1, (turned.height * output.width) / (turned.width * output.height));
  let bars: { top: number; bottom: number };
  if (grip === 'picture') {
    const moved = clamp(by, -top, bottom);
    bars = { top: top + moved, bottom: bottom - moved };
  } else if (grip === 'top') {
    bars = { top: clamp(top + by, Math.max(0, 1 - bottom - most), 0.9 - bottom), bottom };
  } else {
    bars = { top, bottom: clamp(bottom - by, Math.max(0, 1 - top - most), 0.9 - top) };
  }
  return { ...frame, bars: { ...frame.bars, top: fine(bars.top), bottom: fine(bars.bottom) } };
}

/** The point at the frame's centre once the picture is moved: the one set at this time, or the only one. */
function refocused(
  frame: Frame,
  layout: FrameLayout,
  picture: Box,
  dx: number,
  dy: number,
  timeMs: number,
): Frame {
  const { output } = layout;
  const points = frame.focus ?? [];
  const ms = points.length > 1 ? Math.round(timeMs) : (points[0]?.ms ?? 0);
  const x = clamp(picture.x + dx, output.width - picture.width, 0);
  const y = clamp(picture.y + dy, output.height - picture.height, 0);
  const point: Focus = {
    ms,
    x: fine(clamp((output.width / 2 - x) / picture.width, 0, 1)),
    y: fine(clamp((output.height / 2 - y) / picture.height, 0, 1)),
  };
  const near = usePlayer.getState().frameMs / 2;
  return { ...frame, focus: [...points.filter((p) => Math.abs(p.ms - ms) > near), point] };
}
