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
  const choose = (view: PolicyView, on: boolean) => {
    const now = new Set<Policy>(chosen);
    if (!on) now.delete(view.policy);
    else {
      now.add(view.policy);
      if (view.opposite) now.delete(view.opposite);
    }
    setPolicies(all.map((p) => p.policy).filter((p) => now.has(p)));
  };
  return { all, chosen, choose };
}
