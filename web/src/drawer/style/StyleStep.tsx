import { Sparkle } from 'lucide-react';
import { useChange, useSample, useStyles } from '../../api/queries';
import type { Clip, Style, Track } from '../../api/types';
import { useLit } from '../../state/lit';
import { useSelection } from '../../state/selection';
import { SamplePlayer } from '../../stage/SamplePlayer';
import { QuietButton, Section } from '../../ui/parts';

/** The strip of styles, each moving with the clip's own words, and emphasis for the word in hand. */
export function StyleStep({ clip, track }: { clip: Clip; track: Track }) {
  const styles = useStyles();
  const change = useChange(clip.id);
  const selected = useSelection((s) => s.selected);
  const litCue = useLit((s) => s.cueId);
  const word =
    selected.kind === 'word'
      ? track.cues.flatMap((c) => c.words).find((w) => w.id === selected.id)
      : undefined;
  const cueInHand =
    selected.kind === 'cue'
      ? selected.id
      : (track.cues.find((c) => c.words.some((w) => w.id === word?.id))?.id ?? litCue ?? 0);
  return (
    <>
      <Section title="Style of the track">
        <div role="radiogroup" aria-label="Style" className="space-y-3">
          {styles.data?.map((style) => (
            <StyleCard
              key={style.name}
              clip={clip}
              track={track}
              style={style}
              cueId={cueInHand}
              choose={() => change.mutate({ kind: 'restyle', style: style.name })}
            />
          ))}
        </div>
      </Section>
      <Section title={word ? `This word: ${word.text}` : 'Emphasis'}>
        {word ? (
          <QuietButton
            hint="E"
            onClick={() =>
              change.mutate({ kind: 'setEmphasis', wordIds: [word.id], emphasis: word.emphasis ? 0 : 1 })
            }
          >
            <Sparkle size={16} /> {word.emphasis ? 'Make it plain' : 'Emphasise'}
          </QuietButton>
        ) : (
          <p className="text-[13px] text-soft">Click a word in the score, then press E to emphasise it.</p>
        )}
      </Section>
    </>
  );
}

function StyleCard(props: { clip: Clip; track: Track; style: Style; cueId: number; choose: () => void }) {
  const { clip, track, style } = props;
  const sample = useSample(clip.id, style.name, props.cueId, track.version);
  const on = track.style === style.name;
  return (
    <button
      role="radio"
      aria-checked={on}
      onClick={props.choose}
      data-style={style.name}
      className={`block w-full overflow-hidden rounded-lg text-left ${on ? 'bg-paper outline-2 outline-accent' : 'bg-sunk hover:bg-paper'}`}
    >
      <span className="flex h-[104px] items-center justify-center bg-[linear-gradient(160deg,#3f6a70,#1d4047_70%,#17343a)]">
        {sample.data && sample.data.parts.length > 0 && (
          <SamplePlayer scene={sample.data} width={262} height={104} />
        )}
      </span>
      <span className="block px-4 py-2.5">
        <span className="font-semibold">{style.name}</span>
        <span className="block text-[13px] text-soft">{style.about}</span>
      </span>
    </button>
  );
}
