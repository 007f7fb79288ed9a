import { Popover } from 'radix-ui';
import { type ReactNode, useState } from 'react';

/** A long list opened beside the drawer; choosing closes it. */
export function ListPopover(props: {
  label: string;
  /** What is in the list. */
  of: string;
  trigger: ReactNode;
  triggerClass: string;
  contentClass: string;
  children: (close: () => void) => ReactNode;
}) {
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger aria-label={props.label} title={props.label} className={props.triggerClass}>
        {props.trigger}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="left"
          align="start"
          sideOffset={12}
          collisionPadding={12}
          aria-label={props.of}
          className={`z-50 w-80 rounded-lg border border-rule bg-paper shadow-xl ${props.contentClass}`}
        >
          {props.children(() => setOpen(false))}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
