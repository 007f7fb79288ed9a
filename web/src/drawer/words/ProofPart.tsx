import { BookPlus, CheckCheck, Replace, SpellCheck } from 'lucide-react';
import { useUnsureBelow, useWorkshop } from '../../api/hearing';
import { useSuggestions } from '../../api/proof';
import { useChange } from '../../api/changes';
import type { Clip, Track } from '../../api/types';
import { useChoices } from '../../state/choices';
import { usePanels } from '../../state/panels';
import { actionNamed } from '../../keys/actions';
import { handOf } from '../../keys/hand';
import { bare } from '../../state/bare';
import { useTermOf } from '../../state/termOf';
import { misspelt } from '../../state/spelling';
import { useSelection } from '../../state/selection';
import { QuietButton, Section, Tick } from '../../ui/parts';
import { Slider } from '../../ui/Slider';

/** Words to proof-read, with commands that go to them. */
export function ProofPart({ clip, track }: { clip: Clip; track: Track }) {
  const wrong = misspelt.use(clip.id, (words) => words);
  const { mutate } = useChange(clip.id);
  const { pauseWhileTyping, setPauseWhileTyping } = useChoices();
  const workshop = useWorkshop();
  const unsureBelow = useUnsureBelow();
  const recognised = track.cues
    .filter((c) => !c.locked)
    .flatMap((c) => c.words)
    .filter((w) => w.source === 'RECOGNISED');
  const heard = recognised.length;
  const sure = recognised.filter((w) => !w.unsure).length;
  const unsure = track.cues.reduce((sum, c) => sum + c.words.filter((w) => w.unsure).length, 0);
  const go = (id: string) => () => actionNamed(id).run(handOf(clip.id, track, mutate))?.();
  return (
    <Section title="Proof">
      <div className="space-y-2">
        {unsure > 0 && (
          <QuietButton hint="U" onClick={go('unsure')}>
            {unsure} unsure {unsure === 1 ? 'word' : 'words'}
          </QuietButton>
        )}
        {wrong.size > 0 && (
          <QuietButton hint="Shift U" onClick={go('misspelt')}>
            <SpellCheck size={16} /> {wrong.size} may be misspelt
          </QuietButton>
        )}
        {sure > 0 && (
          <QuietButton
            onClick={() => mutate({ kind: 'confirmSure', least: workshop.data?.unsureBelow ?? 1 })}
          >
            <CheckCheck size={16} /> Confirm the {sure} that {sure === 1 ? 'is' : 'are'} sure
          </QuietButton>
        )}
        <QuietButton hint="R" onClick={() => usePanels.getState().set({ replace: '' })}>
          <Replace size={16} /> Replace everywhere
        </QuietButton>
      </div>
      {heard > 0 && workshop.data && (
        <label className="mt-4 block px-1 text-note text-soft">
          Words count as unsure
          <Slider
            aria-label="How sure a word must be"
            aria-valuetext={`Marked below ${workshop.data.unsureBelow}`}
            min={0}
            max={workshop.data.steps.length - 1}
            value={workshop.data.steps.findIndex((s) => s >= workshop.data!.unsureBelow)}
            set={(at) => unsureBelow.mutate(workshop.data!.steps[at])}
            className="mt-1 w-full [--knob:var(--accent)]"
          />
          <span className="flex justify-between text-tiny">
            <span>only the worst</span>
            <span>all that may be wrong</span>
          </span>
        </label>
      )}
      <Tick className="mt-3 px-1" checked={pauseWhileTyping} onChange={(on) => setPauseWhileTyping(on)}>
        The clip pauses while I type
      </Tick>
    </Section>
  );
}

/** Takes a word into the terms; nothing for one that is there already. */
export function KeepAsTerm({ clip, word }: { clip: Clip; word: string }) {
  const { term, take } = useTermOf(clip, word);
  if (!term) return null;
  return (
    <button
      onClick={take}
      className="mt-2 flex items-center gap-1.5 text-left text-note text-accent hover:underline"
    >
      <BookPlus size={14} className="flex-none" /> “{term}” is a term of {clip.client?.name ?? 'the workshop'}
    </button>
  );
}

/** For a word that is in no dictionary: suggestions, and the glossary. */
export function SpellingOf({ clip, track, wordId }: { clip: Clip; track: Track; wordId: number }) {
  const wrong = misspelt.use(clip.id, (words) => words.has(wordId));
  const word = track.cues.flatMap((c) => c.words).find((w) => w.id === wordId);
  const suggestions = useSuggestions(clip.id, wrong && word ? word.text : null);
  const { mutate } = useChange(clip.id);
  if (!word) return null;
  const plain = bare(word.text);
  const keep = <KeepAsTerm clip={clip} word={word.text} />;
  // What a hand typed or confirmed may be a name that recognition gets wrong every time.
  if (!wrong) return word.source === 'TYPED' || word.source === 'CONFIRMED' ? keep : null;
  return (
    <div className="mt-3 rounded-lg bg-paper p-3">
      <p className="text-note text-soft">Not in a dictionary or glossary. Did you mean:</p>
      <div className="my-2 flex flex-wrap gap-1.5">
        {suggestions.data?.map((s) => (
          <button
            key={s}
            onClick={() => {
              mutate({ kind: 'replaceText', find: plain, with: s, wordIds: [word.id] });
              useSelection.getState().select({ kind: 'word', id: word.id });
            }}
            className="rounded-full border border-rule px-3 py-1 hover:border-ink"
          >
            {s}
          </button>
        ))}
        {suggestions.data?.length === 0 && <span className="text-note">No similar word was found.</span>}
      </div>
      {keep}
    </div>
  );
}
