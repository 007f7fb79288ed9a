import { useInfiniteQuery, useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { call } from './http';
import { bodyOf, server } from './server';
import { addPasskey, signInWithPasskey } from './passkeys';
import { queryClient } from './queryClient';
import type { Person, Role } from './types';

const SESSION = ['session'];

export const askWhoIsHere = () => queryClient.invalidateQueries({ queryKey: SESSION });

/** The signed-in person, and whether signing in is required. */
export const useSession = () =>
  useQuery({
    queryKey: SESSION,
    queryFn: () => bodyOf(server.GET('/api/session')),
    staleTime: 60_000,
  });

/** Clears all data of the previous person. */
async function begin() {
  queryClient.removeQueries({ predicate: ({ queryKey }) => queryKey[0] !== SESSION[0] });
  await askWhoIsHere();
}

export const useSignIn = () =>
  useMutation({
    mutationFn: (who: { email: string; password: string; code?: string }) =>
      call<void>('POST', '/api/session', new URLSearchParams(who)),
    onSuccess: begin,
  });

export const useSignOut = () =>
  useMutation({ mutationFn: () => call<void>('DELETE', '/api/session'), onSettled: begin });

export const useSetPassword = () =>
  useMutation({
    mutationFn: (passwords: { now: string; next: string }) =>
      bodyOf(server.PUT('/api/session/password', { body: passwords })),
  });

export const useJoining = (token: string) =>
  useQuery({
    queryKey: ['joining', token],
    queryFn: () => bodyOf(server.GET('/api/joining/{token}', { params: { path: { token } } })),
    retry: false,
    staleTime: Infinity,
  });

export const useJoin = (token: string) =>
  useMutation({
    mutationFn: (who: { name: string; email: string; password: string }) =>
      bodyOf(server.POST('/api/joining/{token}', { params: { path: { token } }, body: who })),
  });

export const usePeople = () =>
  useQuery({ queryKey: ['people'], queryFn: () => bodyOf(server.GET('/api/people')) });

export const useInvitations = () =>
  useQuery({ queryKey: ['invitations'], queryFn: () => bodyOf(server.GET('/api/invitations')) });

/** Refreshes the owner's data. */
function told() {
  void queryClient.invalidateQueries({ queryKey: ['people'] });
  void queryClient.invalidateQueries({ queryKey: ['invitations'] });
  void queryClient.invalidateQueries({ queryKey: ['record'] });
}

function usePeopleChange<In, Out>(run: (input: In) => Promise<Out>) {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: run,
    onError: (error) => notice(error.message),
    onSettled: told,
  });
}

export const useInvite = () =>
  usePeopleChange((who: { name: string; role: Role; clientId?: number }) =>
    bodyOf(server.POST('/api/invitations', { body: who })),
  );

export const useWithdrawInvitation = () =>
  usePeopleChange((id: number) =>
    bodyOf(server.DELETE('/api/invitations/{invitationId}', { params: { path: { invitationId: id } } })),
  );

export const useBecome = () =>
  usePeopleChange(({ id, ...rest }: { id: number; role: Role; clientId?: number }) =>
    bodyOf(server.PUT('/api/people/{personId}/role', { params: { path: { personId: id } }, body: rest })),
  );

export const useRemovePerson = () =>
  usePeopleChange((id: number) =>
    bodyOf(server.DELETE('/api/people/{personId}', { params: { path: { personId: id } } })),
  );

export const usePasswordLink = () =>
  usePeopleChange((id: number) =>
    bodyOf(server.POST('/api/people/{personId}/link', { params: { path: { personId: id } } })),
  );

const SECOND_STEP = '/api/session/second-step' as const;

/** The data for an authenticator app. */
export const useBeginSecondStep = () => useMutation({ mutationFn: () => bodyOf(server.POST(SECOND_STEP)) });

export const useTakeSecondStep = () =>
  useMutation({
    mutationFn: (asked: { password: string; code: string }) =>
      bodyOf(server.PUT(SECOND_STEP, { body: asked })),
    onSuccess: told,
  });

export const useRenewRecoveryCodes = () =>
  useMutation({
    mutationFn: (asked: { password: string }) =>
      bodyOf(server.POST(`${SECOND_STEP}/recovery-codes`, { body: asked })),
  });

export const useDropSecondStep = () =>
  useMutation({
    mutationFn: (asked: { password: string }) => bodyOf(server.POST(`${SECOND_STEP}/off`, { body: asked })),
    onSuccess: () => {
      told();
      return askWhoIsHere();
    },
  });

export const useSecondStepOfAll = () =>
  useQuery({
    queryKey: ['second step of all'],
    queryFn: () => bodyOf(server.GET('/api/people/second-step')),
  });

export function useAskOfAll() {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (ofAll: boolean) => bodyOf(server.PUT('/api/people/second-step', { body: { ofAll } })),
    onSuccess: (now) => {
      queryClient.setQueryData(['second step of all'], now);
      told();
    },
    onError: (error) => notice(error.message),
  });
}

/** The record, the newest entry first; {@code before} an entry. */
export const useRecord = () =>
  useInfiniteQuery({
    queryKey: ['record'],
    queryFn: ({ pageParam }) =>
      bodyOf(server.GET('/api/people/record', { params: { query: { before: pageParam || undefined } } })),
    initialPageParam: 0,
    getNextPageParam: (last) => (last.length < 50 ? undefined : last[last.length - 1].id),
  });

export const useDropSecondStepOf = () =>
  usePeopleChange((id: number) =>
    bodyOf(server.DELETE('/api/people/{personId}/second-step', { params: { path: { personId: id } } })),
  );

const PASSKEYS = ['passkeys'];

export const usePasskeys = () =>
  useQuery({ queryKey: PASSKEYS, queryFn: () => bodyOf(server.GET('/api/session/passkeys')) });

function usePasskeyChange<In>(run: (input: In) => Promise<void>) {
  return useMutation({
    mutationFn: run,
    onSettled: () => {
      told();
      return queryClient.invalidateQueries({ queryKey: PASSKEYS });
    },
  });
}

export const useAddPasskey = (who: Person) => usePasskeyChange((label: string) => addPasskey(who, label));

export const useRemovePasskey = () =>
  usePasskeyChange((id: string) =>
    bodyOf(server.DELETE('/api/session/passkeys/{passkeyId}', { params: { path: { passkeyId: id } } })),
  );

export const useSignInWithPasskey = () => useMutation({ mutationFn: signInWithPasskey, onSuccess: begin });
