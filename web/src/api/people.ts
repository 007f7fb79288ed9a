import { useInfiniteQuery, useMutation, useQuery } from '@tanstack/react-query';
import { useNotices } from '../notices/notices';
import { call } from './http';
import { addPasskey, signInWithPasskey } from './passkeys';
import { queryClient } from './queryClient';
import type {
  AuditEntry,
  Invitation,
  InvitationLink,
  Joining,
  Passkey,
  Person,
  RecoveryCodes,
  Role,
  SecondStepBegun,
  Session,
} from './types';

const SESSION = ['session'];

export const askWhoIsHere = () => queryClient.invalidateQueries({ queryKey: SESSION });

/** The signed-in person, and whether signing in is required. */
export const useSession = () =>
  useQuery({
    queryKey: SESSION,
    queryFn: () => call<Session>('GET', '/api/session'),
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
      call<void>('PUT', '/api/session/password', passwords),
  });

export const useJoining = (token: string) =>
  useQuery({
    queryKey: ['joining', token],
    queryFn: () => call<Joining>('GET', `/api/joining/${token}`),
    retry: false,
    staleTime: Infinity,
  });

export const useJoin = (token: string) =>
  useMutation({
    mutationFn: (who: { name: string; email: string; password: string }) =>
      call<Person>('POST', `/api/joining/${token}`, who),
  });

export const usePeople = () =>
  useQuery({ queryKey: ['people'], queryFn: () => call<Person[]>('GET', '/api/people') });

export const useInvitations = () =>
  useQuery({ queryKey: ['invitations'], queryFn: () => call<Invitation[]>('GET', '/api/invitations') });

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
    call<InvitationLink>('POST', '/api/invitations', who),
  );

export const useWithdrawInvitation = () =>
  usePeopleChange((id: number) => call<void>('DELETE', `/api/invitations/${id}`));

export const useBecome = () =>
  usePeopleChange(({ id, ...rest }: { id: number; role: Role; clientId?: number }) =>
    call<Person>('PUT', `/api/people/${id}/role`, rest),
  );

export const useRemovePerson = () =>
  usePeopleChange((id: number) => call<void>('DELETE', `/api/people/${id}`));

export const usePasswordLink = () =>
  usePeopleChange((id: number) => call<InvitationLink>('POST', `/api/people/${id}/link`));

const SECOND_STEP = '/api/session/second-step';

/** The data for an authenticator app. */
export const useBeginSecondStep = () =>
  useMutation({ mutationFn: () => call<SecondStepBegun>('POST', SECOND_STEP) });

export const useTakeSecondStep = () =>
  useMutation({
    mutationFn: (asked: { password: string; code: string }) => call<RecoveryCodes>('PUT', SECOND_STEP, asked),
    onSuccess: told,
  });

export const useRenewRecoveryCodes = () =>
  useMutation({
    mutationFn: (asked: { password: string }) =>
      call<RecoveryCodes>('POST', `${SECOND_STEP}/recovery-codes`, asked),
  });

export const useDropSecondStep = () =>
  useMutation({
    mutationFn: (asked: { password: string }) => call<void>('POST', `${SECOND_STEP}/off`, asked),
    onSuccess: () => {
      told();
      return askWhoIsHere();
    },
  });

export const useSecondStepOfAll = () =>
  useQuery({
    queryKey: ['second step of all'],
    queryFn: () => call<{ ofAll: boolean }>('GET', '/api/people/second-step'),
  });

export function useAskOfAll() {
  const notice = useNotices((s) => s.say);
  return useMutation({
    mutationFn: (ofAll: boolean) => call<{ ofAll: boolean }>('PUT', '/api/people/second-step', { ofAll }),
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
      call<AuditEntry[]>('GET', `/api/people/record${pageParam ? `?before=${pageParam}` : ''}`),
    initialPageParam: 0,
    getNextPageParam: (last) => (last.length < 50 ? undefined : last[last.length - 1].id),
  });

export const useDropSecondStepOf = () =>
  usePeopleChange((id: number) => call<void>('DELETE', `/api/people/${id}/second-step`));

const PASSKEYS = ['passkeys'];

export const usePasskeys = () =>
  useQuery({ queryKey: PASSKEYS, queryFn: () => call<Passkey[]>('GET', '/api/session/passkeys') });

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
  usePasskeyChange((id: string) => call<void>('DELETE', `/api/session/passkeys/${id}`));

export const useSignInWithPasskey = () => useMutation({ mutationFn: signInWithPasskey, onSuccess: begin });
