import { Check, ChevronDown, SmilePlus, X } from 'lucide-react';
import { Collapsible } from 'radix-ui';
import { useState } from 'react';
import { useEmojiSuggestions } from '../../api/emoji';
import { useChange } from '../../api/changes';
import { useOpen } from '../../state/remembered';
import type { Clip, EmojiSuggestion, Track } from '../../api/types';
import { usePlayer } from '../../player/player';
import { useSelection } from '../../state/selection';
import { QuietButton } from '../../ui/parts';
import { EmojiDrawing } from '../../emoji/EmojiDrawing';
import { EmojiPicker } from './controls/EmojiPicker';

const SHOWN = 4;

/** Suggested emoji, accepted one by one or all; the word's look sets the position. */
export function EmojiPart({ clip, track }: { clip: Clip; track: Track }) {
  const [open, setOpen] = useOpen('emoji', false);
  const [refused, setRefused] = useState<ReadonlySet<number>>(new Set());
  const { mutate } = useChange(clip.id);
  const asked = useEmojiSuggestions(clip.id, track.version, open);
  const words = open ? (asked.data ?? []).filter((one) => !refused.has(one.wordId)) : [];
  const put = (words: { wordId: number; emoji: string }[]) => mutate({ kind: 'putEmoji', words });
  return (
    <Collapsible.Root open={open} onOpenChange={setOpen} className="-mt-5 mb-5 border-b border-rule">
      <Collapsible.Trigger className="flex w-full items-center justify-between py-2.5 text-left font-semibold">
        Emoji for words
        <ChevronDown size={16} className={`text-soft transition-transform ${open ? '' : '-rotate-90'}`} />
      </Collapsible.Trigger>
      <Collapsible.Content className="space-y-2.5 pb-4">
        {asked.isError && <p className="text-note text-accent">{asked.error.message}</p>}
        {asked.data && words.length === 0 && (
          <p className="text-note text-soft">
            No word suggests an emoji. Any word can have one: select it, and choose under “Emoji at a word”.
          </p>
        )}
        <ul
          aria-label="Words with emoji"
          className="max-h-[212px] overflow-y-auto overscroll-contain rounded-lg bg-sunk/60"
        >
          {words.map((one) => (
            <Suggested
              key={one.wordId}
              one={one}
              track={track}
              onTake={(emoji) => put([{ wordId: one.wordId, emoji }])}
              onRefuse={() => setRefused(new Set(refused).add(one.wordId))}
            />
          ))}
        </ul>
        {words.length > 1 && (
          <QuietButton
            onClick={() => put(words.map((one) => ({ wordId: one.wordId, emoji: one.emoji[0].emoji })))}
          >
            <Check size={16} /> Use the first for all {words.length}
          </QuietButton>
        )}
      </Collapsible.Content>
    </Collapsible.Root>
  );
}

function Suggested(props: {
  one: EmojiSuggestion;
  track: Track;
  onTake: (emoji: string) => void;
  onRefuse: () => void;
}) {
  const { one, track } = props;
  const go = () => {
    useSelection.getState().select({ kind: 'word', id: one.wordId });
    const word = track.cues.flatMap((c) => c.words).find((w) => w.id === one.wordId);
    if (word) usePlayer.getState().seekWord(word.startMs);
  };
  return (
    <li className="flex items-center gap-0.5 py-1 pr-1 pl-2.5">
      <button onClick={go} className="min-w-0 flex-1 truncate text-left font-semibold">
        {one.text}
      </button>
      {one.emoji.slice(0, SHOWN).map((emoji, i) => (
        <button
          key={emoji.emoji}
          title={emoji.name}
          aria-label={`${emoji.name} for ${one.text}`}
          onClick={() => props.onTake(emoji.emoji)}
          className={`flex-none rounded-md p-1 hover:bg-page ${i === 0 ? '' : 'opacity-55 hover:opacity-100'}`}
        >
          <EmojiDrawing emoji={emoji.emoji} size={21} />
        </button>
      ))}
      <EmojiPicker
        label={`Another emoji for ${one.text}`}
        language={track.language}
        className="flex-none rounded p-1 text-soft hover:bg-page hover:text-ink"
        onChoose={props.onTake}
      >
        <SmilePlus size={15} />
      </EmojiPicker>
      <button
        aria-label={`No emoji for ${one.text}`}
        title="Not this one"
        onClick={props.onRefuse}
        className="flex-none rounded p-1 text-soft hover:bg-page hover:text-ink"
      >
        <X size={15} />
      </button>
    </li>
  );
}
