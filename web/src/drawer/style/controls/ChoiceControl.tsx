export interface Option {
  value: string;
  label: string;
}

export function ChoiceControl(props: {
  label: string;
  value: string;
  options: readonly Option[];
  onNow: (value: string) => void;
}) {
  return (
    <label className="flex items-center justify-between gap-2">
      <span className="min-w-0 flex-1 truncate">{props.label}</span>
      <select
        aria-label={props.label}
        value={props.value}
        onChange={(e) => props.onNow(e.target.value)}
        className="field w-36 flex-none px-1.5 py-1"
      >
        {props.options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </select>
    </label>
  );
}
