import { useQuery } from '@tanstack/react-query';
import { useChoices } from './choices';
import { bodyOf, server } from '../api/server';
import type { Policy, PolicyView } from '../api/types';

/** Writing policies, and those chosen for the next draft in this browser. */
export function usePolicies() {
  const { policies, setPolicies } = useChoices();
  const all =
    useQuery({
      queryKey: ['policies'],
      queryFn: () => bodyOf(server.GET('/api/policies')),
      staleTime: Infinity,
    }).data ?? [];
  const chosen = policies ?? all.filter((p) => p.draft === 'AT_FIRST').map((p) => p.policy);
  const choose = (view: PolicyView, on: boolean) => setPolicies(withPolicy(all, chosen, view, on));
  return { all, chosen, choose };
}

/** In the order of all: one that is chosen takes its opposite away. */
export function withPolicy(all: PolicyView[], chosen: Policy[], view: PolicyView, on: boolean): Policy[] {
  const now = new Set<Policy>(chosen);
  if (!on) now.delete(view.policy);
  else {
    now.add(view.policy);
    if (view.opposite) now.delete(view.opposite);
  }
  return all.map((p) => p.policy).filter((p) => now.has(p));
}
