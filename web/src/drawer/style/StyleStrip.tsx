import { ChevronDown, Columns3 } from 'lucide-react';
import { useState } from 'react';
import { useChange } from '../../api/changes';
import { useSample } from '../../api/queries';
import { useStyles } from '../../api/styles';
import type { Clip, Style, Track } from '../../api/types';
import { MOST_COMPARED, useCompare } from '../../state/compare';
import type { Reach } from '../../state/scope';
import { One, OneOf } from '../../ui/OneOf';
import { SampleGround } from './SampleGround';

const SAMPLE = { width: 172, height: 92 };
const WIDE = { width: 376, height: 92 };

/**
 * The styles, the workshop's own first, each moving with the clip's own words. Closed it shows only the
 * one in use.
 */
export function StyleStrip(props: { clip: Clip; track: Track; reach: Reach; cueId: number; keep: boolean }) {
  const { clip, track, reach, cueId, keep } = props;
  const change = useChange(clip.id);
  const all = useStyles().data ?? [];
  const styles = [...all.filter((style) => !style.shipped), ...all.filter((style) => style.shipped)];
  // A clip that never got a style is asked to take one.
  const [open, setOpen] = useState(track.styling.version === 0);
  const comparing = useCompare((s) => s.chosen);
  const whole = reach.scope === 'track';
  const take = (name: string) => {
    if (whole) change.mutate({ kind: 'restyle', style: name, keep });
    else change.mutate({ kind: 'styleOfPart', style: name, ...reach.target });
    setOpen(false);
  };
  const shown = open || !whole ? styles : styles.filter((style) => style.name === track.style);
  const cards = shown.length > 1;
  return (
    <div className="mb-4">
      <OneOf
        label="Style"
        value={whole ? track.style : ''}
        onChange={take}
        className={
          cards
            ? '-m-0.5 grid max-h-[412px] grid-cols-2 gap-2.5 overflow-y-auto overscroll-contain p-0.5 max-[1199px]:grid-cols-1'
            : ''
        }
      >
        {shown.map((style) => (
          <StyleCard
            key={style.name}
            clip={clip}
            track={track}
            style={style}
            cueId={cueId}
            size={cards ? SAMPLE : WIDE}
          />
        ))}
      </OneOf>
      {shown.length === 0 && (
        <p className="text-note text-soft">“{track.style}” was taken out of the strip.</p>
      )}
      {whole && (
        <div className="mt-2 flex items-center justify-between gap-3">
          <button
            aria-expanded={open}
            onClick={() => setOpen(!open)}
            className="flex items-center gap-1.5 text-note text-soft hover:text-ink"
          >
            <ChevronDown size={15} className={open ? 'rotate-180' : ''} />
            {open ? 'Only the one in use' : `All ${styles.length} styles`}
          </button>
          {open && comparing !== null && <Comparing count={comparing.length} />}
        </div>
      )}
    </div>
  );
}

function Comparing({ count }: { count: number }) {
  return (
    <span className="flex items-center gap-3 text-note">
      <button
        disabled={count < 2}
        onClick={() => useCompare.setState({ open: true })}
        className="text-accent underline disabled:text-soft disabled:no-underline"
      >
        {count < 2 ? 'Mark another to compare' : `Play ${count} side by side`}
      </button>
      <button onClick={() => useCompare.setState({ chosen: null })} className="text-soft hover:text-ink">
        None
      </button>
    </span>
  );
}

/** A style with a sample of the clip's words, and a mark that compares it with others. */
function StyleCard(props: {
  clip: Clip;
  track: Track;
  style: Style;
  cueId: number;
  size: { width: number; height: number };
}) {
  const { clip, track, style, size } = props;
  const sample = useSample(clip.id, style.name, props.cueId, `${track.version} ${style.version}`);
  const chosen = useCompare((s) => s.chosen) ?? [];
  const marked = chosen.includes(style.name);
  const mark = () =>
    useCompare.setState({
      chosen: marked ? chosen.filter((name) => name !== style.name) : [...chosen, style.name],
    });
  return (
    <div className="group/card relative min-w-0">
      <One
        value={style.name}
        data-style={style.name}
        title={style.about}
        className="block w-full overflow-hidden rounded-lg bg-sunk text-left hover:bg-paper data-[state=checked]:bg-paper data-[state=checked]:outline-2 data-[state=checked]:outline-accent"
      >
        <SampleGround scene={sample.data} {...size} />
        <span className="flex items-baseline gap-2 px-2.5 py-1.5 text-note">
          <span className="truncate font-semibold">{style.name}</span>
          {!style.shipped && <span className="flex-none text-tiny text-soft">own</span>}
        </span>
      </One>
      <button
        aria-label={`Compare ${style.name} with others`}
        aria-pressed={marked}
        title="Compare it with others, side by side"
        disabled={!marked && chosen.length >= MOST_COMPARED}
        onClick={mark}
        className={`absolute right-1.5 bottom-1.5 rounded p-1 disabled:hidden ${
          marked
            ? 'bg-accent text-on-accent'
            : 'text-soft opacity-0 group-hover/card:opacity-100 hover:bg-sunk focus-visible:opacity-100'
        }`}
      >
        <Columns3 size={14} />
      </button>
    </div>
  );
}
