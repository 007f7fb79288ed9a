import { BookMarked, Ear } from 'lucide-react';
import { useReadings } from '../../api/hearing';
import { useChange } from '../../api/changes';
import type { Clip, Track, Word } from '../../api/types';

/** Other readings of a word: similar-sounding terms, and those of the recogniser. A click or key accepts one. */
export function ReadingsOf({ clip, track, word }: { clip: Clip; track: Track; word: Word }) {
  const heard = word.source === 'RECOGNISED';
  const readings = useReadings(clip.id, heard ? word.id : null, track.version);
  const { mutate } = useChange(clip.id);
  if (!heard || !readings.data || readings.data.length === 0) return null;
  return (
    <div className="mt-3" role="group" aria-label="Other readings">
      <p className="mb-1.5 text-note text-soft">May be</p>
      <ul className="space-y-0.5">
        {readings.data.map((reading, i) => (
          <li key={reading.find + reading.with}>
            <button
              onClick={() =>
                mutate({ kind: 'replaceText', find: reading.find, with: reading.with, wordIds: [word.id] })
              }
              title={reading.term ? 'A term of the glossary that sounds like it' : 'Another possible reading'}
              className="flex w-full items-center gap-2 rounded-md px-2 py-1 text-left hover:bg-sunk"
            >
              <span className={reading.term ? 'text-accent' : 'text-soft'}>
                {reading.term ? <BookMarked size={14} /> : <Ear size={14} />}
              </span>
              <span className="min-w-0 flex-1 truncate">
                {reading.find.includes(' ') && <span className="text-soft">{reading.find} → </span>}
                {reading.with}
              </span>
              <kbd className="font-sans text-tiny text-soft">{i === 0 ? 'Q' : `Alt ${i + 1}`}</kbd>
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
