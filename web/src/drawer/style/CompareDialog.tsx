import { playedFrom } from '../../api/footage';
import { useQueries } from '@tanstack/react-query';
import { Dialog } from 'radix-ui';
import { useEffect, useState } from 'react';
import { useChange } from '../../api/changes';
import { sceneOf } from '../../api/scene';
import { server } from '../../api/server';
import type { Clip, Edit, Track } from '../../api/types';
import { usePlayer } from '../../player/player';
import { useCompare } from '../../state/compare';
import { ComparedStage } from '../../stage/ComparedStage';

const ROOM_PX = { across: 1180, down: 560 };

/** Plays two to four styles side by side on the same clip; one can be used. */
export function CompareDialog({ clip, track, keep }: { clip: Clip; track: Track; keep: boolean }) {
  const { chosen, open } = useCompare();
  const change = useChange(clip.id);
  const [video, setVideo] = useState<HTMLVideoElement | null>(null);
  const [playing, setPlaying] = useState(true);
  const styles = open ? (chosen ?? []) : [];
  const edit = (style: string): Edit => ({ kind: 'restyle', style, keep });
  const scenes = useQueries({
    queries: styles.map((style) => ({
      queryKey: ['compared', clip.id, track.version, style, keep],
      queryFn: () =>
        sceneOf(
          server.POST('/api/clips/{clipId}/scene/attempt', {
            params: { path: { clipId: clip.id } },
            body: edit(style),
          }),
        ),
      gcTime: 0,
    })),
  });
  const ready = scenes.length > 0 && scenes.every((s) => s.data);
  useEffect(() => {
    if (!video || !ready) return;
    // From the cue in hand, or from the beginning where hardly anything is left.
    const from = usePlayer.getState().timeMs / 1000;
    video.currentTime = from > clip.durationMs / 1000 - 2 ? 0 : from;
    usePlayer.getState().pause();
    video.play().catch(() => setPlaying(false));
  }, [video, ready, clip.durationMs]);
  const close = () => useCompare.setState({ open: false, chosen: null });
  const toggle = () => {
    if (!video) return;
    if (video.paused) void video.play().catch(() => setPlaying(false));
    else video.pause();
  };
  const { output } = track.layout;
  const width = Math.round(
    Math.min(
      (ROOM_PX.across - 24 * (styles.length - 1)) / Math.max(1, styles.length),
      (ROOM_PX.down * output.width) / output.height,
    ),
  );
  return (
    <Dialog.Root open={open} onOpenChange={(on) => !on && close()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-stage/[.97]" />
        <Dialog.Content
          aria-describedby={undefined}
          onKeyDown={(e) => {
            if (e.key === ' ' && !(e.target as HTMLElement).closest('button')) {
              e.preventDefault();
              toggle();
            }
          }}
          className="fixed inset-0 z-50 flex flex-col items-center justify-center gap-4 p-6 text-white"
        >
          <Dialog.Title className="text-lead">Side by side</Dialog.Title>
          <video
            ref={setVideo}
            src={playedFrom(clip)}
            loop
            muted
            playsInline
            onPlay={() => setPlaying(true)}
            onPause={() => setPlaying(false)}
            className="pointer-events-none absolute size-px opacity-0"
          />
          <div className="flex gap-6">
            {styles.map((style, i) => (
              <figure key={style} className="flex flex-col items-center gap-3" data-compared={style}>
                <ComparedStage video={video} track={track} scene={scenes[i]?.data} width={width} />
                <figcaption className="flex items-center gap-3">
                  {style}
                  <button
                    onClick={() => {
                      if (style !== track.style) change.mutate(edit(style));
                      close();
                    }}
                    className="rounded-full bg-accent px-4 py-1.5 font-medium text-on-accent hover:brightness-110"
                  >
                    Use it
                  </button>
                </figcaption>
              </figure>
            ))}
          </div>
          <div className="flex gap-3 text-note">
            <button
              onClick={toggle}
              className="rounded-full border border-white/40 px-4 py-1.5 hover:border-white"
            >
              {playing ? 'Pause' : 'Play'}
            </button>
            <Dialog.Close className="rounded-full border border-white/40 px-4 py-1.5 hover:border-white">
              Back to the bench
            </Dialog.Close>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
