import { useAskOfAll, useSecondStepOfAll } from '../api/people';

/** Whether a second step is required of everyone. */
export function OfAllSwitch() {
  const now = useSecondStepOfAll();
  const ask = useAskOfAll();
  return (
    <label className="mt-4 flex items-baseline gap-2.5">
      <input
        type="checkbox"
        checked={(ask.isPending ? ask.variables : now.data?.ofAll) ?? false}
        disabled={!now.data || ask.isPending}
        onChange={(e) => ask.mutate(e.target.checked)}
        className="accent-accent"
      />
      <span>
        Require a second step of everyone{' '}
        <span className="text-note text-soft">People without one sign in again and set it up first.</span>
      </span>
    </label>
  );
}
