import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useClients, useRecipes } from '../api/clients';
import { useDraftSettings, useSettleDrafts, useWatched } from '../api/drafts';
import { useLanguages } from '../api/queries';
import { useStyles } from '../api/styles';
import type { DraftSettings } from '../api/types';
import { usePolicies, withPolicy } from '../state/policies';
import { Tick } from '../ui/parts';

const SWITCHES: { part: Part; label: string; about: string }[] = [
  { part: 'emphasis', label: 'Emphasise what the voice stresses', about: 'In the first role of the style.' },
  { part: 'emoji', label: 'Add emoji', about: 'At most one in two cues.' },
  { part: 'calm', label: 'Move cues to where the picture is calm', about: 'Within the safe area.' },
  { part: 'mend', label: 'Mend what can be mended', about: 'Times, sizes and places that a check finds.' },
  {
    part: 'film',
    label: 'Make a draft film',
    about: 'Small, and made in little time; it counts as no delivery.',
  },
  {
    part: 'review',
    label: 'Prepare a review link',
    about: 'It is not sent: you find it in the Render step.',
  },
];
type Part = 'emphasis' | 'emoji' | 'calm' | 'mend' | 'film' | 'review';

/** What is done with clips when they come in, for each client. */
export function NewClipsPart() {
  const [params, setParams] = useSearchParams();
  // Beside the address, which follows in a transition: until then switches would be those of the client before.
  const [asked, ask] = useState(Number(params.get('client')));
  const client = asked > 0 ? asked : undefined;
  const clients = useClients().data ?? [];
  const settings = useDraftSettings(client).data;
  return (
    <section aria-labelledby="new-clips" className="mb-12">
      <h2 id="new-clips" className="mb-1 text-title font-semibold">
        When a clip comes in
      </h2>
      <div className="mb-5 flex flex-wrap items-baseline gap-x-2 text-soft">
        <label htmlFor="new-clips-of">New clips of</label>
        <select
          id="new-clips-of"
          value={client ?? 0}
          onChange={(e) => {
            ask(Number(e.target.value));
            setParams(e.target.value === '0' ? {} : { client: e.target.value }, { replace: true });
          }}
          className="field px-2 py-1 text-ink"
        >
          <option value={0}>the workshop</option>
          {clients.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </select>
      </div>
      {settings && <Settings client={client} saved={settings} key={client} />}
      <Watched />
    </section>
  );
}

/** The folder from which clips are taken, and what was wrong with files in it. */
function Watched() {
  const watched = useWatched().data;
  if (!watched) return null;
  const { folder, there, taken, faults } = watched;
  return (
    <div className="mt-5 text-note text-soft">
      {folder === '' ? (
        <p>
          Clips can also come from a folder:{' '}
          <code className="rounded bg-sunk px-1.5 py-0.5">SALT_DRUM_WATCH=FOLDER ./salt-drum start</code>. A
          folder inside it with a client’s name holds that client’s.
        </p>
      ) : (
        <p>
          {there ? 'Clips are taken from ' : 'This folder is not there: '}
          <code className="rounded bg-sunk px-1.5 py-0.5">{folder}</code>
          {there && `, ${taken === 1 ? 'one so far' : `${taken} so far`}.`}
        </p>
      )}
      {faults.map((fault) => (
        <p key={fault.path} className="text-accent">
          {fault.path}: {fault.fault}
        </p>
      ))}
    </div>
  );
}

function Settings({ client, saved }: { client: number | undefined; saved: DraftSettings }) {
  const settle = useSettleDrafts(client);
  // What was changed last shows in the same moment, and until it is answered.
  const [unsaved, hold] = useState<DraftSettings | null>(null);
  const settings = unsaved ?? saved;
  const onChange = (next: DraftSettings | null) => {
    hold(next);
    settle.mutate(next, { onSettled: () => hold(null) });
  };
  const set = (part: Partial<DraftSettings>) => onChange({ ...settings, ...part });
  return (
    <div className="grid grid-cols-2 gap-x-12 gap-y-6 max-[899px]:grid-cols-1">
      <div>
        <label className="flex items-start gap-3 border-y border-rule py-3">
          <input
            type="checkbox"
            checked={settings.automatic}
            onChange={(e) => set({ automatic: e.target.checked })}
            className="mt-1 size-4 flex-none accent-accent"
          />
          <span>
            <span className="font-medium">Make a first draft by itself</span>
            <span className="block text-note text-soft">
              Its speech is recognised, broken into cues and styled as below. The draft is one step: undo
              takes it back. Without this, a draft is made when you ask for one.
            </span>
          </span>
        </label>
        <Choices client={client} settings={settings} set={set} />
      </div>
      <div>
        <ul className="divide-y divide-rule border-y border-rule">
          {SWITCHES.map(({ part, label, about }) => (
            <li key={part}>
              <label className="flex items-start gap-3 py-2.5">
                <input
                  type="checkbox"
                  checked={settings[part]}
                  disabled={part === 'review' && !settings.film}
                  onChange={(e) => set({ [part]: e.target.checked })}
                  className="mt-1 size-4 flex-none accent-accent"
                />
                <span>
                  {label}
                  <span className="block text-note text-soft">{about}</span>
                </span>
              </label>
            </li>
          ))}
        </ul>
        <button
          onClick={() => onChange(null)}
          className="mt-4 text-note text-soft underline underline-offset-4 hover:text-ink"
        >
          {client === undefined ? 'Reset to the defaults' : 'Use the settings of the workshop'}
        </button>
      </div>
    </div>
  );
}

const field = 'field w-full px-2 py-1.5';

function Choices(props: {
  client: number | undefined;
  settings: DraftSettings;
  set: (part: Partial<DraftSettings>) => void;
}) {
  const { client, settings, set } = props;
  const languages = (useLanguages().data ?? []).filter((one) => one.recognised);
  const styles = useStyles().data ?? [];
  const saved = useRecipes(client).data;
  const recipes = [...(saved?.shipped ?? []), ...(saved?.own ?? [])];
  const known = recipes.some((one) => one.name === settings.recipe.name);
  const policies = usePolicies().all;
  return (
    <dl className="mt-4 grid grid-cols-[8rem_minmax(0,1fr)] items-center gap-x-4 gap-y-3">
      <dt>
        <label htmlFor="draft-language">Language</label>
      </dt>
      <dd>
        <select
          id="draft-language"
          value={settings.language}
          onChange={(e) => set({ language: e.target.value })}
          className={field}
        >
          {languages.map((one) => (
            <option key={one.tag} value={one.tag}>
              {one.name}
            </option>
          ))}
        </select>
      </dd>
      <dt className="self-start pt-0.5">Words</dt>
      <dd className="space-y-1">
        {policies
          .filter((view) => view.draft !== 'NEVER')
          .map((view) => (
            <Tick
              key={view.policy}
              checked={settings.policies.includes(view.policy)}
              onChange={(on) => set({ policies: withPolicy(policies, settings.policies, view, on) })}
            >
              {view.label}
            </Tick>
          ))}
      </dd>
      <dt>
        <label htmlFor="draft-recipe">Recipe</label>
      </dt>
      <dd>
        <select
          id="draft-recipe"
          value={settings.recipe.name}
          onChange={(e) => set({ recipe: recipes.find((one) => one.name === e.target.value)! })}
          className={field}
        >
          {!known && <option>{settings.recipe.name}</option>}
          {recipes.map((one) => (
            <option key={one.name}>{one.name}</option>
          ))}
        </select>
      </dd>
      <dt>
        <label htmlFor="draft-style">Style</label>
      </dt>
      <dd>
        <select
          id="draft-style"
          value={settings.style ?? ''}
          onChange={(e) => set({ style: e.target.value || undefined })}
          className={field}
        >
          <option value="">The one that new clips start with</option>
          {styles.map((one) => (
            <option key={one.name}>{one.name}</option>
          ))}
        </select>
      </dd>
      <dt>
        <label htmlFor="draft-strength">Emphasis</label>
      </dt>
      <dd className="flex items-center gap-3 text-note text-soft">
        few
        <input
          id="draft-strength"
          type="range"
          min={0}
          max={1}
          step={0.05}
          defaultValue={settings.strength}
          disabled={!settings.emphasis}
          onPointerUp={(e) => set({ strength: Number(e.currentTarget.value) })}
          onKeyUp={(e) => set({ strength: Number(e.currentTarget.value) })}
          className="min-w-0 flex-1 accent-accent"
        />
        many words
      </dd>
    </dl>
  );
}
