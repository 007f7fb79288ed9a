import type { CSSProperties, InputHTMLAttributes } from 'react';

type Props = Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange' | 'type'> & {
  min: number;
  max: number;
  value: number;
  set: (value: number) => void;
};

/** A range that looks the same in every browser: what is left of its knob is filled. */
export function Slider({ value, set, ...rest }: Props) {
  return (
    <input
      {...rest}
      type="range"
      value={value}
      onChange={(e) => set(Number(e.target.value))}
      style={{ '--done': (value - rest.min) / (rest.max - rest.min || 1) } as CSSProperties}
    />
  );
}
