import { usePanels, type Turn } from '../state/panels';
import { stepNamed, STEPS, type StepName } from '../state/steps';

/** Below 1100 pixels score and stage take turns, below 700 the drawer too: what is in view is chosen here. */
export function TurnBar({ step }: { step: StepName }) {
  const turn = usePanels((s) => s.turn);
  const { set } = usePanels.getState();
  const labels: Record<Turn, string> = {
    score: 'Score',
    stage: 'Stage',
    drawer: STEPS.find((s) => s.step === stepNamed(step))!.label,
  };
  // Where the drawer has a place of its own, whoever chose it sees the score beside it.
  const chosen = (one: Turn) => (turn === 'drawer' && one === 'score' ? 'beside' : one === turn);
  return (
    <nav
      aria-label="In view"
      className="flex h-12 flex-none border-t border-rule bg-paper min-[1100px]:hidden"
    >
      {(Object.keys(labels) as Turn[]).map((one) => (
        <button
          key={one}
          aria-pressed={one === turn}
          onClick={() => set({ turn: one })}
          className={`relative flex-1 ${one === 'drawer' ? 'min-[700px]:hidden' : ''} ${
            chosen(one) === true
              ? 'font-semibold text-ink'
              : chosen(one) === 'beside'
                ? 'text-soft min-[700px]:font-semibold min-[700px]:text-ink'
                : 'text-soft'
          }`}
        >
          {labels[one]}
          {chosen(one) && (
            <span
              className={`absolute inset-x-6 top-0 h-[3px] rounded-b bg-accent ${
                chosen(one) === 'beside' ? 'max-[699px]:hidden' : ''
              }`}
            />
          )}
        </button>
      ))}
    </nav>
  );
}
