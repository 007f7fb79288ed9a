import { FileText, Languages } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { useGuess } from '../api/hearing';
import { putFile } from '../api/http';
import { useCaptionFormats, useLanguages } from '../api/queries';
import { keys } from '../api/queryKeys';
import { queryClient } from '../api/queryClient';
import type { BroughtIn, Clip, Track } from '../api/types';
import { useNotices } from '../notices/notices';
import { usePanels } from '../state/panels';
import { CLIP_ENDINGS, endingOf, useBringIn } from '../upload/useBringIn';
import { QuietButton } from '../ui/parts';

const carriesFiles = (e: DragEvent) => e.dataTransfer?.types.includes('Files') ?? false;

/** Reads captions that are dropped on the bench, and brings dropped clips in. Other files are refused. */
export function DroppedFiles({ clip, track }: { clip: Clip; track: Track }) {
  const say = useNotices((s) => s.say);
  const navigate = useNavigate();
  const formats = useCaptionFormats(clip.id, track.version, null);
  const [over, setOver] = useState(false);
  const [captions, setCaptions] = useState<File | null>(null);
  const { arriving, bringIn } = useBringIn(null, (brought) =>
    say(`“${brought.name}” is among the clips now.`, {
      label: 'Open it',
      run: () => void navigate(`/clips/${brought.id}/words`),
    }),
  );
  const take = async (files: File[]) => {
    // A file can be dropped before the page knows them.
    const known = formats.data ?? (await formats.refetch()).data ?? [];
    const captionEndings = known.flatMap((format) => format.endings);
    const clips = files.filter((file) => CLIP_ENDINGS.includes(endingOf(file)));
    const read = files.filter((file) => captionEndings.includes(endingOf(file)));
    const others = files.filter((file) => !clips.includes(file) && !read.includes(file));
    if (others.length > 0) {
      say(
        `“${others[0].name}” is neither a clip nor a caption file, so it was not read. Clips end in ${CLIP_ENDINGS.join(', ')}; captions in ${[...new Set(captionEndings)].join(', ')}.`,
      );
    } else if (read.length > 1) say('One caption file is read at a time. Nothing was changed.');
    if (read.length === 1) setCaptions(read[0]);
    if (clips.length > 0) void bringIn(clips);
  };
  useEffect(() => {
    const stop = new AbortController();
    const on = (type: 'dragover' | 'dragleave' | 'drop', heard: (e: DragEvent) => void) =>
      window.addEventListener(type, (e) => carriesFiles(e) && heard(e), {
        signal: stop.signal,
        capture: true,
      });
    on('dragover', (e) => {
      e.preventDefault();
      setOver(true);
    });
    on('dragleave', (e) => e.relatedTarget === null && setOver(false));
    on('drop', (e) => {
      e.preventDefault();
      setOver(false);
      void take([...(e.dataTransfer?.files ?? [])]);
    });
    return () => stop.abort();
  });
  return (
    <>
      {(over || arriving.length > 0) && (
        <p
          role="status"
          className="pointer-events-none fixed inset-x-0 bottom-6 z-50 mx-auto w-fit rounded-full bg-ink px-5 py-2.5 text-page shadow-lg"
        >
          {over
            ? 'Let go: captions are read into this clip, another clip is added to the clips'
            : arriving.map((one) => `${one.name}: ${Math.round(one.done * 100)} %`).join(', ')}
        </p>
      )}
      {captions && (
        <CaptionsDialog clip={clip} track={track} file={captions} onDone={() => setCaptions(null)} />
      )}
    </>
  );
}

/** Whether a caption file holds the clip's own words, or a translation of them. */
function CaptionsDialog(props: { clip: Clip; track: Track; file: File; onDone: () => void }) {
  const { clip, track, file, onDone } = props;
  const say = useNotices((s) => s.say);
  const languages = useLanguages().data ?? [];
  const [text, setText] = useState('');
  useEffect(() => {
    void file.text().then((all) => setText(all.replace(/[\d:,.>-]+/g, ' ').slice(0, 2000)));
  }, [file]);
  const own = track.language.split('-')[0];
  const others = languages.filter((l) => l.tag !== own);
  const guessed = useGuess(text).data?.find((l) => l.tag !== own)?.tag;
  const [chosen, setChosen] = useState<string | null>(null);
  const language = chosen ?? guessed ?? clip.translations[0] ?? others[0]?.tag ?? '';
  const has = track.cues.length > 0;
  const read = async (
    path: string,
    said: (result: BroughtIn & { texts: number; left: string[] }) => string,
  ) => {
    onDone();
    try {
      const result = await putFile<BroughtIn & { texts: number; left: string[] }>(
        `/api/clips/${clip.id}/${path}captions?name=${encodeURIComponent(file.name)}`,
        file,
        () => {},
      );
      void queryClient.invalidateQueries({ queryKey: keys.clips });
      void queryClient.invalidateQueries({ queryKey: ['translation', clip.id] });
      say(said(result));
    } catch (error) {
      say((error as Error).message);
    }
  };
  const repaired = (lines: string[]) =>
    lines.length === 0 ? '' : ` Repaired: ${lines.slice(0, 3).join(' ')}`;
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onDone()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-stage/40" />
        <Dialog.Content className="fixed top-1/2 left-1/2 z-50 w-[440px] max-w-[94vw] -translate-x-1/2 -translate-y-1/2 rounded-xl bg-paper p-6 shadow-2xl">
          <Dialog.Title className="truncate text-lead font-semibold">{file.name}</Dialog.Title>
          <Dialog.Description className="mt-1 mb-4 text-soft">
            {has
              ? 'As the clip’s own words it replaces those that are there; Undo brings them back.'
              : 'Its text and times become the words of this clip.'}
          </Dialog.Description>
          <div className="space-y-3">
            <QuietButton
              onClick={() =>
                void read(
                  '',
                  ({ words, cues, repairs }) =>
                    `${words} words in ${cues} ${cues === 1 ? 'cue' : 'cues'}.${repaired(repairs)}`,
                )
              }
            >
              <FileText size={16} /> Read it as the words of this clip
            </QuietButton>
            {has && (
              <div className="flex gap-2">
                <div className="min-w-0 flex-1">
                  <QuietButton
                    disabled={!language}
                    onClick={() =>
                      void read(`translations/${language}/`, ({ texts, left }) => {
                        usePanels.getState().set({ beside: language });
                        return `${texts} of ${track.cues.length} cues have a text now.${repaired(left)}`;
                      })
                    }
                  >
                    <Languages size={16} /> Read it as a translation
                  </QuietButton>
                </div>
                <select
                  aria-label="Language of the translation"
                  value={language}
                  onChange={(e) => setChosen(e.target.value)}
                  className="w-36 field px-2"
                >
                  {others.map((l) => (
                    <option key={l.tag} value={l.tag}>
                      {l.name}
                    </option>
                  ))}
                </select>
              </div>
            )}
            <Dialog.Close className="w-full py-1 text-note text-soft hover:text-ink">Leave it</Dialog.Close>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
