import { Download, Save } from 'lucide-react';
import { useState } from 'react';
import { useChange } from '../../api/changes';
import {
  styleFile,
  useClientStyle,
  usePutAway,
  useStartWith,
  useRenameStyle,
  useSaveStyle,
} from '../../api/styles';
import type { Clip, Style, Track } from '../../api/types';
import { QuietButton, Section, Tick } from '../../ui/parts';
import { DeleteStyle } from './DeleteStyle';
import { StyleFileIn } from './StyleFileIn';
import { VersionsPart } from './VersionsPart';

const FILE =
  'flex flex-1 items-center justify-center gap-2 rounded-full border border-rule px-3 py-1.5 hover:border-ink';

/** Saves a look as a new style, as a new version, or as a file. */
export function KeepPart({ clip, track, style }: { clip: Clip; track: Track; style: Style | undefined }) {
  const change = useChange(clip.id);
  const save = useSaveStyle(clip.id);
  const rename = useRenameStyle();
  const putAway = usePutAway();
  const [name, setName] = useState('');
  const [away, setAway] = useState<string | null>(null);
  const bent = Object.keys(track.styling.all).length > 0 || track.styling.roles.length > 0;
  const keep = (asked: string, over: boolean) =>
    save.mutate(
      { name: asked, about: over ? (style?.about ?? '') : '', over },
      {
        onSuccess: (kept) => {
          setName('');
          change.mutate({ kind: 'restyle', style: kept.name, version: kept.version });
        },
      },
    );
  return (
    <Section title="Save this look">
      <form
        className="flex gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          if (name.trim()) keep(name.trim(), false);
        }}
      >
        <input
          aria-label="Name of the new style"
          value={name}
          onChange={(e) => setName(e.target.value)}
          placeholder="Name of the new style"
          maxLength={60}
          className="field min-w-0 flex-1 px-3 py-1.5"
        />
        <button
          disabled={!name.trim()}
          aria-label="Save as a new style"
          title="Save as a new style"
          className="rounded-full border border-rule px-3 hover:border-ink disabled:opacity-40"
        >
          <Save size={16} />
        </button>
      </form>
      {style && (
        <div className="mt-2 space-y-2">
          {bent && (
            <QuietButton onClick={() => keep(style.name, true)}>
              <Save size={16} /> Change “{style.name}” to this
            </QuietButton>
          )}
          {style.version > track.styling.version && track.styling.version > 0 && (
            <div className="rounded-lg bg-tint p-3 text-note">
              <p>
                “{style.name}” has a newer version ({style.version}); this clip keeps {track.styling.version}.
              </p>
              <button
                onClick={() => change.mutate({ kind: 'restyle', style: style.name, keep: true })}
                className="mt-1 text-accent underline"
              >
                Take the newer one
              </button>
            </div>
          )}
          <div className="flex gap-2">
            <a href={styleFile(style.name, false)} download className={FILE}>
              <Download size={15} /> As a file
            </a>
            <a
              href={styleFile(style.name, true)}
              download
              title="A ZIP of the style with the fonts and stickers that were added for it"
              className={FILE}
            >
              With its fonts
            </a>
          </div>
          {clip.client && <StartsWith client={clip.client} style={style.name} />}
          {!style.shipped && (
            <div key={style.name} className="space-y-2">
              <Rename style={style} done={(to) => rename.mutate({ style: style.name, name: to })} />
              <VersionsPart clip={clip} track={track} style={style} />
              <DeleteStyle style={style} deleted={setAway} />
            </div>
          )}
        </div>
      )}
      {away && (
        <p className="mt-2 text-note text-soft">
          “{away}” is out of the strip.{' '}
          <button
            onClick={() => {
              putAway.mutate({ style: away, away: false });
              setAway(null);
            }}
            className="text-accent underline"
          >
            Restore
          </button>
        </p>
      )}
      <StyleFileIn />
    </Section>
  );
}

/** Whether new clips of the client start with this style. */
function StartsWith({ client, style }: { client: { id: number; name: string }; style: string }) {
  const starts = useClientStyle(client.id).data?.style;
  const change = useStartWith(client.id);
  return (
    <Tick checked={starts === style} onChange={(on) => change.mutate(on ? style : null)}>
      New clips of {client.name} start with “{style}”
    </Tick>
  );
}

function Rename({ style, done }: { style: Style; done: (name: string) => void }) {
  const [name, setName] = useState(style.name);
  const take = () => name.trim() && name.trim() !== style.name && done(name.trim());
  return (
    <label className="flex items-center gap-2 text-note text-soft">
      Named
      <input
        aria-label="Name of this style"
        value={name}
        maxLength={60}
        onChange={(e) => setName(e.target.value)}
        onBlur={take}
        onKeyDown={(e) => e.key === 'Enter' && take()}
        className="field min-w-0 flex-1 px-2 py-1 text-ink"
      />
    </label>
  );
}
