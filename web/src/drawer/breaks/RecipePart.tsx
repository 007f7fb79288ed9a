import { Save, Trash2 } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { useRecipes, useRemoveRecipe, useSaveRecipe } from '../../api/clients';
import { useChange } from '../../api/changes';
import type { Clip, Recipe, Track } from '../../api/types';
import { chosenCues, useSelection } from '../../state/selection';
import { One, OneOf } from '../../ui/OneOf';
import { Section, Tick } from '../../ui/parts';
import { Slider } from '../../ui/Slider';

const SETTLE_MS = 180;

type Numbers = Exclude<keyof Recipe, 'name' | 'fitted'>;

const CONTROLS: { field: Numbers; label: string; least: number; most: number; step: number; unit: string }[] =
  [
    { field: 'lineCharacters', label: 'Characters a line', least: 4, most: 60, step: 1, unit: '' },
    { field: 'lines', label: 'Lines', least: 1, most: 4, step: 1, unit: '' },
    { field: 'words', label: 'Words a cue', least: 1, most: 20, step: 1, unit: '' },
    { field: 'longestMs', label: 'Shown at most', least: 500, most: 10_000, step: 100, unit: 's' },
    { field: 'shortestMs', label: 'Shown at least', least: 0, most: 2_000, step: 20, unit: 's' },
    { field: 'pauseMs', label: 'Pause that breaks', least: 100, most: 2_000, step: 10, unit: 's' },
    { field: 'bridgeMs', label: 'Bridge gaps up to', least: 0, most: 1_500, step: 10, unit: 's' },
    { field: 'holdMs', label: 'Stay after a word', least: 0, most: 1_500, step: 10, unit: 's' },
    { field: 'leadInMs', label: 'Show before it', least: 0, most: 300, step: 10, unit: 's' },
  ];

function saidOf(recipe: Recipe): string {
  if (recipe.words === 1) return 'One word a cue';
  const lines = recipe.lines === 1 ? 'one line' : ['', '', 'two', 'three', 'four'][recipe.lines] + ' lines';
  return `${recipe.lineCharacters} characters, ${lines}`;
}

/** Recipes to choose, and every number of the one in use, with the result at once. */
export function RecipePart({ clip, track }: { clip: Clip; track: Track }) {
  const recipes = useRecipes(clip.client?.id);
  const remove = useRemoveRecipe(clip.client?.id);
  const change = useChange(clip.id);
  const selected = useSelection((s) => s.selected);
  const run = selected.kind === 'run' || selected.kind === 'cue' ? chosenCues(track, selected) : [];
  const [onlyRun, setOnlyRun] = useState(false);
  const cueIds = onlyRun && run.length > 0 ? run.map((c) => c.id) : undefined;
  const use = (recipe: Recipe) => change.mutate({ kind: 'rebreak', recipe, releasePins: false, cueIds });
  const own = recipes.data?.own ?? [];
  const all = [...(recipes.data?.shipped ?? []), ...own];
  return (
    <>
      <Section title="Recipe">
        <OneOf
          label="Recipe"
          value={track.recipe.name}
          onChange={(name) => use(all.find((r) => r.name === name)!)}
          className="space-y-1.5"
        >
          {all.map((recipe) => {
            return (
              <div key={recipe.name} className="group/recipe relative">
                <One
                  value={recipe.name}
                  // Choosing the active recipe again re-breaks everything.
                  onClick={() => recipe.name === track.recipe.name && use(recipe)}
                  className="flex w-full items-center gap-3 rounded-lg bg-sunk px-3.5 py-2 text-left hover:bg-paper data-[state=checked]:bg-paper data-[state=checked]:outline-2 data-[state=checked]:outline-accent"
                >
                  <span className="min-w-0 flex-1">
                    <span className="block truncate font-semibold first-letter:uppercase">{recipe.name}</span>
                    <span className="block text-note text-soft">{saidOf(recipe)}</span>
                  </span>
                  <Shape recipe={recipe} />
                </One>
                {own.includes(recipe) && (
                  <button
                    aria-label={`Remove the recipe ${recipe.name}`}
                    onClick={() => remove.mutate(recipe.name)}
                    className="absolute top-1.5 right-1.5 rounded-md p-1 text-soft opacity-0 group-hover/recipe:opacity-100 hover:bg-sunk hover:text-ink focus-visible:opacity-100"
                  >
                    <Trash2 size={13} />
                  </button>
                )}
              </div>
            );
          })}
        </OneOf>
        <p className="mt-3 text-note text-soft" aria-live="polite">
          {track.cues.length} cues now.
        </p>
        {run.length > 0 && (
          <Tick className="mt-1" checked={onlyRun} onChange={(on) => setOnlyRun(on)}>
            Break only {run.length === 1 ? 'this cue' : `these ${run.length} cues`} again
          </Tick>
        )}
      </Section>
      <Numbers clip={clip} track={track} key={clip.id} />
    </>
  );
}

/** The numbers of the recipe in use. Each is tried out as it is moved; the history keeps one step for each. */
function Numbers({ clip, track }: { clip: Clip; track: Track }) {
  const change = useChange(clip.id);
  const save = useSaveRecipe(clip.client?.id);
  const [draft, setDraft] = useState<Recipe>(track.recipe);
  const [name, setName] = useState('');
  const waiting = useRef(0);
  const inUse = JSON.stringify(track.recipe);
  useEffect(() => setDraft(JSON.parse(inUse) as Recipe), [inUse]);
  const set = (part: Partial<Recipe>) => {
    const next = { ...draft, ...part, name: 'own' };
    next.shortestMs = Math.min(next.shortestMs, next.longestMs);
    setDraft(next);
    window.clearTimeout(waiting.current);
    waiting.current = window.setTimeout(
      () => change.mutate({ kind: 'rebreak', recipe: next, releasePins: false, cueIds: undefined }),
      SETTLE_MS,
    );
  };
  return (
    <Section title="Settings of the recipe">
      <div className="space-y-2">
        {CONTROLS.map(({ field, label, least, most, step, unit }) => (
          <label key={field} className="flex items-center gap-2.5 text-note">
            <span className="w-[112px] flex-none leading-tight text-soft">{label}</span>
            <Slider
              aria-label={label}
              min={least}
              max={most}
              step={step}
              value={Math.min(most, draft[field])}
              set={(value) => set({ [field]: field === 'words' && value === most ? 100 : value })}
              className="h-5 min-w-0 flex-1"
            />
            <span className="w-11 flex-none text-right">
              {field === 'words' && draft.words >= most
                ? 'any'
                : unit
                  ? `${(draft[field] / 1000).toFixed(2)} s`
                  : draft[field]}
            </span>
          </label>
        ))}
      </div>
      <Tick className="mt-3" checked={draft.fitted ?? false} onChange={(fitted) => set({ fitted })}>
        Lines also fit the style and the frame
      </Tick>
      <form
        className="mt-3 flex gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          if (!name.trim()) return;
          const named = { ...draft, name: name.trim() };
          save.mutate(named, {
            onSuccess: () => {
              setName('');
              change.mutate({ kind: 'rebreak', recipe: named, releasePins: false, cueIds: undefined });
            },
          });
        }}
      >
        <input
          aria-label="Name of the recipe"
          placeholder={clip.client ? `Save for ${clip.client.name} as` : 'Save as'}
          value={name}
          maxLength={40}
          onChange={(e) => setName(e.target.value)}
          className="min-w-0 flex-1 field px-3 py-1.5"
        />
        <button
          aria-label="Save the recipe"
          disabled={!name.trim()}
          className="rounded-full border border-rule px-3 hover:border-ink disabled:opacity-40"
        >
          <Save size={16} />
        </button>
      </form>
    </Section>
  );
}

/** The cue's outline, so that the choice can be seen before it is made. */
function Shape({ recipe }: { recipe: Recipe }) {
  const lines =
    recipe.words === 1
      ? [0.35]
      : recipe.lines === 1
        ? [1]
        : Array.from({ length: recipe.lines }, (_, i) => 0.95 - 0.2 * i);
  return (
    <span aria-hidden className="flex w-9 flex-none flex-col items-center gap-1">
      {lines.map((width, i) => (
        <span
          key={i}
          className="h-1.5 rounded-full bg-groove"
          style={{ width: `${Math.max(0.3, width) * 100}%` }}
        />
      ))}
    </span>
  );
}
