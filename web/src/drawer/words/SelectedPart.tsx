import { Check, Ear, ScrollText, Sparkle, X } from 'lucide-react';
import { useChange, useOrder } from '../../api/queries';
import type { Clip, Track, WordsRequest } from '../../api/types';
import { stamp } from '../../player/time';
import { useSelection } from '../../selection/selection';
import { QuietButton, Section } from '../parts';

const SOURCES: Record<string, string> = {
  RECOGNISED: 'heard',
  ALIGNED: 'measured on the voice',
  ESTIMATED: 'estimated',
  IMPORTED: 'from a file',
  TYPED: 'typed',
  CONFIRMED: 'confirmed',
  NOT_FOUND: 'in the script, not heard',
};

/** Says what is selected, and what can be done to it. */
export function SelectedPart({ clip, track }: { clip: Clip; track: Track }) {
  const selected = useSelection((s) => s.selected);
  const change = useChange(clip.id);
  const again = useOrder<WordsRequest>(`/api/clips/${clip.id}/words`, clip.id);
  if (selected.kind === 'word') {
    const word = track.cues.flatMap((c) => c.words).find((w) => w.id === selected.id);
    if (word) {
      return (
        <Section title={`This word: ${word.text}`}>
          <p className="mb-3 text-[13px] text-soft">
            {stamp(word.startMs)} to {stamp(word.endMs)}, {word.endMs - word.startMs} ms,{' '}
            {SOURCES[word.source]}
          </p>
          <div className="space-y-2">
            <QuietButton
              hint="E"
              onClick={() =>
                change.mutate({ kind: 'setEmphasis', wordIds: [word.id], emphasis: word.emphasis ? 0 : 1 })
              }
            >
              <Sparkle size={16} /> {word.emphasis ? 'Make it plain' : 'Emphasise'}
            </QuietButton>
            {word.confidence < 1 && (
              <QuietButton
                hint="C"
                onClick={() => change.mutate({ kind: 'confirmWords', wordIds: [word.id] })}
              >
                <Check size={16} /> {word.source === 'NOT_FOUND' ? 'Keep it' : 'Confirm'}
              </QuietButton>
            )}
            {word.source === 'NOT_FOUND' && (
              <QuietButton onClick={() => change.mutate({ kind: 'dropWords', wordIds: [word.id] })}>
                <X size={16} /> Delete it
              </QuietButton>
            )}
          </div>
        </Section>
      );
    }
  }
  if (selected.kind === 'cue') {
    const cue = track.cues.find((c) => c.id === selected.id);
    if (cue) {
      const range = { language: track.language, fromMs: cue.showMs, toMs: cue.hideMs };
      return (
        <Section title="This cue">
          <p className="mb-3 text-[13px] text-soft">
            {stamp(cue.showMs)} to {stamp(cue.hideMs)}, {cue.words.length} words, {cue.speed.toFixed(0)}{' '}
            characters a second
          </p>
          <div className="space-y-2">
            <QuietButton
              onClick={() => again.mutate({ ...range, script: cue.words.map((w) => w.text).join(' ') })}
            >
              <ScrollText size={16} /> Place its text again
            </QuietButton>
            {clip.sounds > 0 && (
              <QuietButton onClick={() => again.mutate(range)}>
                <Ear size={16} /> Recognise just this cue
              </QuietButton>
            )}
          </div>
        </Section>
      );
    }
  }
  const words = track.cues.reduce((sum, c) => sum + c.words.length, 0);
  return (
    <Section title="The track">
      <p className="text-[13px] text-soft">
        {words} words in {track.cues.length} cues. Click a word to go there; Enter types in its cue.
      </p>
    </Section>
  );
}
