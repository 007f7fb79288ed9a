import { useRef, useState } from 'react';
import { useSetZones, useZoneParts, useZones } from '../api/frames';
import type { Clip, SafeZones } from '../api/types';

interface Edge {
  field: keyof SafeZones;
  label: string;
  /** The value for a pointer position, in parts of the frame. */
  value: (x: number, y: number) => number;
  line: (zones: SafeZones) => React.CSSProperties;
  across: boolean;
}

const percent = (part: number) => `${100 * part}%`;

const EDGES: Edge[] = [
  {
    field: 'bar',
    label: 'Foot of the bar at the top',
    value: (_, y) => y,
    line: (z) => ({ left: 0, right: 0, top: percent(z.bar) }),
    across: true,
  },
  {
    field: 'text',
    label: 'Head of the text at the bottom',
    value: (_, y) => 1 - y,
    line: (z) => ({ left: 0, right: 0, top: percent(1 - z.text) }),
    across: true,
  },
  {
    field: 'buttons',
    label: 'Left edge of the buttons',
    value: (x) => 1 - x,
    line: (z) => ({ left: percent(1 - z.buttons), top: percent(z.buttonsFrom), bottom: percent(z.text) }),
    across: false,
  },
  {
    field: 'buttonsFrom',
    label: 'Where the buttons begin',
    value: (_, y) => y,
    line: (z) => ({ left: percent(1 - z.buttons), right: 0, top: percent(z.buttonsFrom) }),
    across: true,
  },
  {
    field: 'side',
    label: 'What is kept free at the side',
    value: (x) => x,
    line: (z) => ({ left: percent(z.side), top: percent(z.bar), bottom: percent(z.text) }),
    across: false,
  },
];

/** Handles for the edges of safe zones, moved by dragging or arrow keys; saved for the client. */
export function ZoneHandles({ clip }: { clip: Clip }) {
  const room = useRef<HTMLDivElement>(null);
  const known = useZones(clip.client?.id).data;
  const parts = useZoneParts().data;
  const keep = useSetZones(clip.client?.id);
  const [drag, setDrag] = useState<{ edge: Edge; zones: SafeZones } | null>(null);
  const zones = drag?.zones ?? known;
  if (!zones || !parts) return null;
  const most = (edge: Edge) => parts.find((part) => part.name === edge.field)?.most ?? 1;
  const set = (edge: Edge, value: number): SafeZones => ({
    ...zones,
    [edge.field]: Math.round(1000 * Math.min(most(edge), Math.max(0, value))) / 1000,
  });
  return (
    <div ref={room} className="pointer-events-none absolute inset-0 touch-none">
      {EDGES.map((edge) => (
        <div
          key={edge.field}
          role="slider"
          tabIndex={0}
          aria-label={edge.label}
          aria-valuemin={0}
          aria-valuemax={Math.round(100 * most(edge))}
          aria-valuenow={Math.round(100 * zones[edge.field])}
          title={`${edge.label}: ${Math.round(100 * zones[edge.field])} % of the frame`}
          data-zone={edge.field}
          onPointerDown={(e) => {
            e.preventDefault();
            e.stopPropagation();
            e.currentTarget.setPointerCapture(e.pointerId);
            setDrag({ edge, zones });
          }}
          onPointerMove={(e) => {
            if (drag?.edge !== edge) return;
            const at = room.current!.getBoundingClientRect();
            setDrag({
              edge,
              zones: set(
                edge,
                edge.value((e.clientX - at.left) / at.width, (e.clientY - at.top) / at.height),
              ),
            });
          }}
          onPointerUp={() => {
            if (drag) keep.mutate(drag.zones);
            setDrag(null);
          }}
          onPointerCancel={() => setDrag(null)}
          onKeyDown={(e) => {
            const step = e.shiftKey ? 0.02 : 0.005;
            const by = ['ArrowUp', 'ArrowRight'].includes(e.key)
              ? step
              : ['ArrowDown', 'ArrowLeft'].includes(e.key)
                ? -step
                : 0;
            if (!by) return;
            e.preventDefault();
            e.stopPropagation();
            keep.mutate(set(edge, zones[edge.field] + by));
          }}
          className={`group pointer-events-auto absolute flex items-center justify-center ${
            edge.across ? '-mt-1.5 h-3 cursor-ns-resize' : '-ml-1.5 w-3 cursor-ew-resize'
          }`}
          style={edge.line(zones)}
        >
          <span
            className={`bg-[#ff8a66]/70 group-hover:bg-[#ff8a66] ${edge.across ? 'h-0.5 w-full' : 'h-full w-0.5'}`}
          />
        </div>
      ))}
    </div>
  );
}
