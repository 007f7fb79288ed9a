import { useEffect, useState } from 'react';
import { useShared } from '../api/reviews';
import { Mark } from '../ui/Mark';
import { Picture } from './Picture';
import { Remarks } from './Remarks';
import { SayPart, type Pinned } from './SayPart';
import { VerdictPart } from './VerdictPart';
import { Words } from './Words';
import { day } from './said';
import { useWatched } from './useWatched';

/** The page of a review link: the film or the stage, its words, and the client's answer. */
export function Review({ token }: { token: string }) {
  const shared = useShared(token);
  const [video, setVideo] = useState<HTMLVideoElement | null>(null);
  const watched = useWatched(video);
  const [pinned, setPinned] = useState<Pinned | null>(null);
  const title = shared.data ? shared.data.clip : 'Review';
  useEffect(() => {
    document.title = `${title} · Salt Drum`;
  }, [title]);
  if (shared.error && !shared.data) {
    return (
      <main className="flex min-h-full flex-col items-center justify-center gap-5 px-6 text-center">
        <Mark size={44} />
        <h1 className="text-title font-semibold">Nothing to see here</h1>
        <p className="max-w-sm leading-relaxed text-soft">{shared.error.message}</p>
      </main>
    );
  }
  if (!shared.data) return <main className="h-full" aria-busy />;
  const view = shared.data;
  const pin = (pinned: Pinned) => {
    watched.pause();
    setPinned(pinned);
  };
  return (
    <main className="mx-auto min-h-full max-w-5xl px-8 pb-10 max-[899px]:px-4">
      <header className="flex items-start gap-3 pt-6 pb-5 max-[899px]:pt-4 max-[899px]:pb-3">
        <Mark size={30} />
        <div className="min-w-0 flex-1">
          <h1 className="truncate text-lead leading-tight font-semibold">{view.clip}</h1>
          <p className="text-note text-soft">
            {view.shows === 'FILM' ? `Version ${view.round}` : 'As it is at this moment'}
            {view.by && <> from {view.by}</>} · open until {day(view.expires)}
          </p>
        </div>
      </header>
      {view.note && <p className="mb-5 max-w-2xl leading-relaxed whitespace-pre-line">{view.note}</p>}
      <div className="grid grid-cols-[minmax(0,400px)_minmax(0,1fr)] gap-x-10 gap-y-6 max-[899px]:grid-cols-1">
        <section aria-label="Picture" className="min-w-0">
          <Picture token={token} shared={view} video={video} onVideo={setVideo} watched={watched} />
        </section>
        <div className="min-w-0">
          <VerdictPart token={token} shared={view} />
          <Words
            cues={view.cues}
            timeMs={watched.timeMs}
            pinned={pinned?.word?.id ?? null}
            onWord={(word) => {
              // The first frame that begins inside the word.
              watched.seek(word.startMs + 1000 / view.frameRate - 1);
              pin({ atMs: word.startMs, word });
            }}
          />
          <SayPart
            token={token}
            me={view.me ?? null}
            pinned={pinned}
            timeMs={watched.timeMs}
            onBegin={() => watched.pause()}
            onPin={setPinned}
          />
          <Remarks remarks={view.remarks} round={view.round} onGo={watched.seek} />
        </div>
      </div>
    </main>
  );
}
