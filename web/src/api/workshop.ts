import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { call } from './http';
import { queryClient } from './queryClient';
import type { Going, Retention, Storage, WorkView } from './types';

const WORK_MS = 2000;
const STORAGE_MS = 15_000;

/** Workers and queues, polled while the page is open. */
export const useWork = () =>
  useQuery({
    queryKey: ['work'],
    queryFn: () => call<WorkView>('GET', '/api/work'),
    refetchInterval: WORK_MS,
  });

export const useStorage = () =>
  useQuery({
    queryKey: ['storage'],
    queryFn: () => call<Storage>('GET', '/api/storage'),
    refetchInterval: STORAGE_MS,
  });

/** Files that these retention limits would delete. */
export const useGoing = (retention: Retention, enabled: boolean) =>
  useQuery({
    queryKey: ['storage', 'going', retention],
    queryFn: () => call<Going[]>('POST', '/api/storage/going', retention),
    enabled,
    placeholderData: (before) => before,
  });

export function useKeep() {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (retention: Retention) => call<Storage>('PUT', '/api/storage/retention', retention),
    onSuccess: (storage) => queryClient.setQueryData(['storage'], storage),
    onError: (error) => notice(error.message),
  });
}
