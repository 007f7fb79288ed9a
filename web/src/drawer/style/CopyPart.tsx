import { ClipboardPaste, Copy } from 'lucide-react';
import type { Facet, FacetGroup, Look, LookView } from '../../api/types';
import { useCopied } from '../../state/copied';
import type { Reach } from '../../state/scope';
import type { LookChange } from '../../state/useLookChange';

/** Copies the look of the selection, and applies all or a part of it to something else. */
export function CopyPart(props: {
  reach: Reach;
  view: LookView;
  groups: FacetGroup[];
  /** Whether a facet can be settled for what is in hand. */
  fits: (facet: Facet) => boolean;
  change: LookChange;
}) {
  const { reach, view, groups, fits, change } = props;
  const { look, from } = useCopied();
  const lay = (facets: Facet[]) => {
    const part = Object.fromEntries(
      facets.filter(fits).map(({ name }) => [name, look![name as keyof Look]]),
    ) as Look;
    if (Object.keys(part).length > 0) change.now(part);
  };
  return (
    <div className="mb-3 text-note">
      <button
        onClick={() => useCopied.setState({ look: view.look, from: reach.said })}
        className="flex items-center gap-2 text-soft hover:text-ink"
      >
        <Copy size={14} /> Copy this look
      </button>
      {look && (
        <div className="mt-2 rounded-lg bg-sunk p-2.5" role="group" aria-label="Copied look">
          <p className="flex items-center gap-1.5 text-soft">
            <ClipboardPaste size={14} className="flex-none" />
            <span className="truncate" title={from}>
              From {from}
            </span>
          </p>
          <div className="mt-1.5 flex flex-wrap gap-1.5">
            <Lay label="All of it" onClick={() => lay(groups.flatMap((g) => g.facets))} />
            {groups
              .filter((group) => group.facets.some(fits))
              .map((group) => (
                <Lay key={group.group} label={group.label} onClick={() => lay(group.facets)} />
              ))}
          </div>
        </div>
      )}
    </div>
  );
}

function Lay({ label, onClick }: { label: string; onClick: () => void }) {
  return (
    <button
      onClick={onClick}
      title={`Apply to: ${label.toLowerCase()}`}
      className="rounded-full border border-rule bg-page px-2.5 py-0.5 hover:border-ink"
    >
      {label}
    </button>
  );
}
