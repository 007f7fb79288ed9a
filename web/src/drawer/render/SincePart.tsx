import { useSince } from '../../api/shelf';
import type { Job } from '../../api/types';
import { Section } from '../../ui/parts';

/** Changes of the captions since the newest render. */
export function SincePart(props: { clipId: string; version: number; jobs: Job[] }) {
  const done = props.jobs.filter((job) => job.state === 'DONE').length;
  const since = useSince(props.clipId, props.version, done).data;
  if (!since?.delivered) return null;
  return (
    <Section title="Since the last render">
      {since.changes.length === 0 ? (
        <p className="text-soft">Nothing has changed. Rendering again gives the same video.</p>
      ) : (
        <ul className="space-y-1">
          {since.changes.map((change) => (
            <li key={change} className="border-l-2 border-accent pl-3">
              {change}
            </li>
          ))}
        </ul>
      )}
    </Section>
  );
}
