import type { Language } from '../../api/types';

/** Languages with speech recognition come first. */
export function LanguageSelect(props: {
  languages: Language[];
  value: string;
  onChange: (tag: string) => void;
}) {
  const groups = [
    { label: 'Recognised', languages: props.languages.filter((l) => l.recognised) },
    { label: 'Script or typed', languages: props.languages.filter((l) => !l.recognised) },
  ];
  return (
    <label className="flex items-center justify-between gap-3">
      <span className="flex-none text-note text-soft">Language</span>
      <select
        value={props.value}
        onChange={(e) => props.onChange(e.target.value)}
        className="min-w-0 field px-2 py-1.5"
      >
        {groups
          .filter((g) => g.languages.length > 0)
          .map((group) => (
            <optgroup key={group.label} label={group.label}>
              {group.languages.map((l) => (
                <option key={l.tag} value={l.tag}>
                  {l.name}
                </option>
              ))}
            </optgroup>
          ))}
      </select>
    </label>
  );
}
