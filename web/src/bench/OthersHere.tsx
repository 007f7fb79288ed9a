import { scrollToCue } from '../state/reveal';
import { nameOf, useOthers } from '../state/others';
import { PersonMark } from '../ui/PersonMark';

const MOST = 4;

/** Who else has the clip open; a click shows where they are. */
export function OthersHere() {
  const others = useOthers((s) => s.all);
  if (others.length === 0) return null;
  return (
    <span role="group" aria-label="Who else has this clip open" className="mr-1 flex items-center">
      {others.slice(0, MOST).map((one) => (
        <button
          key={one.page}
          aria-label={`${nameOf(one)} has this clip open too${one.cueId ? ': show where' : ''}`}
          title={`${nameOf(one)} has this clip open too`}
          onClick={() => one.cueId && scrollToCue(one.cueId)}
          className="-ml-1 rounded-full first:ml-0 hover:z-10"
        >
          <PersonMark name={nameOf(one)} typing={one.typing} />
        </button>
      ))}
      {others.length > MOST && (
        <span className="ml-1 text-tiny text-soft" title={others.slice(MOST).map(nameOf).join('\n')}>
          +{others.length - MOST}
        </span>
      )}
    </span>
  );
}
