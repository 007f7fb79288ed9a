export interface Option {
  value: string;
  label: string;
}

export function ChoiceControl(props: {
  label: string;
  value: string;
  options: readonly Option[];
  /** The label is only said, not shown. */
  wide?: boolean;
  onNow: (value: string) => void;
}) {
  return (
    <label className="flex items-center justify-between gap-2">
      {!props.wide && <span className="min-w-0 flex-1 truncate">{props.label}</span>}
      <select
        aria-label={props.label}
        value={props.value}
        onChange={(e) => props.onNow(e.target.value)}
        className={`field px-1.5 py-1 ${props.wide ? 'min-w-0 flex-1' : 'w-36 flex-none'}`}
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
