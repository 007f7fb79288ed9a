import { useRef, useState } from 'react';
import { Field } from '../../../ui/Field';

/** A part of something, “of the frame”, is shown in parts of a hundred. */
const PARTS = 'of the ';

/** A number: its label is dragged, its field typed in, wheeled and stepped with the arrow keys. */
export function NumberControl(props: {
  label: string;
  value: number;
  least: number;
  most: number;
  step: number;
  unit: string;
  onSoon: (value: number) => void;
  onNow: (value: number) => void;
}) {
  const parts = props.unit.startsWith(PARTS);
  const factor = parts ? 100 : 1;
  const step = props.step * factor;
  const digits = Math.max(0, Math.ceil(-Math.log10(step) - 1e-9));
  const [held, setHeld] = useState<number | null>(null);
  const grasp = useRef({ x: 0, value: 0 });
  const shown = held ?? props.value;
  const clamp = (value: number) =>
    Math.min(
      props.most,
      Math.max(props.least, Number((Math.round((value * factor) / step) * step).toFixed(4)) / factor),
    );
  const soon = (value: number) => {
    const to = clamp(value);
    setHeld(to);
    props.onSoon(to);
  };
  const stepBy = (steps: number) => soon(shown + steps * props.step);
  // What comes back from the server is shown again when the hand rests.
  const [last, setLast] = useState(props.value);
  if (last !== props.value) {
    setLast(props.value);
    setHeld(null);
  }
  const written = (value: number) => (value * factor).toFixed(digits);
  const take = (typed: string) => {
    const value = Number(
      typed
        .replace(',', '.')
        .replace('−', '-')
        .replace(/[\s%a-zµ°×]+$/i, ''),
    );
    if (!/\d/.test(typed) || !Number.isFinite(value)) {
      return `“${typed}” is not a number. It stays ${written(shown)}.`;
    }
    const to = Math.min(props.most, Math.max(props.least, value / factor));
    setHeld(to);
    props.onNow(to);
    if (Math.abs(to * factor - value) > 1e-9) {
      return `${written(props.least)} to ${written(props.most)}: it is ${written(to)} now.`;
    }
  };
  return (
    <div className="flex items-center justify-between gap-2">
      <span
        onPointerDown={(e) => {
          e.preventDefault();
          e.currentTarget.setPointerCapture(e.pointerId);
          grasp.current = { x: e.clientX, value: shown };
        }}
        onPointerMove={(e) => {
          if (!e.currentTarget.hasPointerCapture(e.pointerId)) return;
          const steps = Math.round((e.clientX - grasp.current.x) / 2) * (e.shiftKey ? 10 : 1);
          const to = clamp(grasp.current.value + steps * props.step);
          if (to !== shown) soon(to);
        }}
        title="Drag to change it; Shift for larger steps"
        className="min-w-0 flex-1 cursor-ew-resize touch-none truncate py-1 select-none"
      >
        {props.label}
      </span>
      <span className="flex flex-none items-center">
        <Field
          label={props.label}
          inputMode="decimal"
          shown={written(shown)}
          take={take}
          onWheel={(e) => document.activeElement === e.currentTarget && stepBy(e.deltaY < 0 ? 1 : -1)}
          onKey={(e) => {
            if (e.key !== 'ArrowUp' && e.key !== 'ArrowDown') return false;
            stepBy((e.key === 'ArrowUp' ? 1 : -1) * (e.shiftKey ? 10 : 1));
            return true;
          }}
          className="field w-16 px-1.5 py-0.5 text-right"
        />
        <span className="w-6 pl-1 text-tiny text-soft">{parts ? '%' : props.unit}</span>
      </span>
    </div>
  );
}
