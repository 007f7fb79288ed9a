import { Plus, X } from 'lucide-react';
import type { ValueParts } from '../../../api/types';
import { KindControl } from './KindControl';
import type { Parted } from './PartControls';

/** A list of values of one kind, with adding and removing. */
export function SeveralControl(props: {
  label: string;
  one: string;
  kinds: ValueParts[];
  most: number;
  items: Parted[];
  palette: string[];
  onSoon: (items: Parted[]) => void;
  onNow: (items: Parted[]) => void;
}) {
  const { items } = props;
  const at = (i: number, changed: Parted) => items.map((other, j) => (j === i ? changed : other));
  return (
    <div className="space-y-2" role="group" aria-label={props.label}>
      {items.map((item, i) => (
        <div key={i} className="relative rounded-lg bg-sunk/60 p-2.5 pr-8">
          <KindControl
            label="Kind"
            kinds={props.kinds}
            value={item}
            palette={props.palette}
            onSoon={(changed) => props.onSoon(at(i, changed))}
            onNow={(changed) => props.onNow(at(i, changed))}
          />
          <button
            aria-label={`Remove ${props.one} ${i + 1}`}
            onClick={() => props.onNow(items.filter((_, j) => j !== i))}
            className="absolute top-2 right-1.5 rounded p-1 text-soft hover:bg-page hover:text-ink"
          >
            <X size={14} />
          </button>
        </div>
      ))}
      {items.length < props.most && (
        <button
          onClick={() => props.onNow([...items, props.kinds[0].blank as Parted])}
          className="flex items-center gap-1.5 rounded-full border border-rule px-3 py-1 text-note hover:border-ink"
        >
          <Plus size={14} /> {/^[aeiou]/.test(props.one) ? 'An' : 'A'} {props.one}
        </button>
      )}
    </div>
  );
}
