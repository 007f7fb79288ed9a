import { create } from 'zustand';

const KEPT = 'reviewer';

const useName = create<{ name: string }>(() => ({ name: localStorage.getItem(KEPT) ?? '' }));

function setName(name: string) {
  useName.setState({ name });
  localStorage.setItem(KEPT, name);
}

/** The name of a visitor, entered once for the whole page; the browser remembers it. */
export function useMyName(me: string | null): [string, (name: string) => void] {
  const name = useName((s) => s.name);
  return [me ?? name, setName];
}

export function NameField({ name, onChange }: { name: string; onChange: (name: string) => void }) {
  return (
    <input
      aria-label="Your name"
      placeholder="Your name"
      autoComplete="name"
      value={name}
      maxLength={80}
      onChange={(e) => onChange(e.target.value)}
      className="h-10 min-w-0 flex-1 field px-3"
    />
  );
}
