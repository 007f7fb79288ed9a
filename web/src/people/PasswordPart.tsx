import { useState } from 'react';
import { useSetPassword } from '../api/people';
import type { Person } from '../api/types';
import { Field, Said, SendButton } from './Card';

/** Changes the password of the signed-in person. */
export function PasswordPart({ person }: { person: Person }) {
  const set = useSetPassword();
  const [now, setNow] = useState('');
  const [next, setNext] = useState('');
  return (
    <section aria-labelledby="password" className="max-w-sm">
      <h2 id="password" className="mb-1 text-title font-semibold">
        Your password
      </h2>
      <p className="mb-5 text-soft">
        You are {person.name}, and sign in as {person.email}.
      </p>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          set.mutate(
            { now, next },
            {
              onSuccess: () => {
                setNow('');
                setNext('');
              },
            },
          );
        }}
      >
        <input type="text" autoComplete="username" value={person.email} readOnly hidden />
        <Field
          label="Current password"
          type="password"
          complete="current-password"
          value={now}
          onChange={setNow}
        />
        <Field
          label="New password"
          type="password"
          complete="new-password"
          value={next}
          onChange={setNext}
          note="At least 12 characters. You are signed out everywhere else."
        />
        <SendButton busy={set.isPending}>Change the password</SendButton>
        <Said error={set.error} />
        {set.isSuccess && (
          <p role="status" className="mt-3 text-note">
            The password was changed.
          </p>
        )}
      </form>
    </section>
  );
}
