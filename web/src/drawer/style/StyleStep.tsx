import { Sparkle } from 'lucide-react';
import { useChange, useSample, useStyles } from '../../api/queries';
import type { Clip, Style, Track } from '../../api/types';
import { useLit } from '../../state/lit';
import { useSelection } from '../../state/selection';
import { SamplePlayer } from '../../stage/SamplePlayer';
import { One, OneOf } from '../../ui/OneOf';
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
        <OneOf
          label="Style"
          value={track.style}
          onChange={(style) => change.mutate({ kind: 'restyle', style })}
          className="space-y-3"
        >
          {styles.data?.map((style) => (
            <StyleCard key={style.name} clip={clip} track={track} style={style} cueId={cueInHand} />
          ))}
        </OneOf>
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
          <p className="text-note text-soft">Click a word in the score, then press E to emphasise it.</p>
        )}
      </Section>
    </>
  );
}

function StyleCard(props: { clip: Clip; track: Track; style: Style; cueId: number }) {
  const { clip, track, style } = props;
  const sample = useSample(clip.id, style.name, props.cueId, track.version);
  return (
    <One
      value={style.name}
      data-style={style.name}
      className="block w-full overflow-hidden rounded-lg bg-sunk text-left hover:bg-paper data-[state=checked]:bg-paper data-[state=checked]:outline-2 data-[state=checked]:outline-accent"
    >
      <span className="flex h-[104px] items-center justify-center bg-[linear-gradient(160deg,#3f6a70,#1d4047_70%,#17343a)]">
        {sample.data && sample.data.parts.length > 0 && (
          <SamplePlayer scene={sample.data} width={262} height={104} />
        )}
      </span>
      <span className="block px-4 py-2.5">
        <span className="font-semibold">{style.name}</span>
        <span className="block text-note text-soft">{style.about}</span>
      </span>
    </One>
  );
}
