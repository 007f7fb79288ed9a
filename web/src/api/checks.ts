import { useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { call } from './http';
import { queryClient } from './queryClient';
import type { CalmProposal, CheckKind, Found, Limits, ValuePart } from './types';

/** All kinds of findings. */
export const useCheckKinds = () =>
  useQuery({
    queryKey: ['checks'],
    queryFn: () => call<CheckKind[]>('GET', '/api/checks'),
    staleTime: Infinity,
  });

/**
 * The findings of a clip's track; earlier findings are shown until the new ones arrive.
 *
 * @param measured changes when more was measured
 */
export const useFindings = (id: string, version: number | undefined, measured: string) =>
  useQuery({
    queryKey: ['findings', id, version, measured],
    queryFn: () => call<Found>('GET', `/api/clips/${id}/findings`),
    enabled: version !== undefined,
    // Looks up the rest of the words meanwhile.
    refetchInterval: (query) => (query.state.data?.lookingUp ? 1500 : false),
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

/** The calmest positions for these cues. @param measured changes when more was measured */
export const useCalm = (id: string, version: number, measured: boolean, cueIds: number[] | null) =>
  useQuery({
    queryKey: ['calm', id, version, measured, cueIds],
    queryFn: () =>
      call<CalmProposal>('GET', `/api/clips/${id}/calm${cueIds ? `?cueIds=${cueIds.join(',')}` : ''}`),
    enabled: measured,
    placeholderData: (before) => before,
    gcTime: 10_000,
  });

const of = (client: number | undefined) => (client === undefined ? '' : `?client=${client}`);

/** The limits of checks for a client's clips. */
export const useLimits = (client: number | undefined) =>
  useQuery({ queryKey: ['limits', client], queryFn: () => call<Limits>('GET', `/api/limits${of(client)}`) });

/** All limits with their ranges. */
export const useLimitParts = () =>
  useQuery({
    queryKey: ['limits', 'parts'],
    queryFn: () => call<ValuePart[]>('GET', '/api/limits/parts'),
    staleTime: Infinity,
  });

/** Saves the limits; null resets them to the defaults. */
export function useSetLimits(client: number | undefined) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (limits: Limits | null) =>
      call<Limits>(limits ? 'PUT' : 'DELETE', `/api/limits${of(client)}`, limits ?? undefined),
    onSuccess: (limits) => {
      queryClient.setQueryData(['limits', client], limits);
      void queryClient.invalidateQueries({ queryKey: ['findings'] });
    },
    onError: (error) => notice(error.message),
  });
}
