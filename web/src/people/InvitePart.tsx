import { useState } from 'react';
import { useClients } from '../api/clients';
import { useInvitations, useInvite, useWithdrawInvitation } from '../api/people';
import type { Role } from '../api/types';
import { ROLES } from './roles';
import { HandedLink } from './HandedLink';

/** Creates invitation links. */
export function InvitePart({ address }: { address: string }) {
  const [name, setName] = useState('');
  const [role, setRole] = useState<Role>('DESIGNER');
  const [clientId, setClientId] = useState<number | undefined>();
  const clients = useClients().data ?? [];
  const invite = useInvite();
  const open = useInvitations().data ?? [];
  const withdraw = useWithdrawInvitation();
  const field = 'field h-10 px-3';
  return (
    <section aria-labelledby="invite" className="mb-12">
      <h2 id="invite" className="mb-1 text-title font-semibold">
        Invite
      </h2>
      <p className="mb-4 text-soft">{ROLES[role].may}</p>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          invite.mutate({ name, role, clientId: role === 'REVIEWER' ? clientId : undefined });
        }}
      >
        <input
          aria-label="Name of the new person"
          placeholder="Name"
          value={name}
          maxLength={80}
          onChange={(e) => setName(e.target.value)}
          className={`${field} w-56`}
        />
        <select
          aria-label="Role"
          value={role}
          onChange={(e) => setRole(e.target.value as Role)}
          className={field}
        >
          {Object.entries(ROLES).map(([value, { label }]) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </select>
        {role === 'REVIEWER' && (
          <select
            aria-label="Client of the reviewer"
            required
            value={clientId ?? ''}
            onChange={(e) => setClientId(e.target.value === '' ? undefined : Number(e.target.value))}
            className={field}
          >
            <option value="">Which client?</option>
            {clients.map((client) => (
              <option key={client.id} value={client.id}>
                {client.name}
              </option>
            ))}
          </select>
        )}
        <button
          disabled={invite.isPending}
          className="h-10 rounded-full bg-accent px-5 font-medium text-on-accent hover:brightness-110 disabled:opacity-60"
        >
          Make a link
        </button>
      </form>
      {role === 'REVIEWER' && clients.length === 0 && (
        <p className="mt-2 text-note text-soft">There is no client yet. Create one in the bench of a clip.</p>
      )}
      {invite.data && (
        <HandedLink
          address={address}
          link={invite.data}
          about={`Give it to ${name || 'them'}: it works once, for anyone who has it. It is shown only now.`}
        />
      )}
      {open.length > 0 && (
        <ul className="mt-5 divide-y divide-rule border-y border-rule" aria-label="Links not used yet">
          {open.map((one) => (
            <li key={one.id} className="flex items-baseline gap-3 py-2">
              <span className="min-w-0 flex-1 truncate">
                {one.name || 'Somebody'}{' '}
                <span className="text-soft">
                  · {one.renews ? 'a new password' : ROLES[one.role].label.toLowerCase()}
                  {one.client ? ` for ${one.client}` : ''} · until{' '}
                  {new Date(one.expires).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}
                </span>
              </span>
              <button onClick={() => withdraw.mutate(one.id)} className="text-note text-accent underline">
                Withdraw
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
