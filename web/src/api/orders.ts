import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { call } from './http';
import { useSettled } from '../ui/useSettled';
import { keys } from './queries';
import { queryClient } from './queryClient';
import type { Asked, Estimated, Choices, OrderedStage, OrderRow, OrderView, Plan, Receipt } from './types';

export const useOrders = () =>
  useQuery({ queryKey: keys.orders, queryFn: () => call<OrderRow[]>('GET', '/api/orders') });

export const useOneOrder = (id: string | undefined) =>
  useQuery({
    queryKey: [...keys.orders, id],
    queryFn: () => call<OrderView>('GET', `/api/orders/${id}`),
    enabled: id !== undefined,
  });

/** The files that an order would make; refetched with each change of it. */
export const usePlan = (asked: Asked) =>
  useQuery({
    queryKey: ['plan', asked],
    queryFn: () => call<Plan>('POST', '/api/orders/plan', asked),
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
    queryFn: () => call<Estimated[]>('POST', '/api/orders/estimates', settled.rest),
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
    queryFn: () => call<Choices>('GET', '/api/orders/choices'),
    staleTime: Infinity,
  }).data;

/** The receipt of a finished output; undefined for outputs older than receipts. */
export const useReceipt = (jobId: string) =>
  useQuery({
    queryKey: ['receipt', jobId],
    queryFn: () => call<Receipt>('GET', `/api/jobs/${jobId}/receipt`),
    retry: false,
    staleTime: Infinity,
  });

export const useOrderedStage = (jobId: string) =>
  useQuery({
    queryKey: ['ordered stage', jobId],
    queryFn: () => call<OrderedStage>('GET', `/api/jobs/${jobId}/stage`),
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
  useOrderChange((asked: Asked) => call<OrderView>('POST', '/api/orders', asked));

export type OrderAct = 'hold' | 'release' | 'stop' | 'again';

export const useActOnOrder = (id: string) =>
  useOrderChange((act: OrderAct) => call<OrderView>('POST', `/api/orders/${id}/${act}`));

export const useRemoveOrder = (id: string) => useOrderChange(() => call<void>('DELETE', `/api/orders/${id}`));

/** Stops or repeats one line, or moves it in the queue. */
export const useActOnLine = (jobId: string) =>
  useOrderChange((act: { act: 'stop' | 'again' } | { act: 'place'; before?: string }) =>
    call<unknown>(
      'POST',
      `/api/jobs/${jobId}/${act.act}`,
      act.act === 'place' ? { before: act.before } : undefined,
    ),
  );
