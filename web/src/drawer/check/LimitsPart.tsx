import { ChevronDown } from 'lucide-react';
import { Collapsible } from 'radix-ui';
import { useLimitParts, useLimits, useSetLimits } from '../../api/checks';
import type { CheckKind, Clip, Limits } from '../../api/types';
import { useOpen } from '../../state/remembered';
import { QuietButton } from '../../ui/parts';
import { NumberControl } from '../style/controls/NumberControl';

/** The limits of all checks with their sources. */
export function LimitsPart({ clip, kinds, looked }: { clip: Clip; kinds: CheckKind[]; looked: CheckKind[] }) {
  const limits = useLimits(clip.client?.id).data;
  const parts = useLimitParts().data;
  const keep = useSetLimits(clip.client?.id);
  const set = (field: keyof Limits) => (value: number) => keep.mutate({ ...limits!, [field]: value });
  return (
    <div className="divide-y divide-rule border-y border-rule">
      <Fold name="limits" title={`Limits ${clip.client ? `of ${clip.client.name}` : 'of the workshop'}`}>
        {limits &&
          parts?.map((part) => (
            <NumberControl
              key={part.name}
              {...part}
              value={limits[part.name as keyof Limits]}
              onSoon={set(part.name as keyof Limits)}
              onNow={set(part.name as keyof Limits)}
            />
          ))}
        <QuietButton onClick={() => keep.mutate(null)}>Reset to the defaults</QuietButton>
      </Fold>
      <Fold name="checks" title="What is checked">
        <ul className="space-y-2 text-note">
          {kinds.map((kind) => (
            <li key={kind.kind}>
              {kind.label}
              {!looked.includes(kind) && <span className="text-accent"> (not measured yet)</span>}
              <span className="block text-soft">{kind.source}</span>
            </li>
          ))}
        </ul>
      </Fold>
    </div>
  );
}

function Fold({ name, title, children }: { name: string; title: string; children: React.ReactNode }) {
  const [open, setOpen] = useOpen(name, false);
  return (
    <Collapsible.Root open={open} onOpenChange={setOpen}>
      <Collapsible.Trigger className="group flex w-full items-center justify-between py-2.5 text-left font-semibold">
        {title}
        <ChevronDown
          size={16}
          className="-rotate-90 text-soft transition-transform group-data-[state=open]:rotate-0"
        />
      </Collapsible.Trigger>
      <Collapsible.Content className="flex flex-col gap-2 pb-4">{children}</Collapsible.Content>
    </Collapsible.Root>
  );
}
