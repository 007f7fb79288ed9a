import { Check } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { useBelongTo, useClients } from '../api/clients';
import type { Clip } from '../api/types';

/** Chooses the client of the clip, who owns the glossary and saved recipes. */
export function ClientPicker({ clip }: { clip: Clip }) {
  const clients = useClients();
  const belong = useBelongTo(clip.id);
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const choose = (client: string | null) => {
    belong.mutate(client);
    setName('');
    setOpen(false);
  };
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        title="Whose clip it is"
        className={`max-w-36 flex-none truncate rounded px-1 hover:bg-sunk ${clip.client ? 'text-ink' : 'text-soft'}`}
      >
        {clip.client?.name ?? 'No client'}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={8}
          aria-label="Client of this clip"
          className="z-50 w-72 rounded-lg border border-rule bg-paper p-2 shadow-xl"
        >
          <p className="px-3 pt-1 pb-2 text-note text-soft">
            Names, terms and saved recipes belong to the client.
          </p>
          <ul>
            {[null, ...(clients.data ?? [])].map((client) => {
              const on = (client?.id ?? null) === (clip.client?.id ?? null);
              return (
                <li key={client?.id ?? 0}>
                  <button
                    onClick={() => choose(client?.name ?? null)}
                    className="flex w-full items-center justify-between rounded-md px-3 py-1.5 text-left hover:bg-sunk"
                  >
                    {client?.name ?? 'No client: the workshop’s own'}
                    {on && <Check size={15} className="text-accent" />}
                  </button>
                </li>
              );
            })}
          </ul>
          <form
            className="mt-1 border-t border-rule px-1 pt-2"
            onSubmit={(e) => {
              e.preventDefault();
              if (name.trim()) choose(name.trim());
            }}
          >
            <input
              aria-label="New client"
              placeholder="New client, then Enter"
              value={name}
              maxLength={80}
              onChange={(e) => setName(e.target.value)}
              className="w-full field px-2 py-1.5"
            />
          </form>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
