import { ChevronDown } from 'lucide-react';
import { Collapsible } from 'radix-ui';
import type { ReactNode } from 'react';
import { useContrast, useFacets, usePalette } from '../../api/looks';
import type { Clip, Facet, LookView, Origin, Track } from '../../api/types';
import type { Reach, Scope } from '../../state/scope';
import { CopyPart } from './CopyPart';
import { FacetRow } from './FacetRow';
import { MotionPart } from './MotionPart';
import { PlaceFields } from './PlaceFields';
import { useOpen } from '../../state/remembered';
import { useLookInHand } from '../../state/useLookInHand';

const OWN: Record<Scope, Origin> = {
  track: 'TRACK',
  cue: 'CUE',
  word: 'WORD',
  role: 'TRACK_ROLE',
  headline: 'CUE',
};
const OPEN_AT_FIRST = ['TYPE', 'COLOUR'];

/** All facets of the look of the selection, in groups. */
export function LookPart(props: { clip: Clip; track: Track; reach: Reach; cueId: number }) {
  const { clip, track, reach, cueId } = props;
  const facets = useFacets();
  const { view, change } = useLookInHand(clip.id, track.version, reach.target);
  const palette = usePalette(clip.id, track.version).data ?? [];
  const note = useBeside(view);
  if (!view) return null;
  const words = track.cues.slice(0, 3).flatMap((c) => c.words.map((w) => w.text));
  const text = words.slice(0, 3).join(' ') || 'Salt and drum';
  const single = reach.scope === 'word' || reach.scope === 'role';
  const fits = (facet: Facet) => facet.scope !== (single ? 'CUE' : 'ONE_WORD');
  const shown = (facet: Facet) => facet.control !== 'OTHER' && fits(facet);
  return (
    <>
      <CopyPart reach={reach} view={view} groups={facets.data ?? []} fits={fits} change={change} />
      <div className="mb-7 divide-y divide-rule border-y border-rule">
        {facets.data?.map((group) => {
          const rows = group.facets.filter(shown);
          if (rows.length === 0) return null;
          const own = rows.filter((f) =>
            view.origins.some((o) => o.facet === f.name && o.origin === OWN[reach.scope]),
          );
          return (
            <Group key={group.group} name={group.group}>
              <div className="flex items-center">
                <Collapsible.Trigger className="flex flex-1 items-center justify-between py-2.5 text-left font-semibold">
                  {group.label}
                  <ChevronDown
                    size={16}
                    className="text-soft transition-transform group-data-[state=closed]/look:-rotate-90"
                  />
                </Collapsible.Trigger>
                {own.length > 0 && (
                  <button
                    onClick={() => change.reset(own.map((f) => f.name))}
                    title={`Reset what is changed here: ${own.map((f) => f.label).join(', ')}`}
                    className="ml-1 rounded px-1.5 text-tiny text-accent hover:bg-tint"
                  >
                    {own.length} changed
                  </button>
                )}
              </div>
              <Collapsible.Content className="space-y-2 pb-4 pl-1">
                {group.group === 'MOTION' && !single && (
                  <MotionPart clip={clip} track={track} cueId={cueId} view={view} change={change} />
                )}
                {group.group === 'PLACE' && !single && (
                  <PlaceFields clipId={clip.id} reach={reach} change={change} />
                )}
                {group.group === 'EMOJI' && !single && (
                  <p className="text-note text-soft">
                    Position of emoji. To choose one, select a word, and “Word” above.
                  </p>
                )}
                {rows.map((facet) => (
                  <FacetRow
                    key={facet.name}
                    facet={facet}
                    view={view}
                    own={OWN[reach.scope]}
                    palette={palette}
                    text={text}
                    language={track.language}
                    note={facet.name === 'fill' ? note : undefined}
                    change={change}
                  />
                ))}
              </Collapsible.Content>
            </Group>
          );
        })}
      </div>
    </>
  );
}

/** Opens and closes, and is found so the next time. */
function Group({ name, children }: { name: string; children: ReactNode }) {
  const [open, setOpen] = useOpen(name, OPEN_AT_FIRST.includes(name));
  return (
    <Collapsible.Root open={open} onOpenChange={setOpen} className="group/look">
      {children}
    </Collapsible.Root>
  );
}

/** The contrast of the fill against its surroundings: an outline, or a plate. */
function useBeside(view: LookView | undefined): string | undefined {
  const fill = view?.look.fill;
  const rim = view?.look.outlines?.[0]?.ink ?? view?.look.plates?.[0]?.fill;
  const colour = (ink: typeof fill) => (ink?.kind === 'flat' ? ink.colour : ink?.stops[0].colour);
  const ratio = useContrast(colour(fill) ?? '#ffffff', colour(rim) ?? '#000000').data;
  if (!rim || ratio === undefined) return undefined;
  const beside = view?.look.outlines?.[0] ? 'outline' : 'plate';
  return `${ratio.toFixed(1)} : 1 on its ${beside}`;
}
