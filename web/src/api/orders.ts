import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { bodyOf, server } from './server';
import { useSettled } from '../ui/useSettled';
import { keys } from './queryKeys';
import { queryClient } from './queryClient';
import type { Asked } from './types';

export const useOrders = () =>
  useQuery({ queryKey: keys.orders, queryFn: () => bodyOf(server.GET('/api/orders')) });

export const useOneOrder = (id: string | undefined) =>
  useQuery({
    queryKey: [...keys.orders, id],
    queryFn: () => bodyOf(server.GET('/api/orders/{orderId}', { params: { path: { orderId: id! } } })),
    enabled: id !== undefined,
  });

/** The files that an order would make; refetched with each change of it. */
export const usePlan = (asked: Asked) =>
  useQuery({
    queryKey: ['plan', asked],
    queryFn: () => bodyOf(server.POST('/api/orders/plan', { body: asked })),
    enabled: asked.clips.length > 0,
    placeholderData: (before) => before,
    retry: false,
    gcTime: 10_000,
  });

/**
 * Wait after the last change of an order before estimating it, because an estimate encodes short pieces of its clips.
 */
const SETTLE_MS = 700;

/** Estimated sizes and times of the lines of a plan; independent of names. */
export function useEstimates(asked: Asked, wanted: boolean, frame?: unknown) {
  const rest = { ...asked, pattern: undefined };
  const settled = useSettled({ rest, frame, wanted }, SETTLE_MS);
  const query = useQuery({
    queryKey: ['estimates', settled.rest, settled.frame],
    queryFn: () => bodyOf(server.POST('/api/orders/estimates', { body: settled.rest })),
    enabled: settled.wanted,
    retry: false,
    gcTime: 60_000,
  });
  const settling = wanted && JSON.stringify(settled) !== JSON.stringify({ rest, frame, wanted });
  return { data: settling ? undefined : query.data, isFetching: settling || query.isFetching };
}

/** The choices of an order: frames, sizes, rates and fields of names. */
export const useChoices = () =>
  useQuery({
    queryKey: ['choices'],
    queryFn: () => bodyOf(server.GET('/api/orders/choices')),
    staleTime: Infinity,
  }).data;

/** The receipt of a finished output; undefined for outputs older than receipts. */
export const useReceipt = (jobId: string) =>
  useQuery({
    queryKey: ['receipt', jobId],
    queryFn: () => bodyOf(server.GET('/api/jobs/{jobId}/receipt', { params: { path: { jobId } } })),
    retry: false,
    staleTime: Infinity,
  });

export const useOrderedStage = (jobId: string) =>
  useQuery({
    queryKey: ['ordered stage', jobId],
    queryFn: () => bodyOf(server.GET('/api/jobs/{jobId}/stage', { params: { path: { jobId } } })),
    staleTime: Infinity,
    gcTime: 10_000,
  });

function useOrderChange<In, Out>(run: (input: In) => Promise<Out>) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: run,
    onError: (error) => notice(error.message),
    onSettled: () => {
      void queryClient.invalidateQueries({ queryKey: keys.orders });
      void queryClient.invalidateQueries({ queryKey: ['jobs'] });
    },
  });
}

export const usePlaceOrder = () =>
  useOrderChange((asked: Asked) => bodyOf(server.POST('/api/orders', { body: asked })));

export type OrderAct = 'hold' | 'release' | 'stop' | 'again';

export const useActOnOrder = (id: string) =>
  useOrderChange((act: OrderAct) =>
    bodyOf(server.POST(`/api/orders/{orderId}/${act}`, { params: { path: { orderId: id } } })),
  );

export const useRemoveOrder = (id: string) =>
  useOrderChange(() => bodyOf(server.DELETE('/api/orders/{orderId}', { params: { path: { orderId: id } } })));

/** Stops or repeats one line, or moves it in the queue. */
export const useActOnLine = (jobId: string) =>
  useOrderChange((act: { act: 'stop' | 'again' } | { act: 'place'; before?: string }) =>
    bodyOf<unknown>(
      act.act === 'place'
        ? server.POST('/api/jobs/{jobId}/place', {
            params: { path: { jobId } },
            body: { before: act.before },
          })
        : server.POST(`/api/jobs/{jobId}/${act.act}`, { params: { path: { jobId } } }),
    ),
  );
