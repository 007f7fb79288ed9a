import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { bodyOf, server } from './server';
import { queryClient } from './queryClient';
import type { Retention } from './types';

const WORK_MS = 2000;
const STORAGE_MS = 15_000;

/** Workers and queues, polled while the page is open. */
export const useWork = () =>
  useQuery({
    queryKey: ['work'],
    queryFn: () => bodyOf(server.GET('/api/work')),
    refetchInterval: WORK_MS,
  });

export const useStorage = () =>
  useQuery({
    queryKey: ['storage'],
    queryFn: () => bodyOf(server.GET('/api/storage')),
    refetchInterval: STORAGE_MS,
  });

/** Files that these retention limits would delete. */
export const useGoing = (retention: Retention, enabled: boolean) =>
  useQuery({
    queryKey: ['storage', 'going', retention],
    queryFn: () => bodyOf(server.POST('/api/storage/going', { body: retention })),
    enabled,
    placeholderData: (before) => before,
  });

export function useKeep() {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (retention: Retention) => bodyOf(server.PUT('/api/storage/retention', { body: retention })),
    onSuccess: (storage) => queryClient.setQueryData(['storage'], storage),
    onError: (error) => notice(error.message),
  });
}
