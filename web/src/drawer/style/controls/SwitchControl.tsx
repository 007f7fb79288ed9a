import { Switch } from 'radix-ui';

export function SwitchControl(props: { label: string; value: boolean; onNow: (value: boolean) => void }) {
  return (
    <label className="flex items-center justify-between gap-2 py-0.5">
      <span className="min-w-0 flex-1 truncate">{props.label}</span>
      <Switch.Root
        checked={props.value}
        onCheckedChange={props.onNow}
        aria-label={props.label}
        className="h-5 w-9 flex-none rounded-full bg-rule data-[state=checked]:bg-accent"
      >
        <Switch.Thumb className="block size-4 translate-x-0.5 rounded-full bg-paper transition-transform data-[state=checked]:translate-x-[18px]" />
      </Switch.Root>
    </label>
  );
}
