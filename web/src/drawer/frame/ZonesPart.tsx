import { useSetZones, useZoneParts, useZones } from '../../api/frames';
import type { Clip, FrameLayout, SafeZones } from '../../api/types';
import { usePanels } from '../../state/panels';
import { QuietButton, Section } from '../../ui/parts';
import { NumberControl } from '../style/controls/NumberControl';

/** What phones show over tall clips: kept for the client, or for the workshop. */
export function ZonesPart({ clip, layout }: { clip: Clip; layout: FrameLayout }) {
  const zones = useZones(clip.client?.id);
  const parts = useZoneParts();
  const keep = useSetZones(clip.client?.id);
  const shown = usePanels((s) => s.zones);
  const whose = clip.client ? `of ${clip.client.name}` : 'of the workshop';
  return (
    <Section title="Safe areas">
      <p className="mb-3 text-note text-soft">
        {layout.zones.length > 0
          ? `What phones show over tall clips ${whose}.`
          : 'Phones show nothing over a picture of this shape: a margin of 5 % is kept.'}
      </p>
      <div className="flex flex-col gap-2">
        <QuietButton onClick={() => usePanels.getState().set({ zones: !shown })} hint="Z">
          {shown ? 'Hide them' : 'Show them on the stage'}
        </QuietButton>
        {zones.data && layout.zones.length > 0 && (
          <>
            {parts.data?.map((part) => (
              <NumberControl
                key={part.name}
                {...part}
                value={zones.data[part.name as keyof SafeZones]}
                onSoon={(value) => keep.mutate({ ...zones.data, [part.name]: value })}
                onNow={(value) => keep.mutate({ ...zones.data, [part.name]: value })}
              />
            ))}
            <QuietButton onClick={() => keep.mutate(null)}>Reset to the defaults</QuietButton>
          </>
        )}
      </div>
    </Section>
  );
}
