import type { Estimated, PlanLine } from '../api/types';
import { bytes } from './said';

/** Planned files with their names. */
export function PlanTable({ lines, estimates }: { lines: PlanLine[]; estimates: Estimated[] | undefined }) {
  const known = estimates?.length === lines.length ? estimates : undefined;
  return (
    // One that comes by the keyboard scrolls it.
    <ul
      tabIndex={0}
      aria-label="Files"
      className="min-h-0 divide-y divide-rule overflow-y-auto rounded-lg bg-paper"
    >
      {lines.map((line, i) => (
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
  );
}
