import { useState } from 'react';
import { Refused } from '../api/http';
import { passkeysHere } from '../api/passkeys';
import { useSignIn, useSignInWithPasskey } from '../api/people';
import { Card, Field, Said, SendButton } from './Card';

/** The sign-in form. */
export function SignIn({ ownerless, passkeys }: { ownerless: boolean; passkeys: boolean }) {
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  const [code, setCode] = useState('');
  const signIn = useSignIn();
  const passkey = useSignInWithPasskey();
  const needsCode = signIn.error instanceof Refused && signIn.error.needs === 'CODE';
  const [asksCode, setAsksCode] = useState(false);
  if (needsCode && !asksCode) setAsksCode(true);
  if (ownerless) {
    return (
      <Card title="There is no owner yet">
        <p className="leading-relaxed">
          The person who set up this workshop becomes its owner with a link. The server wrote it to the file{' '}
          <code className="rounded bg-sunk px-1.5 py-0.5 text-note">data/owner-link.txt</code>, and{' '}
          <code className="rounded bg-sunk px-1.5 py-0.5 text-note">./salt-drum start</code> prints it.
        </p>
      </Card>
    );
  }
  return (
    <Card title="Sign in">
      <form
        onSubmit={(e) => {
          e.preventDefault();
          signIn.mutate(asksCode ? { email, password, code } : { email, password });
        }}
      >
        <Field label="E-mail address" type="email" complete="username" value={email} onChange={setEmail} />
        <Field
          label="Password"
          type="password"
          complete="current-password"
          value={password}
          onChange={setPassword}
        />
        {asksCode && (
          <Field
            label="Code of your app"
            complete="one-time-code"
            value={code}
            onChange={setCode}
            note="Or one of your recovery codes."
            focused
          />
        )}
        <SendButton busy={signIn.isPending}>Sign in</SendButton>
        <Said error={needsCode ? null : signIn.error} />
      </form>
      {passkeys && passkeysHere() && (
        <>
          <button
            onClick={() => passkey.mutate()}
            disabled={passkey.isPending}
            className="mt-3 w-full rounded-full border border-rule px-4 py-2.5 font-medium hover:bg-sunk"
          >
            Sign in with a passkey
          </button>
          <Said error={passkey.error} />
        </>
      )}
      <p className="mt-6 text-note text-soft">
        Forgotten? The workshop’s owner gives you a link for a new password.
      </p>
    </Card>
  );
}
