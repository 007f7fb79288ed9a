import { FileText, Subtitles } from 'lucide-react';
import { useRef, useState } from 'react';
import { putFile } from '../../api/http';
import { bodyOf, server } from '../../api/server';
import { useChange } from '../../api/changes';
import { useCaptionFormats, useLanguages } from '../../api/queries';
import type { BroughtIn, Clip } from '../../api/types';
import { useNotices } from '../../notices/notices';
import { QuietButton } from '../../ui/parts';

/** Reads caption files and caption streams of the clip into the track; repairs are listed line by line. */
export function FilePart({ clip, version }: { clip: Clip; version: number }) {
  const formats = useCaptionFormats(clip.id, version, null);
  const input = useRef<HTMLInputElement>(null);
  const [done, setDone] = useState<BroughtIn | null>(null);
  const notice = useNotices((s) => s.say);
  const change = useChange(clip.id);
  const languages = useLanguages();
  const proposedName = languages.data?.find((l) => l.tag === done?.proposed)?.name ?? done?.proposed;
  const read = async (what: () => Promise<BroughtIn>) => {
    setDone(null);
    try {
      setDone(await what());
    } catch (error) {
      notice((error as Error).message);
    }
  };
  return (
    <div className="space-y-2">
      <input
        ref={input}
        type="file"
        accept={formats.data?.flatMap((f) => f.endings.map((e) => `.${e}`)).join()}
        hidden
        aria-label="Caption file"
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = '';
          if (file)
            void read(() =>
              putFile(`/api/clips/${clip.id}/captions?name=${encodeURIComponent(file.name)}`, file, () => {}),
            );
        }}
      />
      <QuietButton onClick={() => input.current!.click()}>
        <FileText size={16} /> Read a caption file
      </QuietButton>
      {clip.captionStreams
        .filter((s) => s.readable)
        .map((stream) => (
          <QuietButton
            key={stream.index}
            onClick={() =>
              void read(() =>
                bodyOf(
                  server.POST('/api/clips/{clipId}/captions/streams/{index}', {
                    params: { path: { clipId: clip.id, index: stream.index } },
                  }),
                ),
              )
            }
          >
            <Subtitles size={16} /> Read the clip’s captions{' '}
            {stream.language !== 'und' && `(${stream.language})`}
          </QuietButton>
        ))}
      {done && (
        <div role="status" className="rounded-lg bg-paper p-3 text-note">
          <p>
            {done.words} words in {done.cues} {done.cues === 1 ? 'cue' : 'cues'}.{' '}
            {done.repairs.length === 0 ? 'Nothing had to be repaired.' : 'Repaired:'}
          </p>
          {done.proposed && (
            <p className="mt-1">
              The file does not name its language. It looks like {proposedName}.{' '}
              <button
                onClick={() => {
                  change.mutate({ kind: 'setLanguage', language: done.proposed! });
                  setDone({ ...done, proposed: undefined });
                }}
                className="text-accent underline"
              >
                Take {proposedName}
              </button>
            </p>
          )}
          {done.repairs.length > 0 && (
            <ul className="mt-2 max-h-40 space-y-1 overflow-y-auto text-soft">
              {done.repairs.map((repair, i) => (
                <li key={i}>{repair}</li>
              ))}
            </ul>
          )}
        </div>
      )}
    </div>
  );
}
