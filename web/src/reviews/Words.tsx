import { useEffect, useRef } from 'react';
import type { SharedCue } from '../api/types';

type SharedWord = SharedCue['words'][number];

/** The words of the captions, highlighted as they are spoken; a click selects one for a remark. */
export function Words(props: {
  cues: SharedCue[];
  timeMs: number;
  pinned: number | null;
  onWord: (word: SharedWord) => void;
}) {
  const { cues, timeMs, pinned } = props;
  const list = useRef<HTMLOListElement>(null);
  const at = cues.findLastIndex((cue) => cue.showMs <= timeMs + 1);
  const lit = at >= 0 && timeMs < cues[at].hideMs;
  useEffect(() => {
    const row = list.current?.children[at] as HTMLElement | undefined;
    // Only the list itself is scrolled, never the page under a finger.
    if (row && list.current) {
      list.current.scrollTo({ top: row.offsetTop - list.current.clientHeight / 3, behavior: 'smooth' });
    }
  }, [at]);
  if (cues.length === 0) return null;
  return (
    <section aria-label="Words" className="mb-6">
      <p className="mb-1.5 text-note text-soft">Click a word to comment on it.</p>
      <ol
        ref={list}
        className="relative max-h-56 overflow-y-auto rounded-lg bg-paper px-2 py-2 text-beside max-[899px]:max-h-40"
      >
        {cues.map((cue, i) => (
          <li
            key={cue.words[0]?.id ?? cue.showMs}
            dir={cue.rightToLeft ? 'rtl' : 'ltr'}
            className={`rounded-md border-l-[3px] px-2 py-0.5 ${i === at && lit ? 'border-accent' : 'border-transparent text-soft'}`}
          >
            {cue.words.map((word) => (
              <span key={word.id}>
                {word.spaced && ' '}
                <button
                  onClick={() => props.onWord(word)}
                  className={`rounded px-0.5 py-1 hover:bg-tint ${pinned === word.id ? 'bg-tint font-semibold text-accent' : ''}`}
                >
                  {word.text}
                </button>
              </span>
            ))}
          </li>
        ))}
      </ol>
    </section>
  );
}
