import { Popover } from 'radix-ui';
import { useState } from 'react';
import { useTypefaces } from '../../../api/looks';
import { TypefaceList } from './TypefaceList';
import { TypefaceSample } from './TypefaceSample';

/** The family of the letters, chosen among all there are, each in its own letters. */
export function TypefaceControl(props: { value: string; text: string; onNow: (family: string) => void }) {
  const typefaces = useTypefaces();
  const [open, setOpen] = useState(false);
  const here = typefaces.data?.some((f) => f.name.toLowerCase() === props.value.toLowerCase());
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        aria-label={`Typeface: ${props.value}`}
        className="field block w-full px-2.5 py-1.5 text-left"
      >
        <TypefaceSample family={props.value} text={props.text} height={26} />
        <span className="text-tiny text-soft">
          {props.value}
          {here === false && <span className="text-accent"> is not here: another stands in</span>}
        </span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="left"
          align="start"
          sideOffset={12}
          collisionPadding={12}
          aria-label="Typefaces"
          className="z-50 flex max-h-[76vh] w-80 flex-col rounded-lg border border-rule bg-paper shadow-xl"
        >
          <TypefaceList
            value={props.value}
            text={props.text}
            onChoose={(family) => {
              props.onNow(family);
              setOpen(false);
            }}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
