import { onceKey } from './onceKeys';

/** A refusal by the server: its message is a sentence for the person at the screen. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    message: string,
    /** What is missing for it to be done. */
    readonly needs?: string,
  ) {
    super(message);
  }
}

/** After so long the same file may be uploaded again. */
const AGAIN_MS = 2000;

export const UNREACHABLE = 'The server cannot be reached. Nothing was lost: start it again and go on.';

export async function refusal(status: number, body: string): Promise<Refused> {
  try {
    const problem = JSON.parse(body) as { detail?: string; message?: string; needs?: string };
    const said = problem.detail ?? problem.message ?? `The server answered ${status}.`;
    return new Refused(status, said, problem.needs);
  } catch {
    return new Refused(status, `The server answered ${status}. Do it again in a moment.`);
  }
}

/** The CSRF token header, if people sign in (Spring Security's cookie and header). */
export function shownToBeOurs(): Record<string, string> {
  const token = /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1];
  return token ? { 'X-XSRF-TOKEN': decodeURIComponent(token) } : {};
}

/** Called when the session has ended. */
let signedOut: () => void = () => undefined;
export const onSignedOut = (heard: () => void) => (signedOut = heard);
export const sessionEnded = () => signedOut();

export async function call<T>(method: string, path: string, body?: unknown): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      headers: {
        ...(method === 'GET' ? {} : shownToBeOurs()),
        ...(body === undefined || body instanceof URLSearchParams
          ? {}
          : { 'Content-Type': 'application/json' }),
      },
      body: body === undefined || body instanceof URLSearchParams ? body : JSON.stringify(body),
    });
  } catch {
    throw new Refused(0, UNREACHABLE);
  }
  if (response.status === 401) signedOut();
  if (!response.ok) throw await refusal(response.status, await response.text());
  const text = await response.text();
  return (text ? JSON.parse(text) : undefined) as T;
}

/** Uploads under way or just ended: the same file dropped or chosen again within a moment is the same upload. */
const uploads = new Map<string, Promise<unknown>>();

/** Uploads a file and reports the progress from 0 to 1. */
export function putFile<T>(path: string, file: File, progress: (done: number) => void): Promise<T> {
  const call = `PUT ${path} ${file.name} ${file.size} ${file.lastModified}`;
  const same = uploads.get(call);
  if (same) return same as Promise<T>;
  const upload = put<T>(path, file, onceKey(call), progress);
  uploads.set(call, upload);
  const end = () => window.setTimeout(() => uploads.delete(call), AGAIN_MS);
  upload.then(end, () => uploads.delete(call));
  return upload;
}

function put<T>(path: string, file: File, key: string, progress: (done: number) => void): Promise<T> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest();
    request.open('PUT', path);
    request.setRequestHeader('Idempotency-Key', key);
    request.setRequestHeader('Content-Type', 'application/octet-stream');
    Object.entries(shownToBeOurs()).forEach(([name, value]) => request.setRequestHeader(name, value));
    request.upload.onprogress = (e) => e.lengthComputable && progress(e.loaded / e.total);
    request.onload = async () =>
      request.status < 300
        ? resolve(JSON.parse(request.responseText) as T)
        : reject(await refusal(request.status, request.responseText));
    request.onerror = () =>
      reject(new Refused(0, `“${file.name}” did not arrive: the connection broke. Upload it again.`));
    request.send(file);
  });
}
