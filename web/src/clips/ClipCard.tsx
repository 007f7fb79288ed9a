import { CirclePlay } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useActOnClip } from '../api/shelf';
import type { Clip } from '../api/types';
import { length } from '../player/time';
import { ClipMenu } from './ClipMenu';
import { Found } from './Found';

/** Lines as long as the picture is wide: a name makes no card wider. */
const narrow = 'w-0 min-w-full';

/** A clip with its poster, progress, and the cues that match the search. */
export function ClipCard(props: { clip: Clip; terms: string[]; chosen: boolean; onChoose: () => void }) {
  const { clip, terms, chosen, onChoose } = props;
  const [naming, setNaming] = useState(false);
  const gone = clip.shelf === 'REMOVED';
  const picture = (
    <div
      className={`overflow-hidden rounded-lg bg-stage ${gone ? 'opacity-50' : ''} ${chosen ? 'outline-3 outline-offset-2 outline-accent' : ''}`}
      style={{ aspectRatio: `${clip.width}/${clip.height}`, width: wide(clip) }}
    >
      {clip.prepared ? (
        <img
          src={`/api/clips/${clip.id}/poster?footage=${clip.footage}`}
          alt=""
          loading="lazy"
          className="h-full w-full object-cover"
        />
      ) : (
        <span className="flex h-full items-center justify-center text-stage-soft">Preparing</span>
      )}
    </div>
  );
  const at = clip.found && !gone ? `?at=${clip.found.atMs}` : '';
  const address = `/clips/${clip.id}/${at || !clip.words ? 'words' : 'style'}${at}`;
  const about = (
    <>
      <p className={`text-note text-soft ${narrow}`} title={`${clip.width}×${clip.height}`}>
        {length(clip.durationMs)} · {clip.client?.name ?? `${clip.width}×${clip.height}`}
      </p>
      <p className={`text-note ${clip.work?.failed ? 'text-accent' : 'text-soft'} ${narrow}`}>{told(clip)}</p>
    </>
  );
  return (
    <li className="group relative" data-clip={clip.name}>
      {gone ? (
        <>
          {picture}
          <Name clip={clip} />
          {about}
        </>
      ) : naming ? (
        <>
          {picture}
          <Rename clip={clip} onDone={() => setNaming(false)} />
          {about}
        </>
      ) : (
        <Link to={address} className="block">
          {picture}
          <Name clip={clip} />
          {about}
        </Link>
      )}
      {clip.found && <Found found={clip.found} terms={terms} />}
      {!gone && (
        <label
          className={`absolute top-2 left-2 flex size-8 items-center justify-center rounded-full bg-stage/70 group-hover:opacity-100 has-focus-visible:opacity-100 pointer-coarse:opacity-100 ${chosen ? '' : 'opacity-0'}`}
        >
          <input
            type="checkbox"
            checked={chosen}
            onChange={onChoose}
            aria-label={`Choose ${clip.name}`}
            className="size-4 accent-accent"
          />
        </label>
      )}
      {!gone && clip.film && (
        <Link
          to={`/results/${clip.film}`}
          title="Watch its newest film"
          aria-label={`Watch the newest film of ${clip.name}`}
          className="absolute top-2 left-12 flex size-8 items-center justify-center rounded-full bg-stage/70 text-paper hover:bg-accent"
        >
          <CirclePlay size={17} />
        </Link>
      )}
      <ClipMenu clip={clip} onRename={() => setNaming(true)} />
    </li>
  );
}

/** Pictures are of one height, but none is wider than a telephone. */
const wide = (clip: Clip) => `min(${(18 * clip.width) / clip.height}rem, calc(100vw - 2rem))`;

/** Its progress, and what it needs of a person. */
function told(clip: Clip): string {
  if (clip.work?.failed) return clip.work.said;
  if (clip.work) {
    const done = Math.round(100 * clip.work.progress);
    return `${done ? `${done} % · ` : ''}${clip.work.said}`;
  }
  if (!clip.words) return clip.standingLabel;
  const needs = clip.needs && clip.standing !== 'DELIVERED' ? ` · ${clip.needs}` : '';
  return `${clip.standingLabel} · ${clip.style}${needs}`;
}

function Name({ clip }: { clip: Clip }) {
  return <p className={`mt-3 font-medium break-words ${narrow}`}>{clip.name}</p>;
}

function Rename({ clip, onDone }: { clip: Clip; onDone: () => void }) {
  const act = useActOnClip(clip);
  const [name, setName] = useState(clip.name);
  const settle = () => {
    if (name.trim() && name.trim() !== clip.name) act.mutate({ act: 'rename', name });
    onDone();
  };
  return (
    <input
      autoFocus
      aria-label={`New name of ${clip.name}`}
      value={name}
      maxLength={120}
      onFocus={(e) => e.target.select()}
      onChange={(e) => setName(e.target.value)}
      onBlur={settle}
      onKeyDown={(e) => {
        if (e.key === 'Enter') settle();
        if (e.key === 'Escape') onDone();
      }}
      className={`mt-2 field px-2 py-1 font-medium ${narrow}`}
    />
  );
}
