import { Popover } from 'radix-ui';
import { type ReactNode, useState } from 'react';
import { useEmoji } from '../../../api/emoji';
import { EmojiDrawing } from './EmojiDrawing';
import { StickerList } from './StickerList';

/** An emoji is chosen among all by what it is called. */
export function EmojiPicker(props: {
  label: string;
  language: string;
  className: string;
  children: ReactNode;
  onChoose: (emoji: string) => void;
}) {
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger aria-label={props.label} title={props.label} className={props.className}>
        {props.children}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="left"
          align="start"
          sideOffset={12}
          collisionPadding={12}
          aria-label="Emoji"
          className="z-50 w-80 rounded-lg border border-rule bg-paper p-3 shadow-xl"
        >
          <EmojiList
            language={props.language}
            onChoose={(emoji) => {
              props.onChoose(emoji);
              setOpen(false);
            }}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
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
      {found.data?.length === 0 && <p className="text-note text-soft">No emoji is called so.</p>}
      <StickerList onChoose={props.onChoose} />
    </>
  );
}
