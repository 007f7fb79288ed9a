import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useJoin, useJoining, useSignIn } from '../api/people';
import { Card, Field, Said, SendButton } from './Card';
import { ROLES } from './roles';

/** Accepts an invitation: name, address and password. */
export function Join() {
  const { token = '' } = useParams();
  const joining = useJoining(token);
  const join = useJoin(token);
  const signIn = useSignIn();
  const navigate = useNavigate();
  const [typedName, setName] = useState<string | null>(null);
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  if (joining.error) {
    return (
      <Card title="This link is no longer valid">
        <p className="leading-relaxed">{joining.error.message}</p>
      </Card>
    );
  }
  if (!joining.data) return <main className="h-full" aria-busy />;
  const { role, client, by } = joining.data;
  const here = joining.data.email;
  const name = typedName ?? joining.data.name;
  const enter = async () => {
    const person = await join.mutateAsync({ name, email: here ?? email, password });
    await signIn.mutateAsync({ email: person.email, password });
    await navigate(person.role === 'REVIEWER' ? '/reviews' : '/', { replace: true });
  };
  return (
    <Card title={here ? 'A new password' : 'Join'}>
      <p className="mb-5 leading-relaxed">
        {here
          ? `For ${joining.data.name}, who signs in as ${here}.`
          : `${by ? `${by} invites you` : 'You are invited'} to this workshop as ${ROLES[role].label.toLowerCase()}${
              client ? ` for ${client}` : ''
            }. ${ROLES[role].may}`}
      </p>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          enter().catch(() => undefined);
        }}
      >
        {!here && (
          <>
            <Field label="Your name" complete="name" value={name} onChange={setName} />
            <Field
              label="E-mail address"
              type="email"
              complete="username"
              value={email}
              onChange={setEmail}
              note="You sign in with it; the workshop sends no mail."
            />
          </>
        )}
        <Field
          label="Password"
          type="password"
          complete="new-password"
          value={password}
          onChange={setPassword}
          note="At least 12 characters. A few words that do not belong together do well."
        />
        <SendButton busy={join.isPending || signIn.isPending}>
          {here ? 'Set it and sign in' : 'Join'}
        </SendButton>
        <Said error={join.error ?? signIn.error} />
      </form>
    </Card>
  );
}
