import { X } from 'lucide-react';
import type { Focus, Frame } from '../../api/types';
import { usePlayer } from '../../player/player';
import { stamp } from '../../player/time';
import { QuietButton, Section } from '../../ui/parts';

/** Focus of a clip that fills its frame: one point, or points that the frame goes to in their time. */
export function FocusPart({ frame, set }: { frame: Frame; set: (part: Partial<Frame>) => void }) {
  const points = frame.focus ?? [];
  const addHere = () => {
    const { timeMs, frameMs } = usePlayer.getState();
    const ms = Math.round(timeMs);
    const before = [...points].reverse().find((p) => p.ms <= ms) ?? points[0];
    const { x, y } = before ?? { x: 0.5, y: 0.5 };
    const rest = points.filter((p) => Math.abs(p.ms - ms) > frameMs / 2);
    // The first point that moves needs one to come from.
    const from: Focus[] = points.length === 0 && ms > 0 ? [{ ms: 0, x, y }] : [];
    set({ focus: [...from, ...rest, { ms, x, y }] });
  };
  return (
    <Section title="Focus">
      <p className="mb-3 text-note text-soft">
        {points.length > 1
          ? 'The frame goes from point to point. Drag the picture on the stage to set one at the playhead.'
          : 'Drag the picture on the stage. To let the frame move, add a point where it is to go.'}
      </p>
      {points.length > 1 && (
        <ul className="mb-3">
          {points.map((point) => (
            <li key={point.ms} className="flex items-center gap-2 border-b border-rule py-1">
              <button
                onClick={() => usePlayer.getState().seek(point.ms)}
                title="Go there"
                className="flex-1 text-left hover:text-accent"
              >
                {stamp(point.ms)}
              </button>
              <span className="text-note text-soft">
                {Math.round(100 * point.x)} % across, {Math.round(100 * point.y)} % down
              </span>
              <button
                onClick={() => set({ focus: points.filter((p) => p !== point) })}
                aria-label={`Remove the point at ${stamp(point.ms)}`}
                className="rounded p-1 text-soft hover:text-ink"
              >
                <X size={14} />
              </button>
            </li>
          ))}
        </ul>
      )}
      <div className="flex flex-col gap-2">
        <QuietButton onClick={addHere}>Add a point at the playhead</QuietButton>
        {points.length > 0 && (
          <QuietButton onClick={() => set({ focus: [] })}>Back to the middle</QuietButton>
        )}
      </div>
    </Section>
  );
}
