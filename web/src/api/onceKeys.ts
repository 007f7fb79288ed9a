import { randomId } from './randomId';

const SAME_MS = 2000;
const sent = new Map<string, { key: string; at: number }>();

/** The idempotency key of a call: the same call within two seconds is the same one, and the server does it once. */
export function onceKey(call: string): string {
  const now = performance.now();
  for (const [other, { at }] of sent) if (now - at > SAME_MS) sent.delete(other);
  const key = sent.get(call)?.key ?? randomId();
  sent.set(call, { key, at: now });
  return key;
}

/** From now on the same call is another one. */
export const forgetKeys = () => sent.clear();
