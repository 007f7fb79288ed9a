import { useEffect, useState } from 'react';

/** Debounces a value, so that expensive requests are not sent with every click. */
export function useSettled<T>(value: T, ms: number): T {
  const [settled, setSettled] = useState(value);
  const written = JSON.stringify(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(JSON.parse(written) as T), ms);
    return () => clearTimeout(timer);
  }, [written, ms]);
  return settled;
}
