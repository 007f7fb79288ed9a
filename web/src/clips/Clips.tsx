import { FilePlus2 } from 'lucide-react';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { useClients } from '../api/clients';
import { useShelf } from '../api/shelf';
import { PageHeader } from '../header/PageHeader';
import { useSettled } from '../ui/useSettled';
import { ChosenBar } from './ChosenBar';
import { ClipCard } from './ClipCard';
import { ShelfBar } from './ShelfBar';
import { arranged } from './shelf';

import { useShelfAsked } from './useShelfAsked';
import { CLIP_ENDINGS, useBringIn } from '../upload/useBringIn';

const TYPING_MS = 150;

/** The list of clips with search; a file dropped anywhere is added. */
export function Clips() {
  const [asked, ask] = useShelfAsked();
  const q = useSettled(asked.q, TYPING_MS);
  const clips = useShelf({ q, client: asked.client, shelf: asked.shelf });
  const shown = arranged(clips.data ?? [], asked.standing, asked.order);
  const navigate = useNavigate();
  const chooser = useRef<HTMLInputElement>(null);
  const [over, setOver] = useState(false);
  const [chosen, setChosen] = useState<string[]>([]);
  const { arriving, bringIn } = useBringIn(asked.client, (clip) => void navigate(`/clips/${clip.id}/words`));
  const choose = () => chooser.current?.click();
  const here = asked.shelf === 'HERE';
  const searched = asked.q !== '' || asked.standing !== '';
  const narrowed = searched || asked.client !== null;
  const clients = useClients().data ?? [];
  const empty = clips.data?.length === 0 && arriving.length === 0;
  const client = clients.find((one) => one.id === asked.client);
  const ofClient = client ? ` of ${client.name}` : '';
  const marked = chosen.filter((id) => shown.some((clip) => clip.id === id));

  return (
    <main
      className="min-h-full px-8 pb-16 max-[699px]:px-4"
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
      <title>Clips · Salt Drum</title>
      <PageHeader>
        <button
          onClick={choose}
          className="flex items-center gap-2 rounded-full bg-accent px-5 py-2.5 font-medium text-on-accent hover:brightness-110"
        >
          <FilePlus2 size={17} /> Add a clip
        </button>
        <input
          ref={chooser}
          type="file"
          accept={`video/mp4,video/quicktime,video/webm,video/x-matroska,application/zip,${CLIP_ENDINGS.map((ending) => `.${ending}`).join()}`}
          multiple
          hidden
          data-testid="chooser"
          onChange={(e) => {
            void bringIn([...(e.target.files ?? [])]);
            e.target.value = '';
          }}
        />
      </PageHeader>
      {(narrowed || !empty || !here || clients.length > 0) && (
        <ShelfBar asked={asked} found={clips.data ?? []} onAsk={ask} />
      )}
      <section className="mx-auto max-w-6xl" aria-label="Clips">
        <h1 className="sr-only">Clips</h1>
        {clips.error && <p className="text-accent">{clips.error.message}</p>}
        {shown.length === 0 && clips.data && (narrowed || !here) && (
          <p className="mb-8 text-soft" role="status">
            {narrowed
              ? searched
                ? 'No clip here matches.'
                : 'There is no clip of this client here yet.'
              : asked.shelf === 'ARCHIVED'
                ? 'The archive is empty. Move clips here with the menu on their picture.'
                : 'No clip was removed in the last two weeks.'}{' '}
            {narrowed && (
              <button
                onClick={() => ask({ q: '', client: null, standing: '' })}
                className="text-accent underline underline-offset-4"
              >
                Show all
              </button>
            )}
          </p>
        )}
        <ul className="flex flex-wrap gap-x-7 gap-y-9">
          {arriving.map((a) => (
            <li key={a.key} className="w-52">
              <div className="flex h-72 flex-col justify-end rounded-lg bg-sunk p-4">
                <div className="h-1.5 overflow-hidden rounded bg-rule">
                  <div className="h-full bg-accent" style={{ width: `${Math.round(a.done * 100)}%` }} />
                </div>
                <p className="mt-2 text-soft">
                  {a.done < 1 ? `${Math.round(a.done * 100)} %` : 'Reading the file'}
                </p>
              </div>
              <p className="mt-3 truncate font-medium">{a.name}</p>
            </li>
          ))}
          {shown.map((clip) => (
            <ClipCard
              key={clip.id}
              clip={clip}
              terms={q.split(/\s+/).filter(Boolean)}
              chosen={marked.includes(clip.id)}
              onChoose={() =>
                setChosen(
                  marked.includes(clip.id) ? marked.filter((c) => c !== clip.id) : [...marked, clip.id],
                )
              }
            />
          ))}
          {here && !searched && (
            <li>
              <button
                onClick={choose}
                className={`flex h-72 w-52 flex-col items-center justify-center gap-3 rounded-lg border-2 border-dashed px-6 text-center text-soft hover:border-accent hover:text-accent ${over ? 'border-accent bg-tint text-accent' : 'border-rule'}`}
              >
                <FilePlus2 size={26} strokeWidth={1.5} />
                {empty && !narrowed
                  ? 'Add your first clip: choose it here, or drop it anywhere on this page'
                  : `Drop a clip${ofClient} anywhere, or choose one`}
                <span className="text-tiny">MP4, MOV, WebM, MKV</span>
              </button>
            </li>
          )}
        </ul>
      </section>
      {marked.length > 0 && <ChosenBar clips={marked} onDone={() => setChosen([])} />}
    </main>
  );
}
