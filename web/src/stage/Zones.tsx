import type { FrameLayout, Zone } from '../api/types';

const NAMES: Record<Zone['kind'], string> = {
  BAR: 'Bar at the top',
  BUTTONS: 'Buttons',
  TEXT: 'Text at the bottom',
};

/** The safe zones, and the area that remains for text. */
export function Zones({ layout }: { layout: FrameLayout }) {
  const { safe } = layout;
  return (
    <div className="pointer-events-none absolute inset-0 text-tiny text-white" data-testid="zones">
      {layout.zones.map((zone) => (
        <div
          key={zone.kind}
          className="absolute flex items-center justify-center bg-[#0a1d21]/45 text-white/85"
          style={{ ...percent(zone.part), writingMode: zone.kind === 'BUTTONS' ? 'vertical-rl' : undefined }}
        >
          {NAMES[zone.kind]}
        </div>
      ))}
      <div className="absolute border border-dashed border-white/60" style={percent(safe)} />
    </div>
  );
}

const percent = (part: { x: number; y: number; width: number; height: number }): React.CSSProperties => ({
  left: `${100 * part.x}%`,
  top: `${100 * part.y}%`,
  width: `${100 * part.width}%`,
  height: `${100 * part.height}%`,
});
