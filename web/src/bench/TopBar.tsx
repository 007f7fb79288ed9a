import { History, Keyboard, Redo2, Undo2 } from 'lucide-react';
import { Link } from 'react-router';
import { useIsMutating } from '@tanstack/react-query';
import { useChange } from '../api/changes';
import type { Clip, Track } from '../api/types';
import { ClientPicker } from './ClientPicker';
import { HistoryPanel } from './HistoryPanel';
import { OthersHere } from './OthersHere';
import { IconButton } from '../ui/IconButton';
import { Mark } from '../ui/Mark';
import { usePanels } from '../state/panels';
import { STEPS, type StepName } from '../state/steps';

export function TopBar({ clip, track, step }: { clip: Clip; track: Track; step: StepName }) {
  const change = useChange(clip.id);
  const saving = useIsMutating() > 0;
  const { set } = usePanels.getState();
  return (
    <header className="flex h-[52px] flex-none items-center gap-3 border-b border-rule px-4 max-[699px]:h-auto max-[699px]:flex-wrap max-[699px]:gap-y-0 max-[699px]:px-2">
      <Link to="/" aria-label="All clips" title="All clips" className="rounded-md p-1 hover:bg-sunk">
        <Mark size={26} />
      </Link>
      <div className="flex w-72 min-w-0 items-baseline gap-1.5 text-head max-[1099px]:w-auto max-[1099px]:flex-1">
        <ClientPicker clip={clip} />
        <span className="text-soft">/</span>
        <h1 className="min-w-0 truncate font-semibold">{clip.name}</h1>
      </div>
      <nav
        aria-label="Steps"
        className="mx-auto flex gap-1 max-[699px]:order-last max-[699px]:w-full max-[699px]:justify-around"
      >
        {STEPS.map((s) => (
          <Link
            key={s.step}
            to={`/clips/${clip.id}/${s.step}`}
            data-step={s.step}
            onClick={() => set({ turn: 'drawer' })}
            aria-current={s.step === step ? 'step' : undefined}
            className={`relative px-4 py-3.5 max-[1099px]:px-3 max-[699px]:px-1 max-[699px]:py-2.5 max-[699px]:text-note ${s.step === step ? 'font-semibold text-ink' : 'text-soft hover:text-ink'}`}
          >
            {s.label}
            {s.step === step && <span className="absolute inset-x-4 bottom-0 h-[3px] rounded-t bg-accent" />}
          </Link>
        ))}
      </nav>
      <div className="flex w-72 items-center justify-end gap-1 max-[1099px]:w-auto">
        <OthersHere />
        <span className="mr-2 text-note text-soft max-[699px]:sr-only" aria-live="polite">
          {saving ? 'Saving' : 'Saved'}
        </span>
        <IconButton
          label={track.undo ? `Undo: ${track.undo}` : 'Nothing to undo'}
          hint="Ctrl Z"
          disabled={!track.undo}
          onClick={() => change.mutate({ kind: 'undo' })}
        >
          <Undo2 size={18} />
        </IconButton>
        <IconButton
          label={track.redo ? `Redo: ${track.redo}` : 'Nothing to redo'}
          hint="Ctrl Shift Z"
          disabled={!track.redo}
          onClick={() => change.mutate({ kind: 'redo' })}
        >
          <Redo2 size={18} />
        </IconButton>
        <HistoryPanel clipId={clip.id} track={track}>
          <IconButton
            label="History"
            hint="H"
            onClick={() => set({ history: !usePanels.getState().history })}
          >
            <History size={18} />
          </IconButton>
        </HistoryPanel>
        <IconButton label="Keys" hint="?" onClick={() => set({ keys: true })}>
          <Keyboard size={18} />
        </IconButton>
      </div>
    </header>
  );
}
