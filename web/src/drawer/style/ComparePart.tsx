import { Columns3 } from 'lucide-react';
import type { Style } from '../../api/types';
import { MOST_COMPARED, useCompare } from '../../state/compare';

/** Chooses the styles to compare. */
export function ComparePart({ styles }: { styles: Style[] }) {
  const chosen = useCompare((s) => s.chosen);
  if (chosen === null) {
    return (
      <button
        onClick={() => useCompare.setState({ chosen: [] })}
        className="mt-2.5 flex items-center gap-2 text-note text-soft hover:text-ink"
      >
        <Columns3 size={15} /> Compare some
      </button>
    );
  }
  const toggle = (name: string, on: boolean) =>
    useCompare.setState({ chosen: on ? [...chosen, name] : chosen.filter((c) => c !== name) });
  return (
    <fieldset className="mt-2.5 rounded-lg bg-sunk p-3 text-note">
      <legend className="sr-only">Styles to compare</legend>
      <p className="mb-1.5 text-soft">Two to four, side by side on this clip:</p>
      {styles.map(({ name }) => (
        <label key={name} className="flex items-center gap-2 py-0.5">
          <input
            type="checkbox"
            checked={chosen.includes(name)}
            disabled={!chosen.includes(name) && chosen.length >= MOST_COMPARED}
            onChange={(e) => toggle(name, e.target.checked)}
            className="accent-accent"
          />
          {name}
        </label>
      ))}
      <div className="mt-2 flex gap-3">
        <button
          disabled={chosen.length < 2}
          onClick={() => useCompare.setState({ open: true })}
          className="text-accent underline disabled:text-soft disabled:no-underline"
        >
          Play side by side
        </button>
        <button onClick={() => useCompare.setState({ chosen: null })} className="underline">
          Cancel
        </button>
      </div>
    </fieldset>
  );
}
