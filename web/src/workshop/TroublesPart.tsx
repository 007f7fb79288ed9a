import { useStorage } from '../api/workshop';

/** Problems of the workshop; empty if there are none. */
export function TroublesPart() {
  const troubles = useStorage().data?.troubles ?? [];
  if (troubles.length === 0) return null;
  return (
    <ul aria-label="Problems" className="mb-10 space-y-2">
      {troubles.map((trouble) => (
        <li key={trouble} className="rounded-lg border-l-4 border-accent bg-tint px-4 py-3">
          {trouble}
        </li>
      ))}
    </ul>
  );
}
