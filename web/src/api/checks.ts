import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { bodyOf, server } from './server';
import { queryClient } from './queryClient';
import { useChange } from './changes';
import type { Edit, Limits } from './types';

/** All kinds of findings. */
export const useCheckKinds = () =>
  useQuery({
    queryKey: ['checks'],
    queryFn: () => bodyOf(server.GET('/api/checks')),
    staleTime: Infinity,
  });

/**
 * The findings of a clip's track; earlier findings are shown until the new ones arrive.
 *
 * @param measured changes when more was measured
 */
export const useFindings = (id: string, version: number | undefined, measured: string) =>
  useQuery({
    queryKey: ['findings', id, version, measured],
    queryFn: () => bodyOf(server.GET('/api/clips/{clipId}/findings', { params: { path: { clipId: id } } })),
    enabled: version !== undefined,
    // Looks up the rest of the words meanwhile.
    refetchInterval: (query) => (query.state.data?.lookingUp ? 1500 : false),
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

/** The calmest positions for these cues. @param measured changes when more was measured */
export const useCalm = (id: string, version: number, measured: boolean, cueIds: number[] | null) =>
  useQuery({
    queryKey: ['calm', id, version, measured, cueIds],
    queryFn: () =>
      bodyOf(
        server.GET('/api/clips/{clipId}/calm', {
          params: { path: { clipId: id }, query: { cueIds: cueIds ?? undefined } },
        }),
      ),
    enabled: measured,
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

/** Mends all that needs no person's eye or ear, or one kind of it, round after round, as one step. */
export function useMendAll(clipId: string) {
  const { mutate } = useChange(clipId);
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (kind: string | undefined) =>
      bodyOf(server.GET('/api/clips/{clipId}/mending', { params: { path: { clipId }, query: { kind } } })),
    onSuccess: ({ edit, left }) => {
      if (edit) mutate(edit as Edit);
      if (!edit) notice('None of these can be mended without making others. Look at them one by one.');
      else if (left > 0)
        notice(`${left === 1 ? 'One is' : `${left} are`} left: mending more would make others.`);
    },
    onError: (error) => notice(error.message),
  });
}

/** How far the words from a cue on are from the voice. @param measured changes when more was measured */
export const useVoiceOffset = (id: string, version: number, fromCue: number, measured: string | null) =>
  useQuery({
    queryKey: ['voice offset', id, version, fromCue, measured],
    queryFn: () =>
      bodyOf(
        server.GET('/api/clips/{clipId}/voice-offset', {
          params: { path: { clipId: id }, query: { fromCue } },
        }),
      ),
    enabled: measured !== null,
    gcTime: 10_000,
  });

/** The limits of checks for a client's clips. */
export const useLimits = (client: number | undefined) =>
  useQuery({
    queryKey: ['limits', client],
    queryFn: () => bodyOf(server.GET('/api/limits', { params: { query: { client } } })),
  });

/** All limits with their ranges. */
export const useLimitParts = () =>
  useQuery({
    queryKey: ['limits', 'parts'],
    queryFn: () => bodyOf(server.GET('/api/limits/parts')),
    staleTime: Infinity,
  });

/** Saves the limits; null resets them to the defaults. */
export function useSetLimits(client: number | undefined) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (limits: Limits | null) =>
      bodyOf(
        limits
          ? server.PUT('/api/limits', { params: { query: { client } }, body: limits })
          : server.DELETE('/api/limits', { params: { query: { client } } }),
      ),
    onSuccess: (limits) => {
      queryClient.setQueryData(['limits', client], limits);
      void queryClient.invalidateQueries({ queryKey: ['findings'] });
    },
    onError: (error) => notice(error.message),
  });
}
