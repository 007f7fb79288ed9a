import { Popover } from 'radix-ui';
import { useState } from 'react';
import { useTypefaces } from '../../../api/looks';

/** A few of the clip's words in a typeface, drawn by the same shaper as the captions. */
function Sample({ family, text, height }: { family: string; text: string; height: number }) {
  const url = `url("/api/typefaces/${encodeURIComponent(family)}/sample?text=${encodeURIComponent(text)}")`;
  return (
    <span
      aria-hidden
      className="block bg-current"
      style={{
        height,
        maskImage: url,
        maskSize: 'contain',
        maskRepeat: 'no-repeat',
        maskPosition: 'left center',
      }}
    />
  );
}

/** Every family in its own letters. */
export function TypefaceControl(props: { value: string; text: string; onNow: (family: string) => void }) {
  const typefaces = useTypefaces();
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        aria-label={`Typeface: ${props.value}`}
        className="field block w-full px-2.5 py-1.5 text-left"
      >
        <Sample family={props.value} text={props.text} height={26} />
        <span className="text-tiny text-soft">
          {props.value}
          {typefaces.data && !typefaces.data.some((f) => f.name === props.value) && (
            <span className="text-accent"> is not here: another stands in</span>
          )}
        </span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="left"
          align="start"
          sideOffset={12}
          collisionPadding={12}
          aria-label="Typefaces"
          className="z-50 max-h-[70vh] w-72 overflow-y-auto rounded-lg border border-rule bg-paper p-1.5 shadow-xl"
        >
          {typefaces.data?.map((family) => (
            <button
              key={family.name}
              data-family={family.name}
              onClick={() => {
                props.onNow(family.name);
                setOpen(false);
              }}
              className={`block w-full rounded-md px-2.5 py-1.5 text-left hover:bg-sunk ${family.name === props.value ? 'bg-tint' : ''}`}
            >
              <Sample family={family.name} text={props.text} height={28} />
              <span className="flex justify-between text-tiny text-soft">
                <span>{family.name}</span>
                <span>
                  {family.weights.join(' · ')}
                  {family.italic && ' · italic'}
                </span>
              </span>
            </button>
          ))}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
