import { useRef } from 'react';
import { useChoices } from '../api/orders';

/** The pattern of file names: text with fields; a click inserts one. */
export function NamesPart(props: { pattern: string | undefined; onChange: (pattern: string) => void }) {
  const choices = useChoices();
  const field = useRef<HTMLInputElement>(null);
  if (!choices) return null;
  const pattern = props.pattern ?? choices.names;
  const put = (written: string) => {
    const at = field.current?.selectionStart ?? pattern.length;
    props.onChange(`${pattern.slice(0, at)}{${written}}${pattern.slice(at)}`);
    field.current?.focus();
  };
  return (
    <fieldset>
      <legend className="mb-2 text-head font-semibold">Names</legend>
      <input
        ref={field}
        aria-label="Names of the files"
        value={pattern}
        onChange={(e) => props.onChange(e.target.value)}
        className="field w-full px-2.5 py-1.5"
        spellCheck={false}
      />
      <p className="mt-2 flex flex-wrap gap-1.5 text-note">
        {choices.places.map((place) => (
          <button
            key={place.written}
            type="button"
            title={place.about}
            onClick={() => put(place.written)}
            className="rounded bg-sunk px-1.5 py-0.5 text-soft hover:text-ink"
          >
            {`{${place.written}}`}
          </button>
        ))}
      </p>
    </fieldset>
  );
}
