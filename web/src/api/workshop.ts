import { useQuery } from '@tanstack/react-query';
import { call } from './http';
import type { WorkView } from './types';

const EVERY_MS = 2000;

/** Where work runs, asked again while somebody looks. */
export const useWork = () =>
  useQuery({
    queryKey: ['work'],
    queryFn: () => call<WorkView>('GET', '/api/work'),
    refetchInterval: EVERY_MS,
  });
