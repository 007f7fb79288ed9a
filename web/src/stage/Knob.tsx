/** A handle on the stage. */
export function Knob(props: {
  label: string;
  className: string;
  onPointerDown: (e: React.PointerEvent) => void;
}) {
  return (
    <span
      title={props.label}
      data-handle={props.label}
      onPointerDown={props.onPointerDown}
      className={`absolute size-[11px] rounded-[2px] border border-[#0a1d21] bg-white ${props.className}`}
    />
  );
}
