const SOON_MS = 1;

/**
 * Calls when the page has nothing else to do. Safari's engine has no such call: there it is a timer that lets events and
 * the next frame go first.
 *
 * @returns what cancels it
 */
export function whenIdle(then: () => void): () => void {
  const { requestIdleCallback: request } = globalThis as {
    requestIdleCallback?: Window['requestIdleCallback'];
  };
  if (request) {
    const handle = request(then);
    return () => globalThis.cancelIdleCallback(handle);
  }
  const timer = setTimeout(then, SOON_MS);
  return () => clearTimeout(timer);
}
