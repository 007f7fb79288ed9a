import {
  Check,
  Combine,
  Ear,
  Lock,
  LockOpen,
  ScrollText,
  Sparkle,
  SplitSquareHorizontal,
  Trash2,
  X,
} from 'lucide-react';
import { useChange } from '../../api/changes';
import { useOrderWords } from '../../api/jobs';
import { usePolicies } from '../../state/policies';
import type { Clip, Cue, Track } from '../../api/types';
import { stamp } from '../../player/time';
import { chosenCues, useSelection } from '../../state/selection';
import { QuietButton, Section } from '../../ui/parts';
import { textOf } from '../../state/text';
import { SpellingOf } from './ProofPart';
import { ReadingsOf } from './ReadingsOf';

const SOURCES: Record<string, string> = {
  RECOGNISED: 'heard',
  ALIGNED: 'measured on the voice',
  ESTIMATED: 'estimated',
  IMPORTED: 'from a file',
  TYPED: 'typed',
  CONFIRMED: 'confirmed',
  TRANSLATED: 'translated',
  NOT_FOUND: 'in the script, not heard',
};

/** The selection and its commands. */
export function SelectedPart({ clip, track }: { clip: Clip; track: Track }) {
  const selected = useSelection((s) => s.selected);
  const change = useChange(clip.id);
  const policies = usePolicies().chosen;
  const again = useOrderWords(clip.id);
  if (selected.kind === 'word') {
    const word = track.cues.flatMap((c) => c.words).find((w) => w.id === selected.id);
    if (word) {
      return (
        <Section title={`This word: ${word.text}`}>
          <p className="mb-3 text-note text-soft">
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
            <LockOfCues clipId={clip.id} cues={chosenCues(track, selected)} what="its cue" />
          </div>
          <ReadingsOf clip={clip} track={track} word={word} />
          <SpellingOf clip={clip} track={track} wordId={word.id} />
        </Section>
      );
    }
  }
  if (selected.kind === 'cue' || selected.kind === 'run') {
    const cues = chosenCues(track, selected);
    if (cues.length > 0) {
      const first = cues[0];
      const last = cues[cues.length - 1];
      const words = cues.flatMap((c) => c.words);
      const ids = cues.map((c) => c.id);
      const range = { language: track.language, cueIds: ids };
      const locked = cues.every((c) => c.locked);
      return (
        <Section title={cues.length === 1 ? 'This cue' : `These ${cues.length} cues`}>
          <p className="mb-3 text-note text-soft">
            {stamp(first.showMs)} to {stamp(last.hideMs)}, {words.length}{' '}
            {words.length === 1 ? 'word' : 'words'}
            {cues.length === 1 && `, ${first.speed.toFixed(0)} characters a second`}
            {locked && ', locked'}
          </p>
          <div className="space-y-2">
            <LockOfCues clipId={clip.id} cues={cues} />
            {cues.length > 1 && (
              <QuietButton
                hint="N"
                disabled={cues.some((c) => c.locked)}
                onClick={() => change.mutate({ kind: 'joinRun', cueIds: ids })}
              >
                <Combine size={16} /> Join them
              </QuietButton>
            )}
            <QuietButton
              disabled={cues.some((c) => c.locked) || cues.every((c) => c.words.length < 2)}
              onClick={() => change.mutate({ kind: 'splitEvenly', cueIds: ids })}
            >
              <SplitSquareHorizontal size={16} /> Split {cues.length === 1 ? 'it' : 'each'} evenly
            </QuietButton>
            <QuietButton
              hint="Del"
              disabled={cues.some((c) => c.locked)}
              onClick={() => {
                useSelection.getState().select({ kind: 'none' });
                change.mutate({ kind: 'deleteCues', cueIds: ids });
              }}
            >
              <Trash2 size={16} /> Delete {cues.length === 1 ? 'it' : 'them'}
            </QuietButton>
            <QuietButton
              disabled={cues.some((c) => c.locked)}
              onClick={() => again.mutate({ ...range, script: cues.map((c) => textOf(c.words)).join(' ') })}
            >
              <ScrollText size={16} /> Place its text again
            </QuietButton>
            {clip.sounds > 0 && (
              <QuietButton
                disabled={cues.some((c) => c.locked)}
                onClick={() => again.mutate({ ...range, policies })}
              >
                <Ear size={16} /> Recognise just {cues.length === 1 ? 'this cue' : 'these cues'}
              </QuietButton>
            )}
          </div>
        </Section>
      );
    }
  }
  const words = track.cues.reduce((sum, c) => sum + c.words.length, 0);
  const locked = track.cues.every((c) => c.locked);
  return (
    <Section title="The track">
      <p className="text-note text-soft">
        {words} words in {track.cues.length} cues. Click a word to go there; Enter types in its cue.
      </p>
      <button
        onClick={() => change.mutate({ kind: 'lock', cueIds: track.cues.map((c) => c.id), locked: !locked })}
        className="mt-1.5 flex items-center gap-1.5 text-note text-soft hover:text-ink"
      >
        {locked ? <LockOpen size={13} /> : <Lock size={13} />}{' '}
        {locked ? 'Unlock the track' : 'Lock the whole track'}
      </button>
    </Section>
  );
}

/** Locks cues, or unlocks them where all are locked. */
function LockOfCues({ clipId, cues, what = '' }: { clipId: string; cues: Cue[]; what?: string }) {
  const change = useChange(clipId);
  const locked = cues.every((c) => c.locked);
  return (
    <QuietButton
      hint="X"
      onClick={() => change.mutate({ kind: 'lock', cueIds: cues.map((c) => c.id), locked: !locked })}
    >
      {locked ? <LockOpen size={16} /> : <Lock size={16} />} {locked ? 'Unlock' : 'Lock'} {what}
    </QuietButton>
  );
}
