import { useRef } from 'react';
import { useTrackNow } from '../api/queries';
import { useTranslationChange } from '../api/translations';
import type { Cue } from '../api/types';
import { scrollToCue } from '../state/reveal';
import { translate, useTranslating } from '../state/translating';
import { textOf } from '../state/text';

/** The translation of a cue; a click starts typing. Typed text is not translated again. */
export function BesideLine(props: {
  clipId: string;
  language: string;
  cue: Cue;
  translated: Cue | undefined;
}) {
  const { clipId, language, cue, translated } = props;
  const change = useTranslationChange(clipId, language);
  const trackNow = useTrackNow(clipId);
  const typing = useTranslating((s) => s.cueId === cue.id);
  const done = useRef(false);
  const text = translated ? textOf(translated.words) : '';
  const byHand = translated?.textByHand;
  const end = (typed: string | null) => {
    if (done.current) return;
    done.current = true;
    translate(null);
    if (typed !== null && typed.trim() !== text) {
      change.mutate({ kind: 'retypeCue', cueId: cue.id, text: typed.trim() });
    }
  };
  /** To the translation of the next cue. */
  const goOn = () => {
    const cues = trackNow()?.cues ?? [];
    const next = cues[cues.findIndex((c) => c.id === cue.id) + 1];
    if (!next) return;
    scrollToCue(next.id);
    translate(next.id);
  };
  if (typing) {
    return (
      <input
        autoFocus
        lang={language}
        defaultValue={text}
        aria-label={`Translation of this cue (${language})`}
        onBlur={(e) => end(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === 'Enter') {
            end(e.currentTarget.value);
            if (e.ctrlKey || e.metaKey) goOn();
          }
          if (e.key === 'Escape') end(null);
        }}
        className="mt-0.5 w-full rounded-md bg-page px-1 text-beside italic outline-2 outline-accent"
      />
    );
  }
  return (
    <button
      lang={language}
      onClick={() => {
        done.current = false;
        translate(cue.id);
      }}
      title={
        byHand ? 'Typed or confirmed by hand: translating again does not change it' : 'Type the translation'
      }
      className="mt-0.5 flex w-full items-baseline gap-2 rounded px-[3px] text-left text-beside italic hover:bg-sunk"
    >
      <span className={text ? 'text-ink/80' : 'text-soft'}>{text || 'No text yet'}</span>
      {byHand && <span className="text-tiny text-soft not-italic whitespace-nowrap">by hand</span>}
      {translated && (
        <span
          className={`ml-auto flex-none text-tiny not-italic ${translated.fast ? 'font-semibold text-accent' : 'text-soft'}`}
          title={translated.fast ? 'More than can be read comfortably in this time' : 'Characters a second'}
        >
          {translated.speed.toFixed(0)} c/s
        </span>
      )}
    </button>
  );
}
