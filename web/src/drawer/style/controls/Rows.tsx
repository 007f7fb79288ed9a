import { Plus, X } from 'lucide-react';
import type { ReactNode } from 'react';

/** Several of a kind, each of which can be taken out, and more added. */
export function Rows<T>(props: {
  label: string;
  items: T[];
  most: number;
  blank: T;
  add: string;
  onNow: (items: T[]) => void;
  children: (item: T, change: (item: T) => T[]) => ReactNode;
}) {
  const { items } = props;
  return (
    <div className="space-y-2" role="group" aria-label={props.label}>
      {items.map((item, i) => (
        <div key={i} className="relative space-y-1.5 rounded-lg bg-sunk/60 p-2.5 pr-8">
          {props.children(item, (changed) => items.map((other, j) => (j === i ? changed : other)))}
          <button
            aria-label={`Remove ${props.label.toLowerCase()} ${i + 1}`}
            onClick={() => props.onNow(items.filter((_, j) => j !== i))}
            className="absolute top-2 right-1.5 rounded p-1 text-soft hover:bg-page hover:text-ink"
          >
            <X size={14} />
          </button>
        </div>
      ))}
      {items.length < props.most && (
        <button
          onClick={() => props.onNow([...items, props.blank])}
          className="flex items-center gap-1.5 rounded-full border border-rule px-3 py-1 text-note hover:border-ink"
        >
          <Plus size={14} /> {props.add}
        </button>
      )}
    </div>
  );
}
