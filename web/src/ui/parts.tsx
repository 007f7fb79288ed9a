import type { ReactNode } from 'react';
import { One, OneOf } from './OneOf';

export function Section({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="mb-7">
      <h2 className="mb-3 text-head font-semibold">{title}</h2>
      {children}
    </section>
  );
}

/** Without a click of its own it submits its form. */
export function MainButton(props: { onClick?: () => void; disabled?: boolean; children: ReactNode }) {
  return (
    <button
      type={props.onClick ? 'button' : 'submit'}
      onClick={props.onClick}
      disabled={props.disabled}
      className="flex w-full items-center justify-center gap-2 rounded-full bg-accent px-4 py-2.5 font-medium text-on-accent hover:brightness-110 disabled:bg-rule disabled:text-soft disabled:hover:brightness-100"
    >
      {props.children}
    </button>
  );
}

export function QuietButton(props: {
  onClick: () => void;
  disabled?: boolean;
  hint?: string;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      onClick={props.onClick}
      disabled={props.disabled}
      className="flex w-full items-center justify-between gap-2 rounded-full border border-rule px-4 py-2 hover:border-ink disabled:opacity-40 disabled:hover:border-rule"
    >
      <span className="flex items-center gap-2">{props.children}</span>
      {props.hint && <kbd className="font-sans text-tiny text-soft">{props.hint}</kbd>}
    </button>
  );
}

/** Something that is on or off, in a line. */
export function Tick(props: {
  checked: boolean;
  onChange: (on: boolean) => void;
  className?: string;
  children: ReactNode;
}) {
  return (
    <label className={`flex items-center gap-2 text-note text-soft ${props.className ?? ''}`}>
      <input
        type="checkbox"
        checked={props.checked}
        onChange={(e) => props.onChange(e.target.checked)}
        className="accent-accent"
      />
      {props.children}
    </label>
  );
}

/** One of a few, side by side. */
export function Choice<T extends string>(props: {
  label: string;
  options: { value: T; label: string; about: string }[];
  value: T;
  onChange: (value: T) => void;
}) {
  return (
    <OneOf
      label={props.label}
      value={props.value}
      onChange={(value) => props.onChange(value as T)}
      className="flex rounded-full bg-sunk p-1"
    >
      {props.options.map((option) => (
        <One
          key={option.value}
          value={option.value}
          title={option.about}
          className="flex-1 rounded-full py-1.5 text-soft hover:text-ink data-[state=checked]:bg-paper data-[state=checked]:font-semibold data-[state=checked]:text-ink data-[state=checked]:shadow-sm"
        >
          {option.label}
        </One>
      ))}
    </OneOf>
  );
}
