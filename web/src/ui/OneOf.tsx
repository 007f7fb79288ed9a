import { RadioGroup } from 'radix-ui';
import type { ComponentProps } from 'react';

const ARROWS = ['ArrowLeft', 'ArrowRight', 'ArrowUp', 'ArrowDown', 'Home', 'End'];

/** An arrow key was the last thing that happened in a group: the focus that follows it chooses. */
let moving = false;

/** A radio group: reached by the Tab key, its options are chosen by arrow keys. */
export function OneOf({
  label,
  onChange,
  ...rest
}: {
  label: string;
  onChange: (value: string) => void;
} & Omit<ComponentProps<typeof RadioGroup.Root>, 'onChange' | 'onValueChange'>) {
  return (
    <RadioGroup.Root
      aria-label={label}
      onValueChange={onChange}
      onKeyDownCapture={(e) => (moving = ARROWS.includes(e.key))}
      onPointerDownCapture={() => (moving = false)}
      {...rest}
    />
  );
}

/** The focus moves in a timer, so that an arrow key that was let go before that would choose nothing. */
export function One({ onFocus, ...props }: ComponentProps<typeof RadioGroup.Item>) {
  return (
    <RadioGroup.Item
      {...props}
      onFocus={(e) => {
        onFocus?.(e);
        if (!moving) return;
        moving = false;
        if (e.currentTarget.getAttribute('aria-checked') === 'false') e.currentTarget.click();
        // While the key is still down, the option would choose itself a second time.
        e.preventDefault();
      }}
    />
  );
}
