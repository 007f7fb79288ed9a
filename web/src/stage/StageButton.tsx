import type { ReactNode } from 'react';

/** A quiet button in the dark of the stage. */
export function StageButton(props: {
  label: string;
  hint: string;
  pressed?: boolean;
  disabled?: boolean;
  onClick: () => void;
  children: ReactNode;
}) {
  return (
    <button
      onClick={props.onClick}
      disabled={props.disabled}
      aria-label={props.label}
      aria-pressed={props.pressed}
      title={`${props.label} (${props.hint})`}
      className="flex size-8 flex-none items-center justify-center rounded-full hover:bg-white/15 hover:text-white disabled:opacity-40 aria-pressed:bg-white/20 aria-pressed:text-white"
    >
      {props.children}
    </button>
  );
}
