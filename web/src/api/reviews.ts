import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { withBitmaps } from './bitmaps';
import { bodyOf, server } from './server';
import { queryClient } from './queryClient';
import type { Remark, Shared, SharedStage } from './types';

const ofClip = (clipId: string) => ['reviews', clipId];

/** The reviews of a clip with their remarks, placed in the captions of a version. */
export const useReviews = (clipId: string, version: number | undefined) =>
  useQuery({
    queryKey: [...ofClip(clipId), version],
    queryFn: () => bodyOf(server.GET('/api/clips/{clipId}/reviews', { params: { path: { clipId } } })),
    enabled: version !== undefined,
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

function useReviewChange<In, Out>(clipId: string, run: (input: In) => Promise<Out>) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: run,
    onError: (error) => notice(error.message),
    onSettled: () => queryClient.invalidateQueries({ queryKey: ofClip(clipId) }),
  });
}

export const useHandOut = (clipId: string) =>
  useReviewChange(clipId, (asked: { jobId?: string; language?: string; days: number; note: string }) =>
    bodyOf(server.POST('/api/clips/{clipId}/reviews', { params: { path: { clipId } }, body: asked })),
  );

export const useShowNext = (clipId: string) =>
  useReviewChange(clipId, ({ id, jobId }: { id: string; jobId: string }) =>
    bodyOf(
      server.PUT('/api/reviews/{reviewId}/film', { params: { path: { reviewId: id } }, body: { jobId } }),
    ),
  );

export const useWithdraw = (clipId: string) =>
  useReviewChange(clipId, (id: string) =>
    bodyOf(server.POST('/api/reviews/{reviewId}/withdraw', { params: { path: { reviewId: id } } })),
  );

/** Replaces a link; the old one stops working. */
export const useRelink = (clipId: string) =>
  useReviewChange(clipId, (id: string) =>
    bodyOf(server.POST('/api/reviews/{reviewId}/link', { params: { path: { reviewId: id } } })),
  );

export const useSettle = (clipId: string) =>
  useReviewChange(clipId, ({ id, settled }: { id: number; settled: boolean }) =>
    bodyOf(
      server.PUT('/api/remarks/{remarkId}/settled', {
        params: { path: { remarkId: id } },
        body: { settled },
      }),
    ),
  );

const ASKED_AGAIN_MS = 10_000;

/** The contents of a link, polled while the page is open. */
export const useShared = (token: string) =>
  useQuery({
    queryKey: ['shared', token],
    queryFn: () => bodyOf(server.GET('/api/shared/{token}', { params: { path: { token } } })),
    retry: false,
    refetchInterval: (query) => (query.state.error ? false : ASKED_AGAIN_MS),
  });

export const useSharedStage = (token: string, shared: Shared | undefined) =>
  useQuery({
    queryKey: ['shared stage', token],
    queryFn: async () => {
      const stage = await bodyOf(server.GET('/api/shared/{token}/stage', { params: { path: { token } } }));
      return { ...stage, scene: await withBitmaps(stage.scene) };
    },
    enabled: shared?.shows === 'STAGE',
    refetchInterval: ASKED_AGAIN_MS,
    // A stage that did not change is painted no second time.
    structuralSharing: (before, now) =>
      (before as SharedStage | undefined)?.version === (now as SharedStage).version ? before : now,
  });

export interface Saying {
  author: string;
  kind: Remark['kind'];
  atMs?: number;
  wordId?: number;
  text: string;
}

export const useSay = (token: string) =>
  useMutation({
    mutationFn: (said: Saying) =>
      bodyOf(server.POST('/api/shared/{token}/remarks', { params: { path: { token } }, body: said })),
    onSuccess: (shared) => queryClient.setQueryData(['shared', token], shared),
  });

/** Everything that is shared with the client of the signed-in person. */
export const useSharedWithMe = () =>
  useQuery({ queryKey: ['shared'], queryFn: () => bodyOf(server.GET('/api/shared')) });
