import type { ReactNode } from 'react';

/** One of several options that can be combined. */
export function Chip(props: { on: boolean; title?: string; onClick: () => void; children: ReactNode }) {
  return (
    <button
      type="button"
      aria-pressed={props.on}
      title={props.title}
      onClick={props.onClick}
      className={`flex min-h-8 items-center gap-2 rounded-full border px-3 py-1 ${props.on ? 'border-ink bg-ink text-page' : 'border-rule bg-paper hover:border-ink'}`}
    >
      {props.children}
    </button>
  );
}
