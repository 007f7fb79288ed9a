import { useSample } from '../../api/queries';
import type { Clip, Style, Track } from '../../api/types';
import { One } from '../../ui/OneOf';
import { SampleGround } from './SampleGround';

/** A style with a sample of the clip's words. */
export function StyleCard(props: { clip: Clip; track: Track; style: Style; cueId: number }) {
  const { clip, track, style } = props;
  const sample = useSample(clip.id, style.name, props.cueId, `${track.version} ${style.version}`);
  return (
    <One
      value={style.name}
      data-style={style.name}
      title={style.about}
      className="block min-w-0 overflow-hidden rounded-lg bg-sunk text-left hover:bg-paper data-[state=checked]:bg-paper data-[state=checked]:outline-2 data-[state=checked]:outline-accent"
    >
      <SampleGround scene={sample.data} height={72} />
      <span className="block truncate px-2.5 py-1.5 text-note font-semibold">{style.name}</span>
    </One>
  );
}
