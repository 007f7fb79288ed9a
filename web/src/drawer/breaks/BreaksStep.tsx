import { useChange, useRecipes } from '../../api/queries';
import type { Clip, Recipe, Track } from '../../api/types';
import { Section } from '../parts';

function saidOf(recipe: Recipe): string {
  if (recipe.words === 1) return 'Every word is a cue of its own';
  const lines = recipe.lines === 1 ? 'one line' : `${recipe.lines} lines`;
  return `${recipe.lineCharacters} characters a line, ${lines}`;
}

/** Recipes: one choice breaks the whole clip anew; breaks made by hand stay. */
export function BreaksStep({ clip, track }: { clip: Clip; track: Track }) {
  const recipes = useRecipes();
  const change = useChange(clip.id);
  const pins = track.cues.flatMap((c) => c.words).filter((w) => w.pin !== 'FREE').length;
  return (
    <>
      <Section title="Recipe">
        <div role="radiogroup" aria-label="Recipe" className="space-y-2">
          {recipes.data?.map((recipe) => {
            const on = recipe.name === track.recipe.name;
            return (
              <button
                key={recipe.name}
                role="radio"
                aria-checked={on}
                onClick={() => change.mutate({ kind: 'rebreak', recipe, releasePins: false })}
                className={`block w-full rounded-lg px-4 py-3 text-left ${on ? 'bg-paper outline-2 outline-accent' : 'bg-sunk hover:bg-paper'}`}
              >
                <span className="inline-block font-semibold first-letter:uppercase">{recipe.name}</span>
                <span className="block text-[13px] text-soft">{saidOf(recipe)}</span>
                <Shape recipe={recipe} />
              </button>
            );
          })}
        </div>
        <p className="mt-4 text-[13px] text-soft">
          {track.cues.length} cues now.{' '}
          {pins > 0 && `${pins} ${pins === 1 ? 'break' : 'breaks'} made by hand stay.`}
        </p>
        {pins > 0 && (
          <button
            onClick={() => change.mutate({ kind: 'rebreak', recipe: track.recipe, releasePins: true })}
            className="mt-1 text-[13px] text-accent hover:underline"
          >
            Release them
          </button>
        )}
      </Section>
      <Section title="By hand">
        <dl className="space-y-2 text-[13px] text-soft">
          <Key keys="B" does="Split the cue before the selected word" />
          <Key keys="N" does="Join the cue with the next" />
          <Key keys="Shift ←" does="Send its first word to the cue before" />
          <Key keys="Shift →" does="Send its last word to the cue after" />
        </dl>
      </Section>
    </>
  );
}

/** The cue's outline, so that the choice can be seen before it is made. */
function Shape({ recipe }: { recipe: Recipe }) {
  const lines = recipe.words === 1 ? [0.26] : recipe.lines === 1 ? [0.8] : [0.72, 0.56];
  return (
    <span aria-hidden className="mt-2 flex flex-col gap-1">
      {lines.map((width, i) => (
        <span key={i} className="h-1.5 rounded-full bg-groove" style={{ width: `${width * 100}%` }} />
      ))}
    </span>
  );
}

function Key({ keys, does }: { keys: string; does: string }) {
  return (
    <div className="flex gap-3">
      <dt className="w-14 flex-none font-semibold text-ink">{keys}</dt>
      <dd>{does}</dd>
    </div>
  );
}
