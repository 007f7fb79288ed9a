import type { Track } from '../../api/types';
import { useScope, type Reach, type Scope } from '../../state/scope';
import { chosenCues, useSelection } from '../../state/selection';
import { One, OneOf } from '../../ui/OneOf';
import { RoleOptions } from './RoleOptions';

/** The target of a change, and how many cues and words it includes. */
export function ScopePart({ track, reach, roles }: { track: Track; reach: Reach; roles: string[] }) {
  const selected = useSelection((s) => s.selected);
  const role = useScope((s) => s.role);
  const cues = chosenCues(track, selected).length;
  const options: { scope: Scope; label: string; can: boolean }[] = [
    { scope: 'track', label: 'Track', can: true },
    ...(selected.kind === 'headline'
      ? [{ scope: 'headline' as const, label: 'Headline', can: true }]
      : [
          { scope: 'cue' as const, label: cues > 1 ? `${cues} cues` : 'Cue', can: cues > 0 },
          { scope: 'word' as const, label: 'Word', can: selected.kind === 'word' },
        ]),
    { scope: 'role', label: 'Marked', can: true },
  ];
  return (
    <div className="sticky -top-5 z-10 -mx-5 mb-4 border-b border-rule bg-page px-5 py-3">
      <OneOf
        label="What a change applies to"
        value={reach.scope}
        onChange={(scope) => {
          if (selected.kind === 'headline') useSelection.getState().select({ kind: 'none' });
          useScope.setState({ scope: scope as Scope });
        }}
        className="flex rounded-full bg-sunk p-1"
      >
        {options.map(({ scope, label, can }) => (
          <One
            key={scope}
            value={scope}
            disabled={!can}
            className="flex-1 rounded-full py-1 text-note text-soft hover:text-ink disabled:opacity-40 data-[state=checked]:bg-paper data-[state=checked]:font-semibold data-[state=checked]:text-ink data-[state=checked]:shadow-sm"
          >
            {label}
          </One>
        ))}
      </OneOf>
      {reach.scope === 'role' && (
        <label className="mt-2 flex items-center gap-2 text-note text-soft">
          Role
          <select
            value={role}
            onChange={(e) => useScope.setState({ role: Number(e.target.value) })}
            className="field min-w-0 flex-1 px-2 py-1 text-ink"
          >
            <RoleOptions roles={roles} />
          </select>
        </label>
      )}
      <p className="mt-1.5 text-note text-soft" aria-live="polite" data-testid="reach">
        Changes {reach.said}
      </p>
    </div>
  );
}
