import { RadioGroup } from 'radix-ui';
import type { ComponentProps } from 'react';

/** A radio group: reached by the Tab key, its options are chosen by arrow keys. */
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
  return <RadioGroup.Item {...props} />;
}
