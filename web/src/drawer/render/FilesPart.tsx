import { Download } from 'lucide-react';
import { inLanguage, useCaptionFormats } from '../../api/queries';
import type { Clip, Track } from '../../api/types';
import { usePanels } from '../../state/panels';
import { Section } from '../../ui/parts';

/** Caption files of the track; each says before what it cannot keep. */
export function FilesPart({ clip, track }: { clip: Clip; track: Track }) {
  const onStage = usePanels((s) => s.onStage);
  const formats = useCaptionFormats(clip.id, track.version, onStage);
  if (track.cues.length === 0) return null;
  return (
    <Section title="Caption files">
      <ul className="space-y-1">
        {formats.data?.map((format) => (
          <li key={format.format}>
            <a
              href={`/api/clips/${clip.id}/captions/${format.format}${inLanguage(onStage)}`}
              download
              className="group flex items-start gap-3 rounded-lg px-2 py-1.5 hover:bg-paper"
            >
              <Download size={16} className="mt-1 flex-none text-soft group-hover:text-accent" />
              <span className="min-w-0">
                <span className="block font-medium">
                  {format.label} <span className="text-note font-normal text-soft">.{format.endings[0]}</span>
                </span>
                <span className="block text-note text-soft">Leaves out {format.loses.join('; ')}.</span>
              </span>
            </a>
          </li>
        ))}
      </ul>
    </Section>
  );
}
