import { type ReactNode, useRef, useState } from 'react';
import { Ear, Play, X } from 'lucide-react';
import { useChange } from '../../api/changes';
import { useLook, usePalette } from '../../api/looks';
import { doubtful, settleTurns, useFindSpeakers } from '../../api/speakers';
import type { Clip, Cue, Track } from '../../api/types';
import { usePlayer } from '../../player/player';
import { chosenCues, useSelection } from '../../state/selection';
import { Field } from '../../ui/Field';
import { IconButton } from '../../ui/IconButton';
import { MainButton, Section } from '../../ui/parts';
import { ColourControl } from '../style/controls/ColourControl';

const COUNTS = [2, 3, 4];
/** Letters that have more than one colour. */
const WHITE = '#ffffff';
/** A colour that is being chosen is kept when the hand rests. */
const RESTS_MS = 400;

/** Who speaks: how many, their names and colours, and what each says. */
export function SpeakersPart({ clip, track }: { clip: Clip; track: Track }) {
  const change = useChange(clip.id);
  const find = useFindSpeakers(clip.id);
  const { speakers } = track;
  const inDoubt = doubtful.use(clip.id, (words) => words.size);
  const name = (count: number) =>
    change.mutate(
      {
        kind: 'nameSpeakers',
        names: Array.from({ length: count }, (_, i) => speakers[i]?.name ?? ''),
      },
      { onSuccess: () => clip.sounds > 0 && find.mutate() },
    );
  if (speakers.length === 0) {
    return (
      <Section title="Who speaks">
        <p className="mb-3 text-note text-soft">One voice. Say how many there are to tell them apart.</p>
        <div className="flex gap-2">
          {COUNTS.map((count) => (
            <button
              key={count}
              onClick={() => name(count)}
              className="flex-1 rounded-full border border-rule py-1.5 hover:border-ink"
            >
              {count} voices
            </button>
          ))}
        </div>
      </Section>
    );
  }
  return (
    <Section title="Who speaks">
      <ul className="mb-4 divide-y divide-rule border-y border-rule">
        {speakers.map((_, i) => (
          <SpeakerRow key={i} clip={clip} track={track} speaker={i + 1} />
        ))}
      </ul>
      <div className="space-y-2">
        {clip.sounds > 0 && speakers.length > 1 && (
          <MainButton onClick={() => find.mutate()} disabled={find.isPending}>
            <Ear size={16} /> {find.isPending ? 'Listening…' : 'Find who says what'}
          </MainButton>
        )}
        <p className="px-1 text-note text-soft">
          {inDoubt > 0
            ? `${inDoubt === 1 ? 'One turn is' : `${inDoubt} turns are`} in doubt: Shift W goes there.`
            : 'Give two sentences to each voice and find again: what you gave stays.'}
        </p>
        <div className="flex gap-x-4 px-1 text-note">
          <Link onClick={() => name(speakers.length + 1)}>One more</Link>
          {speakers.length === 2 && (
            <Link onClick={() => change.mutate({ kind: 'swapSpeakers', first: 1, second: 2 })}>
              Swap the two
            </Link>
          )}
          <Link onClick={() => change.mutate({ kind: 'nameSpeakers', names: [] })}>One voice again</Link>
        </div>
      </div>
    </Section>
  );
}

function Link({ onClick, children }: { onClick: () => void; children: ReactNode }) {
  return (
    <button onClick={onClick} className="text-soft underline underline-offset-4 hover:text-ink">
      {children}
    </button>
  );
}

function SpeakerRow({ clip, track, speaker }: { clip: Clip; track: Track; speaker: number }) {
  const change = useChange(clip.id);
  const palette = usePalette(clip.id, track.version).data ?? [];
  const fill = useLook(clip.id, track.version, {}).data?.look.fill;
  const selected = useSelection((s) => s.selected);
  const { name, colour } = track.speakers[speaker - 1];
  const sample = longest(track.cues.filter((cue) => cue.speaker === speaker));
  const words = saidNow(track, selected);
  const give = () => {
    settleTurns(clip.id, words);
    change.mutate({ kind: 'giveSpeaker', wordIds: words, speaker });
  };
  const [trying, setTrying] = useState<string | null>(null);
  const timer = useRef(0);
  const paint = (code: string) => {
    window.clearTimeout(timer.current);
    setTrying(code);
    change.mutate(
      { kind: 'lookOfSpeaker', speaker, look: { fill: { kind: 'flat', colour: code } } },
      { onSettled: () => setTrying(null) },
    );
  };
  const paintSoon = (code: string) => {
    window.clearTimeout(timer.current);
    setTrying(code);
    timer.current = window.setTimeout(() => paint(code), RESTS_MS);
  };
  return (
    <li className="space-y-1.5 py-2.5" data-speaker={speaker}>
      <div className="flex items-center gap-1">
        <Field
          label={`Name of speaker ${speaker}`}
          shown={name}
          take={(typed) =>
            change.mutate({
              kind: 'nameSpeakers',
              names: track.speakers.map((one, i) => (i === speaker - 1 ? typed : one.name)),
            })
          }
          className="field min-w-0 flex-1 px-2 py-1"
        />
        <IconButton
          label={`Hear ${name}`}
          hint=""
          disabled={!sample}
          onClick={() => sample && usePlayer.getState().play(sample.showMs, sample.hideMs)}
        >
          <Play size={15} />
        </IconButton>
        {track.speakers.length > 1 && (
          <IconButton
            label={`Merge ${name} into ${track.speakers[speaker === 1 ? 1 : 0].name}`}
            hint=""
            onClick={() =>
              change.mutate({ kind: 'mergeSpeakers', gone: speaker, into: speaker === 1 ? 2 : 1 })
            }
          >
            <X size={15} />
          </IconButton>
        )}
      </div>
      <div className="text-note">
        <ColourControl
          label="Letters"
          value={trying ?? colour ?? (fill?.kind === 'flat' ? fill.colour : WHITE)}
          palette={palette}
          onSoon={paintSoon}
          onNow={paint}
        />
      </div>
      {colour && (
        <p className="text-note">
          <Link onClick={() => change.mutate({ kind: 'lookOfSpeaker', speaker, reset: ['fill'] })}>
            In the colour of the style
          </Link>
        </p>
      )}
      {words.length > 0 && (
        <button
          onClick={give}
          title="From a word on, to the end of its cue"
          className="w-full rounded-full border border-rule px-3 py-1 text-note hover:border-ink"
        >
          {name} says what is selected
        </button>
      )}
    </li>
  );
}

/** Ids of the selected words: those of cues, or from one word to the end of its cue. */
function saidNow(track: Track, selected: ReturnType<typeof useSelection.getState>['selected']): number[] {
  const ids = chosenCues(track, selected).flatMap((cue) => cue.words.map((word) => word.id));
  return selected.kind === 'word' ? ids.slice(ids.indexOf(selected.id)) : ids;
}

function longest(cues: Cue[]): Cue | undefined {
  return cues.reduce<Cue | undefined>(
    (best, cue) => (best && best.hideMs - best.showMs >= cue.hideMs - cue.showMs ? best : cue),
    undefined,
  );
}
