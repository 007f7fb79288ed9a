import { useSharedWithMe } from '../api/reviews';
import type { Person } from '../api/types';
import { PersonMenu } from '../header/PersonMenu';
import { PasswordPart } from '../people/PasswordPart';
import { SecondStepPart } from '../people/SecondStepPart';
import { Mark } from '../ui/Mark';
import { VERDICTS } from './said';

/** Everything that is shared with a signed-in reviewer. */
export function Reviews({ person }: { person: Person }) {
  const shared = useSharedWithMe();
  return (
    <main className="mx-auto min-h-full max-w-3xl px-8 pb-16 max-[699px]:px-4">
      <title>Reviews · Salt Drum</title>
      <header className="flex items-center gap-3 pt-8 pb-10">
        <Mark size={34} />
        <span className="text-title font-semibold tracking-tight">Salt Drum</span>
        <span className="ml-auto" />
        <PersonMenu />
      </header>
      <h1 className="mb-1 text-title font-semibold">To look at</h1>
      <p className="mb-5 text-soft">What is shown to {person.client}.</p>
      {shared.error && <p className="text-accent">{shared.error.message}</p>}
      {shared.data?.length === 0 && <p>Nothing at present.</p>}
      <ul className="mb-14 divide-y divide-rule border-y border-rule empty:border-0">
        {shared.data?.map((one, i) => (
          <li key={one.path ?? i}>
            <a href={one.path} className="flex items-baseline gap-4 py-3 hover:text-accent">
              <span className="min-w-0 flex-1 truncate font-medium">{one.clip}</span>
              <span className="text-note text-soft">
                {one.shows === 'FILM' ? `Version ${one.round}` : 'As it is now'} ·{' '}
                {one.verdict
                  ? VERDICTS[one.verdict]
                  : one.path
                    ? 'waiting for your answer'
                    : 'ask for another link'}
              </span>
            </a>
          </li>
        ))}
      </ul>
      <div className="grid grid-cols-2 gap-x-12 gap-y-12 max-[699px]:grid-cols-1">
        <PasswordPart person={person} />
        <SecondStepPart person={person} />
      </div>
    </main>
  );
}
