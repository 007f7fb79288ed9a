import { useChange } from '../../api/queries';
import type { Clip, Track } from '../../api/types';
import { Choice, Section } from '../../ui/parts';

type Frame = Track['frame'];

const ASPECTS: { value: Frame['aspect']; label: string; about: string }[] = [
  { value: 'OWN', label: 'Own', about: 'As the clip is' },
  { value: 'TALL', label: '9:16', about: 'Tall' },
  { value: 'PORTRAIT', label: '4:5', about: 'Portrait' },
  { value: 'SQUARE', label: '1:1', about: 'Square' },
  { value: 'WIDE', label: '16:9', about: 'Wide' },
];
const SITS: { value: Frame['sit']; label: string; about: string }[] = [
  { value: 'FILL', label: 'Fill', about: 'What hangs over is cropped' },
  { value: 'FIT', label: 'Fit', about: 'All is seen, with bars' },
];

/** The shape of the finished picture and how the clip sits in it. */
export function FramePart({ clip, track }: { clip: Clip; track: Track }) {
  const change = useChange(clip.id);
  const frame = track.frame;
  const set = (part: Partial<Frame>) => change.mutate({ kind: 'reframe', frame: { ...frame, ...part } });
  return (
    <Section title="Frame">
      <Choice label="Frame" options={ASPECTS} value={frame.aspect} onChange={(aspect) => set({ aspect })} />
      {frame.aspect !== 'OWN' && (
        <div className="mt-3 flex items-center gap-3">
          <div className="flex-1">
            <Choice
              label="How the clip sits"
              options={SITS}
              value={frame.sit}
              onChange={(sit) => set({ sit })}
            />
          </div>
          {frame.sit === 'FIT' && (
            <input
              type="color"
              aria-label="Colour of the bars"
              title="Colour of the bars"
              value={frame.barColour}
              onChange={(e) => set({ barColour: e.target.value })}
              className="size-9 cursor-pointer field p-1"
            />
          )}
        </div>
      )}
    </Section>
  );
}
