import { RotateCcw, X } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { useChoices } from '../state/choices';
import { usePanels } from '../state/panels';
import { ACTIONS, keysOf, type Action } from './actions';
import { comboOf, refusedCombo } from './combo';

const COLUMNS: Action['group'][][] = [
  ['Listen', 'Step'],
  ['Go', 'Break'],
  ['Write', 'Time'],
];
const TYPING: [string, string][] = [
  ['Enter', 'Keep it'],
  ['Esc', 'Leave it as it was'],
  ['Ctrl Enter', 'Keep it and type in the next cue'],
  ['Alt Enter', 'Split the cue at the caret'],
  ['Shift Enter', 'Break the line at the caret, in place of the recipe’s breaks'],
  ['Backspace', 'At the start: join with the one before'],
  ['Ctrl Space', 'Hear this cue again'],
];

/** Every key; a click on one changes it. */
export function KeysDialog() {
  const open = usePanels((s) => s.keys);
  const close = () => usePanels.getState().set({ keys: false });
  const { keys, setKeys } = useChoices();
  const [asking, setAsking] = useState<string | null>(null);
  const [said, setSaid] = useState('');

  const onKey = (e: React.KeyboardEvent) => {
    if (!asking) return;
    e.preventDefault();
    e.stopPropagation();
    if (e.key === 'Escape') {
      setAsking(null);
      return;
    }
    const combo = comboOf(e.nativeEvent);
    const refused = refusedCombo(e, combo);
    if (refused !== null) {
      setSaid(refused);
      return;
    }
    const taken = ACTIONS.find((a) => a.id !== asking && keysOf(a, keys).includes(combo));
    if (taken) {
      setSaid(`${combo} is already: ${taken.label}. Change that one first.`);
      return;
    }
    setKeys(asking, [combo]);
    setAsking(null);
    setSaid('');
  };

  return (
    <Dialog.Root open={open} onOpenChange={(now) => !now && close()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-stage/40" />
        <Dialog.Content
          aria-describedby={undefined}
          onKeyDownCapture={onKey}
          onEscapeKeyDown={(e) => asking && e.preventDefault()}
          className="fixed top-1/2 left-1/2 z-50 max-h-[92vh] w-[1040px] max-w-[96vw] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-xl bg-paper p-6 shadow-2xl"
        >
          <Dialog.Title className="text-lead font-semibold">Keys</Dialog.Title>
          <p className="mt-0.5 text-note text-soft" aria-live="polite">
            {asking ? said || 'Press the new key, or Esc to leave it.' : 'Click a key to change it.'}
          </p>
          <Dialog.Close aria-label="Close" className="absolute top-5 right-5 rounded-md p-1.5 hover:bg-sunk">
            <X size={18} />
          </Dialog.Close>
          <div className="mt-4 grid grid-cols-3 gap-9">
            {COLUMNS.map((groups, i) => (
              <div key={groups[0]}>
                {groups.map((group) => (
                  <section key={group} className="mb-5">
                    <h3 className="mb-1.5 font-semibold">{group}</h3>
                    <ul className="space-y-[3px]">
                      {ACTIONS.filter((a) => a.group === group).map((action) => (
                        <li key={action.id} className="flex items-baseline gap-2 text-note">
                          <span className="min-w-0 flex-1 text-soft">{action.label}</span>
                          {keys[action.id] && (
                            <button
                              aria-label={`Give “${action.label}” its default key`}
                              onClick={() => setKeys(action.id, null)}
                              className="text-soft hover:text-ink"
                            >
                              <RotateCcw size={12} />
                            </button>
                          )}
                          <button
                            aria-label={`Key of “${action.label}”: ${keysOf(action, keys).join(' or ')}`}
                            onClick={() => {
                              setAsking(action.id);
                              setSaid('');
                            }}
                            className={`flex-none rounded-md border px-2 py-px font-medium ${asking === action.id ? 'border-accent bg-tint text-accent' : 'border-rule hover:border-ink'}`}
                          >
                            {asking === action.id ? 'Press' : keysOf(action, keys)[0]}
                          </button>
                        </li>
                      ))}
                    </ul>
                  </section>
                ))}
                {i === 2 && (
                  <section>
                    <h3 className="mb-1.5 font-semibold">While typing</h3>
                    <ul className="space-y-[3px]">
                      {TYPING.map(([key, does]) => (
                        <li key={key} className="flex items-baseline gap-2 text-note">
                          <span className="min-w-0 flex-1 text-soft">{does}</span>
                          <span className="flex-none font-medium">{key}</span>
                        </li>
                      ))}
                    </ul>
                  </section>
                )}
              </div>
            ))}
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
