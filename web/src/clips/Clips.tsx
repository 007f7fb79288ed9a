import { FilePlus2, Trash2 } from 'lucide-react';
import { useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { call } from '../api/http';
import { keys, useClips } from '../api/queries';
import { queryClient } from '../api/queryClient';
import type { Clip } from '../api/types';
import { length } from '../player/time';
import { useNotices } from '../notices/notices';
import { PageHeader } from '../ui/PageHeader';
import { ChosenBar } from './ChosenBar';
import { useBringIn } from './useBringIn';

/** All clips as they look, newest first; a file dropped anywhere is brought in. */
export function Clips() {
  const clips = useClips();
  const navigate = useNavigate();
  const chooser = useRef<HTMLInputElement>(null);
  const [over, setOver] = useState(false);
  const [chosen, setChosen] = useState<string[]>([]);
  const { arriving, bringIn } = useBringIn((clip) => void navigate(`/clips/${clip.id}/words`));
  const choose = () => chooser.current?.click();
  const empty = clips.data?.length === 0 && arriving.length === 0;

  return (
    <main
      className="min-h-full px-8 pb-16"
      onDragOver={(e) => {
        e.preventDefault();
        setOver(true);
      }}
      onDragLeave={(e) => e.currentTarget === e.target && setOver(false)}
      onDrop={(e) => {
        e.preventDefault();
        setOver(false);
        void bringIn([...e.dataTransfer.files]);
      }}
    >
      <PageHeader>
        <button
          onClick={choose}
          className="flex items-center gap-2 rounded-full bg-accent px-5 py-2.5 font-medium text-on-accent hover:brightness-110"
        >
          <FilePlus2 size={17} /> Bring in a clip
        </button>
        <input
          ref={chooser}
          type="file"
          accept="video/mp4,video/quicktime,video/webm,video/x-matroska,.mp4,.mov,.webm,.mkv,.m4v"
          multiple
          hidden
          data-testid="chooser"
          onChange={(e) => {
            void bringIn([...(e.target.files ?? [])]);
            e.target.value = '';
          }}
        />
      </PageHeader>
      <section className="mx-auto max-w-6xl" aria-label="Clips">
        <h1 className="sr-only">Clips</h1>
        {clips.error && <p className="text-accent">{clips.error.message}</p>}
        <ul className="flex flex-wrap gap-x-7 gap-y-9">
          {arriving.map((a) => (
            <li key={a.key} className="w-52">
              <div className="flex h-72 flex-col justify-end rounded-lg bg-sunk p-4">
                <div className="h-1.5 overflow-hidden rounded bg-rule">
                  <div className="h-full bg-accent" style={{ width: `${Math.round(a.done * 100)}%` }} />
                </div>
                <p className="mt-2 text-soft">
                  {a.done < 1 ? `${Math.round(a.done * 100)} %` : 'Looking into it'}
                </p>
              </div>
              <p className="mt-3 truncate font-medium">{a.name}</p>
            </li>
          ))}
          {clips.data?.map((clip) => (
            <Card
              key={clip.id}
              clip={clip}
              chosen={chosen.includes(clip.id)}
              onChoose={() =>
                setChosen(
                  chosen.includes(clip.id) ? chosen.filter((c) => c !== clip.id) : [...chosen, clip.id],
                )
              }
            />
          ))}
          <li>
            <button
              onClick={choose}
              className={`flex h-72 w-52 flex-col items-center justify-center gap-3 rounded-lg border-2 border-dashed px-6 text-center text-soft hover:border-accent hover:text-accent ${over ? 'border-accent bg-tint text-accent' : 'border-rule'}`}
            >
              <FilePlus2 size={26} strokeWidth={1.5} />
              {empty
                ? 'Bring your first clip: choose it here, or drop it anywhere on this page'
                : 'Drop a clip anywhere, or choose one'}
              <span className="text-tiny">MP4, MOV, WebM, MKV</span>
            </button>
          </li>
        </ul>
      </section>
      {chosen.length > 0 && <ChosenBar clips={chosen} onDone={() => setChosen([])} />}
    </main>
  );
}

function Card({ clip, chosen, onChoose }: { clip: Clip; chosen: boolean; onChoose: () => void }) {
  const notice = useNotices((s) => s.say);
  const [sure, setSure] = useState(false);
  const remove = async () => {
    if (!sure) {
      setSure(true);
      setTimeout(() => setSure(false), 4000);
      return;
    }
    try {
      await call('DELETE', `/api/clips/${clip.id}`);
      void queryClient.invalidateQueries({ queryKey: keys.clips });
    } catch (error) {
      notice((error as Error).message);
    }
  };
  return (
    <li className="group relative">
      <Link to={`/clips/${clip.id}/${clip.words ? 'style' : 'words'}`} className="block">
        <div
          className={`h-72 overflow-hidden rounded-lg bg-stage ${chosen ? 'outline-3 outline-offset-2 outline-accent' : ''}`}
          style={{ aspectRatio: `${clip.width}/${clip.height}` }}
        >
          {clip.prepared ? (
            <img src={`/api/clips/${clip.id}/poster`} alt="" className="h-full w-full object-cover" />
          ) : (
            <span className="flex h-full items-center justify-center text-stage-soft">Preparing</span>
          )}
        </div>
        <p className="mt-3 max-w-md font-medium" style={{ width: 'min-content', minWidth: '100%' }}>
          {clip.name}
        </p>
        <p className="text-note text-soft">
          {length(clip.durationMs)} · {clip.width}×{clip.height}
        </p>
        <p className="text-note text-soft">
          {clip.words ? `${clip.words} words · ${clip.style}` : 'Needs its words'}
        </p>
      </Link>
      <label
        className={`absolute top-2 left-2 flex size-8 items-center justify-center rounded-full bg-stage/70 group-hover:opacity-100 has-focus-visible:opacity-100 ${chosen ? '' : 'opacity-0'}`}
      >
        <input
          type="checkbox"
          checked={chosen}
          onChange={onChoose}
          aria-label={`Choose ${clip.name}`}
          className="size-4 accent-accent"
        />
      </label>
      <button
        onClick={() => void remove()}
        aria-label={sure ? `Really remove ${clip.name}` : `Remove ${clip.name}`}
        className={`absolute top-2 right-2 flex items-center gap-1.5 rounded-full px-2.5 py-1.5 text-note opacity-0 group-hover:opacity-100 focus-visible:opacity-100 ${sure ? 'bg-accent text-on-accent' : 'bg-stage/70 text-white'}`}
      >
        <Trash2 size={14} /> {sure && 'Remove for good?'}
      </button>
    </li>
  );
}
