import { nameOf, useOthers } from '../state/others';
import { PersonMark } from '../ui/PersonMark';

/** Other people at this cue. */
export function OthersIn({ cueId }: { cueId: number }) {
  const others = useOthers((s) => s.byCue.get(cueId));
  if (!others) return null;
  const said = others.map((o) => `${nameOf(o)} is ${o.typing ? 'typing' : ''} here`.replace('  ', ' '));
  return (
    <span
      role="img"
      aria-label={said.join(', ')}
      title={said.join('\n')}
      className="mt-0.5 flex flex-wrap justify-end gap-0.5"
    >
      {others.map((o) => (
        <PersonMark key={o.page} name={nameOf(o)} typing={o.typing} small />
      ))}
    </span>
  );
}
