import { Languages, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useTranslate } from '../../api/jobs';
import { useLanguages } from '../../api/queries';
import {
  useOpenTranslation,
  useRemoveTranslation,
  useTranslation,
  useTranslationChange,
  useTranslators,
} from '../../api/translations';
import type { Clip, Track } from '../../api/types';
import { usePanels } from '../../state/panels';
import { One, OneOf } from '../../ui/OneOf';
import { QuietButton, Section, Tick } from '../../ui/parts';

/** A translation beside the words in the score: typed, or made by a translator. */
export function TranslationPart({ clip, track }: { clip: Clip; track: Track }) {
  const beside = usePanels((s) => s.beside);
  const onStage = usePanels((s) => s.onStage);
  const { set } = usePanels.getState();
  const languages = useLanguages();
  const [wanted, setWanted] = useState('');
  const open = useOpenTranslation(clip.id);
  const remove = useRemoveTranslation(clip.id);
  const translators = useTranslators(track.language, beside);
  const translation = useTranslation(clip.id, beside, track.version);
  const change = useTranslationChange(clip.id, beside ?? '');
  const order = useTranslate(clip.id, beside ?? '');
  const name = (tag: string) => languages.data?.find((l) => l.tag === tag)?.name ?? tag;
  const own = track.language.split('-')[0];
  const done = translation.data?.cues.length ?? 0;
  const fast = translation.data?.cues.filter((c) => c.fast).length ?? 0;
  return (
    <Section title="Translation">
      {clip.translations.length > 0 && (
        <OneOf
          label="Translation beside the words"
          value={beside ?? ''}
          onChange={(tag) => set({ beside: tag || null, onStage: null })}
          className="mb-3 flex flex-wrap gap-1.5"
        >
          {[null, ...clip.translations].map((tag) => (
            <One
              key={tag ?? ''}
              value={tag ?? ''}
              className="rounded-full border border-rule px-3 py-1 hover:border-ink data-[state=checked]:border-accent data-[state=checked]:bg-tint data-[state=checked]:font-semibold"
            >
              {tag ? name(tag) : 'None'}
            </One>
          ))}
        </OneOf>
      )}
      {beside && clip.translations.includes(beside) ? (
        <div className="space-y-2">
          <p className="text-note text-soft">
            {done} of {track.cues.length} cues have a text.
            {fast > 0 &&
              ` ${fast} ${fast === 1 ? 'is' : 'are'} too long to read in ${fast === 1 ? 'its' : 'their'} time.`}
          </p>
          {translators.data?.map((translator) => (
            <QuietButton key={translator} onClick={() => order.mutate({ translator })}>
              <Languages size={16} /> Translate with {translator}
            </QuietButton>
          ))}
          {translators.data?.length === 0 && (
            <p className="text-note text-soft">
              No translator is installed for this pair: click a line in the score and type. Translators are
              added with <code className="text-tiny">./salt-drum start --with-translation</code>.
            </p>
          )}
          {(translators.data?.length ?? 0) > 0 && (
            <p className="text-note text-soft">Typed, confirmed and locked lines do not change.</p>
          )}
          {translation.data?.undo && (
            <button
              onClick={() => change.mutate({ kind: 'undo' })}
              className="block text-note text-accent hover:underline"
            >
              Undo: {translation.data.undo}
            </button>
          )}
          <Tick
            className="px-1"
            checked={onStage === beside}
            onChange={(on) => set({ onStage: on ? beside : null })}
          >
            Show and render it in place of the clip’s own words
          </Tick>
          <button
            onClick={() => {
              remove.mutate(beside);
              set({ beside: null, onStage: null });
            }}
            className="flex items-center gap-1.5 px-1 text-note text-soft hover:text-ink"
          >
            <Trash2 size={13} /> Remove the {name(beside)} translation
          </button>
        </div>
      ) : (
        <div className="flex gap-2">
          <select
            aria-label="Language of a new translation"
            value={wanted}
            onChange={(e) => setWanted(e.target.value)}
            className="min-w-0 flex-1 field px-2 py-1.5"
          >
            <option value="">Another language</option>
            {languages.data
              ?.filter((l) => l.tag !== own && !clip.translations.includes(l.tag))
              .map((l) => (
                <option key={l.tag} value={l.tag}>
                  {l.name}
                </option>
              ))}
          </select>
          <button
            disabled={!wanted}
            onClick={() => open.mutate(wanted, { onSuccess: () => set({ beside: wanted }) })}
            className="rounded-full border border-rule px-4 hover:border-ink disabled:opacity-40"
          >
            Add
          </button>
        </div>
      )}
    </Section>
  );
}
