import { useEffect, useState } from 'react';
import { useChange } from '../../api/changes';
import { useStyleVersions, useTakeBack } from '../../api/styles';
import type { Clip, Style, Track } from '../../api/types';
import { usePlayer } from '../../player/player';
import { endTrying, tryOut } from '../../state/trying';

/** The playhead may go so far before the captions are laid out again, ms. */
const NEAR_MS = 800;

/** Earlier versions of one's own style: each can be looked at on the stage, and taken back. */
export function VersionsPart({ clip, track, style }: { clip: Clip; track: Track; style: Style }) {
  const change = useChange(clip.id);
  const takeBack = useTakeBack();
  const [open, setOpen] = useState(false);
  const [shown, setShown] = useState<number | null>(null);
  const versions = useStyleVersions(open ? style.name : null).data ?? [];
  const own = track.styling.version;
  useEffect(() => {
    if (shown === null) return;
    let at = -Infinity;
    const look = (ms: number) => {
      if (Math.abs(ms - at) < NEAR_MS) return;
      at = ms;
      tryOut(clip.id, { kind: 'restyle', style: style.name, version: shown, keep: true });
    };
    look(usePlayer.getState().timeMs);
    const end = usePlayer.subscribe((s) => look(s.timeMs));
    return () => {
      end();
      endTrying();
    };
  }, [shown, clip.id, style.name]);
  if (style.version < 2) return null;
  return (
    <div className="text-note">
      <button
        aria-expanded={open}
        onClick={() => {
          setOpen(!open);
          setShown(null);
        }}
        className="text-accent hover:underline"
      >
        Earlier versions of “{style.name}”
      </button>
      {open && (
        <ul className="mt-1.5 space-y-1">
          {versions.map((one) => (
            <li key={one.version} className="flex items-center gap-2 rounded-md bg-paper px-2.5 py-1.5">
              <span className="min-w-0 flex-1">
                Version {one.version}
                {one.version === own && <span className="text-soft">, in this clip</span>}
                <span className="block text-tiny text-soft">
                  {new Date(one.made).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}
                </span>
              </span>
              {one.version !== own && (
                <button
                  aria-pressed={shown === one.version}
                  onClick={() => setShown(shown === one.version ? null : one.version)}
                  title="Shows this clip in it, and changes nothing"
                  className="rounded-full border border-rule px-2.5 py-0.5 hover:border-ink aria-pressed:border-accent aria-pressed:text-accent"
                >
                  Look
                </button>
              )}
              {one.version !== style.version && (
                <button
                  onClick={() =>
                    takeBack.mutate(
                      { style: style.name, version: one.version },
                      {
                        onSuccess: (taken) => {
                          setShown(null);
                          change.mutate({
                            kind: 'restyle',
                            style: taken.name,
                            version: taken.version,
                            keep: true,
                          });
                        },
                      },
                    )
                  }
                  title="Makes it the newest version; this clip takes it, other clips keep theirs"
                  className="rounded-full border border-rule px-2.5 py-0.5 hover:border-ink"
                >
                  Take back
                </button>
              )}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
