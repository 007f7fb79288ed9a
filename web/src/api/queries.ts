import { useMutation, useQuery } from '@tanstack/react-query';
import { useCallback } from 'react';
import { useNotices } from '../notices/notices';
import { bodyOf, server } from './server';
import { queryClient } from './queryClient';
import { keys } from './queryKeys';
import { sceneOf } from './scene';
import type { Track } from './types';

export const useClips = () =>
  useQuery({ queryKey: keys.clips, queryFn: () => bodyOf(server.GET('/api/clips')) });

export const useClip = (id: string) =>
  useQuery({
    queryKey: keys.clip(id),
    queryFn: () => bodyOf(server.GET('/api/clips/{clipId}', { params: { path: { clipId: id } } })),
  });

export const useTrack = (id: string) => useQuery({ queryKey: keys.track(id), queryFn: () => fetchTrack(id) });

export async function fetchTrack(id: string): Promise<Track> {
  const { head, cues } = await bodyOf(
    server.GET('/api/clips/{clipId}/track', { params: { path: { clipId: id } } }),
  );
  return { ...head, cues };
}

export const useLanguages = () =>
  useQuery({
    queryKey: ['languages'],
    queryFn: () => bodyOf(server.GET('/api/languages')),
    staleTime: Infinity,
  });

/** The options of a render. */
export const useQualities = () =>
  useQuery({
    queryKey: ['qualities'],
    queryFn: () => bodyOf(server.GET('/api/qualities')),
    staleTime: Infinity,
  });

/** Sizes that a finished picture can have in a frame, its own first. */
export const useSizes = (id: string, frame: unknown) =>
  useQuery({
    queryKey: ['sizes', id, frame],
    queryFn: () => bodyOf(server.GET('/api/clips/{clipId}/sizes', { params: { path: { clipId: id } } })),
    placeholderData: (before) => before,
  });

/** The outputs of a clip besides caption files. */
export const useOutputs = () =>
  useQuery({
    queryKey: ['outputs'],
    queryFn: () => bodyOf(server.GET('/api/outputs')),
    staleTime: Infinity,
  });

/** A query part that names the translation, or nothing for the clip's own words. */
export const inLanguage = (language: string | null) => (language ? `?language=${language}` : '');

export const useCaptionFormats = (id: string, version: number, language: string | null) =>
  useQuery({
    queryKey: ['caption formats', id, version, language],
    queryFn: () =>
      bodyOf(
        server.GET('/api/clips/{clipId}/captions', {
          params: { path: { clipId: id }, query: { language: language ?? undefined } },
        }),
      ),
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

export function useListenTo(id: string) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (sound: string) =>
      bodyOf(server.PUT('/api/clips/{clipId}/sound', { params: { path: { clipId: id } }, body: { sound } })),
    onSuccess: (clip) => queryClient.setQueryData(keys.clip(id), clip),
    onError: (error) => notice(error.message),
  });
}

export const useSample = (id: string, style: string, cueId: number, version: string) =>
  useQuery({
    queryKey: ['sample', id, style, cueId, version],
    queryFn: () =>
      sceneOf(
        server.GET('/api/clips/{clipId}/styles/{style}/sample', {
          params: { path: { clipId: id, style }, query: { cueId } },
        }),
      ),
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

/** Scales loudness so that the clip's loudest moment fills the strip. */
function toFull(peaks: Uint8Array): Uint8Array {
  const most = peaks.reduce((a, b) => Math.max(a, b), 1);
  return peaks.map((p) => Math.round((p * 255) / most));
}

export const usePeaks = (id: string, ready: boolean, sound: string | undefined) =>
  useQuery({
    queryKey: ['peaks', id, sound],
    queryFn: async () => {
      const response = await fetch(`/api/clips/${id}/peaks`);
      return toFull(new Uint8Array(response.ok ? await response.arrayBuffer() : new ArrayBuffer(0)));
    },
    enabled: ready,
    staleTime: Infinity,
  });

/** The track in the cache at the time of a click or key, without subscribing to it. */
export function useTrackNow(id: string): () => Track | undefined {
  return useCallback(() => queryClient.getQueryData<Track>(keys.track(id)), [id]);
}

export const useSpeechEdges = (id: string, ready: boolean, sound: string) =>
  useQuery({
    queryKey: ['speech edges', id, sound],
    queryFn: () =>
      bodyOf(server.GET('/api/clips/{clipId}/speech-edges', { params: { path: { clipId: id } } })),
    enabled: ready,
    staleTime: Infinity,
  });
