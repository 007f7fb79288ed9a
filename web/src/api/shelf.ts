import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { bodyOf, server } from './server';
import { keys } from './queryKeys';
import { queryClient } from './queryClient';
import type { Clip } from './types';

const WORK_MS = 1500;

export interface ShelfSearch {
  q: string;
  /** An id; 0 for the workshop's own, null for any. */
  client: number | null;
  shelf: Clip['shelf'];
}

/** Clips of a shelf that match the search; the previous result is shown until the new one arrives. */
export const useShelf = ({ q, client, shelf }: ShelfSearch) =>
  useQuery({
    queryKey: [...keys.clips, q, client, shelf],
    queryFn: () =>
      bodyOf(
        server.GET('/api/clips', {
          params: { query: { shelf, q: q || undefined, client: client ?? undefined } },
        }),
      ),
    placeholderData: (before) => before,
    // Progress changes a few times a second: the page looks as often as can be read.
    refetchInterval: ({ state }) =>
      state.data?.some((clip) => clip.work?.failed === false) ? WORK_MS : false,
  });

export const useSince = (clipId: string, version: number, renders: number) =>
  useQuery({
    queryKey: ['since', clipId, version, renders],
    queryFn: () => bodyOf(server.GET('/api/clips/{clipId}/since', { params: { path: { clipId } } })),
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

export type ShelfAct =
  { act: 'rename'; name: string } | { act: 'archive' | 'unarchive' | 'remove' | 'back' | 'forget' | 'copy' };

const CLIP = '/api/clips/{clipId}' as const;

function send(clipId: string, what: ShelfAct): Promise<unknown> {
  const params = { path: { clipId } };
  switch (what.act) {
    case 'rename':
      return server.PUT(`${CLIP}/name`, { params, body: { name: what.name } });
    case 'archive':
    case 'unarchive':
      return server.PUT(`${CLIP}/archived`, { params, body: { archived: what.act === 'archive' } });
    case 'remove':
      return server.DELETE(CLIP, { params });
    case 'forget':
      return server.DELETE(`${CLIP}/for-good`, { params });
    case 'back':
    case 'copy':
      return server.POST(`${CLIP}/${what.act}`, { params });
  }
}

const back = { archive: 'unarchive', remove: 'back' } as const;

/** Actions on a clip of a shelf; archiving and removing can be reverted with one click. */
export function useActOnClip(clip: Clip) {
  const notice = useNotices((s) => s.say);
  const act = useMutation({
    mutationFn: (what: ShelfAct) => send(clip.id, what),
    onError: (error) => notice(error.message),
    onSuccess: (_, what) => {
      void queryClient.invalidateQueries({ queryKey: keys.clips });
      if (what.act === 'archive' || what.act === 'remove') {
        const undo = back[what.act];
        notice(`“${clip.name}” is ${what.act === 'archive' ? 'in the archive' : 'removed'}.`, {
          label: 'Restore',
          run: () => act.mutate({ act: undo }),
        });
      }
    },
  });
  return act;
}
