import { useMutation } from '@tanstack/react-query';
import { bodyOf, server } from '../../api/server';
import type { NinePlace } from '../../api/types';
import { useNotices } from '../../notices/notices';
import { usePanels } from '../../state/panels';
import type { Reach } from '../../state/scope';
import type { LookChange } from '../../state/useLookChange';

const PLACES: { at: NinePlace; label: string }[] = [
  { at: 'TOP_LEFT', label: 'Top left' },
  { at: 'TOP', label: 'Top' },
  { at: 'TOP_RIGHT', label: 'Top right' },
  { at: 'LEFT', label: 'Left' },
  { at: 'MIDDLE', label: 'Middle' },
  { at: 'RIGHT', label: 'Right' },
  { at: 'BOTTOM_LEFT', label: 'Bottom left' },
  { at: 'BOTTOM', label: 'Bottom' },
  { at: 'BOTTOM_RIGHT', label: 'Bottom right' },
];

/** Nine fields: corners, edges and middle of the safe area. */
export function PlaceFields({ clipId, reach, change }: { clipId: string; reach: Reach; change: LookChange }) {
  const say = useNotices((s) => s.say);
  const language = usePanels((s) => s.onStage) ?? undefined;
  const place = useMutation({
    mutationFn: (at: NinePlace) =>
      bodyOf(
        server.POST('/api/clips/{clipId}/place', {
          params: { path: { clipId } },
          body: { at, cueIds: reach.target.cueIds, headlineId: reach.target.headlineId, language },
        }),
      ),
    onSuccess: (look) => change.now(look),
    onError: (error) => say(error.message),
  });
  return (
    <div className="flex items-center justify-between gap-3 pt-1">
      <span className="text-note text-soft">In the safe area</span>
      <div
        role="group"
        aria-label="Place in the safe area"
        className="grid w-[93px] flex-none grid-cols-3 gap-px overflow-hidden rounded-md border border-rule bg-rule"
      >
        {PLACES.map(({ at, label }) => (
          <button
            key={at}
            aria-label={label}
            title={label}
            disabled={place.isPending}
            onClick={() => place.mutate(at)}
            className="group/place flex h-[22px] items-center justify-center bg-paper hover:bg-tint focus-visible:bg-tint"
          >
            <span className="h-[5px] w-3 rounded-[1px] bg-groove group-hover/place:bg-accent" />
          </button>
        ))}
      </div>
    </div>
  );
}
