import { FileUp, Trash2 } from 'lucide-react';
import { useRef, useState } from 'react';
import { useBringInSticker, usePutStickerAway, useStickers } from '../../../api/stickers';
import type { Sticker } from '../../../api/types';
import { EmojiDrawing } from '../../../emoji/EmojiDrawing';

/** Stickers, chosen like emoji; more can be added as SVG or PNG files. */
export function StickerList({ onChoose }: { onChoose: (sticker: string) => void }) {
  const stickers = useStickers().data?.filter((one) => !one.putAway) ?? [];
  const bringIn = useBringInSticker();
  const away = usePutStickerAway();
  const [gone, setGone] = useState<Sticker | null>(null);
  const file = useRef<HTMLInputElement>(null);
  return (
    <div className="mt-2.5 border-t border-rule pt-2.5">
      {stickers.length > 0 && (
        <ul
          aria-label="Stickers"
          className="mb-1.5 grid max-h-[120px] grid-cols-7 gap-0.5 overflow-y-auto overscroll-contain"
        >
          {stickers.map((one) => (
            <li key={one.name} className="group relative">
              <button
                title={one.label}
                aria-label={one.label}
                onClick={() => onChoose(one.name)}
                className="flex aspect-square w-full items-center justify-center rounded-md hover:bg-sunk"
              >
                <EmojiDrawing emoji={one.name} size={26} />
              </button>
              <button
                aria-label={`Put away ${one.label}`}
                title="Out of the list; clips that use it keep it"
                onClick={() => away.mutate({ name: one.name, away: true }, { onSuccess: () => setGone(one) })}
                className="absolute top-0 right-0 rounded bg-paper p-0.5 text-soft opacity-0 group-hover:opacity-100 hover:text-ink focus-visible:opacity-100"
              >
                <Trash2 size={11} />
              </button>
            </li>
          ))}
        </ul>
      )}
      {gone && (
        <p className="mb-1.5 text-note text-soft">
          {gone.label} is put away.{' '}
          <button
            onClick={() => away.mutate({ name: gone.name, away: false }, { onSuccess: () => setGone(null) })}
            className="text-accent underline"
          >
            Restore
          </button>
        </p>
      )}
      <button
        onClick={() => file.current!.click()}
        title="SVG with shapes in flat colours, or PNG"
        className="flex items-center gap-2 text-note text-soft hover:text-ink"
      >
        <FileUp size={15} /> {bringIn.isPending ? 'Reading it…' : 'A picture of your own (SVG, PNG)'}
      </button>
      <input
        ref={file}
        type="file"
        accept=".svg,.png,image/svg+xml,image/png"
        aria-label="Sticker file"
        className="hidden"
        onChange={(e) => {
          const [chosen] = e.target.files ?? [];
          if (chosen) bringIn.mutate(chosen);
          e.target.value = '';
        }}
      />
      {bringIn.isError && <p className="mt-1.5 text-note text-accent">{bringIn.error.message}</p>}
    </div>
  );
}
