import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { bodyOf, server } from './server';
import { queryClient } from './queryClient';
import type { Clip, Reading } from './types';

/** Other ways a word may be heard, and terms that sound like it; refetched when the track changes. */
export const useReadings = (clipId: string, wordId: number | null, version: number) =>
  useQuery({
    queryKey: ['readings', clipId, wordId, version],
    queryFn: () =>
      bodyOf(
        server.GET('/api/clips/{clipId}/track/words/{wordId}/readings', {
          params: { path: { clipId, wordId: wordId! } },
        }),
      ),
    enabled: wordId !== null,
    gcTime: 10_000,
  });

export const useWorkshop = () =>
  useQuery({ queryKey: ['workshop'], queryFn: () => bodyOf(server.GET('/api/workshop')) });

/** The confidence threshold; every open track updates its marks. */
export function useUnsureBelow() {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (unsureBelow: number) => bodyOf(server.PUT('/api/workshop', { body: { unsureBelow } })),
    onSuccess: (workshop) => {
      queryClient.setQueryData(['workshop'], workshop);
      return queryClient.invalidateQueries({ queryKey: ['track'] });
    },
    onError: (error) => notice(error.message),
  });
}

/** The language that a text is likely in, or none. */
export const useGuess = (text: string) =>
  useQuery({
    queryKey: ['guess', text],
    queryFn: () => bodyOf(server.POST('/api/languages/guess', { body: { text } })),
    enabled: text.trim().length > 2,
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

export const useSoundPeaks = (clipId: string, choice: string) =>
  useQuery({
    queryKey: ['sound peaks', clipId, choice],
    queryFn: async () => {
      const response = await fetch(`/api/clips/${clipId}/sounds/${choice}/peaks`);
      return new Uint8Array(response.ok ? await response.arrayBuffer() : new ArrayBuffer(0));
    },
    staleTime: Infinity,
  });

export const readingsNow = (clipId: string, wordId: number): Reading[] =>
  queryClient
    .getQueriesData<Reading[]>({ queryKey: ['readings', clipId, wordId] })
    .map(([, data]) => data)
    .findLast((data) => data !== undefined) ?? [];

/** Whether somebody speaks in the sound that is listened to; undefined until that is known. */
export const useSpeech = (clip: Clip, asked: boolean) =>
  useQuery({
    queryKey: ['speech', clip.id, clip.sound],
    queryFn: () =>
      bodyOf(server.GET('/api/clips/{clipId}/speech', { params: { path: { clipId: clip.id } } })),
    enabled: asked && clip.sounds > 0,
    staleTime: Infinity,
  }).data?.speech;
