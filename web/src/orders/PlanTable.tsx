import type { Estimated, PlanLine } from '../api/types';
import { bytes } from './said';

const SHOWN = 14;

/** Files that would be made, by the names that they would have. */
export function PlanTable({ lines, estimates }: { lines: PlanLine[]; estimates: Estimated[] | undefined }) {
  if (lines.length === 0) {
    return <p className="mb-4 text-soft">Nothing yet.</p>;
  }
  const known = estimates?.length === lines.length ? estimates : undefined;
  return (
    <>
      <ul className="mb-3 divide-y divide-rule rounded-lg bg-paper">
        {lines.slice(0, SHOWN).map((line, i) => (
          <li key={line.fileName} className="flex items-baseline gap-3 px-3.5 py-2" title={line.said}>
            <span className="min-w-0 flex-1">
              <span className="block truncate font-medium">{line.fileName}</span>
              <span className="block truncate text-note text-soft">{line.about}</span>
            </span>
            <span className="flex-none text-note text-soft">
              {known?.[i].bytes !== undefined && bytes(known[i].bytes)}
            </span>
          </li>
        ))}
      </ul>
      {lines.length > SHOWN && <p className="mb-3 text-note text-soft">and {lines.length - SHOWN} more</p>}
    </>
  );
}
