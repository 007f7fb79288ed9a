import { Check, ChevronDown, X } from 'lucide-react';
import { Collapsible } from 'radix-ui';
import { useEffect, useState } from 'react';
import { useSuggestions } from '../../api/emphasis';
import { useChange } from '../../api/changes';
import { useOpen } from '../../state/remembered';
import type { Clip, Track } from '../../api/types';
import { usePlayer } from '../../player/player';
import { useSelection } from '../../state/selection';
import { refuse, useSuggested } from '../../state/suggested';
import { QuietButton } from '../../ui/parts';
import { RoleOptions } from './RoleOptions';
import { Slider } from '../../ui/Slider';

/** Suggested emphasis: shown in the score while this is open, accepted one by one or all. */
export function SuggestPart({ clip, track, roles }: { clip: Clip; track: Track; roles: string[] }) {
  const [open, setOpen] = useOpen('emphasis', false);
  const [strength, setStrength] = useState(0.5);
  const [role, setRole] = useState(1);
  const change = useChange(clip.id);
  const refused = useSuggested((s) => s.refused);
  const asked = useSuggestions(clip.id, track.version, strength, open);
  const words = open ? (asked.data ?? []).filter((one) => !refused.has(one.wordId)) : [];
  const key = words.map((one) => one.wordId).join();
  useEffect(() => {
    useSuggested.setState({ because: new Map(words.map((one) => [one.wordId, one.because])) });
    // The words are the same as long as their ids are.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  useEffect(() => () => useSuggested.setState({ because: new Map() }), []);
  const take = (ids: number[]) =>
    change.mutate({ kind: 'setEmphasis', wordIds: ids, emphasis: Math.min(role, Math.max(1, roles.length)) });
  const go = (id: number) => {
    useSelection.getState().select({ kind: 'word', id });
    const word = track.cues.flatMap((c) => c.words).find((w) => w.id === id);
    if (word) usePlayer.getState().seekWord(word.startMs);
  };
  return (
    <Collapsible.Root open={open} onOpenChange={setOpen} className="mb-5 border-y border-rule">
      <Collapsible.Trigger className="flex w-full items-center justify-between py-2.5 text-left font-semibold">
        What the voice stresses
        <ChevronDown size={16} className={`text-soft transition-transform ${open ? '' : '-rotate-90'}`} />
      </Collapsible.Trigger>
      <Collapsible.Content className="space-y-2.5 pb-4">
        <label className="flex items-center gap-3 text-note text-soft">
          Few
          <Slider
            aria-label="How many suggestions"
            min={0}
            max={1}
            step={0.05}
            value={strength}
            set={setStrength}
            className="min-w-0 flex-1 [--knob:var(--accent)]"
          />
          many
        </label>
        {asked.isPending && <p className="text-note text-soft">Measuring the voice…</p>}
        {asked.isError && <p className="text-note text-accent">{asked.error.message}</p>}
        {asked.data && words.length === 0 && (
          <p className="text-note text-soft">Nothing stands out that is not emphasised already.</p>
        )}
        <ul
          aria-label="Suggested words"
          className="max-h-[212px] overflow-y-auto overscroll-contain rounded-lg bg-sunk/60"
        >
          {words.map((one) => (
            <li key={one.wordId} className="group flex items-center gap-1 py-0.5 pr-1 pl-2.5">
              <button
                title={one.because}
                onClick={() => go(one.wordId)}
                className="min-w-0 flex-1 truncate py-0.5 text-left"
              >
                <span className="font-semibold">{one.text}</span>{' '}
                <span className="text-note text-soft">{one.because}</span>
              </button>
              <button
                aria-label={`Emphasise ${one.text}`}
                title="Emphasise it"
                onClick={() => take([one.wordId])}
                className="flex-none rounded p-1 text-soft hover:bg-page hover:text-accent"
              >
                <Check size={15} />
              </button>
              <button
                aria-label={`Not ${one.text}`}
                title="Not this one"
                onClick={() => refuse(one.wordId)}
                className="flex-none rounded p-1 text-soft hover:bg-page hover:text-ink"
              >
                <X size={15} />
              </button>
            </li>
          ))}
        </ul>
        {words.length > 0 && (
          <>
            {roles.length > 1 && (
              <label className="flex items-center gap-2 text-note text-soft">
                Marked as
                <select
                  aria-label="What suggested words are marked as"
                  value={role}
                  onChange={(e) => setRole(Number(e.target.value))}
                  className="field min-w-0 flex-1 px-2 py-1 text-ink"
                >
                  <RoleOptions roles={roles} />
                </select>
              </label>
            )}
            <QuietButton onClick={() => take(words.map((one) => one.wordId))}>
              <Check size={16} /> Emphasise all {words.length}
            </QuietButton>
          </>
        )}
      </Collapsible.Content>
    </Collapsible.Root>
  );
}
