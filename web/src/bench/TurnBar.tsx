import { usePanels, type Turn } from '../state/panels';
import { STEPS, type StepName } from '../state/steps';

/** Switches between score and stage below 1100 pixels, and the drawer below 700. */
export function TurnBar({ step }: { step: StepName }) {
  const turn = usePanels((s) => s.turn);
  const { set } = usePanels.getState();
  const button = (one: Turn, label: string, shown: string) => (
    <button
      aria-pressed={one === turn}
      onClick={() => set({ turn: one })}
      // In the wide layout, whose drawer has its own column, this tab shows the score.
      className={`flex-1 border-t-[3px] ${shown} ${
        one === turn
          ? 'border-accent font-semibold text-ink'
          : turn === 'drawer' && one === 'score'
            ? 'border-transparent text-soft min-[700px]:border-accent min-[700px]:font-semibold min-[700px]:text-ink'
            : 'border-transparent text-soft'
      }`}
    >
      {label}
    </button>
  );
  return (
    <nav
      aria-label="In view"
      className="flex h-12 flex-none border-t border-rule bg-paper min-[1100px]:hidden"
    >
      {button('score', 'Score', '')}
      {button('stage', 'Stage', '')}
      {button('drawer', STEPS.find((s) => s.step === step)!.label, 'min-[700px]:hidden')}
    </nav>
  );
}
