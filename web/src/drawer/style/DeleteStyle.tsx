import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { usePutAway, useStyleUses } from '../../api/styles';
import type { Style } from '../../api/types';

const counted = (count: number, what: string) => `${count} ${what}${count === 1 ? '' : 's'}`;

/** Takes a style of one's own out of the strip. Where clips use it, it says so and asks. */
export function DeleteStyle({ style, deleted }: { style: Style; deleted: (name: string) => void }) {
  const [asking, setAsking] = useState(false);
  const uses = useStyleUses(asking ? style.name : null).data;
  const putAway = usePutAway();
  if (!asking) {
    return (
      <button
        onClick={() => setAsking(true)}
        className="flex items-center gap-2 text-note text-soft hover:text-ink"
      >
        <Trash2 size={15} /> Delete “{style.name}”
      </button>
    );
  }
  if (!uses) return <p className="text-note text-soft">Looking for clips that use it</p>;
  return (
    <div role="group" aria-label={`Delete ${style.name}?`} className="rounded-lg bg-sunk p-3 text-note">
      <p>
        {uses.clips === 0
          ? 'No clip uses it.'
          : `${counted(uses.clips, 'clip')} ${uses.clips === 1 ? 'uses' : 'use'} it and ${uses.clips === 1 ? 'keeps' : 'keep'} it as it is.`}{' '}
        {uses.clients > 0 &&
          `New clips of ${counted(uses.clients, 'client')} start with it; they will start without a style. `}
        It leaves the strip, and can be restored.
      </p>
      <div className="mt-2 flex gap-2">
        <button
          onClick={() =>
            putAway.mutate({ style: style.name, away: true }, { onSuccess: () => deleted(style.name) })
          }
          className="rounded-full border border-rule px-3 py-1 hover:border-ink"
        >
          Delete it
        </button>
        <button onClick={() => setAsking(false)} className="px-2 py-1 text-soft hover:text-ink">
          Keep it
        </button>
      </div>
    </div>
  );
}
