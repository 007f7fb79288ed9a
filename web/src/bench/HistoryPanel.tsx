import { Popover } from 'radix-ui';
import { useEffect, useRef, type ReactNode } from 'react';
import { useHistory } from '../api/proof';
import { useGoTo } from '../api/changes';
import type { HistoryStep, Track } from '../api/types';
import { usePanels } from '../state/panels';

/** Every step in plain words, the newest first; a click goes back, or on again, to that point. */
export function HistoryPanel(props: { clipId: string; track: Track; children: ReactNode }) {
  const { clipId, track, children } = props;
  const open = usePanels((s) => s.history);
  const { set } = usePanels.getState();
  const history = useHistory(clipId, track.version, open);
  const goTo = useGoTo(clipId);
  const list = useRef<HTMLDivElement>(null);
  const steps = [...(history.data ?? [])].reverse();
  const now = steps.find((s) => !s.undone)?.seq ?? 0;
  useEffect(() => {
    if (!open || !history.data) return;
    const here = list.current?.querySelector<HTMLElement>('[aria-current]');
    here?.scrollIntoView({ block: 'nearest' });
    here?.focus({ preventScroll: true });
  }, [open, history.data]);
  return (
    <Popover.Root open={open} onOpenChange={(on) => set({ history: on })}>
      <Popover.Anchor>{children}</Popover.Anchor>
      <Popover.Portal>
        <Popover.Content
          align="end"
          sideOffset={8}
          aria-label="History"
          onOpenAutoFocus={(e) => e.preventDefault()}
          onInteractOutside={(e) => {
            if ((e.target as HTMLElement).closest('[aria-label=History]')) e.preventDefault();
          }}
          className="z-50 w-96 rounded-lg border border-rule bg-paper p-2 shadow-xl"
        >
          <p className="px-4 pt-1 pb-2 text-note text-soft">
            {steps.length === 0
              ? 'No changes yet.'
              : `${steps.length} ${steps.length === 1 ? 'step' : 'steps'}. Click one to go there; nothing is lost until you change something else.`}
          </p>
          <div ref={list} tabIndex={-1} className="max-h-[60vh] overflow-y-auto p-1">
            {steps.map((step) => (
              <Row key={step.seq} step={step} on={step.seq === now} go={() => goTo.mutate(step.seq)} />
            ))}
            <button
              aria-current={now === 0 || undefined}
              onClick={() => goTo.mutate(0)}
              className={`flex w-full items-baseline gap-3 rounded-md px-3 py-1.5 text-left hover:bg-sunk ${now === 0 ? 'bg-tint font-semibold' : ''}`}
            >
              The beginning
            </button>
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

function Row({ step, on, go }: { step: HistoryStep; on: boolean; go: () => void }) {
  const time = new Date(step.made).toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' });
  return (
    <button
      onClick={go}
      aria-current={on || undefined}
      className={`flex w-full items-baseline gap-3 rounded-md px-3 py-1.5 text-left hover:bg-sunk ${on ? 'bg-tint font-semibold' : ''} ${step.undone ? 'text-soft' : ''}`}
    >
      <span className={`min-w-0 flex-1 ${step.undone ? 'line-through decoration-1' : ''}`}>{step.said}</span>
      <span className="flex-none text-tiny font-normal text-soft">
        {step.by ? `${step.by}, ` : ''}
        {time}
      </span>
    </button>
  );
}
