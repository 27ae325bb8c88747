import { useState } from 'react';
import { NavLink, Outlet } from 'react-router';
import { leads, useMe } from '../api/me';
import { CureRail } from '../shared/CureRail';
import { Find } from '../shared/Find';
import { Person } from '../shared/Person';
import { useKeys } from '../shared/keys';

const PLACES = [
  ['bench', 'Bench'],
  ['jobs', 'Jobs'],
  ['sheets', 'Spec sheets'],
] as const;
const LEADS = [...PLACES, ['shop', 'Shop']] as const;

/** The frame outside a job: the places of the shop at the left, wide paper on the mat, the rail below. */
export function Outside({ room, turn }: { room: string; turn: () => void }) {
  const [find, setFind] = useState(false);
  const places = leads(useMe()) ? LEADS : PLACES;
  useKeys('', '', () => setFind(true));
  return (
    <div className="frame wide outside">
      <nav
        aria-label="Places"
        data-region="ruler"
        className="flex min-h-0 border-r-2 border-ink bg-steel [grid-area:ruler] max-lg:border-r-0 max-lg:border-b-2
          phone:overflow-x-auto lg:flex-col"
      >
        <p className="px-4 py-5 text-[22px] font-bold max-lg:hidden">Zygotome</p>
        {places.map(([to, title]) => (
          <NavLink
            key={to}
            to={`/${to}`}
            className={({ isActive }) =>
              `flex h-[52px] items-center border-steel-edge px-4 text-[17px] max-lg:h-full max-lg:flex-1
                max-lg:justify-center max-lg:border-r max-lg:px-1 max-lg:text-[15px] phone:min-w-[92px] lg:border-t
                ${isActive ? 'border-l-[6px] border-l-tape bg-paper pl-[10px] font-bold max-lg:pl-1' : ''}`
            }
          >
            {title}
          </NavLink>
        ))}
        <div className="flex-1 border-steel-edge max-lg:hidden lg:border-t" />
        <Person room={room} turn={turn} />
      </nav>
      <main data-region="now" className="mat-grid min-h-0 overflow-y-auto bg-mat p-6 phone:p-2 [grid-area:mat]">
        <Outlet />
      </main>
      <CureRail />
      <Find open={find} onOpenChange={setFind} />
    </div>
  );
}
