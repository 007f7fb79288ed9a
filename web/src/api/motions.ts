import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { call } from './http';
import { queryClient } from './queryClient';
import { callScene } from './scenes';
import type { Motion } from './types';

/** The saved motions. */
export const useMotions = () =>
  useQuery({ queryKey: ['motions'], queryFn: () => call<Motion[]>('GET', '/api/motions') });

/** A sample of the motion with the clip's words. @param of what else it depends on */
export const useMotionSample = (clipId: string, motion: string, cueId: number, of: string) =>
  useQuery({
    queryKey: ['motion sample', clipId, motion, cueId, of],
    queryFn: () =>
      callScene('GET', `/api/clips/${clipId}/motions/${encodeURIComponent(motion)}/sample?cueId=${cueId}`),
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
  useMotionChange((name: string) => call('POST', `/api/clips/${clipId}/motions`, { name, over: false }));

/** Removes a motion from the strip, or restores it. */
export const usePutMotionAway = () =>
  useMotionChange(({ motion, away }: { motion: string; away: boolean }) =>
    call(away ? 'DELETE' : 'POST', `/api/styles/${encodeURIComponent(motion)}${away ? '' : '/restore'}`),
  );
