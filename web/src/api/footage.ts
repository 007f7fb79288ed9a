import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { putFile } from './http';
import { bodyOf, server } from './server';
import { keys } from './queryKeys';
import { queryClient } from './queryClient';
import type { Clip, Job } from './types';

/** Address of a clip's video; it changes with the footage. */
export const playedFrom = (clip: Clip) => `/api/clips/${clip.id}/video?footage=${clip.footage}`;

const told = (clip: Clip) => ['footage', clip.id, clip.footage];

/** The result for the words when the clip got other footage. */
export const useFootage = (clip: Clip) =>
  useQuery({
    queryKey: told(clip),
    queryFn: () =>
      bodyOf(server.GET('/api/clips/{clipId}/footage', { params: { path: { clipId: clip.id } } })),
  });

export function useReplaceFootage(clip: Clip, progress: (done: number) => void) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (file: File) =>
      putFile<Job>(`/api/clips/${clip.id}/footage?name=${encodeURIComponent(file.name)}`, file, progress),
    onError: (error) => notice(error.message),
    onSettled: () => queryClient.invalidateQueries({ queryKey: keys.jobs(clip.id) }),
  });
}

export function useNoteFootage(clip: Clip) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: () =>
      bodyOf(server.DELETE('/api/clips/{clipId}/footage', { params: { path: { clipId: clip.id } } })),
    onError: (error) => notice(error.message),
    onSettled: () => queryClient.invalidateQueries({ queryKey: told(clip) }),
  });
}
