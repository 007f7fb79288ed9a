import { Search, X } from 'lucide-react';
import { useClients } from '../api/clients';
import type { Clip } from '../api/types';
import { One, OneOf } from '../ui/OneOf';
import { ORDERS, standings, type ShelfOrder } from './shelf';

export interface ShelfAsked {
  q: string;
  client: number | null;
  shelf: Clip['shelf'];
  standing: string;
  order: ShelfOrder;
}

const SHELVES: { shelf: Clip['shelf']; label: string; about: string }[] = [
  { shelf: 'HERE', label: 'Current', about: 'Clips that are being worked on' },
  { shelf: 'ARCHIVED', label: 'Archive', about: 'Archived clips' },
  { shelf: 'REMOVED', label: 'Removed', about: 'Clips that can be brought back for two weeks' },
];

/** Search, filters and sorting of clips. */
export function ShelfBar(props: {
  asked: ShelfAsked;
  /** Before filtering by progress and sorting. */
  found: Clip[];
  onAsk: (asked: Partial<ShelfAsked>) => void;
}) {
  const { asked, found, onAsk } = props;
  const clients = useClients().data ?? [];
  const field = 'field px-2 py-1.5';
  return (
    <div role="search" className="mx-auto mb-8 flex max-w-6xl flex-wrap items-center gap-x-3 gap-y-2">
      <div className="relative min-w-56 flex-1">
        <Search size={16} className="pointer-events-none absolute top-2.5 left-3 text-soft" />
        <input
          type="search"
          aria-label="Search names and words"
          placeholder="Search names and captions"
          value={asked.q}
          maxLength={200}
          onChange={(e) => onAsk({ q: e.target.value })}
          onKeyDown={(e) => e.key === 'Escape' && onAsk({ q: '' })}
          className="w-full field py-1.5 pr-9 pl-9 [&::-webkit-search-cancel-button]:hidden"
        />
        {asked.q && (
          <button
            aria-label="Clear the search"
            onClick={() => onAsk({ q: '' })}
            className="absolute top-2 right-2.5 text-soft hover:text-ink"
          >
            <X size={16} />
          </button>
        )}
      </div>
      <select
        aria-label="Whose clips"
        value={asked.client ?? ''}
        onChange={(e) => onAsk({ client: e.target.value === '' ? null : Number(e.target.value) })}
        className={field}
      >
        <option value="">Every client</option>
        <option value={0}>The workshop’s own</option>
        {clients.map((client) => (
          <option key={client.id} value={client.id}>
            {client.name}
          </option>
        ))}
      </select>
      <select
        aria-label="Progress"
        value={asked.standing}
        onChange={(e) => onAsk({ standing: e.target.value })}
        className={field}
      >
        <option value="">Any progress</option>
        {standings(found).map(({ standing, label, count }) => (
          <option key={standing} value={standing}>
            {label} ({count})
          </option>
        ))}
      </select>
      <select
        aria-label="Sort by"
        value={asked.order}
        onChange={(e) => onAsk({ order: e.target.value as ShelfOrder })}
        className={field}
      >
        {Object.entries(ORDERS).map(([order, label]) => (
          <option key={order} value={order}>
            {label}
          </option>
        ))}
      </select>
      <OneOf
        label="Shelf"
        value={asked.shelf}
        onChange={(shelf) => onAsk({ shelf: shelf as Clip['shelf'] })}
        className="flex rounded-full bg-sunk p-1"
      >
        {SHELVES.map(({ shelf, label, about }) => (
          <One
            key={shelf}
            value={shelf}
            title={about}
            className="rounded-full px-3 py-1 text-soft hover:text-ink data-[state=checked]:bg-paper data-[state=checked]:font-semibold data-[state=checked]:text-ink data-[state=checked]:shadow-sm"
          >
            {label}
          </One>
        ))}
      </OneOf>
    </div>
  );
}
