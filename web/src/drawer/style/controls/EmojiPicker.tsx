import { type ReactNode, useState } from 'react';
import { useEmoji } from '../../../api/emoji';
import { EmojiDrawing } from '../../../emoji/EmojiDrawing';
import { ListPopover } from './ListPopover';
import { StickerList } from './StickerList';

/** Chooses an emoji by its name. */
export function EmojiPicker(props: {
  label: string;
  language: string;
  className: string;
  children: ReactNode;
  onChoose: (emoji: string) => void;
}) {
  return (
    <ListPopover
      label={props.label}
      of="Emoji"
      triggerClass={props.className}
      contentClass="p-3"
      trigger={props.children}
    >
      {(close) => (
        <EmojiList
          language={props.language}
          onChoose={(emoji) => {
            props.onChoose(emoji);
            close();
          }}
        />
      )}
    </ListPopover>
  );
}

function EmojiList(props: { language: string; onChoose: (emoji: string) => void }) {
  const [search, setSearch] = useState('');
  const found = useEmoji(search, props.language);
  return (
    <>
      <input
        autoFocus
        aria-label="Find an emoji"
        placeholder="Find an emoji"
        value={search}
        onChange={(e) => setSearch(e.target.value)}
        onKeyDown={(e) => {
          const first = found.data?.[0];
          if (e.key !== 'Enter' || !first || found.isPlaceholderData) return;
          e.preventDefault();
          props.onChoose(first.emoji);
        }}
        className="field mb-2.5 w-full px-2.5 py-1.5"
      />
      <ul className="grid max-h-[300px] grid-cols-7 gap-0.5 overflow-y-auto overscroll-contain">
        {found.data?.map((one) => (
          <li key={one.emoji}>
            <button
              title={one.name}
              aria-label={one.name}
              onClick={() => props.onChoose(one.emoji)}
              className="flex aspect-square w-full items-center justify-center rounded-md hover:bg-sunk"
            >
              <EmojiDrawing emoji={one.emoji} size={26} />
            </button>
          </li>
        ))}
      </ul>
      {found.data?.length === 0 && <p className="text-note text-soft">No emoji has this name.</p>}
      <StickerList onChoose={props.onChoose} />
    </>
  );
}
