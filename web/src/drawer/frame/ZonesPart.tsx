import { useSetZones, useZones } from '../../api/frames';
import type { Clip, FrameLayout, SafeZones } from '../../api/types';
import { usePanels } from '../../state/panels';
import { QuietButton, Section } from '../../ui/parts';
import { NumberControl } from '../style/controls/NumberControl';

const FIELDS: { field: keyof SafeZones; label: string; most: number }[] = [
  { field: 'bar', label: 'Bar at the top', most: 0.4 },
  { field: 'buttons', label: 'Buttons at the right', most: 0.4 },
  { field: 'buttonsFrom', label: 'They begin at', most: 1 },
  { field: 'text', label: 'Text at the bottom', most: 0.5 },
  { field: 'side', label: 'Free at the sides', most: 0.3 },
];

/** What a phone lays over tall clips: kept for the client, or for the workshop. */
export function ZonesPart({ clip, layout }: { clip: Clip; layout: FrameLayout }) {
  const zones = useZones(clip.client?.id);
  const keep = useSetZones(clip.client?.id);
  const shown = usePanels((s) => s.zones);
  const whose = clip.client ? `of ${clip.client.name}` : 'of the workshop';
  return (
    <Section title="Safe areas">
      <p className="mb-3 text-note text-soft">
        {layout.zones.length > 0
          ? `What a phone lays over tall clips ${whose}.`
          : 'Phones lay nothing over a picture of this shape: a margin of 5 % is kept.'}
      </p>
      <div className="flex flex-col gap-2">
        <QuietButton onClick={() => usePanels.getState().set({ zones: !shown })} hint="Z">
          {shown ? 'Hide them' : 'Show them on the stage'}
        </QuietButton>
        {zones.data && layout.zones.length > 0 && (
          <>
            {FIELDS.map(({ field, label, most }) => (
              <NumberControl
                key={field}
                label={label}
                value={zones.data[field]}
                least={0}
                most={most}
                step={0.01}
                unit="of the frame"
                onSoon={(value) => keep.mutate({ ...zones.data, [field]: value })}
                onNow={(value) => keep.mutate({ ...zones.data, [field]: value })}
              />
            ))}
            <QuietButton onClick={() => keep.mutate(null)}>Back to what is usual</QuietButton>
          </>
        )}
      </div>
    </Section>
  );
}
