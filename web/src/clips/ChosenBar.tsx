import { Link } from 'react-router';
import { useMutation } from '@tanstack/react-query';
import { useRecipes } from '../api/clients';
import { useOrderDrafts } from '../api/drafts';
import { bodyOf, server } from '../api/server';
import { keys } from '../api/queryKeys';
import { queryClient } from '../api/queryClient';
import { useStyles } from '../api/styles';
import type { Recipe } from '../api/types';
import { useNotices } from '../notices/notices';

/** Actions on several clips at once; each clip is undone separately. */
export function ChosenBar({ clips, onDone }: { clips: string[]; onDone: () => void }) {
  const notice = useNotices((s) => s.say);
  const styles = useStyles().data ?? [];
  const recipes = useRecipes(undefined).data;
  const all = [...(recipes?.shipped ?? []), ...(recipes?.own ?? [])];
  const change = useMutation({
    mutationFn: (what: { style?: string; recipe?: Recipe }) =>
      bodyOf(server.POST('/api/clips/many', { body: { clips, ...what } })),
    onError: (error) => notice(error.message),
    onSuccess: (many) => {
      void queryClient.invalidateQueries({ queryKey: keys.clips });
      const told = many.changed === 1 ? 'One clip was changed' : `${many.changed} clips were changed`;
      const locked =
        many.lockedCues === 0
          ? []
          : [
              `${many.lockedCues === 1 ? '1 locked cue stays' : `${many.lockedCues} locked cues stay`} as before.`,
            ];
      notice([`${told}; each can be undone by itself.`, ...locked, ...many.left].join(' '));
    },
  });
  const draft = useOrderDrafts();
  const field = 'field px-2 py-1.5';
  return (
    <div
      role="region"
      aria-label="Chosen clips"
      data-bar
      className="fixed inset-x-0 bottom-6 z-20 mx-auto flex w-fit max-w-[calc(100vw-32px)] flex-wrap items-center gap-3 rounded-2xl bg-paper px-5 py-3 shadow-lg outline outline-rule"
    >
      <span className="font-medium">{clips.length === 1 ? 'One clip' : `${clips.length} clips`}</span>
      <select
        aria-label="Set their style"
        value=""
        onChange={(e) => change.mutate({ style: e.target.value })}
        className={field}
      >
        <option value="">Style…</option>
        {styles.map((style) => (
          <option key={style.name}>{style.name}</option>
        ))}
      </select>
      <select
        aria-label="Set their recipe"
        value=""
        onChange={(e) => change.mutate({ recipe: all.find((r) => r.name === e.target.value) })}
        className={field}
      >
        <option value="">Recipe…</option>
        {all.map((recipe) => (
          <option key={recipe.name}>{recipe.name}</option>
        ))}
      </select>
      <button
        onClick={() => draft.mutate(clips)}
        className="rounded-full border border-rule px-4 py-1.5 hover:border-ink"
      >
        First draft
      </button>
      <Link
        to={`/orders/new?clips=${clips.join(',')}`}
        className="rounded-full bg-accent px-4 py-1.5 font-medium text-on-accent hover:brightness-110"
      >
        Order…
      </Link>
      <button onClick={onDone} className="text-note text-soft hover:text-ink">
        Done
      </button>
    </div>
  );
}
