/** Sixteen random hexadecimal digits. (Browsers have randomUUID only over HTTPS and on loopback.) */
export const randomId = () =>
  Array.from(crypto.getRandomValues(new Uint8Array(8)), (byte) => byte.toString(16).padStart(2, '0')).join(
    '',
  );
