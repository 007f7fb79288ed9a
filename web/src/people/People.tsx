import { useState } from 'react';
import { useClients } from '../api/clients';
import {
  useBecome,
  useDropSecondStepOf,
  usePasswordLink,
  usePeople,
  useRemovePerson,
  useSession,
} from '../api/people';
import type { Person, Role } from '../api/types';
import { PageHeader } from '../header/PageHeader';
import { HandedLink } from './HandedLink';
import { InvitePart } from './InvitePart';
import { OfAllSwitch } from './OfAllSwitch';
import { PasskeysPart } from './PasskeysPart';
import { PasswordPart } from './PasswordPart';
import { RecordPart } from './RecordPart';
import { ROLES } from './roles';
import { SecondStepPart } from './SecondStepPart';

/** People with access and their roles; the own password. */
export function People() {
  const session = useSession().data;
  if (!session) return null;
  const me = session.person;
  return (
    <main className="min-h-full px-8 pb-16 max-[699px]:px-4">
      <title>People · Salt Drum</title>
      <PageHeader />
      <h1 className="sr-only">People</h1>
      <div className="mx-auto max-w-6xl">
        {!session.signIn && (
          <p className="max-w-xl leading-relaxed">
            Only people at this machine have access, without signing in. How to open the workshop to a team:{' '}
            <code className="rounded bg-sunk px-1.5 py-0.5 text-note">docs/running.md</code>.
          </p>
        )}
        {me?.role === 'OWNER' && (
          <>
            <List me={me} address={session.address} />
            <InvitePart address={session.address} />
            <RecordPart />
          </>
        )}
        {me && (
          <div className="grid grid-cols-2 gap-x-16 gap-y-12 max-[899px]:grid-cols-1">
            <PasswordPart person={me} />
            <div className="space-y-12">
              <SecondStepPart person={me} />
              {session.passkeys && <PasskeysPart person={me} />}
            </div>
          </div>
        )}
      </div>
    </main>
  );
}

function List({ me, address }: { me: Person; address: string }) {
  const people = usePeople();
  return (
    <section aria-labelledby="people" className="mb-12">
      <h2 id="people" className="mb-4 text-title font-semibold">
        People
      </h2>
      {people.error && <p className="text-accent">{people.error.message}</p>}
      <ul className="divide-y divide-rule border-y border-rule">
        {people.data?.map((person) => (
          <Row key={person.id} person={person} me={person.id === me.id} address={address} />
        ))}
      </ul>
      <OfAllSwitch />
    </section>
  );
}

function Row({ person, me, address }: { person: Person; me: boolean; address: string }) {
  const become = useBecome();
  const remove = useRemovePerson();
  const link = usePasswordLink();
  const drop = useDropSecondStepOf();
  const clients = useClients().data ?? [];
  const [sure, setSure] = useState(false);
  const change = (role: Role, clientId?: number) => become.mutate({ id: person.id, role, clientId });
  return (
    <li className="py-3" data-person={person.email}>
      <div className="grid grid-cols-[minmax(0,1fr)_300px_400px] items-center gap-x-6 gap-y-2 max-[899px]:grid-cols-1">
        <div className="min-w-0">
          <p className="truncate font-medium">
            {person.name} {me && <span className="font-normal text-soft">(you)</span>}
            {person.secondStep && <span className="font-normal text-soft"> with a second step</span>}
          </p>
          <p className="truncate text-note text-soft">
            {person.email} ·{' '}
            {person.seen
              ? `here on ${new Date(person.seen).toLocaleDateString('en-GB', { dateStyle: 'medium' })}`
              : 'has not signed in yet'}
          </p>
          {person.failedSignIns !== undefined && (
            <p className="text-note text-accent">
              {person.failedSignIns} wrong password{person.failedSignIns === 1 ? '' : 's'} within the last
              hour
            </p>
          )}
        </div>
        <div className="flex flex-wrap gap-2">
          <select
            aria-label={`What ${person.name} is`}
            value={person.role}
            onChange={(e) =>
              change(
                e.target.value as Role,
                e.target.value === 'REVIEWER' ? (person.clientId ?? clients[0]?.id) : undefined,
              )
            }
            className="field px-2 py-1.5"
          >
            {Object.entries(ROLES).map(([role, { label }]) => (
              <option key={role} value={role} disabled={role === 'REVIEWER' && clients.length === 0}>
                {label}
              </option>
            ))}
          </select>
          {person.role === 'REVIEWER' && (
            <select
              aria-label={`Whose things ${person.name} sees`}
              value={person.clientId}
              onChange={(e) => change('REVIEWER', Number(e.target.value))}
              className="max-w-44 field px-2 py-1.5"
            >
              {clients.map((client) => (
                <option key={client.id} value={client.id}>
                  {client.name}
                </option>
              ))}
            </select>
          )}
        </div>
        <div className="flex flex-wrap gap-x-4 gap-y-1 text-note whitespace-nowrap min-[900px]:justify-end">
          {!me && (
            <button
              onClick={() => link.mutate(person.id)}
              disabled={link.isPending}
              className="text-accent underline"
            >
              Link for a new password
            </button>
          )}
          {!me && person.secondStep && (
            <button
              onClick={() => drop.mutate(person.id)}
              title="For people who have lost the app and the recovery codes"
              className="text-accent underline"
            >
              Drop second step
            </button>
          )}
          {!me &&
            (sure ? (
              <button
                onClick={() => remove.mutate(person.id)}
                className="font-semibold text-accent underline"
              >
                Yes, remove
              </button>
            ) : (
              <button onClick={() => setSure(true)} className="text-accent underline">
                Remove
              </button>
            ))}
        </div>
      </div>
      {link.data && (
        <HandedLink
          address={address}
          link={link.data}
          about={`For ${person.name} only. It is shown only now.`}
        />
      )}
    </li>
  );
}
