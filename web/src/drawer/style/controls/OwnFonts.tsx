import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useFonts, useNoteFont, usePutFontAway } from '../../../api/fonts';
import type { OwnFont } from '../../../api/types';

/** The files of added fonts: their licences, and removing them from the list. */
export function OwnFonts() {
  const fonts = useFonts(true).data?.filter((font) => !font.putAway) ?? [];
  const away = usePutFontAway();
  const [gone, setGone] = useState<OwnFont | null>(null);
  return (
    <details className="px-2.5 py-1 text-note">
      <summary className="cursor-pointer text-soft hover:text-ink">Files and licences</summary>
      {fonts.map((font) => (
        <div key={font.id} className="mt-2 rounded-lg bg-sunk/60 p-2" role="group" aria-label={font.fileName}>
          <p className="flex items-center justify-between gap-2">
            <span className="truncate">
              {font.family} {font.weight}
              {font.italic && ', italic'}
            </span>
            <button
              aria-label={`Put away ${font.fileName}`}
              title="Out of the list; clips that use it keep it"
              onClick={() => away.mutate({ id: font.id, away: true }, { onSuccess: () => setGone(font) })}
              className="flex-none rounded p-1 text-soft hover:bg-page hover:text-ink"
            >
              <Trash2 size={14} />
            </button>
          </p>
          {font.closed && <p className="text-accent">Its maker does not allow embedding.</p>}
          <Licence font={font} />
        </div>
      ))}
      {gone && (
        <p className="mt-2 text-soft">
          {gone.fileName} is put away.{' '}
          <button
            onClick={() => away.mutate({ id: gone.id, away: false }, { onSuccess: () => setGone(null) })}
            className="text-accent underline"
          >
            Restore
          </button>
        </p>
      )}
    </details>
  );
}

function Licence({ font }: { font: OwnFont }) {
  const note = useNoteFont();
  const [text, setText] = useState(font.licence);
  return (
    <textarea
      aria-label={`Licence of ${font.fileName}`}
      placeholder="What its licence allows"
      value={text}
      rows={3}
      maxLength={8000}
      onChange={(e) => setText(e.target.value)}
      onBlur={() => text !== font.licence && note.mutate({ id: font.id, licence: text })}
      className="field mt-1 w-full px-2 py-1 text-tiny"
    />
  );
}
