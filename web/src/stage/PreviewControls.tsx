import { ChevronLeft, ChevronRight, Smartphone, Volume2, VolumeX, X } from 'lucide-react';
import { useEffect } from 'react';
import type { Track } from '../api/types';
import { usePlayer } from '../player/player';
import { findings, goTo, nextFinding, useHeld } from '../state/findings';
import { usePanels } from '../state/panels';
import { StageButton } from './StageButton';

const NEAR_MS = 600;

/** Sound, safe areas and findings while the whole clip plays; Escape goes back to the bench. */
export function PreviewControls({ clipId, track }: { clipId: string; track: Track }) {
  const muted = usePlayer((s) => s.muted);
  const zones = usePanels((s) => s.zones);
  const count = findings.use(clipId, (f) => f.open.length);
  const { set } = usePanels.getState();
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (e.key === 'Escape' && !e.defaultPrevented) {
        e.preventDefault();
        set({ preview: false });
      }
    };
    window.addEventListener('keydown', onKey, { capture: true });
    return () => window.removeEventListener('keydown', onKey, { capture: true });
  }, [set]);
  const go = (by: 1 | -1) => () => {
    const next = nextFinding(clipId, by);
    if (next)
      goTo(
        next,
        track.headlines.map((one) => one.id),
      );
  };
  return (
    <>
      <Said clipId={clipId} />
      <StageButton label="Finding before" hint="Shift F" disabled={count === 0} onClick={go(-1)}>
        <ChevronLeft size={18} />
      </StageButton>
      <StageButton label="Next finding" hint="F" disabled={count === 0} onClick={go(1)}>
        <ChevronRight size={18} />
      </StageButton>
      <StageButton
        label={muted ? 'Sound on' : 'Sound off'}
        hint="M"
        pressed={muted}
        onClick={() => usePlayer.getState().mute()}
      >
        {muted ? <VolumeX size={17} /> : <Volume2 size={17} />}
      </StageButton>
      <StageButton label="Safe areas" hint="Z" pressed={zones} onClick={() => set({ zones: !zones })}>
        <Smartphone size={17} />
      </StageButton>
      <StageButton label="Back to the bench" hint="Esc" onClick={() => set({ preview: false })}>
        <X size={18} />
      </StageButton>
    </>
  );
}

/** The findings at the playhead. */
function Said({ clipId }: { clipId: string }) {
  const open = findings.use(clipId, (f) => f.open);
  const held = useHeld(clipId);
  const none = findings.use(clipId, (f) => (f.found?.picture ? 'No findings' : 'No findings yet'));
  const here = usePlayer((s) => {
    const near = held && Math.abs(held.spot.ms - s.timeMs) < NEAR_MS ? held : null;
    return (near ?? open.find((f) => Math.abs(f.spot.ms - s.timeMs) < NEAR_MS))?.said ?? '';
  });
  return (
    <span
      aria-live="polite"
      data-testid="finding-says"
      className="w-80 flex-none truncate text-note text-white"
    >
      {here || (open.length === 0 ? none : open.length === 1 ? '1 finding' : `${open.length} findings`)}
    </span>
  );
}
