import { Replace, X } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { useAddTerm } from '../../api/clients';
import { usePlaces } from '../../api/proof';
import { useChange } from '../../api/changes';
import type { Clip, Track } from '../../api/types';
import { usePanels } from '../../state/panels';
import { usePlayer } from '../../player/player';
import { MainButton, QuietButton, Tick } from '../../ui/parts';

/** Replaces a word or phrase everywhere: shows each place after replacing, and places can be skipped. */
export function ReplacePart({ clip, track, asked }: { clip: Clip; track: Track; asked: string }) {
  const [find, setFind] = useState(asked);
  const [replacement, setReplacement] = useState('');
  const [left, setLeft] = useState<Set<number>>(new Set());
  const [term, setTerm] = useState(false);
  const [replaced, setReplaced] = useState(0);
  const first = useRef<HTMLInputElement>(null);
  const second = useRef<HTMLInputElement>(null);
  const places = usePlaces(clip.id, track.version, find, replacement);
  const change = useChange(clip.id);
  const addTerm = useAddTerm(clip.client?.id);
  const close = () => usePanels.getState().set({ replace: null });
  useEffect(() => (asked ? second : first).current?.focus(), [asked]);

  const found = find.trim() ? (places.data ?? []) : [];
  const chosen = found.filter((p) => !p.locked && !left.has(p.wordId));
  const replace = () => {
    if (chosen.length === 0) return;
    change.mutate({ kind: 'replaceText', find, with: replacement, wordIds: chosen.map((p) => p.wordId) });
    if (term && replacement.trim()) addTerm.mutate({ term: replacement.trim(), sayAs: undefined });
    // It stays open for the next place.
    setReplaced(chosen.length);
    setFind('');
    setReplacement('');
    first.current?.focus();
  };
  const field = 'w-full rounded-lg border border-rule bg-paper px-3 py-2 placeholder:text-soft';
  return (
    <section aria-label="Replace everywhere" className="mb-7">
      <div className="mb-3 flex items-center justify-between">
        <h2 className="text-head font-semibold">Replace everywhere</h2>
        <button aria-label="Close" onClick={close} className="rounded-md p-1.5 hover:bg-sunk">
          <X size={16} />
        </button>
      </div>
      <form
        data-stays
        className="space-y-2"
        onSubmit={(e) => {
          e.preventDefault();
          replace();
        }}
        onKeyDown={(e) => e.key === 'Escape' && close()}
      >
        <input
          ref={first}
          aria-label="Word or phrase"
          placeholder="Word or phrase"
          value={find}
          onChange={(e) => setFind(e.target.value)}
          className={field}
        />
        <input
          ref={second}
          aria-label="Replace with"
          placeholder="Replace with"
          value={replacement}
          onChange={(e) => setReplacement(e.target.value)}
          className={field}
        />
        {replaced > 0 && find === '' && (
          <p role="status" className="text-note text-soft">
            Replaced at {replaced} {replaced === 1 ? 'place' : 'places'}. Type the next, or close with Esc.
          </p>
        )}
        {find.trim() !== '' && (
          <p className="text-note text-soft" aria-live="polite">
            {found.length === 0
              ? 'Not found in this track.'
              : `${found.length} ${found.length === 1 ? 'place' : 'places'}. Case and punctuation stay as they are there.`}
          </p>
        )}
        <ul className="max-h-72 space-y-1 overflow-y-auto">
          {found.map((place) => (
            <li key={place.wordId}>
              <label
                className={`flex gap-2.5 rounded-lg px-2 py-1.5 hover:bg-paper ${place.locked ? 'opacity-60' : ''}`}
              >
                <input
                  type="checkbox"
                  disabled={place.locked}
                  checked={!place.locked && !left.has(place.wordId)}
                  onChange={(e) =>
                    setLeft((all) => {
                      const next = new Set(all);
                      if (e.target.checked) next.delete(place.wordId);
                      else next.add(place.wordId);
                      return next;
                    })
                  }
                  className="mt-1 accent-accent"
                />
                <span className="min-w-0">
                  <Changed before={place.before} after={place.after} />
                  {place.locked && <span className="block text-tiny text-soft">Locked: not replaced</span>}
                </span>
                <button
                  type="button"
                  onClick={() => {
                    const cue = track.cues.find((c) => c.id === place.cueId);
                    if (cue) usePlayer.getState().play(cue.showMs, cue.hideMs);
                  }}
                  className="ml-auto flex-none self-start text-tiny text-accent hover:underline"
                >
                  Hear
                </button>
              </label>
            </li>
          ))}
        </ul>
        <Tick className="px-1" checked={term} onChange={(on) => setTerm(on)}>
          Save as a term {clip.client ? `of ${clip.client.name}` : 'of the workshop'}
        </Tick>
        <MainButton disabled={chosen.length === 0}>
          <Replace size={16} /> Replace at {chosen.length} {chosen.length === 1 ? 'place' : 'places'}
        </MainButton>
        <QuietButton onClick={close}>Close</QuietButton>
      </form>
    </section>
  );
}

/** The text as it would become, with what is new marked. */
function Changed({ before, after }: { before: string; after: string }) {
  const a = before.split(' ');
  const b = after.split(' ');
  let head = 0;
  while (head < a.length && head < b.length && a[head] === b[head]) head++;
  let tail = 0;
  while (
    tail < a.length - head &&
    tail < b.length - head &&
    a[a.length - 1 - tail] === b[b.length - 1 - tail]
  )
    tail++;
  return (
    <span className="leading-snug">
      {b.slice(0, head).join(' ')}{' '}
      <del className="text-soft decoration-1">{a.slice(head, a.length - tail).join(' ')}</del>{' '}
      <ins className="font-semibold text-accent no-underline">{b.slice(head, b.length - tail).join(' ')}</ins>{' '}
      {b.slice(b.length - tail).join(' ')}
    </span>
  );
}
