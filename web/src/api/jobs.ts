import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { keys } from './queryKeys';
import { queryClient } from './queryClient';
import { termsAreSaved } from './clients';
import { bodyOf, server } from './server';
import type { Job, WordsRequest } from './types';

const QUEUE_POLL_MS = 3000;

export const useJobs = (id: string) =>
  useQuery({
    queryKey: keys.jobs(id),
    queryFn: () => bodyOf(server.GET('/api/clips/{clipId}/jobs', { params: { path: { clipId: id } } })),
    // Its position in the queue changes with the work of other clips.
    refetchInterval: (query) =>
      query.state.data?.some((job) => job.turn !== undefined) ? QUEUE_POLL_MS : false,
  });

function useJobChange<In>(clipId: string, send: (input: In) => Promise<{ data?: Job }>) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: send,
    onSuccess: () => queryClient.invalidateQueries({ queryKey: keys.jobs(clipId) }),
    onError: (error) => notice(error.message),
  });
}

/** Recognises the words, or places a script. */
export const useOrderWords = (clipId: string) =>
  useJobChange(clipId, async (body: WordsRequest) => {
    await termsAreSaved();
    return server.POST('/api/clips/{clipId}/words', { params: { path: { clipId } }, body });
  });

/** Measures the picture and the voice. */
export const useMeasure = (clipId: string) =>
  useJobChange(clipId, () => server.POST('/api/clips/{clipId}/measure', { params: { path: { clipId } } }));

export const useTranslate = (clipId: string, language: string) =>
  useJobChange(clipId, (body: { translator: string }) =>
    server.POST('/api/clips/{clipId}/translations/{language}/translate', {
      params: { path: { clipId, language } },
      body,
    }),
  );

export const useStopJob = (job: Job) =>
  useJobChange(job.clipId, () =>
    server.POST('/api/jobs/{jobId}/stop', { params: { path: { jobId: job.id } } }),
  );
