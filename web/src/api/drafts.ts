import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { bodyOf, server } from './server';
import { keys } from './queryKeys';
import { queryClient } from './queryClient';
import type { DraftSettings } from './types';

const SETTINGS = '/api/drafts/settings' as const;

/** What is done with new clips of a client, or of the workshop. */
export const useDraftSettings = (client: number | undefined) =>
  useQuery({
    queryKey: ['drafts', client],
    queryFn: () => bodyOf(server.GET(SETTINGS, { params: { query: { client } } })),
  });

/** @returns a mutation that takes null for what is usual */
export function useSettleDrafts(client: number | undefined) {
  const notice = useNotices((s) => s.say);
  const params = { query: { client } };
  return useMutation({
    // One after the other, so that the last change is the one that is kept.
    scope: { id: `drafts ${client}` },
    mutationFn: (settings: DraftSettings | null) =>
      bodyOf(
        settings === null
          ? server.DELETE(SETTINGS, { params })
          : server.PUT(SETTINGS, { params, body: settings }),
      ),
    onSuccess: (settings) => {
      queryClient.setQueryData(['drafts', client], settings);
      // Clients without settings of their own have the workshop's.
      if (client === undefined) void queryClient.invalidateQueries({ queryKey: ['drafts'] });
    },
    onError: (error) => notice(error.message),
  });
}

const WATCHED_MS = 5000;

/** The folder from which clips are taken, polled while the page is open. */
export const useWatched = () =>
  useQuery({
    queryKey: ['watched'],
    queryFn: () => bodyOf(server.GET('/api/drafts/watched')),
    refetchInterval: WATCHED_MS,
  });

/** Orders first drafts of clips without words. */
export function useOrderDrafts() {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (clips: string[]) => bodyOf(server.POST('/api/clips/drafts', { body: { clips } })),
    onError: (error) => notice(error.message),
    onSuccess: (drafts, clips) => {
      void queryClient.invalidateQueries({ queryKey: keys.clips });
      clips.forEach((clip) => void queryClient.invalidateQueries({ queryKey: keys.jobs(clip) }));
      const ordered =
        drafts.ordered === 0
          ? []
          : [drafts.ordered === 1 ? 'One draft is being made.' : `${drafts.ordered} drafts are being made.`];
      if (clips.length > 1 || drafts.left.length > 0) notice([...ordered, ...drafts.left].join(' '));
    },
  });
}
