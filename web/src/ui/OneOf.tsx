import { RadioGroup } from 'radix-ui';
import type { ComponentProps } from 'react';

/**
 * A radio group. With the Tab key its options are chosen by arrow keys, as in any such group; a click returns the
 * keyboard to the bench, where the arrows move between words.
 */
export function OneOf({
  label,
  onChange,
  ...rest
}: {
  label: string;
  onChange: (value: string) => void;
} & Omit<ComponentProps<typeof RadioGroup.Root>, 'onChange' | 'onValueChange'>) {
  return <RadioGroup.Root aria-label={label} onValueChange={onChange} {...rest} />;
}

export function One(props: ComponentProps<typeof RadioGroup.Item>) {
  return (
    <RadioGroup.Item
      {...props}
      onClick={(e) => {
        props.onClick?.(e);
        // A key's click has no pointer; the focus stays with it.
        if (e.detail > 0) e.currentTarget.blur();
      }}
    />
  );
}
