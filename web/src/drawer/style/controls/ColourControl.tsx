import { Pipette } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { useDropper } from '../../../state/dropper';
import { readColour } from '../../../ui/colour';
import { Field } from '../../../ui/Field';
import { NumberControl } from './NumberControl';

const opaque = (colour: string) => colour.slice(0, 7);
const alphaOf = (colour: string) => (colour.length === 9 ? parseInt(colour.slice(7), 16) / 255 : 1);
const withAlpha = (colour: string, alpha: number) =>
  alpha >= 1
    ? opaque(colour)
    : opaque(colour) +
      Math.round(alpha * 255)
        .toString(16)
        .padStart(2, '0');

/** Chooses a colour: picker, text, palette, or from the picture. */
export function ColourControl(props: {
  label: string;
  value: string;
  palette: string[];
  /** How it stands out from what is beside it, where that is known. */
  note?: string;
  onSoon: (value: string) => void;
  onNow: (value: string) => void;
}) {
  const { value } = props;
  const [open, setOpen] = useState(false);
  const take = (typed: string) => {
    const colour = readColour(typed);
    if (colour === null) return `“${typed}” is not a colour: a name, or # and six digits. It stays ${value}.`;
    props.onNow(colour);
  };
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <div className="flex items-center justify-between gap-2">
        <span className="min-w-0 flex-1 truncate">{props.label}</span>
        {props.note && <span className="text-tiny text-soft">{props.note}</span>}
        <Popover.Trigger
          aria-label={`${props.label}: ${value}`}
          className="field flex flex-none items-center gap-1.5 py-0.5 pr-2 pl-1 text-note"
        >
          <Swatch colour={value} />
          <span className="w-[62px] text-left">{opaque(value)}</span>
        </Popover.Trigger>
      </div>
      <Popover.Portal>
        <Popover.Content
          side="left"
          align="start"
          sideOffset={12}
          collisionPadding={12}
          aria-label={props.label}
          className="z-50 w-60 space-y-3 rounded-lg border border-rule bg-paper p-3 shadow-xl"
        >
          <div className="flex items-center gap-2">
            <input
              type="color"
              aria-label={`${props.label}, any colour`}
              value={opaque(value)}
              onChange={(e) => props.onSoon(withAlpha(e.target.value, alphaOf(value)))}
              className="h-9 w-12 flex-none cursor-pointer rounded border border-rule bg-paper p-0.5"
            />
            <Field
              label={`${props.label}, written`}
              shown={value}
              take={take}
              className="field w-[108px] px-2 py-1"
            />
            <button
              title="Take a colour from the picture"
              aria-label="Take a colour from the picture"
              onClick={() => {
                setOpen(false);
                useDropper.setState({ take: (colour) => props.onNow(withAlpha(colour, alphaOf(value))) });
              }}
              className="rounded-md p-1.5 hover:bg-sunk"
            >
              <Pipette size={16} />
            </button>
          </div>
          <NumberControl
            label="Opacity"
            value={alphaOf(value)}
            least={0}
            most={1}
            step={0.01}
            unit="of the frame"
            onSoon={(alpha) => props.onSoon(withAlpha(value, alpha))}
            onNow={(alpha) => props.onNow(withAlpha(value, alpha))}
          />
          <div className="flex flex-wrap gap-1.5" role="group" aria-label="Colours in use">
            {props.palette.map((colour) => (
              <button
                key={colour}
                title={colour}
                aria-label={colour}
                onClick={() => props.onNow(withAlpha(colour, alphaOf(value)))}
                className="rounded-md p-0.5 hover:bg-sunk"
              >
                <Swatch colour={colour} />
              </button>
            ))}
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** A colour on a chequered background, which shows transparency. */
export function Swatch({ colour }: { colour: string }) {
  return (
    <span
      className="block size-5 rounded border border-ink/25"
      style={{
        background: `linear-gradient(${colour}, ${colour}), repeating-conic-gradient(#cfcabb 0 25%, #fff 0 50%) 0 0 / 8px 8px`,
      }}
    />
  );
}
