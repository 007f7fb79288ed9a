import { Popover } from 'radix-ui';
import { useRef, useState } from 'react';
import { Field } from '../../../ui/Field';
import { useCurve, useCurves } from '../../../api/looks';

/** The part of the plot above and below the way from 0 to 1, for what overshoots. */
const OVER = 0.35;
const SIZE = 208;
/** Chooses an easing: a preset, two handles, or text. */
export function CurveControl(props: { label: string; value: string; onNow: (curve: string) => void }) {
  const [open, setOpen] = useState(false);
  const presets = useCurves().data ?? [];
  const known = presets.find((p) => p.curve === props.value);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <div className="flex items-center justify-between gap-2">
        <span className="min-w-0 flex-1 truncate">{props.label}</span>
        <Popover.Trigger
          aria-label={`${props.label}: ${props.value}`}
          className="field flex w-36 flex-none items-center gap-2 px-1.5 py-0.5 text-note"
        >
          <Plot curve={props.value} size={26} />
          <span className="truncate">{known?.label ?? 'By hand'}</span>
        </Popover.Trigger>
      </div>
      <Popover.Portal>
        <Popover.Content
          side="left"
          align="center"
          sideOffset={12}
          collisionPadding={12}
          aria-label={props.label}
          className="z-50 w-60 space-y-3 rounded-lg border border-rule bg-paper p-3.5 shadow-xl"
        >
          <Editor value={props.value} onNow={props.onNow} />
          <div className="grid grid-cols-4 gap-1.5" role="group" aria-label="Curves">
            {presets.map((preset) => (
              <button
                key={preset.curve}
                title={preset.label}
                aria-label={preset.label}
                aria-pressed={preset.curve === props.value}
                onClick={() => props.onNow(preset.curve)}
                className="flex items-center justify-center rounded-md border border-transparent py-1 hover:bg-sunk aria-pressed:border-accent"
              >
                <Plot curve={preset.curve} size={34} />
              </button>
            ))}
          </div>
          <Field
            label="Curve, written"
            shown={props.value}
            maxLength={80}
            take={(curve) => (curve === '' ? undefined : props.onNow(curve))}
            className="field w-full px-2 py-1 text-note"
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** The line of a curve, from the bottom left to the top right, with room for what overshoots. */
function lineOf(samples: number[], size: number): string {
  const scale = size / (1 + 2 * OVER);
  return samples.map((y, i) => `${(i / (samples.length - 1)) * size},${(1 + OVER - y) * scale}`).join(' ');
}

function Plot({ curve, size }: { curve: string; size: number }) {
  const samples = useCurve(curve).data?.samples ?? [];
  return (
    <svg width={size} height={size} aria-hidden className="flex-none overflow-visible">
      <polyline
        points={lineOf(samples, size)}
        fill="none"
        stroke="currentColor"
        strokeWidth={1.75}
        strokeLinejoin="round"
      />
    </svg>
  );
}

function Editor({ value, onNow }: { value: string; onNow: (curve: string) => void }) {
  const [held, setHeld] = useState<number[] | null>(null);
  const plot = useRef<SVGSVGElement>(null);
  const own = useCurve(value).data?.handles ?? [];
  const numbers = held ?? (own.length > 0 ? own : null);
  const samples = useCurve(held ? written(held) : value).data?.samples ?? [];
  const scale = SIZE / (1 + 2 * OVER);
  const x = (part: number) => part * SIZE;
  const y = (part: number) => (1 + OVER - part) * scale;
  const drag = (handle: number) => (e: React.PointerEvent) => {
    if (!e.currentTarget.hasPointerCapture(e.pointerId) || !numbers) return;
    const at = plot.current!.getBoundingClientRect();
    const next = [...numbers];
    next[2 * handle] = round(Math.min(1, Math.max(0, (e.clientX - at.left) / SIZE)));
    next[2 * handle + 1] = round(
      Math.min(1 + OVER, Math.max(-OVER, 1 + OVER - (e.clientY - at.top) / scale)),
    );
    setHeld(next);
  };
  const done = () => {
    if (held) onNow(written(held));
    setHeld(null);
  };
  return (
    <svg ref={plot} width={SIZE} height={SIZE} className="block overflow-visible rounded-md bg-sunk/60">
      <line x1={0} x2={SIZE} y1={y(0)} y2={y(0)} className="stroke-rule" />
      <line x1={0} x2={SIZE} y1={y(1)} y2={y(1)} className="stroke-rule" />
      <polyline
        points={lineOf(samples, SIZE)}
        fill="none"
        className="stroke-ink"
        strokeWidth={2.5}
        strokeLinejoin="round"
      />
      {numbers &&
        [0, 1].map((handle) => (
          <g key={handle}>
            <line
              x1={x(handle)}
              y1={y(handle)}
              x2={x(numbers[2 * handle])}
              y2={y(numbers[2 * handle + 1])}
              className="stroke-accent"
            />
            <circle
              role="slider"
              aria-label={handle === 0 ? 'How it starts' : 'How it lands'}
              aria-valuetext={`${numbers[2 * handle]}, ${numbers[2 * handle + 1]}`}
              aria-valuenow={numbers[2 * handle + 1]}
              tabIndex={0}
              cx={x(numbers[2 * handle])}
              cy={y(numbers[2 * handle + 1])}
              r={7}
              onPointerDown={(e) => e.currentTarget.setPointerCapture(e.pointerId)}
              onPointerMove={drag(handle)}
              onPointerUp={done}
              onKeyDown={(e) => {
                const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[
                  e.key
                ];
                if (!step) return;
                e.preventDefault();
                const next = [...numbers];
                next[2 * handle] = round(Math.min(1, Math.max(0, next[2 * handle] + 0.05 * step[0])));
                next[2 * handle + 1] = round(next[2 * handle + 1] + 0.05 * step[1]);
                onNow(written(next));
              }}
              className="cursor-grab touch-none fill-accent stroke-paper"
              strokeWidth={2}
            />
          </g>
        ))}
    </svg>
  );
}

const round = (part: number) => Math.round(part * 100) / 100;
const written = (numbers: number[]) => `cubic-bezier(${numbers.join(', ')})`;
