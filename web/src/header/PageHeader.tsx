import type { ReactNode } from 'react';
import { NavLink } from 'react-router';
import { useSession } from '../api/people';
import { Mark } from '../ui/Mark';
import { PersonMenu } from './PersonMenu';

/** The header of all pages except the bench. */
export function PageHeader({ children }: { children?: ReactNode }) {
  const owner = useSession().data?.person?.role === 'OWNER';
  return (
    <header className="mx-auto flex max-w-6xl flex-wrap items-center gap-x-3 gap-y-2 pt-8 pb-8">
      <Mark size={34} />
      <span className="text-title font-semibold tracking-tight">Salt Drum</span>
      <nav aria-label="Pages" className="ml-6 flex gap-1 max-[699px]:ml-0">
        {[
          { to: '/', label: 'Clips' },
          { to: '/orders', label: 'Orders' },
          { to: '/workshop', label: 'Workshop' },
          ...(owner ? [{ to: '/people', label: 'People' }] : []),
        ].map((page) => (
          <NavLink
            key={page.to}
            to={page.to}
            end={page.to === '/'}
            className={({ isActive }) =>
              `relative px-3 py-2 ${isActive ? 'font-semibold' : 'text-soft hover:text-ink'}`
            }
          >
            {({ isActive }) => (
              <>
                {page.label}
                {isActive && <span className="absolute inset-x-3 bottom-0.5 h-[3px] rounded bg-accent" />}
              </>
            )}
          </NavLink>
        ))}
      </nav>
      <span className="ml-auto" />
      {children}
      <PersonMenu />
    </header>
  );
}
