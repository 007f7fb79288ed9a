import { useState } from 'react';
import {
  askWhoIsHere,
  useBeginSecondStep,
  useDropSecondStep,
  useRenewRecoveryCodes,
  useSignOut,
  useTakeSecondStep,
} from '../api/people';
import type { Person } from '../api/types';
import { Field, Said, SendButton } from './Card';
import { RecoveryCodes } from './RecoveryCodes';

/**
 * The second step of the signed-in person.
 *
 * @param first whether nothing else can be done before it is set up
 */
export function SecondStepPart({ person, first }: { person: Person; first?: boolean }) {
  const begin = useBeginSecondStep();
  const take = useTakeSecondStep();
  const renew = useRenewRecoveryCodes();
  const drop = useDropSecondStep();
  const signOut = useSignOut();
  const [password, setPassword] = useState('');
  const [code, setCode] = useState('');
  const shown = take.data ?? renew.data;
  const passwordField = (
    <Field
      label="Your password"
      type="password"
      complete="current-password"
      value={password}
      onChange={setPassword}
    />
  );
  const done = () => {
    setPassword('');
    setCode('');
    begin.reset();
    take.reset();
    renew.reset();
    if (first) signOut.mutate();
    else void askWhoIsHere();
  };
  return (
    <section aria-labelledby="second-step" className="max-w-sm">
      <h2 id="second-step" className={first ? 'sr-only' : 'mb-1 text-title font-semibold'}>
        Your second step
      </h2>
      {shown ? (
        <RecoveryCodes
          codes={shown.codes}
          done={done}
          label={first ? 'I have them: sign in' : 'I have them'}
        />
      ) : person.secondStep ? (
        <form onSubmit={(e) => e.preventDefault()}>
          <p className="mb-5 text-soft">
            You sign in with your password and a code of your app. New recovery codes replace the old ones.
          </p>
          {passwordField}
          <div className="flex flex-wrap gap-x-5 gap-y-2 text-note">
            <button
              disabled={password === ''}
              onClick={() => renew.mutate({ password })}
              className="text-accent underline disabled:opacity-50"
            >
              New recovery codes
            </button>
            <button
              disabled={password === ''}
              onClick={() => drop.mutate({ password }, { onSuccess: () => setPassword('') })}
              className="text-accent underline disabled:opacity-50"
            >
              Turn the second step off
            </button>
          </div>
          <Said error={renew.error ?? drop.error} />
        </form>
      ) : !begin.data ? (
        <>
          <p className="mb-5 text-soft">
            {first
              ? 'This workshop requires a code in addition to the password. An authenticator app on your phone makes it.'
              : 'A stolen password is then not enough: signing in also needs the code that an authenticator app on your phone shows.'}
          </p>
          <SendButton busy={begin.isPending} onClick={() => begin.mutate()}>
            Set it up
          </SendButton>
          <Said error={begin.error} />
        </>
      ) : (
        <form
          onSubmit={(e) => {
            e.preventDefault();
            take.mutate({ password, code });
          }}
        >
          <p className="mb-4 text-soft">Scan this picture with the app, or type the letters under it.</p>
          <svg
            viewBox={`-4 -4 ${begin.data.side + 8} ${begin.data.side + 8}`}
            role="img"
            aria-label="Picture for the app"
            className="mb-2 w-52 rounded-lg bg-white"
            shapeRendering="crispEdges"
          >
            <path d={begin.data.picture} fill="#000" />
          </svg>
          <p className="mb-5 text-note break-all text-soft select-all">
            {begin.data.secret.replace(/(.{4})(?!$)/g, '$1 ')}
          </p>
          {passwordField}
          <Field
            label="The code that the app shows"
            complete="one-time-code"
            value={code}
            onChange={setCode}
          />
          <SendButton busy={take.isPending}>Turn it on</SendButton>
          <Said error={take.error} />
        </form>
      )}
    </section>
  );
}
