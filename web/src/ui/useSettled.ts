import { useEffect, useState } from 'react';

/** A value once it has stood still for a while: what costs something is not asked for with every click. */
export function useSettled<T>(value: T, ms: number): T {
  const [settled, setSettled] = useState(value);
  const written = JSON.stringify(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(JSON.parse(written) as T), ms);
    return () => clearTimeout(timer);
  }, [written, ms]);
  return settled;
}
