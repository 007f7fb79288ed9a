import { useState } from 'react';

const KEPT = 'reviewer';

/** The name under which somebody speaks who has not signed in; this browser remembers it. */
export function useMyName(me: string | null): [string, (name: string) => void] {
  const [name, setName] = useState(() => me ?? localStorage.getItem(KEPT) ?? '');
  return [
    me ?? name,
    (typed) => {
      setName(typed);
      localStorage.setItem(KEPT, typed);
    },
  ];
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
