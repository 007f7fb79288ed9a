import { FolderInput } from 'lucide-react';
import { useRef, useState } from 'react';
import { useStyleFile } from '../../api/styles';
import type { StyleFileView } from '../../api/types';
import { QuietButton } from '../../ui/parts';

/** Shows the styles of a file before they are added. */
export function StyleFileIn() {
  const read = useStyleFile();
  const input = useRef<HTMLInputElement>(null);
  const [seen, setSeen] = useState<{ file: File; view: StyleFileView } | null>(null);
  const look = (file: File | undefined) =>
    file && read.mutate({ file, take: false }, { onSuccess: (view) => setSeen({ file, view }) });
  const take = () => seen && read.mutate({ file: seen.file, take: true }, { onSuccess: () => setSeen(null) });
  return (
    <div className="mt-2">
      <input
        ref={input}
        type="file"
        accept=".json,.zip,.ass,.ssa,application/json"
        aria-label="Style file"
        className="hidden"
        onChange={(e) => {
          look(e.target.files?.[0]);
          e.target.value = '';
        }}
      />
      <QuietButton onClick={() => input.current?.click()}>
        <FolderInput size={16} /> Add a style file
      </QuietButton>
      {seen && (
        <div className="mt-2 rounded-lg bg-tint p-3 text-note" role="group" aria-label="Style file">
          {seen.view.styles.map((style) => (
            <div key={style.name} className="mb-1.5">
              <p className="font-semibold">{style.name}</p>
              {style.about && <p>{style.about}</p>}
              {style.exists && <p>A style of this name exists: it gets a new version.</p>}
              {style.missingStickers > 0 && (
                <p>
                  Not here, and left out: {style.missingStickers}{' '}
                  {style.missingStickers === 1 ? 'sticker' : 'stickers'}.
                </p>
              )}
              {style.missing.length > 0 && (
                <p>Missing, another one will be used: {style.missing.join(', ')}.</p>
              )}
            </div>
          ))}
          {seen.view.fonts.map((font) => (
            <p key={font.name}>
              {font.refused
                ? `${font.name}: ${font.refused}`
                : `${font.name} comes with it${font.here ? ', and is here already' : ''}.`}
            </p>
          ))}
          <div className="mt-1.5 flex gap-3">
            <button onClick={take} className="text-accent underline">
              {seen.view.styles.length > 1 ? `Add all ${seen.view.styles.length}` : 'Add it'}
            </button>
            <button onClick={() => setSeen(null)} className="underline">
              Cancel
            </button>
          </div>
        </div>
      )}
    </div>
  );
}
