import { useShop } from '../api/queries';
import { Catalogue } from './Catalogue';
import { Memory } from './Memory';
import { People } from './People';

/** The house itself, for its leads: who works here, and what it remembers. */
export function Shop() {
  const { data } = useShop();
  return (
    <div className="max-w-[1040px] border-2 border-ink bg-paper text-ink">
      <div className="flex flex-wrap items-baseline justify-between gap-x-5 border-b-2 border-ink px-5 py-4">
        <h1 className="text-[27px] leading-tight font-bold">{data?.name ?? 'Shop'}</h1>
        <p className="text-[16px] text-pencil">{data && `days and hours of ${data.timeZone}`}</p>
      </div>
      <People />
      <Catalogue />
      <Memory />
    </div>
  );
}
