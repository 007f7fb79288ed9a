import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { call } from './http';
import { keys } from './queries';
import { queryClient } from './queryClient';
import type { Clip, Since } from './types';

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
    queryFn: () => {
      const query = new URLSearchParams({ shelf });
      if (q) query.set('q', q);
      if (client !== null) query.set('client', String(client));
      return call<Clip[]>('GET', `/api/clips?${query}`);
    },
    placeholderData: (before) => before,
  });

export const useSince = (clipId: string, version: number, renders: number) =>
  useQuery({
    queryKey: ['since', clipId, version, renders],
    queryFn: () => call<Since>('GET', `/api/clips/${clipId}/since`),
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

export type ShelfAct =
  { act: 'rename'; name: string } | { act: 'archive' | 'unarchive' | 'remove' | 'back' | 'forget' | 'copy' };

const send = {
  archive: (path: string) => call('PUT', `${path}/archived`, { archived: true }),
  unarchive: (path: string) => call('PUT', `${path}/archived`, { archived: false }),
  remove: (path: string) => call('DELETE', path),
  back: (path: string) => call('POST', `${path}/back`),
  forget: (path: string) => call('DELETE', `${path}/for-good`),
  copy: (path: string) => call('POST', `${path}/copy`),
};

const back = { archive: 'unarchive', remove: 'back' } as const;

/** Actions on a clip of a shelf; archiving and removing can be reverted with one click. */
export function useActOnClip(clip: Clip) {
  const notice = useNotices((s) => s.say);
  const path = `/api/clips/${clip.id}`;
  const act = useMutation({
    mutationFn: (what: ShelfAct) =>
      what.act === 'rename' ? call('PUT', `${path}/name`, { name: what.name }) : send[what.act](path),
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
