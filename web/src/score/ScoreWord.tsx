import { memo, useRef } from 'react';
import type { Word } from '../api/types';
import { usePlayer } from '../player/player';
import { useSelection } from '../state/selection';
import { EmojiDrawing } from '../emoji/EmojiDrawing';
import { Groove } from './Groove';
import { useLitMark } from '../state/lit';
import { misspelt } from '../state/spelling';
import { useSuggested } from '../state/suggested';

/** A word of the score with its groove. Click: the clip goes there. Double click: type. */
export const ScoreWord = memo(function ScoreWord({
  clipId,
  word,
  cueId,
  peaks,
  rightToLeft,
}: {
  clipId: string;
  word: Word;
  cueId: number;
  peaks: Uint8Array | undefined;
  /** The sound runs as the words do. */
  rightToLeft: boolean;
}) {
  const button = useRef<HTMLButtonElement>(null);
  useLitMark(button, 'data-lit', 'wordId', word.id);
  const selected = useSelection((s) => s.selected.kind === 'word' && s.selected.id === word.id);
  const { select, type } = useSelection.getState();
  const wrong = misspelt.use(clipId, (words) => words.has(word.id));
  const because = useSuggested((s) => (word.emphasis === 0 ? s.because.get(word.id) : undefined));
  const { unsure } = word;
  return (
    <button
      ref={button}
      data-word={word.id}
      tabIndex={selected ? 0 : -1}
      aria-pressed={selected}
      title={
        unsure
          ? word.source === 'ESTIMATED'
            ? 'Time estimated, not measured'
            : word.source === 'NOT_FOUND'
              ? 'In the script, not heard'
              : 'Unsure: listen and confirm'
          : wrong
            ? 'In no dictionary and no glossary'
            : because && `Could be emphasised: ${because}`
      }
      onClick={() => {
        select({ kind: 'word', id: word.id });
        usePlayer.getState().seekWord(word.startMs);
      }}
      onDoubleClick={() => type(cueId, word.id)}
      className={`group/word relative flex flex-col rounded-[3px] px-[3px] pt-px text-start leading-[1.3] ${selected ? 'bg-tint' : 'hover:bg-sunk'}`}
    >
      <span
        className={`group-data-lit/word:text-accent ${word.emphasis > 0 ? 'text-accent' : ''} ${word.emphasis > 0 ? 'font-bold italic' : ''} ${word.source === 'NOT_FOUND' ? 'text-soft line-through decoration-[1.5px]' : unsure ? 'underline decoration-dotted decoration-[1.5px] underline-offset-4' : wrong ? 'underline decoration-wavy decoration-accent decoration-1 underline-offset-4' : ''}`}
      >
        {word.text}
        {word.emoji && (
          <span className="ms-1 inline-block align-[-2px]" title="Its emoji">
            <EmojiDrawing emoji={word.emoji} size={17} />
          </span>
        )}
      </span>
      <span
        className={`border-s border-rule text-groove group-data-lit/word:text-accent ${rightToLeft ? '-scale-x-100' : ''}`}
      >
        <Groove peaks={peaks} startMs={word.startMs} endMs={word.endMs} />
      </span>
      {because !== undefined && (
        <span data-suggested className="absolute inset-x-[3px] top-0 h-[2px] rounded bg-accent/45" />
      )}
      {selected && <span className="absolute inset-x-[3px] bottom-0 h-[2px] rounded bg-accent" />}
    </button>
  );
});
