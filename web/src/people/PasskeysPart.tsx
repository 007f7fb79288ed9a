import { useState } from 'react';
import { passkeysHere } from '../api/passkeys';
import { useAddPasskey, usePasskeys, useRemovePasskey } from '../api/people';
import type { Person } from '../api/types';
import { Field, Said, SendButton } from './Card';

/** The passkeys of the signed-in person, which replace the password. */
export function PasskeysPart({ person }: { person: Person }) {
  const passkeys = usePasskeys();
  const add = useAddPasskey(person);
  const remove = useRemovePasskey();
  const [label, setLabel] = useState('');
  return (
    <section aria-labelledby="passkeys" className="max-w-sm">
      <h2 id="passkeys" className="mb-1 text-title font-semibold">
        Your passkeys
      </h2>
      <p className="mb-5 text-soft">
        Sign in with the screen lock of a phone or computer, or with a security key, without password and
        code.
      </p>
      {passkeys.data !== undefined && passkeys.data.length > 0 && (
        <ul className="mb-5 divide-y divide-rule border-y border-rule">
          {passkeys.data.map((one) => (
            <li key={one.id} className="flex items-baseline gap-4 py-2">
              <span className="min-w-0 flex-1 truncate">{one.label}</span>
              <span className="text-note text-soft">
                used on {new Date(one.used).toLocaleDateString('en-GB', { dateStyle: 'medium' })}
              </span>
              <button
                aria-label={`Remove ${one.label}`}
                onClick={() => remove.mutate(one.id)}
                className="text-note text-accent underline"
              >
                Remove
              </button>
            </li>
          ))}
        </ul>
      )}
      {passkeysHere() ? (
        <form
          onSubmit={(e) => {
            e.preventDefault();
            add.mutate(label, { onSuccess: () => setLabel('') });
          }}
        >
          <Field
            label="Name of the passkey"
            value={label}
            onChange={setLabel}
            note="For example “My phone”."
          />
          <SendButton busy={add.isPending}>Add a passkey</SendButton>
          <Said error={add.error ?? remove.error} />
        </form>
      ) : (
        <p className="text-note text-soft">This browser has no passkeys here. Add one in another browser.</p>
      )}
    </section>
  );
}
