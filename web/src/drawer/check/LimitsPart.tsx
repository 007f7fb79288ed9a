import { ChevronDown } from 'lucide-react';
import { Collapsible } from 'radix-ui';
import { useLimits, useSetLimits } from '../../api/checks';
import type { CheckKind, Clip, Limits } from '../../api/types';
import { QuietButton } from '../../ui/parts';
import { NumberControl } from '../style/controls/NumberControl';

const FIELDS: {
  field: keyof Limits;
  label: string;
  unit: string;
  least: number;
  most: number;
  step: number;
}[] = [
  { field: 'charactersASecond', label: 'Reading', unit: 'c/s', least: 5, most: 60, step: 1 },
  { field: 'signsASecond', label: 'Reading, signs', unit: 'c/s', least: 2, most: 40, step: 1 },
  { field: 'shortestMs', label: 'Shortest', unit: 'ms', least: 0, most: 5000, step: 50 },
  { field: 'glanceMs', label: 'Shortest, one word', unit: 'ms', least: 0, most: 5000, step: 20 },
  { field: 'longestMs', label: 'Longest', unit: 'ms', least: 500, most: 60000, step: 500 },
  { field: 'tallLine', label: 'Line, tall frames', unit: '', least: 5, most: 200, step: 1 },
  { field: 'wideLine', label: 'Line, wide frames', unit: '', least: 5, most: 200, step: 1 },
  { field: 'lines', label: 'Lines', unit: '', least: 1, most: 4, step: 1 },
  { field: 'smallest', label: 'Smallest letters', unit: '', least: 0, most: 200, step: 1 },
  { field: 'voiceMs', label: 'Off the voice', unit: 'ms', least: 20, most: 2000, step: 10 },
  { field: 'silenceMs', label: 'Over silence', unit: 'ms', least: 0, most: 10000, step: 100 },
  { field: 'gapMs', label: 'Shortest gap', unit: 'ms', least: 0, most: 2000, step: 10 },
  { field: 'contrast', label: 'Least contrast', unit: ': 1', least: 1, most: 21, step: 0.1 },
  { field: 'emphasis', label: 'Emphasised', unit: 'of the frame', least: 0, most: 1, step: 0.05 },
];

/** What is looked for, from where on it is a finding, and where each limit comes from. */
export function LimitsPart({ clip, kinds, looked }: { clip: Clip; kinds: CheckKind[]; looked: CheckKind[] }) {
  const limits = useLimits(clip.client?.id).data;
  const keep = useSetLimits(clip.client?.id);
  const set = (field: keyof Limits) => (value: number) => keep.mutate({ ...limits!, [field]: value });
  return (
    <div className="divide-y divide-rule border-y border-rule">
      <Fold title={`Limits ${clip.client ? `of ${clip.client.name}` : 'of the workshop'}`}>
        {limits &&
          FIELDS.map(({ field, ...control }) => (
            <NumberControl
              key={field}
              {...control}
              value={limits[field]}
              onSoon={set(field)}
              onNow={set(field)}
            />
          ))}
        <QuietButton onClick={() => keep.mutate(null)}>Back to what is usual</QuietButton>
      </Fold>
      <Fold title="What is looked for">
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

function Fold({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Collapsible.Root>
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
