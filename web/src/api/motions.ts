import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { bodyOf, server } from './server';
import { queryClient } from './queryClient';
import { sceneOf } from './scene';

/** The saved motions. */
export const useMotions = () =>
  useQuery({ queryKey: ['motions'], queryFn: () => bodyOf(server.GET('/api/motions')) });

/** A sample of the motion with the clip's words. @param of what else it depends on */
export const useMotionSample = (clipId: string, motion: string, cueId: number, of: string) =>
  useQuery({
    queryKey: ['motion sample', clipId, motion, cueId, of],
    queryFn: () =>
      sceneOf(
        server.GET('/api/clips/{clipId}/motions/{motion}/sample', {
          params: { path: { clipId, motion }, query: { cueId } },
        }),
      ),
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

function useMotionChange<In>(run: (input: In) => Promise<unknown>) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: run,
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ['motions'] }),
    onError: (error) => notice(error.message),
  });
}

/** Saves the motion of a clip's track. */
export const useSaveMotion = (clipId: string) =>
  useMotionChange((name: string) =>
    bodyOf(
      server.POST('/api/clips/{clipId}/motions', {
        params: { path: { clipId } },
        body: { name, over: false },
      }),
    ),
  );

/** Removes a motion from the strip, or restores it. */
export const usePutMotionAway = () =>
  useMotionChange(({ motion, away }: { motion: string; away: boolean }) =>
    bodyOf(
      away
        ? server.DELETE('/api/styles/{style}', { params: { path: { style: motion } } })
        : server.POST('/api/styles/{style}/restore', { params: { path: { style: motion } } }),
    ),
  );
