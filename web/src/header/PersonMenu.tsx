import { CircleUserRound } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useNavigate } from 'react-router';
import { useSession, useSignOut } from '../api/people';

/** The signed-in person and sign-out; empty if sign-in is off. */
export function PersonMenu() {
  const person = useSession().data?.person;
  const signOut = useSignOut();
  const navigate = useNavigate();
  if (!person) return null;
  const item = 'cursor-pointer rounded-md px-3 py-1.5 outline-none data-[highlighted]:bg-sunk';
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label={`You are ${person.name}`}
        className="flex items-center gap-2 rounded-full px-3 py-2 hover:bg-sunk"
      >
        <CircleUserRound size={18} className="text-soft" />
        <span className="max-w-36 truncate">{person.name}</span>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          sideOffset={6}
          className="z-30 min-w-44 rounded-xl border border-rule bg-paper p-1.5 shadow-lg"
        >
          <DropdownMenu.Item className={item} onSelect={() => void navigate('/people')}>
            {person.role === 'OWNER' ? 'People and your password' : 'Your password'}
          </DropdownMenu.Item>
          <DropdownMenu.Item
            className={item}
            onSelect={() => signOut.mutate(undefined, { onSettled: () => void navigate('/') })}
          >
            Sign out
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
