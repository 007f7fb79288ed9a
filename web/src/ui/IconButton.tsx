import type { ReactNode } from 'react';

/** A button with only an icon; its name and key are shown on hover and read by screen readers. */
export function IconButton(props: {
  label: string;
  /** Its key; empty where it has none. */
  hint: string;
  small?: boolean;
  disabled?: boolean;
  onClick: () => void;
  children: ReactNode;
}) {
  return (
    <button
      aria-label={props.label}
      title={props.hint ? `${props.label} (${props.hint})` : props.label}
      disabled={props.disabled}
      onClick={props.onClick}
      tabIndex={props.small ? -1 : 0}
      className={`flex items-center justify-center rounded-md hover:bg-sunk disabled:opacity-30 disabled:hover:bg-transparent ${props.small ? 'size-8 text-soft hover:text-ink min-[700px]:@max-[400px]:size-6' : 'size-9'}`}
    >
      {props.children}
    </button>
  );
}
