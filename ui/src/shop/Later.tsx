import { Navigate, useParams } from 'react-router';

const COMING: Record<string, [string, string]> = {
  calculators: [
    'Calculators',
    'Here will be each computation by itself: throw conversion, linkage, travel, balance, cures, power. The stages use them already.',
  ],
  practice: [
    'Practice',
    'Here will be a made-up aircraft on blue tape, to learn on. Nothing practised is ever recorded in a job.',
  ],
  shop: [
    'Shop',
    'Here the shop will keep its people, instruments, adhesives and schools. Until then they are read from the shop file.',
  ],
};

/** A place that is not built yet says what will be there. */
export function Later() {
  const place = COMING[useParams().later ?? ''];
  if (!place) return <Navigate to="/jobs" replace />;
  return (
    <div className="max-w-[640px] border-2 border-ink bg-paper p-6 text-ink">
      <h1 className="pb-2 text-[27px] leading-tight font-bold">{place[0]}</h1>
      <p className="text-[18px]">Not built yet. {place[1]}</p>
    </div>
  );
}
