import { RotateCw } from 'lucide-react';
import type { Clip, Frame, Track } from '../../api/types';
import { Field } from '../../ui/Field';
import { Choice, Section } from '../../ui/parts';

const ASPECTS: { value: Frame['aspect']; label: string; about: string }[] = [
  { value: 'OWN', label: 'Own', about: 'As the clip is' },
  { value: 'TALL', label: '9:16', about: 'Tall' },
  { value: 'PORTRAIT', label: '4:5', about: 'Portrait' },
  { value: 'SQUARE', label: '1:1', about: 'Square' },
  { value: 'WIDE', label: '16:9', about: 'Wide' },
];
const SITS: { value: Frame['sit']; label: string; about: string }[] = [
  { value: 'FILL', label: 'Fill', about: 'What is outside is cropped' },
  { value: 'FIT', label: 'Fit', about: 'The whole picture is visible, with bars' },
];

export function ShapePart(props: {
  clip: Clip;
  track: Track;
  frame: Frame;
  set: (part: Partial<Frame>) => void;
}) {
  const { clip, track, frame, set } = props;
  const { output } = track.layout;
  return (
    <Section title="Frame">
      <Choice
        label="Shape of the frame"
        options={ASPECTS}
        value={frame.aspect}
        onChange={(aspect) => set({ aspect, typed: undefined })}
      />
      <TypedSize
        key={`${output.width}x${output.height}`}
        output={output}
        typed={frame.aspect === 'TYPED'}
        set={set}
      />
      {frame.aspect !== 'OWN' && (
        <div className="mt-3">
          <Choice
            label="How the clip sits"
            options={SITS}
            value={frame.sit}
            onChange={(sit) => set({ sit })}
          />
        </div>
      )}
      <div className="mt-3 flex items-center justify-between text-note text-soft">
        <span>
          The clip is {clip.width}×{clip.height}
          {frame.turn ? `, turned by ${frame.turn}°` : ''}
        </span>
        <button
          onClick={() => set({ turn: ((frame.turn ?? 0) + 90) % 360 })}
          title="Turn the clip by a quarter to the right"
          className="flex items-center gap-1.5 rounded-full border border-rule px-3 py-1 text-ink hover:border-ink"
        >
          <RotateCw size={14} /> Turn
        </button>
      </div>
    </Section>
  );
}

/** Width and height of the finished picture; typed they are a frame of their own. */
function TypedSize(props: {
  output: { width: number; height: number };
  typed: boolean;
  set: (part: Partial<Frame>) => void;
}) {
  const take = (side: 'width' | 'height') => (typed: string) => {
    if (!/^\d+$/.test(typed)) return `“${typed}” is not a number of pixels. It stays ${props.output[side]}.`;
    props.set({ aspect: 'TYPED', typed: { ...props.output, [side]: Number(typed) } });
  };
  const field = 'field w-16 px-1.5 py-0.5 text-right';
  return (
    <div className="mt-3 flex items-center gap-2">
      <span className="flex-1">Size{props.typed ? ', typed' : ''}</span>
      <Field
        label="Width in pixels"
        inputMode="numeric"
        shown={String(props.output.width)}
        take={take('width')}
        className={field}
      />
      ×
      <Field
        label="Height in pixels"
        inputMode="numeric"
        shown={String(props.output.height)}
        take={take('height')}
        className={field}
      />
    </div>
  );
}
