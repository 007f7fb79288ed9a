import { call, Refused } from './http';

const bytes = (text: string) =>
  Uint8Array.from(atob(text.replace(/-/g, '+').replace(/_/g, '/')), (c) => c.charCodeAt(0));
const text = (buffer: ArrayBuffer) =>
  btoa(String.fromCharCode(...new Uint8Array(buffer)))
    .replace(/\+/g, '-')
    .replace(/\//g, '_')
    .replace(/=+$/, '');

/** Whether this browser has passkeys at all; they need HTTPS, or this machine. */
export const passkeysHere = () => 'PublicKeyCredential' in window;

/** Replaces the browser's technical messages if a person cancels or has no passkey. */
async function shownBy<T>(asked: Promise<Credential | null>): Promise<T> {
  try {
    const credential = await asked;
    if (credential) return credential as T;
  } catch (error) {
    if (error instanceof DOMException && error.name === 'InvalidStateError')
      throw new Error('This device already has a passkey for your account.');
  }
  throw new Error('No passkey was given. Nothing was changed.');
}

interface Named {
  id: string;
  type: PublicKeyCredentialType;
}
const named = (all: Named[] | undefined) => all?.map((one) => ({ ...one, id: bytes(one.id) }));

type Options<T> = Omit<T, 'challenge'> & { challenge: string };

/** Creates a passkey and sends its public key to the workshop. */
export async function addPasskey(who: { name: string; email: string }, label: string) {
  const options = await call<
    Options<PublicKeyCredentialCreationOptions> & { user: { id: string }; excludeCredentials?: Named[] }
  >('POST', '/webauthn/register/options');
  const made = await shownBy<PublicKeyCredential>(
    navigator.credentials.create({
      publicKey: {
        ...options,
        challenge: bytes(options.challenge),
        // As the person is called, not by the number that the workshop knows them by.
        user: { id: bytes(options.user.id), name: who.email, displayName: who.name },
        excludeCredentials: named(options.excludeCredentials),
      },
    }),
  );
  const response = made.response as AuthenticatorAttestationResponse;
  await call<unknown>('POST', '/webauthn/register', {
    publicKey: {
      credential: {
        id: made.id,
        rawId: text(made.rawId),
        response: {
          attestationObject: text(response.attestationObject),
          clientDataJSON: text(response.clientDataJSON),
          transports: response.getTransports?.() ?? [],
        },
        type: made.type,
        clientExtensionResults: made.getClientExtensionResults(),
        authenticatorAttachment: made.authenticatorAttachment,
      },
      label,
    },
  });
}

/** Signs in with one of the passkeys that the browser knows for this workshop. */
export async function signInWithPasskey() {
  const options = await call<Options<PublicKeyCredentialRequestOptions> & { allowCredentials?: Named[] }>(
    'POST',
    '/webauthn/authenticate/options',
  );
  const shown = await shownBy<PublicKeyCredential>(
    navigator.credentials.get({
      publicKey: {
        ...options,
        challenge: bytes(options.challenge),
        allowCredentials: named(options.allowCredentials),
      },
    }),
  );
  const response = shown.response as AuthenticatorAssertionResponse;
  await call<unknown>('POST', '/login/webauthn', {
    id: shown.id,
    rawId: text(shown.rawId),
    response: {
      authenticatorData: text(response.authenticatorData),
      clientDataJSON: text(response.clientDataJSON),
      signature: text(response.signature),
      userHandle: response.userHandle ? text(response.userHandle) : undefined,
    },
    credType: shown.type,
    clientExtensionResults: shown.getClientExtensionResults(),
    authenticatorAttachment: shown.authenticatorAttachment,
  }).catch((error: unknown) => {
    throw error instanceof Refused && error.status === 401
      ? new Error('This passkey is no longer registered here. Sign in with your password.')
      : error;
  });
}
